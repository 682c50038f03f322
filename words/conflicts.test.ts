import { describe, expect, it } from "vitest";
import { LONGEST_ROAST_MIN } from "../core/processes/roast";
import { deriveAny } from "../tests/helpers/anyPlan";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { neverMetWords, resourceWords } from "./conflicts";

describe("what is short of a thing", () => {
  const { plan } = sampleRoast();
  const told = (change: Partial<typeof plan>): readonly string[] => {
    const made = { ...plan, sides: [], ...change };
    const derived = deriveAny(made, { pullMinute: 170, thawHours: 0 });
    return derived.resourceConflicts.map((conflict) => resourceWords(conflict, made, derived, "metric"));
  };

  it("is told of one as of one, of two as of two", () => {
    const hot = { id: "p", name: "Potatoes", minutes: 30, ovenC: 250, ring: false, slot: "with" as const };
    const two = { ...plan.bird, count: 2 };
    expect(told({ bird: two, sides: [hot] })).toContainEqual(
      expect.stringMatching(/^Both birds and Potatoes want one oven at \d+ °C and 250 °C$/),
    );
    expect(told({ equipment: { ...plan.equipment, rings: 0 } })).toContain("The gravy wants more rings than there are");
    expect(told({ equipment: { ...plan.equipment, fridgeL: 0 } })).toContainEqual(
      expect.stringMatching(/^The bird on its rack takes about [\d.]+ L of fridge; 0 L can be made free$/),
    );
  });
});

describe("a heat that does not bring it there", () => {
  const never = { kind: "never-met", centre: "thigh", targetC: 74, highestC: 65, afterMin: 500, airC: 90 } as const;

  it("is told as never where it stands far below, as hardly where the model is no surer, and by its hours where it still rises", () => {
    expect(neverMetWords(never, "metric")).toBe(
      "At this heat the thigh never comes to 74 °C: it stands at 65 °C in air of 90 °C.",
    );
    expect(neverMetWords({ ...never, highestC: 72, airC: 107 }, "us")).toBe(
      "At this heat the thigh hardly comes to 165 °F, if at all: computed, it stands at 162 °F in air of 225 °F.",
    );
    expect(neverMetWords({ ...never, highestC: 73.8, airC: 107 }, "metric")).toContain("it stands just below 74 °C in");
    expect(neverMetWords({ ...never, afterMin: LONGEST_ROAST_MIN }, "metric")).toBe(
      "At this heat the thigh is not at 74 °C after 16 h: it is at 65 °C by then, in air of 90 °C.",
    );
  });
});
