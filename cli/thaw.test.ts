import { describe, expect, it } from "vitest";
import { bruma } from "../tests/helpers/command";

describe("thaw", () => {
  it("says when the last ice is gone", () => {
    const { status, stdout } = bruma(
      "thaw",
      "--species",
      "chicken",
      "--mass",
      "4lb",
      "--in",
      "water",
      "--medium",
      "12C",
      "--from",
      "-18C",
    );
    expect(status).toBe(0);
    const { hours, waterChanges, series } = JSON.parse(stdout);
    expect(hours).toBeGreaterThan(1);
    expect(waterChanges).toBe(Math.floor(hours * 2));
    expect(series.at(-1).coldestC).toBeGreaterThan(-1.1);
  });

  it("ends with exit 3 where nothing thaws", () => {
    const { status, stderr } = bruma(
      "thaw",
      "--species",
      "chicken",
      "--mass",
      "0.6kg",
      "--in",
      "fridge",
      "--medium",
      "-2C",
    );
    expect(status).toBe(3);
    expect(stderr).toMatch(/^never thawed: highest at the coldest point was -\d/);
  });

  it.each([
    [["thaw", "--mass", "14lb", "--in", "oven", "--medium", "3C"], "--in: got oven"],
    [["thaw", "--mass", "14lb", "--medium", "90C"], "fridge temperature: got 90"],
    [["thaw", "--medium", "3C"], "--mass is missing"],
  ])("%j is refused with exit 2", (args, says) => {
    const { status, stderr } = bruma(...args);
    expect(status).toBe(2);
    expect(stderr).toContain(says);
  });
});
