import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { doneAfterEdit, happenedAfterEdit, takenByEdit, withGivenBack } from "./edited";
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

describe("an edit that is taken back", () => {
  const { plan } = sampleRoast();
  const anyTold = fc.record(
    {
      ticked: fc.uniqueArray(fc.constantFrom("thaw", "water-change-1", "salt", "preheat", "fuel-1"), { minLength: 1 }),
      thawBegunAt: fc.constant("2026-09-24T09:00:00Z"),
      heatOnAt: fc.constant("2026-09-27T09:00:00Z"),
      stagesDone: fc.nat(2),
    },
    { requiredKeys: [] },
  );
  const staged = (...minutes: number[]): Stages =>
    minutes.map((fromMin) => ({ fromMin, airC: 200 })) as unknown as Stages;
  const anyEdit = fc.record({
    thawIn: fc.constantFrom("fridge" as const, "water" as const),
    heat: fc.constantFrom("oven" as const, "fan-oven" as const, "smoker" as const),
    stages: fc.constantFrom(staged(0, 20, 40), staged(0, 20), staged(0, 30, 40), staged(0)),
  });

  it("has everything back that it had taken, whatever was edited", () => {
    const before = { ...plan, stages: staged(0, 20, 40) };
    fc.assert(
      fc.property(anyTold, anyEdit, (happened, edit) => {
        const after = { ...before, ...edit };
        const left = happenedAfterEdit({ plan: before, happened }, after);
        const taken = takenByEdit({ plan: before, happened }, { plan: after, happened: left });
        const back = withGivenBack(happenedAfterEdit({ plan: after, happened: left }, before), taken);
        expect({ ...back, ticked: new Set(back.ticked) }).toEqual({ ...happened, ticked: new Set(happened.ticked) });
      }),
    );
  });

  it("keeps what was told since, and gives back nothing that no edit took", () => {
    const told = { plan, happened: { ticked: ["thaw"], thawBegunAt: "2026-09-24T09:00:00Z" } };
    const after = { ...plan, liver: !plan.liver };
    expect(takenByEdit(told, { plan: after, happened: told.happened })).toEqual({});
    const other = { thawBegunAt: "2026-09-25T09:00:00Z", pulledAt: "2026-09-27T12:00:00Z" };
    expect(withGivenBack(other, told.happened)).toEqual({ ...other, ticked: ["thaw"] });
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
