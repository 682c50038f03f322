/** The gravy that a plan's table wants of its birds. */
import { ovenMassKg } from "../bird/body";
import { type Gravy, gravyFor } from "../kitchen/gravy";
import { headsAt } from "../kitchen/guests";
import type { Plan } from "./schema";

/** The gravy of a plan. @param saltPercent in the meat as it goes in, simulated or reckoned */
export const gravyOf = ({ bird, table, gravy }: Pick<Plan, "bird" | "table" | "gravy">, saltPercent: number): Gravy =>
  gravyFor({
    heads: Math.max(1, headsAt(table)),
    species: bird.species,
    ovenKg: ovenMassKg(bird.massKg, bird.species, bird.cut) * bird.count,
    thickener: gravy,
    saltPercent,
  });
