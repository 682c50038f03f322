/** Dishes by name. */
import { REHEAT_ID } from "../core/schedule/derive";

/** The carved bird that is heated again: nobody has named it. */
export const REHEATED = "The carved bird, covered";

/** A dish as its cook calls it. */
export const dishName = ({ id, name }: { readonly id: string; readonly name: string }): string =>
  id === REHEAT_ID ? REHEATED : name;
