import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { CONSTANTS, constant, withConstants } from "./constants";
import type { Constant } from "./origin";

const all = Object.entries(CONSTANTS) as [keyof typeof CONSTANTS, Constant][];

describe("the declared constants", () => {
  it.each(all)("%s has a value, a unit and an origin", (_, { value, unit, origin }) => {
    expect(Number.isFinite(value)).toBe(true);
    expect(unit).not.toBe("");
    if (origin.kind === "published") expect(origin.source.length).toBeGreaterThan(5);
  });

  it("are all used: a number nobody reads would mislead the handbook", () => {
    const folders = ["core", "app"];
    const code = folders
      .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: "utf8" }).map((name) => join(folder, name)))
      .filter((path) => /\.tsx?$/.test(path) && !/\bconstants/.test(path) && !path.includes(".test."))
      .map((path) => readFileSync(path, "utf8"))
      .join("\n");
    const unused = all.map(([name]) => name).filter((name) => !code.includes(`"${name}"`));
    expect(unused).toEqual([]);
  });

  it("can be tried with other values and come back, even when the trial fails", () => {
    const usual = constant("kitchenC");
    expect(withConstants({ kitchenC: 30 }, () => constant("kitchenC"))).toBe(30);
    expect(() =>
      withConstants({ kitchenC: 30 }, () => {
        throw new Error("trial");
      }),
    ).toThrow("trial");
    expect(constant("kitchenC")).toBe(usual);
  });
});
