/** What a solid is made of: named anatomical parts, each a signed distance field. Axes and units: `anatomy.ts`. */
import type { TissueName } from "../heat/tissue";
import type { Field } from "./fields";
import type { DistanceField, Vec3 } from "./sdf";

export const PART_NAMES = [
  "breast",
  "tenderloin",
  "thigh",
  "drumstick",
  "wing",
  "back",
  "rib cage",
  "keel",
  "wishbone",
  "femur",
  "tibia",
  "filling",
] as const;
export type PartName = (typeof PART_NAMES)[number];

/** Points a thermometer is put to. */
export const CENTRES = ["breast", "thigh", "filling"] as const;
export type Centre = (typeof CENTRES)[number];
export type CentreTemperatures = Partial<Record<Centre, number>>;

/** What can be taken off or out of the oven by itself. */
export const PIECES = ["breast", "thigh", "drumstick", "wing", "back", "filling"] as const;
export type Piece = (typeof PIECES)[number];

/** The piece each part goes with. */
export const PIECE_OF_PART: Record<PartName, Piece> = {
  breast: "breast",
  tenderloin: "breast",
  "rib cage": "breast",
  keel: "breast",
  wishbone: "breast",
  thigh: "thigh",
  femur: "thigh",
  drumstick: "drumstick",
  tibia: "drumstick",
  wing: "wing",
  back: "back",
  filling: "filling",
};

export interface BodyPart<Of extends DistanceField = DistanceField> {
  readonly name: PartName;
  readonly tissue: TissueName;
  readonly field: Of;
}

/** Any solid the voxels can be made of. */
export interface Solid<Of extends DistanceField = DistanceField> {
  /** Bones first: where parts lie within one another, the first that holds a point has it. */
  readonly parts: readonly BodyPart<Of>[];
  /** The meat that air touches: the outer skin with the cavity taken out. */
  readonly body: Of;
  /** Inside of the cavity's air, negative within; absent where the cut has none. */
  readonly cavity?: Of;
  /** Drumstick ends and wing tips: thin, first to burn. */
  readonly tips?: Of;
  /** Skin and the fat under it, over the outside of the meat. */
  readonly skin?: { readonly outer: Of; readonly depthM: number; readonly tissue: TissueName };
  /** A box that holds the half x ≥ 0: low and high corners, metres of the reference bird. */
  readonly bounds: { readonly low: Vec3; readonly high: Vec3 };
}

/** A bird's solid before its bounds are known. */
export type Posed = Omit<Solid<Field>, "bounds">;
export type PosedPart = BodyPart<Field>;

export const isBone = (part: BodyPart): boolean => part.tissue === "bone";

/** Parts that lie inside others and have what they hold. */
const isInner = (part: BodyPart): boolean => isBone(part) || part.name === "filling" || part.name === "tenderloin";

/** The part a point belongs to: an inner one that holds it, else the meat it lies deepest in. */
export function partAt(parts: readonly BodyPart[], x: number, y: number, z: number): number {
  let best = 0;
  let bestDistance = Number.POSITIVE_INFINITY;
  for (let n = 0; n < parts.length; n++) {
    const part = parts[n] as BodyPart;
    const distance = part.field.at(x, y, z);
    if (isInner(part)) {
      if (distance < 0) return n;
      continue;
    }
    if (distance < bestDistance) {
      bestDistance = distance;
      best = n;
    }
  }
  return best;
}
