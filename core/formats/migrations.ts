/** Steps from one shape of stored data to the next; the file and the database run the same ones. */

import { CUTS, hasCavity } from "../bird/form";
import { nearestKg } from "../bird/mass";
import { SPECIES } from "../bird/species";
import { inOrder } from "../plan/happened";
import type { Roast } from "../plan/roast";
import { shown } from "../units/text";
import { HOUR_MS } from "../units/time";

type Loose = Record<string, unknown>;
/** With what an older version did not say. */
const within = (value: unknown, added: Loose): unknown => (isRecord(value) ? { ...added, ...value } : value);
const isRecord = (value: unknown): value is Loose => typeof value === "object" && value !== null;

/**
 * Version 1 to 2: a plan says what heats the bird, who eats and what else is cooked, a bird how its legs and its cavity are, and what the pull was expected to show is kept by centre.
 * What is not a roast is handed on as it is: the schema says what is wrong with it.
 */
export function roastWithForm(roast: unknown): unknown {
  if (!isRecord(roast) || !isRecord(roast.plan) || !isRecord(roast.plan.bird)) return roast;
  const massKg = typeof roast.plan.bird.massKg === "number" ? roast.plan.bird.massKg : 5;
  const plan = {
    heat: "oven",
    table: { guests: { light: 0, usual: Math.max(1, Math.round(massKg / 0.5)), hearty: 0 }, leftoverMeals: 0 },
    sides: [],
    equipment: { ovens: 1, dishesInOven: 2, rings: 4 },
    gravy: "flour",
    ...roast.plan,
    bird: { legs: "tied", cavity: "empty", ...roast.plan.bird },
  };
  const { happened } = roast;
  if (!isRecord(happened) || !isRecord(happened.predicted)) return { ...roast, plan };
  const { pullBreastC, pullThighC, ...predicted } = happened.predicted;
  return {
    ...roast,
    plan,
    happened: { ...happened, predicted: { ...predicted, pullC: { breast: pullBreastC, thigh: pullThighC } } },
  };
}

/**
 * Version 2 to 3: how it is salted, seasoned and served, how many birds there are, and the kitchen's own measures.
 * What a version 2 plan did not say was what these values say.
 */
export function roastWithKitchen(roast: unknown): unknown {
  if (!isRecord(roast) || !isRecord(roast.plan)) return roast;
  const { plan } = roast;
  return {
    ...roast,
    plan: {
      roasted: "same-day",
      season: { fat: "before", paste: false, bacon: false, glazePasses: 0, basteEveryMin: 0, counterMin: 0 },
      weather: { airC: 10, windy: false },
      stock: "ahead",
      ...plan,
      bird: within(plan.bird, { count: 1, ice: "middle" }),
      salt: within(plan.salt, {
        // A bird sold salted got no more salt.
        method: isRecord(plan.bird) && plan.bird.preSalted === true ? "none" : "dry",
        gramsPerTeaspoon: null,
        brinePercent: 6.5,
        sugarShare: 0,
        bath: "pot",
        keptIn: "fridge",
      }),
      equipment: within(plan.equipment, {
        hands: 1,
        thermometers: 1,
        fridgeL: 60,
        fridgeC: 4,
        tapWaterC: 12,
        hotSideK: 0,
        ovenCm: { width: 46, depth: 40, height: 32 },
        panCm: { length: 46, width: 36 },
        shelfCm: { width: 48, depth: 35, height: 28 },
        potL: 12,
      }),
    },
  };
}

/** Version 3 to 4: the simulated thermometer speaks to the bridge like any other. */
export function roastWithBridge(roast: unknown): unknown {
  return isRecord(roast) && roast.thermometer === "simulated" ? { ...roast, thermometer: "bridge" } : roast;
}

/** Version 4 to 5: what is ticked off, readings that are struck out, probes by their device; what was there stays as it is. */
export const roastWithDay = (roast: unknown): unknown => roast;

/**
 * Version 5 to 6: what happened stands in the order in which it can happen, and texts hold nothing that cannot be shown.
 * The file carries the kitchen and the preferences too.
 */
export function roastInOrder(roast: unknown): unknown {
  if (!isRecord(roast)) return roast;
  const { happened } = roast;
  const ordered = isRecord(happened) ? inOrder(happened as Roast["happened"]) : happened;
  return textsShown({ ...roast, happened: ordered });
}

/**
 * Version 6 to 7: what burns, when it leaves the heat, how long it rests, what else is put on and in, how stuffing goes
 * in. A title of before stays as it is.
 */
export function roastWithFinish(roast: unknown): unknown {
  if (!isRecord(roast) || !isRecord(roast.plan)) return roast;
  const { plan } = roast;
  return {
    named: true,
    ...roast,
    plan: {
      fuel: "charcoal",
      finish: { kind: "after-rest" },
      additions: [],
      restMin: null,
      liver: false,
      sear: null,
      preheat: { minutes: 25, airC: null },
      ...plan,
      salt: isRecord(plan.salt) ? { injectPercent: 0, ...plan.salt } : plan.salt,
      season: isRecord(plan.season)
        ? { stuffing: "warm", basteFromMin: 0, basteUntilMin: null, basteWith: "", glazeAt: [], ...plan.season }
        : plan.season,
    },
  };
}

/**
 * Version 7 to 8: of which dinner and which fire it is, each of its own (see {@link dinnersByTime}); a weight that is
 * known, bacon that stays on, one pot of stock, additions without salt or sugar.
 */
