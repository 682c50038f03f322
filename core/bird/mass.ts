/** Masses of birds: as they are bought and as they go into the oven, and the length that goes with one. */
import { constant } from "../constants";
import type { Cut } from "./form";
import { SPECIES_RECORDS, type Species } from "./species";

const MEAT_KG_PER_M3 = 1060;

/** Cube root of the bird's volume, m: the length its film coefficients go by. */
export const sizeOfM = ({ massKg }: { readonly massKg: number }): number => Math.cbrt(massKg / MEAT_KG_PER_M3);

/** Bought as it is roasted, not as a whole bird. */
export const isSoldCut = (cut: Cut): boolean =>
  cut === "crown" || cut === "legs" || cut === "boneless-breast" || cut === "leg-roll";

/** Sold as a piece that lies beside others in one tray: a pair of legs, a boned breast, a rolled leg. */
export const isPiece = (cut: Cut): boolean => isSoldCut(cut) && cut !== "crown";

/** So many of it come from one bird; a bird, a crown and a pair of legs are one each. */
const fromOne = (cut: Cut): number => (cut === "boneless-breast" || cut === "leg-roll" ? 2 : 1);

/** How many birds so many of them come from: what they are together to an oven. */
export const birdsWorth = (cut: Cut, count: number): number => Math.max(1, count / fromOne(cut));

/** As many as one roast has, in birds: whole ones side by side, and those that pieces come from. */
const MOST_BIRDS = { whole: 4, inPieces: 6 } as const;

/** The most of a kind that one roast has. */
export const mostOf = (cut: Cut): number => MOST_BIRDS[isPiece(cut) ? "inPieces" : "whole"] * fromOne(cut);

interface SoldAs {
  readonly cut: Cut;
  readonly noGiblets?: boolean | undefined;
}

/** Sold with neck and giblets in it: whole birds as a rule, whatever becomes of them. */
export const hasGiblets = ({ cut, noGiblets = false }: SoldAs): boolean => !isSoldCut(cut) && !noGiblets;

/** Whether its backbone is cut out of it at home. */
export const losesBackbone = (cut: Cut): boolean => !isSoldCut(cut) && cut !== "whole";

/**
 * Mass that goes into the oven. A whole bird, bought to be roasted whole, flat or in parts, loses neck and giblets, where
 * they are in it, and what the cut takes out; a crown, legs, a boneless breast and a rolled leg are bought as they are
 * roasted.
 */
export function ovenMassKg({ species, massKg, ...sold }: Bought): number {
  const giblets = hasGiblets(sold) ? SPECIES_RECORDS[species].gibletShare.value : 0;
  const backbone = losesBackbone(sold.cut) ? constant("backboneShare") : 0;
  return massKg * (1 - giblets - backbone);
}

/** One bird as it was bought. */
interface Bought extends SoldAs {
  readonly species: Species;
  readonly massKg: number;
}

type MassRange = readonly [low: number, high: number];

/** Masses as bought that the shapes were made for, kg. */
export const massRangeKg = (species: Species, cut: Cut): MassRange => cutRangeKg(SPECIES_RECORDS[species].wholeKg, cut);

/** Of a mass that such a bird cannot have, the nearest that it can, kg. */
export function nearestKg(species: Species, cut: Cut, boughtKg: number): number {
  const [low, high] = massRangeKg(species, cut);
  return Math.min(high, Math.max(low, boughtKg));
}

/** Masses as bought that are commonly sold, kg. */
export function soldRangeKg(species: Species, cut: Cut): MassRange {
  const { smallestSoldKg, largestSoldKg } = SPECIES_RECORDS[species];
  return cutRangeKg([smallestSoldKg.value, largestSoldKg.value], cut);
}

/** What a cut weighs, of whole birds so heavy. */
function cutRangeKg(whole: MassRange, cut: Cut): MassRange {
  // To the gram: a bound that is shown as 0.32 kg is one.
  const parts = (low: number, high: number) =>
    [Math.round(1000 * whole[0] * low) / 1000, Math.round(1000 * whole[1] * high) / 1000] as const;
  if (cut === "crown") return parts(0.4, 0.6);
  if (cut === "legs") return parts(0.2, 0.36);
  if (cut === "boneless-breast" || cut === "leg-roll") return parts(0.08, 0.3);
  return whole;
}

/** Birds of nearly one mass have one solid: it is as large as it looks, kg. */
const SOLID_STEP_KG = 0.05;

/** The mass that a bird is shown with: one of few, and one that such a bird can have. */
export const shownMassKg = (species: Species, cut: Cut, boughtKg: number): number =>
  nearestKg(species, cut, Math.round(boughtKg / SOLID_STEP_KG) * SOLID_STEP_KG);
