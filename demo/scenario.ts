/**
 * The demo's made-up scenario, as plans: the open-day lunch of a harbour light's volunteer keepers, and eight roasts of
 * the past. What the past roasts came to is computed by `npm run demo-data` into computed.json.
 */

import { TZDate } from "@date-fns/tz";
import type { MethodId } from "../core/plan/methods";
import type { Roast } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { alone } from "../core/plan/together";
import { usualPlan } from "../core/plan/usualPlan";
import { DAY_MS } from "../core/units/time";

/** A hidden bird that is slower than most: chosen so that the record shows a late one. */
const SLOW_SEED = "late-13";

/** The oven of the keepers' old kitchen, which runs hot, and the hall's, which is as its hidden birds have it. */
export const DEMO_OVENS = {
  old: { id: "demo-old-oven", name: "Old kitchen", heat: "oven", offsetK: 9 },
  hall: { id: "demo-hall-oven", name: "Hall", heat: "oven", offsetK: null },
} as const;
export type DemoOven = keyof typeof DEMO_OVENS;

const iso = (ms: number): string => new Date(ms).toISOString();

function plan(
  bird: Partial<Plan["bird"]>,
  method: MethodId,
  serveAtMs: number,
  zone: string,
  change: Partial<Plan> = {},
): Plan {
  return {
    ...usualPlan({
      bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "frozen", ...bird },
      method,
      serveAt: iso(serveAtMs),
      zone,
    }),
    table: { guests: { light: 0, usual: 8, hearty: 0 }, leftoverMeals: 0 },
    ...change,
  };
}

const withSalt = (planned: Plan, change: Partial<Plan["salt"]>): Plan => ({
  ...planned,
  salt: { ...planned.salt, ...change },
});

/** The last Sunday of the coming September, half past one. */
function openDay(nowMs: number, zone: string): number {
  const now = new TZDate(nowMs, zone);
  for (let year = now.getFullYear(); ; year++) {
    const last = new TZDate(year, 8, 30, 13, 30, zone);
    const sunday = new TZDate(year, 8, 30 - last.getDay(), 13, 30, zone).getTime();
    if (sunday > nowMs + 10 * DAY_MS) return sunday;
  }
}

export interface Past {
  readonly id: string;
  readonly title: string;
  readonly notes: string;
  readonly daysAgo: number;
  /** On the table, local hour; into the oven so many minutes before. */
  readonly serveHour: number;
  readonly leadMin: number;
  readonly rating: number;
  /** Which hidden bird it was. */
  readonly seed: string;
  readonly oven?: DemoOven;
  plan(serveAtMs: number): Plan;
}

