/** What a bird is, as far as its solid goes: species, cut, how it is tied and what is in it. */
import { QuantityError, requireBetween } from "../errors";
import type { Centre } from "./solid";
import { SPECIES, type Species } from "./species";

export const CUTS = ["whole", "spatchcock", "parts", "crown", "legs", "boneless-breast", "leg-roll"] as const;
export type Cut = (typeof CUTS)[number];

export const LEGS = ["tied", "open"] as const;
export const CAVITIES = ["empty", "aromatics", "giblets", "stuffed"] as const;

export interface BirdForm {
  readonly species: Species;
  readonly cut: Cut;
  readonly legs: (typeof LEGS)[number];
  /** Giblets: still in a bird that went into the oven frozen. */
  readonly cavity: (typeof CAVITIES)[number];
  /** Thickness of the breast against the usual bird of this mass: what a tape measure over the breast finds. */
  readonly breastThickness: number;
  /** Sold without neck and giblets: it goes into the heat as heavy as it was bought, less what is cut off. */
  readonly noGiblets: boolean;
}

export type FormChoice = Pick<BirdForm, "species" | "cut"> &
  Partial<Omit<BirdForm, "noGiblets">> & { readonly noGiblets?: boolean | undefined };

/** Cuts with a cavity that can be filled. */
export const hasCavity = (cut: Cut): boolean => cut === "whole";

/** Cuts with every piece in its joint: to be shown whole, and cut up yet. */
export const isJointed = (cut: Cut): boolean => cut === "whole" || cut === "spatchcock";

/** Cuts off their bird: what lies on the tray has no neck, and no middle line. */
export const liesInPieces = (cut: Cut): boolean => !isJointed(cut) && cut !== "crown";

/** Whether juice stands in it as it comes out. */
export const holdsJuice = ({ cut, cavity = "empty" }: Pick<FormChoice, "cut" | "cavity">): boolean =>
  hasCavity(cut) && cavity !== "stuffed";

/**
 * Every choice made.
 * @throws QuantityError for a breast thickness outside 0.6 to 1.5, or a filling where there is no cavity
 */
export function birdForm(choice: FormChoice): BirdForm {
  const { species, cut, legs = "tied", cavity = "empty", breastThickness = 1, noGiblets = false } = choice;
  if (!SPECIES.includes(species)) throw new QuantityError("species", species, { kind: "one-of", values: SPECIES });
  if (!CUTS.includes(cut)) throw new QuantityError("cut", cut, { kind: "one-of", values: CUTS });
  requireBetween("breast thickness", breastThickness, 0.6, 1.5, "times the usual");
  if (cavity !== "empty" && !hasCavity(cut)) {
    throw new QuantityError("filling of the cavity", cavity, { kind: "rule", rule: "no-cavity-to-fill" });
  }
  return { species, cut, legs, cavity, breastThickness, noGiblets };
}

/** The thermal centres a form has: what can be measured and aimed at. */
export function centresOf({ cut, cavity = "empty" }: Pick<FormChoice, "cut" | "cavity">): readonly Centre[] {
  if (cut === "crown" || cut === "boneless-breast") return ["breast"];
  if (cut === "legs") return ["thigh"];
  if (cut === "leg-roll") return ["thigh", "filling"];
  return cavity === "stuffed" ? ["breast", "thigh", "filling"] : ["breast", "thigh"];
}

/** Whether it has ends of drumsticks and tips of wings, which are thin and the first to burn. */
export const hasTips = (cut: Cut): boolean => isJointed(cut) || cut === "parts" || cut === "legs";

/** Whether it has both, which seldom finish together. */
export function hasBreastAndThigh(choice: Pick<FormChoice, "cut" | "cavity">): boolean {
  const centres = centresOf(choice);
  return centres.includes("breast") && centres.includes("thigh");
}

/** A name for caches: equal solids, equal keys; what was sold with a bird is no part of its own. */
export const formKey = ({ species, cut, legs, cavity, breastThickness }: BirdForm): string =>
  `${species}/${cut}/${legs}/${cavity}/${breastThickness.toFixed(4)}`;

/** Which end or side of a bird points somewhere. */
export const FACINGS = ["legs", "breast", "left", "right"] as const;
export type Facing = (typeof FACINGS)[number];
