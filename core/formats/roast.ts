/** The record of one roast: the plan's choices, what happened, and what was predicted. The only source of its types. */
import { z } from "zod";
import { CUTS, SPECIES } from "../bird/shape";
import { SALT_KINDS } from "../kitchen/salt";
import { METHOD_IDS } from "../methods/methods";

const instant = z.iso.datetime({ offset: true });

const Bird = z.strictObject({
  species: z.enum(SPECIES),
  cut: z.enum(CUTS),
  massKg: z.number().min(2).max(16),
  state: z.enum(["frozen", "fresh"]),
  preSalted: z.boolean(),
});

const Stage = z.strictObject({
  fromMin: z.number().min(0).max(1440),
  airC: z.number().min(60).max(300),
});

const Stages = z
  .array(Stage)
  .min(1)
  .max(8)
  .superRefine((stages, context) => {
    stages.forEach((stage, n) => {
      const before = stages[n - 1];
      if (n === 0 ? stage.fromMin !== 0 : stage.fromMin <= (before?.fromMin ?? 0)) {
        context.addIssue({
          code: "custom",
          path: [n, "fromMin"],
          message: n === 0 ? "the first stage must start at minute 0" : "each stage must start after the one before",
        });
      }
    });
  });

const Salt = z.strictObject({
  kind: z.enum(SALT_KINDS),
  percent: z.number().min(0).max(2),
  saltHours: z.number().min(0).max(72),
  dryHours: z.number().min(0).max(72),
});

/** What the plan expected when the bird went in; instants, so that it can be held against what happened. */
const Prediction = z.strictObject({
  pullP10At: instant,
  pullP50At: instant,
  pullP90At: instant,
  pullBreastC: z.number(),
  pullThighC: z.number(),
});

const Happened = z.strictObject({
  inAt: instant.optional(),
  pulledAt: instant.optional(),
  carvedAt: instant.optional(),
  predicted: Prediction.optional(),
});

export const PlanSchema = z.strictObject({
  bird: Bird,
  thawIn: z.enum(["fridge", "water"]),
  serveAt: instant,
  /** IANA zone in which the cook reads the clock. */
  zone: z.string().min(1).max(64),
  method: z.enum(METHOD_IDS),
  stages: Stages,
  targetC: z.strictObject({ breast: z.number().min(55).max(90), thigh: z.number().min(60).max(90) }),
  salt: Salt,
  cover: z.enum(["none", "foil", "towels"]),
});

export const ReadingSchema = z.strictObject({
  at: instant,
  part: z.enum(["breast", "thigh"]),
  celsius: z.number().min(-30).max(110),
  source: z.enum(["typed", "simulated"]),
});

export const RoastSchema = z.strictObject({
  id: z.string().min(1).max(64),
  title: z.string().min(1).max(120),
  createdAt: instant,
  plan: PlanSchema,
  happened: Happened,
  notes: z.string().max(4000),
  thermometer: z.enum(["typed", "simulated"]),
});

export type Plan = z.infer<typeof PlanSchema>;
export type RoastReading = z.infer<typeof ReadingSchema>;
export type Roast = z.infer<typeof RoastSchema>;
export type PredictionRecord = z.infer<typeof Prediction>;
export type CookStage = "planned" | "roasting" | "resting" | "done";

/** Where a roast stands, from what has happened. */
export function cookStage({ happened }: Pick<Roast, "happened">): CookStage {
  if (happened.carvedAt) return "done";
  if (happened.pulledAt) return "resting";
  return happened.inAt ? "roasting" : "planned";
}
