/** What is planned for one bird: every choice of the cook's. The only source of its types. */

import * as z from "zod/mini";
import { CUTS, FACINGS, hasCavity, LEGS } from "../bird/form";
import { massRangeKg, mostOf } from "../bird/mass";
import { CENTRES } from "../bird/solid";
import { SPECIES } from "../bird/species";
import { rule } from "../faults";
import { COVERS, SHIELDS, UNDERLAYS, WRAPS } from "../heat/covers";
import { DRAUGHTS, FUELS, HEAT_SOURCES } from "../heat/sources";

import { CARVINGS } from "../kitchen/cutting";
import { FATS } from "../kitchen/fats";
import { GRAVIES, POTS, ROUX_FATS, STOCKS } from "../kitchen/gravy";
import { MOST_GUESTS } from "../kitchen/guests";
import { BATHS, COLD_PLACES, SALT_KINDS, SALT_METHODS } from "../kitchen/salt";
import { COLOURS } from "../processes/conditions";
import { ICE_LEFT, THAW_PLACES } from "../processes/ice";
import { between, whole } from "../units/number";
import { instant, line, typedName, zone } from "../units/text";
import { EquipmentSchema, InOven } from "./kitchen";
import { METHOD_IDS } from "./methods";

const MOST_SIDE_BY_SIDE = Math.max(...CUTS.map(mostOf));

const Bird = z
  .strictObject({
    species: z.enum(SPECIES),
    cut: z.enum(CUTS),
    legs: z.enum(LEGS),
    /** What is in the cavity as it goes into the oven. */
    cavity: z.enum(["empty", "aromatics", "stuffed"]),
    /** Of one bird, as bought. */
    massKg: between(0.03, 16),
    /** That it may be off by, either way: from a label's range, or by tape; 0 once it was weighed. */
    massOffKg: between(0, 4),
    /** Birds or pieces like this one, side by side in the heat. */
    count: whole(1, MOST_SIDE_BY_SIDE),
    /** Part-frozen: thawed, and still ice in it on the morning. */
    state: z.enum(["frozen", "part-frozen", "fresh"]),
    /** How much ice a part-frozen bird has. */
    ice: z.enum(ICE_LEFT),
    preSalted: z.boolean(),
    /** Sold without neck and giblets; left out: they are in it. */
    noGiblets: z.optional(z.boolean()),
  })
  .check(
    // One that can be made: what no shape is there for would be planned, and simulated never.
    z.superRefine(({ species, cut, cavity, massKg, count }, context) => {
      const most = mostOf(cut);
      if (count > most) {
        const asked = { origin: "number", input: count, path: ["count"] };
        context.addIssue({ ...asked, code: "too_big", maximum: most, inclusive: true });
      }
      if (cavity !== "empty" && !hasCavity(cut)) {
        context.addIssue({ code: "custom", path: ["cavity"], message: rule("no-cavity-to-fill") });
      }
      const [low, high] = massRangeKg(species, cut);
      const asked = { origin: "number", input: massKg, path: ["massKg"] };
      if (massKg < low) context.addIssue({ ...asked, code: "too_small", minimum: low, inclusive: true });
      if (massKg > high) context.addIssue({ ...asked, code: "too_big", maximum: high, inclusive: true });
    }),
  );

export const centre = z.enum(CENTRES);
/** Centres that a cook may go by alone. */
export const DECIDING = ["breast", "thigh"] as const;
/** What a centre may be aimed at. */
export const TARGET_C = { least: 55, most: 90 } as const;
/** °C at the thermal centres a bird has. */
export const centresC = (low: number, high: number) => z.partialRecord(centre, between(low, high));

/** What a thermometer shows, or what the eye sees. */
const Condition = z.union([
  z.strictObject({ centre, reachesC: between(0, 95) }),
  z.strictObject({ colour: z.enum(COLOURS) }),
]);

export const MOST_STAGES = 8;
/** None begins later than a day after the bird went in, min. */
export const LATEST_STAGE_MIN = 24 * 60;

const stageMin = between(0, LATEST_STAGE_MIN);

