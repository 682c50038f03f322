/** What to weigh for a bird, by every school of salting: salt, sugar, water, what holds it, and what keeps it cold. */

import { ovenMassKg } from "../bird/mass";
import { SPECIES_RECORDS } from "../bird/species";
import { constant } from "../constants";
import { type Bath, bathFor, coolerIceKg } from "../kitchen/brining";
import { brine, drySaltGrams, gramsPerTeaspoon, injectionWaterKg, type SaltMethod } from "../kitchen/salt";
import { isBath } from "../processes/bath";
import { thawsInBrine } from "./ice";
import type { Plan } from "./schema";

/** What a brine is in: one vessel for all the birds, or one for each. */
export interface BrineBath extends Bath {
  readonly vessels: number;
  /** In each vessel. */
  readonly saltGrams: number;
  readonly gramsPerLitre: number;
}

export interface SaltPlan {
  readonly method: SaltMethod;
  /** For all the birds together. */
  readonly grams: number;
  /** What is weighed out by itself: a bath each, or a bird each. */
  readonly portions: number;
  readonly teaspoons: number;
  readonly sugarGrams: number;
  readonly hours: number;
  /** The bath of a brine: its water, ice and room are those of one vessel. */
  readonly bath: BrineBath | null;
  /** Water of the bath to each bird, or that carries its injection, L. */
  readonly waterEachL: number;
  /** Injected besides, before all else: salt and water for each bird; null where it is not. */
  readonly injected: { readonly grams: number; readonly waterL: number } | null;
  /** Ice around the bird in a cooler, kg; null where the fridge keeps it. */
  readonly coolerIceKg: number | null;
  /** The most salt the meat can come to hold, % by mass, what it was sold with included: what is reckoned with until the salt has been simulated. */
  readonly meatPercentMost: number;
  /** Whether meat ends with just that: all but a brine that is stopped by the clock. */
  readonly isCertain: boolean;
}

const waterShare = (species: Plan["bird"]["species"]): number => SPECIES_RECORDS[species].waterShare.value;

/** Salt in meat that is more than anybody asks for, % by mass (common practice). */
export const TOO_SALTY_PERCENT = 1.6;

/** One pot for all where it holds them, else a vessel for each; bags are one for each. */
function vesselsFor({ bird, salt, equipment }: Pick<Plan, "bird" | "salt" | "equipment">, ovenKg: number): number {
  if (bird.count === 1) return 1;
  const together = salt.bath === "pot" && bathFor(Math.min(16, ovenKg * bird.count), false).containerL;
  return together !== false && ovenKg * bird.count <= 16 && together <= equipment.potL ? 1 : bird.count;
}

type Chosen = Pick<Plan["salt"], "method" | "percent" | "injectPercent">;
const NO_SALT: Chosen = { method: "none", percent: 0, injectPercent: 0 };
/** Of a bird of 5 kg half a gram: nobody weighs or tastes less. */
const LEAST_PERCENT = 0.01;

/** What of the choice is done: a bath of no hours and salt of nothing give none, and what is injected besides is all then. */
function doneOf(plan: Pick<Plan, "bird" | "salt" | "thawIn">): Chosen {
  const { method, percent, injectPercent, saltHours } = plan.salt;
  if (method === "none") return NO_SALT;
  const isSalty = percent >= LEAST_PERCENT;
  const isDone = isBath(method) ? thawsInBrine(plan) || (saltHours > 0 && (method === "brine" || isSalty)) : isSalty;
  if (isDone) return { method, percent, injectPercent: method === "injection" ? 0 : injectPercent };
  return method !== "injection" && injectPercent >= LEAST_PERCENT
    ? { method: "injection", percent: injectPercent, injectPercent: 0 }
    : NO_SALT;
}

/** @throws QuantityError for amounts outside their ranges */
export function saltPlan(plan: Pick<Plan, "bird" | "salt" | "thawIn" | "equipment">): SaltPlan {
  const { bird, salt } = plan;
  const { method, percent, injectPercent } = doneOf(plan);
  const ovenKg = ovenMassKg(bird);
  const vessels = vesselsFor(plan, ovenKg);
  const birdsInOne = bird.count / vessels;
  const bath = isBath(method) ? bathFor(ovenKg * birdsInOne, salt.bath === "bag") : null;
  const meatWaterKg = ovenKg * waterShare(bird.species);
  const bathSalt =
    bath && isBath(method)
      ? brine({
          method,
          percent: method === "brine" ? salt.brinePercent : percent,
          waterKg: bath.waterL,
          meatKg: ovenKg * birdsInOne,
          meatWaterKg: meatWaterKg * birdsInOne,
        })
      : null;
  const each = bathSalt ? bathSalt.saltGrams / birdsInOne : drySaltGrams(bird.massKg, percent);
  const grams = each * bird.count;
  const waterEachL = bath ? bath.waterL / birdsInOne : method === "injection" ? injectionWaterKg(ovenKg) : 0;
  const injectedEach = drySaltGrams(bird.massKg, injectPercent);
  const taken = bathSalt
    ? // Evenly over bath and meat: where every brine ends.
      (each * meatWaterKg) / (meatWaterKg + waterEachL) / (ovenKg * 10)
    : each / (ovenKg * 10);
  const hours = method === "none" ? 0 : salt.saltHours;
  return {
    method,
    grams,
    portions: bath ? vessels : bird.count,
    teaspoons: grams / (salt.gramsPerTeaspoon ?? gramsPerTeaspoon(salt.kind)),
    sugarGrams: grams * salt.sugarShare,
    hours,
    bath: bath && bathSalt && { ...bath, vessels, ...bathSalt },
    waterEachL,
    injected: injectedEach > 0 ? { grams: injectedEach, waterL: injectionWaterKg(ovenKg) } : null,
    coolerIceKg: hours > 0 && salt.keptIn === "cooler" ? coolerIceKg(hours) * bird.count : null,
    meatPercentMost: taken + injectedEach / (ovenKg * 10) + (bird.preSalted ? constant("preSaltedPercent") : 0),
    isCertain: method !== "brine",
  };
}

/** What one bath, or one bird that has none, gets of the salt: g, its level teaspoons, and the sugar that goes with it, g. */
export const saltEach = ({
  grams,
  teaspoons,
  sugarGrams,
  portions,
}: SaltPlan): Pick<SaltPlan, "grams" | "teaspoons" | "sugarGrams"> => ({
  grams: grams / portions,
  teaspoons: teaspoons / portions,
  sugarGrams: sugarGrams / portions,
});
