import fc from "fast-check";
import { expect, it } from "vitest";
import { ANY_PLAN } from "../tests/helpers/anyPlan";
import { foreignIn } from "../tests/helpers/readers";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { thawWords } from "./thawing";

it("says of any bird how long its thaw takes, or that it never ends, in the cook's own units", () => {
  fc.assert(
    fc.property(
      ANY_PLAN,
      fc.constantFrom("metric", "us" as const),
      fc.constantFrom(0.4, 8, 100, Number.POSITIVE_INFINITY),
      (plan, units, thawHours) => {
        const said = thawWords(plan, thawHours, units);
        expect(said).not.toMatch(/NaN|Infinity|undefined|null/);
        expect(foreignIn(said, units)).toBe("");
        const isSimulated = plan.thawIn !== "none";
        expect(said.includes("never")).toBe(isSimulated && thawHours === Number.POSITIVE_INFINITY);
      },
    ),
  );
});

it("names the colder fridge that it is ready in by the cook's own degrees", () => {
  const { plan: sample } = sampleRoast();
  const plan = { ...sample, bird: { ...sample.bird, state: "frozen" as const }, thawIn: "fridge" as const };
  expect(thawWords(plan, 70, "metric")).toContain("in a fridge 1 °C colder than yours");
  expect(thawWords(plan, 70, "us")).toContain("in a fridge 2 °F colder than yours");
});
