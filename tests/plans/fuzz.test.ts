/**
 * Everything that comes from outside, made wrong in thousands of ways: each is refused in one sentence, or taken and shown
 * on every screen that lists it. `npm run fuzz -- --seed N --count M` runs as many as are asked for.
 */

import { once } from "node:events";
import { mkdtempSync } from "node:fs";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import fc from "fast-check";
import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { MemoryRouter } from "react-router";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { planCalendar } from "../../app/features/list/calendar";
import { DinnerCard } from "../../app/features/roasts/RoastCard";
import { rowsIn, toCsv } from "../../core/formats/csv";
import { checkRoastFile } from "../../core/formats/file";
import { base64url, packRoasts, unpackRoasts } from "../../core/formats/handover";
import { readLog } from "../../core/formats/readingLog";
import { SHARED_VERSION } from "../../core/formats/shared";
import { sidesFromCsv, sidesToCsv } from "../../core/formats/sideList";
import { cookStage, type Roast } from "../../core/plan/roast";
import { derivePlan } from "../../core/schedule/derive";
import { makeServer } from "../../server/app";
import { makeBridge } from "../../server/bridge";
import { ReadingStore } from "../../server/readingStore";
import { RoastShelf } from "../../server/roastShelf";
import { makeSharing } from "../../server/sharing";
import { faultLine, rowReason } from "../../words/incoming";
import { listsOf } from "../../words/lists";
import { planMarkdown } from "../../words/markdown";
import { dayAndTime } from "../../words/time";
import { timetableOf } from "../../words/timetable";
import { ANY_ROAST } from "../helpers/anyRoast";
import { shownBy } from "../helpers/boards";
import { below, mutateText, mutateTree, pick, type Random, randomOf } from "../helpers/mutate";
import { NO_APP } from "../helpers/noApp";
import { READERS } from "../helpers/readers";
import { cookOf } from "../helpers/usualPlans";

/** A connection for each: one that is kept may be closed by the server just as the next input goes out on it. */
const EACH_ITS_OWN = { Connection: "close" };
const SEED = Number(process.env.BRUMA_FUZZ_SEED ?? 1);
const COUNT = Number(process.env.BRUMA_FUZZ_COUNT ?? 72);
/** One in so many is very large. */
const LARGE_EVERY = 400;
const SLOWEST_MS = 2000;
const BROKEN = /NaN|Infinity|undefined|Invalid Date/;

// A few where few inputs are made of them: each is simulated once.
const roasts = fc.sample(ANY_ROAST, { numRuns: Math.min(40, Math.ceil(COUNT / 16)), seed: SEED });

/** A sentence that a person can read on one line. */
function isSentence(text: string): void {
  expect(text.length, text.slice(0, 300)).toBeLessThan(200);
  expect(text).not.toMatch(/[\r\n\u202A-\u202E]|\.[jt]s:\d+:\d+/);
  expect(text.trim()).not.toBe("");
}

/** Time that went into showing, simulations first of all: it is no part of the answer to an input. */
let shownMs = 0;

/** All that lists or shows a roast. */
function isShown(roast: Roast): void {
  const before = performance.now();
  try {
    showAll(roast);
  } finally {
    shownMs += performance.now() - before;
  }
}

function showAll(roast: Roast): void {
  const { plan } = roast;
  expect(
    renderToStaticMarkup(createElement(MemoryRouter, null, createElement(DinnerCard, { roasts: [roast] }))),
  ).not.toMatch(BROKEN);
  expect(cookStage(roast)).toMatch(/planned|roasting|resting|kept|done/);
  const cook = cookOf({ ...plan, heat: "oven" });
  if (cook.kind !== "done") return;
  const shares = { p10: 0.9, p50: 1, p90: 1.2 };
  const derived = derivePlan(plan, cook, shares, Date.parse(plan.serveAt) - 20 * 86_400_000);
  const rows = timetableOf(plan, derived, "metric");
  const lists = listsOf(plan, derived, "us");
  const page = planMarkdown(roast.title, lists, rows, (ms) => dayAndTime(ms, plan.zone, READERS.us));
  expect(page).not.toMatch(BROKEN);
  expect(page.split("\n").filter((line) => line.startsWith("# "))).toHaveLength(1);
  const calendar = planCalendar(roast.id, roast.title, rows, Date.parse(plan.serveAt));
  expect(calendar.split("BEGIN:VEVENT\r\n")).toHaveLength(rows.length + 1);
  expect(shownBy({ plan, cook, derived, shares, units: "metric" })).not.toMatch(BROKEN);
}

