/** What the poses share: making fields of the anatomy's pieces, and joining parts under one skin. */
import type { Limb, Lobe } from "../anatomy";
import { ellipsoid, type Field, flowing, grown, mirrored, roundBox, roundCone, union } from "../fields";
import type { Vec3 } from "../sdf";
import { isBone, type PosedPart } from "../solid";

export const lobe = ({ centre, radii, turn }: Lobe): Field => ellipsoid(centre, radii, turn);
export const limb = ({ from, to, radiusFrom, radiusTo }: Limb): Field => roundCone(from, to, radiusFrom, radiusTo);
export const plate = (centre: Vec3, halfSizes: Vec3): Field =>
  roundBox(centre, halfSizes, 0.8 * Math.min(...halfSizes));

/** Parts flowing into one another, as under skin. Bones lie inside and add nothing. */
export const joined = (parts: readonly PosedPart[], blendM: number): Field =>
  flowing(
    parts.filter((part) => !isBone(part)).map((part) => part.field),
    blendM,
  );

/** The bone down the middle of a drumstick. */
export const tibiaOf = ({ from, to, radiusFrom, radiusTo }: Limb): Field =>
  roundCone(from, to, radiusFrom * 0.24, radiusTo * 0.5);

/** Drumstick ends and wing tips, as a cook caps them. */
export const tipsOf = (drumstick: Limb, lowerWing: Limb): Field => {
  const cap = 2.4 * drumstick.radiusTo;
  return mirrored(union(ellipsoid(drumstick.to, [cap, cap, cap]), grown(limb(lowerWing), 0.004)));
};
