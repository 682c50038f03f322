/** A roast that several devices have in common through the server: what is sent, and what is kept. Described in docs/formats.md. */
import * as z from "zod/mini";
import { CUTS } from "../bird/form";
import { SPECIES } from "../bird/species";
import { hashOf } from "../hash";
import { ReadingSchema, type RoastReading, RoastSchema, readingKey } from "../plan/roast";
import { FILE_VERSION, STEPS } from "./migrations";

/** Each newer envelope brings the roasts of the next version of the file, so far ahead of its own. */
const FILE_AHEAD = 4;
const ROASTS_OF = (version: number): number => Math.max(2, version) + FILE_AHEAD;
/** Of the envelope; a page of another version is told what to do about it. Version 2: says its version, 20,000 readings. */
export const SHARED_VERSION = FILE_VERSION - FILE_AHEAD;

/** Typed readings of one roast: one every ten seconds for two days. */
export const MOST_SHARED_READINGS = 20_000;

export const SharedRoastSchema = z.strictObject({
  version: z.literal(SHARED_VERSION),
  /** Rises with all that is kept, and over an emptied shelf too; 0 before the first. */
  revision: z.int().check(z.gte(0)),
  roast: RoastSchema,
  /** Typed ones; those of probes each device hears from the bridge itself. */
  readings: z.array(ReadingSchema).check(z.maxLength(MOST_SHARED_READINGS)),
});
/** What was kept by an older version, carried to this one; anything else as it is. */
export function sharedForward(kept: unknown): unknown {
  if (typeof kept !== "object" || kept === null) return kept;
  // Kept before there were versions.
  const { version = 2, roast, ...rest } = kept as { readonly version?: unknown; readonly roast?: unknown };
  if (typeof version !== "number" || version >= SHARED_VERSION) return kept;
  const steps: readonly ((roast: unknown) => unknown)[] = STEPS.slice(ROASTS_OF(version) - 1);
  return { ...rest, version: SHARED_VERSION, roast: steps.reduce((carried, step) => step(carried), roast) };
}
export type SharedRoast = z.infer<typeof SharedRoastSchema>;

/** What is told of each roast to those who ask what there is. */
export const SharedListSchema = z.object({
  version: z.number(),
  roasts: z.array(
    z.object({
      id: z.string(),
      dinner: z.string(),
      title: z.string(),
      serveAt: z.string(),
      zone: z.string(),
      named: z.optional(z.boolean()),
      /** By which one that its cook has not named is called; left out by servers of before. */
      bird: z.optional(
        z.object({ species: z.enum(SPECIES), cut: z.enum(CUTS), massKg: z.number(), count: z.number() }),
      ),
    }),
  ),
});
export type SharedTitle = z.infer<typeof SharedListSchema>["roasts"][number];

/** All that a reading says, as a text: equal readings, equal texts. */
export const readingText = (reading: RoastReading): string =>
  `${readingKey(reading)} ${reading.celsius} ${reading.shownC ?? ""}`;

/** Readings of both, each once, oldest first: of two by one key the second stands, a reading is never taken back. */
export function allReadings(a: readonly RoastReading[], b: readonly RoastReading[]): RoastReading[] {
  const all = new Map([...a, ...b].map((reading) => [readingKey(reading), reading]));
  return [...all.values()].sort((x, y) => x.at.localeCompare(y.at));
}

/**
 * A short text that is the same for the same readings, in whatever order: how many, and the sum of their hashes.
 */
export function digestOf(readings: readonly RoastReading[]): string {
  let sum = 0;
  for (const reading of readings) sum = (sum + hashOf(readingText(reading))) % 2 ** 48;
  return `${readings.length}-${sum.toString(36)}`;
}
