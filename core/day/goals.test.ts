import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import type { Plan } from "../plan/schema";
import { goalsInHeat } from "./goals";

const { plan } = sampleRoast();
const targetC = { breast: 74, thigh: 74 };
const after = (finish: Plan["finish"]): Plan => ({ ...plan, targetC, finish });
const rested = after({ kind: "after-rest" });
/** Three degrees more at rest, and nothing to spare. */
const cook = {
  atPull: { centresC: { breast: 71, thigh: 78 }, coldestC: 69 },
  peak: { breast: { celsius: 74, minute: 20 }, thigh: { celsius: 80, minute: 10 } },
  marginK: { breast: 0, thigh: 0 },
} as unknown as NonNullable<Parameters<typeof goalsInHeat>[1]>;

describe("what a bird has to show in its heat", () => {
  it("is what its rest takes to the target, the target itself where it is to be seen before", () => {
    expect(goalsInHeat({ plan: rested, happened: {} }, cook)).toEqual({ breast: 71, thigh: 72 });
    expect(goalsInHeat({ plan: after({ kind: "at-pull" }), happened: {} }, cook)).toEqual(targetC);
    expect(goalsInHeat({ plan: rested, happened: {} }, null)).toEqual(targetC);
  });

  it("is the target once it had to go back in, and nothing of what has left", () => {
    const outs = [{ at: "2026-11-26T15:00:00.000Z", backAt: "2026-11-26T15:20:00.000Z" }];
    expect(goalsInHeat({ plan: rested, happened: { outs } as never }, cook)).toEqual(targetC);
    const left = [{ piece: "thigh" as const, at: "2026-11-26T15:00:00.000Z" }];
    expect(goalsInHeat({ plan: rested, happened: { left } as never }, cook)).toEqual({ breast: 71 });
  });
});
