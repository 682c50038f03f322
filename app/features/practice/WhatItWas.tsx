import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import type { Roast } from "../../../core/plan/roast";
import { highestTargetC } from "../../../core/plan/targets";
import type { Debrief } from "../../../core/practice/practice";
import { minutesBetween } from "../../../core/units/time";
import { CentreChart } from "../../chart/CentreChart";
import { useSize } from "../../chart/useSize";
import { database } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";

/** What the bird truly was at each moment, beside what was read of its breast. */
export function WhatItWas({ roast, answer }: { readonly roast: Roast; readonly answer: Debrief }) {
  const { id, plan, happened } = roast;
  const { units } = usePreferences();
  const { ref, width, height } = useSize<HTMLDivElement>();
  const readings = useLiveQuery(() => database().readings.where({ roastId: id }).sortBy("at"), [id]);
  const { inAt = "" } = happened;
  const inAtMs = Date.parse(inAt);
  const beside = useMemo(() => {
    const points = (readings ?? [])
      .filter(({ part, side }) => part === "breast" && side !== "left")
      .map(({ at, celsius }) => ({ minute: minutesBetween(inAt, at), celsius }));
    return points.length > 1 ? { name: "as read", points } : null;
  }, [readings, inAt]);
  return (
    <section aria-label="What it was at each moment">
      <h2 className="text-xl">What it was at each moment</h2>
      <div ref={ref} className="h-64 max-w-3xl overflow-hidden">
        {width > 0 && (
          <CentreChart
            history={answer.history}
            targetC={highestTargetC(plan)}
            pullMinute={answer.asItWent.outMin}
            inAtMs={inAtMs}
            zone={plan.zone}
            units={units}
            width={width}
            height={height}
            {...(beside && { beside })}
          />
        )}
      </div>
    </section>
  );
}
