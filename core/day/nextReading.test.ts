import { describe, expect, it } from "vitest";
import type { Forecast } from "../forecast/forecast";
import type { Member } from "../forecast/member";
import { quantiles } from "../forecast/shares";
import { nextReading } from "./nextReading";

const MINUTES = Float64Array.from({ length: 61 }, (_, n) => 4 * n);
/** A member whose thigh rises at its own pace and finishes last, and whose breast is the same in all. */
const member = (pace: number): Member => ({
  draw: [],
  minutes: MINUTES,
  further: {},
  shown: {
    breast: MINUTES.map((minute) => 4 + 0.6 * minute),
    thigh: MINUTES.map((minute) => 4 + 0.4 * pace * minute),
  },
});
const paces = Array.from({ length: 32 }, (_, n) => 1 + 0.3 * (n / 31 - 0.5));
const members = paces.map(member);
const forecast: Pick<Forecast, "members" | "pull" | "aimC"> = {
  members,
  aimC: { breast: 60, thigh: 70 },
  pull: quantiles(paces.map((pace) => 66 / (0.4 * pace))),
};

describe("the next useful reading", () => {
  it("is of the centre whose doubt decides, once it says nearly all it can, and before the early end of the band", () => {
    const next = nextReading(forecast, [], 40);
    expect(next?.part).toBe("thigh");
    expect(next?.less).toBeGreaterThan(0.5);
    expect(next?.atMin).toBeGreaterThanOrEqual(40);
    expect(next?.atMin).toBeLessThan(forecast.pull.p10);
  });

  it("is not of a centre right after it was read", () => {
    const next = nextReading(forecast, [{ part: "thigh", minute: 119 }], 120);
    expect(next?.atMin).toBeGreaterThanOrEqual(134);
  });

  it("is none where there is little doubt, where it is too late, or where no reading tells", () => {
    const narrow = { ...forecast, pull: { p10: 160, p50: 164, p90: 168 } };
    expect(nextReading(narrow, [], 40)).toBeNull();
    expect(nextReading(forecast, [], 200)).toBeNull();
    const blind = members.map((each) => ({
      ...each,
      shown: { ...each.shown, thigh: each.shown.breast as Float64Array },
    }));
    expect(nextReading({ ...forecast, members: blind }, [], 40)).toBeNull();
  });
});
