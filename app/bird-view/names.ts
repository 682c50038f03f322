/** What a cook calls the birds, their cuts, and what heats them. */
import type { Species } from "../../core/bird/anatomy";
import type { Cut } from "../../core/bird/form";
import type { HeatSource } from "../../core/heat/ovens";
import { COVERS, type Cover } from "../../core/heat/surroundings";

export const SPECIES_NAMES: Record<Species, string> = { turkey: "Turkey", chicken: "Chicken", duck: "Duck" };

export const CUT_NAMES: Record<Cut, string> = {
  whole: "Whole",
  spatchcock: "Spatchcocked",
  parts: "In parts",
  crown: "Crown",
  legs: "Whole legs",
  "boneless-breast": "Boneless breast",
  "leg-roll": "Rolled leg",
};

export const COVER_NAMES: Record<Cover, string> = {
  none: "Bare",
  foil: "Loose foil",
  towels: "Foil and towels",
  box: "Insulated box",
};

export const HEAT_NAMES: Record<HeatSource, string> = {
  oven: "Oven",
  "fan-oven": "Fan oven",
  smoker: "Smoker",
  "covered-grill": "Covered grill",
  spit: "Spit",
};

/** Covers as choices, in the order of how much they hold. */
export const COVER_CHOICES = COVERS.map((value) => ({ value, label: COVER_NAMES[value] }));

/** How good it was, from one to five. */
export const RATING_NAMES: readonly string[] = ["Not again", "So-so", "Good", "Very good", "The best yet"];