export function roastWithDinner(roast: unknown): unknown {
  if (!isRecord(roast)) return roast;
  const { plan } = roast;
  const own = { dinner: roast.id, fire: roast.id, ...roast };
  if (!isRecord(plan)) return own;
  return {
    ...own,
    plan: {
      morePots: [],
      ...plan,
      additions: Array.isArray(plan.additions)
        ? plan.additions.map((each) => within(each, { saltPercent: 0, sugarPercent: 0, makeMin: 0 }))
        : plan.additions,
      bird: within(plan.bird, { massOffKg: 0 }),
      season: within(plan.season, { baconOff: null }),
    },
  };
}

/** Eaten within so many hours of one another, roasts were one dinner's until version 7. */
const SAME_DINNER_MS = 3 * HOUR_MS;

/**
 * What was one dinner by its hour is one dinner from version 8 on: no times move. Of all roasts together, once each has
 * been carried to version 8.
 */
export function dinnersByTime(roasts: readonly unknown[]): unknown[] {
  const first: { readonly atMs: number; readonly dinner: unknown }[] = [];
  const at = (roast: unknown): number =>
    isRecord(roast) && isRecord(roast.plan) && isRecord(roast.happened) && roast.happened.closedAt === undefined
      ? Date.parse(String(roast.plan.serveAt))
      : Number.NaN;
  const made = (roast: unknown): string => (isRecord(roast) ? String(roast.createdAt) : "");
  const dinners = new Map<unknown, unknown>();
  for (const roast of [...roasts].sort((one, other) => made(one).localeCompare(made(other)))) {
    const atMs = at(roast);
    if (Number.isNaN(atMs) || !isRecord(roast)) continue;
    const known = first.find((each) => Math.abs(each.atMs - atMs) <= SAME_DINNER_MS);
    if (known) dinners.set(roast, known.dinner);
    else first.push({ atMs, dinner: roast.dinner });
  }
  return roasts.map((roast) => (dinners.has(roast) ? { ...(roast as Loose), dinner: dinners.get(roast) } : roast));
}

/** A kitchen of version 8 as one of version 9: dials were in °C. */
export const kitchenWithDial = (kitchen: unknown): unknown => within(kitchen, { dial: "celsius" });

/** Version 8 to 9: what the oven's dial is marked in. */
export const roastWithDial = (roast: unknown): unknown =>
  isRecord(roast) && isRecord(roast.plan)
    ? { ...roast, plan: { ...roast.plan, equipment: kitchenWithDial(roast.plan.equipment) } }
    : roast;

/** Version 9 to 10: in which of the kitchen's ovens. */
export const roastWithOven = (roast: unknown): unknown =>
  isRecord(roast) && isRecord(roast.plan) ? { ...roast, plan: { ...roast.plan, oven: null } } : roast;

/** Version 10 to 11: how well a smoker draws. */
export const roastWithDraught = (roast: unknown): unknown =>
  isRecord(roast) && isRecord(roast.plan) ? { ...roast, plan: { draught: "usual", ...roast.plan } } : roast;

/**
 * Version 11 to 12: since when the heat is on may be told. 12 to 13: an oven may be cold as the bird goes in. 13
 * to 14: that a thaw began late, and how warm it was at the table, may be told. 14 to 15: that a tip was put right may be.
 * 15 to 16: that the heat was off, and a roasting bag, may be. 16 to 17: that a bird is moved into another heat may be.
 * 17 to 18: when a change of the heat was made that had waited for a sign may be. 18 to 19: which fat a roux is made with,
 * that it goes into the hot liquid, which centre alone decides, which guideline is followed,
 * how it is carved, a deep pan, and what goes into the wrap, may be. 20 to 21: that no gravy is
 * made, and that a bird was sold without its giblets, may be. 21 to 22: that a bird of the day before is eaten cold,
 * more than four pieces, and a rest of five minutes, may be.
 * What was there stays as it is.
 */
const roastAsItWas = (roast: unknown): unknown => roast;

/**
 * Version 19 to 20: a bird that cannot be made, of two devices that each changed it, is the nearest that can: before, it was
 * stored and never simulated.
 */
export function roastThatCanBeMade(roast: unknown): unknown {
  if (!isRecord(roast) || !isRecord(roast.plan) || !isRecord(roast.plan.bird)) return roast;
  const { plan } = roast;
  const { bird } = roast.plan;
  const species = SPECIES.find((each) => each === bird.species);
  const cut = CUTS.find((each) => each === bird.cut);
  if (!species || !cut || typeof bird.massKg !== "number") return roast;
  const massKg = nearestKg(species, cut, bird.massKg);
  return { ...roast, plan: { ...plan, bird: { ...bird, massKg, ...(!hasCavity(cut) && { cavity: "empty" }) } } };
}

/** Every step, by the version it begins from: 1, 2 and so on. */
export const STEPS = [
  roastWithForm,
  roastWithKitchen,
  roastWithBridge,
  roastWithDay,
  roastInOrder,
  roastWithFinish,
  roastWithDinner,
  roastWithDial,
  roastWithOven,
  roastWithDraught,
  roastAsItWas,
  roastAsItWas,
  roastAsItWas,
  roastAsItWas,
  roastAsItWas,
  roastAsItWas,
  roastAsItWas,
  roastAsItWas,
  roastThatCanBeMade,
  roastAsItWas,
  roastAsItWas,
] as const;

/** Of the file: what has the roasts that the last step comes to. */
export const FILE_VERSION = STEPS.length + 1;

/** Texts of a roast, at whatever depth a roast has. */
function textsShown(value: unknown, depth = 0): unknown {
  if (typeof value === "string") return shown(value);
  if (depth > DEEPEST || typeof value !== "object" || value === null) return value;
  if (Array.isArray(value)) return value.map((item) => textsShown(item, depth + 1));
  return Object.fromEntries(Object.entries(value).map(([name, item]) => [name, textsShown(item, depth + 1)]));
}

/** Deeper than any roast. */
const DEEPEST = 8;
