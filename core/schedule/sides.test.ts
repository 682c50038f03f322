import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { placeBackward, type ScheduleInput } from "./backward";
import { type Equipment, minutesWantedAfterPull, placeSides, resourceConflicts, type SideDish, usesOf } from "./sides";
import { SIDE_SLOTS } from "./slots";

const SERVE = 1_000 * 3_600_000;
const MINUTE = 60_000;
const KITCHEN: Equipment = { ovens: 1, dishesInOven: 2, rings: 4 };
const STAGES = [{ fromMin: 0, airC: 163 }];

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
    thawHours: 0,
    thawIn: "fridge",
    saltHours: 24,
    dryHours: 12,
    roastMin: { p10: 180, p50: 200, p90: 225 },
    carveMin: 20,
    shortestRestMin: Math.max(20, needed + 5 - 20),
    usualRestMin: 30,
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
      expect(side.startMs).toBeGreaterThanOrEqual(schedule.pullAtMs.p90 - 1);
      expect(side.endMs).toBe(SERVE - 5 * MINUTE);
    }
    expect(resourceConflicts(usesOf(schedule, placed, STAGES, KITCHEN), KITCHEN)).toEqual([]);
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
  });

  it("never hold one oven at two temperatures or a ring twice without a conflict that names both", () => {
    const anyDish = fc.record({
      id: fc.uuid(),
      name: fc.uuid(),
      minutes: fc.integer({ min: 5, max: 120 }),
      ovenC: fc.option(fc.integer({ min: 90, max: 250 })),
      ring: fc.boolean(),
      slot: fc.constantFrom(...SIDE_SLOTS),
    });
    fc.assert(
      fc.property(
        fc.array(anyDish, { maxLength: 7 }),
        fc.record({
          ovens: fc.integer({ min: 1, max: 2 }),
          dishesInOven: fc.integer({ min: 1, max: 3 }),
          rings: fc.integer({ min: 0, max: 4 }),
        }),
        (sides, equipment) => {
          const schedule = scheduleFor(sides, equipment);
          const placed = placeSides(sides, schedule, SERVE, equipment);
          expect(placed).toHaveLength(sides.length);
          const uses = usesOf(schedule, placed, STAGES, equipment);
          const conflicts = resourceConflicts(uses, equipment);
          for (const side of placed) expect(side.endMs).toBeLessThanOrEqual(SERVE);
          // By brute force, minute by minute: what is held beyond what there is has been reported.
          for (const { startMs } of uses) {
            const now = uses.filter((use) => use.startMs <= startMs && use.endMs > startMs);
            const hot = now.filter(({ ovenC }) => ovenC !== null);
            const coolest = Math.min(...hot.map(({ ovenC }) => ovenC as number));
            const hottest = Math.max(...hot.map(({ ovenC }) => ovenC as number));
            const share = hot.reduce((sum, use) => sum + use.ovenShare, 0);
            if (equipment.ovens === 1 && hot.length > 1 && (hottest - coolest > 24 || share > 1.001)) {
              expect(conflicts.length).toBeGreaterThan(0);
            }
            if (now.filter(({ ring }) => ring).length > equipment.rings) {
              expect(conflicts.some(({ kind }) => kind === "rings-full")).toBe(true);
            }
          }
        },
      ),
      { numRuns: 1500 },
    );
  });
});
