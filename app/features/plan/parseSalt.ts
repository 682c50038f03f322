import { gramsPerTeaspoon } from "../../../core/kitchen/salt";
import { parseSaltPercent } from "../../../core/kitchen/saltShare";
import type { Plan } from "../../../core/plan/schema";

/** How heavy a level teaspoon of the cook's own salt is, g. */
export const teaspoonGrams = ({ gramsPerTeaspoon: weighed, kind }: Plan["salt"]): number =>
  weighed ?? gramsPerTeaspoon(kind);

/** Reads a share of salt, %; also as a recipe has it: spoons a pound, of the salt that is chosen here. */
export const parseSalt =
  (chosen: Plan["salt"], what: string, low: number, high: number) =>
  (text: string): number =>
    parseSaltPercent(text, { what, low, high, gramsPerTeaspoon: teaspoonGrams(chosen) });
