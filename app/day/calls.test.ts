import { describe, expect, it } from "vitest";
import type { LateBefore } from "../../core/day/late";
import type { RestPlan } from "../../core/day/restPlan";
import { MINUTE_MS } from "../../core/units/time";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { CallBook, callsOf } from "./calls";
import type { Item } from "./items";

const { plan } = sampleRoast();
const item = (key: string, rings: boolean): Item =>
  ({ key, does: key, rings, about: { kind: "row", id: key } }) as Item;
const rest: RestPlan = {
  earliestMin: 20,
  latestMin: 60,
  latestBecause: "cools",
  carveMin: 45,
  overMin: 0,
  fallsShort: false,
  backInMin: null,
};
const inHeat = {
  plan,
  heat: plan.heat,
  units: "metric",
  nowMs: 0,
  stay: 0,
  items: [item("baste", true), item("look", false)],
  late: null,
  reached: false,
  pulledMs: Number.NaN,
  rest: null,
  kept: null,
  leftovers: null,
} as const;
const keysOf = (change: Partial<Parameters<typeof callsOf>[0]>): string[] =>
  callsOf({ ...inHeat, ...change }).map(({ key }) => key);

describe("a call", () => {
  it("is new once, also where it is over for a moment, and again after ten minutes", () => {
    const book = new CallBook();
    const pull = { key: "pull", does: "Take it out" };
    const baste = { key: "baste", does: "Baste" };
    const told = [
      [0, [pull]],
      [1, [pull, baste]],
      [2, []],
      [4, [pull]],
      [5, [baste]],
      [14, [pull]],
      [20, []],
      [30, [pull]],
    ] as const;
    expect(told.map(([minute, calls]) => book.fresh(calls, minute * MINUTE_MS).map(({ key }) => key))).toEqual([
      ["pull"],
      ["baste"],
      [],
      [],
      [],
      [],
      [],
      ["pull"],
    ]);
  });
});

describe("what is called", () => {
  it("is what rings, and the pull before all of it", () => {
    expect(keysOf({})).toEqual(["baste"]);
    expect(keysOf({ reached: true })).toEqual(["pull", "baste"]);
    // Put back and there again within minutes, it is called again.
    expect(keysOf({ reached: true, stay: 1 })).toEqual(["pull 1", "baste"]);
  });

  it("says of a rest: carve when it is time, not before the shortest rest and not after it has cooled", () => {
    const at = (minute: number, carveMin: number | null): string[] =>
      keysOf({ items: [], nowMs: minute * MINUTE_MS, pulledMs: 0, rest: { ...rest, carveMin } });
    expect(at(50, null)).toEqual([]);
    expect(at(40, 45)).toEqual([]);
    expect(at(45, 45)).toEqual(["carve"]);
    expect(at(56, 60)).toEqual(["cools"]);
    expect(at(60, 60)).toEqual(["carve", "cools"]);
  });

  it("does not have it carved while its dinner waits: it is to be kept hot from when it would cool", () => {
    const over = { ...rest, carveMin: 100, overMin: 40 };
    const at = (minute: number) =>
      callsOf({ ...inHeat, items: [], nowMs: minute * MINUTE_MS, pulledMs: 0, rest: over });
    expect(at(54)).toEqual([]);
    expect(at(56).map(({ does }) => does)).toEqual(["Keep it hot until dinner"]);
    expect(at(100).map(({ does }) => does)).toEqual(["Carve", "Keep it hot until dinner"]);
  });

  it("calls it back where the rest falls short", () => {
    const short = { ...rest, fallsShort: true, backInMin: 15 };
    expect(keysOf({ items: [], nowMs: 0, pulledMs: 0, rest: short })).toEqual(["back in"]);
  });

  it("is for a cold oven and for a bird beside a hot one, and not for the wait between them", () => {
    const late = (what: "heat" | "wait" | "bird") => ({ what, dueMs: 0, inAtMs: 0, lateMin: 0 }) as LateBefore;
    expect(keysOf({ items: [], late: late("heat") })).toEqual(["late heat"]);
    expect(keysOf({ items: [], late: late("wait") })).toEqual([]);
    expect(keysOf({ items: [], late: late("bird") })).toEqual(["late bird"]);
  });
});

describe("a bird that was carved the day before", () => {
  const row = { id: "side-reheat", startMs: 0, endMs: 0, lane: "heat", what: "Start it", detail: "" } as const;
  const about = { kind: "task", task: "chill" } as const;
  const kept = { chill: null, overdue: null, ovenOn: null, lateMin: 0, coming: [], passed: [] };

  it("is called for as long as it should be hot again and is not in the oven, as one call with its row's own", () => {
    expect(keysOf({ items: [], kept })).toEqual([]);
    expect(keysOf({ items: [], kept: { ...kept, overdue: { ...row, about }, lateMin: 40 } })).toEqual([
      "due side-reheat",
    ]);
  });

  it("is called into the fridge in the last half hour of its two", () => {
    const chill = { row: { ...row, about }, byMs: inHeat.nowMs + 31 * 60_000 };
    expect(keysOf({ items: [], kept: { ...kept, chill } })).toEqual([]);
    expect(keysOf({ items: [], kept: { ...kept, chill: { ...chill, byMs: inHeat.nowMs + 29 * 60_000 } } })).toEqual([
      "chill",
    ]);
  });

  it("is half an hour before what is left has stood out for its time, and a while after; nothing else is called then", () => {
    const byMs = 120 * MINUTE_MS;
    const called = (minute: number) => keysOf({ nowMs: minute * MINUTE_MS, leftovers: { byMs, hours: 2 } });
    expect([89, 90, 134, 135].map(called)).toEqual([[], ["leftovers"], ["leftovers"], []]);
  });
});
