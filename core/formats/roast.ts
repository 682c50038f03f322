/** The record of one roast: the plan's choices, what happened, and what was predicted. The only source of its types. */
import { z } from "zod";
import { SPECIES } from "../bird/anatomy";
import { CUTS, LEGS } from "../bird/form";
import { CENTRES } from "../bird/solid";
import { HEAT_SOURCES, SHIELDS, UNDERLAYS, WRAPS } from "../heat/ovens";
import { COVERS } from "../heat/surroundings";
import { THICKENERS } from "../kitchen/gravy";
import { SALT_KINDS } from "../kitchen/salt";
import { METHOD_IDS } from "../methods/methods";
import { SIDE_SLOTS } from "../schedule/slots";

const instant = z.iso.datetime({ offset: true });

const Bird = z.strictObject({
  species: z.enum(SPECIES),
  cut: z.enum(CUTS),
  legs: z.enum(LEGS),
  /** What is in the cavity as it goes into the oven. */
  cavity: z.enum(["empty", "aromatics", "stuffed"]),
  massKg: z.number().min(0.1).max(16),
  state: z.enum(["frozen", "fresh"]),
  preSalted: z.boolean(),
});

const centre = z.enum(CENTRES);
/** °C at the thermal centres a bird has. */
const centresC = (low: number, high: number) => z.partialRecord(centre, z.number().min(low).max(high));

const Stage = z.strictObject({
  fromMin: z.number().min(0).max(1440),
  /** Waits for this besides its minute. */
  when: z.strictObject({ centre, reachesC: z.number().min(0).max(95) }).optional(),
  airC: z.number().min(60).max(320),
  shield: z.enum(SHIELDS).optional(),
  wrap: z.enum(WRAPS).optional(),
  side: z.enum(["up", "down"]).optional(),
  surface: z.enum(UNDERLAYS).optional(),
});

const Stages = z
  .array(Stage)
  .min(1)
  .max(8)
  .superRefine((stages, context) => {
    stages.forEach((stage, n) => {
      const before = stages[n - 1];
      if (n === 0 ? stage.fromMin !== 0 || stage.when : !stage.when && stage.fromMin <= (before?.fromMin ?? 0)) {
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

const heads = z.number().int().min(0).max(60);

const Table = z.strictObject({
  guests: z.strictObject({ light: heads, usual: heads, hearty: heads }),
  leftoverMeals: z.number().min(0).max(5),
});

const Side = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().trim().min(1).max(60),
  minutes: z.number().min(1).max(600),
  /** °C in the oven; null for a ring or a board. */
  ovenC: z.number().min(60).max(300).nullable(),
  ring: z.boolean(),
  slot: z.enum(SIDE_SLOTS),
});

const EquipmentSchema = z.strictObject({
  ovens: z.number().int().min(1).max(3),
  dishesInOven: z.number().int().min(1).max(4),
  rings: z.number().int().min(0).max(8),
});

/** What the plan expected when the bird went in; instants, so that it can be held against what happened. */
const Prediction = z.strictObject({
  pullP10At: instant,
  pullP50At: instant,
  pullP90At: instant,
  pullC: centresC(-30, 110),
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
  /** What heats the bird. */
  heat: z.enum(HEAT_SOURCES),
  method: z.enum(METHOD_IDS),
  stages: Stages,
  targetC: centresC(55, 90),
  salt: Salt,
  cover: z.enum(COVERS),
  table: Table,
  sides: z.array(Side).max(12),
  equipment: EquipmentSchema,
  gravy: z.enum(THICKENERS),
});

export const ReadingSchema = z.strictObject({
  at: instant,
  part: centre,
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

/** The highest of the temperatures aimed at: the line that pictures and charts draw. */
export const highestTargetC = ({ targetC }: Pick<Plan, "targetC">): number =>
  Math.max(...Object.values(targetC).filter((value) => value !== undefined));
