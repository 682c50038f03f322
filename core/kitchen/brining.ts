/** A bath for a bird: the container by displacement, water, ice, and what each part of a dry salt is. */

import { constant } from "../constants";
import { requireBetween } from "../errors";

const MEAT_KG_PER_L = 1.06;

export interface Bath {
  /** Smallest container, L: bird, water and a hand's breadth of room. */
  readonly containerL: number;
  readonly waterL: number;
  /** Part of the water in which salt and sugar are dissolved hot, L; the rest goes in cold or as ice. */
  readonly hotL: number;
  readonly iceKg: number;
  readonly inBag: boolean;
}

/**
 * Water that covers a bird, and what holds it.
 * @param inBag a closed bag takes far less water than an open pot
 * @throws QuantityError for a mass outside 0.03 to 16 kg
 */
export function bathFor(ovenKg: number, inBag: boolean): Bath {
  requireBetween("mass of the bird", ovenKg, 0.03, 16, "kg");
  const birdL = ovenKg / MEAT_KG_PER_L;
  const waterL = ovenKg * constant(inBag ? "bagBrineLPerKg" : "potBrineLPerKg");
  const hotL = waterL * constant("hotBrineShare");
  return {
    containerL: (birdL + waterL) * (1 + constant("containerRoomShare")),
    waterL,
    hotL,
    iceKg: iceToCoolKg(hotL, 85, 4),
    inBag,
  };
}

const WATER_KJ_PER_KG_K = 4.19;
const ICE_KJ_PER_KG = 333.6;

/** Ice that brings so much water from one temperature to another, kg; the ice melts and stays in. */
export const iceToCoolKg = (waterL: number, fromC: number, toC: number): number =>
  (waterL * WATER_KJ_PER_KG_K * Math.max(0, fromC - toC)) / (ICE_KJ_PER_KG + WATER_KJ_PER_KG_K * toC);

/**
 * Ice that keeps a cooler at or under 4 °C, kg: what leaks in melts it, and a quarter is to be left at the end. It lies
 * outside the bag or the pot, so that it does not thin the brine.
 */
export const coolerIceKg = (hours: number): number =>
  ((requireBetween("hours in the cooler", hours, 0, 96, "h") * 3.6 * constant("coolerLeakW")) / ICE_KJ_PER_KG) * 1.25;

/** Shares of a dry salt by where it goes: by thickness of meat. */
export const SALT_SHARES = [
  { where: "breast", share: 0.45 },
  { where: "legs", share: 0.35 },
  { where: "rest", share: 0.1 },
  { where: "inside", share: 0.1 },
] as const;
