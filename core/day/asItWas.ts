/** What of a day has happened stands where it happened: the pull, the knife, and what follows either. */
import type { Roast } from "../plan/roast";
import { kindOf, type Row, type RowKind } from "../schedule/rows";

/** What each of the two moves with it; dishes and gravy hang on dinner. */
const WITH = { pull: ["rest", "loosen"], knife: ["carve", "chill"] } as const satisfies Record<string, RowKind[]>;

/** @param rows of the whole timetable @returns in their new order */
export function asItWas<Of extends Row>(rows: readonly Of[], { pulledAt, carvedAt }: Roast["happened"]): readonly Of[] {
  const moved = (kinds: readonly RowKind[], at: string | undefined, all: readonly Of[]): readonly Of[] => {
    const planned = all.find((row) => kindOf(row) === kinds[0]);
    const byMs = planned && at !== undefined ? Date.parse(at) - planned.startMs : 0;
    if (byMs === 0) return all;
    return all.map((row) =>
      kinds.includes(kindOf(row)) ? { ...row, startMs: row.startMs + byMs, endMs: row.endMs + byMs } : row,
    );
  };
  const was = moved(WITH.knife, carvedAt, moved(WITH.pull, pulledAt, rows));
  return was === rows ? rows : [...was].sort((one, other) => one.startMs - other.startMs);
}
