import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { type Constant, constant, SOURCES, withConstants } from "./sources";

const all = Object.entries(SOURCES) as [keyof typeof SOURCES, Constant][];

describe("the declared constants", () => {
  it.each(all)("%s says what it is, in which unit and from where", (_, { value, unit, what, origin }) => {
    expect(Number.isFinite(value)).toBe(true);
    expect(unit).not.toBe("");
    expect(what.length).toBeGreaterThan(5);
    if (origin.kind === "published") expect(origin.source.length).toBeGreaterThan(5);
    if (origin.kind === "chosen") expect(origin.reason.length).toBeGreaterThan(10);
  });

  it("are all used: a number nobody reads would mislead the handbook", () => {
    const folders = ["core", "app"];
    const code = folders
      .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: "utf8" }).map((name) => join(folder, name)))
      .filter((path) => /\.tsx?$/.test(path) && !/\bsources/.test(path) && !path.includes(".test."))
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
