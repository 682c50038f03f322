import { hasGiblets } from "../../../core/bird/mass";
import {
  GRAVIES,
  type Gravy,
  POTS,
  type RouxFat,
  STOCKS,
  simmeredMl,
  stockWaterMl,
  type Thickener,
} from "../../../core/kitchen/gravy";
import { MOST_POTS, type Plan } from "../../../core/plan/schema";
import { givesBones, gravyPotOf } from "../../../core/schedule/stock";
import type { UnitSystem } from "../../../core/units/quantity";
import { liquid, spooned } from "../../../words/amounts";
import { capital } from "../../../words/capital";
import { allOf } from "../../../words/listing";
import { RESCUES } from "../../../words/rescues";
import { inThePot } from "../../../words/stock";
import { theBirds } from "../../../words/titles";
import { Caution } from "../../ui/Caution";
import { Fact } from "../../ui/Doubt";
import { Segmented } from "../../ui/Segmented";
import { Toggle } from "../../ui/Toggle";
import { Why } from "../../ui/Why";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

const STOCK_NAMES = {
  ahead: "Stock the evening before",
  long: "A day-long broth",
  "while-roasting": "While it roasts",
  tray: "In the drip tray",
  bought: "Bought",
} as const;
const LIQUID_SAYS = {
  stock: "Stock: the drippings leave room for it.",
  "half stock": "Half stock, half water: the drippings bring salt or fat of their own.",
  water: "Water, not stock: this bird's drippings are salty enough.",
} as const;

const THICKENER_SAYS: Record<Thickener, string> = {
  flour: "A little at a time, stirred smooth before the next: no lumps, and a colour as dark as the roux was taken.",
  "flour-into-liquid": "By the spoon into what simmers: stop when it is thick enough, and keep what is left over.",
  starch: "Half as much as flour, clear, and thick at once: stirred into cold water first, and boiled a minute only.",
};
const GRAVY_NAMES: Record<Plan["gravy"], string> = {
  flour: "Roux, liquid into it",
  "flour-into-liquid": "Roux, into hot liquid",
  starch: "Starch slurry",
  none: "No gravy",
};
const NO_GRAVY_SAYS =
  "None is made, and nothing is bought for it; the juices of the board go over the meat. A pot of stock simmers where you want one.";
const rouxFatOf = ({ rouxFat = "skimmed" }: Plan): RouxFat => rouxFat;
const ROUX_FAT_WORDS: Record<RouxFat, string> = { skimmed: "skimmed fat", butter: "butter" };

function stockSays(plan: Plan, gravy: Gravy, units: UnitSystem): string {
  if (gravy.liquid === "water") return "None is simmered for this gravy: it takes water.";
  if (plan.stock === "bought") return "Unsalted, or it salts the gravy twice.";
  const isOfThisBird = givesBones(plan);
  if (plan.stock === "tray") {
    return `${capital(allOf([...inThePot(plan, isOfThisBird), "vegetables"]))} roast under ${theBirds(plan.bird)}; water on them when the tray is dry.`;
  }
  const water = liquid(stockWaterMl(simmeredMl(gravy)), units);
  return `${capital(allOf(inThePot(plan, isOfThisBird)))} in ${water} of water, simmered ${plan.stock === "long" ? "all day, hardly moving" : "an hour"}, no salt.`;
}

/** Stock and gravy: how much of what, checked against this bird's salt, and what to do when it goes wrong. */
export function GravyPanel({ plan, derived, units }: PanelProps) {
  const { settle } = usePlanStore();
  const { gravy, portions } = derived;
  const hasLiver = hasGiblets(plan.bird) && givesBones(plan);
  const own = gravyPotOf(plan, gravy);
  const others = plan.morePots.filter((pot) => pot !== own);
  return (
    <>
      {gravy && (
        <Fact
          label={`For ${portions.heads} at the table`}
          value={liquid(gravy.finishedMl, units)}
          note={`${spooned(gravy.thickenedWith, gravy.thickenerGrams, units)} of ${gravy.thickenedWith}${gravy.fatGrams > 0 ? `, ${spooned("fat", gravy.fatGrams, units)} of ${ROUX_FAT_WORDS[rouxFatOf(plan)]}` : ", put in cold"}; ${liquid(gravy.drippingsMl, units)} of drippings, ${liquid(gravy.liquidMl, units)} of ${gravy.liquid}`}
        />
      )}
      <Segmented
        label="Thickened with"
        value={plan.gravy}
        choices={GRAVIES.map((value) => ({ value, label: GRAVY_NAMES[value] }))}
        onChange={(to) => settle((before) => ({ ...before, gravy: to }))}
      />
      <p className="text-sm text-soft">{gravy ? THICKENER_SAYS[gravy.thickener] : NO_GRAVY_SAYS}</p>
      {gravy && <OfTheGravy plan={plan} gravy={gravy} units={units} />}
      {gravy && hasLiver && <Why id="liver" />}
      {POTS.filter((pot) => pot !== own && (others.includes(pot) || others.length < MOST_POTS)).map((pot) => (
        <Toggle
          key={pot}
          label={`${gravy ? "Another pot" : "A pot"}: ${STOCK_NAMES[pot].toLowerCase()}`}
          checked={others.includes(pot)}
          onChange={(on) =>
            settle((before) => ({
              ...before,
              morePots: POTS.filter((each) => (each === pot ? on : others.includes(each))),
            }))
          }
        />
      ))}
      {gravy && hasLiver && (
        <Toggle
          label="The liver goes in too"
          checked={plan.liver}
          onChange={(liver) => settle((before) => ({ ...before, liver }))}
        />
      )}
      {gravy && hasLiver && plan.liver && (
        <p className="text-sm text-soft">In for the last minutes only: boiled, it turns stock and gravy bitter.</p>
      )}
      {gravy && <Care gravy={gravy} />}
    </>
  );
}

/** Its fat, where it is thickened with a roux, and where its stock comes from. */
function OfTheGravy({ plan, gravy, units }: Pick<PanelProps, "plan" | "units"> & { readonly gravy: Gravy }) {
  const { settle } = usePlanStore();
  return (
    <>
      {gravy.fatGrams > 0 && (
        <Segmented
          label="The roux's fat"
          value={rouxFatOf(plan)}
          choices={[
            { value: "skimmed", label: "Skimmed fat" },
            { value: "butter", label: "Butter" },
          ]}
          onChange={(fat) => settle((before) => ({ ...before, rouxFat: fat }))}
        />
      )}
      <Segmented
        label="Stock"
        value={plan.stock}
        choices={STOCKS.map((value) => ({ value, label: STOCK_NAMES[value] }))}
        onChange={(stock) => settle((before) => ({ ...before, stock }))}
      />
      <p className="text-sm text-soft">{stockSays(plan, gravy, units)}</p>
    </>
  );
}

/** What its liquid is to be, how salty it comes out, and what to do when it goes wrong. */
function Care({ gravy }: { readonly gravy: Gravy }) {
  return (
    <>
      <p className="text-sm">
        {LIQUID_SAYS[gravy.liquid]}{" "}
        <span className="text-soft">Before any is added it holds {gravy.saltPercent.toFixed(1)} % of salt.</span>
      </p>
      {gravy.liquid === "water" && <Caution>Salty drippings: taste before you season, and salt last.</Caution>}
      <h3 className="mt-1 text-sm font-semibold">If it goes wrong</h3>
      <dl className="grid gap-1 text-sm">
        {RESCUES.map(({ trouble, remedy }) => (
          <div key={trouble}>
            <dt className="inline font-semibold">{trouble}: </dt>
            <dd className="inline text-soft">{remedy}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
