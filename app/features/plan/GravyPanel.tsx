import {
  type Gravy,
  POTS,
  type RouxFat,
  STOCKS,
  simmeredMl,
  stockWaterMl,
  type Thickener,
  thickenedWith,
} from "../../../core/kitchen/gravy";
import type { Plan } from "../../../core/plan/schema";
import { givesGiblets, gravyPotOf } from "../../../core/schedule/stock";
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
const ROUX_FAT_WORDS: Record<RouxFat, string> = { skimmed: "skimmed fat", butter: "butter" };

function stockSays(plan: Plan, gravy: Gravy, units: UnitSystem): string {
  if (gravy.liquid === "water") return "None is simmered for this gravy: it takes water.";
  if (plan.stock === "bought") return "Unsalted, or it salts the gravy twice.";
  const isOfThisBird = givesGiblets(plan);
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
  const hasLiver = givesGiblets(plan);
  const { rouxFat = "skimmed" } = plan;
  return (
    <>
      <Fact
        label={`For ${portions.heads} at the table`}
        value={liquid(gravy.finishedMl, units)}
        note={`${spooned(thickenedWith(plan.gravy), gravy.thickenerGrams, units)} of ${thickenedWith(plan.gravy)}${gravy.fatGrams > 0 ? `, ${spooned("fat", gravy.fatGrams, units)} of ${ROUX_FAT_WORDS[rouxFat]}` : ", put in cold"}; ${liquid(gravy.drippingsMl, units)} of drippings, ${liquid(gravy.liquidMl, units)} of ${gravy.liquid}`}
      />
      <Segmented
        label="Thickened with"
        value={plan.gravy}
        choices={[
          { value: "flour", label: "Roux, liquid into it" },
          { value: "flour-into-liquid", label: "Roux, into hot liquid" },
          { value: "starch", label: "Starch slurry" },
        ]}
        onChange={(thickener) => settle((before) => ({ ...before, gravy: thickener }))}
      />
      <p className="text-sm text-soft">{THICKENER_SAYS[plan.gravy]}</p>
      {gravy.fatGrams > 0 && (
        <Segmented
          label="The roux's fat"
          value={rouxFat}
          choices={[
            { value: "skimmed", label: "Skimmed" },
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
      {hasLiver && <Why id="liver" />}
      {POTS.filter((pot) => pot !== gravyPotOf(plan, gravy)).map((pot) => (
        <Toggle
          key={pot}
          label={`Another pot: ${STOCK_NAMES[pot].toLowerCase()}`}
          checked={plan.morePots.includes(pot)}
          onChange={(on) =>
            settle((before) => ({
              ...before,
              morePots: POTS.filter((each) => (each === pot ? on : before.morePots.includes(each))).slice(0, 2),
            }))
          }
        />
      ))}
      {hasLiver && (
        <Toggle
          label="The liver goes in too"
          checked={plan.liver}
          onChange={(liver) => settle((before) => ({ ...before, liver }))}
        />
      )}
      {hasLiver && plan.liver && (
        <p className="text-sm text-soft">In for the last minutes only: boiled, it turns stock and gravy bitter.</p>
      )}
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
