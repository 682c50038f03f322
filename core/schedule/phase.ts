/** In which part of a bird's day a row of its timetable comes, by what it is about. */

import { usesOven } from "../plan/heats";
import type { Plan } from "../plan/schema";
import type { TaskId } from "./backward";
import type { ChoreKind } from "./chores";
import type { Row } from "./rows";
import type { PlacedSide } from "./sides";

/** Before it goes into the heat, while it is in there, once it is out of it; beside the bird, whenever that is. */
export type Phase = "before" | "in" | "out" | "beside";

const OF_TASK: Record<TaskId, Phase> = {
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
};

const OF_CHORE: Record<ChoreKind, Phase> = {
  "water-change": "before",
  "mix-brine": "before",
  make: "beside",
  "eve-check": "before",
  stock: "beside",
  counter: "before",
  fill: "before",
  season: "before",
  sear: "before",
  stage: "in",
  baste: "in",
  glaze: "in",
  "bacon-off": "in",
  fuel: "in",
  "bring-up": "in",
  loosen: "out",
  thicken: "out",
};

/** A dish that bakes where the bird has been. */
const hasItsOven = ({ slot, ovenC }: PlacedSide, plan: Plan): boolean =>
  slot === "rest" && ovenC !== null && usesOven(plan) && plan.equipment.ovens === 1 && plan.roasted === "same-day";

export function phaseOf({ about }: Pick<Row, "about">, plan: Plan): Phase {
  switch (about.kind) {
    case "task":
      return OF_TASK[about.task];
    case "chore":
      return OF_CHORE[about.chore.kind];
    case "side":
      return hasItsOven(about.side, plan) ? "out" : "beside";
    case "leftovers":
      return "out";
  }
}
