import fc from "fast-check";
import { expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { saltPlan } from "../plan/saltPlan";
import { beforeOvenOf } from "./plannedInput";

it("has each of several birds live through what one of them alone does", () => {
  fc.assert(
    fc.property(ANY_PLAN, (any) => {
      const of = (count: number) => beforeOvenOf({ ...any, bird: { ...any.bird, count } });
      const [one, three] = [of(1), of(3)];
      const grams = ({ salting, injection }: typeof one): readonly number[] =>
        [salting, injection].flatMap((salt) => (salt ? [salt.saltKg, salt.waterKg] : [])).map((kg) => 1000 * kg);
      expect(grams(three)).toHaveLength(grams(one).length);
      grams(three).forEach((each, n) => {
        expect(each).toBeCloseTo(grams(one)[n] as number, 6);
      });
      expect({ ...three, salting: null, injection: null }).toEqual({ ...one, salting: null, injection: null });
    }),
  );
});

it("salts a bird with what its plan weighs out for it", () => {
  fc.assert(
    fc.property(ANY_PLAN, (plan) => {
      const { grams, injected, method } = saltPlan(plan);
      const { salting, injection } = beforeOvenOf(plan);
      expect(salting === null).toBe(method === "none");
      expect(1000 * plan.bird.count * (salting?.saltKg ?? 0)).toBeCloseTo(grams, 6);
      expect(1000 * (injection?.saltKg ?? 0)).toBeCloseTo(injected?.grams ?? 0, 9);
    }),
  );
});
