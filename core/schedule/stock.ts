/** The pots of stock: what goes in them, how long they simmer, and by when. */

import { hasGiblets } from "../kitchen/cutting";
import { POTS, type Pot } from "../kitchen/gravy";
import { goesInWithIce } from "../plan/ice";
import type { Plan } from "../plan/schema";

const STOCK_MIN = 75;
/** A broth that takes the day (common practice). */
const LONG_STOCK_MIN = 8 * 60;
/** Starch or roux, the liquid, the boil. */
export const THICKEN_MIN = 12;

/** Whether neck and giblets come out of this very bird in time for a stock. */
export const givesGiblets = (plan: Plan): boolean => hasGiblets(plan.bird.cut) && !goesInWithIce(plan);

/** A pot of them whose stock the gravy takes: it must have simmered before. */
export const simmersGiblets = (plan: Plan): boolean => givesGiblets(plan) && potsOf(plan)[0] === plan.stock;

/** The pots that simmer in this kitchen; what the gravy takes is in the first, where it simmers. */
export const potsOf = ({ stock, morePots }: Pick<Plan, "stock" | "morePots">): readonly Pot[] => [
  ...POTS.filter((pot) => pot === stock),
  ...morePots.filter((pot) => pot !== stock),
];

export const stockMin = ({ stock }: Pick<Plan, "stock">): number => (stock === "long" ? LONG_STOCK_MIN : STOCK_MIN);

/** From the giblets to the gravy, min. */
export const stockLeadMin = (plan: Pick<Plan, "stock">): number => stockMin(plan) + THICKEN_MIN + 5;
