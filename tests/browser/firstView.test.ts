/** What the first view fetches, by what its scripts ask for in turn: read from the build, so that it needs no browser. */

import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { expect, it } from "vitest";

const ASSETS = "dist/assets";
/** As much as issue and bench ask for, kB. */
const MOST_KB = 200;

const textOf = (name: string): string => readFileSync(`${ASSETS}/${name}`, "utf8");
const found = (text: string, pattern: RegExp): string => {
  const name = pattern.exec(text)?.[1];
  if (name === undefined) throw new Error(`the build has no ${pattern}`);
  return name;
};

/** A script and all that it cannot begin without. */
function withAll(name: string, known = new Set<string>()): Set<string> {
  if (known.has(name)) return known;
  known.add(name);
  for (const [, asked = ""] of textOf(name).matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g))
    withAll(asked, known);
  return known;
}

it("is list, form and frame, and not what only a finished plan needs", () => {
  const entry = found(readFileSync("dist/index.html", "utf8"), /src="\/assets\/(index-[^"]+\.js)"/);
  // The one that holds the screen, of all that are called so, opens the form.
  const screen = found(textOf(entry), /import\(`\.\/(roasts-[^`]+\.js)`\)/);
  const form = found(textOf(screen), /import\(`\.\/(StartForm-[^`]+\.js)`\)/);
  const scripts = [...withAll(form, withAll(screen, withAll(entry)))];
  expect(scripts.length).toBeGreaterThan(8);
  expect(scripts.filter((name) => /^(derive|planned|edits|DayService)-/.test(name))).toEqual([]);
  const kilobytes = scripts.reduce((sum, name) => sum + gzipSync(textOf(name)).length, 0) / 1000;
  expect(kilobytes).toBeLessThan(MOST_KB);
});
