/** What the poses share: making fields of the anatomy's pieces, and joining parts under one skin. */
import type { Limb, Lobe } from "../anatomy";
import { type DistanceField, ellipsoid, roundBox, roundCone, smoothUnion, type Vec3 } from "../sdf";
import type { BodyPart } from "../solid";

export const lobe = ({ centre, radii, turn }: Lobe): DistanceField => ellipsoid(centre, radii, turn);
export const limb = ({ from, to, radiusFrom, radiusTo }: Limb): DistanceField =>
  roundCone(from, to, radiusFrom, radiusTo);
export const plate = (centre: Vec3, halfSizes: Vec3): DistanceField =>
  roundBox(centre, halfSizes, 0.8 * Math.min(...halfSizes));

/** The left part is the right one's mirror image. */
export const mirrored =
  (field: DistanceField): DistanceField =>
  (x, y, z) =>
    field(Math.abs(x), y, z);

export const union =
  (...fields: readonly DistanceField[]): DistanceField =>
  (x, y, z) => {
    let least = Number.POSITIVE_INFINITY;
    for (const field of fields) least = Math.min(least, field(x, y, z));
    return least;
  };

export const within =
  (a: DistanceField, b: DistanceField): DistanceField =>
  (x, y, z) =>
    Math.max(a(x, y, z), b(x, y, z));

export const without =
  (a: DistanceField, b: DistanceField): DistanceField =>
  (x, y, z) =>
    Math.max(a(x, y, z), -b(x, y, z));

/** Parts flowing into one another, as under skin. Bones lie inside and add nothing. */
export function joined(parts: readonly BodyPart[], blendM: number): DistanceField {
  const fields = parts.filter(({ tissue }) => tissue !== "bone").map((part) => part.field);
  return (x, y, z) => {
    let distance = 1;
    for (const field of fields) distance = smoothUnion(distance, field(x, y, z), blendM);
    return distance;
  };
}

/** The bone down the middle of a drumstick. */
export const tibiaOf = ({ from, to, radiusFrom, radiusTo }: Limb): DistanceField =>
  roundCone(from, to, radiusFrom * 0.24, radiusTo * 0.5);

/** Drumstick ends and wing tips, as a cook caps them. */
export const tipsOf = (drumstick: Limb, lowerWing: Limb): DistanceField => {
  const cap = 2.4 * drumstick.radiusTo;
  const end = ellipsoid(drumstick.to, [cap, cap, cap]);
  const wing = limb(lowerWing);
  return mirrored((x, y, z) => Math.min(end(x, y, z), wing(x, y, z) - 0.004));
};
