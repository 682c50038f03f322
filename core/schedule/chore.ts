/** A piece of work around the bird: what a timetable, a list and the clock are made of. */

import type { Moment } from "../processes/conditions";
import { MINUTE_MS } from "../units/time";
import type { Lane } from "./backward";

export const CHORE_KINDS = [
  "water-change",
  "mix-brine",
  "make",
  "stuffing",
  "eve-check",
  "stock",
  "counter",
  "fill",
  "season",
  "sear",
  "ice-gone",
  "stage",
  "baste",
  "oil",
  "glaze",
  "bacon-off",
  "fuel",
  "bring-up",
  "loosen",
  "thicken",
  "platter",
] as const;
export type ChoreKind = (typeof CHORE_KINDS)[number];

export interface Chore {
  readonly kind: ChoreKind;
  /** Which of several of one kind: stage n, glaze n; brought up for stage n; lit is 1, fed for the first time 2. */
  readonly n: number;
  readonly lane: Lane;
  readonly startMs: number;
  readonly endMs: number;
  /** Pairs of hands it keeps; what takes a moment keeps none. */
  readonly hands: number;
  readonly ring: boolean;
  /** Of what is done in the heat: the minute or the sign it was planned for. */
  readonly at?: Moment;
}

/** Whether it is done once something is seen, whenever that is. */
export const waitsForSign = ({ at }: Chore): boolean => at !== undefined && "when" in at;

/** Chores as they are put down; those of a kind are numbered by the order in which they come. */
export class ChoreSheet {
  readonly chores: Chore[] = [];

  put(kind: ChoreKind, lane: Lane, startMs: number, minutes: number, more: Partial<Chore> = {}): void {
    this.chores.push({
      kind,
      n: this.chores.filter((chore) => chore.kind === kind).length + 1,
      lane,
      startMs,
      endMs: startMs + minutes * MINUTE_MS,
      hands: 0,
      ring: false,
      ...more,
    });
  }
}

/** Done once for all that is in one heat. */
const OF_THE_HEAT: readonly ChoreKind[] = [
  "make",
  "eve-check",
  "stock",
  "stage",
  "baste",
  "fuel",
  "bring-up",
  "loosen",
  "thicken",
];

/** What is left to do for a piece whose heat is another's: its own; but at the pan, in one go with that one's. */
export const ownChores = (chores: readonly Chore[]): Chore[] =>
  chores
    .filter(({ kind }) => !OF_THE_HEAT.includes(kind))
    .map((chore) => ({ ...chore, hands: chore.kind === "sear" ? chore.hands : 0 }));
