import { useState } from "react";
import type { Centre, CentreTemperatures } from "../../../core/bird/solid";
import type { Forecast } from "../../../core/forecast/assimilate";
import type { EnsembleOptions } from "../../../core/forecast/ensemble";
import { type Changed, DIAL_STEP_K, HOLD_C, type WhatIfAnswer, type WhatIfId } from "../../../core/forecast/whatIf";
import type { Plan } from "../../../core/formats/roast";
import { formatTemperature, formatTemperatureDifference, type UnitSystem } from "../../../core/units/quantity";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { Sheet } from "../../ui/Sheet";
import { clockTime } from "../../ui/time";
import { useWhatIfs } from "./useWhatIfs";

interface Props {
  readonly plan: Plan;
  readonly options: EnsembleOptions;
  readonly forecast: Forecast;
  readonly inAtMs: number;
  readonly now: number;
  readonly readC: CentreTemperatures;
  readonly units: UnitSystem;
  onTake(name: string, changed: Changed): void;
}

const MINUTE = 60_000;

const namesIn = (units: UnitSystem): Record<WhatIfId, string> => ({
  "cover-breast": "Foil over the breast",
  uncover: "Foil off",
  "oven-up": `Oven up ${formatTemperatureDifference(DIAL_STEP_K, units)}`,
  "oven-down": `Oven down ${formatTemperatureDifference(DIAL_STEP_K, units)}`,
  "turn-over": "Turn it over",
  wrap: "Wrap it tight",
  rotate: "Turn it round in the oven",
  "legs-off": "Take the legs out",
  "breast-off": "Take the breasts out",
  hold: `Hold it: oven at ${formatTemperature(HOLD_C, units)}`,
});

/** What if: each change cooked on in the computer before the hand touches anything. */
export function WhatIfSheet(props: Props) {
  return (
    <Sheet opens="What if …" title="What if …">
      <Choices {...props} />
    </Sheet>
  );
}

function Choices({ plan, options, forecast, inAtMs, now, readC, units, onTake }: Props) {
  // The moment it was opened: while it is looked at, nothing moves under the finger.
  const [then] = useState(() => ({ forecast, readC, nowMin: Math.max(1, Math.round((now - inAtMs) / MINUTE)) }));
  const { answers, changes } = useWhatIfs(plan, options, then.forecast, then.nowMin, then.readC);
  if (answers.kind === "waiting") return <p className="text-lg text-soft">Cooking each of them on …</p>;
  if (answers.kind === "failed") return <Caution>That could not be simulated: {answers.why}</Caution>;
  const [asIs, ...others] = answers.answer;
  if (!asIs) return null;
  const names = namesIn(units);
  return (
    <>
      <p className="text-lg">
        As it is: <Finish answer={asIs} inAtMs={inAtMs} zone={plan.zone} />
      </p>
      <ul className="grid gap-3">
        {others.map((answer) => {
          const changed = answer.id === "as-is" ? undefined : changes.get(answer.id);
          if (answer.id === "as-is" || !changed) return null;
          const name = names[answer.id];
          return (
            <li key={answer.id} className="grid gap-2 rounded-2xl border border-line p-3">
              <h3 className="text-xl">{name}</h3>
              <p>
                <Finish answer={answer} against={asIs} inAtMs={inAtMs} zone={plan.zone} />
              </p>
              {changed.leaves.length > 0 && plan.bird.cut !== "parts" && (
                <p className="text-sm text-soft">
                  Counted as if the joint were still closed: what goes back may be done sooner.
                </p>
              )}
              <Button size="stove" className="justify-self-start" onClick={() => onTake(name, changed)}>
                Done: {name[0]?.toLowerCase()}
                {name.slice(1)}
              </Button>
            </li>
          );
        })}
      </ul>
      <p className="text-sm text-soft">
        Simulated from the bird that your readings point to; its doubt is that of the forecast. Tap when you have done
        it: it becomes the plan.
      </p>
    </>
  );
}

const lastOf = ({ doneMin }: WhatIfAnswer): number => Math.max(...Object.values(doneMin));

interface FinishProps {
  readonly answer: WhatIfAnswer;
  readonly against?: WhatIfAnswer;
  readonly inAtMs: number;
  readonly zone: string;
}

/** When all of it is there, what comes first by how much, and what of the juice is left. */
function Finish({ answer, against, inAtMs, zone }: FinishProps) {
  const done = lastOf(answer);
  if (!Number.isFinite(done)) return <>not done in the next five hours</>;
  const { breast, thigh } = answer.doneMin as Partial<Record<Centre, number>>;
  const gap = breast !== undefined && thigh !== undefined ? Math.round(thigh - breast) : null;
  const later = against ? Math.round(done - lastOf(against)) : 0;
  const juice =
    against && answer.juicesBreast !== null && against.juicesBreast !== null
      ? Math.round(100 * (answer.juicesBreast - against.juicesBreast))
      : 0;
  return (
    <>
      <b>{clockTime(inAtMs + done * MINUTE, zone)}</b>
      {against &&
        Number.isFinite(lastOf(against)) &&
        `, ${later === 0 ? "no later" : `${Math.abs(later)} min ${later > 0 ? "later" : "sooner"}`}`}
      {gap !== null &&
        (Math.abs(gap) < 3
          ? "; breast and thigh together"
          : `; ${gap > 0 ? "breast" : "thigh"} ${Math.abs(gap)} min first`)}
      {juice !== 0 && `; ${Math.abs(juice)} % ${juice > 0 ? "more" : "less"} juice in the breast`}
    </>
  );
}
