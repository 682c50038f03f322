import { describe, expect, it } from "vitest";
import { FIRST_SHARES } from "../../core/forecast/shares";
import { derivePlan } from "../../core/schedule/derive";
import { HOUR_MS } from "../../core/units/time";
import { READERS } from "../../tests/helpers/readers";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { timetableOf } from "../../words/timetable";
import { itemsOf } from "./items";

const { plan: usual } = sampleRoast();
const plan = { ...usual, bird: { ...usual.bird, state: "frozen" as const }, thawIn: "fridge" as const };
const THAW_HOURS = 80;

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
    return itemsOf({ plan, stage: "planned", derived, told: [], rows, nowMs, isLate: false }, READERS.metric).map(
      ({ about, does }) => [about.kind, does] as const,
    );
  };
  it("is whether a thaw has begun, and nothing once that was said", () => {
    const nowMs = Date.parse(plan.serveAt) - 60 * HOUR_MS;
    expect(minded(nowMs, [])[0]).toEqual(["begun", expect.stringMatching(/^Thaw was to begin /)]);
    expect(minded(nowMs, ["thaw"])).toEqual([]);
  });
});
