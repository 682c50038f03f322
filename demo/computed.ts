/** What a roast of the demo came to, by the minute since it went in: the shape of computed.json. */
import * as z from "zod/mini";
import { PROBES, type Probe, placeOf } from "../core/bird/probe";
import { NEVER } from "../core/forecast/shares";

const Predicted = z.strictObject({
  pullMinute: z.number(),
  shares: z.strictObject({ p10: z.number(), p50: z.number(), p90: z.union([z.number(), z.literal(NEVER)]) }),
  atPull: z.strictObject({ centresC: z.record(z.string(), z.number()) }),
});

export const ComputedSchema = z.strictObject({
  inProgress: Predicted,
  past: z.record(
    z.string(),
    z.strictObject({
      predicted: Predicted,
      pulledMin: z.number(),
      /** What it says of its oven. */
      says: z.nullable(z.strictObject({ slower: z.number(), doubt: z.number(), by: z.array(z.number()) })),
      /** Every probe is read at every one of the minutes, °C. */
      readings: z.strictObject({
        minutes: z.array(z.number()),
        shownC: z.partialRecord(z.enum(PROBES), z.array(z.number())),
      }),
    }),
  ),
});
export type Computed = z.infer<typeof ComputedSchema>;
export type ComputedRoast = Computed["past"][string];

/** One after the other, as a thermometer tells them. */
export const readingsOf = ({ readings: { minutes, shownC } }: Pick<ComputedRoast, "readings">) =>
  minutes.flatMap((minute, n) =>
    Object.entries(shownC).map(([probe, ofAll]) => ({
      minute,
      ...placeOf(probe as Probe),
      celsius: ofAll[n] as number,
    })),
  );
