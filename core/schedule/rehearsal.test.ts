import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MINUTE_MS } from "../units/time";
import type { TaskId } from "./backward";
import { momentsOf, rehearsedOn, shortOfHands } from "./rehearsal";
import type { Use } from "./resources";
import type { Row } from "./rows";

const row = (id: string, minute: number, alarmMin?: number): Row => ({
  id,
  startMs: minute * MINUTE_MS,
  endMs: (minute + 10) * MINUTE_MS,
  lane: "board",
  ...(alarmMin !== undefined && { alarmMin }),
  about: { kind: "task", task: "carve" },
});
const use = (id: string, from: number, to: number, hands = 1): Use => ({
  id,
  startMs: from * MINUTE_MS,
  endMs: to * MINUTE_MS,
  ovenC: null,
  ovenShare: 0,
  rings: 0,
  hands,
  isRead: false,
  fridgeL: 0,
});

describe("a plan that is rehearsed", () => {
  it("calls together what is within three minutes, and counts hands for what is called and what is at work", () => {
    const moments = momentsOf(
      [row("potatoes", 0, 5), row("gravy", 2, 5), row("rest", 30)],
      [use("prepare", -5, 20), use("idle", 25, 40, 0)],
    );
    expect(moments.map(({ rows }) => rows.map(({ id }) => id))).toEqual([["potatoes", "gravy"], ["rest"]]);
    expect(moments[0]?.wanted).toBe(2);
    expect(moments[0]?.busy).toEqual(["prepare"]);
    expect(moments[1]?.wanted).toBe(0);
    expect(shortOfHands(moments, 1)).toHaveLength(1);
    expect(shortOfHands(moments, 2)).toHaveLength(0);
  });

  it("has what takes a moment done right before the work that is called with it, and two works by two", () => {
    const called = [row("knife", 0, 5), row("another knife", 1, 5)];
    const wanted = (uses: readonly Use[]): readonly number[] => momentsOf(called, uses).map((each) => each.wanted);
    expect(wanted([])).toEqual([1]);
    expect(wanted([use("carve", 0, 20)])).toEqual([1]);
    expect(wanted([use("carve", 0, 20), use("carve", 1, 20)])).toEqual([2]);
  });

  it.each(["baste", "oil", "glaze"] as const)(
    "lets a pass of %s wait for what is called with it, and not for hands that are at work",
    (kind) => {
      const baste = (n: number, minute: number): Row => ({
        ...row(`${kind}-${n}`, minute, 0),
        about: { kind: "chore", chore: { kind, n, lane: "heat", startMs: 0, endMs: 0, hands: 1, ring: false } },
      });
      const wanted = (rows: readonly Row[], uses: readonly Use[] = []) =>
        momentsOf(rows, uses).map((each) => each.wanted);
      expect(wanted([baste(1, 0), baste(2, 20)])).toEqual([1, 1]);
      expect(wanted([row("potatoes", 0, 5), baste(1, 1)])).toEqual([1]);
      expect(wanted([baste(1, 0)], [use("carve", -5, 20)])).toEqual([2]);
    },
  );

  it("turns an oven on in passing, and moves two birds onto their racks one after the other", () => {
    const task = (id: TaskId, minute: number): Row => ({ ...row(id, minute, 0), about: { kind: "task", task: id } });
    const wanted = (rows: readonly Row[], uses: readonly Use[] = []) =>
      momentsOf(rows, uses).map((each) => each.wanted);
    expect(wanted([task("preheat", 3)], [use("season", 0, 15)])).toEqual([1]);
    expect(wanted([task("preheat", 3)])).toEqual([0]);
    expect(wanted([task("dry", 0), task("dry", 1)])).toEqual([1]);
    // Two pieces into one oven: the same door.
    expect(wanted([task("roast", 0), { ...task("roast", 0), inOneGo: true }])).toEqual([1]);
  });

  it("calls every row once, in its order", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 600 }), { maxLength: 30 }), (minutes) => {
        const rows = minutes.sort((a, b) => a - b).map((minute, n) => row(`${n}`, minute, 0));
        const called = momentsOf(rows, []).flatMap((moment) => moment.rows);
        expect(called).toEqual(rows);
      }),
    );
  });

  it("comes past every moment however far they are apart, and never back", () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 12 }), (minutes) => {
        const moments = momentsOf(
          minutes.sort((a, b) => a - b).map((minute, n) => row(`${n}`, minute, 0)),
          [],
        );
        const met = new Set<number>();
        let at = 0;
        for (let step = 0; step < 5000 && met.size < moments.length; step++) {
          const next = rehearsedOn(at, MINUTE_MS, moments);
          expect(next).toBeGreaterThan(at);
          at = next;
          for (const moment of moments) if (moment.atMs === at) met.add(at);
        }
        expect(met.size).toBe(moments.length);
      }),
      { numRuns: 40 },
    );
  });
});
