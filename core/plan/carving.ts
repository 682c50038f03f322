/** How a plan's birds are carved, and how long that takes. */

import { canSliceFromBone, carvingMin } from "../kitchen/cutting";
import type { Plan } from "./schema";

type Sliced = Pick<Plan, "carving" | "roasted"> & { readonly bird: Pick<Plan["bird"], "cut"> };
type Carved = Pick<Plan, "carving" | "roasted"> & { readonly bird: Pick<Plan["bird"], "cut" | "massKg" | "count"> };

/** Whether it comes to the table whole and is sliced on its bones: eaten as it is carved, it has to stand on them. */
export const slicesFromBone = ({ bird: { cut }, carving, roasted }: Sliced): boolean =>
  carving === "from-the-bone" && canSliceFromBone(cut) && roasted === "same-day";

/** Minutes of carving all of them. */
export function carveMinOf(plan: Carved): number {
  const { cut, massKg, count } = plan.bird;
  return carvingMin(cut, massKg, count, slicesFromBone(plan) ? "from-the-bone" : "off-the-bone");
}
