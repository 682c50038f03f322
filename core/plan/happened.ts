/** What happened to a roast, in the order in which it can happen. */
import * as z from "zod/mini";
import { FACINGS } from "../bird/form";
import { PROBES } from "../bird/probe";
import { PIECES } from "../bird/solid";
import { type FormatRule, rule } from "../faults";
import { between, whole } from "../units/number";
import { instant, line } from "../units/text";
import { MINUTE_MS } from "../units/time";
import { centresC } from "./schema";

/** What the plan expected when the bird went in; instants, so that it can be held against what happened. */
const Prediction = z.strictObject({
  pullP10At: instant,
  pullP50At: instant,
  /** Never: one bird in ten was not expected to get there at that heat. */
  pullP90At: z.union([instant, z.literal("never")]),
  pullC: centresC(-30, 110),
});

/** So often tips are put right at most; of more the oldest are forgotten. */
const MOST_SEATS = 60;
/** And so many thermometers that were another bird's. */
const MOST_OTHERS = 16;
/** Times without heat. */
const MOST_OFFS = 12;
/** A door stands open no longer: by then what was in there is in the kitchen. */
export const LONGEST_OPEN_MIN = 30;

const TimeWithoutHeat = z.strictObject({ offAt: instant, onAt: z.optional(instant) });
export type TimeWithoutHeat = z.infer<typeof TimeWithoutHeat>;

const HappenedFields = z.strictObject({
  inAt: z.optional(instant),
  pulledAt: z.optional(instant),
  carvedAt: z.optional(instant),
  /** Changes of the heat that were made, by the number of the stage; bastings that were done. */
  stagesDone: z.optional(whole(0, 8)),
  bastingsDone: z.optional(whole(0, 200)),
  fuelsDone: z.optional(whole(0, 24)),
  /** Which side had come out darker when the cook looked; "even": none. */
  darker: z.optional(z.enum([...FACINGS, "even"])),
  /** Since when its heat is being brought up: the oven turned on, the fire lit. Left out where only that it is on was ticked off. */
  heatOnAt: z.optional(instant),
  /** When its thaw began, where the cook said that it was later than planned. */
  thawBegunAt: z.optional(instant),
  /** It was eaten where it is above 32 °C: what is left may stand out for one hour, not two. */
  hotTable: z.optional(z.boolean()),
  /** Rows of the timetable that were ticked off, by their ids. */
  ticked: z.optional(z.array(line(1, 80)).check(z.maxLength(200))),
  /** Readings that do not count, by their keys: struck out by the cook, or put right by another. */
  struck: z.optional(z.array(line(1, 120)).check(z.maxLength(500))),
  /** The oven's door stood open. */
  doors: z.optional(
    z.array(z.strictObject({ at: instant, openMin: between(0.5, LONGEST_OPEN_MIN) })).check(z.maxLength(60)),
  ),
  /** Its heat was off: the oven dark, the fire out. Off still where nothing says when it was on again. */
  heatOffs: z.optional(z.array(TimeWithoutHeat).check(z.maxLength(MOST_OFFS))),
  /** Tips that the cook put right: what they show from then on is of the place where they sit now. */
  seated: z.optional(z.array(z.strictObject({ at: instant, probe: z.enum(PROBES) })).check(z.maxLength(MOST_SEATS))),
  /** Thermometers of the bridge that were taken for this bird's, and until when: what they read is another's. */
  notItsOwn: z.optional(
    z.array(z.strictObject({ device: line(0, 40), until: instant })).check(z.maxLength(MOST_OTHERS)),
  ),
  /** Pieces that were taken out before the rest. */
  left: z.optional(z.array(z.strictObject({ at: instant, piece: z.enum(PIECES) })).check(z.maxLength(12))),
  /** Out of the oven and back in again: the rest had fallen short. */
  outs: z.optional(z.array(z.strictObject({ outAt: instant, backAt: instant })).check(z.maxLength(8))),
  /** The record was closed: nothing more is expected to happen. */
  closedAt: z.optional(instant),
  predicted: z.optional(Prediction),
});

