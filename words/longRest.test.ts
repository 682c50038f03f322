import fc from "fast-check";
import { expect, it } from "vitest";
import type { CookStage } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { earliestRestWords, keepHotWords, longRestWords } from "./longRest";

const { plan } = sampleRoast();

const said = (stage: CookStage, restMin: number, goodForMin = 90, roasted: Plan["roasted"] = "same-day") =>
  longRestWords({ plan: { roasted }, stage, restMin, goodForMin });

it("says that a bird would cool before it is carved wherever it would, and nowhere else", () => {
  expect(said("planned", 90)).toBeNull();
  expect(said("planned", 100)).toContain("It would rest 1 h 40 min, longer than the 90 min");
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 1440 }), fc.integer({ min: 30, max: 90 }), (restMin, goodForMin) => {
      expect(said("roasting", restMin, goodForMin) !== null).toBe(restMin > goodForMin + 5);
      // For a table of another day it is carved as soon as it may be; out of the heat, it is kept hot.
      expect(said("roasting", restMin, goodForMin, "day-before")).toBeNull();
      expect(said("resting", restMin, goodForMin)).toBeNull();
    }),
  );
  expect(said("roasting", 100, 60)).toBe(
    "It would wait 1 h 40 min to be carved, and stays good for 60 min: turn the heat down, or hold it there once it is done (What if); or eat earlier.",
  );
});

it("asks whether it is in at all where its dinner is another day", () => {
  expect(said("roasting", 2000)).toContain("take that back (Correct something); if it is, bring dinner forward");
});

it("tells of a plan in such doubt that an early bird cools, what is done about it", () => {
  const early = (min: number, roasted: Plan["roasted"] = "same-day") =>
    earliestRestWords(min, { ...plan, roasted }, "metric");
  expect([early(95), early(164, "day-before")]).toEqual([null, null]);
  expect(early(164)).toMatch(/it would wait 2 h 44 min, longer than the 90 min .* hold it in an oven at 90 °C\.$/);
});

it("tells how a bird is kept hot: covered better where it can be, or in its heat again", () => {
  const over = { latestMin: 55, latestBecause: "cools", overMin: 35 } as const;
  const how = keepHotWords(over, { ...plan, cover: "foil" }, "metric", "oven");
  expect(how).toContain("It falls under 60 °C 55 min after it came out, and is to be carved 35 min after that.");
  expect(how).toContain("Foil and towels hold it longer");
  expect(how).toContain("back into the oven at 90 °C");
  const wrapped = { ...plan, cover: "towels" } as const;
  expect(keepHotWords({ ...over, latestBecause: "long-enough" }, wrapped, "metric", "smoker")).toMatch(
    /^A bird rests 55 min at most, and is to be carved 35 min after that\. Or put it back onto the heat at 90 °C/,
  );
});
