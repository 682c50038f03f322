/** What to weigh for a bird, by every school of salting: salt, sugar, water, what holds it, and what keeps it cold. */
import { ovenMassKg } from "../bird/body";
import { type Bath, bathFor, coolerIceKg } from "../kitchen/brining";
import { brine, drySaltGrams, gramsPerTeaspoon, injectionWaterKg, type SaltMethod } from "../kitchen/salt";
import { constant } from "../sources";
import type { Plan } from "./schema";

export interface SaltPlan {
  readonly method: SaltMethod;
  /** For all the birds together. */
  readonly grams: number;
  readonly teaspoons: number;
  readonly sugarGrams: number;
  readonly hours: number;
  /** The bath of a brine, for one bird. */
  readonly bath: (Bath & { readonly gramsPerLitre: number }) | null;
  /** Water that carries an injection, L. */
  readonly injectionL: number;
  /** Ice around the bird in a cooler, kg; null where the fridge keeps it. */
  readonly coolerIceKg: number | null;
  /** The most salt the meat can come to hold, % by mass, what it was sold with included: what the gravy reckons with until the salt has been simulated. */
  readonly meatPercentMost: number;
  /** Salted though it was sold salted, or more than is usual. */
  readonly tooSalty: boolean;
}

const waterShare = (species: Plan["bird"]["species"]): number =>
  constant(species === "duck" ? "duckWaterShare" : "meatWaterShare");

/** Salt in meat that is more than anybody asks for, % by mass (common practice). */
const TOO_SALTY_PERCENT = 1.6;

/** @throws QuantityError for amounts outside their ranges */
export function saltPlan({ bird, salt }: Pick<Plan, "bird" | "salt">): SaltPlan {
  const { method } = salt;
  const ovenKg = ovenMassKg(bird.massKg, bird.species, bird.cut);
  const inBath = method === "brine" || method === "equilibrium";
  const bath = inBath ? bathFor(ovenKg, salt.bath === "bag") : null;
  const meatWaterKg = ovenKg * waterShare(bird.species);
  const bathSalt =
    bath && (method === "brine" || method === "equilibrium")
      ? brine({
          method,
          percent: method === "brine" ? salt.brinePercent : salt.percent,
          waterKg: bath.waterL,
          meatKg: ovenKg,
          meatWaterKg,
        })
      : null;
  const each = bathSalt?.saltGrams ?? (method === "none" ? 0 : drySaltGrams(bird.massKg, salt.percent));
  const grams = each * bird.count;
  const taken = bathSalt
    ? // Evenly over bath and meat: where every brine ends.
      (each * meatWaterKg) / (meatWaterKg + (bath as Bath).waterL) / (ovenKg * 10)
    : each / (ovenKg * 10);
  const meatPercentMost = taken + (bird.preSalted ? constant("preSaltedPercent") : 0);
  const hours = method === "none" ? 0 : salt.saltHours;
  return {
    method,
    grams,
    teaspoons: grams / (salt.gramsPerTeaspoon ?? gramsPerTeaspoon(salt.kind)),
    sugarGrams: method === "none" ? 0 : grams * salt.sugarShare,
    hours,
    bath: bath && bathSalt && { ...bath, gramsPerLitre: bathSalt.gramsPerLitre },
    injectionL: method === "injection" ? injectionWaterKg(ovenKg) * bird.count : 0,
    coolerIceKg: method !== "none" && salt.keptIn === "cooler" ? coolerIceKg(hours) * bird.count : null,
    meatPercentMost,
    tooSalty: (bird.preSalted && method !== "none" && each > 0) || meatPercentMost > TOO_SALTY_PERCENT,
  };
}
