/** What bands of a picture stand for: temperature, or salt in the meat. */
import { BAND_EDGES_C, bandColour } from "../ui/temperatureScale";

export interface BandScale {
  /** Lower edges of the bands, ascending. */
  readonly edges: readonly number[];
  colourOf(edge: number): string;
}

export const TEMPERATURE_BANDS: BandScale = { edges: BAND_EDGES_C, colourOf: bandColour };

/** Salt by mass of meat, %. */
const SALT_EDGES = [-1, 0.1, 0.25, 0.5, 0.75, 1, 1.5, 2] as const;
/** From no salt, pale, to much, deep: lightness falls all the way. */
const saltColour = (edge: number): string => {
  const share = Math.max(0, (SALT_EDGES as readonly number[]).indexOf(edge)) / (SALT_EDGES.length - 1);
  return `oklch(${(0.955 - 0.6 * share).toFixed(3)} ${(0.015 + 0.075 * share).toFixed(3)} ${(205 + 25 * share).toFixed(0)})`;
};
export const SALT_BANDS: BandScale = { edges: SALT_EDGES, colourOf: saltColour };
