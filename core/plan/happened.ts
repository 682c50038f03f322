/** What happened to a roast, in the order in which it can happen. */
import type { FormatRule } from "../faults";
import type { Roast } from "./roast";

type Happened = Roast["happened"];

/** Each needs the one before, and is not before it. */
const ORDER = ["inAt", "pulledAt", "carvedAt", "closedAt"] as const;

/** The first of them that cannot be, and why; null where all is in order. */
export function outOfOrder(
  happened: Happened,
): { readonly what: (typeof ORDER)[number]; readonly why: FormatRule } | null {
  for (const [n, what] of ORDER.entries()) {
    const at = happened[what];
    const before = ORDER[n - 1];
    if (at === undefined || before === undefined) continue;
    const beforeAt = happened[before];
    if (beforeAt === undefined) return { what, why: "after-a-moment-that-is-told" };
    if (Date.parse(at) < Date.parse(beforeAt)) return { what, why: "not-before-the-moment-before" };
  }
  return null;
}

/**
 * The same with what cannot be put right: a clock that was set back meanwhile, or two devices that each took something
 * back. What lacks the one before is not there; what is before it happened at its moment.
 */
export function inOrder(happened: Happened): Happened {
  const right: { -readonly [What in keyof Happened]: Happened[What] } = { ...happened };
  for (const [n, what] of ORDER.entries()) {
    const before = ORDER[n - 1];
    if (before === undefined || right[what] === undefined) continue;
    const beforeAt = right[before];
    if (beforeAt === undefined) delete right[what];
    else if (Date.parse(right[what] as string) < Date.parse(beforeAt)) right[what] = beforeAt;
  }
  return right;
}

/** What had happened by an instant; what is counted and has no time of its own stays. */
export function happenedUntil(happened: Happened, instant: string): Happened {
  const until = Date.parse(instant);
  const isThen = (at: string | undefined): boolean => at !== undefined && Date.parse(at) <= until;
  const { inAt, pulledAt, carvedAt, closedAt: _, heatOnAt, doors, left, outs, ...rest } = happened;
  return {
    ...rest,
    ...(isThen(heatOnAt) && { heatOnAt }),
    ...(isThen(inAt) && { inAt }),
    ...(isThen(pulledAt) && { pulledAt }),
    ...(isThen(carvedAt) && { carvedAt }),
    ...(doors && { doors: doors.filter(({ at }) => isThen(at)) }),
    ...(left && { left: left.filter(({ at }) => isThen(at)) }),
    ...(outs && { outs: outs.filter(({ backAt }) => isThen(backAt)) }),
  };
}

/** A row of the timetable is ticked off. */
export const withTick = (happened: Happened, id: string): Happened => ({
  ...happened,
  ticked: [...(happened.ticked ?? []).filter((each) => each !== id), id],
});

/** Rows are not ticked off after all. */
export const withoutTicks = (happened: Happened, ...ids: readonly string[]): Happened => ({
  ...happened,
  ticked: (happened.ticked ?? []).filter((id) => !ids.includes(id)),
});
