/** The record of one roast: the plan's choices, what happened, and what was predicted. The only source of its types. */

import * as z from "zod/mini";
import { CUTS, LEGS } from "../bird/form";
import { PROBES, SIDES } from "../bird/probe";
import { CENTRES, PIECES } from "../bird/solid";
import { SPECIES } from "../bird/species";
import { rule } from "../faults";
import { DRAUGHTS } from "../heat/fire";
import { SHIELDS, UNDERLAYS, WRAPS } from "../heat/ovens";
import { FUELS, HEAT_SOURCES } from "../heat/sources";
import { COVERS } from "../heat/surroundings";
import { FATS } from "../kitchen/fats";
import { POTS, STOCKS, THICKENERS } from "../kitchen/gravy";
import { BATHS, COLD_PLACES, SALT_KINDS, SALT_METHODS } from "../kitchen/salt";
import { COLOURS } from "../processes/conditions";
import { FACINGS } from "../processes/stages";
import { ICE_LEFT, THAW_PLACES } from "../processes/thaw";
import { DIALS } from "../units/dial";
import { between, whole } from "../units/number";
import { instant, line, lines, typedName, zone } from "../units/text";
import { outOfOrder } from "./happened";
import { METHOD_IDS } from "./methods";

const Bird = z.strictObject({
  species: z.enum(SPECIES),
  cut: z.enum(CUTS),
  legs: z.enum(LEGS),
  /** What is in the cavity as it goes into the oven. */
  cavity: z.enum(["empty", "aromatics", "stuffed"]),
  /** Of one bird, as bought. */
  massKg: between(0.03, 16),
  /** That it may be off by, either way: from a label's range, or by tape; 0 once it was weighed. */
  massOffKg: between(0, 4),
  /** Birds like this one, side by side in the oven. */
  count: whole(1, 4),
  /** Part-frozen: thawed, and still ice in it on the morning. */
  state: z.enum(["frozen", "part-frozen", "fresh"]),
  /** How much ice a part-frozen bird has. */
  ice: z.enum(ICE_LEFT),
  preSalted: z.boolean(),
});

const centre = z.enum(CENTRES);
/** °C at the thermal centres a bird has. */
const centresC = (low: number, high: number) => z.partialRecord(centre, between(low, high));

/** What a thermometer shows, or what the eye sees. */
const Condition = z.union([
  z.strictObject({ centre, reachesC: between(0, 95) }),
  z.strictObject({ colour: z.enum(COLOURS) }),
]);

const Stage = z.strictObject({
  fromMin: between(0, 1440),
  /** Waits for this besides its minute. */
  when: z.optional(Condition),
  airC: between(60, 320),
  shield: z.optional(z.enum(SHIELDS)),
  wrap: z.optional(z.enum(WRAPS)),
  side: z.optional(z.enum(["up", "down"])),
  surface: z.optional(z.enum(UNDERLAYS)),
  towardsHot: z.optional(z.enum(FACINGS)),
});

const Stages = z.array(Stage).check(
  z.minLength(1),
  z.maxLength(8),
  z.superRefine((stages, context) => {
    stages.forEach((stage, n) => {
      const before = stages[n - 1];
      if (n === 0 ? stage.fromMin !== 0 || stage.when : !stage.when && stage.fromMin <= (before?.fromMin ?? 0)) {
        context.addIssue({
          code: "custom",
          path: [n, "fromMin"],
          message: rule(n === 0 ? "first-stage-at-zero" : "stages-in-order"),
        });
      }
    });
  }),
);

const Salt = z.strictObject({
  method: z.enum(SALT_METHODS),
  kind: z.enum(SALT_KINDS),
  /** Grams of the cook's own salt in a level teaspoon, once weighed; null: by its kind. */
  gramsPerTeaspoon: z.nullable(between(1, 8)),
  /** Of the bird as bought; at equilibrium, of the meat. */
  percent: between(0, 2),
  /** Injected besides, before it is salted or brined, of the bird as bought; 0: not. */
  injectPercent: between(0, 2),
  /** Of the water of a brine by time. */
  brinePercent: between(1, 12),
  /** Grams of sugar a gram of salt. */
  sugarShare: between(0, 1),
  bath: z.enum(BATHS),
  keptIn: z.enum(COLD_PLACES),
  saltHours: between(0, 72),
  dryHours: between(0, 72),
});

