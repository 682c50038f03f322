/** A heat in words: what is turned and fed, where its bird is, and what is opened to get at it. */
import { type HeatSource, isFire, SOURCE_TRAITS } from "../core/heat/sources";

interface HeatWords {
  readonly is: "oven" | "fire";
  readonly into: string;
  readonly in: string;
  readonly outOf: string;
}
const OVEN: HeatWords = { is: "oven", into: "into the oven", in: "in the oven", outOf: "out of the oven" };
const FIRE: HeatWords = { is: "fire", into: "onto the heat", in: "on the heat", outOf: "off the heat" };

export const heatWords = (heat: HeatSource): HeatWords => (isFire(heat) ? FIRE : OVEN);

/** How one works at a bird in it. */
export function quickly(heat: HeatSource): string {
  const { shutBy } = SOURCE_TRAITS[heat];
  return shutBy ? `${shutBy} shut again at once` : "as it turns";
}
