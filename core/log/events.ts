/** What was done to a roast and its heat, in the order in which it was done. */
import type { Piece } from "../bird/solid";
import type { HeatSource } from "../heat/sources";
import { heatsOf } from "../plan/heats";
import type { Roast } from "../plan/roast";
import { MINUTE_MS } from "../units/time";

export type LogEvent = { readonly atMs: number } & (
  | { readonly kind: "in" | "pulled" | "carved" }
  /** The heat or what lies over the bird was changed: the number of the stage. */
  | { readonly kind: "stage"; readonly stage: number }
  | { readonly kind: "door"; readonly openMin: number; readonly heat: HeatSource }
  /** Null: it was still off when it came out, or is. */
  | { readonly kind: "off"; readonly offMin: number | null; readonly heat: HeatSource }
  | { readonly kind: "left"; readonly piece: Piece }
  | { readonly kind: "back-in"; readonly outMin: number }
);

/** Of one roast each has another: pieces that are taken out together are each one. */
export const keyOf = (event: LogEvent): string =>
  [event.kind, event.atMs, event.kind === "left" ? event.piece : ""].join(" ");

/** @returns nothing of a roast that has not gone in */
export function eventsOf({ plan, happened }: Pick<Roast, "plan" | "happened">): readonly LogEvent[] {
  const { inAt, pulledAt, carvedAt, doors = [], heatOffs = [], left = [], outs = [] } = happened;
  if (!inAt) return [];
  const inMs = Date.parse(inAt);
  const untilMs = pulledAt ? Date.parse(pulledAt) : Number.POSITIVE_INFINITY;
  const stages = plan.stages.flatMap(({ fromMin, when }, n): LogEvent[] => {
    const atMs = inMs + fromMin * MINUTE_MS;
    // One that waits for its sign still was not made, or nobody wrote down when.
    return n === 0 || atMs > untilMs || when ? [] : [{ kind: "stage", stage: n, atMs }];
  });
  const heats = heatsOf(plan);
  /** What it was in at a moment. */
  const heatAt = (ms: number): HeatSource =>
    stages.reduce((heat, { atMs, ...event }) => {
      return event.kind === "stage" && atMs <= ms ? (heats[event.stage] ?? heat) : heat;
    }, plan.heat);
  const events: LogEvent[] = [
    { kind: "in", atMs: inMs },
    ...stages,
    ...doors.map(({ at, openMin }): LogEvent => {
      const atMs = Date.parse(at);
      return { kind: "door", atMs, openMin, heat: heatAt(atMs) };
    }),
    ...heatOffs.flatMap(({ offAt, onAt }): LogEvent[] => {
      // What was before it went in, or lasted no time, is nothing to it.
      const atMs = Math.max(inMs, Date.parse(offAt));
      const offMin = onAt === undefined ? null : (Date.parse(onAt) - atMs) / MINUTE_MS;
      return offMin !== null && offMin <= 0 ? [] : [{ kind: "off", atMs, offMin, heat: heatAt(atMs) }];
    }),
    ...left.map(({ at, piece }): LogEvent => ({ kind: "left", atMs: Date.parse(at), piece })),
    ...outs.map(({ outAt, backAt }): LogEvent => {
      const atMs = Date.parse(backAt);
      return { kind: "back-in", atMs, outMin: (atMs - Date.parse(outAt)) / MINUTE_MS };
    }),
    ...(pulledAt ? [{ kind: "pulled", atMs: untilMs } as const] : []),
    ...(carvedAt ? [{ kind: "carved", atMs: Date.parse(carvedAt) } as const] : []),
  ];
  return events.sort((one, other) => one.atMs - other.atMs);
}
