/** The bird taken apart: pieces on a tray, the crown, a boneless breast, a boned leg stuffed and tied. */
import type { Anatomy, Limb } from "../anatomy";
import {
  above,
  ellipsoid,
  type Field,
  keptAbove,
  mirrored,
  neckwards,
  roundBox,
  roundCone,
  union,
  within,
  without,
} from "../fields";
import type { BirdForm } from "../form";
import type { Vec3 } from "../sdf";
import { isBone, type Posed, type PosedPart } from "../solid";
import { along, distanceBetween } from "../vector";
import { joined, limb, lobe, plate, tibiaOf, tipsOf } from "./assemble";
import { skinOf, thicker } from "./whole";

/** Room left between pieces on the tray, as a share of the breast's width. */
const GAP_SHARE = 0.35;

/** Share of a piece's half height that is lost where it lies. */
const FLAT_SHARE = 0.12;
const lying = (field: Field, floorZ: number): Field => within(field, above(floorZ));

/** A thigh lying with its bone along y: bone first, as parts are listed. */
function thighParts({ femur }: Anatomy, at: Vec3, [across, long, up]: Vec3, tissue: PosedPart["tissue"]): PosedPart[] {
  const half = distanceBetween(femur.from, femur.to) / 2;
  const bone: Vec3 = [at[0], at[1], at[2] - 0.3 * up];
  const shaft = roundCone(
    along(bone, [0, 1, 0], -half),
    along(bone, [0, 1, 0], half),
    femur.radiusFrom,
    femur.radiusTo,
  );
  return [
    { name: "femur", tissue: "bone", field: mirrored(shaft) },
    { name: "thigh", tissue, field: mirrored(ellipsoid(at, [across, long, up])) },
  ];
}

const drumParts = (drum: Limb, tissue: PosedPart["tissue"]): PosedPart[] => [
  { name: "tibia", tissue: "bone", field: mirrored(tibiaOf(drum)) },
  { name: "drumstick", tissue, field: mirrored(limb(drum)) },
];

/** Both legs whole, thigh and drumstick in one, skin up and bent as they lie, a finger apart. */
export function wholeLegs(anatomy: Anatomy, _form: BirdForm): Posed {
  const { dark } = anatomy.meat;
  const [thighThick, thighLong, thighHigh] = anatomy.thigh.radii;
  const { drumstick } = anatomy;
  const up = 0.78 * thighThick;
  const floor = FLAT_SHARE * up;
  const radii: Vec3 = [1.2 * thighHigh, 1.12 * thighLong, up];
  const thighAt: Vec3 = [GAP_SHARE * thighHigh + radii[0], 0, up];
  // From the knee, at the outer end of the thigh, back along it: as a leg folds by itself.
  const knee: Vec3 = [thighAt[0] + 0.55 * radii[0], 0.62 * radii[1], floor + drumstick.radiusFrom];
  const drum = {
    ...drumstick,
    from: knee,
    to: along(knee, [0.5, -0.86, -0.1], distanceBetween(drumstick.from, drumstick.to)),
  };
  const parts = [...thighParts(anatomy, thighAt, radii, dark), ...drumParts(drum, dark)];
  parts.sort((a, b) => Number(isBone(b)) - Number(isBone(a)));
  const outer = joined(parts, anatomy.blendM);
  const cap = ellipsoid(drum.to, [2.4, 2.4, 2.4].map((share) => share * drum.radiusTo) as unknown as Vec3);
  return { parts, body: lying(outer, floor), tips: mirrored(cap), skin: { outer, ...skinOf(anatomy) } };
}

