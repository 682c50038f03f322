/** Plans of every kind, for laws that hold for all of them. */

import fc from "fast-check";
import { CUTS, FACINGS, hasCavity, LEGS } from "../../core/bird/form";
import { massRangeKg, mostOf } from "../../core/bird/mass";
import { CENTRES } from "../../core/bird/solid";
import { SPECIES } from "../../core/bird/species";
import { BY_TIME, FIRST_SHARES, type Shares } from "../../core/forecast/shares";
import { COVERS, SHIELDS, UNDERLAYS, WRAPS } from "../../core/heat/covers";
import { DRAUGHTS, FUELS, HEAT_SOURCES } from "../../core/heat/sources";
import { CARVINGS } from "../../core/kitchen/cutting";
import { FATS } from "../../core/kitchen/fats";
import { GRAVIES, POTS, ROUX_FATS, STOCKS } from "../../core/kitchen/gravy";
import { BATHS, COLD_PLACES, SALT_KINDS, SALT_METHODS } from "../../core/kitchen/salt";
import { METHODS } from "../../core/plan/methods";
import {
  ADDITION_MOMENTS,
  ADDITION_PLACES,
  ADDITION_UNITS,
  DECIDING,
  DISH_C,
  type Plan,
  SIDE_SLOTS,
  STUFFINGS,
  TARGET_C,
} from "../../core/plan/schema";
import { usualKitchen } from "../../core/plan/usualKitchen";
import { usualPlan } from "../../core/plan/usualPlan";
import { COLOURS } from "../../core/processes/conditions";
import { ICE_LEFT, THAW_PLACES } from "../../core/processes/ice";
import { GUIDELINES } from "../../core/safety/guideline";
import { type Beside, type DerivedPlan, derivePlan } from "../../core/schedule/derive";
import { DIALS } from "../../core/units/dial";
import { DAY_MS } from "../../core/units/time";
import { WATER_MIST } from "../../words/basting";
import { simulated } from "./simulated";

/** How many plans a law is asked of: `BRUMA_DINNERS=5000` for the record. */
export const plansAsked = (usual: number): { readonly numRuns: number } => ({
  numRuns: Number(process.env.BRUMA_DINNERS ?? usual),
});

const anySide = fc.record({
  id: fc.uuid(),
  name: fc.constant("A dish"),
  minutes: fc.integer({ min: 1, max: 120 }),
  ovenC: fc.option(fc.integer({ min: DISH_C.least, max: DISH_C.most })),
  ring: fc.boolean(),
  slot: fc.constantFrom(...SIDE_SLOTS),
});

const anyMoment = fc.oneof(
  fc.record({ atMin: fc.integer({ min: 0, max: 960 }) }),
  fc.record({
    when: fc.record({ centre: fc.constant("breast" as const), reachesC: fc.integer({ min: 20, max: 80 }) }),
  }),
  fc.record({ when: fc.record({ colour: fc.constantFrom(...COLOURS) }) }),
);

const anyAddition = fc.record({
  id: fc.uuid(),
  name: fc.constantFrom("A rub", "A paste", "Cider"),
  amount: fc.double({ min: 0.1, max: 5000, noNaN: true }),
  unit: fc.constantFrom(...ADDITION_UNITS),
  when: fc.constantFrom(...ADDITION_MOMENTS),
  where: fc.constantFrom(...ADDITION_PLACES),
  saltPercent: fc.constantFrom(0, 0, 8),
  sugarPercent: fc.constantFrom(0, 0, 40),
  makeMin: fc.constantFrom(0, 0, 15),
});

/** Serving times of a whole year and more, the nights of both clock changes among them. */
const anyServeAt = fc
  .integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2027, 5, 1) })
  .map((ms) => new Date(Math.floor(ms / 300_000) * 300_000).toISOString());

const share = fc.double({ min: 0.01, max: 1, noNaN: true });
const heads = fc.constantFrom(0, 0, 1, 4, 12, 60);
const goal = fc.integer({ min: TARGET_C.least, max: TARGET_C.most });
/** Most often as ovens and trays are, now and then as no kitchen has them. */
const centimetres = fc.oneof(
  { weight: 3, arbitrary: fc.integer({ min: 25, max: 60 }) },
  fc.integer({ min: 20, max: 150 }),
);
const signed = fc.double({ min: -1, max: 1, noNaN: true }).map((value) => value + 0);

/** One of the kitchen's ovens, and what was known of it: of whatever kind the plan's heat is. */
const anyOven = fc.record({
  id: fc.constantFrom("old", "hall"),
  name: fc.constantFrom("Old kitchen", "Hall"),
  heat: fc.constantFrom(...HEAT_SOURCES),
  learned: fc.option(
    fc.record({
      along: fc.array(signed, { minLength: 4, maxLength: 4 }),
      mean: signed,
      sd: share,
      roasts: fc.integer({ min: 0, max: 40 }),
      tests: fc.integer({ min: 0, max: 3 }),
      hotterK: signed.map((value) => 40 * value),
      hotterSdK: share.map((value) => 20 * value),
      bandShare: share,
    }),
  ),
});

