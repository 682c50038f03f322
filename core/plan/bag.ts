/** A bird in a roasting bag: in which stages, and how hot it is there. */
import type { Cut } from "../bird/form";
import type { BroughtUp } from "../kitchen/broughtUp";
import { fullStages, type OvenStage } from "../processes/stages";
import { preheatedC } from "./methods";

/** Whether the bird is in a roasting bag during a stage. */
export const isInBag = (
  { stages, bird }: { readonly stages: readonly OvenStage[]; readonly bird: { readonly cut: Cut } },
  n: number,
): boolean => fullStages(stages, bird.cut)[n]?.wrap === "bag";

/** The hottest that it is while the bird is in a roasting bag, °C; null where it is in none. */
export function hottestInBagC(
  plan: BroughtUp & {
    readonly bird: { readonly cut: Cut };
    readonly preheat: { readonly airC: number | null };
    readonly stages: readonly OvenStage[];
  },
): number | null {
  const full = fullStages(plan.stages, plan.bird.cut);
  const inBagC = full.flatMap(({ wrap, airC }) => (wrap === "bag" ? [airC] : []));
  if (inBagC.length === 0) return null;
  // It goes into an oven as hot as that was made beforehand.
  return Math.max(...inBagC, ...(full[0]?.wrap === "bag" ? [preheatedC(plan)] : []));
}
