/** One term for one thing, over the text of every screen: what the glossary gives as another name is said nowhere else. */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

/** Left to laboratories, or another name of something that has one in the glossary. */
const BANNED =
  /\b(jointed|[Jj]oint it|clean and joint|broken down|butterflied|thermal cent(?:re|er)|decimal reductions?|log reductions?|lethality|to balance|% of the doubt|roasting pan|the filling|a flat bird|convective|heat-transfer coefficient)\b/;
/** Where terms are explained, and where constants are told in the field's own. */
const EXPLAINED = ["glossary.ts", "constants.ts", "speciesNumbers.ts"];

const files = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !entry.name.includes(".test."))
    .filter(({ name }) => !EXPLAINED.includes(name))
    .map((entry) => join(entry.parentPath, entry.name));

/** What is neither a comment nor brought in. */
const spoken = (path: string): string[] =>
  readFileSync(path, "utf8")
    .replaceAll(/\/\*[\s\S]*?\*\//g, (comment) => comment.replaceAll(/[^\n]/g, ""))
    .split("\n")
    .map((line) => line.replace(/(^|\s)\/\/.*$/, ""))
    .filter((line) => !/^(import .*| *\} )from "/.test(line));

describe("the words of the screens", () => {
  const all = ["words", "app"].flatMap(files);

  it("has no other name for anything", () => {
    expect(all.length).toBeGreaterThan(150);
    const found = all.flatMap((path) =>
      spoken(path).flatMap((line) => (BANNED.test(line) ? [`${path}: ${line}`] : [])),
    );
    expect(found).toEqual([]);
  });
});
