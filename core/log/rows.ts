/** The cook's log: what became of every roast that came out, a row each. */
import { NEVER } from "../forecast/shares";
import { foretold } from "../plan/byTime";
import { cameOutOf, ovenIn } from "../plan/heats";
import type { Roast } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { MINUTE_MS } from "../units/time";

export interface LogRow {
  readonly id: string;
  /** As the cook named it; null where it goes by its plan. */
  readonly name: string | null;
  readonly species: Plan["bird"]["species"];
  readonly cut: Plan["bird"]["cut"];
  /** Of one bird, as bought. */
  readonly massKg: number;
  readonly count: number;
  readonly method: Plan["method"];
  /** What it went into. */
  readonly heat: Plan["heat"];
  /** What it came out of, where that is another; else null. */
  readonly movedTo: Plan["heat"] | null;
  /** Which of the kitchen's ovens and fires, by name; null where it was not said. */
  readonly oven: string | null;
  readonly isArchived: boolean;
  /** Instants, ISO 8601. */
  readonly serveAt: string;
  readonly inAt: string;
  readonly predictedAt: string | null;
  readonly outAt: string;
  /** Out less predicted, to the minute; null where nothing was predicted. */
  readonly minutesOff: number | null;
  /** Whether it came out between the tenth and the ninetieth percentile of what was predicted. */
  readonly inBand: boolean | null;
  /** From 1 to 5. */
  readonly rating: number | null;
  /** The last line of the notes: what to do otherwise. */
  readonly note: string;
}

/** A line of notes may be as long as all of them; a row has room for so much. */
const LONGEST_NOTE = 500;

/** Its row; null where nothing has come out yet. */
export function logRow(roast: Roast): LogRow | null {
  const { id, title, named, plan, happened, rating, notes, archived } = roast;
  const { inAt, pulledAt: outAt } = happened;
  if (!inAt || !outAt) return null;
  const predicted = foretold(roast);
  const { bird, method, heat, serveAt } = plan;
  const last = cameOutOf(roast);
  const outMs = Date.parse(outAt);
  const isLate = predicted && predicted.pullP90At !== NEVER && outMs > Date.parse(predicted.pullP90At);
  return {
    id,
    name: named ? title : null,
    species: bird.species,
    cut: bird.cut,
    massKg: bird.massKg,
    count: bird.count,
    method,
    heat,
    movedTo: last === heat ? null : last,
    oven: ovenIn(plan)?.name ?? null,
    isArchived: archived === true,
    serveAt,
    inAt,
    predictedAt: predicted?.pullP50At ?? null,
    outAt,
    minutesOff: predicted ? Math.round((outMs - Date.parse(predicted.pullP50At)) / MINUTE_MS) : null,
    inBand: predicted ? !isLate && outMs >= Date.parse(predicted.pullP10At) : null,
    rating: rating ?? null,
    note: (notes.trim().split("\n").at(-1) ?? "").slice(0, LONGEST_NOTE),
  };
}

/** The newest first. */
export const logRows = (roasts: readonly Roast[]): readonly LogRow[] =>
  roasts.flatMap((roast) => logRow(roast) ?? []).sort((one, other) => other.outAt.localeCompare(one.outAt));

export interface Held {
  readonly roasts: number;
  readonly inBand: number;
  /** Half of them were off by no more, min. */
  readonly medianOffMin: number;
}

/** How far predictions were to be believed; null where none was made. */
export function heldOf(rows: readonly LogRow[]): Held | null {
  const off = rows
    .flatMap(({ minutesOff }) => (minutesOff === null ? [] : [Math.abs(minutesOff)]))
    .sort((a, b) => a - b);
  if (off.length === 0) return null;
  return {
    roasts: off.length,
    inBand: rows.filter(({ inBand }) => inBand === true).length,
    medianOffMin: off[(off.length - 1) >> 1] as number,
  };
}

/** The same of each kind of roast that there are at least two of, the most roasts first. */
export function heldByKind<Kind extends string>(
  rows: readonly LogRow[],
  kindOf: (row: LogRow) => Kind | null,
): readonly { readonly kind: Kind; readonly held: Held }[] {
  const kinds = [...new Set(rows.flatMap((row) => kindOf(row) ?? []))];
  return kinds
    .flatMap((kind) => {
      const held = heldOf(rows.filter((row) => kindOf(row) === kind));
      return held && held.roasts > 1 ? [{ kind, held }] : [];
    })
    .sort((one, other) => other.held.roasts - one.held.roasts);
}
