import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { conflictsOf, placeBackward, type ScheduleInput, type Task } from "./backward";

const HOUR = 3_600_000;
const MINUTE = 60_000;
const SERVE = 1_000 * HOUR;

const input = (change: Partial<ScheduleInput> = {}): ScheduleInput => ({
  serveAtMs: SERVE,
  thawHours: 80,
  thawIn: "fridge",
  saltHours: 24,
  dryHours: 12,
  roastMin: { p10: 180, p50: 200, p90: 225 },
  carveMin: 20,
  shortestRestMin: 20,
  usualRestMin: 30,
  ...change,
});

describe("backward placement", () => {
  it("leaves a late bird its shortest rest and an expected one its usual rest, whatever the doubt", () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 400 }), fc.integer({ min: 0, max: 90 }), (p50, spread) => {
        const { restMin, inAtMs } = placeBackward(
          input({ roastMin: { p10: p50 - spread / 2, p50, p90: p50 + spread } }),
        );
        expect(restMin.late).toBeGreaterThanOrEqual(20);
        expect(restMin.expected).toBeGreaterThanOrEqual(30);
        expect(restMin.early).toBeGreaterThanOrEqual(restMin.late);
        expect(inAtMs).toBeLessThan(SERVE);
      }),
    );
  });

  it("moves everything with the serving time", () => {
    const moved = placeBackward(input({ serveAtMs: SERVE + 3 * HOUR }));
    placeBackward(input()).tasks.forEach((task, n) => {
      expect((moved.tasks[n] as Task).startMs - task.startMs).toBe(3 * HOUR);
    });
  });

  it("has no gap between thaw, salt, drying and the oven", () => {
    const { tasks, inAtMs } = placeBackward(input());
    const cold = tasks.filter((task) => task.lane === "cold");
    expect(cold.map((task) => task.id)).toEqual(["thaw", "salt", "dry"]);
    expect(cold.map((task) => task.endMs)).toEqual([...cold.slice(1).map((task) => task.startMs), inAtMs]);
  });

  it("follows what happened once the bird is in", () => {
    const wentInAtMs = SERVE - 5 * HOUR;
    const { pullAtMs } = placeBackward(input({ wentInAtMs }));
    expect(pullAtMs.p50).toBe(wentInAtMs + 200 * MINUTE);
  });
});

describe("conflicts", () => {
  const kinds = (change: Partial<ScheduleInput>, nowMs: number) => {
    const all = input(change);
    return conflictsOf(placeBackward(all), all, nowMs).map((conflict) => conflict.kind);
  };

  it("are none in good time", () => expect(kinds({}, SERVE - 200 * HOUR)).toEqual([]));
  it("name what should have begun", () => expect(kinds({}, SERVE - 100 * HOUR)).toEqual(["too-late"]));
  it("do not let a bird thawed in water wait for salt", () =>
    expect(kinds({ thawIn: "water", thawHours: 7 }, 0)).toEqual(["thawed-in-water-waits"]));
  it("do not let a raw bird wait longer than the guidance", () =>
    expect(kinds({ saltHours: 36, dryHours: 24 }, 0)).toEqual(["waits-too-long-raw"]));
});
