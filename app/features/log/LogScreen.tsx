import { useLiveQuery } from "dexie-react-hooks";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { heldOf, logRow } from "../../../core/log/rows";
import type { Roast } from "../../../core/plan/roast";
import { isReadable, storedRoasts } from "../../../storage/listing";
import { heldWords } from "../../../words/log";
import { titleShown } from "../../../words/titles";
import { database } from "../../shell/database";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { Toggle } from "../../ui/Toggle";
import { Believed } from "./Believed";
import { Bin } from "./Bin";
import { HeldByKind } from "./HeldByKind";
import { LogTable } from "./LogTable";
import type { Line } from "./line";

/** Every roast that came out: what was said of it, what came of it, and what to do otherwise. */
export function LogScreen() {
  const reader = useHabits();
  const roasts = useLiveQuery(() => storedRoasts(database()), []);
  const [showsArchived, setShowsArchived] = useState(false);
  const all = useMemo(
    () =>
      (roasts ?? []).filter(isReadable).flatMap((roast: Roast): Line[] => {
        const row = logRow(roast);
        return row ? [{ ...row, title: titleShown(roast, reader), roast }] : [];
      }),
    [roasts, reader],
  );
  const hasArchived = all.some(({ isArchived }) => isArchived);
  // The last one that leaves the archive takes its switch along.
  const inArchive = showsArchived && hasArchived;
  const lines = useMemo(() => all.filter(({ isArchived }) => isArchived === inArchive), [all, inArchive]);
  const held = heldOf(lines);
  return (
    <div className="py-4">
      <div className="flex flex-wrap items-start gap-x-10 gap-y-4">
        <div className="min-w-64 max-w-prose grow basis-96">
          <PageHeading className="text-4xl" title="Log">
            What came of them
          </PageHeading>
          {held && <p className="mt-2 text-lg text-soft">{heldWords(held)}</p>}
          {held && <HeldByKind lines={lines} />}
          {held && held.roasts > 1 && (
            <p className="mt-2 text-soft">
              In the picture every roast is one bar, as wide as its give or take. On the dashed line it was out to the
              minute; above it later than said, below it sooner. A ring came out outside its bar.
            </p>
          )}
        </div>
        {held && <Believed lines={lines} says={heldWords(held)} />}
      </div>
      {roasts && all.length === 0 && (
        <p className="mt-3 max-w-prose text-lg text-soft">
          Nothing has come out yet. Every roast stands here once it has:{" "}
          <Link to="/" className="underline">
            start one
          </Link>
          .
        </p>
      )}
      {hasArchived && (
        <div className="mt-3">
          <Toggle label="Those that are archived" checked={inArchive} onChange={setShowsArchived} />
        </div>
      )}
      {lines.length > 0 && <LogTable lines={lines} />}
      <Bin />
    </div>
  );
}
