import fc from "fast-check";
import { expect, it } from "vitest";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { comingRestWords, keepHotWords, plannedRestWords } from "./longRest";

const { plan } = sampleRoast();

it("says that a bird would cool before it is carved wherever it would, and nowhere else", () => {
  expect(plannedRestWords(90)).toBeNull();
  expect(plannedRestWords(100)).toContain("It would rest 1 h 40 min, longer than the 90 min");
  const min = fc.integer({ min: 0, max: 1440 });
  fc.assert(
    fc.property(min, fc.integer({ min: 30, max: 90 }), (restMin, goodForMin) => {
      expect(comingRestWords(restMin, goodForMin) !== null).toBe(restMin > goodForMin + 5);
    }),
  );
  expect(comingRestWords(100, 60)).toBe(
    "It would wait 1 h 40 min to be carved, and stays good for 60 min: turn the heat down, or hold it there once it is done (What if); or eat earlier.",
  );
});

it("asks whether it is in at all where its dinner is another day", () => {
  expect(comingRestWords(2000, 90)).toContain("take that back (Correct something); if it is, bring dinner forward");
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
