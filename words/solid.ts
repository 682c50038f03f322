/** The solid in words: from where it is seen, where it is cut, what a point of it is. */
import type { CutAlong, SeenFrom, SolidCut } from "../core/bird/look";
import type { PartName } from "../core/bird/solid";
import type { PointIn } from "../core/bird/solidGeometry";
import { formatLength, formatTemperature, type UnitSystem } from "../core/units/quantity";

export const SEEN_FROM_NAMES: Record<SeenFrom, string> = {
  side: "From its side",
  above: "From above",
  tail: "From the tail end",
  neck: "From the neck end",
  below: "From below",
};

export const CUT_ALONG_NAMES: Record<CutAlong, string> = {
  none: "Whole",
  lengthwise: "Cut lengthwise",
  across: "Cut across",
  level: "Cut level",
};

/** Under this nobody cuts off the middle on purpose, cm. */
const MIDDLE_CM = 0.3;

/** Where a cut lies. @param scale metres of this bird in one of the reference bird */
export function cutPlaceWords({ along, atM, tiltDeg }: SolidCut, scale: number, units: UnitSystem): string {
  const cm = 100 * scale * atM;
  const tilt = Math.abs(tiltDeg) < 1 ? "" : `, tilted ${Math.round(Math.abs(tiltDeg))}°`;
  switch (along) {
    case "none":
      return "not cut";
    case "lengthwise":
      return `${Math.abs(cm) < MIDDLE_CM ? "through the middle" : `${formatLength(Math.abs(cm), units)} ${cm < 0 ? "left" : "right"} of the middle`}${tilt}`;
    case "across":
      return `${formatLength(cm, units)} from the tail${tilt}`;
    case "level":
      return `${formatLength(cm, units)} above the board${tilt}`;
  }
}

const PARTS: Partial<Record<PartName, string>> = { filling: "stuffing", tenderloin: "inner fillet" };
const partWords = (part: PartName): string => PARTS[part] ?? part;

/** What lies where a tip is. */
export function pointWords({ is, part, underSkinCm }: PointIn, units: UnitSystem): string {
  switch (is) {
    case "outside":
      return "outside the bird";
    case "cavity":
      return "in the cavity: in air";
    case "bone":
      return `on bone: the ${part}`;
    case "skin":
      return `in the skin of the ${partWords(part)}`;
    case "meat":
      return `in the ${partWords(part)}, ${formatLength(underSkinCm, units)} under the skin`;
  }
}

interface Seen {
  readonly bird: string;
  readonly from: SeenFrom;
  readonly cut: SolidCut;
  readonly scale: number;
  readonly readC: readonly (readonly [name: string, celsius: number])[];
  readonly coldest: { readonly celsius: number; readonly at: PointIn | null };
  readonly units: UnitSystem;
}

/** The picture for who does not see it. */
export function solidWords({ bird, from, cut, scale, readC, coldest, units }: Seen): string {
  const read = readC.map(([name, celsius]) => `${name} ${formatTemperature(celsius, units)}`);
  const cold = `coldest ${formatTemperature(coldest.celsius, units)}${coldest.at ? `, ${pointWords(coldest.at, units)}` : ""}`;
  const cutSaid =
    cut.along === "none" ? "" : `, ${CUT_ALONG_NAMES[cut.along].toLowerCase()}, ${cutPlaceWords(cut, scale, units)}`;
  return `${bird}, seen ${SEEN_FROM_NAMES[from].toLowerCase()}${cutSaid}: ${[...read, cold].join("; ")}`;
}
