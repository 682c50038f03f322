import { describe, expect, it } from "vitest";
import { foreignIn, READERS } from "../../tests/helpers/readers";
import { GLOSSARY } from "../glossary";
import { WHYS } from "../whys";
import { FIGURES, plainText, writeFor } from "./chapter";
import { CHAPTERS, sectionAt } from "./chapters";

const sections = CHAPTERS.flatMap((chapter) => chapter.sections.map((section) => ({ chapter, section })));
const pathOf = ({ chapter, section }: (typeof sections)[number]): string => `${chapter.id}/${section.id}`;

describe("the handbook", () => {
  it("has an address of its own for every section, chapter and term", () => {
    const paths = sections.map(pathOf);
    expect(new Set(paths).size).toBe(paths.length);
    expect(new Set(CHAPTERS.map(({ id }) => id)).size).toBe(CHAPTERS.length);
    expect(new Set(GLOSSARY.map(({ id }) => id)).size).toBe(GLOSSARY.length);
  });

  it("leads nowhere that is not there: from its own pages and from every why", () => {
    for (const { section } of sections)
      for (const path of section.see ?? []) expect(sectionAt(path), path).toBeDefined();
    for (const { to } of Object.values(WHYS)) expect(sectionAt(to), to).toBeDefined();
  });

  it("shows every figure it has", () => {
    expect(new Set(sections.flatMap(({ section }) => section.figure ?? []))).toEqual(new Set(FIGURES));
  });

  it.each(["metric", "us"] as const)("is written in %s units only", (units) => {
    const write = writeFor(READERS[units]);
    for (const { chapter, section } of sections.filter((each) => each.chapter.id !== "conversions")) {
      const text = plainText(section, write);
      expect(foreignIn(text, units), `${chapter.id}/${section.id}`).toBe("");
      expect(text).not.toMatch(/NaN|undefined|null/);
    }
  });

  it("says what the guidance is and whom to follow", () => {
    const safety = CHAPTERS.find(({ id }) => id === "safety");
    const text = (safety?.sections ?? []).map((section) => plainText(section, writeFor(READERS.us))).join("\n");
    expect(text).toContain("165 °F");
    expect(text).toContain("40 °F or below");
    expect(text).toContain("local food-safety authority");
  });
});
