import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { placeBackward, type ScheduleInput, type Task, taskOf } from "./backward";

const SERVE = 1_000 * HOUR_MS;

const input = (change: Partial<ScheduleInput> = {}): ScheduleInput => ({
  serveAtMs: SERVE,
  outOfFridgeMin: null,
  prepareMin: 15,
  thawHours: 80,
  thawIn: "fridge",
  saltHours: 24,
  dryHours: 12,
  roastMin: { p10: 180, p50: 200, p90: 225 },
  carveMin: 20,
  preheatMin: 25,
  shortestRestMin: 20,
  usualRestMin: 30,
  longestRestMin: 90,
  saltMin: 0,
  saltHandsMin: 10,
  workMin: 0,
  outMin: 0,
  stockBy: null,
  ...change,
});

describe("backward placement", () => {
  it("leaves a late bird its shortest rest and an expected one its usual rest, whatever the doubt", () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 400 }), fc.integer({ min: 0, max: 70 }), (p50, spread) => {
        const { restMin, inAtMs } = placeBackward(
          input({ roastMin: { p10: p50 - spread / 2, p50, p90: p50 + spread } }),
        );
        expect(restMin.late).toBeGreaterThanOrEqual(20);
        expect(restMin.expected).toBeGreaterThanOrEqual(30);
        expect(restMin.early).toBeGreaterThanOrEqual(restMin.late as number);
        expect(inAtMs).toBeLessThan(SERVE);
      }),
    );
  });

  it("moves everything with the serving time", () => {
    const moved = placeBackward(input({ serveAtMs: SERVE + 3 * HOUR_MS }));
    placeBackward(input()).tasks.forEach((task, n) => {
      expect((moved.tasks[n] as Task).startMs - task.startMs).toBe(3 * HOUR_MS);
    });
  });

  it("has no gap between thaw, board, salt, drying and the oven, whenever the cook is up", () => {
    // Up in the first half of each quarter day, in the quarters of an hour of a clock.
    const awake = (ms: number): number => {
      let at = ms;
      while (at % (6 * HOUR_MS) > 3 * HOUR_MS) at -= 15 * MINUTE_MS;
      return at;
    };
    for (const { tasks, inAtMs } of [placeBackward(input()), placeBackward(input({ awake }))]) {
      const before = tasks.slice(0, 4);
      expect(before.map((task) => task.id)).toEqual(["thaw", "prepare", "salt", "dry"]);
      expect(before.map((task) => task.endMs)).toEqual([...before.slice(1).map((task) => task.startMs), inAtMs]);
    }
    expect(awake(taskOf(placeBackward(input({ awake })), "prepare")?.startMs ?? 0)).toBe(
      taskOf(placeBackward(input({ awake })), "prepare")?.startMs,
    );
  });

  it("carves what is in for the day before when it has rested, however much too early it went in", () => {
    const inAtMs = placeBackward(input({ outOfFridgeMin: 60 })).inAtMs;
    for (const earlyMin of [0, 30, 500]) {
      const wentInAtMs = inAtMs - earlyMin * MINUTE_MS;
      expect(placeBackward(input({ outOfFridgeMin: 60, wentInAtMs })).restMin.expected).toBe(30);
    }
    // A dinner on its day is waited for.
    const early = placeBackward(input({ wentInAtMs: placeBackward(input()).inAtMs - 60 * MINUTE_MS }));
    expect(early.carveAtMs).toBe(SERVE - 20 * MINUTE_MS);
  });

  it("carves the day before, chills, and stands at the table the next day", () => {
    const schedule = placeBackward(input({ outOfFridgeMin: 60 }));
    const chill = taskOf(schedule, "chill");
    expect(chill?.startMs).toBe(taskOf(schedule, "carve")?.endMs);
    expect(SERVE - (chill?.startMs ?? SERVE)).toBeGreaterThan(12 * HOUR_MS);
    expect(taskOf(schedule, "table")?.startMs).toBe(SERVE);
    // What is eaten cold is out of the fridge later than what is heated again.
    for (const outOfFridgeMin of [30, 60]) {
      expect(taskOf(placeBackward(input({ outOfFridgeMin })), "chill")?.endMs).toBe(SERVE - outOfFridgeMin * MINUTE_MS);
    }
  });

  it("follows what happened once the bird is in", () => {
    const wentInAtMs = SERVE - 5 * HOUR_MS;
    const { pullAtMs } = placeBackward(input({ wentInAtMs }));
    expect(pullAtMs.p50).toBe(wentInAtMs + 200 * MINUTE_MS);
  });
});
