import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { doneAfterEdit, happenedAfterEdit } from "./edited";
import { onTheMorning } from "./edits";
import type { Plan } from "./schema";

type Stages = Plan["stages"];
const [HOT, LOW, BARE]: [Stages[number], Stages[number], Stages[number]] = [
  { fromMin: 0, airC: 230 },
  { fromMin: 20, airC: 160 },
  { fromMin: 60, when: { centre: "breast", reachesC: 60 }, airC: 160, shield: "none" },
];

describe("a thaw that is planned anew", () => {
  const { plan } = sampleRoast();
  const happened = { ticked: ["thaw", "water-change-1", "prepare", "salt"], thawBegunAt: "2026-09-24T09:00:00Z" };
  const rescued = onTheMorning("middle", "water")(plan);

  it("has not begun: ice on the morning is thawed in water though its thaw was ticked off days ago", () => {
    expect(happenedAfterEdit({ plan, happened }, rescued)).toEqual({ ticked: ["prepare", "salt"] });
    expect(happenedAfterEdit({ plan, happened: {} }, rescued)).toEqual({});
    expect(happenedAfterEdit({ plan, happened: { ticked: ["salt"] } }, rescued)).toEqual({ ticked: ["salt"] });
  });

  it("goes on where anything else of the plan is changed", () => {
    expect(happenedAfterEdit({ plan, happened }, { ...plan, liver: !plan.liver })).toEqual(happened);
  });
});

describe("a heat that is another", () => {
  const { plan } = sampleRoast();
  const happened = { ticked: ["salt", "preheat"], heatOnAt: "2026-09-27T09:00:00Z" };

  it("is not on because the oven was; with its fan on it is the same oven", () => {
    expect(happenedAfterEdit({ plan, happened }, { ...plan, heat: "smoker" })).toEqual({ ticked: ["salt"] });
    expect(happenedAfterEdit({ plan, happened }, { ...plan, heat: "fan-oven" })).toEqual(happened);
    // Once the bird is in, it was on then.
    const isIn = { ...happened, inAt: "2026-09-27T10:00:00Z" };
    expect(happenedAfterEdit({ plan, happened: isIn }, { ...plan, heat: "smoker" })).toEqual(isIn);
  });
});

describe("a plan that is edited while its bird is in", () => {
  it("calls what is not done yet, and nothing twice", () => {
    const all = [HOT, LOW, BARE];
    expect(doneAfterEdit(all, [HOT, BARE], 1)).toBe(0);
    expect(doneAfterEdit(all, [HOT, BARE], 2)).toBe(1);
    expect(doneAfterEdit(all, [HOT, LOW], 1)).toBe(1);
    expect(doneAfterEdit([HOT, BARE], all, 1)).toBe(2);
    expect(doneAfterEdit([HOT, BARE], all, 0)).toBe(0);
    expect(doneAfterEdit(all, [HOT, { ...LOW, airC: 150 }, BARE], 1)).toBe(1);
    expect(doneAfterEdit(all, [{ fromMin: 0, airC: 180 }], 2)).toBe(0);
    expect(doneAfterEdit(all, [HOT, { ...BARE, fromMin: 30 }], 2)).toBe(1);
  });

  it("keeps each stage that stays as done as it was, whatever is put in or taken out", () => {
    const anyStages = fc
      .uniqueArray(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 7 })
      .map(
        (minutes): Stages => [
          { fromMin: 0, airC: 200 },
          ...minutes.sort((one, other) => one - other).map((fromMin) => ({ fromMin, airC: 160 })),
        ],
      );
    fc.assert(
      fc.property(anyStages, fc.nat(7), fc.nat(7), (stages, at, seenTo) => {
        const done = seenTo % stages.length;
        const out = at % stages.length;
        const without = stages.filter((_, n) => n !== out || n === 0);
        const after = doneAfterEdit(stages, without, done);
        stages.forEach((stage, n) => {
          const now = without.indexOf(stage);
          if (now > 0) expect(now <= after).toBe(n <= done);
        });
        expect(after).toBeLessThan(without.length);
        // And put in again, all are as they were but perhaps that one.
        const back = doneAfterEdit(without, stages, after);
        expect(back === done || (out === done && back === done - 1)).toBe(true);
        expect(doneAfterEdit(stages, stages, done)).toBe(done);
      }),
    );
  });
});
