import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { Link } from "react-router";
import { heldOf, logRow } from "../../../core/log/rows";
import type { Roast } from "../../../core/plan/schema";
import { isReadable, storedRoasts } from "../../../storage/listing";
import { heldWords } from "../../../words/log";
import { titleShown } from "../../../words/titles";
import { database } from "../../shell/database";
import { useHabits } from "../../shell/preferences";
import { Bin } from "./Bin";
import { LogTable } from "./LogTable";
import type { Line } from "./line";

/** Every roast that came out: what was said of it, what came of it, and what to do otherwise. */
export function LogScreen() {
  const reader = useHabits();
  const roasts = useLiveQuery(() => storedRoasts(database()), []);
  const lines = useMemo(
    () =>
      (roasts ?? []).filter(isReadable).flatMap((roast: Roast): Line[] => {
        const row = logRow(roast);
        return row ? [{ ...row, title: titleShown(roast, reader), roast }] : [];
      }),
    [roasts, reader],
  );
  const held = heldOf(lines);
  return (
    <div className="py-4">
      <h1 className="text-4xl">What came of them</h1>
      {held && <p className="mt-2 max-w-prose text-lg text-soft">{heldWords(held)}</p>}
      {roasts && lines.length === 0 && (
        <p className="mt-3 max-w-prose text-lg text-soft">
          Nothing has come out yet. Every roast stands here once it has:{" "}
          <Link to="/" className="underline">
            start one
          </Link>
          .
        </p>
      )}
      {lines.length > 0 && <LogTable lines={lines} />}
      <Bin />
    </div>
  );
}
