import { useEffect } from "react";
import { Link, useLocation, useParams } from "react-router";
import { type Block, type Section, writeFor } from "../../../words/handbook/chapter";
import { CHAPTERS, chapterById, sectionAt } from "../../../words/handbook/chapters";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { Caution } from "../../ui/Caution";
import type { CameFrom } from "../../ui/Why";
import { BackLink, useCameFrom } from "./BackLink";
import { Figure } from "./Figure";

/** A chapter of the handbook; an address that names one of its sections opens it there. */
export function ChapterScreen() {
  const { chapter: chapterId = "", section: sectionId } = useParams();
  const { hash } = useLocation();
  const reader = useHabits();
  const cameFrom = useCameFrom();
  const chapter = chapterById(chapterId);
  const at = hash ? hash.slice(1) : sectionId;
  useEffect(() => {
    const place = at ? document.getElementById(at) : null;
    if (place) {
      place.scrollIntoView({ block: "start" });
      place.focus({ preventScroll: true });
    } else window.scrollTo({ top: 0 });
  }, [at]);
  if (!chapter) {
    return (
      <p className="py-6 text-lg">
        There is no chapter “{chapterId}”.{" "}
        <Link to="/handbook" className="underline underline-offset-4">
          To the handbook
        </Link>
      </p>
    );
  }
  const n = CHAPTERS.indexOf(chapter);
  const [before, after] = [CHAPTERS[n - 1], CHAPTERS[n + 1]];
  const write = writeFor(reader);
  return (
    <div className="grid grid-cols-[14rem_minmax(0,44rem)] items-start gap-x-12 gap-y-4 py-4 max-lg:grid-cols-1">
      <nav aria-label="Chapters" className="sticky top-4 grid gap-0.5 text-[0.95rem] max-lg:hidden print:hidden">
        <Link to="/handbook" state={cameFrom} className="mb-1 font-semibold hover:underline">
          Handbook
        </Link>
        {CHAPTERS.map(({ id, title }) => (
          <Link
            key={id}
            to={`/handbook/${id}`}
            state={cameFrom}
            aria-current={id === chapter.id ? "page" : undefined}
            className="rounded-lg px-2 py-0.5 text-soft hover:bg-mist-2 aria-[current=page]:bg-mist-2 aria-[current=page]:font-semibold aria-[current=page]:text-ink"
          >
            {title}
          </Link>
        ))}
      </nav>
      <article className="grid grid-cols-1 gap-7">
        <header className="grid gap-2">
          <BackLink />
          <Link
            to="/handbook"
            state={cameFrom}
            className="text-soft underline underline-offset-4 lg:hidden print:hidden"
          >
            Handbook
          </Link>
          <PageHeading className="text-4xl">{chapter.title}</PageHeading>
        </header>
        {chapter.sections.map((section) => (
          <SectionView key={section.id} section={section} blocks={section.says(write)} cameFrom={cameFrom} />
        ))}
        <nav
          aria-label="Before and after"
          className="flex flex-wrap justify-between gap-3 border-t border-line pt-4 print:hidden"
        >
          {before && (
            <Link to={`/handbook/${before.id}`} state={cameFrom} className="underline underline-offset-4">
              {before.title}
            </Link>
          )}
          {after && (
            <Link to={`/handbook/${after.id}`} state={cameFrom} className="ml-auto underline underline-offset-4">
              {after.title}
            </Link>
          )}
        </nav>
      </article>
    </div>
  );
}

interface SectionProps {
  readonly section: Section;
  readonly blocks: readonly Block[];
  readonly cameFrom: CameFrom | null;
}

function SectionView({ section: { id, title, figure, see = [] }, blocks, cameFrom }: SectionProps) {
  return (
    <section aria-labelledby={id} className="grid grid-cols-1 gap-3 text-lg leading-relaxed">
      <h2 id={id} tabIndex={-1} className="scroll-mt-4 text-2xl leading-tight outline-none">
        {title}
      </h2>
      {blocks.map((block, n) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: blocks stand in their order
        <BlockView key={n} block={block} />
      ))}
      {figure && (
        <figure className="rounded-2xl border border-line bg-mist-1 px-4 py-3 text-base leading-normal">
          <Figure id={figure} />
        </figure>
      )}
      {see.length > 0 && (
        <p className="text-base text-soft print:hidden">
          {see.map((path, n) => {
            const there = sectionAt(path);
            return (
              <span key={path}>
                {n === 0 ? "See also " : ", "}
                <Link to={`/handbook/${path}`} state={cameFrom} className="underline underline-offset-4">
                  {there?.section.title}
                </Link>
              </span>
            );
          })}
        </p>
      )}
    </section>
  );
}

function BlockView({ block }: { readonly block: Block }) {
  if (typeof block === "string") return <p>{block}</p>;
  if ("caution" in block) return <Caution>{block.caution}</Caution>;
  const ordered = "steps" in block;
  const List = ordered ? "ol" : "ul";
  return (
    <List className={`grid gap-1.5 pl-6 ${ordered ? "list-decimal" : "list-disc"}`}>
      {(ordered ? block.steps : block.list).map((item) => (
        <li key={item}>{item}</li>
      ))}
    </List>
  );
}
