/** What a bird is heated in, from when to when. */
import { type HeatSource, isFire } from "../heat/sources";
import { heatsOf } from "../plan/heats";
import type { Plan } from "../plan/schema";
import { HOUR_MS } from "../units/time";
import type { Schedule } from "./backward";
import type { Chore } from "./chore";

/** One stage of the heat, as long as it lasts. */
interface HeatedSpan {
  readonly heat: HeatSource;
  readonly airC: number;
  readonly startMs: number;
  readonly endMs: number;
}

/** A stage begins when it was simulated to; one that waits beyond the pull never does. */
export function heatedSpans(
  plan: Plan,
  { schedule, chores }: { readonly schedule: Schedule; readonly chores: readonly Chore[] },
): readonly HeatedSpan[] {
  const heats = heatsOf(plan);
  const begins = plan.stages.flatMap(({ airC }, n) => {
    const startMs =
      n === 0 ? schedule.inAtMs : chores.find((chore) => chore.kind === "stage" && chore.n === n)?.startMs;
    return startMs === undefined ? [] : [{ heat: heats[n] as HeatSource, airC, startMs }];
  });
  return begins.map((begun, n) => ({
    ...begun,
    endMs: Math.min(begins[n + 1]?.startMs ?? schedule.latePullMs, schedule.latePullMs),
  }));
}

/** Hours over a fire. */
export const fireHours = (plan: Plan, derived: Parameters<typeof heatedSpans>[1]): number =>
  heatedSpans(plan, derived)
    .filter(({ heat }) => isFire(heat))
    .reduce((sum, { startMs, endMs }) => sum + (endMs - startMs) / HOUR_MS, 0);
