/** Dishes by name, and beside what they bake. */
import type { Schedule } from "../core/schedule/backward";
import { REHEAT_ID } from "../core/schedule/derive";
import type { PlacedSide } from "../core/schedule/sides";
import { theBirds } from "./titles";

/** What was carved the day before, heated again: nobody has named it. */
export const REHEATED = "The carved meat, covered";

/** A dish as its cook calls it. */
export const dishName = ({ id, name }: { readonly id: string; readonly name: string }): string =>
  id === REHEAT_ID ? REHEATED : name;

/** Nothing where no bird is in the oven that day, or rests, or is carved by then. */
export function besideWhat(
  { slot, startMs }: PlacedSide,
  { tasks, carveAtMs }: Schedule,
  bird: Parameters<typeof theBirds>[0],
): string {
  switch (slot) {
    case "before":
      return `before ${theBirds(bird)}; warm it up at the end`;
    case "with":
      return `beside ${theBirds(bird)}`;
    case "tray":
      return "in the roasting tray";
    case "rest":
      if (startMs < carveAtMs) return "during the rest";
      return tasks.some(({ id, endMs }) => id === "carve" && startMs < endMs) ? "during the carving" : "";
  }
}
