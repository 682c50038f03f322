/** Dishes by name, and beside what they bake. */
import type { Plan } from "../core/plan/schema";
import { REHEAT_ID } from "../core/schedule/derive";
import type { PlacedSide } from "../core/schedule/sides";

/** The carved bird that is heated again: nobody has named it. */
export const REHEATED = "The carved bird, covered";

/** A dish as its cook calls it. */
export const dishName = ({ id, name }: { readonly id: string; readonly name: string }): string =>
  id === REHEAT_ID ? REHEATED : name;

const SLOT_WORDS: Record<PlacedSide["slot"], string> = {
  before: "before the bird; warm it up at the end",
  with: "beside the bird",
  rest: "while the bird rests",
  tray: "in the roasting tray",
};

/** Nothing where no bird is in the oven that day, or rests. */
export const besideWhat = (
  { id, slot }: Pick<PlacedSide, "id" | "slot">,
  { roasted }: Pick<Plan, "roasted">,
): string => (slot === "rest" && (roasted === "day-before" || id === REHEAT_ID) ? "" : SLOT_WORDS[slot]);
