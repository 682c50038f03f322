/** What a pot of stock is made of, in words. */
import { hasGiblets, losesBackbone } from "../core/bird/mass";
import type { Plan } from "../core/plan/schema";

/** @param isOfThisBird what comes out of it, and its backbone where that is cut out; else bones that are bought */
export function inThePot({ bird }: Pick<Plan, "bird">, isOfThisBird: boolean): readonly string[] {
  if (!isOfThisBird) return ["bones or wings of poultry"];
  return [...(hasGiblets(bird) ? ["neck", "giblets"] : []), ...(losesBackbone(bird.cut) ? ["backbone"] : [])];
}
