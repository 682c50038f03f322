/** What a tap at the stove does to the record; a write that fails is said, and nothing else changes. */

import type { Probe } from "../../core/bird/probe";
import type { CentreTemperatures } from "../../core/bird/solid";
import type { Advice } from "../../core/day/coach";
import { heatOnRow } from "../../core/day/late";
import { begunAt, OVERDUE_MIN } from "../../core/day/lateStage";
import { sittingAt } from "../../core/day/probes";
import { type Changed, stagesDoneAfter } from "../../core/day/whatIf";
import { wentIn } from "../../core/forecast/prediction";
import {
  inOrder,
  type TimeWithoutHeat,
  withHeatOff,
  withHeatOn,
  withOthers,
  withoutHeatOff,
  withoutTicks,
  withSeat,
  withTick,
} from "../../core/plan/happened";
import { MOST_NOTES, type Roast, type RoastReading, readingKey } from "../../core/plan/roast";
import type { Plan } from "../../core/plan/schema";
import type { TaskId } from "../../core/schedule/backward";
import type { Remedy } from "../../core/schedule/remedy";
import { MINUTE_MS } from "../../core/units/time";
import { addReadings, changeRoast } from "../../storage/roasts";
import { uncapitalised } from "../../words/capital";
import { probeName } from "../../words/names";
import { remedyWords } from "../../words/remedies";
import { stageWords } from "../../words/stages";
import { clockTime } from "../../words/time";
import { clockNow, instantNow } from "../shell/clock";
import { database } from "../shell/database";
import { habitsNow } from "../shell/preferences";
import { stored } from "../shell/stored";
import { toast } from "../ui/toast";

/** The row by which its thaw begins. */
const THAW_ROW: TaskId = "thaw";

type Happened = Roast["happened"];
type InBird = NonNullable<Roast["probes"]>[number];

/** What begins as a row is ticked off, and is kept with its hour. */
type Hour = "heatOnAt" | "thawBegunAt";
const HOUR_WORDS: Record<Hour, string> = { heatOnAt: "Noted: on from now", thawBegunAt: "Noted: it thaws from now" };

const without = (happened: Happened, events: readonly (keyof Happened)[]): Happened =>
  Object.fromEntries(Object.entries(happened).filter(([event]) => !events.includes(event as keyof Happened)));

/** What was said at a moment to be put right was not. */
const withoutSeat = ({ seated, ...happened }: Happened, at: string): Happened => ({
  ...happened,
  ...(seated && { seated: seated.filter((seat) => seat.at !== at) }),
});

