/** Where a thermometer goes in, in words: from where, how high, which way, how deep. */
import type { ProbePath } from "../core/bird/probePath";
import type { ProbeGuide } from "../core/forecast/probeGuide";
import { formatLength, formatTemperatureDifference, type UnitSystem } from "../core/units/quantity";
import type { StepWords } from "./guides";
import { PART_NAMES } from "./names";

const CM_PER_INCH = 2.54;

/** To the half centimetre or quarter inch: no tip is placed more finely. */
const about = (cm: number, units: UnitSystem): string => {
  const step = units === "us" ? CM_PER_INCH / 4 : 0.5;
  return formatLength(step * Math.round(cm / step), units);
};

/** A hand aims no better, degrees. */
const AIM_DEG = 6;
const toFive = (degrees: number): number => 5 * Math.round(Math.abs(degrees) / 5);

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

/** One way in, for a drawing of it. @param paired the other side is its mirror image */
export function probeWords(guide: ProbeGuide, paired: boolean, units: UnitSystem): StepWords {
  const { centre, depthCm, moreKPerCm, offBoneCm } = guide;
  const name = PART_NAMES[centre];
  if (centre === "filling") {
    return {
      does: "Stuffing",
      how: "Through the opening, into its middle: it is as far from the meat all round as it can be.",
    };
  }
  const bone =
    offBoneCm < 2
      ? ` The bone is a finger's breadth away: where the tip meets something hard, draw it back a little.`
      : "";
  const off =
    moreKPerCm < 0.5
      ? "A centimetre too far in or out hardly shows."
      : `A centimetre too far in or out shows about ${formatTemperatureDifference(moreKPerCm, units)} too much.`;
  return {
    does: `${name.charAt(0).toUpperCase()}${name.slice(1)}${paired ? ", both sides alike" : ""}`,
    how: `${entryWords(guide, units)}: ${aimWords(guide)}, ${about(depthCm, units)} in; mark that on the stem.${bone} ${off}`,
  };
}
