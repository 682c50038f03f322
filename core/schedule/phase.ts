/** In which part of a bird's day a row of its timetable comes, by what it is about. */

import { usesOven } from "../plan/heats";
import type { Plan } from "../plan/schema";
import { kindOf, type Row, type RowKind } from "./rows";
import type { PlacedSide } from "./sides";

/** Before it goes into the heat, while it is in there, once it is out of it; beside the bird, whenever that is. */
export type Phase = "before" | "in" | "out" | "beside";

const PHASES: Record<RowKind, Phase> = {
  thaw: "before",
  prepare: "before",
  salt: "before",
  dry: "before",
  preheat: "before",
  roast: "in",
  rest: "out",
  carve: "out",
  chill: "out",
  table: "out",
  "water-change": "before",
  "mix-brine": "before",
  make: "beside",
  stuffing: "before",
  "eve-check": "before",
  stock: "beside",
  counter: "before",
  fill: "before",
  season: "before",
  sear: "before",
  stage: "in",
  baste: "in",
  oil: "in",
  glaze: "in",
  "ice-gone": "in",
  "bacon-off": "in",
  fuel: "in",
  "bring-up": "in",
  loosen: "out",
  thicken: "out",
  platter: "out",
  // Where it needs no oven but its own.
  side: "beside",
  "oven-on": "beside",
  leftovers: "out",
};

/** A dish that bakes where the bird has been. */
const hasItsOven = ({ slot, ovenC }: PlacedSide, plan: Plan): boolean =>
  slot === "rest" && ovenC !== null && usesOven(plan) && plan.equipment.ovens === 1 && plan.roasted === "same-day";

export const phaseOf = (row: Pick<Row, "about">, plan: Plan): Phase =>
  "side" in row.about && hasItsOven(row.about.side, plan) ? "out" : PHASES[kindOf(row)];
