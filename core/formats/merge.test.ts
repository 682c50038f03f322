import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { CUTS, hasCavity } from "../bird/form";
import { massRangeKg } from "../bird/mass";
import { withForm } from "../plan/edits";
import type { Roast } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { mergedRoast, withChange, withGivenBack, withoutChange } from "./merge";

const base = sampleRoast();
const anyRoast = fc
  .record({ plan: ANY_PLAN, notes: fc.constantFrom("", "a", "b") })
  .map((change): Roast => ({ ...base, ...change }));

describe("one roast changed in two places", () => {
  it("keeps both when they changed different things, deep in the plan too", () => {
    const kept = {
      ...base,
      happened: { inAt: "2026-09-27T08:00:00Z" },
      plan: { ...base.plan, cover: "towels" as const },
    };
    const mine = { ...base, title: "Ours", plan: { ...base.plan, bird: { ...base.plan.bird, massKg: 6 } } };
    const { roast, conflicts } = mergedRoast(base, kept, mine);
    expect(conflicts).toEqual([]);
    expect(roast).toMatchObject({
      title: "Ours",
      happened: { inAt: "2026-09-27T08:00:00Z" },
      plan: { cover: "towels", bird: { massKg: 6 } },
    });
  });

  it("keeps the first where both changed one thing, and says which", () => {
    const kept = { ...base, plan: { ...base.plan, cover: "towels" as const } };
    const mine = { ...base, plan: { ...base.plan, cover: "none" as const } };
    expect(mergedRoast(base, kept, mine)).toMatchObject({
      conflicts: ["plan.cover"],
      roast: { plan: { cover: "towels" } },
    });
  });

  it("counts what was done by the higher, and keeps the notes of both", () => {
    const done = (stagesDone: number, notes: string): Roast => ({ ...base, notes, happened: { stagesDone } });
    const { roast, conflicts } = mergedRoast(
      done(0, "eve"),
      done(1, "eve\nfrom the laptop"),
      done(2, "eve\nfrom the phone"),
    );
    expect(roast).toMatchObject({ happened: { stagesDone: 2 }, notes: "eve\nfrom the laptop\nfrom the phone" });
    expect(conflicts).toEqual([]);
    // Sent while it was being written: of a line that has grown, its beginning does not stay.
    const grown = mergedRoast(done(0, "Sal"), done(0, "Sal\nfrom the phone"), done(0, "Salt a day"));
    expect(grown.roast.notes).toBe("from the phone\nSalt a day");
  });

  it("joins side dishes by what they are: one added on each, one changed, one taken away", () => {
    const side = (id: string, minutes = 30) =>
      ({ id, name: id, minutes, ovenC: null, ring: true, slot: "auto" }) as const;
    const withSides = (...sides: ReturnType<typeof side>[]): Roast => ({ ...base, plan: { ...base.plan, sides } });
    const was = withSides(side("beans"), side("mash"), side("peas"));
    const { roast, conflicts } = mergedRoast(
      was,
      withSides(side("beans", 12), side("mash"), side("peas"), side("rolls")),
      withSides(side("beans"), side("peas"), side("sprouts")),
    );
    expect(conflicts).toEqual([]);
    expect(roast.plan.sides).toEqual([side("beans", 12), side("peas"), side("rolls"), side("sprouts")]);
  });

  it("takes something away where one took it away and the other left it alone", () => {
    const pulled = { ...base, happened: { inAt: "2026-09-27T08:00:00Z", pulledAt: "2026-09-27T10:00:00Z" } };
    const back = { ...base, happened: { inAt: "2026-09-27T08:00:00Z" } };
    expect(mergedRoast(pulled, pulled, back).roast.happened).toEqual(back.happened);
  });

  it("is a law: one side unchanged gives the other, and equal changes are no conflict", () => {
    fc.assert(
      fc.property(anyRoast, anyRoast, (one, other) => {
        expect(mergedRoast(one, one, other)).toEqual({ roast: other, conflicts: [] });
        expect(mergedRoast(one, other, one)).toEqual({ roast: other, conflicts: [] });
        expect(mergedRoast(one, other, other)).toEqual({ roast: other, conflicts: [] });
      }),
      { numRuns: 200 },
    );
  });

  it("never makes a roast that is none", () => {
    fc.assert(
      fc.property(anyRoast, anyRoast, anyRoast, (a, b, c) => {
        const { roast } = mergedRoast(a, b, c);
        expect(roast.plan.stages[0]?.fromMin).toBe(0);
      }),
      { numRuns: 200 },
    );
  });
});

