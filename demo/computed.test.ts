/** The demo's file against the model it was computed by: who changes the model runs `npm run demo-data` again. */
import { describe, expect, it } from "vitest";
import { computePast, computePrediction } from "./compute";
import { ComputedSchema } from "./computed";
import computedFile from "./computed.json";
import { planInProgress } from "./inProgress";
import { pastRoasts } from "./scenario";

const computed = ComputedSchema.parse(computedFile);
const past = (id: string) => {
  const found = pastRoasts("UTC").find((each) => each.id === id);
  if (!found) throw new Error(`the scenario has no ${id}`);
  return found;
};

describe("the demo's roasts", () => {
  it("are those of the scenario", () => {
    expect(Object.keys(computed.past).sort()).toEqual(
      pastRoasts("UTC")
        .map(({ id }) => id)
        .sort(),
    );
  });

  it("are what the model computes: the chicken in parts, readings and all", () => {
    expect(computePast(past("demo-parts"))).toEqual(computed.past["demo-parts"]);
  });

  it("are what the model computes: the bird in progress as it was predicted", () => {
    const { predicted } = computePrediction(planInProgress(0, "UTC"));
    expect(predicted.pullMinute).toBe(computed.inProgress.pullMinute);
    expect(predicted.shares.p90).toBeCloseTo(computed.inProgress.shares.p90 as number, 3);
  });

  it("show one that came a quarter of an hour late and more", () => {
    const late = computed.past["demo-late"];
    expect(late?.pulledMin).toBeGreaterThan((late?.predicted.pullMinute ?? 0) + 15);
  });
});
