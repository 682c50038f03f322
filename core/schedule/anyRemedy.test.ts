/** Every conflict of random plans has an answer, and each answer takes it away. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { PlanSchema } from "../plan/schema";
import { remediesOf, resourceRemedies } from "./remedies";

describe("a conflict of any plan", () => {
  it("of the bird's own tasks has an answer, which is a plan and takes it away", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        for (const conflict of deriveAny(plan, cook).conflicts) {
          const remedies = remediesOf(conflict, plan, (changed) => deriveAny(changed, cook).conflicts);
          expect(remedies.length, conflict.kind).toBeGreaterThan(0);
          for (const { does, change } of remedies) {
            const changed = PlanSchema.parse(change(plan));
            const left = deriveAny(changed, cook).conflicts.filter(
              (other) => other.kind === conflict.kind && JSON.stringify(other) === JSON.stringify(conflict),
            );
            expect(left, `${conflict.kind}: ${does.kind}`).toEqual([]);
          }
        }
      }),
      plansAsked(120),
    );
  });

  it("over a part of the kitchen has an answer, which is a plan and takes it away", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const key = ({ kind, uses }: ReturnType<typeof deriveAny>["resourceConflicts"][number]) =>
          `${kind} ${uses.map(({ id }) => id).join(" ")}`;
        for (const conflict of deriveAny(plan, cook).resourceConflicts) {
          const after = (changed: typeof plan) => deriveAny(changed, cook).resourceConflicts;
          const remedies = resourceRemedies(conflict, plan, after);
          expect(remedies.length, conflict.kind).toBeGreaterThan(0);
          for (const { does, change } of remedies) {
            const changed = PlanSchema.parse(change(plan));
            const left = deriveAny(changed, cook).resourceConflicts.filter((other) => key(other) === key(conflict));
            expect(
              left.map(({ fromMs }) => fromMs),
              `${key(conflict)}: ${does.kind}`,
            ).not.toContain(conflict.fromMs);
          }
        }
      }),
      plansAsked(120),
    );
  });
});
