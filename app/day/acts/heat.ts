/** What is done to the heat, and what becomes of it. */
import type { Advice } from "../../../core/day/coach";
import { begunAt, OVERDUE_MIN } from "../../../core/day/lateStage";
import { changeableAt, changedNow, type WhatIfId } from "../../../core/day/whatIf";
import { type TimeWithoutHeat, withDoor, withHeatOff, withHeatOn, withoutHeatOff } from "../../../core/plan/happened";
import { heatNow } from "../../../core/plan/heats";
import { MOST_NOTES, type Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import { waitingAgain } from "../../../core/plan/signs";
import { MINUTE_MS } from "../../../core/units/time";
import { uncapitalised } from "../../../words/capital";
import { stageWords } from "../../../words/stages";
import { clockNow, instantNow } from "../../shell/clock";
import { habitsNow } from "../../shell/preferences";
import type { Happened, Telling } from "./telling";

const minuteNow = ({ inAt = "" }: Happened): number => (clockNow() - Date.parse(inAt)) / MINUTE_MS;

/** Other stages, and the last of them that is done: in another heat than before, it is on again. */
function withStages(
  before: Pick<Roast, "plan" | "happened">,
  plan: Plan,
  stagesDone: number,
  at: string,
): Pick<Roast, "plan" | "happened"> {
  const happened = { ...before.happened, stagesDone };
  const isMoved = heatNow({ plan, happened }) !== heatNow(before);
  return { plan, happened: isMoved ? withHeatOn(happened, at) : happened };
}

export const heatActs = ({ change, tells, happened }: Telling) => ({
  opened(what: string, openMin: number): void {
    const at = new Date(clockNow() - openMin * MINUTE_MS).toISOString();
    void tells(
      happened((now) => withDoor(now, { at, openMin })),
      () => `Noted: the ${what} was open for ${openMin} min; the forecast counts with it`,
    );
  },
  /** So many by now: bastings, or times that the fire was fed. */
  counts(what: "bastingsDone" | "fuelsDone", n: number): void {
    void tells(
      happened((now) => ({ ...now, [what]: n })),
      () => (what === "fuelsDone" ? "Noted: fed" : "Noted: basted"),
    );
  },
  /**
   * A change of the heat is made now; made early, late, or by its sign, that is when it began.
   * @param made "in time": when the plan wanted it, or its sign was read, and told only now
   */
  changesHeat({ n, after, sinceMin }: Extract<Advice, { kind: "stage" }>, made: "now" | "in time" = "now"): void {
    const at = instantNow();
    void tells(
      ({ plan, happened: now, ...before }) => {
        const { stagesDone: done = 0 } = now;
        const isInTime = made === "in time" || sinceMin < OVERDUE_MIN;
        const atMin = Math.floor(minuteNow(now) - (made === "in time" ? sinceMin : 0));
        const isDue = ({ fromMin, when }: Plan["stages"][number]): boolean => !when && fromMin <= atMin;
        const isAsPlanned = isInTime && plan.stages.slice(done + 1, n + 1).every(isDue);
        const stages = isAsPlanned ? plan.stages : begunAt(plan.stages, done, n, atMin);
        return { ...before, ...withStages({ plan, happened: now }, { ...plan, stages }, n, at) };
      },
      ({ plan }) => `Noted: ${uncapitalised(stageWords(plan, n, habitsNow().units, after))}`,
    );
  },
  /** A change of the heat that was made was made at another minute: what comes after it is not before it. */
  changedHeatAt: (n: number, ms: number): Promise<boolean> =>
    change(({ plan, ...before }) => {
      const minute = (ms - Date.parse(before.happened.inAt ?? "")) / MINUTE_MS;
      const stages = plan.stages.map((stage, m) => (m === n ? { ...stage, fromMin: minute } : stage));
      return { ...before, plan: { ...plan, stages: begunAt(stages, n, n, minute + 1) } };
    }),
  /** A change of the heat that was said to be made was not: it waits again, for its sign where it has one. */
  heatNotChanged(n: number): void {
    void change(({ plan, happened: now, ...before }) => ({
      ...before,
      plan: { ...plan, stages: waitingAgain(plan.stages, n) },
      happened: { ...now, stagesDone: n - 1 },
    }));
  },
  /** Its heat is off, from now on. */
  heatIsOff(): void {
    const offAt = instantNow();
    void tells(
      happened((now) => withHeatOff(now, { offAt })),
      () => "Noted: without heat from now on",
    );
  },
  /** And on again. */
  heatIsOn(): void {
    const at = instantNow();
    void tells(
      happened((now) => withHeatOn(now, at)),
      () => "Noted: on again from now",
    );
  },
  /** A time without heat is told. */
  heatWasOff: (told: TimeWithoutHeat): Promise<boolean> => change(happened((now) => withHeatOff(now, told))),
  /** One that was told began, or ended, at another moment. */
  heatOffWas: (n: number, told: Partial<TimeWithoutHeat>): Promise<boolean> =>
    change(
      happened((now) => {
        const before = now.heatOffs?.[n];
        return before ? withHeatOff(now, { ...before, ...told }, before.offAt) : now;
      }),
    ),
  /** A time without heat was none. */
  heatWasOn(began: string): void {
    void tells(
      happened((now) => withoutHeatOff(now, began)),
      () => "Noted: on all that while",
    );
  },
  /** It was on since then, and not before: from before the bird went in, or only after. */
  heatWasOnAt(ms: number): Promise<boolean> {
    const onAt = new Date(ms).toISOString();
    return change(
      happened((now) => {
        const { inAt = onAt } = now;
        if (ms > Date.parse(inAt)) return withHeatOff(now, { offAt: inAt, onAt });
        // On before it went in, it was not off as it did.
        return { ...withoutHeatOff(now, inAt), heatOnAt: onAt };
      }),
    );
  },
  /** A change of the heat is made now, as what if has it of the plan as it stands by then. @param name what it is called */
  async whatIf(name: string, id: WhatIfId): Promise<void> {
    const at = instantNow();
    await tells(
      (before) => {
        const { plan, notes } = before;
        const { left = [] } = before.happened;
        const changeable = changeableAt(before, Date.parse(at));
        const changed = changedNow(id, changeable);
        // Made already, by another tap or on another device.
        if (!changed) return before;
        const { stages, done, leaves } = changed;
        const out = leaves.length > 0 ? ` (${leaves.join(" and ")} out)` : "";
        const after = withStages(before, { ...plan, stages }, done, at);
        return {
          ...before,
          plan: after.plan,
          happened: {
            ...after.happened,
            ...(leaves.length > 0 && { left: [...left, ...leaves.map((piece) => ({ piece, at }))] }),
          },
          notes: `${notes}${notes && "\n"}Minute ${changeable.nowMin}: ${name}${out}.`.slice(-MOST_NOTES),
        };
      },
      () => `${name}: it is the plan now`,
    );
  },
});