export const pastRoasts = (zone: string): readonly Past[] => [
  {
    id: "demo-late",
    title: "Wet-brined turkey that came late",
    notes: "Brined two days in the bag, no more salt after. The oven runs cool: believe the thermometer at two hours.",
    daysAgo: 58,
    serveHour: 18,
    leadMin: 265,
    rating: 2,
    seed: SLOW_SEED,
    oven: "hall",
    plan: (serveAtMs) =>
      withSalt(plan({ massKg: 6.4 }, "steady", serveAtMs, zone), {
        method: "brine",
        brinePercent: 5,
        bath: "bag",
        saltHours: 48,
        dryHours: 0,
      }),
  },
  {
    id: "demo-duck",
    title: "Duck in the fan oven",
    notes: "Poured off two cups of fat for potatoes. Legs could have stayed in ten minutes more.",
    daysAgo: 110,
    serveHour: 19,
    leadMin: 150,
    rating: 4,
    seed: "duck-3",
    plan: (serveAtMs) =>
      withSalt(
        plan({ species: "duck", massKg: 2.4, state: "fresh" }, "steady", serveAtMs, zone, {
          heat: "fan-oven",
          stages: [{ fromMin: 0, airC: 170 }],
        }),
        { kind: "fine", percent: 0.8, saltHours: 12, dryHours: 12 },
      ),
  },
  {
    id: "demo-parts",
    title: "Winter chicken in parts",
    notes: "Breasts out first, legs ten minutes later. Everything hot at once, and no carving.",
    daysAgo: 305,
    serveHour: 13,
    leadMin: 75,
    rating: 5,
    seed: "parts-2",
    plan: (serveAtMs) =>
      withSalt(
        plan({ species: "chicken", cut: "parts", massKg: 1.9, state: "fresh" }, "hot-flat", serveAtMs, zone, {
          cover: "none",
        }),
        { kind: "dense-flake", percent: 1, saltHours: 12, dryHours: 0 },
      ),
  },
  {
    id: "demo-supper",
    title: "Keepers' supper",
    notes: "In good time, and dry at the wing side. That oven is hotter than it says.",
    daysAgo: 340,
    serveHour: 19,
    leadMin: 225,
    rating: 3,
    seed: "supper-1",
    oven: "old",
    plan: (serveAtMs) => plan({ massKg: 4.8 }, "steady", serveAtMs, zone),
  },
  {
    id: "demo-trimmers",
    title: "Chicken for the lamp trimmers",
    notes: "Ready before the potatoes again. Set the dial ten degrees lower in the old kitchen.",
    daysAgo: 404,
    serveHour: 13,
    leadMin: 140,
    rating: 4,
    seed: "trimmers-1",
    oven: "old",
    plan: (serveAtMs) => plan({ species: "chicken", massKg: 1.9, state: "fresh" }, "hot-start", serveAtMs, zone),
  },
  {
    id: "demo-crew",
    title: "Spatchcocked for the boat crew",
    notes: "Skin like glass. The tips caught: foil on them next time.",
    daysAgo: 467,
    serveHour: 18,
    leadMin: 140,
    rating: 5,
    seed: "crew-1",
    oven: "old",
    plan: (serveAtMs) => plan({ cut: "spatchcock", massKg: 5.2 }, "hot-flat", serveAtMs, zone),
  },
  {
    id: "demo-crown",
    title: "Crown for four",
    notes: "Just right at half an hour of rest. Enough for sandwiches.",
    daysAgo: 545,
    serveHour: 19,
    leadMin: 195,
    rating: 4,
    seed: "crown-2",
    oven: "hall",
    plan: (serveAtMs) => plan({ cut: "crown", massKg: 2.6, state: "fresh" }, "steady", serveAtMs, zone),
  },
  {
    id: "demo-smoke",
    title: "Smoked on the slip",
    notes: "Wind all afternoon, three loads of charcoal. Begin an hour sooner.",
    daysAgo: 612,
    serveHour: 19,
    leadMin: 290,
    rating: 4,
    seed: "smoke-8",
    plan: (serveAtMs) => plan({ massKg: 5.4 }, "low-smoke", serveAtMs, zone, { heat: "smoker" }),
  },
];

/** When a past roast was on the table. */
export function servedAt({ daysAgo, serveHour }: Past, nowMs: number, zone: string): number {
  const day = new TZDate(nowMs - daysAgo * DAY_MS, zone);
  return new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), serveHour, 0, zone).getTime();
}

/** The lunch that is still to be planned. */
export function openDayRoast(nowMs: number, zone: string): Roast {
  return alone({
    id: "demo-open-day",
    named: true,
    title: "Open-day lunch at the harbour light",
    createdAt: iso(nowMs),
    plan: plan({ cut: "spatchcock" }, "hot-flat", openDay(nowMs, zone), zone, {
      table: { guests: { light: 2, usual: 7, hearty: 2 }, leftoverMeals: 0 },
      sides: [
        { id: "potatoes", name: "Roast potatoes", minutes: 45, ovenC: 200, ring: false, slot: "auto" },
        { id: "stuffing", name: "Bread stuffing, beside the bird", minutes: 35, ovenC: 190, ring: false, slot: "auto" },
      ],
    }),
    happened: {},
    notes: "Eleven at the table. One oven, and two side dishes that need it while the bird rests.",
    thermometer: "typed",
  });
}
