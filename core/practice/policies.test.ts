import { describe, expect, it } from "vitest";
import { figuresOf, type Played, play } from "./policies";

describe("practised roasts played without a hand", () => {
  it("are the same by the same seed, and other by another policy", () => {
    const [rule, again] = [play(3, "usual", "no-thermometer"), play(3, "usual", "no-thermometer")];
    expect(rule).toEqual(again);
    const one = play(3, "usual", "bruma");
    expect(rule?.plan).toEqual(one?.plan);
    // A roast that goes by the clock is on time by the clock, whatever it is like.
    expect(rule?.lateMin).toBe(0);
    expect(rule?.outMin).not.toBe(one?.outMin);
  });

  it("are summed up by what a table is told of: on time, done, how far short, juice", () => {
    const of = (lateMin: number, breast: number): Played =>
      ({ lateMin, peakC: { breast, thigh: 80 }, isAtGuideline: breast >= 74, juicesBreast: 0.6 }) as unknown as Played;
    expect(figuresOf([of(0, 75), of(10, 73), of(-40, 71)])).toEqual({
      roasts: 3,
      onTimeShare: 2 / 3,
      guidelineShare: 1 / 3,
      shortK: 3,
      medianOffMin: 10,
      juices: expect.closeTo(0.6, 9),
    });
  });
});