/** A minute of the roast, or the first time a condition is met. */
const Moment = z.union([z.strictObject({ atMin: whole(0, 960) }), z.strictObject({ when: Condition })]);

export const STUFFINGS = ["cold", "warm", "raw"] as const;

const Season = z.strictObject({
  fat: z.enum(FATS),
  /** A thin alkaline paste on the skin, for crispness. */
  paste: z.boolean(),
  bacon: z.boolean(),
  /** When the bacon comes off, so that the skin under it colours; null: it stays on. */
  baconOff: z.nullable(Moment),
  /** Thin passes of glaze towards the end. */
  glazePasses: whole(0, 5),
  /** Minutes between bastings; 0 leaves the door shut. */
  basteEveryMin: whole(0, 120),
  /** Not before this minute of the roast, and not after; null: to the end. */
  basteFromMin: whole(0, 600),
  basteUntilMin: z.nullable(whole(0, 600)),
  /** What it is basted, brushed or misted with; empty: its own drippings. */
  basteWith: line(0, 60),
  /** Passes of glaze at moments of the cook's own; none: as many as there are, in the last stretch. */
  glazeAt: z.array(Moment).check(z.maxLength(5)),
  /** Minutes on the counter before the oven. */
  counterMin: whole(0, 120),
  /** How stuffing goes in: cold from the fridge, warm, or warm with raw meat in it. */
  stuffing: z.enum(STUFFINGS),
});

/** When it leaves the heat: so that its targets are seen after the rest, as it shows them, by time alone, or by signs. */
const Finish = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("after-rest") }),
  z.strictObject({ kind: z.literal("at-pull") }),
  z.strictObject({ kind: z.literal("time"), minutes: whole(5, 960) }),
  z.strictObject({ kind: z.literal("signs") }),
]);

export const MOST_ADDITIONS = 20;
/** In whatever unit. */
export const LEAST_ADDITION = 0.1;
export const ADDITION_UNITS = ["g", "mL", "tsp", "pieces", "g/kg"] as const;
/** When it is put on or in: what the timetable and the lists go by. */
export const ADDITION_MOMENTS = [
  "with-the-salt",
  "before-the-heat",
  "into-the-tray",
  "at-the-end",
  "into-the-gravy",
] as const;
export const ADDITION_PLACES = ["over", "under-the-skin", "inside", "in-slits"] as const;

/** A rub, a marinade, a paste, a glaze, spices, a liquid: a free line. */
const Addition = z.strictObject({
  id: line(1, 64),
  name: typedName,
  amount: between(LEAST_ADDITION, 5000),
  /** "g/kg": grams a kilogram of the bird as bought. */
  unit: z.enum(ADDITION_UNITS),
  when: z.enum(ADDITION_MOMENTS),
  /** On the bird: where. */
  where: z.enum(ADDITION_PLACES),
  /** Of its mass: salt that the bird gets, sugar that burns. */
  saltPercent: between(0, 100),
  sugarPercent: between(0, 100),
  /** Minutes of making it, before it is wanted; 0: ready as it is bought. */
  makeMin: whole(0, 240),
});

const heads = whole(0, 60);

const Table = z.strictObject({
  guests: z.strictObject({ light: heads, usual: heads, hearty: heads }),
  leftoverMeals: between(0, 5),
});

/** Where a side dish may go; "tray": under the bird, in its own tray. */
export const SIDE_SLOTS = ["auto", "rest", "with", "before", "tray"] as const;
export type SideSlot = (typeof SIDE_SLOTS)[number];

export const MOST_SIDES = 12;

const Side = z.strictObject({
  id: line(1, 64),
  name: typedName,
  minutes: between(1, 600),
  /** °C in the oven; null for a ring or a board. */
  ovenC: z.nullable(between(60, 300)),
  ring: z.boolean(),
  slot: z.enum(SIDE_SLOTS),
  /** How much of what it is made of, as the cook writes it; left out: for the table. */
  amount: z.optional(line(1, 60)),
});

const centimetres = between(5, 150);

