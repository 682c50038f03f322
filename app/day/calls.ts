/** What is called out loud of a roast's day, the most urgent first. */

import { constant } from "../../core/constants";
import type { Kept } from "../../core/day/kept";
import type { LateBefore } from "../../core/day/late";
import { isCalled, type Leftovers } from "../../core/day/leftovers";
import type { RestPlan } from "../../core/day/restPlan";
import type { HeatSource } from "../../core/heat/sources";
import type { Plan } from "../../core/plan/schema";
import type { UnitSystem } from "../../core/units/quantity";
import { MINUTE_MS } from "../../core/units/time";
import { lateWords } from "../../words/advice";
import { LEFTOVERS } from "../../words/leftovers";
import { KEEP_HOT } from "../../words/longRest";
import { heatWords } from "../../words/names";
import type { TimetableRow } from "../../words/timetable";
import { itOrThem } from "../../words/titles";
import type { Item } from "./items";

export interface Call {
  /** Stays the same while it is the same call. */
  readonly key: string;
  readonly does: string;
}

/** An alarm so long before it cools. */
const WARN_MIN = 5;

/** A call that was over and comes back so soon is the same call: a probe that trembles rings once. */
const SAME_CALL_MS = 10 * MINUTE_MS;

/** Which calls are new: each is told once, however often it stands and falls within minutes. */
export class CallBook {
  private standing: ReadonlySet<string> = new Set();
  private readonly overSinceMs = new Map<string, number>();

  fresh<Each extends Call>(calls: readonly Each[], nowMs: number): readonly Each[] {
    const now = new Set(calls.map(({ key }) => key));
    for (const key of this.standing) if (!now.has(key)) this.overSinceMs.set(key, nowMs);
    const isNew = ({ key }: Each): boolean =>
      !this.standing.has(key) && nowMs - (this.overSinceMs.get(key) ?? Number.NEGATIVE_INFINITY) >= SAME_CALL_MS;
    const fresh = calls.filter(isNew);
    this.standing = now;
    return fresh;
  }
}

interface Standing {
  readonly plan: Plan;
  /** What it is in now, or was in last. */
  readonly heat: HeatSource;
  readonly units: UnitSystem;
  readonly nowMs: number;
  /** How often it has been put back: what is called of another stay in the heat, or of its rest, is another call. */
  readonly stay: number;
  readonly items: readonly Item[];
  readonly late: LateBefore | null;
  /** Every centre shows what the pull asks. */
  readonly reached: boolean;
  /** Once it is out: when, and how it rests. */
  readonly pulledMs: number;
  readonly rest: RestPlan | null;
  readonly kept: Kept<TimetableRow> | null;
  /** After the table; nothing else is called then. */
  readonly leftovers: Leftovers | null;
}

/** That it comes out now. By a thermometer it is looked through first: the margin of the pull counts on it (`marginsOf`). */
export const outWords = ({ finish, bird }: Pick<Plan, "finish" | "bird">): string =>
  `Take ${itOrThem(bird)} out${finish.kind === "time" ? ": the time is up" : ", once looked through by hand"}`;

export function callsOf({
  plan,
  heat,
  units,
  nowMs,
  stay,
  items,
  late,
  reached,
  pulledMs,
  rest,
  kept,
  leftovers,
}: Standing): Call[] {
  if (leftovers) return isCalled(leftovers, nowMs) ? [{ key: "leftovers", does: LEFTOVERS }] : [];
  const calls: Call[] = items.filter(({ rings }) => rings);
  // An oven that is not hot yet wants no hand.
  if (late && late.what !== "wait") calls.unshift(lateWords(late, plan, units));
  if (kept?.chill && nowMs >= kept.chill.byMs - constant("coldCallMin") * MINUTE_MS)
    calls.unshift({ key: "chill", does: kept.chill.row.what });
  // Its row has called until now.
  if (kept?.overdue) calls.unshift({ key: `due ${kept.overdue.id}`, does: kept.overdue.what });
  const ofStay = (key: string): string => (stay === 0 ? key : `${key} ${stay}`);
  if (reached) calls.unshift({ key: ofStay("pull"), does: outWords(plan) });
  if (!rest || rest.carveMin === null) return calls;
  const restedMin = (nowMs - pulledMs) / MINUTE_MS;
  if (restedMin >= rest.carveMin) calls.push({ key: ofStay("carve"), does: "Carve" });
  if (rest.fallsShort) calls.push({ key: ofStay("back in"), does: `Back ${heatWords(heat).into}` });
  if (restedMin >= rest.latestMin - WARN_MIN)
    calls.push({ key: ofStay("cools"), does: rest.overMin > 0 ? KEEP_HOT : "Carve now, before it cools" });
  return calls;
}
