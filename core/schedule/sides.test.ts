import { describe, expect, it } from "vitest";
import { MINUTE_MS } from "../units/time";
import { placeBackward, type ScheduleInput } from "./backward";
import { minutesWantedAfterPull, placeSides, type SideDish, type Stoves } from "./sides";

const SERVE = 1_000 * 3_600_000;
const KITCHEN: Stoves = { ovens: 1, dishesInOven: 2, rings: 4, birdInOven: true, coolsMin: 0 };

const dish = (name: string, minutes: number, ovenC: number | null, change: Partial<SideDish> = {}): SideDish => ({
  id: name,
  name,
  minutes,
  ovenC,
  ring: ovenC === null,
  slot: "auto",
  ...change,
});
const scheduleFor = (sides: readonly SideDish[], equipment = KITCHEN, change: Partial<ScheduleInput> = {}) => {
  const needed = minutesWantedAfterPull(sides, equipment);
  return placeBackward({
    serveAtMs: SERVE,
    outOfFridgeMin: null,
    prepareMin: 15,
    thawHours: 0,
    thawIn: "fridge",
    saltHours: 24,
    dryHours: 12,
    roastMin: { p10: 180, p50: 200, p90: 225 },
    carveMin: 20,
    preheatMin: 25,
    shortestRestMin: Math.max(20, needed + 5 - 20),
    usualRestMin: 30,
    longestRestMin: 90,
    saltMin: 0,
    saltHandsMin: 10,
    workMin: 0,
    outMin: 0,
    stockBy: null,
    ...change,
  });
};

describe("side dishes", () => {
  it("bake while the bird rests: after a late pull, ready at the table, two at a time where they agree", () => {
    const sides = [dish("potatoes", 45, 200), dish("stuffing", 40, 190)];
    const schedule = scheduleFor(sides);
    const placed = placeSides(sides, schedule, SERVE, KITCHEN);
    for (const side of placed) {
      expect(side.slot).toBe("rest");
      expect(side.startMs).toBeGreaterThanOrEqual(schedule.latePullMs - 1);
      expect(side.endMs).toBe(SERVE - 5 * MINUTE_MS);
    }
  });

  it("that bake before a bird that goes into a cold oven are out as long before it as the oven takes to cool", () => {
    const sides = [dish("loaf", 50, 220, { slot: "before" }), dish("tart", 40, 180, { slot: "before" })];
    const schedule = scheduleFor(sides, KITCHEN, { preheatMin: 0 });
    const lastOutMs = (stoves: Stoves): number =>
      Math.max(...placeSides(sides, schedule, SERVE, stoves).map(({ endMs }) => endMs));
    expect(schedule.inAtMs - lastOutMs({ ...KITCHEN, coolsMin: 55 })).toBe(55 * MINUTE_MS);
    // The other oven may be as hot as it likes.
    expect(lastOutMs({ ...KITCHEN, coolsMin: 55, ovens: 2 })).toBe(schedule.inAtMs);
  });

  it("bake one after the other where their temperatures differ", () => {
    const sides = [dish("gratin", 30, 180), dish("rolls", 15, 220)];
    const placed = placeSides(sides, scheduleFor(sides), SERVE, KITCHEN);
    const [first, second] = placed;
    expect(first?.endMs).toBeLessThanOrEqual(second?.startMs ?? 0);
  });

  it("go before the bird when the rest has no room, and with it when that is asked for", () => {
    const long = dish("beans", 150, 150);
    const schedule = scheduleFor([]);
    const [before] = placeSides([long], schedule, SERVE, KITCHEN);
    expect(before).toMatchObject({ slot: "before" });
    expect(before?.endMs).toBeLessThan(schedule.inAtMs);
    const [beside] = placeSides([dish("tray", 40, 163, { slot: "with" })], schedule, SERVE, KITCHEN);
    expect(beside?.endMs).toBe(schedule.pullAtMs.p50);
    const [under] = placeSides([dish("roots", 60, 200, { slot: "tray" })], schedule, SERVE, KITCHEN);
    expect(under).toMatchObject({ slot: "tray", endMs: schedule.pullAtMs.p50 });
  });

  it("have an oven of their own all day where the bird is outdoors or there is a second one", () => {
    const long = dish("beans", 150, 150);
    for (const kitchen of [
      { ...KITCHEN, ovens: 2 },
      { ...KITCHEN, birdInOven: false },
    ]) {
      expect(minutesWantedAfterPull([long], kitchen)).toBe(0);
      expect(placeSides([long], scheduleFor([long], kitchen), SERVE, kitchen)[0]).toMatchObject({
        slot: "rest",
        endMs: SERVE - 5 * MINUTE_MS,
      });
    }
  });

  it("share the rings, the longest begun first, and are kept warm where the rings run out", () => {
    const pots = [dish("sprouts", 15, null), dish("cabbage", 60, null), dish("sauce", 30, null)];
    const two = placeSides(pots, scheduleFor(pots), SERVE, { ...KITCHEN, rings: 2 });
    const at = (ms: number) => two.filter(({ startMs, endMs }) => startMs <= ms && endMs > ms).length;
    expect(Math.max(...two.map(({ startMs }) => at(startMs)))).toBe(2);
    expect(two.every(({ endMs }) => endMs <= SERVE - 5 * MINUTE_MS)).toBe(true);
  });
});
