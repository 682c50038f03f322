import { describe, expect, it } from "vitest";
import { bruma } from "../tests/helpers/command";

describe("salt", () => {
  it.each([
    [["salt", "--mass", "14lb", "--salt", "rock"], "--salt: got rock"],
    [["salt", "--mass", "14lb", "--method", "brine", "--water", "1L"], "water for the brine: got 1"],
    [["salt", "--mass", "14lb", "--method", "brine", "--water", "much"], "volume: got much"],
    [["salt", "--mass", "14lb", "--percent", "much"], "--percent: got much"],
    [["salt", "--mass", "14lb", "--hours", "900"], "salting time: got 900"],
  ])("%j is refused with exit 2", (args, says) => {
    const { status, stderr } = bruma(...args);
    expect(status).toBe(2);
    expect(stderr).toContain(says);
  });

  it("weighs one per cent, in the spoons of the cook's own kind, and says where it has got to", () => {
    const salt = (...args: readonly string[]) =>
      JSON.parse(bruma("salt", "--species", "chicken", "--mass", "1.8kg", ...args).stdout);
    // At the command's own grid; the bath's balance does not depend on it.
    const dry = salt("--method", "dry", "--salt", "light-flake", "--hours", "24");
    expect(dry).toMatchObject({ grams: 18, teaspoons: 6, spoons: "2 tbsp", percentOfBought: 1 });
    expect(dry.meatPercent.surfaceCentimetre).toBeGreaterThan(dry.meatPercent.whole);
    expect(dry.meatPercent.breastCentre).toBeLessThan(0.3);
    const bath = salt("--method", "equilibrium", "--hours", "48", "--water", "3L", "--grid", "8mm");
    expect(bath.equilibriumPercent).toBeCloseTo(1, 6);
    expect(bath.meatPercent.whole).toBeLessThan(1);
  });

  it.each([
    ["4qt", 3.8],
    ["3500 mL", 3.5],
    ["4", 4],
  ])("takes %s of water as the screens do", (water, waterLitres) => {
    const { stdout } = bruma(
      ...["salt", "--species", "chicken", "--mass", "1.8kg", "--method", "brine", "--hours", "1"],
      ...["--water", water, "--grid", "12mm"],
    );
    expect(JSON.parse(stdout)).toMatchObject({ waterLitres, gramsPerLitre: 65 });
  });
});
