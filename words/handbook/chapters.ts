/** The handbook's table of contents, in the order of the job. */
import { BUYING, CLEANING, CUTTING, DRESSING, SALTING, THAWING } from "./before";
import type { Chapter, Section } from "./chapter";
import { HEATING, PROBING, RESTING, TROUBLE } from "./cooking";
import { CARVING, CONVERSIONS, GRAVY, KEEPING, SAFETY } from "./table";

const GLOSSARY_CHAPTER: Chapter = {
  id: "glossary",
  title: "Glossary",
  about: "What each word on the screens means, and what others call it.",
  sections: [{ id: "words", title: "One term for one thing", says: () => [], figure: "glossary" }],
};

export const CHAPTERS: readonly Chapter[] = [
  BUYING,
  THAWING,
  CLEANING,
  SALTING,
  CUTTING,
  DRESSING,
  HEATING,
  PROBING,
  TROUBLE,
  RESTING,
  GRAVY,
  CARVING,
  KEEPING,
  SAFETY,
  CONVERSIONS,
  GLOSSARY_CHAPTER,
];

export const chapterById = (id: string): Chapter | undefined => CHAPTERS.find((chapter) => chapter.id === id);

/** @param path "chapter/section" */
export function sectionAt(path: string): { readonly chapter: Chapter; readonly section: Section } | undefined {
  const [chapterId = "", sectionId = ""] = path.split("/");
  const chapter = chapterById(chapterId);
  const section = chapter?.sections.find(({ id }) => id === sectionId);
  return chapter && section && { chapter, section };
}
