/** The pots of stock: what goes in them, how long they simmer, and by when. */

import { hasGiblets, losesBackbone } from "../bird/mass";
import { type Gravy, POTS, type Pot } from "../kitchen/gravy";
import { goesInWithIce } from "../plan/ice";
import type { Plan } from "../plan/schema";
import { type Hours, toBeDone, WAKING } from "./waking";

const STOCK_MIN = 75;
/** A broth that takes the day (common practice). */
const LONG_STOCK_MIN = 8 * 60;
/** Starch or roux, the liquid, the boil. */
export const THICKEN_MIN = 12;

/** Whether something comes out of this very bird in time for a stock: its neck and giblets, its backbone. */
export const givesBones = (plan: Plan): boolean =>
  (hasGiblets(plan.bird) || losesBackbone(plan.bird.cut)) && !goesInWithIce(plan);

/** Of the gravy, where there is one. */
type Liquid = Pick<Gravy, "liquid"> | null;

/** Whether any stock goes into it: drippings may be so salty that it takes water. */
const takesStock = (gravy: Liquid): boolean => gravy !== null && gravy.liquid !== "water";

/** The pot whose stock the gravy takes; null where it takes none, or that comes from elsewhere. */
export const gravyPotOf = ({ stock }: Pick<Plan, "stock">, gravy: Liquid): Pot | null =>
  takesStock(gravy) ? (POTS.find((pot) => pot === stock) ?? null) : null;

/** Whether the gravy's stock is had from what roasts in the bird's own tray. */
export const roastsStock = ({ stock }: Pick<Plan, "stock">, gravy: Liquid): boolean =>
  stock === "tray" && takesStock(gravy);

/** What comes out of it simmers in that pot: it must have simmered before. */
export const simmersItsBones = (plan: Plan, gravy: Liquid): boolean =>
  givesBones(plan) && gravyPotOf(plan, gravy) !== null;

/** The pots that simmer in this kitchen, that of the gravy first. */
export function potsOf(plan: Pick<Plan, "stock" | "morePots">, gravy: Liquid): readonly Pot[] {
  const own = gravyPotOf(plan, gravy);
  return own === null ? plan.morePots : [own, ...plan.morePots.filter((pot) => pot !== own)];
}

export const stockMin = ({ stock }: Pick<Plan, "stock">): number => (stock === "long" ? LONG_STOCK_MIN : STOCK_MIN);

/** When a pot is begun: it simmers while the cook is up. */
export const potHours = (plan: Pick<Plan, "stock">): Hours => toBeDone(WAKING, stockMin(plan));

/** From the giblets to the gravy, min. */
export const stockLeadMin = (plan: Pick<Plan, "stock">): number => stockMin(plan) + THICKEN_MIN + 5;
