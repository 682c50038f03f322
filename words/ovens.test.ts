import { expect, it } from "vitest";
import { HEAT_SOURCES, isFire, shutBy } from "../core/heat/sources";
import { changedWords, learnedWords, testSetUp } from "./ovens";

const known = { along: [], mean: 0, sd: 0.8, roasts: 3, tests: 0, hotterK: 9.2, hotterSdK: 4.1, bandShare: 0.88 };

it("says what is known of an oven as a cook would ask it", () => {
  expect(learnedWords(known, "oven", { units: "metric" })).toBe(
    "Roasts as if it were 9 °C hotter than its dial says, give or take 4 °C, from three roasts. The give or take of a plan in it is 12 % narrower for it.",
  );
  expect(learnedWords({ ...known, hotterK: -9.2, roasts: 1, bandShare: 1 }, "smoker", { units: "us" })).toBe(
    "Roasts as if it burnt 17 °F cooler than set, give or take 7 °F, from one roast.",
  );
  expect(learnedWords({ ...known, roasts: 0, tests: 1 }, "oven", { units: "metric" })).toContain(", from one test.");
  expect(learnedWords({ ...known, tests: 2 }, "oven", { units: "metric" })).toContain(
    "from three roasts and two tests.",
  );
  expect(learnedWords({ ...known, hotterK: 0.4, roasts: 14 }, "oven", { units: "metric" })).toMatch(
    /^Roasts as it is set, give or take 4 °C, from 14 roasts\./,
  );
});

it("sets a test up at a fire as at an oven, without a door or a window that is not there", () => {
  for (const heat of HEAT_SOURCES) {
    const said = [testSetUp("thermometer", heat), testSetUp("water", heat), changedWords(heat)].join(" ");
    expect(/oven|window/.test(said), heat).toBe(!isFire(heat));
    expect(/\blid\b/.test(said), heat).toBe(shutBy(heat) === "lid");
  }
});