const fileOf = (random: Random): unknown =>
  structuredClone({
    format: "bruma-roasts",
    version: pick(random, [1, 2, 3, 4, 5, 6, 6, 6, 6]),
    exportedAt: "2026-09-01T08:00:00Z",
    roasts: [pick(random, roasts)],
  });

function wrongJson(tree: unknown, random: Random): string {
  const changes = below(random, 4);
  for (let n = 0; n < changes; n++) mutateTree(tree, random);
  const text = JSON.stringify(tree) ?? "";
  return random() < 0.25 ? mutateText(text, random) : text;
}

let server: Server;
let url = "";
let store: ReadingStore;
const ends: (() => void)[] = [];
beforeAll(async () => {
  vi.spyOn(console, "warn").mockImplementation(() => undefined);
  const folder = mkdtempSync(join(tmpdir(), "bruma-fuzz-"));
  store = new ReadingStore(join(folder, "readings"));
  const bridge = makeBridge(store, { patience: { posts: 1e9, perMs: 1000 } });
  const sharing = makeSharing(new RoastShelf(join(folder, "roasts")), { changesASecond: 1e9 });
  ends.push(
    () => bridge.close(),
    () => sharing.close(),
    () => store.close(),
  );
  server = createServer(makeServer({ demo: false, root: NO_APP, bridge, sharing })).listen(0, "127.0.0.1");
  await once(server, "listening");
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => {
  server.closeAllConnections();
  server.close();
  for (const end of ends) end();
});

/** The answer's own words, whatever its shape. */
async function words(response: Response): Promise<readonly string[]> {
  if (response.status === 204) return [];
  const told = (await response.json()) as { why?: string; rejected?: { why: string }[] };
  return [...(told.why === undefined ? [] : [told.why]), ...(told.rejected ?? []).map(({ why }) => why)];
}

const KINDS: Record<string, (random: Random, large: boolean) => Promise<void> | void> = {
  file: (random, large) => {
    const file = fileOf(random) as { roasts: { readings: unknown[] }[] };
    if (large) {
      const [reading] = roasts.find(({ readings }) => readings.length > 0)?.readings ?? [];
      const celsius = pick(random, [20, 1e9]);
      const [entry] = file.roasts;
      if (entry) entry.readings = Array.from({ length: 150_000 }, () => ({ ...reading, celsius }));
    }
    const checked = checkRoastFile(wrongJson(file, random));
    if (checked.valid) {
      if (!large) for (const { roast } of checked.file.roasts) isShown(roast);
      return;
    }
    expect(checked.faults.length).toBeGreaterThan(0);
    expect(checked.faults.length).toBeLessThanOrEqual(5);
    for (const fault of checked.faults) isSentence(faultLine(fault));
  },

  address: async (random, large) => {
    const { roast } = pick(random, roasts);
    let packed: string;
    if (random() < 0.5) packed = mutateText(await packRoasts([roast], new Date(0)), random);
    else {
      const text = wrongJson(fileOf(random), random) + (large ? " ".repeat(3_000_000) : "");
      const deflated = new Blob([text]).stream().pipeThrough(new CompressionStream("deflate-raw"));
      packed = base64url(new Uint8Array(await new Response(deflated).arrayBuffer()));
    }
    const made = await unpackRoasts(packed);
    if (made.kind === "roasts") for (const each of made.roasts) isShown(each);
    else for (const fault of made.faults) isSentence(faultLine(fault));
  },

  log: (random, large) => {
    const header = pick(random, ["minute,breast_c,thigh_c", "time;Breast (°F);left thigh", "at\tbreast\tfilling", ""]);
    const row = (n: number): string =>
      `${pick(random, [n, `12:${n % 60}`, "2026-09-27T09:00:00Z", "x"])},${n},${2 * n}`;
    const lines = Array.from({ length: large ? 50_000 : below(random, 30) }, (_, n) => row(n));
    const text = mutateText([header, ...lines].join("\n"), random);
    const [names = [], ...rows] = rowsIn(text);
    const zone = pick(random, ["UTC", "Asia/Kolkata"]);
    const { readings, rejected } = readLog(names, rows, { inAtMs: Date.UTC(2026, 8, 27, 9), zone });
    for (const { celsius, minute } of readings) {
      expect(Number.isFinite(celsius) && celsius >= -30 && celsius <= 110).toBe(true);
      expect(minute >= 0 && minute <= 48 * 60).toBe(true);
    }
    for (const row of rejected.slice(0, 50)) isSentence(rowReason(row));
  },

  dishes: (random, large) => {
    const sides = [{ name: "Potatoes", minutes: 45, ovenC: 200, ring: false, slot: "auto" as const }];
    const text = mutateText(sidesToCsv(sides, "metric").repeat(large ? 20_000 : 3), random);
    const { dishes, rejected } = sidesFromCsv(text, 12, pick(random, ["metric", "us"] as const));
    for (const row of rejected.slice(0, 50)) isSentence(rowReason(row));
    if (dishes.length === 0) return;
    // Written out, no cell is a formula, and all of it is read again.
    const again = sidesFromCsv(sidesToCsv(dishes, "metric"), 12, "metric");
    expect(again.dishes.map(({ name }) => name)).toEqual(dishes.map(({ name }) => name));
    expect(toCsv(dishes, ["name"])).not.toMatch(/^[=@]/m);
    const { plan } = pick(random, roasts).roast;
    isShown({
      ...pick(random, roasts).roast,
      plan: { ...plan, sides: dishes.map((dish, n) => ({ ...dish, id: `${n}` })) },
    });
  },

  post: async (random, large) => {
    const line = (n: number) => ({
      at: new Date(Date.UTC(2026, 8, 27, 9, 0, n) + below(random, 1e9)).toISOString(),
      probe: pick(random, ["breast", "left thigh"]),
      celsius: below(random, 90),
    });
    const lines = Array.from({ length: large ? 1500 : 1 + below(random, 6) }, (_, n) => line(n));
    const body =
      random() < 0.5
        ? wrongJson(lines, random)
        : mutateText(lines.map((each) => JSON.stringify(each)).join("\n"), random);
    const before = store.last;
    const response = await fetch(`${url}/api/readings`, { method: "POST", headers: EACH_ITS_OWN, body });
    expect([200, 400, 413]).toContain(response.status);
    const told = (await response.clone().json()) as { accepted: number; repeated?: number };
    for (const why of await words(response)) isSentence(why);
    expect(store.last - before).toBe(told.accepted - (told.repeated ?? 0));
  },

  shared: async (random, large) => {
    const { roast, readings } = structuredClone(pick(random, roasts));
    const sent = {
      version: SHARED_VERSION,
      revision: 0,
      roast,
      readings: large ? Array.from({ length: 25_000 }, () => readings[0]) : readings,
    };
    const response = await fetch(`${url}/api/roasts/${encodeURIComponent(roast.id)}`, {
      method: "PUT",
      headers: { ...EACH_ITS_OWN, "Content-Type": "application/json" },
      body: wrongJson(sent, random),
    });
    expect([200, 400, 409, 413, 426, 507]).toContain(response.status);
    if (response.status === 200) isShown(((await response.json()) as { roast: Roast }).roast);
    else if (response.status !== 409) for (const why of await words(response)) isSentence(why);
  },
};

describe("what comes from outside", () => {
  it(`is refused in one sentence or shown on every screen: ${COUNT} inputs of seed ${SEED}`, async () => {
    const slowest: Record<string, number> = {};
    for (let n = 0; n < COUNT; n++) {
      const [kind, run] = Object.entries(KINDS)[n % Object.keys(KINDS).length] as [string, (typeof KINDS)[string]];
      const random = randomOf(SEED * 1_000_003 + n);
      shownMs = 0;
      const before = performance.now();
      try {
        await run(random, Math.floor(n / Object.keys(KINDS).length) % LARGE_EVERY === LARGE_EVERY - 1);
      } catch (error) {
        throw new Error(`${kind}, input ${n} of seed ${SEED}: ${error instanceof Error ? error.message : error}`, {
          cause: error,
        });
      }
      slowest[kind] = Math.max(slowest[kind] ?? 0, performance.now() - before - shownMs);
    }
    console.log(
      Object.entries(slowest)
        .map(([kind, ms]) => `${kind} ${Math.round(ms)} ms`)
        .join(", "),
    );
    if (COUNT > 1000) expect(Math.max(...Object.values(slowest))).toBeLessThan(SLOWEST_MS);
  }, 3_600_000);
});
