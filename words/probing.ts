/** Where a thermometer goes in, in words: from where, how high, which way, how deep. */
import { type Cut, liesInPieces } from "../core/bird/form";
import type { PlacedFrom } from "../core/bird/placing";
import type { ProbePath } from "../core/bird/probePath";
import type { Centre } from "../core/bird/solid";
import type { PointIn } from "../core/bird/solidGeometry";
import type { ProbeGuide } from "../core/forecast/probeGuide";
import {
  CM_PER_INCH,
  formatLength,
  formatTemperature,
  formatTemperatureDifference,
  type UnitSystem,
} from "../core/units/quantity";
import { capital } from "./capital";
import type { StepWords } from "./guides";
import { PART_NAMES } from "./names";
import { pointWords } from "./solid";

/** To the half centimetre or quarter inch: no tip is placed more finely. */
const about = (cm: number, units: UnitSystem): string => {
  const step = units === "us" ? CM_PER_INCH / 4 : 0.5;
  return formatLength(step * Math.round(cm / step), units);
};

/** A hand aims no better, degrees. */
const AIM_DEG = 6;
const toFive = (degrees: number): number => 5 * Math.round(Math.abs(degrees) / 5);

/** By which end of a piece that lies by itself: it has no neck, and no middle line of a bird. */
const PIECE_ENDS: Record<"breast" | "thigh", Record<"neck" | "tail", string>> = {
  breast: { neck: "From its thick end", tail: "From its thin end" },
  thigh: { neck: "From one end of it", tail: "From one end of it" },
};

function entryOfPiece(centre: "breast" | "thigh", path: ProbePath, units: UnitSystem): string {
  if (path.from === "above") return "From above, over its thickest place";
  const above = `${about(path.aboveBoardCm, units)} above the board`;
  if (path.from === "side") return `From its side, ${above}, at its thickest place`;
  const across =
    path.besideTipCm < 1 ? "in the middle of its width" : `${about(path.besideTipCm, units)} beside its middle`;
  return `${PIECE_ENDS[centre][path.from]}, ${above}, ${across}`;
}

function entryWords(path: ProbePath, units: UnitSystem): string {
  const above = `${about(path.aboveBoardCm, units)} above the board`;
  // In the middle itself nobody measures to the side.
  const beside =
    path.besideMiddleCm < 0.5 ? "in the middle" : `${about(path.besideMiddleCm, units)} beside the middle line`;
  const fromNeck = `${about(path.fromNeckCm, units)} from the neck end`;
  switch (path.from) {
    case "neck":
      return `From the neck end, ${above}, ${beside}`;
    case "tail":
      return `From the tail end, ${above}, ${beside}`;
    case "side":
      return `From the side, ${above}, ${fromNeck}`;
    case "above":
      return `From above, ${fromNeck}, ${beside}`;
  }
}

function aimWords({ downDeg, inwardDeg, from }: ProbePath): string {
  if (from === "above") return downDeg > 90 - AIM_DEG ? "straight down" : `down, leaning ${toFive(90 - downDeg)}°`;
  const slope =
    Math.abs(downDeg) < AIM_DEG ? "level with the board" : `${toFive(downDeg)}° ${downDeg > 0 ? "down" : "up"}`;
  if (from === "side") return slope;
  const turn =
    Math.abs(inwardDeg) < AIM_DEG
      ? "straight along"
      : `${toFive(inwardDeg)}° towards ${inwardDeg > 0 ? "the middle" : "the outside"}`;
  return `${slope}, ${turn}`;
}

/** By how much a hand is easily off. */
const SLIPS: Record<UnitSystem, { readonly name: string; readonly cm: number }> = {
  metric: { name: "A centimetre", cm: 1 },
  us: { name: "Half an inch", cm: CM_PER_INCH / 2 },
};

