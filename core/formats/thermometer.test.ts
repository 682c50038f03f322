import { describe, expect, it } from "vitest";
import { bothSides, PROBES, placeOf, probeOf } from "../bird/probe";
import { ThermometerLineSchema } from "./thermometer";

describe("what a thermometer says", () => {
  it("has one name a place and one place a name", () => {
    for (const probe of PROBES) expect(probeOf(placeOf(probe))).toBe(probe);
    expect(placeOf("left thigh")).toEqual({ part: "thigh", side: "left" });
    expect(() => probeOf({ part: "filling", side: "left" })).toThrow("no probe is called left filling");
  });

  it("asks for both sides of a pair, and for the one middle of a filling", () => {
    expect(bothSides("breast").map(probeOf)).toEqual(["left breast", "right breast"]);
    expect(bothSides("filling").map(probeOf)).toEqual(["filling"]);
  });

  it("refuses a probe, an instant or a temperature that cannot be", () => {
    const line = { at: "2026-09-27T09:00:00Z", probe: "left breast", celsius: 41.5 };
    expect(ThermometerLineSchema.safeParse(line).success).toBe(true);
    for (const wrong of [{ probe: "neck" }, { celsius: 111 }, { celsius: Number.NaN }, { at: "nine" }, { more: 1 }]) {
      expect(ThermometerLineSchema.safeParse({ ...line, ...wrong }).success).toBe(false);
    }
  });
});
