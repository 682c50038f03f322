/** What goes onto the skin while it is in the heat, as laws of random plans. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { stageWords } from "../../words/stages";
import { timetableOf } from "../../words/timetable";
import { WRAPS } from "../heat/covers";
import type { Plan } from "../plan/schema";
import { fatForTheWrap, glazeMoments } from "../plan/season";
import { MINUTE_MS } from "../units/time";
import type { DerivedPlan } from "./derive";
import { remediesOf } from "./remedies";

const keptForLater = (plan: Plan): Plan => ({ ...plan, season: { ...plan.season, fat: "none-at-first" } });
const times = ({ chores }: DerivedPlan, kind: "oil" | "glaze"): number =>
  chores.filter((chore) => chore.kind === kind).length;
const isSaid = ({ conflicts }: DerivedPlan, what: "fat" | "glaze"): boolean =>
  conflicts.some((conflict) => conflict.kind === "never-comes" && conflict.what === what);

describe("changes of the heat", () => {
  it("come one after the other as they are planned, none before what it follows", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { chores } = deriveAny(plan, cook);
        const made = chores.filter(({ kind }) => kind === "stage");
        expect(made.map(({ n }) => n)).toEqual(made.map((_, n) => n + 1));
      }),
      plansAsked(300),
    );
  });
});

describe("fat that is kept for later", () => {
  it("goes on with the wrap, or once and by itself, or it is said that it never does", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (any, cook) => {
        const plan = keptForLater(any);
        const derived = deriveAny(plan, cook);
        const wraps = fatForTheWrap(plan);
        const isWrapped = derived.chores.some(({ kind, n }) => kind === "stage" && n === wraps);
        if (isWrapped) expect(stageWords(plan, wraps as number, "metric")).toContain("of fat");
        expect(times(derived, "oil") + Number(isWrapped) + Number(isSaid(derived, "fat"))).toBe(1);
      }),
      plansAsked(150),
    );
  });
});

describe("passes of glaze", () => {
  it("are numbered as they come, and each says the sign that it waits for, or none", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        anyCook,
        fc.array(fc.integer({ min: 1, max: 600 }), { maxLength: 3 }),
        (any, cook, more) => {
          const glazeAt = [...any.season.glazeAt, ...more.map((atMin) => ({ atMin }))];
          const plan = { ...any, stages: any.stages.slice(0, 1), season: { ...any.season, glazeAt } };
          const derived = deriveAny(plan, cook);
          const moments = glazeMoments(plan);
          const passes = timetableOf(plan, derived, "metric").filter(({ id }) => id.startsWith("glaze"));
          passes.forEach(({ what, detail, startMs }, n) => {
            expect(what).toMatch(new RegExp(`^Glaze, pass ${n + 1}`));
            const minute = (startMs - derived.schedule.inAtMs) / MINUTE_MS;
            const isTimed = moments.some((moment) => "atMin" in moment && moment.atMin === Math.round(minute));
            if (!detail.includes("expected about this time"))
              expect(isTimed || plan.stages[0]?.wrap !== "none").toBe(true);
            else expect(moments.some((moment) => "when" in moment)).toBe(true);
          });
          // Of a bare bird every minute before the pull is a pass.
          const isBare = plan.stages[0]?.wrap === undefined || plan.stages[0].wrap === "none";
          const timed = moments.filter((moment) => "atMin" in moment && moment.atMin < cook.pullMinute);
          const told = passes.filter(({ detail }) => !detail.includes("expected about this time"));
          if (isBare) expect(told).toHaveLength(timed.length);
        },
      ),
      plansAsked(150),
    );
  });

  it("are not basted over", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.integer({ min: 10, max: 60 }), (any, cook, basteEveryMin) => {
        const season = { ...any.season, glazePasses: 2, basteEveryMin, basteFromMin: 0, basteUntilMin: null };
        const { chores } = deriveAny({ ...any, season }, cook);
        const glazedMs = chores.find(({ kind }) => kind === "glaze")?.startMs ?? Number.POSITIVE_INFINITY;
        const bastings = chores.filter(({ kind }) => kind === "baste");
        expect(bastings.filter(({ startMs }) => startMs >= glazedMs)).toEqual([]);
      }),
      plansAsked(100),
    );
  });

  it("are each in the timetable, or said to wait in vain", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.integer({ min: 1, max: 5 }), (any, cook, glazePasses) => {
        const plan = { ...any, season: { ...any.season, glazePasses } };
        const derived = deriveAny(plan, cook);
        const inVain = derived.conflicts.map((conflict) =>
          conflict.kind === "never-comes" && conflict.what === "glaze"
            ? conflict.for === null
              ? conflict.times
              : 1
            : 0,
        );
        expect(times(derived, "glaze") + inVain.reduce((sum, each) => sum + each, 0)).toBe(glazeMoments(plan).length);
      }),
      plansAsked(150),
    );
  });
});

describe("under a wrap that stays on to the end", () => {
  it("nothing goes onto the skin, and it is said of each; what is offered takes that away", () => {
    const { plan } = sampleRoast();
    for (const wrap of WRAPS) {
      const made = keptForLater({
        ...plan,
        stages: [{ fromMin: 0, airC: 170, wrap }],
        season: { ...plan.season, glazePasses: 2 },
      });
      const derived = deriveAny(made, { pullMinute: 200, thawHours: 0 });
      const isWrapped = wrap !== "none";
      expect([times(derived, "oil"), times(derived, "glaze")], wrap).toEqual(isWrapped ? [0, 0] : [1, 2]);
      for (const what of ["fat", "glaze"] as const) expect(isSaid(derived, what), `${wrap} ${what}`).toBe(isWrapped);
      const conflictsWith = (changed: Plan) => deriveAny(changed, { pullMinute: 200, thawHours: 0 }).conflicts;
      for (const conflict of derived.conflicts.filter(({ kind }) => kind === "never-comes")) {
        const remedies = remediesOf(conflict, made, conflictsWith);
        expect(remedies).toHaveLength(1);
        for (const { change } of remedies) expect(conflictsWith(change(made))).not.toContainEqual(conflict);
      }
    }
  });
});
