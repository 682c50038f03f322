/** The log in words: how a roast came out against what was predicted, and how far predictions were to be believed. */
import type { Held } from "../core/log/rows";
import { dayName, type Reader } from "./time";

/** Within so many minutes nobody speaks of late or early. */
export const ON_TIME_MIN = 2;

/** "8 min later" @param than what it is held against, where that is said besides */
export function offWords(minutesOff: number | null, than = ""): string {
  if (minutesOff === null) return "nothing was predicted";
  if (Math.abs(minutesOff) < ON_TIME_MIN) return "as predicted";
  return `${Math.round(Math.abs(minutesOff))} min ${minutesOff > 0 ? "later" : "sooner"}${than}`;
}

/** Whether it kept to its "give or take". */
export const bandWords = (inBand: boolean): string => (inBand ? "inside what was said" : "outside what was said");

export function heldWords({ roasts, inBand, medianOffMin }: Held): string {
  const middle = medianOffMin === 0 ? "to the minute" : `within ${medianOffMin} min of what was said`;
  if (roasts === 1) return `One roast with a prediction: ${inBand === 1 ? "inside" : "outside"} its give or take.`;
  return `${inBand} of ${roasts} came out inside their give or take, half of them ${middle}. Eight in ten are meant to.`;
}

/** The same of one kind of them, in a few words: "3 of 3, half of them within 12 min". */
export const heldShort = ({ roasts, inBand, medianOffMin }: Held): string =>
  `${inBand} of ${roasts}, half of them ${medianOffMin === 0 ? "to the minute" : `within ${medianOffMin} min`}`;

/** What was noted last time, at the head of the next one's notes. */
export const lastTime = (note: string, atMs: number, zone: string, reader: Reader): string =>
  `Last time (${dayName(atMs, zone, reader)}): ${note}`;

const LONGEST_TITLE = 120;

/** What a copy of a roast is called. */
export const copyTitle = (title: string): string => `${title.slice(0, LONGEST_TITLE - 7)} (copy)`;
