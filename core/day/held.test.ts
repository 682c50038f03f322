import fc from "fast-check";
import { expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { foretold } from "../plan/byTime";
import { holdDialC, unheld } from "../plan/holding";
import { heldUntilMin } from "./held";
import { changedNow } from "./whatIf";

const { plan } = sampleRoast();
const held = changedNow("hold", { plan, nowMin: 100 });
if (!held) throw new Error("an oven can hold a bird");
const done = {
  plan: { ...plan, stages: held.stages },
  stagesDone: held.done,
  reached: true,
  nowMin: 120,
  outByMin: 200,
};

it("is held by the change that what if makes, until it has to rest", () => {
  expect(held.stages.at(-1)?.airC).toBe(holdDialC(plan.equipment.dial));
  expect(heldUntilMin(done)).toBe(200);
  expect(heldUntilMin({ ...done, nowMin: 200 })).toBeNull();
});

it("is not held where it is not done, in the heat that cooks it, or where no dinner waits", () => {
  expect(heldUntilMin({ ...done, reached: false })).toBeNull();
  expect(heldUntilMin({ ...done, plan })).toBeNull();
  // Not yet turned down.
  expect(heldUntilMin({ ...done, stagesDone: 0 })).toBeNull();
  expect(heldUntilMin({ ...done, outByMin: Number.POSITIVE_INFINITY })).toBeNull();
});

it("is cooked by the heat that it had before, another time", () => {
  expect(unheld(done.plan, held.done)).toEqual(plan.stages);
  expect(unheld(plan, 0)).toEqual(plan.stages);
  // Planned so from the start, it is no holding.
  const low = { ...plan, stages: [{ fromMin: 0, airC: holdDialC(plan.equipment.dial) }] };
  expect(unheld(low, 0)).toEqual(low.stages);
});

it("never keeps a bird from its shortest rest", () => {
  const min = fc.integer({ min: 0, max: 600 });
  fc.assert(
    fc.property(min, min, fc.boolean(), (nowMin, outByMin, reached) => {
      const until = heldUntilMin({ ...done, nowMin, outByMin, reached });
      expect(until === null || (until === outByMin && until > nowMin)).toBe(true);
    }),
  );
});

it("comes out when dinner wants it: against what was foretold of it that is no miss", () => {
  const at = "2026-09-27T10:00:00.000Z";
  const predicted = { pullP10At: at, pullP50At: at, pullP90At: at, pullC: {} };
  const roast = { plan: { ...plan, stages: held.stages }, happened: { inAt: at, predicted } };
  expect(foretold(roast)).toBe(predicted);
  expect(foretold({ ...roast, happened: { ...roast.happened, stagesDone: held.done } })).toBeUndefined();
});
