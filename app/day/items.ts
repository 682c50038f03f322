/** What is to be minded of a roast now: what was asked, what is due, what the readings show. */
import type { Advice } from "../../core/day/coach";
import { dueRows, rowsBeside } from "../../core/day/due";
import type { RestPlan } from "../../core/day/restPlan";
import type { HeatSource } from "../../core/heat/sources";
import { heatNow } from "../../core/plan/heats";
import type { CookStage, Roast } from "../../core/plan/roast";
import type { Plan } from "../../core/plan/schema";
import type { TaskId } from "../../core/schedule/backward";
import { isUnbegun } from "../../core/schedule/conflicts";
import type { DerivedPlan } from "../../core/schedule/derive";
import { type Remedy, saltedLess } from "../../core/schedule/remedy";
import { HOUR_MS } from "../../core/units/time";
import { type AdviceWords, adviceWords, awaitedWords, beginWords, dueWords } from "../../words/advice";
import { KEEP_HOT, keepHotWords } from "../../words/longRest";
import { dayAndTime, type Reader, timeBeside } from "../../words/time";
import type { TimetableRow } from "../../words/timetable";
import { namesIn } from "../../words/titles";
import type { AwaitedRoast } from "../simulation/useDinner";

/** One thing to mind, with what a tap does about it. */
export interface Item extends AdviceWords {
  readonly about:
    | Advice
    | { readonly kind: "row"; readonly id: string }
    /** Another roast of its dinner, which is late. */
    | { readonly kind: "awaited" }
    /** At rest it is past its best before it is carved. */
    | { readonly kind: "over" }
    /** Whether a first task has begun in time; what becomes of its salting where it begins only now. */
    | { readonly kind: "begun"; readonly task: TaskId; readonly fromNow: Remedy | null };
}

interface Minded {
  readonly roast: Roast;
  readonly stage: CookStage;
  readonly derived: DerivedPlan | null;
  /** What of its dinner it waits for. */
  readonly awaited: AwaitedRoast | null;
  /** What the coach says. */
  readonly told: readonly Advice[];
  /** Once it is out. */
  readonly rest: RestPlan | null;
  /** What is still to come. */
  readonly rows: readonly TimetableRow[];
  readonly nowMs: number;
  /** Before the oven something should have happened, and is called as that. */
  readonly isLate: boolean;
}

function awaitedItem(roast: Roast, { roast: other, tableMs }: AwaitedRoast, nowMs: number, reader: Reader): Item {
  const name = namesIn([roast, other]).get(other.id) ?? "";
  const words = awaitedWords(name, timeBeside(tableMs, nowMs, roast.plan.zone, reader));
  return { ...words, about: { kind: "awaited" } };
}

function overItem(rest: RestPlan, plan: Plan, { units }: Reader, heat: HeatSource): Item {
  const why = keepHotWords(rest, plan, units, heat);
  return { key: "over", does: KEEP_HOT, why, rings: false, about: { kind: "over" } };
}

/** In the order of their urgency. */
export function itemsOf(
  { roast, stage, derived, awaited, told, rest, rows, nowMs, isLate }: Minded,
  reader: Reader,
): readonly Item[] {
  const { plan } = roast;
  const heat = heatNow(roast);
  const at = (ms: number): string => dayAndTime(ms, plan.zone, reader);
  const unbegun = stage === "planned" ? (derived?.conflicts.filter(isUnbegun) ?? []) : [];
  return [
    ...unbegun.map(({ task, startMs, byMs }): Item => {
      const fromNow = task === "thaw" ? null : saltedLess(plan, byMs / HOUR_MS);
      return { ...beginWords(task, at(startMs)), about: { kind: "begun", task, fromNow } };
    }),
    ...(awaited ? [awaitedItem(roast, awaited, nowMs, reader)] : []),
    ...(rest && rest.overMin > 0 && !rest.fallsShort ? [overItem(rest, plan, reader, heat)] : []),
    ...told.map((about): Item => ({ ...adviceWords(about, plan, reader.units, heat), about })),
    ...dueRows(rowsBeside(rows, { plan, stage, isLate }), nowMs)
      // What is asked for as late is not called once more.
      .filter(({ id }) => unbegun.every(({ task }) => task !== id))
      .map((row): Item => ({ ...dueWords(row), about: { kind: "row", id: row.id } })),
  ];
}
