/** A plan with one thing different: what a cook might try next time. */

import { centresOf } from "../bird/form";
import type { Centre } from "../bird/solid";
import { turnsItself } from "../heat/sources";
import { fullStages } from "../processes/stages";
import { dialTurnK, onDialC } from "../units/dial";
import { withSalt, withSaltMethod } from "./edits";
import type { OtherwiseId } from "./roast";
import { MOST_STAGES, type Plan, TARGET_C } from "./schema";
import { waitingAgain } from "./signs";
import { aimsAtGuideline } from "./targets";

/** How the roast went, as far as a change has to know it. */
export interface Went {
  readonly outMin: number;
  readonly restMin: number;
}

const REST_STEP_MIN = 15;
const SHORTEST_REST_MIN = 10;
const LONGEST_REST_MIN = 120;
const DRY_STEP_HOURS = 24;
/** Longer than this nothing is dried (PRODUCT.md's schools: one to three days). */
const DRIEST_HOURS = 48;
/** No dial is turned further for a bird, °C (common practice). */
const HOTTEST_C = 260;
const MILDEST_C = 110;

const toFive = (minutes: number): number => 5 * Math.round(minutes / 5);

/** A small turn of what a thermometer is to show: a whole figure in the cook's own unit. */
export const targetTurnK = ({ equipment }: Pick<Plan, "equipment">): number =>
  equipment.dial === "fahrenheit" ? 5 / 1.8 : 3;

function withTargets(plan: Plan, byK: number): Plan | null {
  const targetC = Object.fromEntries(
    (Object.entries(plan.targetC) as [Centre, number][]).map(([centre, celsius]) => [centre, celsius + byK]),
  );
  const changed = { ...plan, targetC };
  // Below the guideline nothing is ever proposed.
  const canBe = Object.values(targetC).every((celsius) => celsius >= TARGET_C.least && celsius <= TARGET_C.most);
  return canBe && (byK > 0 || aimsAtGuideline(changed)) ? changed : null;
}

/** Every stage a turn of the dial hotter or cooler; null beyond what a bird is roasted at. */
export function withDial(plan: Plan, way: 1 | -1): Plan | null {
  const { dial } = plan.equipment;
  const stages = plan.stages.map((stage) => ({ ...stage, airC: onDialC(stage.airC + way * dialTurnK(dial), dial) }));
  return stages.some(({ airC }) => airC > HOTTEST_C || airC < MILDEST_C) ? null : { ...plan, stages };
}

/** From a minute on something else; stages that come later keep what they say themselves. */
function withStageAt(plan: Plan, fromMin: number, change: Partial<Plan["stages"][number]>): Plan | null {
  if (plan.stages.length >= MOST_STAGES || plan.stages.some((stage) => stage.fromMin === fromMin)) return null;
  const before = plan.stages.filter((stage) => stage.fromMin < fromMin && !stage.when);
  const airC = before.at(-1)?.airC;
  if (airC === undefined || plan.stages.some(({ when }) => when)) return null;
  return {
    ...plan,
    stages: [...before, { fromMin, airC, ...change }, ...plan.stages.slice(before.length)],
  };
}

/**
 * The plan with one thing different; null where it is so already, or cannot be. What had waited for a sign waits for it
 * again. Out at its goal is no other plan.
 */
export function planOtherwise(id: OtherwiseId, made: Plan, { outMin, restMin }: Went): Plan | null {
  const plan = { ...made, stages: waitingAgain(made.stages) };
  const { bird, heat, salt } = plan;
  const full = fullStages(plan.stages, bird.cut);
  const isCovered = full.some(({ shield, wrap }) => shield !== "none" || wrap !== "none");
  const isTurned = full.some(({ side }) => side === "down");
  const hasBreast = centresOf(bird).includes("breast");
  switch (id) {
    case "out-at-goal":
      return plan;
    case "out-warmer":
      return withTargets(plan, targetTurnK(plan));
    case "out-cooler":
      return withTargets(plan, -targetTurnK(plan));
    case "hotter":
      return withDial(plan, 1);
    case "cooler":
      return withDial(plan, -1);
    case "breast-covered":
      return isCovered || isTurned || !hasBreast || bird.cut === "parts"
        ? null
        : withStageAt(plan, toFive(outMin / 2), { shield: "breast" });
    case "uncovered":
      return isCovered
        ? { ...plan, stages: plan.stages.map((stage) => ({ ...stage, shield: "none", wrap: "none" })) }
        : null;
    case "breast-down-first": {
      if (isTurned || isCovered || bird.cut !== "whole" || turnsItself(heat)) return null;
      const turned = withStageAt(plan, toFive(outMin / 3), { side: "up" });
      const [first, ...others] = turned?.stages ?? [];
      return turned && first ? { ...turned, stages: [{ ...first, side: "down" }, ...others] } : null;
    }
    case "longer-rest": {
      // Longer than it was, and than it was meant to be.
      const longer = Math.round(Math.max(restMin, plan.restMin ?? SHORTEST_REST_MIN) + REST_STEP_MIN);
      return longer > LONGEST_REST_MIN ? null : { ...plan, restMin: longer };
    }
    case "salted":
      return salt.method === "none" && !bird.preSalted ? withSaltMethod("dry")(plan) : null;
    case "dried":
      return salt.dryHours + DRY_STEP_HOURS > DRIEST_HOURS || bird.state === "part-frozen"
        ? null
        : withSalt({ dryHours: salt.dryHours + DRY_STEP_HOURS })(plan);
  }
}
