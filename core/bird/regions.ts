/**
 * Regions of the surface that can meet different things. `away` and `contact` are not places on the bird but what
 * happens to a cell: its piece has left, or it lies on something.
 */
export const REGIONS = ["skin", "breast", "tips", "cavity", "contact", "away"] as const;
export type Region = (typeof REGIONS)[number];
export const REGION: Record<Region, number> = Object.fromEntries(REGIONS.map((name, n) => [name, n])) as Record<
  Region,
  number
>;
