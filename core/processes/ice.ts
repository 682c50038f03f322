/** What a plan says of a bird's ice: where it thaws, and how much a hand finds on the morning. */

/** Where a bird thaws; none: it goes in with its ice. */
export const THAW_PLACES = ["fridge", "water", "brine", "none"] as const;
export type ThawPlace = (typeof THAW_PLACES)[number];

/** As shares of the bird's water that are still ice. */
export const ICE_LEFT = ["cavity", "middle", "most"] as const;
export type IceLeft = (typeof ICE_LEFT)[number];
export const ICE_SHARE: Record<IceLeft, number> = { cavity: 0.06, middle: 0.2, most: 0.5 };
