import { describe, expect, it } from "vitest";
import type { Forecast } from "../forecast/forecast";
import { usualPrior } from "../forecast/prior";
import { changeOf } from "./change";

const forecast = (p50: number, change: Partial<Forecast> = {}): Forecast => ({
  targets: { breast: { p10: p50 - 9, p50, p90: p50 + 9 } },
  pull: { p10: p50 - 9, p50, p90: p50 + 9 },
  estimate: [],
  prior: usualPrior(),
  aimC: { breast: 70 },
  missedK: 0,
  members: [{ draw: [], minutes: Float64Array.of(0, 200), shown: { breast: Float64Array.of(0, 80) }, further: {} }],
  setAside: [],
  lost: [],
  ...change,
});
const readings = [{ minute: 100, part: "breast" as const, celsius: 36 }];

describe("what changed a forecast", () => {
  it("is no news while it moves by less than two minutes", () => {
    expect(changeOf(forecast(180), forecast(181), readings)).toBeNull();
  });

  it("is the reading that was not expected, with what was", () => {
    expect(changeOf(forecast(180), forecast(188), readings)).toEqual({
      byMin: 8,
      because: { kind: "reading", part: "breast", readC: 36, expectedC: 40 },
    });
  });

  it("is no reading of a tip that has slipped, and none that would have moved it the other way", () => {
    const slipped = [{ minute: 100, part: "breast" as const, side: "left" as const, celsius: 58 }];
    const lost = { lost: ["left breast" as const] };
    expect(changeOf(forecast(180, lost), forecast(172, lost), slipped)).toBeNull();
    expect(changeOf(forecast(180, lost), forecast(188, lost), [...slipped, ...readings])?.because).toMatchObject({
      readC: 36,
    });
    expect(changeOf(forecast(180), forecast(172), readings)).toBeNull();
  });

  it("is a probe that is no longer believed, or is again", () => {
    const lost = forecast(186, { lost: ["left breast"] });
    expect(changeOf(forecast(180), lost, readings)?.because).toEqual({ kind: "lost", probe: "left breast" });
    expect(changeOf(lost, forecast(180), readings)?.because).toEqual({ kind: "believed-again", probe: "left breast" });
  });
});
