/** All that a species is told by: what is computed asks its record, never its name. */
import type { Constant } from "../../origin";
import type { Anatomy } from "../anatomy";

export interface SpeciesRecord {
  readonly anatomy: Anatomy;
  /** Masses as bought that the shapes were made for, kg. */
  readonly wholeKg: readonly [low: number, high: number];
  /** The smallest and the largest that are commonly sold: a table that needs more buys another. */
  readonly smallestSoldKg: Constant;
  readonly largestSoldKg: Constant;
  /** Neck and giblets, of the bird as bought. */
  readonly gibletShare: Constant;
  /** Cooked meat without skin or bone, of the bird as bought. */
  readonly edibleShare: Constant;
  /** Whole bird to buy for one usual appetite. */
  readonly portionKg: Constant;
  /** Water, of the bird as salt finds it. */
  readonly waterShare: Constant;
  /** Fat enough under the skin that it is scored, poured off and kept, and none is put on. */
  readonly rendersFat: boolean;
  /** Which of the published holding tables its meat is judged by. */
  readonly holding: "chicken" | "turkey" | "slower-of-both";
  /** Fat of the coldest meat, by which a column of the tables is chosen. */
  readonly leanFatPercent: Constant;
}
