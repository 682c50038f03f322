import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { spoonQuestions } from "../core/practice/drills";
import { foreignIn } from "../tests/helpers/readers";
import { DRILL_NAMES, DRILL_SAYS, drillWords, spoonWeight, spoonWords } from "./drills";
import { offLength } from "./probing";

const UNITS = ["metric", "us"] as const;

describe("drills in words", () => {
  it.each(UNITS)("are in %s units only", (units) => {
    const text = [
      ...Object.values(DRILL_NAMES),
      ...Object.values(DRILL_SAYS),
      drillWords({ drill: "thickest", right: 7, of: 10, offMm: 12, offK: 1.4 }, units),
      offLength(12, units),
    ].join("\n");
    expect(foreignIn(text, units)).toBe("");
  });

  it("ask what spoonfuls weigh in the cook's units, no two answers alike", () => {
    fc.assert(
      fc.property(fc.nat(), fc.constantFrom(...UNITS), (seed, units) => {
        for (const question of spoonQuestions(seed, 6)) {
          const answers = question.choices.map((grams) => spoonWeight(grams, units));
          expect(new Set(answers).size).toBe(answers.length);
          expect(answers).toContain(spoonWeight(question.grams, units));
          expect(foreignIn(`${spoonWords(question, units)} ${answers.join(" ")}`, units)).toBe("");
        }
      }),
    );
  });
});
