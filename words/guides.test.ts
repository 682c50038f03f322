import { describe, expect, it } from "vitest";
import { CUT_GUIDES, CUT_STEPS } from "../core/kitchen/cutGuides";
import { CUT_WORDS, cutStepWords } from "./guides";

describe("guides at the board", () => {
  it.each(CUT_GUIDES)("%s: says what each step does and how, with cautions and what goes to the pot", (id) => {
    const { cautions, toPot, tools } = CUT_WORDS[id];
    for (const some of [cautions, toPot, tools("metric")]) expect(some.length).toBeGreaterThan(0);
    for (const step of CUT_STEPS[id]) {
      const { does, how } = cutStepWords(id, step);
      expect(does).toMatch(/^[A-Z][^.]+$/);
      expect(how).toMatch(/^[A-Z].*[.]$/);
    }
  });
});
