/** A bird without a label: how heavy it is by a tape, from the sizes of its kind's solid. */

import { constant } from "../constants";
import { requireBetween } from "../errors";
import { makeBody } from "./body";
import { massRangeKg } from "./mass";
import { sizeOf } from "./size";
import { ANATOMY, type Species } from "./species";

export interface ByTape {
  readonly massKg: number;
  /** That it may be off by, either way. */
  readonly offKg: number;
}

/** Cells of the solid that is measured, m. */
const LOOK_M = 0.006;

/** A bird of a species in the middle of its range: from tail to neck, across both breasts, cm, and its mass as bought. */
function usualSizes(species: Species) {
  const massKg = ANATOMY[species].referenceKg;
  const body = makeBody({ species, cut: "whole" }, massKg, LOOK_M);
  const { centre, radii } = ANATOMY[species].breast;
  return { massKg, lengthCm: sizeOf(body).length, widthCm: 200 * body.scale * (centre[0] + radii[2]) };
}

/**
 * Birds of a kind are like one another in shape, so that mass goes with the cube of a length. The two measures are taken
 * together; how far they disagree widens the doubt.
 * @param lengthCm from the end of the tail to the root of the neck, legs left out
 * @param widthCm across both breasts at their widest
 * @throws QuantityError for sizes that no bird of the species has
 */
export function massByTape(
  species: Species,
  { lengthCm, widthCm }: { readonly lengthCm: number; readonly widthCm: number },
): ByTape {
  requireBetween("length by tape", lengthCm, 10, 70, "cm");
  requireBetween("breast by tape", widthCm, 5, 40, "cm");
  const usual = usualSizes(species);
  const [long, wide] = [lengthCm / usual.lengthCm, widthCm / usual.widthCm];
  const massKg = usual.massKg * (long * wide) ** 1.5;
  const [low, high] = massRangeKg(species, "whole");
  requireBetween(`${species} by tape`, massKg, low, high, "kg");
  const apart = Math.abs(Math.log(long / wide));
  return { massKg, offKg: massKg * Math.min(0.5, Math.max(constant("tapeOffShare"), 1.5 * apart)) };
}