/** The kitchen's own measures: what there is, and how large. */
export const EquipmentSchema = z.strictObject({
  /** What the oven's dial is marked in. */
  dial: z.enum(DIALS),
  ovens: whole(1, 3),
  dishesInOven: whole(1, 4),
  rings: whole(0, 8),
  /** People at work. */
  hands: whole(1, 4),
  /** Probes that can be in meat at one time. */
  thermometers: whole(0, 8),
  /** Room in the fridge that can be made free, L. */
  fridgeL: between(0, 400),
  fridgeC: between(0, 7),
  tapWaterC: between(2, 21),
  /** Between the oven's hot and its cool side, K. */
  hotSideK: between(0, 40),
  /** Inside, between the shelf's place and the roof. */
  ovenCm: z.strictObject({ width: centimetres, depth: centimetres, height: centimetres }),
  panCm: z.strictObject({ length: centimetres, width: centimetres }),
  shelfCm: z.strictObject({ width: centimetres, depth: centimetres, height: centimetres }),
  potL: between(1, 60),
  /** What the hand thermometer showed in ice and in boiling water. */
  calibration: z.optional(
    z.strictObject({
      iceC: between(-10, 10),
      boilC: z.optional(between(80, 110)),
      altitudeM: between(-400, 5000),
    }),
  ),
});

const OVEN_PARTS = 4;
export const MOST_TESTS = 20;

/** What its roasts have taught of an oven, see `core/log/ovens.ts`. */
const Learned = z.strictObject({
  along: z.readonly(z.array(between(-1, 1)).check(z.length(OVEN_PARTS))),
  mean: between(-3, 3),
  sd: between(0, 1),
  roasts: whole(0, 10_000),
  tests: whole(0, MOST_TESTS),
  hotterK: between(-300, 300),
  hotterSdK: between(0, 300),
  bandShare: between(0, 1),
});

/** The oven or fire of the kitchen that it is cooked in, and what was known of it when it was planned. */
const InOven = z.strictObject({
  id: line(1, 64),
  name: typedName,
  heat: z.enum(HEAT_SOURCES),
  learned: z.nullable(Learned),
});

/** What one roast says of the oven it was in, see `core/log/ovens.ts`. */
const Says = z.strictObject({
  slower: between(-3, 3),
  doubt: between(0.001, 10),
  by: z.readonly(z.array(between(-3, 3)).check(z.length(OVEN_PARTS))),
});

/** How an evening's test was made: with a thermometer in the oven, or with water. */
export const OVEN_TESTS = ["thermometer", "water"] as const;
/** An oven or a fire of the kitchen, by name. */
export const OvenSchema = z.strictObject({
  id: line(1, 64),
  name: typedName,
  heat: z.enum(HEAT_SOURCES),
  /** Roasts before this say nothing of it: it has another thermostat, or another burner. */
  afreshAt: z.nullable(instant),
  /** Roasts that the cook will not have it learn from, by their ids. */
  leftOut: z.array(line(1, 64)).check(z.maxLength(500)),
  /** Evenings on which it was tested. */
  tests: z.array(z.strictObject({ at: instant, kind: z.enum(OVEN_TESTS), says: Says })).check(z.maxLength(MOST_TESTS)),
});

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
export type Oven = z.infer<typeof OvenSchema>;

/** What the plan expected when the bird went in; instants, so that it can be held against what happened. */
const Prediction = z.strictObject({
  pullP10At: instant,
  pullP50At: instant,
  /** Never: one bird in ten was not expected to get there at that heat. */
  pullP90At: z.union([instant, z.literal("never")]),
  pullC: centresC(-30, 110),
});

