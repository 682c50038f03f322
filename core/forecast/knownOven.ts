/** An oven or a fire that roasts have taught something of, as a prior for the next one in it. */
import type { HeatSource } from "../heat/sources";
import { type Prior, type Unknown, usualPrior } from "./prior";

/** What belongs to the oven, and is the same for the next bird in it. */
export const OVEN_UNKNOWNS = ["ovenOffset", "convection", "drying", "crust"] as const satisfies readonly Unknown[];

/**
 * Where one oven lies among all of its kind, on the one line along which it makes a roast quicker or slower: nothing else
 * of it can be told from when birds were done.
 */
export interface KnownOven {
  /** Direction of slower among {@link OVEN_UNKNOWNS}, in their standard deviations; of length 1. */
  readonly along: readonly number[];
  /** How far along it, and how far that may be off, in standard deviations of all ovens. */
  readonly mean: number;
  readonly sd: number;
}

/** Beyond these nothing is claimed of an oven, however many roasts say so. */
export const FURTHEST_SD = 2.5;
export const LEAST_SD = 0.6;

/**
 * What is believed of a roast in an oven beforehand.
 * @param known nothing for one that is like any other; @param elsewhere another heat that the bird is moved into
 */
export function priorIn(source: HeatSource, known?: KnownOven | undefined, elsewhere?: HeatSource): Prior {
  const usual = usualPrior(source, elsewhere);
  if (!known) return usual;
  const own = OVEN_UNKNOWNS.map((name, n) => {
    const { mean, sd } = usual[name];
    return [name, { mean: mean + sd * known.mean * (known.along[n] ?? 0), sd: sd * known.sd }] as const;
  });
  return { ...usual, ...Object.fromEntries(own) };
}
