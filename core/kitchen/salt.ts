/** Dry salt for the bird: grams, and spoons of the cook's own salt. */

import { constant } from "../constants";
import { requireBetween } from "../errors";

export const SALT_METHODS = ["dry", "brine", "equilibrium", "injection", "none"] as const;
export type SaltMethod = (typeof SALT_METHODS)[number];
/** What a brine is in: an open pot, or a closed bag that needs far less of it. */
export const BATHS = ["pot", "bag"] as const;
/** Where the salted bird stays cold. */
export const COLD_PLACES = ["fridge", "cooler"] as const;

export const SALT_KINDS = ["table", "fine", "coarse", "light-flake", "dense-flake"] as const;
export type SaltKind = (typeof SALT_KINDS)[number];

/** Grams of a kind in a level US teaspoon (4.93 mL). */
export function gramsPerTeaspoon(kind: SaltKind): number {
  const table = constant("tableSaltGramsPerTeaspoon");
  if (kind === "coarse") return table * constant("coarseSaltDensityShare");
  if (kind === "fine") return table * constant("fineSaltDensityShare");
  if (kind === "light-flake") return table * constant("lightFlakeDensityShare");
  if (kind === "dense-flake") return table * constant("denseFlakeDensityShare");
  return table;
}

/**
 * Dry salt for a bird, g.
 * @param percent by mass of the bird as bought, 0 to 2
 * @throws QuantityError for a share outside 0 to 2 %
 */
export const drySaltGrams = (boughtKg: number, percent: number): number =>
  boughtKg * 10 * requireBetween("salt", percent, 0, 2, "% of the bird's mass");

/** In a closed bag as little covers the smallest piece (chosen). */
const LEAST_BATH_L = 0.01;

export interface Brine {
  readonly saltGrams: number;
  readonly gramsPerLitre: number;
}

/**
 * Salt for a bath.
 * @param percent of the bath's water for a brine by time; of the meat, once salt has spread evenly, for an equilibrium
 * @throws QuantityError for a brine outside 0 to 26 % or an equilibrium outside 0 to 2 %
 */
export function brine(options: {
  readonly method: "brine" | "equilibrium";
  readonly percent: number;
  readonly waterKg: number;
  readonly meatKg: number;
  readonly meatWaterKg: number;
}): Brine {
  const { method, percent, waterKg, meatKg, meatWaterKg } = options;
  requireBetween("water of the brine", waterKg, LEAST_BATH_L, 100, "L");
  if (method === "brine") {
    requireBetween("strength of the brine", percent, 0, 26, "% of its water");
    return { saltGrams: waterKg * percent * 10, gramsPerLitre: percent * 10 };
  }
  requireBetween("salt in the meat at equilibrium", percent, 0, 2, "% of the meat");
  // The share that the meat's water holds is the share that the bath's water holds.
  const saltGrams = (meatKg * percent * 10 * (waterKg + meatWaterKg)) / meatWaterKg;
  return { saltGrams, gramsPerLitre: saltGrams / waterKg };
}

/** Water that carries an injection, kg. */
export const injectionWaterKg = (meatKg: number): number => constant("injectionShare") * meatKg;