const Stage = z.strictObject({
  fromMin: stageMin,
  /** Waits for this besides its minute. */
  when: z.optional(Condition),
  /** What it had waited for until it was made, at `fromMin`. */
  waitedFor: z.optional(z.strictObject({ fromMin: stageMin, when: Condition })),
  airC: between(60, 320),
  shield: z.optional(z.enum(SHIELDS)),
  wrap: z.optional(z.enum(WRAPS)),
  side: z.optional(z.enum(["up", "down"])),
  surface: z.optional(z.enum(UNDERLAYS)),
  towardsHot: z.optional(z.enum(FACINGS)),
  /** Into another heat, which is as hot as this stage by then. */
  movedTo: z.optional(z.enum(HEAT_SOURCES)),
});

const Stages = z.array(Stage).check(
  z.minLength(1),
  z.maxLength(MOST_STAGES),
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
  "into-the-wrap",
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

const heads = whole(0, MOST_GUESTS);

const Table = z.strictObject({
  guests: z.strictObject({ light: heads, usual: heads, hearty: heads }),
  leftoverMeals: between(0, 5),
});

/** Where a side dish may go; "tray": under the bird, in its own tray. */
export const SIDE_SLOTS = ["auto", "rest", "with", "before", "tray"] as const;
export type SideSlot = (typeof SIDE_SLOTS)[number];

export const MOST_SIDES = 12;
/** What a dish bakes at. */
export const DISH_C = { least: 60, most: 300 } as const;

const Side = z.strictObject({
  id: line(1, 64),
  name: typedName,
  minutes: between(1, 600),
  /** °C in the oven; null for a ring or a board. */
  ovenC: z.nullable(between(DISH_C.least, DISH_C.most)),
  ring: z.boolean(),
  slot: z.enum(SIDE_SLOTS),
  /** How much of what it is made of, as the cook writes it; left out: for the table. */
  amount: z.optional(line(1, 60)),
});

/** Of stock, beside that of the gravy. */
export const MOST_POTS = 2;

export const PlanSchema = z.strictObject({
  bird: Bird,
  thawIn: z.enum(THAW_PLACES),
  serveAt: instant,
  /** Roasted on the day it is eaten, or the day before: carved, chilled, heated again. */
  roasted: z.enum(["same-day", "day-before"]),
  /** Of the day before, and not heated again; left out: it is. */
  eatenCold: z.optional(z.boolean()),
  /** IANA zone in which the cook reads the clock. */
  zone,
  /** What it goes into. */
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
  /** Before the bird goes in: how long, 0 into a cold oven; and how hot, null: as hot as the first stage. */
  preheat: z.strictObject({
    minutes: whole(0, 120),
    airC: z.nullable(between(60, 320)),
  }),
  stages: Stages,
  targetC: centresC(TARGET_C.least, TARGET_C.most),
  /** The one centre that its cook goes by, of a bird that has both; left out: every centre. */
  decidedBy: z.optional(z.enum(DECIDING)),
  finish: Finish,
  salt: Salt,
  season: Season,
  additions: z.array(Addition).check(
    z.maxLength(MOST_ADDITIONS),
    z.refine((all) => new Set(all.map(({ id }) => id)).size === all.length, rule("one-addition-an-id")),
  ),
  /** Outdoors: in cold and wind charcoal burns faster, and a lid is colder. */
  weather: z.strictObject({ airC: between(-30, 45), windy: z.boolean() }),
  /** Left out: off the bone, in the kitchen. */
  carving: z.optional(z.enum(CARVINGS)),
  cover: z.enum(COVERS),
  /** Minutes of rest that are wanted; null: the usual for a bird of this size. */
  restMin: z.nullable(whole(5, 120)),
  table: Table,
  sides: z.array(Side).check(
    z.maxLength(MOST_SIDES),
    z.refine((sides) => new Set(sides.map(({ id }) => id)).size === sides.length, rule("one-dish-an-id")),
  ),
  equipment: EquipmentSchema,
  gravy: z.enum(GRAVIES),
  /** Of its roux, where it has one; left out: skimmed. */
  rouxFat: z.optional(z.enum(ROUX_FATS)),
  stock: z.enum(STOCKS),
  /** Other pots besides, each of its own time. */
  morePots: z.array(z.enum(POTS)).check(
    z.maxLength(MOST_POTS),
    z.refine((pots) => new Set(pots).size === pots.length, rule("one-pot-a-kind")),
  ),
  /** Whether the liver goes into stock and gravy; it turns them bitter where it boils. */
  liver: z.boolean(),
});

export type Plan = z.infer<typeof PlanSchema>;
export type Addition = Plan["additions"][number];
export type Side = Plan["sides"][number];
