/** Spatchcocked: backbone and wishbone out, pressed flat, skin up, legs turned out, wing tips tucked. */
import type { Anatomy } from "../anatomy";
import { ellipsoid, mirrored, roundBox, roundCone, union } from "../fields";
import type { BirdForm } from "../form";
import type { Vec3 } from "../sdf";
import type { Posed, PosedPart } from "../solid";
import { along, distanceBetween } from "../vector";
import { joined, limb, plate, tibiaOf, tipsOf } from "./assemble";
import { skinOf } from "./whole";

/** Pressed flat, a thigh spreads: thinner by this, wider and shorter to keep its mass. */
const THIGH_PRESSED = 0.6;

export function spatchcocked(anatomy: Anatomy, form: BirdForm): Posed {
  const { light, dark } = anatomy.meat;
  const [thick, length, width] = anatomy.breast.radii;
  const [thighThick, thighLong, thighHigh] = anatomy.thigh.radii;
  const { drumstick, upperWing, lowerWing, keel, femur } = anatomy;
  const thighAt: Vec3 = [0.8 * width + 1.1 * thighHigh, -1.12 * thighLong, THIGH_PRESSED * thighThick];
  const drumFrom: Vec3 = [thighAt[0] + 1.3 * thighHigh, thighAt[1] + 0.15 * thighLong, drumstick.radiusFrom * 0.9];
  const drumLength = distanceBetween(drumstick.from, drumstick.to);
  const drum = { ...drumstick, from: drumFrom, to: along(drumFrom, [-0.45, -0.89, -0.06], drumLength) };
  const wingFrom: Vec3 = [1.64 * width, 1.04 * length, upperWing.radiusFrom];
  const wingElbow = along(wingFrom, [0.58, -0.81, 0], distanceBetween(upperWing.from, upperWing.to));
  const wingRoot = { ...upperWing, from: wingFrom, to: wingElbow };
  const wingTip = along(wingElbow, [-0.23, 0.97, 0], 0.85 * distanceBetween(lowerWing.from, lowerWing.to));
  const wingEnd = { ...lowerWing, from: wingElbow, to: wingTip };
  const femurHalf = distanceBetween(femur.from, femur.to) / 2;
  const lowered: Vec3 = [thighAt[0], thighAt[1], thighAt[2] * 0.4];
  const boneDirection: Vec3 = [0.72, 0.69, 0];
  const parts: PosedPart[] = [
    {
      name: "keel",
      tissue: "bone",
      field: plate([0, 0.48 * length, thick * 0.8], [keel.halfSizes[0], keel.halfSizes[1], thick * 0.55]),
    },
    {
      name: "femur",
      tissue: "bone",
      field: mirrored(
        roundCone(
          along(lowered, boneDirection, -femurHalf),
          along(lowered, boneDirection, femurHalf),
          femur.radiusFrom,
          femur.radiusTo,
        ),
      ),
    },
    {
      name: "tibia",
      tissue: "bone",
      field: mirrored(tibiaOf(drum)),
    },
    {
      name: "breast",
      tissue: light,
      field: mirrored(
        ellipsoid([0.79 * width, 0.48 * length, thick], [0.92 * width, 0.97 * length, thick * form.breastThickness], {
          aboutYDeg: 8,
          aboutXDeg: -2,
        }),
      ),
    },
    {
      name: "thigh",
      tissue: dark,
      field: mirrored(
        ellipsoid(thighAt, [1.2 * thighHigh, 1.02 * thighLong, THIGH_PRESSED * thighThick], { aboutZDeg: -25 }),
      ),
    },
    {
      name: "drumstick",
      tissue: dark,
      field: mirrored(limb(drum)),
    },
    {
      name: "wing",
      tissue: dark,
      field: mirrored(union(limb(wingRoot), limb(wingEnd))),
    },
    {
      name: "rib cage",
      tissue: "frame",
      field: union(
        mirrored(
          roundBox(
            [0.76 * width, 0.36 * length, thick * 0.24],
            [0.76 * width, 0.87 * length, thick * 0.34],
            thick * 0.26,
          ),
        ),
        mirrored(
          ellipsoid([0.88 * width, -1.16 * thighLong, thick * 0.5], [0.76 * width, 0.74 * thighLong, thick * 0.47]),
        ),
      ),
    },
  ];
  const body = joined(parts, anatomy.blendM);
  const tips = tipsOf(drum, wingEnd);
  return { parts, body, tips, skin: { outer: body, ...skinOf(anatomy) } };
}