/** What happens to a heat is handed on to the other pieces in it by what stores it. */
export function actsOf(roastId: string) {
  /** @returns whether it was stored */
  const change = (next: (before: Roast) => Roast): Promise<boolean> =>
    stored(
      "That was",
      changeRoast(database(), roastId, (before) => {
        const after = next(before);
        // A clock that was set back meanwhile must not keep the cook from saying what happens.
        return { ...after, happened: inOrder(after.happened) };
      }),
    );
  const happens = (event: Partial<Happened>): Promise<boolean> =>
    change((before) => ({ ...before, happened: { ...before.happened, ...event } }));
  const takeBack = (...events: (keyof Happened)[]): Promise<boolean> =>
    change((before) => ({ ...before, happened: without(before.happened, events) }));
  /** What was noted is told, with how a tap takes it back. */
  const noted = async (
    isStored: Promise<boolean>,
    says: () => string,
    undone: (now: Roast) => Roast,
  ): Promise<void> => {
    if (await isStored) toast.message(says(), { action: { label: "Undo", onClick: () => void change(undone) } });
  };
  /** A row, and an hour that begins with it; a tap takes both back. @param hourOf by the plan as it is stored; null: none */
  const tickOff = (id: string, hourOf: (plan: Plan) => Hour | null): void => {
    let hour = null as Hour | null;
    const isStored = change((before) => {
      hour = hourOf(before.plan);
      return { ...before, happened: { ...withTick(before.happened, id), ...(hour && { [hour]: instantNow() }) } };
    });
    void noted(
      isStored,
      () => (hour ? HOUR_WORDS[hour] : "Ticked off"),
      (now) => ({ ...now, happened: withoutTicks(hour ? without(now.happened, [hour]) : now.happened, id) }),
    );
  };
  const withStruck = (update: (ids: readonly string[]) => readonly string[]) =>
    change((before) => ({
      ...before,
      happened: { ...before.happened, struck: [...update(before.happened.struck ?? [])] },
    }));
  /** One reading in the place of another, which counts no more. */
  const takesPlaceOf = async (reading: RoastReading, right: RoastReading): Promise<void> => {
    const key = readingKey(reading);
    await addReadings(database(), roastId, [right]);
    await withStruck((ids) => [...ids.filter((id) => id !== key), key]);
    toast.message("The reading was put right", {
      action: {
        label: "Undo",
        onClick: () => void withStruck((ids) => [...ids.filter((id) => id !== key), readingKey(right)]),
      },
    });
  };
  return {
    change,
    happens,
    takeBack,
    /** What was said to have happened, and has not. */
    putsRight(put: (happened: Happened) => Happened): void {
      void change((before) => ({ ...before, happened: put(before.happened) }));
    },
    /** It came out, or was carved, at another time than was said. */
    wasAt(what: "pulledAt" | "carvedAt", ms: number): void {
      const at = new Date(ms).toISOString();
      let was: string | undefined;
      let zone = "UTC";
      const isStored = change((before) => {
        was = before.happened[what];
        ({ zone } = before.plan);
        return { ...before, happened: { ...before.happened, [what]: at } };
      });
      void noted(
        isStored,
        () => `Noted: ${what === "pulledAt" ? "out" : "carved"} at ${clockTime(ms, zone, habitsNow())}`,
        (now) => ({ ...now, happened: { ...now.happened, ...(was !== undefined && { [what]: was }) } }),
      );
    },
    /** It was outside at another time than was said. */
    wasOutside(n: number, stay: NonNullable<Happened["outs"]>[number]): void {
      void change(({ happened, ...before }) => ({
        ...before,
        happened: { ...happened, outs: (happened.outs ?? []).map((each, m) => (m === n ? stay : each)) },
      }));
    },
    goesIn(atMs: number): void {
      void change((before) => wentIn(before, atMs));
    },
    /** @throws Error when they are not stored: what was typed stays in its field */
    async notes(readings: readonly RoastReading[]): Promise<void> {
      await addReadings(database(), roastId, readings);
    },
    /** A reading does not count any more; it can be had back. */
    async strikes(reading: RoastReading): Promise<void> {
      const key = readingKey(reading);
      if (!(await withStruck((ids) => [...ids.filter((id) => id !== key), key]))) return;
      toast.message("That reading does not count any more", {
        action: { label: "Undo", onClick: () => void withStruck((ids) => ids.filter((id) => id !== key)) },
      });
    },
    /** Another value in the place of one that was read wrong. @throws Error when it is not stored */
    async corrects(reading: RoastReading, read: Pick<RoastReading, "celsius" | "shownC">): Promise<void> {
      // A thousandth of a second later: it is another reading, of the same moment.
      const at = new Date(Date.parse(reading.at) + 1).toISOString();
      const { shownC: _, ...place } = reading;
      await takesPlaceOf(reading, { ...place, at, ...read, source: "typed" });
    },
    /** It was read at another minute. @throws Error when it is not stored */
    async readAt(reading: RoastReading, ms: number): Promise<void> {
      // A thousandth of a second from where it was in its minute: it is another reading, also put back to where it was.
      const inMinute = (Date.parse(reading.at) + 1) % MINUTE_MS;
      const at = new Date(Math.min(clockNow(), MINUTE_MS * Math.floor(ms / MINUTE_MS) + inMinute)).toISOString();
      await takesPlaceOf(reading, { ...reading, at });
    },
    ticks(id: string): void {
      tickOff(id, (plan) => (id === heatOnRow(plan) ? "heatOnAt" : null));
    },
    /** A row was not done after all, nor what began with it. */
    unticks(id: string): void {
      void change(({ plan, happened, ...before }) => {
        const begun: Hour | null = id === THAW_ROW ? "thawBegunAt" : id === heatOnRow(plan) ? "heatOnAt" : null;
        return { ...before, plan, happened: withoutTicks(begun ? without(happened, [begun]) : happened, id) };
      });
    },
    /** Its thaw begins now, later than planned: what follows is held against it. */
    thaws(): void {
      tickOff(THAW_ROW, () => "thawBegunAt");
    },
    /** Its salting, or what comes before that, begins now, later than planned. @param fromNow for how long it is salted then */
    salts(task: TaskId, { does, change: fromNow }: Remedy): void {
      let was: Plan["salt"] | undefined;
      const isStored = change((before) => {
        was = before.plan.salt;
        return { ...before, plan: fromNow(before.plan), happened: withTick(before.happened, task) };
      });
      void noted(
        isStored,
        () => `Noted, begun now: ${uncapitalised(remedyWords(does, habitsNow().units))}`,
        ({ plan, happened, ...now }) => ({
          ...now,
          plan: { ...plan, ...(was && { salt: was }) },
          happened: withoutTicks(happened, task),
        }),
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
    opened(what: string, openMin: number): void {
      const at = new Date(clockNow() - openMin * MINUTE_MS).toISOString();
      const isStored = change((before) => ({
        ...before,
        happened: { ...before.happened, doors: [...(before.happened.doors ?? []), { at, openMin }] },
      }));
      void noted(
        isStored,
        () => `Noted: the ${what} was open for ${openMin} min; the forecast counts with it`,
        ({ happened, ...now }) => ({
          ...now,
          happened: { ...happened, doors: (happened.doors ?? []).filter((door) => door.at !== at) },
        }),
      );
    },
    /** So many by now: bastings, or times that the fire was fed. */
    counts(what: "bastingsDone" | "fuelsDone", n: number): void {
      let was: number | undefined;
      const isStored = change((before) => {
        was = before.happened[what];
        return { ...before, happened: { ...before.happened, [what]: n } };
      });
      void noted(
        isStored,
        () => (what === "fuelsDone" ? "Noted: fed" : "Noted: basted"),
        (now) => ({ ...now, happened: { ...now.happened, [what]: was } }),
      );
    },
    /** A change of the heat is made now; made late, or by its colour, that is when it began. */
    changesHeat({ n, because, sinceMin }: Extract<Advice, { kind: "stage" }>): void {
      let was: Pick<Roast, "plan" | "happened"> | undefined;
      const isStored = change(({ plan, happened, ...before }) => {
        was = { plan, happened };
        const done = happened.stagesDone ?? 0;
        const isAsPlanned = because !== "colour" && sinceMin < OVERDUE_MIN;
        const minute = Math.floor((clockNow() - Date.parse(happened.inAt ?? "")) / MINUTE_MS);
        const stages = isAsPlanned ? plan.stages : begunAt(plan.stages, done, n, minute);
        return { ...before, plan: { ...plan, stages }, happened: { ...happened, stagesDone: n } };
      });
      void noted(
        isStored,
        () => `Noted: ${was ? uncapitalised(stageWords(was.plan, n, habitsNow().units)) : "done"}`,
        ({ plan, happened, ...now }) => ({
          ...now,
          plan: { ...plan, stages: was?.plan.stages ?? plan.stages },
          happened: { ...happened, stagesDone: was?.happened.stagesDone },
        }),
      );
    },
    /** A change of the heat that was made was made at another minute: what comes after it is not before it. */
    changedHeatAt(n: number, minute: number): void {
      void change(({ plan, ...before }) => {
        const stages = plan.stages.map((stage, m) => (m === n ? { ...stage, fromMin: minute } : stage));
        return { ...before, plan: { ...plan, stages: begunAt(stages, n, n, minute + 1) } };
      });
    },
    /** Its heat is off, from now on. */
    heatIsOff(): void {
      const offAt = instantNow();
      void noted(
        change(({ happened, ...before }) => ({ ...before, happened: withHeatOff(happened, { offAt }) })),
        () => "Noted: without heat from now on",
        ({ happened, ...now }) => ({ ...now, happened: withoutHeatOff(happened, offAt) }),
      );
    },
    /** And on again. */
    heatIsOn(): void {
      const at = instantNow();
      let was: Happened["heatOffs"];
      const isStored = change(({ happened, ...before }) => {
        was = happened.heatOffs;
        return { ...before, happened: withHeatOn(happened, at) };
      });
      void noted(
        isStored,
        () => "Noted: on again from now",
        ({ happened, ...now }) => ({ ...now, happened: { ...happened, heatOffs: was } }),
      );
    },
    /** A time without heat is told, or told otherwise. @param before when it was said to have begun */
    heatWasOff(told: TimeWithoutHeat, before?: string): void {
      void change(({ happened, ...rest }) => ({ ...rest, happened: withHeatOff(happened, told, before) }));
    },
    /** A time without heat was none. */
    heatWasOn(began: string): void {
      let was: Happened["heatOffs"];
      const isStored = change(({ happened, ...before }) => {
        was = happened.heatOffs;
        return { ...before, happened: withoutHeatOff(happened, began) };
      });
      void noted(
        isStored,
        () => "Noted: on all that while",
        ({ happened, ...now }) => ({ ...now, happened: { ...happened, heatOffs: was } }),
      );
    },
    /** It was on since then, and not before: from before the bird went in, or only after. */
    heatWasOnAt(ms: number): void {
      const onAt = new Date(ms).toISOString();
      void change(({ happened, ...before }) => {
        const { inAt = onAt } = happened;
        const isBefore = ms <= Date.parse(inAt);
        return {
          ...before,
          happened: isBefore ? { ...happened, heatOnAt: onAt } : withHeatOff(happened, { offAt: inAt, onAt }),
        };
      });
    },
    /** Tips were put right: from now on they are read anew. */
    seats(probes: readonly Probe[]): void {
      const at = instantNow();
      const isStored = change((before) => ({
        ...before,
        happened: probes.reduce((happened, probe) => withSeat(happened, { at, probe }), before.happened),
      }));
      void noted(
        isStored,
        () => "Noted: it is read anew from now",
        ({ happened, ...now }) => ({ ...now, happened: withoutSeat(happened, at) }),
      );
    },
    /** A probe sits elsewhere than was said. @param moved from now on; else it has always sat there */
    sitsAt({ device, probe }: Pick<InBird, "device" | "probe">, sits: Probe, moved: boolean): void {
      const at = instantNow();
      const isIt = (each: InBird): boolean => each.device === device && each.probe === probe;
      let was: InBird | undefined;
      const isStored = change((before) => {
        was = before.probes?.find(isIt);
        return {
          ...before,
          probes: (before.probes ?? []).map((each) => (isIt(each) ? sittingAt(each, sits, at, moved) : each)),
          ...(moved && { happened: withSeat(before.happened, { at, probe: sits }) }),
        };
      });
      void noted(
        isStored,
        () => `Noted: it ${moved ? "sits" : "has always sat"} in the ${probeName(sits)}`,
        ({ happened, ...now }) => ({
          ...now,
          probes: (now.probes ?? []).map((each) => (isIt(each) && was ? was : each)),
          happened: withoutSeat(happened, at),
        }),
      );
    },
    /** Its thermometers are in another bird, and were all the while. */
    noneOfThem(): void {
      const until = instantNow();
      let was: Roast["probes"];
      const isStored = change(({ probes = [], ...before }) => {
        was = probes;
        const others = [...new Set(probes.map(({ device }) => device))].map((device) => ({ device, until }));
        return { ...before, happened: withOthers(before.happened, others) };
      });
      void noted(
        isStored,
        () => "Noted: what they read is not this bird's",
        ({ happened, ...now }) => ({
          ...now,
          probes: was,
          happened: { ...happened, notItsOwn: (happened.notItsOwn ?? []).filter((other) => other.until !== until) },
        }),
      );
    },
    backIn(): void {
      void change((before) => {
        const { pulledAt, outs = [], ...rest } = before.happened;
        if (!pulledAt) return before;
        const stay = { outAt: pulledAt, backAt: instantNow() };
        return { ...before, happened: { ...withHeatOn(rest, pulledAt), outs: [...outs, stay] } };
      });
    },
    /** @param readC newest readings: which stage is on may hang on them */
    async whatIf(name: string, { stages, leaves }: Changed, readC: CentreTemperatures): Promise<void> {
      const at = instantNow();
      const left = leaves.length > 0 ? ` (${leaves.join(" and ")} out)` : "";
      let was: Roast | null = null;
      let line = "";
      const isStored = await change((before) => {
        const { plan, happened, notes } = before;
        const minute = Math.round((clockNow() - Date.parse(happened.inAt ?? "")) / MINUTE_MS);
        was = before;
        line = `${notes && "\n"}Minute ${minute}: ${name}${left}.`;
        return {
          ...before,
          plan: { ...plan, stages },
          happened: {
            ...happened,
            stagesDone: stagesDoneAfter(stages, happened.stagesDone ?? 0, minute, readC),
            ...(leaves.length > 0 && {
              left: [...(happened.left ?? []), ...leaves.map((piece) => ({ piece, at }))],
            }),
          },
          notes: `${notes}${line}`.slice(-MOST_NOTES),
        };
      });
      if (!isStored) return;
      toast.success(`${name}: it is the plan now`, {
        action: { label: "Undo", onClick: () => void change((now) => (was ? withoutWhatIf(now, was, line) : now)) },
      });
    },
  };
}

/** What if taken back: what it changed, and nothing that happened since. */
function withoutWhatIf(now: Roast, { plan: { stages }, happened: { stagesDone, left } }: Roast, line: string): Roast {
  return {
    ...now,
    plan: { ...now.plan, stages },
    notes: now.notes.replace(line, ""),
    happened: { ...now.happened, stagesDone, left },
  };
}

export type Acts = ReturnType<typeof actsOf>;
