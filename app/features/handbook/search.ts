/** Search over all of the handbook: sections and glossary. */
import MiniSearch from "minisearch";
import { GLOSSARY } from "../../../words/glossary";
import { plainText, writeFor } from "../../../words/handbook/chapter";
import { CHAPTERS } from "../../../words/handbook/chapters";
import type { Reader } from "../../../words/time";

export interface Found {
  /** "chapter/section", or "glossary/words#term" */
  readonly to: string;
  readonly title: string;
  readonly chapter: string;
}

interface Entry extends Found {
  readonly id: string;
  readonly text: string;
}

/** @returns what a search finds, best first */
export function handbookSearch(reader: Reader): (query: string) => readonly Found[] {
  const write = writeFor(reader);
  const entries: Entry[] = [
    ...CHAPTERS.flatMap((chapter) =>
      chapter.sections.map((section) => ({
        id: `${chapter.id}/${section.id}`,
        to: `${chapter.id}/${section.id}`,
        title: section.title,
        chapter: chapter.title,
        text: `${plainText(section, write)}\n${chapter.about}`,
      })),
    ),
    ...GLOSSARY.map(({ id, term, also = "", means }) => ({
      id: `glossary ${id}`,
      to: `glossary/words#${id}`,
      title: term,
      chapter: "Glossary",
      text: `${also}\n${means}`,
    })),
  ];
  const index = new MiniSearch<Entry>({
    fields: ["title", "chapter", "text"],
    storeFields: ["to", "title", "chapter"],
    searchOptions: { boost: { title: 3, chapter: 1.5 }, prefix: true, fuzzy: 0.3, combineWith: "AND" },
  });
  index.addAll(entries);
  return (query) => index.search(query).map(({ to, title, chapter }) => ({ to, title, chapter }) as Found);
}
