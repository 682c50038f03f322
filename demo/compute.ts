/** The demo's past roasts simulated: predictions by the plan's own bird, readings by a hidden one. Nothing is invented. */

import { type Probe, placeOf } from "../core/bird/probe";
import { bandShares } from "../core/forecast/band";
import { type HiddenPoint, hiddenRoast } from "../core/forecast/hiddenRoast";
import { plannedCook, pullGoalsC } from "../core/forecast/planned";
import { ensembleOptions, plannedInput } from "../core/forecast/plannedInput";
import { ovenSays } from "../core/log/ovens";
import type { Plan } from "../core/plan/schema";
import { drain } from "../core/processes/cook";
import { type Computed, type ComputedRoast, readingsOf } from "./computed";
import { planInProgress } from "./inProgress";
import { DEMO_OVENS, type Past, pastRoasts } from "./scenario";

const thousandth = (value: number): number => Math.round(1000 * value) / 1000;

export function computePrediction(plan: Plan) {
  const cook = drain(plannedCook(plannedInput(plan), "settled"));
  if (cook.kind !== "done") throw new Error("a roast of the demo does not get done");
  const goalsC = pullGoalsC(cook, plan);
  const { p10, p50, p90 } = drain(bandShares(ensembleOptions(plan, goalsC)));
  return {
    goalsC,
    predicted: {
      pullMinute: cook.pullMinute,
      shares: { p10: thousandth(p10), p50: thousandth(p50), p90: typeof p90 === "number" ? thousandth(p90) : p90 },
      atPull: {
        centresC: Object.fromEntries(
          Object.entries(cook.atPull.centresC).map(([centre, celsius]) => [centre, thousandth(celsius)]),
        ),
      },
    },
  };
}

/** Read every ten minutes from when something begins to show, until every tip shows what the pull asks. */
export function computePast({ seed, oven, plan: planned }: Pick<Past, "seed" | "oven" | "plan">): ComputedRoast {
  const plan = planned(0);
  const offsetK = oven ? DEMO_OVENS[oven].offsetK : null;
  const { predicted, goalsC } = computePrediction(plan);
  const { shownC: _, ...options } = ensembleOptions(plan, goalsC);
  const points: HiddenPoint[] = [];
  for (const point of hiddenRoast({
    options,
    seed,
    everyMin: 2,
    trouble: false,
    ...(offsetK !== null && { ovenOffsetK: offsetK }),
  })) {
    points.push(point);
    const isThere = Object.entries(point.shownC).every(
      ([probe, celsius]) => celsius >= (goalsC[placeOf(probe as Probe).part] ?? 0),
    );
    if (isThere) break;
  }
  const pulledMin = points.at(-1)?.minute ?? 0;
  const read = points.filter(({ minute }) => minute >= Math.min(60, 0.3 * pulledMin) && minute % 10 < 2);
  const probes = Object.keys(points[0]?.shownC ?? {}) as Probe[];
  const readings = {
    minutes: read.map(({ minute }) => minute),
    shownC: Object.fromEntries(probes.map((probe) => [probe, read.map(({ shownC }) => shownC[probe] as number)])),
  };
  const says = drain(ovenSays(ensembleOptions(plan, goalsC), readingsOf({ readings })));
  return {
    predicted,
    pulledMin,
    says: says && { slower: thousandth(says.slower), doubt: thousandth(says.doubt), by: says.by.map(thousandth) },
    readings,
  };
}

export const computeDemo = (): Computed => ({
  inProgress: computePrediction(planInProgress(0, "UTC")).predicted,
  past: Object.fromEntries(pastRoasts("UTC").map((past) => [past.id, computePast(past)])),
});
