import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { changedNow } from "../day/whatIf";
import { withDarker } from "./edits";

const { plan } = sampleRoast();

describe("a side that is darker", () => {
  it("makes the oven hotter there from now on, so that turning the tray is offered", () => {
    expect(changedNow("rotate", { plan, nowMin: 60, readC: {} })).toBeNull();
    const seen = withDarker("left", 0)(plan);
    expect(seen.equipment.hotSideK).toBeGreaterThan(0);
    expect(seen.stages[0]?.towardsHot).toBe("left");
    expect(changedNow("rotate", { plan: seen, nowMin: 60, readC: {} })?.stages.at(-1)?.towardsHot).toBe("right");
  });

  it("keeps what the kitchen is known to have, and an even bird says that there is none", () => {
    const uneven = { ...plan, equipment: { ...plan.equipment, hotSideK: 30 } };
    expect(withDarker("legs", 0)(uneven).equipment.hotSideK).toBe(30);
    expect(withDarker("even", 0)(uneven).equipment.hotSideK).toBe(0);
    expect(withDarker("even", 0)(plan).stages).toEqual(plan.stages);
  });
});
