/**
 * The demo: a made-up scenario. The open-day lunch of a harbour light's volunteer keepers to plan, a roast in
 * progress at the simulated thermometer, and three of the past with their readings: a turkey that came out late, a duck
 * in a fan oven, a winter chicken in parts. Actual readings come
 * from the simulated thermometer's hidden birds, predictions from the plan's own simulation: nothing is invented.
 */
import { TZDate } from "@date-fns/tz";
import type { HiddenPoint } from "../core/forecast/hiddenRoast";
import { ensembleOptions } from "../core/forecast/planned";
import type { Plan, Roast, RoastReading } from "../core/formats/roast";
import { type Probe, placeOf } from "../core/formats/thermometer";
import type { MethodId } from "../core/methods/methods";
import { usualPlan } from "../core/methods/usualPlan";
import type { BrumaDatabase } from "../storage/database";
import { addReadings, deleteRoast, saveRoast } from "../storage/roasts";
import { predictPull } from "../workers/predict";
import { simulations } from "../workers/simulations";
import { IN_SINCE_MIN, roastInProgress } from "./inProgress";

const MINUTE = 60_000;
const DAY = 86_400_000;
/** A hidden bird that is slower than most: chosen so that the record shows a late one. */
const SLOW_SEED = "late-11";

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
  readonly rating: number;
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
  const { shownC: pullC, ...options } = ensembleOptions(planned, predicted.pullC);
  const hidden = await simulations.request<"hidden-roast">("hidden-roast", {
    kind: "hidden-roast",
    options: { options, seed: past.seed, everyMin: 2, trouble: false },
  });
  const there = ({ shownC }: HiddenPoint): boolean =>
    Object.entries(shownC).every(([probe, celsius]) => celsius >= (pullC[placeOf(probe as Probe).part] ?? 0));
  const pulledMin = hidden.find(there)?.minute ?? hidden.at(-1)?.minute ?? 0;
  const pulledMs = inAtMs + pulledMin * MINUTE;
  const readings = hidden
    .filter(({ minute }) => minute >= Math.min(60, 0.3 * pulledMin) && minute <= pulledMin && minute % 10 < 2)
    .flatMap(({ minute, shownC }) =>
      Object.entries(shownC).map(
        ([probe, celsius]): RoastReading => ({
          at: iso(inAtMs + minute * MINUTE),
          ...placeOf(probe as Probe),
          celsius,
          source: "simulated",
        }),
      ),
    );
  return {
    roast: {
      id: past.id,
      title: past.title,
      createdAt: iso(serveAtMs - 6 * DAY),
      plan: planned,
      happened: {
        inAt: iso(inAtMs),
        predicted,
        pulledAt: iso(pulledMs),
        carvedAt: iso(pulledMs + 25 * MINUTE),
        closedAt: iso(serveAtMs + 180 * MINUTE),
      },
      notes: past.notes,
      rating: past.rating,
      thermometer: "bridge",
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
    rating: 2,
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
    rating: 4,
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
];

/** The roast in progress: begun anew with each bird of the simulated thermometer, left alone while it is the same. */
async function seedInProgress(db: BrumaDatabase, inAtMs: number, zone: string): Promise<void> {
  const roast = roastInProgress(inAtMs, zone);
  const stored = await db.roasts.get(roast.id);
  if (stored?.createdAt === roast.createdAt) return;
  await deleteRoast(db, roast.id);
  const predicted = await predictPull(roast.plan, inAtMs);
  await saveRoast(db, { ...roast, happened: { ...roast.happened, predicted } });
}

/**
 * Fills an empty demo database; one that holds anything keeps what it has.
 * @param inAtMs when the bird at the simulated thermometer went in; null where none is running
 */
export async function seedDemo(db: BrumaDatabase, nowMs: number, inAtMs: number | null): Promise<void> {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const empty = (await db.roasts.count()) === 0;
  if (empty || inAtMs !== null) await seedInProgress(db, inAtMs ?? nowMs - IN_SINCE_MIN * MINUTE, zone);
  if (!empty) return;
  const lunchMs = openDay(nowMs, zone);
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
  for (const { roast, readings } of past) {
    await saveRoast(db, roast);
    await addReadings(db, roast.id, readings);
  }
}