export const HappenedSchema = HappenedFields.check(
  z.superRefine((happened, context) => {
    const fault = outOfOrder(happened);
    if (fault) context.addIssue({ code: "custom", path: [fault.what], message: rule(fault.why) });
  }),
);

export type PredictionRecord = z.infer<typeof Prediction>;
type Happened = z.infer<typeof HappenedFields>;
type Door = NonNullable<Happened["doors"]>[number];

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

/** A row of the timetable is ticked off. */
export const withTick = (happened: Happened, id: string): Happened => ({
  ...happened,
  ticked: [...(happened.ticked ?? []).filter((each) => each !== id), id],
});

/** Since when its heat is off; undefined where it is on. */
export const offSince = ({ heatOffs = [] }: Happened): string | undefined =>
  heatOffs.find(({ onAt }) => onAt === undefined)?.offAt;

/** The time without heat in which it went in; undefined where it was on. */
export const offAsItWentIn = ({ heatOffs = [], inAt = "" }: Happened): TimeWithoutHeat | undefined =>
  heatOffs.find(
    ({ offAt, onAt }) =>
      Date.parse(offAt) <= Date.parse(inAt) && (onAt === undefined || Date.parse(onAt) > Date.parse(inAt)),
  );

/** A time without heat is told. @param before when it was said to have begun, where that is told otherwise now */
export const withHeatOff = (happened: Happened, told: TimeWithoutHeat, before = told.offAt): Happened => ({
  ...happened,
  heatOffs: [...(withoutHeatOff(happened, before).heatOffs ?? []), told]
    .sort((one, other) => Date.parse(one.offAt) - Date.parse(other.offAt))
    .slice(-MOST_OFFS),
});

/** It was on all the while after all. */
export function withoutHeatOff({ heatOffs = [], ...happened }: Happened, began: string): Happened {
  const others = heatOffs.filter(({ offAt }) => offAt !== began);
  return others.length > 0 ? { ...happened, heatOffs: others } : happened;
}

/** Its heat is on again; nothing changes where it was. */
export const withHeatOn = (happened: Happened, at: string): Happened => ({
  ...happened,
  ...(happened.heatOffs && { heatOffs: happened.heatOffs.map((each) => ({ onAt: at, ...each })) }),
});

/** Its door stood open: what overlaps, or goes on where another ended, is one opening. */
export function withDoor(happened: Happened, door: Door): Happened {
  const endMs = ({ at, openMin }: Door): number => Date.parse(at) + openMin * MINUTE_MS;
  const touches = (each: Door): boolean => Date.parse(each.at) <= endMs(door) && endMs(each) >= Date.parse(door.at);
  const { doors = [] } = happened;
  const one = [...doors.filter(touches), door];
  const untilMs = Math.max(...one.map(endMs));
  const fromMs = Math.max(untilMs - LONGEST_OPEN_MIN * MINUTE_MS, Math.min(...one.map(({ at }) => Date.parse(at))));
  const joined = { at: new Date(fromMs).toISOString(), openMin: (untilMs - fromMs) / MINUTE_MS };
  return { ...happened, doors: [...doors.filter((each) => !touches(each)), joined] };
}

/** A tip was put right. */
export const withSeat = (happened: Happened, seat: NonNullable<Happened["seated"]>[number]): Happened => ({
  ...happened,
  seated: [...(happened.seated ?? []), seat].slice(-MOST_SEATS),
});

/** What thermometers read until a moment is another bird's. */
export const withOthers = (happened: Happened, others: NonNullable<Happened["notItsOwn"]>): Happened => ({
  ...happened,
  notItsOwn: [...(happened.notItsOwn ?? []), ...others].slice(-MOST_OTHERS),
});

/** Rows are not ticked off after all. */
export const withoutTicks = (happened: Happened, ...ids: readonly string[]): Happened => ({
  ...happened,
  ticked: (happened.ticked ?? []).filter((id) => !ids.includes(id)),
});
