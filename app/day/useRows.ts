/** What is still to come of a roast's day, placed again by what has happened and by what has not. */
import { useMemo } from "react";
import { asItWas } from "../../core/day/asItWas";
import { comingRows, passedRows, rowsBeside } from "../../core/day/due";
import { type LateBefore, lateBeforeOven } from "../../core/day/late";
import { replan } from "../../core/day/replan";
import { certain, type Quantiles } from "../../core/forecast/shares";
import { cookStage, type Roast } from "../../core/plan/roast";
import type { DerivedPlan } from "../../core/schedule/derive";
import { replannedRows, type TimetableRow, timetableOf } from "../../words/timetable";
import { usePreferences } from "../shell/preferences";
import type { SimulatedPlan } from "../simulation/useSimulatedPlan";

const NONE: readonly string[] = [];
const NO_ROWS: readonly TimetableRow[] = [];

interface Rows {
  /** Before the oven: what should have happened and has not. */
  readonly late: LateBefore | null;
  /** What is still to be done. */
  readonly rows: readonly TimetableRow[];
  /** All of the day, what has begun with it. */
  readonly placed: readonly TimetableRow[];
  /** What is placed again is of this; null where the day goes as it was planned. */
  readonly renewed: DerivedPlan | null;
  /** Rows that were ticked off. */
  readonly ticked: readonly TimetableRow[];
  /** Those that should have had a hand a while ago, and were not. */
  readonly passed: readonly TimetableRow[];
  readonly carveAtMs: number | null;
  readonly lateMin: number;
}

/**
 * @param simulated as its readings show it (`asShown`)
 * @param pull when it will be there, minutes since it went in; null while nothing is forecast: as planned
 * @param nowMinute the moment, at a whole minute
 */
export function useRows(
  roast: Roast,
  { cook, shares }: Pick<SimulatedPlan, "cook" | "shares">,
  derived: DerivedPlan | null,
  pull: Quantiles | null,
  pulledMin: number | null,
  nowMinute: number,
): Rows {
  const { units } = usePreferences();
  const { plan, happened } = roast;
  const { inAt } = happened;
  const ticked = happened.ticked ?? NONE;
  const stage = cookStage(roast);
  const late = useMemo(
    () =>
      stage === "planned" && cook && derived ? lateBeforeOven(plan, cook, shares, derived, happened, nowMinute) : null,
    [stage, plan, cook, shares, derived, happened, nowMinute],
  );
  const replanned = useMemo(() => {
    // Carved, it hangs on dinner alone.
    if (!cook || !derived || !inAt || stage === "kept") return null;
    const pullMin = pulledMin === null ? pull : certain(pulledMin);
    return replan(plan, cook, derived, { inAt, pullMin, pulled: pulledMin !== null, nowMs: nowMinute });
  }, [plan, cook, derived, inAt, stage, pulledMin, pull, nowMinute]);
  const placed = useMemo((): readonly TimetableRow[] => {
    if (!derived) return [];
    const isOut = happened.pulledAt !== undefined;
    const rows = replanned
      ? replannedRows(replanned, plan, derived, units, isOut)
      : timetableOf(plan, late?.derived ?? derived, units, isOut);
    return asItWas(rows, happened);
  }, [derived, replanned, plan, late, units, happened]);
  const rows = useMemo(
    // What one that is kept still wants is told by `keptOf`, late or not.
    () => (stage === "kept" ? placed : comingRows(placed, ticked, nowMinute)),
    [placed, stage, ticked, nowMinute],
  );
  const passed = useMemo(
    // Of one that is kept, `keptOf` has those of its dinner.
    () =>
      stage === "kept" || stage === "done"
        ? NO_ROWS
        : passedRows(rowsBeside(placed, { plan, stage, isLate: late !== null }), ticked, nowMinute),
    [placed, plan, stage, late, ticked, nowMinute],
  );
  return {
    late,
    rows,
    placed,
    renewed: replanned?.renewed ?? late?.derived ?? null,
    ticked: useMemo(() => placed.filter(({ id }) => ticked.includes(id)), [placed, ticked]),
    passed,
    carveAtMs: replanned?.renewed.schedule.carveAtMs ?? derived?.schedule.carveAtMs ?? null,
    lateMin: late?.lateMin ?? replanned?.lateMin ?? 0,
  };
}
