/** A line of a list: what, how much, and why. */
import type { DerivedPlan } from "../core/schedule/derive";

export interface ListItem {
  readonly what: string;
  /** How much, as the cook weighs or counts it; empty where one is meant. */
  readonly amount: string;
  /** What is added to that of another roast, and how so much of it is written. */
  readonly sum?: { readonly total: number; readonly said: (total: number) => string };
  /** Of the dinner, whichever roast it is made with. */
  readonly isShared?: boolean;
  /** Each roast of a dinner has one of its own. */
  readonly isOwn?: boolean;
  readonly why?: string;
}

export type Part = readonly ListItem[];
export const when = (holds: boolean, ...items: ListItem[]): Part => (holds ? items : []);

/** The gravy, where it is made of this roast: another one of the dinner may make it, or nobody. */
export const gravyHere = ({ chores, gravy }: Pick<DerivedPlan, "chores" | "gravy">): DerivedPlan["gravy"] =>
  chores.some(({ kind }) => kind === "thicken") ? gravy : null;

/** Something that is had once for all that want it, so much for each. */
export const summed = (what: string, total: number, said: (total: number) => string, why?: string): ListItem => ({
  what,
  amount: said(total),
  sum: { total, said },
  ...(why !== undefined && { why }),
});
