import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { SPECIES } from "../bird/species";
import { changedNow, WHAT_IFS } from "../day/whatIf";
import { HEAT_SOURCES } from "../heat/sources";
import { FATS } from "../kitchen/fats";
import {
  type Change,
  stageRoom,
  withDarker,
  withDishes,
  withForm,
  withHeat,
  withMethod,
  withMove,
  withOneMoreStage,
  withoutStage,
  withStage,
} from "./edits";
import { METHODS, usualFat } from "./methods";
import { LATEST_STAGE_MIN, MOST_STAGES, PlanSchema } from "./schema";
import { madeAt, waitingAgain } from "./signs";

const anyHeat = fc.constantFrom(...HEAT_SOURCES);

const { plan } = sampleRoast();

describe("dishes that are added", () => {
  it("go wherever they fit, and once the bird is in to its rest: a plan stays a plan", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, fc.boolean(), (any, { sides }, isIn) => {
        const added = sides.map((side) => ({ ...side, id: `new-${side.id}` }));
        const made = withDishes(added, isIn)(any);
        expect(PlanSchema.safeParse(made).error).toBeUndefined();
        expect(made.sides.slice(0, any.sides.length)).toEqual(any.sides);
        for (const { slot } of made.sides.slice(any.sides.length)) if (isIn) expect(slot).not.toBe("auto");
      }),
      plansAsked(100),
    );
  });
});

describe("another way to heat it", () => {
  it("brings its own time for the fat where that was as usual, and back again; what the cook chose stays", () => {
    fc.assert(
      fc.property(ANY_PLAN, fc.constantFrom(...METHODS), fc.constantFrom(...SPECIES), (any, { id }, species) => {
        const usual = usualFat(any.method, any.bird.species);
        const asUsual = { ...any, season: { ...any.season, fat: usual } };
        const made = withMethod(id)(asUsual);
        expect(made.season.fat).toBe(usualFat(id, any.bird.species));
        expect(withMethod(any.method)(made).season).toEqual(asUsual.season);
        const other = withForm({ species })(asUsual);
        expect(other.season.fat).toBe(usualFat(other.method, species));
        for (const fat of FATS) {
          if (fat === usual) continue;
          const chosen = { ...any, season: { ...any.season, fat } };
          expect(withMethod(id)(chosen).season).toEqual(chosen.season);
          expect(withForm({ species })(chosen).season.fat).toBe(fat);
        }
      }),
      plansAsked(50),
    );
  });
});

describe("a stage that is edited", () => {
  it("leaves a plan a plan, whatever was planned and done at the stove before", () => {
    const anyTap = fc.record({ id: fc.constantFrom(...WHAT_IFS), nowMin: fc.integer({ min: 1, max: 400 }) });
    const anyEdit = fc.record({ n: fc.nat(7), share: fc.double({ min: 0, max: 1, noNaN: true }), movedTo: anyHeat });
    fc.assert(
      fc.property(ANY_PLAN, fc.array(anyTap, { maxLength: 3 }), anyEdit, (any, taps, { n: at, share, movedTo }) => {
        let tapped = any;
        for (const { id, nowMin } of taps) {
          const stages = changedNow(id, { plan: tapped, nowMin })?.stages;
          if (stages) tapped = { ...tapped, stages };
        }
        const n = at % tapped.stages.length;
        const { least, most } = stageRoom(tapped, n);
        const edits: Record<string, Change> = {
          "by its time": withStage(n, { when: undefined }),
          "another air": withStage(n, { airC: 175 }),
          "one more": withOneMoreStage,
          "another heat": withHeat(movedTo),
          ...(n > 0 && {
            moved: withMove(n, movedTo),
            "taken out": withoutStage(n),
            "another time": withStage(n, { fromMin: least + share * (most - least) }),
          }),
        };
        for (const [what, edit] of Object.entries(edits)) {
          expect(PlanSchema.safeParse(edit(tapped)).success, what).toBe(true);
        }
        expect(least).toBeLessThanOrEqual(most);
      }),
      plansAsked(300),
    );
  });

  it("waits the next time for what it was last told to, though it was made at another sign", () => {
    const wrapped = { ...(plan.stages[0] ?? { airC: 160 }), fromMin: 60, when: { colour: "golden" as const } };
    const made = { ...plan, stages: [{ fromMin: 0, airC: 160 }, madeAt(wrapped, 95)] };
    expect(waitingAgain(withStage(1, { airC: 175 })(made).stages)[1]).toEqual({ ...wrapped, airC: 175 });
    const when = { centre: "breast" as const, reachesC: 60 };
    expect(waitingAgain(withStage(1, { when })(made).stages)[1]).toEqual({ ...wrapped, fromMin: 95, when });
    expect(waitingAgain(withStage(1, { when: undefined })(made).stages)[1]?.when).toBeUndefined();
  });

  it("has no room for more than a plan holds", () => {
    const many = { ...plan, stages: Array.from({ length: MOST_STAGES }, (_, n) => ({ fromMin: 10 * n, airC: 160 })) };
    expect(withOneMoreStage(many)).toBe(many);
    const late = {
      ...plan,
      stages: [
        { fromMin: 0, airC: 160 },
        { fromMin: LATEST_STAGE_MIN - 10, airC: 160 },
      ],
    };
    expect(withOneMoreStage(late).stages.at(-1)?.fromMin).toBe(LATEST_STAGE_MIN);
    expect(withOneMoreStage(withOneMoreStage(late))).toEqual(withOneMoreStage(late));
  });
});

describe("a side that is darker", () => {
  it("makes the oven hotter there from now on, so that turning the tray is offered", () => {
    expect(changedNow("rotate", { plan, nowMin: 60 })).toBeNull();
    const seen = withDarker("left", 0)(plan);
    expect(seen.equipment.hotSideK).toBeGreaterThan(0);
    expect(seen.stages[0]?.towardsHot).toBe("left");
    expect(changedNow("rotate", { plan: seen, nowMin: 60 })?.stages.at(-1)?.towardsHot).toBe("right");
  });

  it("keeps what the kitchen is known to have, and an even bird says that there is none", () => {
    const uneven = { ...plan, equipment: { ...plan.equipment, hotSideK: 30 } };
    expect(withDarker("legs", 0)(uneven).equipment.hotSideK).toBe(30);
    expect(withDarker("even", 0)(uneven).equipment.hotSideK).toBe(0);
    expect(withDarker("even", 0)(plan).stages).toEqual(plan.stages);
  });
});
