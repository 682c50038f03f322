import type { LogEvent } from "../../../../core/log/events";
import type { Plan } from "../../../../core/plan/schema";
import { useSize } from "../../../chart/useSize";
import { useHabits } from "../../../shell/preferences";
import type { LookedBack } from "../useRecord";
import { AirCurve } from "./AirCurve";
import { DishBars } from "./DishBars";
import { EventRail } from "./EventRail";
import { Grid } from "./Grid";
import { AIR_TOP, axisOf, barsOn, heightWith, MAIN_END } from "./layout";
import { MeatCurves } from "./MeatCurves";
import { ReadingDots } from "./ReadingDots";

interface Props {
  readonly back: LookedBack;
  readonly events: readonly LogEvent[];
  readonly plan: Plan;
  readonly inAtMs: number;
  /** Where it ends, as its scrubber does. */
  readonly endMin: number;
  /** The moment under the scrubber, minutes since it went in. */
  readonly minute: number;
}

/** What happened, on one axis of time: what was done, the oven's air, the readings, the birds that fit them, the plan. */
export function TimeAxis({ back, events, plan, inAtMs, endMin, minute }: Props) {
  const { units } = useHabits();
  const { ref, width } = useSize<HTMLDivElement>();
  const { outMin, observed, aside, relived, sides } = back;
  const axis = axisOf(width, inAtMs, endMin);
  const { x } = axis;
  const bars = barsOn(axis, sides);
  const air = (relived?.history ?? []).filter((point) => point.minute <= outMin);
  return (
    <div ref={ref} className="w-full">
      {width > 0 && (
        <svg
          width={width}
          height={heightWith(bars.length)}
          role="img"
          aria-label="What happened on one axis of time: what was done, the air around the bird, what was read, and the bird that fits it"
        >
          <EventRail axis={axis} events={events} />
          <AirCurve axis={axis} air={air} units={units} />
          <Grid axis={axis} plan={plan} inAtMs={inAtMs} />
          <MeatCurves axis={axis} back={back} />
          <ReadingDots axis={axis} observed={observed} aside={aside} />
          <line
            data-moment=""
            x1={x(minute)}
            x2={x(minute)}
            y1={AIR_TOP}
            y2={MAIN_END}
            stroke="var(--ink)"
            strokeWidth="1.5"
          />
          <DishBars bars={bars} />
        </svg>
      )}
    </div>
  );
}
