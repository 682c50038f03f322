/**
 * The demo: a made-up scenario. The open-day lunch of a harbour light's volunteer keepers to plan, a roast in
 * progress at the simulated thermometer, and a turkey that came out late, with its readings. Actual readings come
 * from the simulated thermometer's hidden birds, predictions from the plan's own simulation: nothing is invented.
 */
import { TZDate } from "@date-fns/tz";
import { minuteShown, shownAt } from "../core/forecast/ensemble";
import { ensembleOptions } from "../core/forecast/planned";
import type { Plan, Roast, RoastReading } from "../core/formats/roast";
import { type MethodId, methodById } from "../core/methods/methods";
import type { BrumaDatabase } from "../storage/database";
import { addReadings, saveRoast } from "../storage/roasts";
import { predictPull } from "../workers/predict";
import { simulations } from "../workers/simulations";

const MINUTE = 60_000;
const DAY = 86_400_000;
/** A hidden bird that is slower than most: chosen so that the record shows a late one. */
const SLOW_SEED = "late-19";

const iso = (ms: number): string => new Date(ms).toISOString();

function plan(bird: Partial<Plan["bird"]>, method: MethodId, serveAtMs: number, zone: string): Plan {
  return {
    bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "frozen", preSalted: false, ...bird },
    thawIn: "fridge",
    serveAt: iso(serveAtMs),
    zone,
    method,
    stages: [...methodById(method).stages],
    targetC: { breast: 74, thigh: 74 },
    salt: { kind: "table", percent: 1, saltHours: 24, dryHours: 12 },
    cover: "foil",
  };
}

/** The last Sunday of the coming September, half past one. */
function openDay(nowMs: number, zone: string): number {
  const now = new TZDate(nowMs, zone);
  for (let year = now.getFullYear(); ; year++) {
    const last = new TZDate(year, 8, 30, 13, 30, zone);
    const sunday = new TZDate(year, 8, 30 - last.getDay(), 13, 30, zone).getTime();
    if (sunday > nowMs + 10 * DAY) return sunday;
  }
}

async function lateTurkey(nowMs: number, zone: string): Promise<{ roast: Roast; readings: RoastReading[] }> {
  const day = new TZDate(nowMs - 58 * DAY, zone);
  const serveAtMs = new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), 18, 0, zone).getTime();
  const wet = plan({ massKg: 6.4, preSalted: true }, "steady", serveAtMs, zone);
  const inAtMs = serveAtMs - 5 * 60 * MINUTE;
  const predicted = await predictPull(wet, inAtMs);
  const goals = { breast: predicted.pullBreastC, thigh: predicted.pullThighC };
  const { shownC: _, ...options } = ensembleOptions(wet, goals);
  const hidden = await simulations.request<"thermometer">("thermometer", {
    kind: "thermometer",
    options,
    seed: SLOW_SEED,
  });
  const pulledMin = Math.max(minuteShown(hidden, "breast", goals.breast), minuteShown(hidden, "thigh", goals.thigh));
  const pulledMs = inAtMs + pulledMin * MINUTE;
  const readings: RoastReading[] = [];
  for (let minute = 60; minute <= pulledMin; minute += 10) {
    for (const part of ["breast", "thigh"] as const) {
      const celsius = Math.round(shownAt(hidden, part, minute) * 10) / 10;
      readings.push({ at: iso(inAtMs + minute * MINUTE), part, celsius, source: "simulated" });
    }
  }
  return {
    roast: {
      id: "demo-late",
      title: "Wet-brined turkey that came late",
      createdAt: iso(serveAtMs - 6 * DAY),
      plan: wet,
      happened: { inAt: iso(inAtMs), predicted, pulledAt: iso(pulledMs), carvedAt: iso(pulledMs + 25 * MINUTE) },
      notes: "Brined two days in the bag, so no more salt. The oven runs cool: believe the thermometer at two hours.",
      thermometer: "simulated",
    },
    readings,
  };
}

/** Fills an empty demo database; one that holds anything is left alone. */
export async function seedDemo(db: BrumaDatabase, nowMs: number): Promise<void> {
  if ((await db.roasts.count()) > 0) return;
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const lunchMs = openDay(nowMs, zone);
  const inAtMs = nowMs - 75 * MINUTE;
  const sunday = plan({ massKg: 4.6, state: "fresh" }, "hot-start", nowMs + 175 * MINUTE, zone);
  const late = await lateTurkey(nowMs, zone);
  await saveRoast(db, {
    id: "demo-open-day",
    title: "Open-day lunch at the harbour light",
    createdAt: iso(nowMs),
    plan: plan({ cut: "spatchcock" }, "hot-flat", lunchMs, zone),
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
  await saveRoast(db, late.roast);
  await addReadings(db, late.roast.id, late.readings);
}
