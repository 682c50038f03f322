/** Species in words. What the numbers of their records are: `speciesNumbers.ts`. */
import type { Species } from "../core/bird/species";

export const SPECIES_NAMES: Record<Species, string> = {
  turkey: "Turkey",
  chicken: "Chicken",
  duck: "Duck",
  goose: "Goose",
};

/** Two and more of a kind. */
export const SPECIES_PLURAL: Record<Species, string> = {
  turkey: "turkeys",
  chicken: "chickens",
  duck: "ducks",
  goose: "geese",
};
