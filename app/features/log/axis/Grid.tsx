import type { Plan } from "../../../../core/plan/schema";
import { highestTargetC } from "../../../../core/plan/targets";
import { MINUTE_MS } from "../../../../core/units/time";
import { hourTick } from "../../../../words/time";
import { AxisLabel } from "../../../chart/AxisLabel";
import { useHabits } from "../../../shell/preferences";
import { temperatureTicks } from "../../../ui/temperatureTicks";
import { tickStepMin, wholeTicks } from "../../../ui/time";
import { type Axis, MAIN_END, MARGIN } from "./layout";

/** Temperatures across, hours below, and the target. */
export function Grid({
  axis: { x, y, at, toMin },
  plan,
  inAtMs,
}: {
  readonly axis: Axis;
  readonly plan: Plan;
  readonly inAtMs: number;
}) {
  const reader = useHabits();
  const hours = wholeTicks(inAtMs, inAtMs + toMin * MINUTE_MS, tickStepMin(x(1) - x(0)), plan.zone);
  const targetY = y(highestTargetC(plan));
  return (
    <>
      {temperatureTicks(0, 90, reader.units).map(({ celsius, label }) => (
        <g key={label}>
          <line x1={x(0)} x2={x(toMin)} y1={y(celsius)} y2={y(celsius)} stroke="var(--line)" />
          <AxisLabel x={MARGIN.left - 8} y={y(celsius)}>
            {label}
          </AxisLabel>
        </g>
      ))}
      {hours.map((ms) => (
        <text
          key={ms}
          x={at(ms)}
          y={MAIN_END + 17}
          fontSize="12.5"
          textAnchor="middle"
          style={{ fill: "var(--ink-soft)" }}
        >
          {hourTick(ms, plan.zone, reader)}
        </text>
      ))}
      <line x1={x(0)} x2={x(toMin)} y1={targetY} y2={targetY} stroke="var(--ink)" strokeDasharray="5 3" />
    </>
  );
}
