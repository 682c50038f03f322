import { expect, it } from "vitest";
import { temperatureTicks } from "./temperatureTicks";

it("marks an axis at round temperatures of either unit, none of them off it", () => {
  expect(temperatureTicks(0, 90, "metric").map(({ label }) => label)).toEqual(["0°", "20°", "40°", "60°", "80°"]);
  expect(temperatureTicks(-1, 90, "us").map(({ label }) => label)).toEqual(["50°", "100°", "150°"]);
  for (const { celsius } of temperatureTicks(-1, 90, "us")) expect(celsius).toBeLessThanOrEqual(90);
});