const anySign = fc.record({ centre: fc.constant("breast" as const), reachesC: fc.integer({ min: 20, max: 80 }) });

/** One more stage: in another heat, wrapped, covered, turned or laid otherwise, at its time or once the breast has come so far. */
const anyLaterStage = fc
  .record(
    {
      fromMin: fc.integer({ min: 1, max: 240 }),
      airC: fc.integer({ min: 90, max: 240 }),
      movedTo: fc.constantFrom(...HEAT_SOURCES),
      wrap: fc.constantFrom(...WRAPS),
      shield: fc.constantFrom(...SHIELDS),
      side: fc.constantFrom("up", "down" as const),
      surface: fc.constantFrom(...UNDERLAYS),
      towardsHot: fc.constantFrom(...FACINGS),
      when: anySign,
      waitedFor: fc.record({ fromMin: fc.integer({ min: 1, max: 240 }), when: anySign }),
    },
    { requiredKeys: ["fromMin", "airC"] },
  )
  // What still waits has not been made.
  .map(({ waitedFor, ...stage }) => (stage.when || !waitedFor ? stage : { ...stage, waitedFor }));

export const ANY_PLAN: fc.Arbitrary<Plan> = fc
  .record({
    bird: fc.record({
      species: fc.constantFrom(...SPECIES),
      cut: fc.constantFrom(...CUTS),
      legs: fc.constantFrom(...LEGS),
      cavity: fc.constantFrom("empty", "aromatics", "stuffed" as const),
      massShare: fc.double({ min: 0, max: 1, noNaN: true }),
      massOffKg: fc.constantFrom(0, 0.4),
      countShare: fc.double({ min: 0, max: 1, noNaN: true }),
      state: fc.constantFrom("frozen", "part-frozen", "fresh" as const),
      ice: fc.constantFrom(...ICE_LEFT),
      preSalted: fc.boolean(),
      noGiblets: fc.boolean(),
    }),
    thawIn: fc.constantFrom(...THAW_PLACES),
    serveAt: anyServeAt,
    zone: fc.constantFrom("UTC", "Europe/Lisbon", "America/New_York", "Asia/Kolkata", "Australia/Lord_Howe"),
    roasted: fc.constantFrom("same-day", "day-before" as const),
    eatenCold: fc.boolean(),
    heat: fc.constantFrom(...HEAT_SOURCES),
    oven: fc.option(anyOven),
    method: fc.constantFrom(...METHODS.map(({ id }) => id)),
    fuel: fc.constantFrom(...FUELS),
    draught: fc.constantFrom(...DRAUGHTS),
    finish: fc.oneof(
      fc.constantFrom({ kind: "after-rest" as const }, { kind: "at-pull" as const }, { kind: "signs" as const }),
      fc.integer({ min: 5, max: 960 }).map((minutes) => ({ kind: "time" as const, minutes })),
    ),
    restMin: fc.option(fc.integer({ min: 5, max: 120 })),
    liver: fc.boolean(),
    sear: fc.option(
      fc.record({
        panC: fc.integer({ min: 120, max: 280 }),
        minutesPerSide: fc.double({ min: 0.5, max: 20, noNaN: true }),
      }),
    ),
    preheat: fc.record({
      minutes: fc.oneof({ weight: 4, arbitrary: fc.integer({ min: 0, max: 120 }) }, fc.constant(0)),
      airC: fc.option(fc.integer({ min: 60, max: 320 })),
    }),
    additions: fc.uniqueArray(anyAddition, { maxLength: 6, selector: ({ id }) => id }),
    salt: fc.record({
      method: fc.constantFrom(...SALT_METHODS),
      kind: fc.constantFrom(...SALT_KINDS),
      gramsPerTeaspoon: fc.option(fc.double({ min: 1, max: 8, noNaN: true })),
      percent: fc.oneof({ weight: 6, arbitrary: fc.double({ min: 0, max: 2, noNaN: true }) }, fc.constant(0)),
      injectPercent: fc.constantFrom(0, 0, 0.4),
      brinePercent: fc.double({ min: 1, max: 12, noNaN: true }),
      sugarShare: fc.double({ min: 0, max: 1, noNaN: true }),
      bath: fc.constantFrom(...BATHS),
      keptIn: fc.constantFrom(...COLD_PLACES),
      saltHours: fc.integer({ min: 0, max: 72 }),
      dryHours: fc.integer({ min: 0, max: 72 }),
    }),
    season: fc.record({
      fat: fc.constantFrom(...FATS),
      paste: fc.boolean(),
      bacon: fc.boolean(),
      baconOff: fc.option(anyMoment),
      glazePasses: fc.integer({ min: 0, max: 5 }),
      basteEveryMin: fc.constantFrom(0, 20, 30, 60),
      counterMin: fc.integer({ min: 0, max: 120 }),
      stuffing: fc.constantFrom(...STUFFINGS),
      basteFromMin: fc.constantFrom(0, 0, 45),
      basteUntilMin: fc.constantFrom(null, 30, 90),
      basteWith: fc.constantFrom("", "cider", WATER_MIST),
      glazeAt: fc.array(anyMoment, { maxLength: 3 }),
    }),
    sides: fc.uniqueArray(anySide, { maxLength: 7, selector: ({ id }) => id }),
    equipment: fc
      .record({
        ovens: fc.integer({ min: 1, max: 2 }),
        dishesInOven: fc.integer({ min: 1, max: 3 }),
        rings: fc.integer({ min: 0, max: 4 }),
        hands: fc.integer({ min: 1, max: 3 }),
        thermometers: fc.integer({ min: 0, max: 4 }),
        fridgeL: fc.integer({ min: 0, max: 100 }),
        fridgeC: fc.integer({ min: 0, max: 7 }),
        tapWaterC: fc.integer({ min: 2, max: 21 }),
        hotSideK: fc.constantFrom(0, 0, 20, 40),
        dial: fc.constantFrom(...DIALS),
        ovenCm: fc.record({ width: centimetres, depth: centimetres, height: centimetres }),
        panCm: fc.record({ length: centimetres, width: centimetres }),
        shelfCm: fc.record({ width: centimetres, depth: centimetres, height: centimetres }),
        potL: fc.integer({ min: 1, max: 60 }),
        guideline: fc.constantFrom(...GUIDELINES),
      })
      .map((measured) => ({ ...usualKitchen(), ...measured })),
    gravy: fc.constantFrom(...GRAVIES),
    rouxFat: fc.constantFrom(...ROUX_FATS),
    carving: fc.constantFrom(...CARVINGS),
    decidedBy: fc.constantFrom(undefined, undefined, undefined, ...DECIDING),
    stock: fc.constantFrom(...STOCKS),
    morePots: fc.subarray([...POTS], { maxLength: 2 }),
    later: fc
      .uniqueArray(anyLaterStage, { maxLength: 3, selector: ({ fromMin }) => fromMin })
      .map((stages) => stages.sort((a, b) => a.fromMin - b.fromMin)),
    weather: fc.record({ airC: fc.integer({ min: -30, max: 45 }), windy: fc.boolean() }),
    cover: fc.constantFrom(...COVERS),
    table: fc.record({
      guests: fc.record({ light: heads, usual: heads, hearty: heads }),
      leftoverMeals: fc.constantFrom(0, 0, 1.5, 5),
    }),
    goalC: fc.option(fc.record({ breast: goal, thigh: goal, filling: goal })),
  })
  .map(({ bird, method, serveAt, zone, later, decidedBy, goalC, ...chosen }) => {
    const { massShare, countShare, cavity, ...chosenBird } = bird;
    const [low, high] = massRangeKg(bird.species, bird.cut);
    const made = {
      ...chosenBird,
      massKg: low + massShare * (high - low),
      count: Math.max(1, Math.ceil(countShare * mostOf(bird.cut))),
      cavity: hasCavity(bird.cut) ? cavity : ("empty" as const),
    };
    const { stages, targetC, ...usual } = usualPlan({ bird: made, method, serveAt, zone, equipment: chosen.equipment });
    const lastMin = stages.at(-1)?.fromMin ?? 0;
    const wanted = CENTRES.filter((centre) => targetC[centre] !== undefined);
    return {
      ...usual,
      stages: [...stages, ...later.map((stage) => ({ ...stage, fromMin: lastMin + stage.fromMin }))],
      targetC: goalC ? Object.fromEntries(wanted.map((centre) => [centre, goalC[centre]])) : targetC,
      ...chosen,
      ...(decidedBy && { decidedBy }),
    };
  });

