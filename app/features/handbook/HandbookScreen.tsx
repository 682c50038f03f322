import { Search } from "lucide-react";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { CHAPTERS } from "../../../words/handbook/chapters";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { BackLink, useCameFrom } from "./BackLink";
import { handbookSearch } from "./search";

/** The table of contents, and a search over all of it. */
export function HandbookScreen() {
  const reader = useHabits();
  const cameFrom = useCameFrom();
  const search = useMemo(() => handbookSearch(reader), [reader]);
  const [query, setQuery] = useState("");
  const found = query.trim() === "" ? null : search(query);
  return (
    <div className="grid gap-5 py-4">
      <BackLink />
      <div className="flex flex-wrap items-end justify-between gap-4">
        <PageHeading className="text-4xl">Handbook</PageHeading>
        <label className="relative w-full max-w-96">
          <span className="sr-only">Search the handbook</span>
          <Search aria-hidden className="absolute left-3.5 top-3.5 size-5 text-soft" />
          <input
            type="search"
            value={query}
            onChange={(event) => setQuery(event.target.value)}
            placeholder="wash, pink, how deep, gravy too salty …"
            autoComplete="off"
            className="min-h-12 w-full rounded-full border border-line-strong bg-mist-1 pl-11 pr-4 text-lg"
          />
        </label>
      </div>
      {found ? (
        <section aria-label="Found" className="grid gap-1">
          {found.length === 0 && <p className="text-lg">Nothing about that. Fewer words find more.</p>}
          <ul className="grid">
            {found.slice(0, 20).map(({ to, title, chapter }) => (
              <li key={to}>
                <Link
                  to={`/handbook/${to}`}
                  state={cameFrom}
                  className="flex min-h-12 flex-wrap items-baseline gap-x-3 rounded-xl px-3 py-2 text-lg hover:bg-mist-2"
                >
                  <span className="font-semibold">{title}</span>
                  <span className="text-base text-soft">{chapter}</span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ) : (
        <nav aria-label="Chapters">
          <ol className="grid grid-cols-3 gap-3 max-lg:grid-cols-2 max-sm:grid-cols-1">
            {CHAPTERS.map(({ id, title, about }) => (
              <li key={id}>
                <Link
                  to={`/handbook/${id}`}
                  state={cameFrom}
                  className="grid h-full content-start gap-1 rounded-2xl border border-line bg-mist-1 px-4 py-3 hover:border-line-strong"
                >
                  <span className="font-display text-xl font-semibold">{title}</span>
                  <span className="text-soft">{about}</span>
                </Link>
              </li>
            ))}
            <li>
              <Link
                to="/handbook/numbers"
                state={cameFrom}
                className="grid h-full content-start gap-1 rounded-2xl border border-line bg-mist-1 px-4 py-3 hover:border-line-strong"
              >
                <span className="font-display text-xl font-semibold">Every number and its origin</span>
                <span className="text-soft">What is computed with, what it does to a roast, and where it is from.</span>
              </Link>
            </li>
          </ol>
        </nav>
      )}
      <p className="max-w-prose text-soft">
        Bruma computes; it replaces neither a thermometer nor your local food-safety authority.{" "}
        <a href="/licences.txt" className="underline underline-offset-4">
          Licences
        </a>
      </p>
    </div>
  );
}
