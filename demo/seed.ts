/**
 * The demo: a made-up scenario. The open-day lunch of a harbour light's volunteer keepers to plan, a roast in
 * progress at the simulated thermometer, and three of the past with their readings: a turkey that came out late, a duck
 * in a fan oven, a winter chicken in parts. Actual readings come
 * from the simulated thermometer's hidden birds, predictions from the plan's own simulation: nothing is invented.
 */
import { TZDate } from "@date-fns/tz";
import { centresOf } from "../core/bird/form";
import { minuteAllShown, shownAt } from "../core/forecast/ensemble";
import { ensembleOptions } from "../core/forecast/planned";
import type { Plan, Roast, RoastReading } from "../core/formats/roast";
import type { MethodId } from "../core/methods/methods";
import { usualPlan } from "../core/methods/usualPlan";
import type { BrumaDatabase } from "../storage/database";
import { addReadings, saveRoast } from "../storage/roasts";
import { predictPull } from "../workers/predict";
import { simulations } from "../workers/simulations";

const MINUTE = 60_000;
const DAY = 86_400_000;
/** A hidden bird that is slower than most: chosen so that the record shows a late one. */
const SLOW_SEED = "late-19";

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
    if (sunday > nowMs + 10 * DAY) return sunday;
  }
}

interface Past {
  readonly id: string;
  readonly title: string;
  readonly notes: string;
  readonly daysAgo: number;
  /** On the table, local hour; into the oven so many minutes before. */
  readonly serveHour: number;
  readonly leadMin: number;
  /** Which hidden bird it was. */
  readonly seed: string;
  plan(serveAtMs: number): Plan;
}

/** A roast of the past: predicted by the plan's simulation, what happened by a hidden bird of the thermometer. */
async function pastRoast(past: Past, nowMs: number, zone: string): Promise<{ roast: Roast; readings: RoastReading[] }> {
  const day = new TZDate(nowMs - past.daysAgo * DAY, zone);
  const serveAtMs = new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), past.serveHour, 0, zone).getTime();
  const planned = past.plan(serveAtMs);
  const inAtMs = serveAtMs - past.leadMin * MINUTE;
  const predicted = await predictPull(planned, inAtMs);
  const { shownC, ...options } = ensembleOptions(planned, predicted.pullC);
  const hidden = await simulations.request<"thermometer">("thermometer", {
    kind: "thermometer",
    options,
    seed: past.seed,
  });
  const pulledMin = minuteAllShown(hidden, shownC);
  const pulledMs = inAtMs + pulledMin * MINUTE;
  const readings: RoastReading[] = [];
  for (let minute = Math.min(60, 0.3 * pulledMin); minute <= pulledMin; minute += 10) {
    for (const part of centresOf(planned.bird)) {
      const celsius = Math.round(shownAt(hidden, part, minute) * 10) / 10;
      readings.push({ at: iso(inAtMs + minute * MINUTE), part, celsius, source: "simulated" });
    }
  }
  return {
    roast: {
      id: past.id,
      title: past.title,
      createdAt: iso(serveAtMs - 6 * DAY),
      plan: planned,
      happened: { inAt: iso(inAtMs), predicted, pulledAt: iso(pulledMs), carvedAt: iso(pulledMs + 25 * MINUTE) },
      notes: past.notes,
      thermometer: "simulated",
    },
    readings,
  };
}

const pastRoasts = (zone: string): readonly Past[] => [
  {
    id: "demo-late",
    title: "Wet-brined turkey that came late",
    notes: "Brined two days in the bag, no more salt after. The oven runs cool: believe the thermometer at two hours.",
    daysAgo: 58,
    serveHour: 18,
    leadMin: 300,
    seed: SLOW_SEED,
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
    seed: "duck-3",
    plan: (serveAtMs) =>
      withSalt(
        plan({ species: "duck", massKg: 2.4, state: "fresh" }, "steady", serveAtMs, zone, {
          heat: "fan-oven",
          stages: [{ fromMin: 0, airC: 165 }],
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
    seed: "parts-2",
    plan: (serveAtMs) =>
      withSalt(
        plan({ species: "chicken", cut: "parts", massKg: 1.9, state: "fresh" }, "hot-flat", serveAtMs, zone, {
          cover: "none",
        }),
        { kind: "dense-flake", percent: 1, saltHours: 12, dryHours: 0 },
      ),
  },
];

/** Fills an empty demo database; one that holds anything is left alone. */
export async function seedDemo(db: BrumaDatabase, nowMs: number): Promise<void> {
  if ((await db.roasts.count()) > 0) return;
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const lunchMs = openDay(nowMs, zone);
  const inAtMs = nowMs - 75 * MINUTE;
  const sunday = plan({ massKg: 4.6, state: "fresh" }, "hot-start", nowMs + 175 * MINUTE, zone);
  const past: Awaited<ReturnType<typeof pastRoast>>[] = [];
  for (const each of pastRoasts(zone)) past.push(await pastRoast(each, nowMs, zone));
  await saveRoast(db, {
    id: "demo-open-day",
    title: "Open-day lunch at the harbour light",
    createdAt: iso(nowMs),
    plan: plan({ cut: "spatchcock" }, "hot-flat", lunchMs, zone, {
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
  await saveRoast(db, {
    id: "demo-now",
    title: "Turkey at the simulated thermometer",
    createdAt: iso(nowMs - DAY),
    plan: sunday,
    happened: { inAt: iso(inAtMs), predicted: await predictPull(sunday, inAtMs) },
    notes: "",
    thermometer: "simulated",
  });
  for (const { roast, readings } of past) {
    await saveRoast(db, roast);
    await addReadings(db, roast.id, readings);
  }
}
