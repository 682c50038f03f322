import { expect, it } from "vitest";
import { plannedDone } from "../../tests/helpers/plannedDone";
import type { Plan } from "../plan/schema";
import { targetsOf } from "../plan/targets";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { type Forecast, forecasting } from "./forecast";
import { roastOptions } from "./plannedInput";
import type { Reading } from "./reading";
import { looksMade } from "./untold";

const inAt = "2026-12-05T12:00:00.000Z";
const planned = usualPlan({
  bird: { species: "chicken", cut: "whole", massKg: 1.9, state: "fresh" },
  method: "hot-start",
  serveAt: "2026-12-05T16:00:00.000Z",
  zone: "UTC",
});
const NOW_MIN = 75;

/** With its heat turned down at a minute. */
const turnedDown = (fromMin: number): Plan => ({
  ...planned,
  stages: planned.stages.map((stage, n) => (n === 0 ? stage : { ...stage, fromMin })),
});

/** What two probes show of it up to now, to the half degree. */
const readingsOf = (plan: Plan): Reading[] =>
  plannedDone(plan).history.flatMap(({ minute, centresC }) =>
    minute < 15 || minute > NOW_MIN
      ? []
      : (["breast", "thigh"] as const).map((part) => ({
          minute,
          part,
          celsius: Math.round(2 * (centresC[part] ?? 0)) / 2,
        })),
  );

const fitted = (plan: Plan, readings: readonly Reading[]): Forecast =>
  drain(forecasting(roastOptions({ plan, happened: { inAt } }, targetsOf(plan)), readings));

it("a change of the heat that nobody has told is found in the readings, made or not", () => {
  for (const isMade of [true, false]) {
    const readings = readingsOf(turnedDown(isMade ? 20 : 300));
    expect(readings.length).toBeGreaterThan(10);
    const [made, notMade] = [20, NOW_MIN + 2].map((fromMin) => fitted(turnedDown(fromMin), readings)) as [
      Forecast,
      Forecast,
    ];
    expect(looksMade(made, notMade), isMade ? "made" : "not made").toBe(isMade);
  }
});

it("does not say so where both are as likely", () => {
  const same = { estimate: [0.5, -0.2], missedK: 0.6 };
  expect(looksMade(same, same)).toBe(false);
});
