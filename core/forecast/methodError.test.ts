import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { CASES } from "../../tests/outside/cases";
import { constant } from "../constants";
import { methodErrorShare } from "./methodError";

const dial = { fromMin: 0, airC: 180 };

describe("what the model may be off by", () => {
  it("is more at a fire, under a cover and on a stone than of a bare bird in an oven", () => {
    const plain = methodErrorShare({ stages: [dial] });
    expect(plain).toBe(constant("planErrorShare"));
    expect(methodErrorShare({ stages: [{ ...dial, shield: "tips", surface: "pan" }], source: "fan-oven" })).toBe(plain);
    for (const source of ["smoker", "covered-grill", "spit"] as const) {
      expect(methodErrorShare({ stages: [dial], source })).toBe(constant("fireErrorShare"));
    }
    for (const cover of [
      { shield: "all" },
      { shield: "breast-and-tips" },
      { wrap: "lid" },
      { wrap: "foil" },
    ] as const) {
      expect(methodErrorShare({ stages: [dial, { ...dial, fromMin: 40, ...cover }] })).toBe(
        constant("coveredErrorShare"),
      );
    }
  });

  it("is the most of what its methods are missed by", () => {
    const onStone = methodErrorShare({ stages: [{ ...dial, surface: "hot-stone", shield: "breast" }] });
    expect(onStone).toBe(constant("stoneErrorShare"));
    expect(onStone).toBeGreaterThan(methodErrorShare({ stages: [dial], source: "smoker" }));
  });

  it("is of the size of what practice is missed by, less what its birds and ovens differ by", () => {
    const { cases } = JSON.parse(readFileSync("tools/fitted.json", "utf8")) as {
      cases: readonly { id: string; errorAgainstMiddle: number }[];
    };
    const missed = (isOf: (args: string) => boolean): number => {
      const own = CASES.filter(
        ({ origin, read, args }) => origin === "practice" && read === "pull minutes" && isOf(args),
      );
      const squares = own.map(({ id }) => {
        const { errorAgainstMiddle = Number.NaN } = cases.find((each) => each.id === id) ?? {};
        return Math.log1p(errorAgainstMiddle) ** 2;
      });
      return squares.reduce((sum, each) => sum + each, 0) / squares.length;
    };
    // One deviation of the prior's own birds: half-width of a plan's band without this, over 1.28.
    // What stands upright over one is of a kind of its own, as on the science page.
    const isAtAFire = (args: string): boolean => /smoker|grill|spit/.test(args) && !args.includes("surface=stand");
    const atAFire = Math.sqrt(missed(isAtAFire) - 0.12 ** 2);
    // Birds in a bag are met, and have the same doubt all the same: there are four of them, of one kind.
    const isCovered = (args: string): boolean => /shield|wrap=(?!bag)/.test(args) && !args.includes("stone");
    const covered = Math.sqrt(missed(isCovered) - 0.09 ** 2);
    expect(constant("fireErrorShare")).toBeCloseTo(atAFire, 1.5);
    expect(constant("coveredErrorShare")).toBeCloseTo(covered, 1.5);
  });
});
