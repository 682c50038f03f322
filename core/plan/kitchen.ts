/** The kitchen as it is kept: its measures, its ovens and fires, and what was learned of them. The only source of its types. */

import * as z from "zod/mini";
import { HEAT_SOURCES } from "../heat/sources";
import { GUIDELINES } from "../safety/guideline";
import { DIALS } from "../units/dial";
import { between, whole } from "../units/number";
import { instant, line, typedName } from "../units/text";

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
  /** Which guideline its cook follows; left out: the usual one. */
  guideline: z.optional(z.enum(GUIDELINES)),
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
export const InOven = z.strictObject({
  id: line(1, 64),
  name: typedName,
  heat: z.enum(HEAT_SOURCES),
  learned: z.nullable(Learned),
});

/** What one roast says of the oven it was in, see `core/log/ovens.ts`. */
export const Says = z.strictObject({
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

export type Equipment = z.infer<typeof EquipmentSchema>;
export type Oven = z.infer<typeof OvenSchema>;
