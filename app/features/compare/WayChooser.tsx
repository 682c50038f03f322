import { Check } from "lucide-react";
import type { Cut } from "../../../core/bird/form";
import { planByWay, type Way } from "../../../core/plan/compare";
import { areStagesOf, type MethodId } from "../../../core/plan/methods";
import type { Plan } from "../../../core/plan/schema";
import { waitingAgain } from "../../../core/plan/signs";
import { formatMass, type UnitSystem } from "../../../core/units/quantity";
import { METHOD_WORDS } from "../../../words/methods";
import { CUT_NAMES } from "../../../words/names";

const byMethod = (cut: Cut, method: MethodId): string =>
  `${CUT_NAMES[cut]}, ${METHOD_WORDS[method].short.toLowerCase()}`;

/** What a way is called on the sheet. */
export function wayName(way: Way, plan: Plan, units: UnitSystem): string {
  if (way.birds === plan.bird.count) return byMethod(way.cut, way.method);
  const each = formatMass(planByWay(plan, way).bird.massKg, units);
  return way.birds > 1 ? `Two of ${each} instead` : `One of ${each} instead`;
}

/** What the plan is called there: with a heat that was edited it is no method any more. */
export const ownName = (plan: Plan): string =>
  areStagesOf(plan.method, waitingAgain(plan.stages), plan.equipment.dial)
    ? byMethod(plan.bird.cut, plan.method)
    : `${CUT_NAMES[plan.bird.cut]}, a heat of your own`;

interface Props {
  readonly plan: Plan;
  readonly ways: readonly Way[];
  readonly chosen: ReadonlySet<string>;
  readonly units: UnitSystem;
  onToggle(id: string): void;
}

/** Which ways stand on the sheet: any of them, by cut. */
export function WayChooser({ plan, ways, chosen, units, onToggle }: Props) {
  const groups = [...new Set(ways.map(({ cut }) => cut))];
  return (
    <details className="rounded-2xl border border-line bg-mist-1 px-4 py-2 print:hidden">
      <summary className="min-h-8 cursor-pointer py-1 font-semibold max-sm:py-3">
        Compare with others <span className="font-normal text-soft">({chosen.size} beside your plan)</span>
      </summary>
      <div className="grid gap-2 pb-2">
        {groups.map((cut) => (
          <fieldset key={cut} className="flex flex-wrap items-center gap-2">
            <legend className="float-left w-32 text-soft">{CUT_NAMES[cut]}</legend>
            {ways
              .filter((way) => way.cut === cut)
              .map((way) => {
                const name = wayName(way, plan, units);
                return (
                  <button
                    key={way.id}
                    type="button"
                    aria-pressed={chosen.has(way.id)}
                    aria-label={name}
                    onClick={() => onToggle(way.id)}
                    className={`inline-flex min-h-9 items-center gap-1 rounded-full border px-3 text-[0.92rem] max-sm:min-h-12 ${chosen.has(way.id) ? "border-ember bg-ember-wash font-semibold" : "border-line-strong"}`}
                  >
                    {chosen.has(way.id) && <Check aria-hidden className="size-4" />}
                    {way.birds === plan.bird.count ? METHOD_WORDS[way.method].short : name}
                  </button>
                );
              })}
          </fieldset>
        ))}
      </div>
    </details>
  );
}
