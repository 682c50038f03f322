import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { centresOf } from "../bird/form";
import { massRangeKg } from "../bird/mass";
import { gramsPerTeaspoon } from "../kitchen/salt";
import { GUIDELINES, guidelineFor } from "../safety/guideline";
import { doneQuestions, knifeQuestion, placeQuestions, sideQuestions, spoonQuestions } from "./drills";

const seed = fc.integer({ min: 0, max: 1e6 });

describe("a drill's questions", () => {
  it("are the same by the same seed, and other by another", () => {
    expect(placeQuestions(7, 10, false)).toEqual(placeQuestions(7, 10, false));
    expect(placeQuestions(7, 10, false)).not.toEqual(placeQuestions(8, 10, false));
  });

  it("ask for places that the bird has, of birds that there are", () => {
    fc.assert(
      fc.property(seed, fc.boolean(), (n, both) => {
        for (const { species, cut, massKg, centres } of placeQuestions(n, 10, both)) {
          const [low, high] = massRangeKg(species, cut);
          expect(massKg).toBeGreaterThanOrEqual(low);
          expect(massKg).toBeLessThanOrEqual(high);
          for (const centre of centres) expect(centresOf({ cut })).toContain(centre);
          expect(centres).toHaveLength(both ? 2 : 1);
        }
      }),
    );
  });

  it("have both answers, so that nobody passes by always saying one", () => {
    const views = sideQuestions(3, 40).map(({ view }) => view);
    expect(new Set(views).size).toBe(2);
    const verdicts = doneQuestions(3, 30, 74).map(({ right }) => right);
    expect(new Set(verdicts).size).toBe(3);
  });

  it("give the knife's steps out of order, all of them", () => {
    fc.assert(
      fc.property(seed, (n) => {
        const { mixed, right } = knifeQuestion(n);
        expect([...mixed].sort()).toEqual([...right].sort());
        expect(mixed).not.toEqual(right);
      }),
    );
  });

  it("offer the grams that the salt table says once, and nothing near them", () => {
    fc.assert(
      fc.property(seed, (n) => {
        for (const { kind, teaspoons, grams, choices } of spoonQuestions(n, 6)) {
          expect(grams).toBe(Math.round(teaspoons * gramsPerTeaspoon(kind)));
          expect(choices.filter((each) => each === grams)).toHaveLength(1);
          expect(choices.length).toBeGreaterThanOrEqual(3);
          for (const each of choices) {
            if (each !== grams) expect(Math.abs(each / grams - 1)).toBeGreaterThan(0.2);
          }
        }
      }),
    );
  });

  it("call a bird done where every place is at the guideline, and doubt a side that is far from the other", () => {
    fc.assert(
      fc.property(seed, fc.constantFrom(...GUIDELINES), (n, guideline) => {
        const { meatC } = guidelineFor(guideline, "whole");
        for (const { readings, right } of doneQuestions(n, 9, meatC)) {
          const lowest = Math.min(...readings.map(({ celsius }) => celsius));
          const [left = 0, other = 0] = readings.map(({ celsius }) => celsius);
          if (right === "done") expect(lowest).toBeGreaterThanOrEqual(meatC);
          else expect(lowest).toBeLessThan(meatC);
          expect(Math.abs(left - other) > 8).toBe(right === "read-again");
        }
      }),
    );
  });
});
