import fc from "fast-check";
import { expect, it } from "vitest";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { timetableOf } from "../../words/timetable";
import { taskOf } from "../schedule/backward";
import { carveMinOf, slicesFromBone } from "./carving";

it("slices from the bone what stands on its bones and is eaten the same day, and takes its time for that", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (plan, cook) => {
      const offTheBone = { ...plan, carving: "off-the-bone" as const };
      const fromBone = { ...plan, carving: "from-the-bone" as const };
      const can = slicesFromBone(fromBone);
      expect(can).toBe(["whole", "crown"].includes(plan.bird.cut) && plan.roasted === "same-day");
      expect(slicesFromBone(offTheBone)).toBe(false);
      const [fromMin, offMin] = [carveMinOf(fromBone), carveMinOf(offTheBone)];
      // Half as long again, to the five minutes that a knife is planned in.
      if (can) expect(Math.abs(fromMin - 1.5 * offMin)).toBeLessThan(7);
      expect(fromMin).toBeGreaterThanOrEqual(offMin);
      if (!can) expect(fromMin).toBe(offMin);
      const derived = deriveAny(fromBone, cook);
      const carve = taskOf(derived.schedule, "carve");
      expect(((carve?.endMs ?? 0) - (carve?.startMs ?? 0)) / 60_000).toBeCloseTo(carveMinOf(fromBone), 6);
      const row = timetableOf(fromBone, derived, "metric").find(({ id }) => id === "carve");
      expect(row?.what.startsWith("To the table whole")).toBe(can);
    }),
    plansAsked(60),
  );
});
