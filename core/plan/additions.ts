/** What rubs, pastes and liquids bring: how much of them, and their salt and sugar. */
import { ovenMassKg } from "../bird/mass";
import { fullStages } from "../processes/stages";
import type { Addition, Plan } from "./schema";

/** US customary units, NIST Handbook 44. */
const ML_PER_TEASPOON = 4.93;

/** For all the birds, g; a liquid weighs as water; null where it is counted by the piece. */
export function additionGrams({ amount, unit }: Addition, { bird }: Pick<Plan, "bird">): number | null {
  switch (unit) {
    case "g":
    case "mL":
      return amount;
    case "tsp":
      return amount * ML_PER_TEASPOON;
    case "g/kg":
      return amount * bird.massKg * bird.count;
    case "pieces":
      return null;
  }
}

const ON_THE_BIRD: readonly Addition["when"][] = ["with-the-salt", "before-the-heat"];
export const isOnBird = ({ when }: Pick<Addition, "when">): boolean => ON_THE_BIRD.includes(when);

/** Whether what goes on at the end is of the cook's own lines: where there are passes of glaze, they are the glaze. */
export const hasOwnGlaze = ({ additions }: Pick<Plan, "additions">): boolean =>
  additions.some(({ when }) => when === "at-the-end");

/** The first stage that it is wrapped in, or lies under a lid: 0 as it goes in; null for none. */
export function wrapsAt({
  stages,
  bird,
}: Pick<Plan, "stages"> & { readonly bird: Pick<Plan["bird"], "cut"> }): number | null {
  const n = fullStages(stages, bird.cut).findIndex(({ wrap }) => wrap !== "none");
  return n < 0 ? null : n;
}

const saltGrams = (plan: Pick<Plan, "bird" | "additions">, counts: (addition: Addition) => boolean): number =>
  plan.additions
    .filter(counts)
    .reduce((sum, each) => sum + ((additionGrams(each, plan) ?? 0) * each.saltPercent) / 100, 0);

/** Salt that the bird gets besides, % of its meat by mass, where all of it goes in. */
export function saltBesidesPercent(plan: Pick<Plan, "bird" | "additions">): number {
  return saltGrams(plan, isOnBird) / (10 * ovenMassKg(plan.bird) * plan.bird.count);
}

/** Salt that goes into the gravy itself, g. */
export const gravySaltGrams = (plan: Pick<Plan, "bird" | "additions">): number =>
  saltGrams(plan, ({ when }) => when === "into-the-gravy");

/** So much sugar over the skin burns before the bird is done (common practice). */
const SUGARY_PERCENT = 10;
const BURNS_C = 190;

/** What would burn: sugar over the skin from the beginning, in a heat that is too much for it. */
export const burning = ({ additions, stages }: Pick<Plan, "additions" | "stages">): readonly Addition[] =>
  stages.some(({ airC }) => airC >= BURNS_C)
    ? additions.filter((each) => isOnBird(each) && each.where === "over" && each.sugarPercent >= SUGARY_PERCENT)
    : [];
