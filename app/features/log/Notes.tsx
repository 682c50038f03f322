import { useCallback, useEffect, useRef, useState } from "react";
import { notesWith } from "../../../core/plan/notes";
import { MOST_NOTES, type Roast } from "../../../core/plan/roast";
import { changeRoast } from "../../../storage/roasts";
import { soon } from "../../shell/clock";
import { database } from "../../shell/database";
import { stored } from "../../shell/stored";

/** A hand that rests so long has written something down, ms. */
const RESTS_MS = 800;

interface Props {
  readonly roast: Pick<Roast, "id" | "notes">;
  readonly isClosed: boolean;
}

/** What to change and what to keep: stored while it is written, whatever becomes of the page, beside what comes from elsewhere. */
export function Notes({ roast: { id, notes }, isClosed }: Props) {
  /** Under the hand; null: as they are stored. */
  const [text, setText] = useState<string | null>(null);
  const newest = useRef(text);
  newest.current = text;
  /** As they stood when it was begun to write, or were stored last from here. */
  const from = useRef(notes);
  const keep = useCallback(async (): Promise<void> => {
    const [before, to] = [from.current, newest.current];
    if (to === null || to === before) return;
    from.current = to;
    const write = changeRoast(database(), id, (roast) => ({ ...roast, notes: notesWith(roast.notes, before, to) }));
    // Tried again with the next letter, and as the hand lets go.
    if (!(await stored("What you wrote was", write))) from.current = before;
  }, [id]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: each letter lets the hand rest anew
  useEffect(() => soon(RESTS_MS, () => void keep()), [text, keep]);
  useEffect(() => () => void keep(), [keep]);
  const letGo = async (): Promise<void> => {
    await keep();
    setText((now) => (now === from.current ? null : now));
  };
  return (
    <label className="text-soft">
      What to change, what to keep
      <textarea
        readOnly={isClosed}
        value={text ?? notes}
        rows={4}
        maxLength={MOST_NOTES}
        onChange={(event) => {
          if (text === null) from.current = notes;
          setText(event.target.value);
        }}
        onBlur={() => void letGo()}
        className="mt-1 block w-full rounded-2xl border border-line-strong bg-mist-1 px-4 py-3 text-lg text-ink"
      />
    </label>
  );
}
