import { describe, expect, it } from "vitest";
import { FIRST_SHARES } from "../../core/forecast/shares";
import { taskOf } from "../../core/schedule/backward";
import { derivePlan } from "../../core/schedule/derive";
import { HOUR_MS, MINUTE_MS } from "../../core/units/time";
import { READERS } from "../../tests/helpers/readers";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { timetableOf } from "../../words/timetable";
import { itemsOf } from "./items";

const sample = sampleRoast();
const { plan: usual } = sample;
const plan = { ...usual, bird: { ...usual.bird, state: "frozen" as const }, thawIn: "fridge" as const };
const THAW_HOURS = 80;
/** Nothing of the day but what a test says. */
const QUIET = {
  roast: sample,
  stage: "planned" as const,
  derived: null,
  awaited: null,
  told: [],
  rest: null,
  rows: [],
  nowMs: 0,
  isLate: false,
};

describe("what is to be minded", () => {
  const minded = (nowMs: number, ticked: readonly string[]) => {
    const told = { madeMs: 0, ticked };
    const derived = derivePlan(
      plan,
      simulated({ thawHours: THAW_HOURS }),
      FIRST_SHARES,
      nowMs,
      undefined,
      undefined,
      told,
    );
    const rows = timetableOf(plan, derived, "metric");
    const day = { ...QUIET, roast: { ...sample, plan }, derived, rows, nowMs };
    return itemsOf(day, READERS.metric).map(({ about, does }) => [about.kind, does] as const);
  };
  it("is whether a thaw has begun, and nothing once that was said", () => {
    const nowMs = Date.parse(plan.serveAt) - 60 * HOUR_MS;
    expect(minded(nowMs, [])[0]).toEqual(["begun", expect.stringMatching(/^Thaw was to begin /)]);
    expect(minded(nowMs, ["thaw"])).toEqual([]);
    // Right after it was to begin it is due as well, and is asked for once.
    const startMs = taskOf(
      derivePlan(plan, simulated({ thawHours: THAW_HOURS }), FIRST_SHARES, 0).schedule,
      "thaw",
    )?.startMs;
    expect(minded((startMs ?? 0) + 10 * MINUTE_MS, []).map(([kind]) => kind)).toEqual(["begun"]);
  });

  it("is whether its salting has begun, and how long it salts where it begins only now", () => {
    const fresh = {
      ...usual,
      bird: { ...usual.bird, state: "fresh" as const },
      salt: { ...usual.salt, saltHours: 24 },
    };
    const first = (hoursLate: number) => {
      const at = (nowMs: number) =>
        derivePlan(fresh, simulated({ thawHours: 0 }), FIRST_SHARES, nowMs, undefined, undefined, {
          madeMs: 0,
          ticked: [],
        });
      const nowMs = (at(0).schedule.tasks[0]?.startMs ?? Number.NaN) + hoursLate * HOUR_MS;
      const rows = timetableOf(fresh, at(nowMs), "metric");
      const minded = { ...QUIET, roast: { ...sample, plan: fresh }, derived: at(nowMs), rows, nowMs };
      const about = itemsOf(minded, READERS.metric)[0]?.about;
      return about?.kind === "begun" ? (about.fromNow?.change(fresh).salt ?? null) : undefined;
    };
    expect(first(-1)).toBeUndefined();
    const { saltHours, dryHours } = fresh.salt;
    const left = (hoursLate: number): number => Math.floor(2 * (saltHours + dryHours - hoursLate)) / 2;
    for (const late of [0.4, 5, 9]) {
      const salt = first(late);
      expect((salt?.saltHours ?? 0) + (salt?.dryHours ?? 0)).toBe(left(late));
    }
    // So late, what is left is salted as it goes in, which the plan offers.
    expect(first(saltHours + dryHours - 2)).toBeNull();
  });

  it("is to keep a bird hot whose dinner is later than its rest, not one that goes back in", () => {
    const over = { earliestMin: 20, latestMin: 55, latestBecause: "cools", carveMin: 90, overMin: 35 } as const;
    const rested = (fallsShort: boolean) => ({
      ...QUIET,
      stage: "resting" as const,
      rest: { ...over, fallsShort, backInMin: null },
    });
    const [item] = itemsOf(rested(false), READERS.metric);
    expect([item?.about.kind, item?.does, item?.rings]).toEqual(["over", "Keep it hot until dinner", false]);
    expect(itemsOf(rested(true), READERS.metric)).toEqual([]);
  });
});
