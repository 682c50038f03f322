/** What is known of an oven or a fire, in words. */
import { type HeatSource, isFire, shutBy } from "../core/heat/sources";
import type { LearnedOven } from "../core/log/ovens";
import type { OvenTest } from "../core/log/ovenTest";
import type { Oven } from "../core/plan/kitchen";
import { formatTemperatureDifference } from "../core/units/quantity";
import type { Reader } from "./time";

const COUNTS = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"] as const;
const counted = (count: number, what: string): string => `${COUNTS[count] ?? count} ${what}${count === 1 ? "" : "s"}`;

/** Nobody turns a dial by less. */
const LEAST_K = 1.5;

/** "Roasts as if it were 9 °C hotter than its dial says, give or take 4 °C, from three roasts." */
export function learnedWords(
  { hotterK, hotterSdK, roasts, tests, bandShare }: LearnedOven,
  heat: Oven["heat"],
  { units }: Pick<Reader, "units">,
): string {
  const k = (kelvin: number): string => formatTemperatureDifference(Math.abs(kelvin), units);
  const runs = isFire(heat) ? "Roasts as if it burnt" : "Roasts as if it were";
  const than = isFire(heat) ? "than set" : "than its dial says";
  const first =
    Math.abs(hotterK) < LEAST_K
      ? `Roasts as it is set, give or take ${k(hotterSdK)}`
      : `${runs} ${k(hotterK)} ${hotterK > 0 ? "hotter" : "cooler"} ${than}, give or take ${k(hotterSdK)}`;
  const narrower = Math.round(100 * (1 - bandShare));
  const band = narrower >= 1 ? ` The give or take of a plan in it is ${narrower} % narrower for it.` : "";
  const from = [roasts > 0 && counted(roasts, "roast"), tests > 0 && counted(tests, "test")]
    .filter(Boolean)
    .join(" and ");
  return `${first}, from ${from}.${band}`;
}

export const NOTHING_LEARNED = "Nothing is known of it yet: every roast in it that was read and closed will tell.";
/** Its last two roasts agree with one another, and with nothing that was before. */
export const changedWords = (heat: HeatSource): string =>
  isFire(heat)
    ? "The last two roasts came out as if over another fire. If its draught, its thermometer or its place has changed, let it start afresh."
    : "The last two roasts came out as if in another oven. If its thermostat, its burner or its place has changed, let it start afresh.";

/** An evening's test, as it is set up before the first reading. */
export function testSetUp(kind: OvenTest["kind"], heat: HeatSource): string {
  const isOn = isFire(heat)
    ? "The fire as hot as for a bird, lit half an hour ago"
    : `The oven ${kind === "thermometer" ? "empty, " : ""}on for half an hour`;
  if (kind === "water") {
    return `${isOn}. Cold water in your roasting tray, where the bird would be; the probe's tip in the middle of it, off the bottom. The first reading as it goes in.`;
  }
  const door = shutBy(heat);
  const read =
    door === "door"
      ? "read it through the window"
      : door
        ? `the ${door} stays shut between readings`
        : "read it as it hangs";
  return `${isOn}. The thermometer stands where the bird would; ${read}.`;
}
