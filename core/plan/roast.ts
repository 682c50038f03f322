/** The record of one roast: its plan, what happened, and what was predicted. The only source of its types. */

import * as z from "zod/mini";
import { PROBES, probeOf, SIDES } from "../bird/probe";
import { between, whole } from "../units/number";
import { instant, line, lines } from "../units/text";
import { HappenedSchema } from "./happened";
import { Says } from "./kitchen";
import { centre, PlanSchema } from "./schema";

/** One thing that might be done otherwise next time, see `otherwise.ts`. */
export const OTHERWISES = [
  "out-at-goal",
  "out-warmer",
  "out-cooler",
  "hotter",
  "cooler",
  "breast-covered",
  "uncovered",
  "breast-down-first",
  "longer-rest",
  "salted",
  "dried",
] as const;
export type OtherwiseId = (typeof OTHERWISES)[number];

export const ReadingSchema = z.strictObject({
  at: instant,
  part: centre,
  /** Of a pair; left out where one probe stands for both. */
  side: z.optional(z.enum(SIDES)),
  /** Also what no meat shows: a cook who keeps it is believed, the forecast sets it aside. */
  celsius: between(-40, 330),
  /** What the thermometer showed, where its calibration has put that right. */
  shownC: z.optional(between(-50, 340)),
  source: z.enum(["typed", "simulated", "bridge"]),
  /** Which thermometer of the bridge read it; left out where it gives no name. */
  device: z.optional(line(1, 40)),
});

/** A picture of the record, made small: a JPEG in base64. */
export const PhotoSchema = z.strictObject({
  takenAt: instant,
  jpeg: z.base64().check(z.minLength(4), z.maxLength(1_400_000)),
});
export type Photo = z.infer<typeof PhotoSchema>;
export const MOST_PHOTOS = 12;

/** Probes that may be in one bird. */
export const MOST_PROBES = 16;

/** Places where a probe was said to sit before; of more the oldest are forgotten. */
export const MOST_PLACES = 8;

/** Letters of a roast's notes. */
export const MOST_NOTES = 4000;

export const RoastSchema = z.strictObject({
  id: line(1, 64),
  /** Roasts of one dinner have one; what they have together: `together.ts`. */
  dinner: line(1, 64),
  /** Pieces that go through one salting and one fire have one. */
  fire: line(1, 64),
  title: line(1, 120),
  /** The title is the cook's own: it follows bird and day no more. */
  named: z.optional(z.boolean()),
  createdAt: instant,
  plan: PlanSchema,
  happened: HappenedSchema,
  notes: lines(MOST_NOTES),
  /** How good it was, once it was eaten. */
  rating: z.optional(whole(1, 5)),
  /** What it says of its oven; null: nothing can be told from it. Left out until it was looked at. */
  says: z.optional(z.nullable(Says)),
  /** What is to be done otherwise when it is cooked again. */
  nextTime: z.optional(z.array(z.enum(OTHERWISES)).check(z.maxLength(OTHERWISES.length))),
  /** Kept, and out of the way. */
  archived: z.optional(z.boolean()),
  /** Where readings come from: a hand, or probes that post to the bridge. */
  thermometer: z.enum(["typed", "bridge"]),
  /** Probes of the bridge that are in this bird, each where it sits. */
  probes: z.optional(
    z
      .array(
        z.strictObject({
          /** Empty for a device that gives no name. */
          device: line(0, 40),
          /** As it names itself. */
          probe: z.enum(PROBES),
          sits: z.enum(PROBES),
          /** Where it was said to sit before, until when, oldest first; moved: it did sit there. */
          before: z.optional(
            z
              .array(z.strictObject({ sits: z.enum(PROBES), until: instant, moved: z.optional(z.boolean()) }))
              .check(z.maxLength(MOST_PLACES)),
          ),
        }),
      )
      .check(z.maxLength(MOST_PROBES)),
  ),
});

export type RoastReading = z.infer<typeof ReadingSchema>;

export const readingKey = (reading: RoastReading): string => `${reading.at} ${probeOf(reading)} ${reading.source}`;

export type Roast = z.infer<typeof RoastSchema>;
/** Kept: carved the day before, and not at the table yet. */
export type CookStage = "planned" | "roasting" | "resting" | "kept" | "done";

/** The row of the timetable that is ticked off as it is brought to the table. */
export const TABLE_ROW = "table";
/** And once what is left of it is cold, or thrown away. */
export const LEFTOVERS_ROW = "leftovers";

const isKept = ({ plan, happened }: Pick<Roast, "plan" | "happened">): boolean =>
  plan.roasted === "day-before" && !happened.closedAt && !happened.ticked?.includes(TABLE_ROW);

/** Out, and not carved: what it comes to is still to be seen. A record that was closed waits for nothing. */
export const isAtRest = (roast: Pick<Roast, "plan" | "happened">): boolean =>
  cookStage(roast) === "resting" && !roast.happened.closedAt;

/** Where a roast stands, from what has happened. */
export function cookStage(roast: Pick<Roast, "plan" | "happened">): CookStage {
  const { happened } = roast;
  if (happened.carvedAt) return isKept(roast) ? "kept" : "done";
  if (happened.pulledAt) return "resting";
  return happened.inAt ? "roasting" : "planned";
}
