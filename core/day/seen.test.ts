import { describe, expect, it } from "vitest";
import { guidelineFor } from "../safety/guideline";
import { fahrenheitToC } from "../units/quantity";
import { placesSeen } from "./seen";

const goals = { breast: 74, thigh: 74, filling: 74 };

describe("what has been seen", () => {
  it("is asked of both sides of a pair and of the filling's middle", () => {
    expect(placesSeen(goals, []).map(({ probe }) => probe)).toEqual([
      "left breast",
      "right breast",
      "left thigh",
      "right thigh",
      "filling",
    ]);
    expect(placesSeen(goals, []).some(({ seen }) => seen)).toBe(false);
  });

  it("is the highest of each side; one that names no side counts for one", () => {
    const seen = placesSeen(goals, [
      { minute: 1, part: "breast", side: "left", celsius: 74.2 },
      { minute: 2, part: "breast", side: "right", celsius: 73.4 },
      { minute: 9, part: "breast", side: "left", celsius: 71 },
      { minute: 3, part: "thigh", celsius: 79 },
    ]);
    expect(seen.filter((place) => place.seen).map(({ probe }) => probe)).toEqual(["left breast", "left thigh"]);
    expect(seen.find(({ probe }) => probe === "left breast")?.highestC).toBe(74.2);
  });

  it("gives a reading without a side to the side that has none of its own", () => {
    const seen = placesSeen({ breast: 74 }, [
      { minute: 1, part: "breast", side: "left", celsius: 70 },
      { minute: 2, part: "breast", celsius: 75 },
    ]);
    expect(seen.map(({ highestC }) => highestC)).toEqual([70, 75]);
  });

  it("is the guideline where a thermometer in Fahrenheit shows 165, and not a degree less", () => {
    const seenAt = (fahrenheit: number): boolean | undefined =>
      placesSeen({ filling: 74 }, [{ minute: 1, part: "filling", celsius: fahrenheitToC(fahrenheit) }])[0]?.seen;
    expect([seenAt(164), seenAt(165)]).toEqual([false, true]);
  });

  it("is seen twice where the guideline wants it held, and once where it is hot enough for any", () => {
    const held = guidelineFor("held", "whole");
    const at = (...celsius: readonly (readonly [minute: number, celsius: number])[]): boolean =>
      placesSeen(
        { filling: 70 },
        celsius.map(([minute, shown]) => ({ minute, part: "filling" as const, celsius: shown })),
        held,
      ).every(({ seen }) => seen);
    expect(at([10, 70.4])).toBe(false);
    expect(at([10, 70.4], [11, 70.6])).toBe(false);
    expect(at([12, 70.2], [10, 70.4])).toBe(true);
    expect(at([10, 70.4], [11, 69.5], [12, 70.4])).toBe(false);
    expect(at([10, 74])).toBe(true);
    expect(at([10, 69.6], [14, 69.7])).toBe(false);
    const again = (celsius: number): number | undefined =>
      placesSeen({ filling: 70 }, [{ minute: 1, part: "filling", celsius }], held)[0]?.againMin;
    expect([again(69), again(70.4), again(74)]).toEqual([0, 2, 0]);
  });

  it("has the filling's only place in its middle", () => {
    expect(placesSeen({ filling: 74 }, [{ minute: 1, part: "filling", celsius: 75 }])).toMatchObject([{ seen: true }]);
  });
});