/** Breast halves on the bone, thighs, drumsticks and wings, skin up, a finger apart. */
export function pieces(anatomy: Anatomy, form: BirdForm): Posed {
  const { light, dark } = anatomy.meat;
  const [thick, length, width] = anatomy.breast.radii;
  const [thighThick, thighLong, thighHigh] = anatomy.thigh.radii;
  const { drumstick, upperWing, lowerWing } = anatomy;
  const gap = GAP_SHARE * width;
  // Off the bird, meat settles: flatter and wider than it hung on the bone, and flat where it lies.
  const high = thick * 1.02 * form.breastThickness;
  const floor = FLAT_SHARE * high;
  const breastAt: Vec3 = [gap / 2 + 1.08 * width, gap / 2 + length, high];
  const thighUp = 0.78 * thighThick;
  const thighAt: Vec3 = [gap / 2 + 1.2 * thighHigh, -(gap / 2 + 1.12 * thighLong), floor + (1 - FLAT_SHARE) * thighUp];
  const drumLength = distanceBetween(drumstick.from, drumstick.to);
  const drumFrom: Vec3 = [
    thighAt[0] + 1.2 * thighHigh + gap + drumstick.radiusFrom,
    -(gap / 2 + drumstick.radiusFrom + drumLength),
    floor + drumstick.radiusFrom,
  ];
  const drum = { ...drumstick, from: drumFrom, to: along(drumFrom, [0, 0.995, -0.1], drumLength) };
  const wingFrom: Vec3 = [
    breastAt[0] + 1.08 * width + gap + upperWing.radiusFrom,
    gap / 2 + upperWing.radiusFrom,
    floor + upperWing.radiusFrom,
  ];
  const wingElbow = along(wingFrom, [0.45, 0.89, 0], distanceBetween(upperWing.from, upperWing.to));
  const wingRoot = { ...upperWing, from: wingFrom, to: wingElbow };
  const wingTip = along(wingElbow, [-0.4, 0.92, 0], distanceBetween(lowerWing.from, lowerWing.to));
  const wingEnd = { ...lowerWing, from: wingElbow, to: wingTip };
  const breastField = ellipsoid(breastAt, [1.08 * width, 1.0 * length, high]);
  const ribs = within(
    roundBox(
      [breastAt[0] - 0.1 * width, breastAt[1], high * 0.5],
      [0.75 * width, 0.7 * length, thick * 0.2],
      thick * 0.14,
    ),
    breastField,
  );
  const groups: PosedPart[][] = [
    [
      { name: "breast", tissue: light, field: mirrored(breastField) },
      { name: "rib cage", tissue: "frame", field: mirrored(ribs) },
    ],
    thighParts(anatomy, thighAt, [1.2 * thighHigh, 1.12 * thighLong, thighUp], dark),
    drumParts(drum, dark),
    [
      {
        name: "wing",
        tissue: dark,
        field: mirrored(union(limb(wingRoot), limb(wingEnd))),
      },
    ],
  ];
  // Each piece has a skin of its own: joined within, apart from the others; all lie flat on one tray.
  const outer = union(...groups.map((parts) => joined(parts, anatomy.blendM)));
  const body = lying(outer, floor);
  const parts = groups.flat();
  parts.sort((a, b) => Number(isBone(b)) - Number(isBone(a)));
  const tips = tipsOf(drum, wingEnd);
  return { parts, body, tips, skin: { outer, ...skinOf(anatomy) } };
}

/** Breast on the bone without legs and back: it stands on its ribs, open below. */
export function crown(anatomy: Anatomy, form: BirdForm): Posed {
  const { light } = anatomy.meat;
  const { keel, cavity } = anatomy;
  const breast = thicker(anatomy.breast, form.breastThickness);
  const floor = cavity.centre[2] - 0.35 * cavity.radii[2];
  const tailEnd = breast.centre[1] - 1.02 * breast.radii[1];
  const kept = within(above(floor), neckwards(tailEnd));
  const space = lobe(cavity);
  const parts: PosedPart[] = [
    { name: "keel", tissue: "bone", field: plate(keel.centre, keel.halfSizes) },
    { name: "wishbone", tissue: "bone", field: mirrored(limb(anatomy.wishbone)) },
    { name: "tenderloin", tissue: light, field: mirrored(lobe(anatomy.tenderloin)) },
    { name: "breast", tissue: light, field: mirrored(lobe(breast)) },
    { name: "rib cage", tissue: "frame", field: within(lobe(anatomy.ribCage), kept) },
  ];
  const outer = within(joined(parts, anatomy.blendM), kept);
  return { parts, cavity: space, body: without(outer, space), skin: { outer, ...skinOf(anatomy) } };
}

/** One lobe off the bone, lying skin up. */
export function bonelessBreast(anatomy: Anatomy, form: BirdForm): Posed {
  const { light } = anatomy.meat;
  const [thick, length, width] = anatomy.breast.radii;
  const high = thick * 1.04 * form.breastThickness;
  const field = lying(ellipsoid([0, 0, high], [1.1 * width, length, high]), FLAT_SHARE * high);
  const parts: PosedPart[] = [{ name: "breast", tissue: light, field }];
  // Skin above only: the outer face of the layer is the meat's own outside, lowered where it has none.
  const outer = keptAbove(field, high * 0.8, -1);
  return { parts, body: field, skin: { outer, ...skinOf(anatomy) } };
}

/** A leg boned out, filled and tied into a roll; the raw filling has a thermal centre of its own. */
export function legRoll(anatomy: Anatomy, _form: BirdForm): Posed {
  const { dark } = anatomy.meat;
  const [thick, long] = anatomy.thigh.radii;
  const radius = thick * 1.02;
  const half = long * 0.95;
  const field = roundCone([0, -half, radius], [0, half, radius], radius, radius * 0.92);
  const filling = roundCone([0, -half * 0.95, radius], [0, half * 0.95, radius], radius * 0.42, radius * 0.42);
  const parts: PosedPart[] = [
    { name: "filling", tissue: "meatFilling", field: filling },
    { name: "thigh", tissue: dark, field },
  ];
  return { parts, body: field, skin: { outer: field, ...skinOf(anatomy) } };
}
