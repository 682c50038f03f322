/** A line of a list: what, how much, and why. */
import type { Spooned } from "../core/kitchen/spoons";
import type { DerivedPlan } from "../core/schedule/derive";
import type { UnitSystem } from "../core/units/quantity";
import { small, spooned } from "./amounts";

export interface ListItem {
  readonly what: string;
  /** How much, as the cook weighs or counts it; empty where one is meant. */
  readonly amount: string;
  /** What the amount says, g, where it may be added to that of another roast. */
  readonly grams?: number;
  /** What it is measured as, where that may be by spoons. */
  readonly as?: Spooned;
  /** Of the dinner, whichever roast it is made with. */
  readonly isShared?: boolean;
  readonly why?: string;
}

export type Part = readonly ListItem[];
export const when = (holds: boolean, ...items: ListItem[]): Part => (holds ? items : []);

/** Whether the gravy is made of this roast: another one of the dinner may make it. */
export const makesGravy = (chores: DerivedPlan["chores"]): boolean => chores.some(({ kind }) => kind === "thicken");

/** So much of a thing, weighed, or by the spoon where that is the habit. */
export const amountOf = (grams: number, units: UnitSystem, as?: Spooned): string =>
  as ? spooned(as, grams, units) : small(grams, units);
