import { useState } from "react";
import type { Centre } from "../../../core/bird/solid";
import { changeableAt, finishMin, SAME_WITHIN_MIN, type WhatIfAnswer, type WhatIfId } from "../../../core/day/whatIf";
import type { EnsembleOptions } from "../../../core/forecast/ensemble";
import type { Forecast } from "../../../core/forecast/forecast";
import { heatNow } from "../../../core/plan/heats";
import type { Roast } from "../../../core/plan/roast";
import { MINUTE_MS } from "../../../core/units/time";
import { clockTime } from "../../../words/time";
import { whatIfName } from "../../../words/whatIf";
import { useHabits, usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { ClosesSheet, Sheet } from "../../ui/Sheet";
import { useNow } from "../../ui/useNow";
import { useWhatIfs } from "./useWhatIfs";

interface Props {
  readonly roast: Roast;
  readonly options: EnsembleOptions;
  /** Null before a reading: then it is the usual bird that is cooked on. */
  readonly forecast: Forecast | null;
  /** When it is there as it is, minutes since it went in; infinite where it never is. */
  readonly asIsMin: number;
  onTake(name: string, id: WhatIfId): void;
}

/** What if: each change cooked on in the computer before the hand touches anything. */
export function WhatIfSheet(props: Props) {
  return (
    <Sheet opens="What if …" title="What if …">
      <Choices {...props} />
    </Sheet>
  );
}

function Choices({ roast, options, forecast, asIsMin, onTake }: Props) {
  const { units } = usePreferences();
  const now = useNow();
  // The moment it was opened: while it is looked at, nothing moves under the finger.
  const [then] = useState(() => ({ forecast, asIsMin, changeable: changeableAt(roast, now) }));
  const { answers, changes } = useWhatIfs({ options, forecast: then.forecast, changeable: then.changeable });
  const { plan } = roast;
  const heat = heatNow(roast);
  const inAtMs = Date.parse(roast.happened.inAt ?? "");
  if (answers.fault) return <Caution>That could not be simulated: {answers.fault}</Caution>;
  if (!answers.answer) return <p className="text-lg text-soft">Cooking each of them on …</p>;
  const [asIs, ...others] = answers.answer;
  if (!asIs) return null;
  return (
    <>
      <p className="text-lg">
        As it is: <Finish answer={asIs} asIsMin={then.asIsMin} inAtMs={inAtMs} zone={plan.zone} />
      </p>
      <ul className="grid gap-3">
        {others.map((answer) => {
          const { id } = answer;
          const changed = id === "as-is" ? undefined : changes.get(id);
          if (id === "as-is" || !changed) return null;
          const name = whatIfName(id, { ...plan, heat }, changed, units);
          return (
            <li key={id} className="grid gap-2 rounded-2xl border border-line p-3">
              <h3 className="text-xl">{name}</h3>
              <p>
                <Finish answer={answer} asIsMin={then.asIsMin} inAtMs={inAtMs} zone={plan.zone} />
              </p>
              {changed.leaves.length > 0 && plan.bird.cut !== "parts" && (
                <p className="text-sm text-soft">
                  Counted as if the joint were still closed: what goes back may be done sooner.
                </p>
              )}
              <ClosesSheet>
                <Button size="stove" className="justify-self-start" onClick={() => onTake(name, id)}>
                  Done: {name[0]?.toLowerCase()}
                  {name.slice(1)}
                </Button>
              </ClosesSheet>
            </li>
          );
        })}
      </ul>
      <p className="text-sm text-soft">
        {then.forecast
          ? "Simulated from the bird that your readings point to; its doubt is that of the forecast."
          : "Simulated on the usual bird of its kind: once there is a reading, on yours."}{" "}
        Tap when you have done it: it becomes the plan.
      </p>
    </>
  );
}

interface FinishProps {
  readonly answer: WhatIfAnswer;
  /** Minute at which it is there as it is. */
  readonly asIsMin: number;
  readonly inAtMs: number;
  readonly zone: string;
}

/** When all of it is there, held against leaving it as it is, what comes first by how much, and what of the juice is left. */
function Finish({ answer, asIsMin, inAtMs, zone }: FinishProps) {
  const reader = useHabits();
  const { laterMin, juicesMore } = answer;
  const done = finishMin(answer, asIsMin);
  if (!Number.isFinite(done)) return <>not done in the next five hours</>;
  const { breast, thigh } = answer.doneMin as Partial<Record<Centre, number>>;
  const gap = breast !== undefined && thigh !== undefined ? Math.round(thigh - breast) : null;
  const juice = juicesMore === null || laterMin === null ? 0 : Math.round(100 * juicesMore);
  const isSame = laterMin !== null && Math.abs(laterMin) < SAME_WITHIN_MIN;
  return (
    <>
      {laterMin !== null && isSame && juice === 0 ? (
        <b>No difference to speak of</b>
      ) : (
        <>
          <b>{clockTime(inAtMs + done * MINUTE_MS, zone, reader)}</b>
          {laterMin !== null &&
            Number.isFinite(laterMin) &&
            (isSame ? ", no later" : `, ${Math.round(Math.abs(laterMin))} min ${laterMin > 0 ? "later" : "sooner"}`)}
        </>
      )}
      {gap !== null &&
        Number.isFinite(gap) &&
        (Math.abs(gap) < SAME_WITHIN_MIN
          ? "; breast and thigh together"
          : `; ${gap > 0 ? "breast" : "thigh"} ${Math.abs(gap)} min first`)}
      {juice !== 0 && `; ${Math.abs(juice)} % ${juice > 0 ? "more" : "less"} juice in the breast`}
    </>
  );
}
