/** What string holds. */

import { SPECIES_RECORDS } from "../bird/species";
import { turnsItself } from "../heat/sources";
import { goesInHard } from "./ice";
import type { Plan } from "./schema";

/** A boned breast from about here on is tied to one thickness; a smaller one lies flat (common practice). */
const TIED_BREAST_KG = 0.5;

/** Legs of a whole bird, a rolled leg, a boned breast that is large or turns: where the fat is to run out, it lies flat. */
export function isTied(plan: Pick<Plan, "bird" | "heat" | "thawIn">): boolean {
  const { species, cut, legs, massKg } = plan.bird;
  if (cut === "whole") return legs === "tied" && !goesInHard(plan);
  if (cut === "boneless-breast") {
    return turnsItself(plan.heat) || (massKg >= TIED_BREAST_KG && !SPECIES_RECORDS[species].rendersFat);
  }
  return cut === "leg-roll";
}
