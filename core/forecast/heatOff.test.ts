/** A heat that fails while a bird is in it: what that costs, whatever the bird and whatever the heat. */
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { constant } from "../constants";
import { HEAT_SOURCES, type HeatSource } from "../heat/sources";
import type { Roast } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { usualPlan } from "../plan/usualPlan";
import { MINUTE_MS } from "../units/time";
import { runMember } from "./ensemble";
import { minuteAllShown } from "./member";
import { roastInput, roastOptions } from "./plannedInput";
import { UNKNOWNS } from "./prior";

const { plan } = sampleRoast();
const IN_AT = "2026-09-27T08:00:00.000Z";
const at = (minute: number): string => new Date(Date.parse(IN_AT) + minute * MINUTE_MS).toISOString();
const off = (fromMin: number, untilMin?: number): Roast["happened"] => ({
  inAt: IN_AT,
  heatOffs: [{ offAt: at(fromMin), ...(untilMin !== undefined && { onAt: at(untilMin) }) }],
});
const doneMin = (of: Plan, happened: Roast["happened"] = { inAt: IN_AT }): number =>
  minuteAllShown(
    runMember(
      roastOptions({ plan: of, happened }, of.targetC),
      UNKNOWNS.map(() => 0),
    ),
    of.targetC,
  );
const over = (heat: HeatSource): Plan => ({
  ...usualPlan({
    bird: { species: "chicken", cut: "whole", massKg: 1.8, state: "fresh" },
    method: "steady",
    serveAt: plan.serveAt,
    zone: "UTC",
  }),
  heat,
});

describe("heat that was off for a while", () => {
  it.each(HEAT_SOURCES)(
    "costs the more the longer, hardly more than it lasted, and nothing once it is done: %s",
    (heat) => {
      const chicken = over(heat);
      const done = doneMin(chicken);
      const [short, long] = [doneMin(chicken, off(25, 35)), doneMin(chicken, off(25, 65))];
      expect(short).toBeGreaterThan(done);
      expect(long).toBeGreaterThan(short + 5);
      // It has to be as hot as before again; what was warm meanwhile has cooked on.
      expect(long).toBeLessThan(done + 40 + 25);
      expect(doneMin(chicken, off(done + 5, done + 50))).toBeCloseTo(done, 6);
      expect(doneMin(chicken, off(25, 25))).toBeCloseTo(done, 6);
    },
  );

  it("is not there at all where it is off for good: a bird that is not nearly done is never done", () => {
    expect(doneMin(plan, off(30))).toBe(Number.POSITIVE_INFINITY);
    // Out by then, it was off for as long as it was in.
    const out = { ...off(30), pulledAt: at(90) };
    expect(roastInput({ plan, happened: out }).events).toContainEqual({ kind: "off", atMin: 30, untilMin: 90 });
  });

  it("was not on yet as it went in: into a cold oven, and counted from when it was", () => {
    const forgotten = roastInput({ plan, happened: off(0, 20) });
    expect(forgotten.preheatC).toBe(constant("kitchenC"));
    expect(forgotten.events).toContainEqual({ kind: "off", atMin: 0, untilMin: 20 });
    const late = doneMin(plan, off(0, 20)) - doneMin(plan);
    expect(late).toBeGreaterThan(20);
    expect(late).toBeLessThan(50);
    // What was over before it went in is nothing to it.
    expect(roastInput({ plan, happened: off(-30, -5) })).toEqual(roastInput({ plan, happened: { inAt: IN_AT } }));
  });
});

describe("what is told of a time in which it was not in, or the wrong way round", () => {
  it("counts as far as it was in, and is nothing else", () => {
    const events = (happened: Roast["happened"]) => roastInput({ plan, happened: { inAt: IN_AT, ...happened } }).events;
    const none = events({});
    expect(events({ doors: [{ at: at(-8), openMin: 5 }] })).toEqual(none);
    expect(events({ doors: [{ at: at(-3), openMin: 5 }] })).toEqual([...none, { kind: "door", atMin: 0, openMin: 2 }]);
    // A clock that was set back while it was out.
    expect(events({ outs: [{ outAt: at(100), backAt: at(95) }] })).toEqual(none);
    expect(events({ heatOffs: [{ offAt: at(50), onAt: at(40) }] })).toEqual(none);
  });
});
