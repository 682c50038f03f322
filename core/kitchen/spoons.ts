/** What a kitchen with spoons and cups measures by them, and what a level US teaspoon (4.93 mL) of it weighs, g. */
import { constant } from "../constants";

const GRAMS_A_TEASPOON = {
  flour: () => constant("flourGramsPerTeaspoon"),
  starch: () => constant("starchGramsPerTeaspoon"),
  fat: () => constant("fatGramsPerTeaspoon"),
  sugar: () => constant("sugarGramsPerTeaspoon"),
  "baking powder": () => constant("bakingPowderGramsPerTeaspoon"),
};
export type Spooned = keyof typeof GRAMS_A_TEASPOON;

export const teaspoonsOf = (what: Spooned, grams: number): number => grams / GRAMS_A_TEASPOON[what]();
