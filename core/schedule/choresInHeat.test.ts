/** What goes onto the skin while it is in the heat, as laws of random plans. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { stageWords } from "../../words/stages";
import { WRAPS } from "../heat/covers";
import type { Plan } from "../plan/schema";
import { fatForTheWrap } from "../plan/season";
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
