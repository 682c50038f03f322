/** Dishes by name. */
import { REHEAT_ID } from "../core/schedule/derive";

/** A dish as its cook calls it; the carved bird that is heated again has a name of ours. */
export const dishName = ({ id, name }: { readonly id: string; readonly name: string }): string =>
  id === REHEAT_ID ? "The carved bird, covered" : name;
