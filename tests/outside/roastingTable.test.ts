import { beforeAll, describe, expect, it } from "vitest";
import { loadKernel } from "../../cli/loadKernel";
import { simulate } from "../../cli/simulate";

interface Simulated {
  readonly pullMinutes: number;
  readonly pullBand: { readonly p10: number; readonly p90: number };
  readonly atPull: { readonly breastC: number; readonly thighC: number; readonly coldestC: number };
  readonly rest: { readonly peakBreastC: number };
}

const run = (...args: readonly string[]): Simulated => simulate(args) as Simulated;

/** USDA FSIS roasting table, unstuffed turkey at 325 °F (from memory): middle of each row, and its range in minutes. */
const ROWS = [
  { pounds: 10, low: 165, high: 180 },
  { pounds: 13, low: 180, high: 225 },
  { pounds: 16, low: 225, high: 255 },
  { pounds: 19, low: 255, high: 270 },
  { pounds: 22, low: 270, high: 300 },
];

describe("published roasting table (USDA FSIS, unstuffed turkey at 325 °F)", () => {
  beforeAll(() => void loadKernel());

  it.each(ROWS)("$pounds lb is done within $low to $high minutes", ({ pounds, low, high }) => {
    const result = run("--mass", `${pounds}lb`, "--stage", "325F@0m", "--until", "breast=74C,thigh=74C");
    expect(result.pullMinutes).toBeGreaterThanOrEqual(low);
    expect(result.pullMinutes).toBeLessThanOrEqual(high);
    expect(result.pullBand.p10).toBeLessThan(result.pullMinutes);
    expect(result.pullBand.p90).toBeGreaterThan(result.pullMinutes);
  });
});

describe("common practice, as check values", () => {
  beforeAll(() => void loadKernel());

  it("a spatchcocked 12 lb turkey at 450 °F on a rack: 75 to 85 min to 63–66 °C in the breast, within 15 %", () => {
    const { pullMinutes } = run(
      "--cut",
      "spatchcock",
      "--mass",
      "12lb",
      "--stage",
      "450F@0m",
      "--until",
      "breast=64.5C",
    );
    expect(pullMinutes).toBeGreaterThan(75 * 0.85);
    expect(pullMinutes).toBeLessThan(85 * 1.15);
  });

  it("a spatchcocked turkey takes far less time than the same bird whole", () => {
    const until = ["--mass", "12lb", "--stage", "325F@0m", "--until", "breast=74C,thigh=74C", "--grid", "8mm"];
    const flat = run("--cut", "spatchcock", ...until).pullMinutes;
    expect(flat / run(...until).pullMinutes).toBeLessThan(0.8);
  });

  it("pulled at 68 °C breast, 30 min of rest carry it to about 71 °C", () => {
    const { rest } = run(
      "--mass",
      "12lb",
      "--stage",
      "325F@0m",
      "--until",
      "breast=68C",
      "--rest",
      "30m,cover=foil",
      "--grid",
      "7mm",
    );
    expect(rest.peakBreastC).toBeGreaterThan(67);
    expect(rest.peakBreastC).toBeLessThan(75);
  });
});
