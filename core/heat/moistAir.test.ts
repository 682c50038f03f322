import { describe, expect, it } from "vitest";
import { airDrive, SATURATED_DRIVE, saturatedDrive, saturationPa } from "./moistAir";

describe("moist air", () => {
  it("has the saturation pressures of the steam tables (Wagner and Pruß 2002, from memory) within 1 %", () => {
    for (const [celsius, pascal] of [
      [0, 611.2],
      [20, 2339],
      [60, 19_946],
      [80, 47_414],
      [98, 94_390],
    ] as const) {
      expect(saturationPa(celsius) / pascal).toBeGreaterThan(0.99);
      expect(saturationPa(celsius) / pascal).toBeLessThan(1.01);
    }
  });

  it("drives ever more vapour off a warmer surface, past boiling too, and never loses a number", () => {
    SATURATED_DRIVE.forEach((drive, n) => {
      expect(Number.isFinite(drive)).toBe(true);
      if (n > 0) expect(drive).toBeGreaterThan(SATURATED_DRIVE[n - 1] as number);
    });
  });

  it("is in balance with air saturated at the same temperature", () => {
    for (const celsius of [4, 21, 60, 90])
      expect(saturatedDrive(celsius)).toBeCloseTo(airDrive(saturationPa(celsius)), 3);
  });
});