describe("a bird that was changed in two places", () => {
  it("is one that can be made, whatever each of them made of it", () => {
    const anyForm = fc.record({
      cut: fc.constantFrom(...CUTS),
      cavity: fc.constantFrom("empty", "aromatics", "stuffed" as const),
    });
    const changed = (roast: Roast, change: Parameters<typeof withForm>[0], share: number): Roast => {
      const { bird, ...plan } = withForm(change)(roast.plan);
      const [low, high] = massRangeKg(bird.species, bird.cut);
      return { ...roast, plan: { ...plan, bird: { ...bird, massKg: low + share * (high - low) } } };
    };
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(anyRoast, anyForm, share, fc.option(anyForm), share, (from, one, oneShare, other, otherShare) => {
        const mine = other ? changed(from, other, otherShare) : changed(from, {}, otherShare);
        const { bird } = mergedRoast(from, changed(from, one, oneShare), mine).roast.plan;
        const [low, high] = massRangeKg(bird.species, bird.cut);
        expect(bird.massKg >= low && bird.massKg <= high).toBe(true);
        expect(bird.cavity === "empty" || hasCavity(bird.cut)).toBe(true);
      }),
      { numRuns: 200 },
    );
  });
});

describe("a change taken back", () => {
  it("leaves the roast as it was, and what was changed since: for any change of any roast", () => {
    fc.assert(
      fc.property(anyRoast, anyRoast, fc.integer({ min: 1, max: 5 }), (before, other, rating) => {
        const after = { ...other, rating: before.rating };
        expect(withoutChange(after, before, after)).toEqual(before);
        expect(withoutChange({ ...after, rating }, before, after)).toEqual({ ...before, rating });
      }),
      { numRuns: 200 },
    );
  });
});

describe("a change of a plan", () => {
  it("changes what differs between two plans, and is taken back without what was changed since", () => {
    fc.assert(
      fc.property(ANY_PLAN, fc.constantFrom("towels", "none", "foil" as const), (taken, cover) => {
        const from = { ...taken, cover: "box" as const, restMin: 20 };
        const to = { ...from, restMin: 45 };
        const before = { ...base, plan: from };
        const since = withChange(before, from, to);
        expect(since.plan).toEqual(to);
        const changed = { ...since, notes: "Guests late.", plan: { ...since.plan, cover } };
        expect(withChange(changed, to, from)).toEqual({ ...changed, plan: { ...from, cover } });
      }),
    );
  });
});

describe("an edit that is taken back", () => {
  const { plan } = base;
  type Stages = Plan["stages"];
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
    const from = { ...plan, stages: staged(0, 20, 40) };
    fc.assert(
      fc.property(anyTold, anyEdit, (happened, edit) => {
        const before = { ...base, plan: from, happened };
        const after = withChange(before, from, { ...from, ...edit });
        const { happened: back } = withGivenBack(withChange(after, after.plan, from), before, after);
        expect({ ...back, ticked: new Set(back.ticked) }).toEqual({ ...happened, ticked: new Set(happened.ticked) });
      }),
    );
  });

  it("keeps what was told since, and gives back nothing that no edit took", () => {
    const told = { ...base, happened: { ticked: ["thaw"], thawBegunAt: "2026-09-24T09:00:00Z" } };
    const other = {
      thawBegunAt: "2026-09-25T09:00:00Z",
      inAt: "2026-09-27T10:00:00Z",
      pulledAt: "2026-09-27T12:00:00Z",
    };
    const now = { ...base, happened: other };
    expect(withGivenBack(now, told, { ...told, plan: { ...plan, liver: !plan.liver } }).happened).toEqual(other);
    expect(withGivenBack(now, told, { ...told, happened: {} }).happened).toEqual({ ...other, ticked: ["thaw"] });
  });
});
