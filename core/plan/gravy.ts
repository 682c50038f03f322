/** The gravy that a plan's table wants of its birds. */
import { ovenMassKg } from "../bird/mass";
import { type Gravy, gravyFor } from "../kitchen/gravy";
import { headsAt } from "../kitchen/guests";
import { gravySaltGrams } from "./additions";
import type { Plan } from "./schema";

/** The most that a gravy is reckoned for. */
const SALTIEST_PERCENT = 10;

/**
 * The gravy of a plan, what the cook puts into it included; null where none is made.
 * @param saltPercent in the meat as it goes in, simulated or reckoned
 */
export function gravyOf(plan: Pick<Plan, "bird" | "table" | "gravy" | "additions">, saltPercent: number): Gravy | null {
  const { bird, table, gravy } = plan;
  if (gravy === "none") return null;
  const made = gravyFor({
    heads: headsAt(table),
    species: bird.species,
    ovenKg: ovenMassKg(bird) * bird.count,
    thickener: gravy,
    // Saltier than any meat is said elsewhere; the gravy of it is water.
    saltPercent: Math.min(SALTIEST_PERCENT, saltPercent),
  });
  return { ...made, saltPercent: made.saltPercent + (100 * gravySaltGrams(plan)) / made.finishedMl };
}
