import { useNavigate } from "react-router";
import { toast } from "sonner";
import type { Plan, Roast } from "../../../core/formats/roast";
import { type Comparison, planByWay, type Way } from "../../../core/methods/compare";
import { formatDuration, formatMass } from "../../../core/units/quantity";
import { changeRoast } from "../../../storage/roasts";
import { database } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { type Answer, useComparisons } from "./useComparisons";

const percent = (share: number | null): string => (share === null ? "–" : `${Math.round(share * 100)} %`);

function aheadWords(minutes: number | null): string {
  if (minutes === null) return "–";
  if (Math.abs(minutes) < 3) return "together";
  return `${minutes > 0 ? "breast" : "leg"} ${Math.round(Math.abs(minutes))} min before`;
}
function skinWords(browning: number): string {
  if (browning < 0.5) return "pale";
  if (browning < 0.9) return "light gold";
  return browning < 1.9 ? "golden" : "dark: watch it";
}

const ROWS: readonly { readonly name: string; readonly why: string; read(comparison: Comparison): string }[] = [
  {
    name: "Breast and leg done",
    why: "at 70 °C in their centres",
    read: ({ breastAheadMin }) => aheadWords(breastAheadMin),
  },
  {
    name: "Juices kept, breast",
    why: "a tendency, by heat and time",
    read: ({ juicesBreast }) => percent(juicesBreast),
  },
  { name: "Juices kept, leg", why: "", read: ({ juicesLeg }) => percent(juicesLeg) },
  { name: "Skin", why: "salted and dried beforehand", read: ({ browning }) => skinWords(browning) },
  { name: "Oven taken", why: "preheating counted", read: ({ ovenMin }) => formatDuration(ovenMin * 60) },
  { name: "Work at the board", why: "before the oven", read: ({ boardMin }) => `${boardMin} min` },
  { name: "Whole at the table", why: "", read: ({ wholeAtTable }) => (wholeAtTable ? "yes" : "no") },
];

/** Ways to cook this very bird, each simulated: what it gives, what it costs, and one tap to take it. */
export function CompareBoard({ roast }: { readonly roast: Roast }) {
  const { units } = usePreferences();
  const navigate = useNavigate();
  const compared = useComparisons(roast.plan);
  const done = compared.flatMap(({ answer }) => (answer.kind === "compared" ? [answer.comparison.roastMin] : []));
  const longest = Math.max(1, ...done);
  const store = (plan: Plan): Promise<Roast> => changeRoast(database(), roast.id, (before) => ({ ...before, plan }));
  const take = async (way: Way): Promise<void> => {
    const before = roast.plan;
    try {
      await store(planByWay(before, way));
      toast.success(`${way.name} is the plan now`, {
        action: { label: "Undo", onClick: () => void store(before) },
      });
      await navigate(`/roast/${roast.id}/plan`);
    } catch (error) {
      toast.error(`That was not stored: ${error instanceof Error ? error.message : String(error)}`);
    }
  };
  const isPlan = (way: Way): boolean =>
    way.cut === roast.plan.bird.cut && JSON.stringify(way.stages) === JSON.stringify(roast.plan.stages);
  return (
    <div className="grid gap-3 py-2">
      <h1 className="text-3xl">
        Ways to cook this {formatMass(roast.plan.bird.massKg, units)} {roast.plan.bird.species}
      </h1>
      <p className="text-soft">
        Each is simulated for this bird, pulled so that the rest just carries it to your targets. In the oven for:
      </p>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[860px] table-fixed text-left text-[0.95rem]">
          <thead>
            <tr>
              <th className="w-44" />
              {compared.map(({ way }) => (
                <th key={way.id} scope="col" className="px-2 pb-1 align-bottom font-display text-lg leading-tight">
                  {way.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row" className="pr-2 align-top font-semibold">
                Roasting time
              </th>
              {compared.map(({ way, answer }) => (
                <td key={way.id} className="px-2 pb-2 align-bottom">
                  <Time answer={answer} longest={longest} />
                </td>
              ))}
            </tr>
            {ROWS.map((row) => (
              <tr key={row.name} className="border-t border-line">
                <th scope="row" className="py-1.5 pr-2 align-top font-semibold">
                  {row.name}
                  {row.why && <span className="block text-sm font-normal text-soft">{row.why}</span>}
                </th>
                {compared.map(({ way, answer }) => (
                  <td key={way.id} className="px-2 py-1.5 align-top">
                    {answer.kind === "compared" ? row.read(answer.comparison) : ""}
                  </td>
                ))}
              </tr>
            ))}
            <tr className="border-t border-line">
              <th scope="row" className="sr-only">
                Take it
              </th>
              {compared.map(({ way }) => (
                <td key={way.id} className="px-2 py-3 align-top">
                  {isPlan(way) ? (
                    <b>your plan</b>
                  ) : (
                    <Button onClick={() => void take(way)} aria-label={`Take it: ${way.name}`}>
                      Take it
                    </Button>
                  )}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </div>
      <p className="text-sm text-soft">
        Coarse simulations, for comparing; the plan computes the one you take more finely, with its doubt. Juices and
        skin are tendencies of a model, not of one plate.
      </p>
    </div>
  );
}

/** The time as a bar against the longest: shorter is sooner. */
function Time({ answer, longest }: { readonly answer: Answer; readonly longest: number }) {
  if (answer.kind === "waiting") return <span className="text-soft">simulating …</span>;
  if (answer.kind === "failed") return <span className="text-ember">{answer.why}</span>;
  const { roastMin } = answer.comparison;
  return (
    <>
      <div aria-hidden className="flex h-28 items-end">
        <div className="w-full rounded-t-lg bg-ember" style={{ height: `${(roastMin / longest) * 100}%` }} />
      </div>
      <b className="text-xl">{formatDuration(roastMin * 60)}</b>
    </>
  );
}