const HappenedFields = z.strictObject({
  inAt: z.optional(instant),
  pulledAt: z.optional(instant),
  carvedAt: z.optional(instant),
  /** Changes of the heat that were made, by the number of the stage; bastings that were done. */
  stagesDone: z.optional(whole(0, 8)),
  bastingsDone: z.optional(whole(0, 200)),
  fuelsDone: z.optional(whole(0, 24)),
  /** Which side had come out darker when the cook looked; "even": none. */
  darker: z.optional(z.enum([...FACINGS, "even"])),
  /** Rows of the timetable that were ticked off, by their ids. */
  ticked: z.optional(z.array(line(1, 80)).check(z.maxLength(200))),
  /** Readings that do not count, by their keys: struck out by the cook, or put right by another. */
  struck: z.optional(z.array(line(1, 120)).check(z.maxLength(500))),
  /** The oven's door stood open. */
  doors: z.optional(z.array(z.strictObject({ at: instant, openMin: between(0.5, 30) })).check(z.maxLength(60))),
  /** Pieces that were taken out before the rest. */
  left: z.optional(z.array(z.strictObject({ at: instant, piece: z.enum(PIECES) })).check(z.maxLength(12))),
  /** Out of the oven and back in again: the rest had fallen short. */
  outs: z.optional(z.array(z.strictObject({ outAt: instant, backAt: instant })).check(z.maxLength(8))),
  /** The record was closed: nothing more is expected to happen. */
  closedAt: z.optional(instant),
  predicted: z.optional(Prediction),
});

const Happened = HappenedFields.check(
  z.superRefine((happened, context) => {
    const fault = outOfOrder(happened);
    if (fault) context.addIssue({ code: "custom", path: [fault.what], message: rule(fault.why) });
  }),
);

export const PlanSchema = z.strictObject({
  bird: Bird,
  thawIn: z.enum(THAW_PLACES),
  serveAt: instant,
  /** Roasted on the day it is eaten, or the day before: carved, chilled, heated again. */
  roasted: z.enum(["same-day", "day-before"]),
  /** IANA zone in which the cook reads the clock. */
  zone,
  /** What heats the bird. */
  heat: z.enum(HEAT_SOURCES),
  /** Which one of the kitchen's; null: not said. Of another kind than `heat` it is not the one. */
  oven: z.nullable(InOven),
  /** What burns, where the heat is a fire. */
  fuel: z.enum(FUELS),
  /** How well it draws, where it is shut by a lid; an oven that is known by its own roasts is known better by them. */
  draught: z.enum(DRAUGHTS),
  method: z.enum(METHOD_IDS),
  /** Boned pieces and parts, browned in a pan first. */
  sear: z.nullable(z.strictObject({ panC: between(120, 280), minutesPerSide: between(0.5, 20) })),
  /** Before the bird goes in: how long, and how hot; null: as hot as the first stage. */
  preheat: z.strictObject({
    minutes: whole(5, 120),
    airC: z.nullable(between(60, 320)),
  }),
  stages: Stages,
  targetC: centresC(55, 90),
  finish: Finish,
  salt: Salt,
  season: Season,
  additions: z.array(Addition).check(
    z.maxLength(MOST_ADDITIONS),
    z.refine((all) => new Set(all.map(({ id }) => id)).size === all.length, rule("one-addition-an-id")),
  ),
  /** Outdoors: in cold and wind charcoal burns faster, and a lid is colder. */
  weather: z.strictObject({ airC: between(-30, 45), windy: z.boolean() }),
  cover: z.enum(COVERS),
  /** Minutes of rest that are wanted; null: the usual for a bird of this size. */
  restMin: z.nullable(whole(10, 120)),
  table: Table,
  sides: z.array(Side).check(
    z.maxLength(MOST_SIDES),
    z.refine((sides) => new Set(sides.map(({ id }) => id)).size === sides.length, rule("one-dish-an-id")),
  ),
  equipment: EquipmentSchema,
  gravy: z.enum(THICKENERS),
  stock: z.enum(STOCKS),
  /** Other pots besides, each of its own time. */
  morePots: z.array(z.enum(POTS)).check(
    z.maxLength(2),
    z.refine((pots) => new Set(pots).size === pots.length, rule("one-pot-a-kind")),
  ),
  /** Whether the liver goes into stock and gravy; it turns them bitter where it boils. */
  liver: z.boolean(),
});

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
  happened: Happened,
  notes: lines(4000),
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
        }),
      )
      .check(z.maxLength(MOST_PROBES)),
  ),
});

export type Plan = z.infer<typeof PlanSchema>;
export type Addition = Plan["additions"][number];
export type Side = Plan["sides"][number];
export type Equipment = z.infer<typeof EquipmentSchema>;
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
