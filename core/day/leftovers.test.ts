import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { LEFTOVERS_ROW, type Roast, TABLE_ROW } from "../plan/roast";
import { carvedUntilMs, isOnTheTable, leftoversOf } from "./leftovers";

const { plan } = sampleRoast();
const SERVED = Date.parse(plan.serveAt);
const HOUR = 3_600_000;
const at = (ms: number): string => new Date(ms).toISOString();
const eaten: Roast["happened"] = {
  inAt: at(SERVED - 4 * HOUR),
  pulledAt: at(SERVED - 1.5 * HOUR),
  carvedAt: at(SERVED - 0.5 * HOUR),
};
const left = (change: Roast["happened"] = {}, roasted: Roast["plan"]["roasted"] = "same-day") =>
  leftoversOf({ plan: { ...plan, roasted }, happened: { ...eaten, ...change } }, SERVED);

describe("what is left", () => {
  it("stands out two hours from the knife, one where it is above 32 °C (USDA FSIS, Leftovers and food safety)", () => {
    expect(left()).toEqual({ byMs: SERVED + 1.5 * HOUR, hours: 2 });
    expect(left({ hotTable: true })).toEqual({ byMs: SERVED + 0.5 * HOUR, hours: 1 });
  });

  it("of a bird that was carved the day before counts from its table, once it is there", () => {
    const dayBefore = {
      pulledAt: at(SERVED - 20 * HOUR),
      inAt: at(SERVED - 23 * HOUR),
      carvedAt: at(SERVED - 19 * HOUR),
    };
    expect(left(dayBefore, "day-before")).toBeNull();
    expect(left({ ...dayBefore, ticked: [TABLE_ROW] }, "day-before")).toEqual({ byMs: SERVED + 2 * HOUR, hours: 2 });
  });

  it("is none before the knife, once it is put away, or its record is closed", () => {
    const { carvedAt: _, ...uncarved } = eaten;
    expect(leftoversOf({ plan, happened: uncarved }, SERVED)).toBeNull();
    expect(left({ ticked: [LEFTOVERS_ROW] })).toBeNull();
    expect(left({ closedAt: at(SERVED) })).toBeNull();
    expect(leftoversOf({ plan, happened: eaten }, SERVED + 13 * HOUR)).toBeNull();
  });

  it("is not asked for while the bird is carved and eaten; from its call on, put away or carved yesterday, it is", () => {
    const until = (hours: number, happened = eaten, roasted: Roast["plan"]["roasted"] = "same-day") =>
      carvedUntilMs({ plan: { ...plan, roasted }, happened }, SERVED + hours * HOUR);
    const byMs = SERVED + 1.5 * HOUR;
    expect([-0.4, 0.5].map((hours) => until(hours))).toEqual([byMs, byMs]);
    expect([1.4, 1.6].map((hours) => until(hours))).toEqual([null, null]);
    expect(until(0, { ...eaten, ticked: [LEFTOVERS_ROW] })).toBeNull();
    expect(until(0.2, { ...eaten, ticked: [TABLE_ROW] }, "day-before")).toBeNull();
  });

  it("is minded until it is lost, and a while after", () => {
    const out = (hours: number) => isOnTheTable({ plan, happened: eaten }, SERVED + hours * HOUR);
    expect([0, 1.7, 1.8].map(out)).toEqual([true, true, false]);
  });
});