/** One whose table has a gravy. */
export const WITH_GRAVY = ANY_PLAN.filter(({ gravy }) => gravy !== "none");

const DAY_AFTER = {
  chill: { to21Min: 60, to5Min: 240, keepsTheRule: true },
  reheat: { kind: "hot", minutes: 35 },
} as const;

export const anyCook = fc.record({
  pullMinute: fc.integer({ min: 30, max: 600 }),
  thawHours: fc.integer({ min: 1, max: 140 }),
});
export type AnyCook = { pullMinute: number; thawHours: number };

/** Everything derived from a plan and a cook of round numbers, long before. */
export const deriveAny = (
  plan: Plan,
  { pullMinute, thawHours }: AnyCook,
  shares: Shares = plan.finish.kind === "time" ? BY_TIME : FIRST_SHARES,
  nowMs = Date.parse(plan.serveAt) - 30 * DAY_MS,
  beside?: Beside,
): DerivedPlan =>
  derivePlan(
    plan,
    simulated({
      pullMinute,
      thawHours: plan.bird.state === "fresh" || plan.thawIn === "none" ? 0 : thawHours,
      dayAfter: plan.roasted === "day-before" ? DAY_AFTER : null,
    }),
    shares,
    nowMs,
    undefined,
    beside,
  );
