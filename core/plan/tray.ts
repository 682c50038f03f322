/** What stands under the bird and catches what drips. */
import { constant } from "../constants";
import type { Underlay } from "../heat/covers";
import { type HeatSource, isFire, turnsItself } from "../heat/sources";
import { fullStages } from "../processes/stages";
import { wrapsAt } from "./additions";
import { heatsOf } from "./heats";
import type { Plan } from "./schema";

/** Over a tray that is empty otherwise: on others lies the bird itself, or vegetables. */
const OVER_A_TRAY: readonly Underlay[] = ["rack", "deep-pan", "grate", "stand"];
const isOverTray = (heat: HeatSource, surface: Underlay): boolean => turnsItself(heat) || OVER_A_TRAY.includes(surface);

/** Whether it stands clear of its tray as it goes in. */
export function standsOverTray({ stages, bird, heat }: Pick<Plan, "stages" | "bird" | "heat">): boolean {
  const [first] = fullStages(stages, bird.cut);
  return first !== undefined && isOverTray(heat, first.surface);
}

/**
 * Whether what drips would burn: over a fire, or in a hot oven. Under a wrap the bird's own juices run first, and stay; a
 * dish in the tray keeps it wet too.
 */
export function drippingsBurn(plan: Pick<Plan, "stages" | "bird" | "heat" | "sides">): boolean {
  if (plan.sides.some(({ slot }) => slot === "tray")) return false;
  const heats = heatsOf(plan);
  const open = fullStages(plan.stages, plan.bird.cut).slice(0, wrapsAt(plan) ?? undefined);
  return open.some(({ airC, surface }, n) => {
    const heat = heats[n] ?? plan.heat;
    return isOverTray(heat, surface) && (isFire(heat) || airC >= constant("drippingsBurnC"));
  });
}
