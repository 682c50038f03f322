import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { boardMin } from "../kitchen/cutting";
import { PlanSchema } from "../plan/schema";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { atOnce, atOnceInMs } from "./atOnce";

describe("a plan with no time left", () => {
  it("is a plan, thaws in water what is frozen, and puts nothing in before it has thawed and been to the board", () => {
    fc.assert(
      fc.property(ANY_PLAN, fc.double({ min: 0, max: 12, noNaN: true }), (plan, hours) => {
        const quick = atOnce(plan);
        if (!quick) {
          // A bird with ice in it cannot be cut.
          expect([plan.bird.state === "fresh", plan.thawIn]).toEqual([false, "none"]);
          return;
        }
        expect(PlanSchema.safeParse(quick).success).toBe(true);
        expect(quick.salt.saltHours + quick.salt.dryHours).toBe(0);
        const isFrozen = plan.bird.state !== "fresh";
        if (isFrozen) expect(quick.thawIn).toBe("water");
        const thawHours = isFrozen ? hours : 0;
        const waitMs = atOnceInMs(quick, thawHours, 0);
        const least = thawHours * HOUR_MS + boardMin(quick.bird.cut, quick.bird.count) * MINUTE_MS;
        expect(waitMs).toBeGreaterThanOrEqual(least);
        expect(waitMs).toBeGreaterThanOrEqual(quick.preheat.minutes * MINUTE_MS);
      }),
      { numRuns: 200 },
    );
  });
});
