import { describe, expect, it } from "vitest";
import { QuantityError } from "../core/errors";
import { RoastSchema } from "../core/plan/roast";
import { PlanSchema } from "../core/plan/schema";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { faultWords, messageOf } from "./faults";

/** What storing it throws. */
function thrownBy(act: () => unknown): unknown {
  try {
    act();
  } catch (error) {
    return error;
  }
  throw new Error("nothing was thrown");
}

describe("what was thrown", () => {
  it("is one sentence that names the place, where what would be stored is misshapen", () => {
    const roast = sampleRoast();
    const stages = [...roast.plan.stages, { fromMin: 0, airC: 160 }];
    const misshapen = thrownBy(() => RoastSchema.parse({ ...roast, plan: { ...roast.plan, stages } }));
    const place = `plan.stages.${stages.length - 1}.fromMin`;
    expect(messageOf(misshapen)).toBe(`what would come of it cannot be kept (${place}); nothing was changed`);
    expect(faultWords(misshapen)).toBe(messageOf(misshapen));
    expect(messageOf(thrownBy(() => PlanSchema.parse(null)))).toMatch(/\(all of it\)/);
  });

  it("is its own words otherwise, a refused value in the cook's units", () => {
    expect(messageOf(new Error("no roast is stored"))).toBe("no roast is stored");
    expect(messageOf("gone")).toBe("gone");
    const refused = new QuantityError("oven temperature", 400, { kind: "between", low: 60, high: 320, unit: "°C" });
    expect(faultWords(refused)).toMatch(/^oven temperature: got 400 °C/);
    expect(faultWords(refused, "us")).toMatch(/°F/);
    expect(messageOf(new DOMException("full", "QuotaExceededError"))).toMatch(/no room left/);
  });
});
