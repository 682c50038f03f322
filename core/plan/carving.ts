/** How a plan's birds are carved, and how long that takes. */

import { canSliceFromBone, carvingMin } from "../kitchen/cutting";
import type { Plan } from "./schema";

type Carved = Pick<Plan, "carving" | "roasted"> & { readonly bird: Pick<Plan["bird"], "cut" | "count"> };

/** Whether it comes to the table whole and is sliced on its bones: eaten as it is carved, it has to stand on them. */
export const slicesFromBone = ({ bird: { cut }, carving, roasted }: Carved): boolean =>
  carving === "from-the-bone" && canSliceFromBone(cut) && roasted === "same-day";

/** Minutes of carving all of them. */
export const carveMinOf = (plan: Carved): number =>
  carvingMin(plan.bird.cut, plan.bird.count, slicesFromBone(plan) ? "from-the-bone" : "off-the-bone");