/** One way in, for a drawing of it. @param paired the other side is its mirror image */
export function probeWords(guide: ProbeGuide, cut: Cut, paired: boolean, units: UnitSystem): StepWords {
  const { centre, depthCm, moreKPerCm, offBoneCm } = guide;
  const name = PART_NAMES[centre];
  if (centre === "filling") {
    return {
      does: "Stuffing",
      how: `${cut === "leg-roll" ? "From one end, along the roll" : "Through the opening"}, into its middle: it is as far from the meat all round as it can be.`,
    };
  }
  const bone =
    offBoneCm < 2
      ? ` The bone is a finger's breadth away: where the tip meets something hard, draw it back a little.`
      : "";
  const slip = SLIPS[units];
  const slipK = moreKPerCm * slip.cm;
  const off =
    slipK < 0.5
      ? `${slip.name} too far in or out hardly shows.`
      : `${slip.name} too far in or out shows about ${formatTemperatureDifference(slipK, units)} too much.`;
  const isPiece = liesInPieces(cut);
  const alike = isPiece ? ", both alike" : ", both sides alike";
  return {
    does: `${capital(name)}${paired ? alike : ""}`,
    how: `${isPiece ? entryOfPiece(centre, guide, units) : entryWords(guide, units)}: ${aimWords(guide)}, pushed in ${about(depthCm, units)}; mark that on the stem.${bone} ${off}`,
  };
}

/** A bird lies with its tail towards the cook; pieces on their tray have a far end and a near one. */
const ENDS = {
  bird: { neck: "the neck end", tail: "the tail end", middle: "the middle line", towardsTail: "towards the tail" },
  pieces: { neck: "the far end", tail: "the near end", middle: "the tray's middle", towardsTail: "towards you" },
} as const;
const endsOf = (cut: Cut) => ENDS[liesInPieces(cut) ? "pieces" : "bird"];

export const placedFromNames = (cut: Cut): Record<PlacedFrom, string> => ({
  above: "From above",
  left: "From the left side",
  right: "From the right side",
  neck: `From ${endsOf(cut).neck}`,
  tail: `From ${endsOf(cut).tail}`,
});

/** What is measured of a placing, by where it comes from. */
export function placingNames(from: PlacedFrom, cut: Cut): Record<"along" | "across" | "down" | "in", string> {
  const { neck, middle, towardsTail } = endsOf(cut);
  const isEnd = from === "neck" || from === "tail";
  return {
    along: isEnd ? `Beside ${middle}` : `From ${neck}`,
    across: from === "above" ? `Beside ${middle}` : "Above the board",
    down: from === "above" ? `Leaning ${towardsTail}` : "Sloping down",
    in: from === "left" || from === "right" ? `Turned ${towardsTail}` : "Turned towards the middle",
  };
}

/** A length to the millimetre, or the sixteenth of an inch; to a side where it has one. */
export function placedLength(cm: number, units: UnitSystem, sided: boolean): string {
  const text =
    units === "us"
      ? `${(Math.round((16 * Math.abs(cm)) / CM_PER_INCH) / 16).toFixed(2)} in`
      : `${Math.abs(cm).toFixed(1)} cm`;
  return sided && Math.abs(cm) > 0.05 ? `${text} ${cm < 0 ? "left" : "right"}` : text;
}

/** How far a tip is from where it belongs. */
export const offLength = (mm: number, units: UnitSystem): string =>
  units === "us" ? placedLength(mm / 10, units, false) : `${Math.round(mm)} mm`;

export interface PlacedReading {
  readonly at: PointIn;
  /** Nearest thermal centre: its name, and how far off, cm. */
  readonly centre: Centre;
  readonly offCm: number;
  /** As it comes out: there, and at that centre, °C. */
  readonly showsC: number;
  readonly deepestC: number;
}

/** On bone within so little, cm: a tip's own radius and the play of the hand. */
const NEAR_BONE_CM = 0.5;

/** What a thermometer put there would be worth, in a sentence or two. */
export function placedWords({ at, centre, offCm, showsC, deepestC }: PlacedReading, units: UnitSystem): string {
  const where = pointWords(at, units);
  const place = `The tip is ${where}, ${formatLength(offCm, units)} from the deepest ${PART_NAMES[centre]}.`;
  if (at.is === "outside") return "The stem does not reach into the bird.";
  if (at.is === "cavity") return `The tip is ${where}: it reads the air in the bird, not the meat.`;
  const offK = showsC - deepestC;
  const shows = `As the bird comes out it would show ${formatTemperature(showsC, units)}`;
  const off =
    Math.abs(offK) < 0.5
      ? "the same as the deepest meat"
      : `${formatTemperatureDifference(Math.abs(offK), units)} ${offK > 0 ? "more" : "less"} than the deepest meat`;
  const bone =
    at.is === "bone"
      ? " Bone carries heat its own way: draw back a little."
      : at.offBoneCm < NEAR_BONE_CM
        ? " Bone is close by: draw back a little."
        : "";
  return `${place} ${shows}, ${off}.${bone}`;
}
