/** What stands under the bird and catches what drips. */
import { constant } from "../constants";
import type { Underlay } from "../heat/covers";
import { isFire, turnsItself } from "../heat/sources";
import { fullStages } from "../processes/stages";
import { wrapsAt } from "./additions";
import { heatsOf } from "./heats";
import type { Plan } from "./schema";

/** Over a tray that nothing else keeps wet: on others lies the bird itself, or vegetables. */
const OVER_A_DRY_TRAY: readonly Underlay[] = ["rack", "deep-pan", "grate", "stand"];

/** Whether what drips would burn: over a fire, or in a hot oven. Under a wrap the bird's own juices run first, and stay. */
export function drippingsBurn(plan: Pick<Plan, "stages" | "bird" | "heat">): boolean {
  const heats = heatsOf(plan);
  const open = fullStages(plan.stages, plan.bird.cut).slice(0, wrapsAt(plan) ?? undefined);
  return open.some(({ airC, surface }, n) => {
    const heat = heats[n] ?? plan.heat;
    const isDry = turnsItself(heat) || OVER_A_DRY_TRAY.includes(surface);
    return isDry && (isFire(heat) || airC >= constant("drippingsBurnC"));
  });
}
