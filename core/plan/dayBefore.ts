/** How what was roasted the day before comes to its table: heated again, or cold. */
import type { Plan } from "./schema";

type Kept = Pick<Plan, "roasted" | "eatenCold">;

export const isEatenCold = ({ roasted, eatenCold = false }: Kept): boolean => roasted === "day-before" && eatenCold;

export const isHeatedAgain = (plan: Kept): boolean => plan.roasted === "day-before" && !isEatenCold(plan);
