/** Rows of the timetable that are ticked off, and what begins with them. */
import { heatOnRow } from "../../../core/day/late";
import { happenedAfterEdit, THAW_ROW } from "../../../core/plan/edited";
import { type Change, onTheMorning } from "../../../core/plan/edits";
import { withoutTicks, withTick } from "../../../core/plan/happened";
import type { Plan } from "../../../core/plan/schema";
import type { TaskId } from "../../../core/schedule/backward";
import type { Remedy } from "../../../core/schedule/remedy";
import { MINUTE_MS } from "../../../core/units/time";
import { uncapitalised } from "../../../words/capital";
import { remedyWords } from "../../../words/remedies";
import { clockTime } from "../../../words/time";
import { clockNow, instantNow } from "../../shell/clock";
import { habitsNow } from "../../shell/preferences";
import { type Telling, without } from "./telling";

/** What begins as a row is ticked off, and is kept with its hour. */
type Hour = "heatOnAt" | "thawBegunAt";
const HOUR_WORDS: Record<Hour, string> = { heatOnAt: "Noted: on from now", thawBegunAt: "Noted: it thaws from now" };

export const rowActs = ({ change, tells, happened }: Telling) => ({
  /** @param atMs when it was done, where that was not just now and something begins with it */
  ticks(id: string, atMs = clockNow()): void {
    const at = new Date(atMs).toISOString();
    const turnsOn = (plan: Plan): boolean => id === heatOnRow(plan);
    void tells(
      happened((now, { plan }) => ({ ...withTick(now, id), ...(turnsOn(plan) && { heatOnAt: at }) })),
      ({ plan }) => {
        if (!turnsOn(plan)) return "Ticked off";
        const isNow = clockNow() - atMs < MINUTE_MS;
        return isNow ? HOUR_WORDS.heatOnAt : `Noted: on since ${clockTime(atMs, plan.zone, habitsNow())}`;
      },
    );
  },
  /** Its thaw begins now, later than planned: what follows is held against it. */
  thaws(): void {
    const at = instantNow();
    void tells(
      happened((now) => ({ ...withTick(now, THAW_ROW), thawBegunAt: at })),
      () => HOUR_WORDS.thawBegunAt,
    );
  },
  /** A row was not done after all, nor what began with it. */
  unticks(id: string): void {
    void change(
      happened((now, { plan }) => {
        const begun: Hour | null = id === THAW_ROW ? "thawBegunAt" : id === heatOnRow(plan) ? "heatOnAt" : null;
        return withoutTicks(begun ? without(now, [begun]) : now, id);
      }),
    );
  },
  /** Its salting, or what comes before that, begins now, later than planned. @param fromNow for how long it is salted then */
  salts(task: TaskId, { does, change: fromNow }: Remedy): void {
    void tells(
      (before) => ({ ...before, plan: fromNow(before.plan), happened: withTick(before.happened, task) }),
      () => `Noted, begun now: ${uncapitalised(remedyWords(does, habitsNow().units))}`,
    );
  },
  /** The plan goes on otherwise from here. @param says what it does now */
  replans(edit: Change, says: string): void {
    void tells(
      (before) => {
        const plan = edit(before.plan);
        return { ...before, plan, happened: happenedAfterEdit(before, plan) };
      },
      () => says,
    );
  },
  /** There is ice in it: it goes on in cold water, or into the heat as it is. @param begins it is in the water from now */
  hasIce(ice: Plan["bird"]["ice"], thawIn: "water" | "none", begins: boolean): void {
    const at = instantNow();
    void tells(
      (before) => {
        const plan = onTheMorning(ice, thawIn)(before.plan);
        const happened = happenedAfterEdit(before, plan);
        const inWater = { ...withTick(happened, THAW_ROW), thawBegunAt: at };
        return { ...before, plan, happened: thawIn === "water" && begins ? inWater : happened };
      },
      () => {
        if (thawIn === "none") return "Noted: it goes in with its ice";
        return begins
          ? "Noted: in cold water from now"
          : "Noted: cold water comes right before the heat; until then it stays cold";
      },
    );
  },
  /** What is heated again is in the oven, so much later than planned: dinner waits for it. */
  reheats(id: string, lateMin: number): void {
    void change(({ plan, ...before }) => ({
      ...before,
      plan: { ...plan, serveAt: new Date(Date.parse(plan.serveAt) + lateMin * MINUTE_MS).toISOString() },
      happened: withTick(before.happened, id),
    }));
  },
});
