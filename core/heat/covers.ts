/** What may cover a bird and what it may lie on, in the heat and at its rest: the names that plans choose from. */

export const SHIELDS = ["none", "breast", "tips", "breast-and-tips", "all"] as const;
export type Shield = (typeof SHIELDS)[number];

/** Foil drawn tight around it; its dish covered, by a lid or by foil sealed over it; or the whole of it in a roasting bag. */
export const WRAPS = ["none", "foil", "lid", "bag"] as const;
export type Wrap = (typeof WRAPS)[number];

/** A stand holds a whole bird upright: it lies on nothing, and no side of it looks down. */
export const UNDERLAYS = ["rack", "deep-pan", "pan", "hot-stone", "grate", "vegetables", "stand"] as const;
export type Underlay = (typeof UNDERLAYS)[number];
export const isUpright = (underlay: Underlay | undefined): boolean => underlay === "stand";

/** At its rest. */
export const COVERS = ["none", "foil", "towels", "box"] as const;
export type Cover = (typeof COVERS)[number];
