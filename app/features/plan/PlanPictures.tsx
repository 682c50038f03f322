import { memo } from "react";
import type { Plan } from "../../../core/plan/schema";
import { highestTargetC } from "../../../core/plan/targets";
import type { Schedule } from "../../../core/schedule/backward";
import { MINUTE_MS } from "../../../core/units/time";
import { CentreChart } from "../../chart/CentreChart";
import { useSize } from "../../chart/useSize";
import { usePreferences } from "../../shell/preferences";
import type { SimulatedPlan } from "../../simulation/useSimulatedPlan";
import { LivingBirdView } from "./LivingBirdView";

interface Props {
  readonly plan: Plan;
  readonly cook: NonNullable<SimulatedPlan["cook"]>;
  /** The earliest it may be done, of the expected minutes. */
  readonly earlyShare: number;
  readonly schedule: Schedule;
  readonly scrubMs: number;
}

/** The bird at the moment under the scrubber, and its deepest points all along. */
export const PlanPictures = memo(function PlanPictures({ plan, cook, earlyShare, schedule, scrubMs }: Props) {
  const { units } = usePreferences();
  const chart = useSize<HTMLDivElement>();
  const { inAtMs, latePullMs } = schedule;
  return (
    <>
      <section
        aria-label="The bird"
        className="grid grid-rows-[minmax(380px,auto)] lg:min-h-0 lg:grid-rows-[minmax(0,1fr)]"
      >
        <LivingBirdView plan={plan} cook={cook} schedule={schedule} scrubMs={scrubMs} units={units} />
      </section>
      <section aria-label="Deepest points" ref={chart.ref} className="h-[300px] overflow-hidden lg:h-auto lg:min-h-0">
        {chart.height > 0 && (
          <CentreChart
            history={cook.history}
            targetC={highestTargetC(plan)}
            pullMinute={cook.pullMinute}
            pullBand={{ p10: cook.pullMinute * earlyShare, p90: (latePullMs - inAtMs) / MINUTE_MS }}
            inAtMs={inAtMs}
            zone={plan.zone}
            units={units}
            minute={(scrubMs - inAtMs) / MINUTE_MS}
            width={chart.width}
            height={chart.height}
          />
        )}
      </section>
    </>
  );
});
