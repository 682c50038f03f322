import fc from "fast-check";
import { expect, it } from "vitest";
import { mergedRoast } from "../core/formats/merge";
import { ANY_ROAST } from "../tests/helpers/anyRoast";
import { fieldsWords } from "./fields";

it("says what was changed twice as its cook calls it, each once", () => {
  expect(fieldsWords(["plan.salt.percent", "plan.salt.kind", "plan.stages"])).toBe(
    "the salt and the stages of its heat",
  );
  expect(fieldsWords(["title"])).toBe("its name");
  expect(fieldsWords(["plan"])).toBe("the plan");
});

it("has words for whatever two devices can have changed", () => {
  fc.assert(
    fc.property(ANY_ROAST, ANY_ROAST, ANY_ROAST, ({ roast: base }, { roast: one }, { roast: other }) => {
      const { conflicts } = mergedRoast(base, one, other);
      const said = fieldsWords(conflicts);
      expect(said.length > 0).toBe(conflicts.length > 0);
      expect(said).not.toMatch(/[.]|\d|[a-z][A-Z]/);
    }),
    { numRuns: 100 },
  );
});
