/**
 * How a roast of a file stands to the one that is stored: by what each of them holds, and not by a clock, which may have
 * been wrong on either device.
 */

import type { Roast } from "../plan/roast";
import type { RoastEntry } from "./file";
import { canonical, same } from "./same";
import { readingText } from "./shared";

/**
 * New: not stored. Same: nothing would change. Newer: all that is stored is in it, and more. Older: the stored one holds
 * all of it, and more. Different: each holds what the other has not.
 */
export type Standing = "new" | "same" | "newer" | "older" | "different";

/** All that has been written down of a roast, each thing as a text of its own; the plan counts as one. */
function held({ roast, readings, photos = [] }: RoastEntry): ReadonlySet<string> {
  const { happened, notes, ...rest }: Roast = roast;
  const events = Object.entries(happened).flatMap(([name, value]): string[] =>
    Array.isArray(value) ? value.map((item) => `${name} ${canonical(item)}`) : [`${name} ${canonical(value)}`],
  );
  const others = Object.entries(rest).flatMap(([name, value]): string[] =>
    value === undefined ? [] : [`${name} ${canonical(value)}`],
  );
  return new Set([
    ...events,
    ...others,
    ...notes.split("\n").filter((line) => line.trim() !== ""),
    ...readings.map(readingText),
    ...photos.map(({ takenAt, jpeg }) => `${takenAt} ${jpeg}`),
  ]);
}

/** @param stored undefined where there is none */
export function standingOf(sent: RoastEntry, stored: RoastEntry | undefined): Standing {
  if (!stored) return "new";
  const bare = ({ roast, readings, photos = [] }: RoastEntry): unknown => [roast, readings, photos];
  if (same(bare(sent), bare(stored))) return "same";
  const [theirs, mine] = [held(sent), held(stored)];
  const hasAllOfMine = [...mine].every((each) => theirs.has(each));
  const hasAllOfTheirs = [...theirs].every((each) => mine.has(each));
  // Both: the same things in another order.
  if (hasAllOfMine && hasAllOfTheirs) return "same";
  if (hasAllOfMine) return "newer";
  return hasAllOfTheirs ? "older" : "different";
}
