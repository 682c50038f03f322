/** The whole bird, trussed or with its legs left open; cavity empty, with aromatics, or stuffed. */
import type { Anatomy, Lobe } from "../anatomy";
import { below, mirrored, union, within, without } from "../fields";
import type { BirdForm } from "../form";
import type { Posed, PosedPart } from "../solid";
import { joined, limb, lobe, plate, tibiaOf, tipsOf } from "./assemble";

export const skinOf = ({ skinM, skin }: Anatomy) => ({ depthM: skinM, tissue: skin }) as const;

export const thicker = (part: Lobe, factor: number): Lobe => ({
  ...part,
  radii: [part.radii[0] * factor, part.radii[1], part.radii[2]],
});

/** Thigh, femur and drumstick as they stand: tied close, or let go outwards. */
function legs(anatomy: Anatomy, open: boolean) {
  const { thigh, femur, drumstick, openLegs } = anatomy;
  if (!open) return { thigh, femur, drumstick };
  const { outM, turnDeg } = openLegs;
  const out = ([x, y, z]: readonly [number, number, number], share: number) =>
    [x + outM * share, y, z - outM * 0.3 * share] as const;
  return {
    thigh: { ...thigh, centre: out(thigh.centre, 1), turn: { ...thigh.turn, aboutZDeg: -turnDeg } },
    femur: { ...femur, from: out(femur.from, 1), to: out(femur.to, 1) },
    drumstick: { ...drumstick, from: out(drumstick.from, 1), to: out(drumstick.to, 2.6) },
  };
}

/** How high a filling stands, in half heights of the cavity from its middle. */
const FILL_LEVEL = { empty: -1, giblets: -0.2, aromatics: 0, stuffed: 1 } as const;
const FILL_TISSUE = { giblets: "giblets", aromatics: "aromatics", stuffed: "breadStuffing" } as const;

export function wholeBird(anatomy: Anatomy, form: BirdForm): Posed {
  const { light, dark } = anatomy.meat;
  const { keel } = anatomy;
  const leg = legs(anatomy, form.legs === "open");
  const space = lobe(anatomy.cavity);
  const [, , cavityZ] = anatomy.cavity.centre;
  const levelZ = cavityZ + FILL_LEVEL[form.cavity] * anatomy.cavity.radii[2];
  const filled = form.cavity === "empty" ? null : within(space, below(levelZ));
  const parts: PosedPart[] = [
    { name: "keel", tissue: "bone", field: plate(keel.centre, keel.halfSizes) },
    { name: "wishbone", tissue: "bone", field: mirrored(limb(anatomy.wishbone)) },
    { name: "femur", tissue: "bone", field: mirrored(limb(leg.femur)) },
    { name: "tibia", tissue: "bone", field: mirrored(tibiaOf(leg.drumstick)) },
    { name: "tenderloin", tissue: light, field: mirrored(lobe(anatomy.tenderloin)) },
    { name: "breast", tissue: light, field: mirrored(lobe(thicker(anatomy.breast, form.breastThickness))) },
    { name: "thigh", tissue: dark, field: mirrored(lobe(leg.thigh)) },
    { name: "drumstick", tissue: dark, field: mirrored(limb(leg.drumstick)) },
    { name: "wing", tissue: dark, field: mirrored(union(limb(anatomy.upperWing), limb(anatomy.lowerWing))) },
    { name: "rib cage", tissue: "frame", field: lobe(anatomy.ribCage) },
    { name: "back", tissue: "frame", field: union(limb(anatomy.neck), limb(anatomy.tail)) },
  ];
  const outer = joined(parts, anatomy.blendM);
  if (filled && form.cavity !== "empty") {
    parts.unshift({ name: "filling", tissue: FILL_TISSUE[form.cavity], field: filled });
  }
  const hollow = filled ? without(space, filled) : space;
  return {
    parts,
    ...(form.cavity !== "stuffed" && { cavity: hollow }),
    body: form.cavity === "stuffed" ? union(outer, space) : without(outer, hollow),
    tips: tipsOf(leg.drumstick, anatomy.lowerWing),
    skin: { outer, ...skinOf(anatomy) },
  };
}
