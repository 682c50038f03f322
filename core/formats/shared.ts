/** A roast that several devices have in common through the server: what is sent, and what is kept. Described in docs/formats.md. */
import { z } from "zod";
import { ReadingSchema, type RoastReading, RoastSchema } from "./roast";
import { probeOf } from "./thermometer";

/** Typed readings of one roast; those of probes each device hears from the bridge itself. */
const Readings = z.array(ReadingSchema).max(5000);

export const SharedRoastSchema = z.strictObject({
  /** Counts what was kept; 0 before the first. */
  revision: z.number().int().min(0),
  roast: RoastSchema,
  readings: Readings,
});
export type SharedRoast = z.infer<typeof SharedRoastSchema>;

/** What is told of each roast to those who ask what there is. */
export const SharedListSchema = z.object({
  roasts: z.array(z.object({ id: z.string(), title: z.string(), serveAt: z.string(), zone: z.string() })),
});
export type SharedTitle = z.infer<typeof SharedListSchema>["roasts"][number];

export const readingKey = (reading: RoastReading): string => `${reading.at} ${probeOf(reading)} ${reading.source}`;

/** Readings of both, each once, oldest first: a reading is never taken back. */
export function allReadings(a: readonly RoastReading[], b: readonly RoastReading[]): RoastReading[] {
  const all = new Map([...a, ...b].map((reading) => [readingKey(reading), reading]));
  return [...all.values()].sort((x, y) => x.at.localeCompare(y.at));
}
