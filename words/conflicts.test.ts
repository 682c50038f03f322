import { describe, expect, it } from "vitest";
import { FIRST_SHARES } from "../core/forecast/shares";
import { forDinner } from "../core/plan/together";
import { LONGEST_ROAST_MIN } from "../core/processes/roast";
import type { DerivedPlan } from "../core/schedule/derive";
import { placeDinner } from "../core/schedule/dinner";
import { deriveAny } from "../tests/helpers/anyPlan";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { simulated } from "../tests/helpers/simulated";
import { neverMetWords, resourceWords } from "./conflicts";

describe("what is short of a thing", () => {
  const { plan } = sampleRoast();
  const told = (change: Partial<typeof plan>): readonly string[] => {
    const made = { ...plan, sides: [], ...change };
    const derived = deriveAny(made, { pullMinute: 170, thawHours: 0 });
    return derived.resourceConflicts.map((conflict) => resourceWords(conflict, made, derived, "metric"));
  };

  it("is called as its cook calls it, around whichever roast of the dinner it bakes", () => {
    const potatoes = { id: "p", name: "Potatoes", minutes: 60, ovenC: 200, ring: false, slot: "with" as const };
    const host = { ...plan, sides: [potatoes] };
    const hot = { ...forDinner(plan, host), stages: [{ fromMin: 0, airC: 240 }] };
    const roasts = [host, hot].map((each, n) => ({
      id: `${n}`,
      fire: `${n}`,
      title: `Roast ${n}`,
      plan: each,
      simulated: simulated({ pullMinute: 170 }),
      shares: FIRST_SHARES,
    }));
    const derived = placeDinner(roasts, 0).get("1") as DerivedPlan;
    const said = derived.resourceConflicts.map((conflict) => resourceWords(conflict, hot, derived, "metric"));
    expect(said.join("; ")).toContain("Potatoes");
    expect(said.join("; ")).not.toContain("a dish");
  });

  it("is told of one as of one, of two as of two", () => {
    const hot = { id: "p", name: "Potatoes", minutes: 30, ovenC: 250, ring: false, slot: "with" as const };
    const two = { ...plan.bird, count: 2 };
    expect(told({ bird: two, sides: [hot] })).toContainEqual(
      expect.stringMatching(/^Both birds and Potatoes want one oven at \d+ °C and 250 °C$/),
    );
    expect(told({ equipment: { ...plan.equipment, rings: 0 } })).toContain("The gravy wants more rings than there are");
    expect(told({ equipment: { ...plan.equipment, fridgeL: 0 } })).toContainEqual(
      expect.stringMatching(/^The bird on a rack takes about [\d.]+ L of fridge; 0 L can be made free$/),
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
