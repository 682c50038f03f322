/** What the day knows of each roast in the kitchen: worked out by the day's service, shown by the screens. */
import { create } from "zustand";
import { useShallow } from "zustand/react/shallow";
import type { Probe } from "../../core/bird/probe";
import type { CentreTemperatures } from "../../core/bird/solid";
import type { Doubted } from "../../core/day/doubt";
import type { Kept } from "../../core/day/kept";
import type { LateBefore } from "../../core/day/late";
import type { Leftovers } from "../../core/day/leftovers";
import type { Present } from "../../core/day/present";
import type { RestPlan } from "../../core/day/restPlan";
import type { EnsembleOptions } from "../../core/forecast/ensemble";
import type { Reading } from "../../core/forecast/reading";
import type { CookStage, Roast, RoastReading } from "../../core/plan/roast";
import type { DerivedPlan } from "../../core/schedule/derive";
import type { TimetableRow } from "../../words/timetable";
import type { Beside } from "../simulation/useDinner";
import type { SimulatedPlan } from "../simulation/useSimulatedPlan";
import type { Call } from "./calls";
import type { Item } from "./items";
import type { NextUp } from "./next";
import type { ForecastState } from "./useForecast";

/** A reading that counts, by the minute since the bird went in. */
export interface Observed extends Reading {
  /** Of the stored reading. */
  readonly key: string;
}

export interface RoastDay {
  readonly roast: Roast;
  readonly stage: CookStage;
  readonly simulated: SimulatedPlan;
  /** Null until the plan has been simulated once; nothing a hand needs waits for it. */
  readonly derived: DerivedPlan | null;
  /** Other roasts of the same dinner. */
  readonly beside: readonly Beside[];
  /** What stands in the store and counts; null until read. */
  readonly readings: readonly RoastReading[] | null;
  readonly observed: readonly Observed[];
  /** Those of them that are believed. */
  readonly believed: readonly Reading[];
  readonly lost: readonly Probe[];
  /** A change of the heat that nobody has told counts as made when it was planned, since the readings look so. */
  readonly seemsMade: boolean;
  /** What each centre has to show for the next step: the pull, or carving. */
  readonly goalsC: CentreTemperatures;
  readonly options: EnsembleOptions | null;
  readonly forecast: ForecastState;
  readonly present: Present | null;
  readonly rest: RestPlan | null;
  /** How long it stays good at rest, min. */
  readonly goodForMin: number;
  /** Before the oven: what should have happened and has not. */
  readonly late: LateBefore | null;
  /** Carved the day before its dinner, until it is at the table. */
  readonly kept: Kept<TimetableRow> | null;
  /** What of it stands out after the table. */
  readonly leftovers: Leftovers | null;
  /** What is still to come, placed again. */
  readonly rows: readonly TimetableRow[];
  /** All of the day as it is placed now, what has begun with it. */
  readonly placed: readonly TimetableRow[];
  /** The plan of that, as the readings or what is late have moved it; null where it goes as it was planned. */
  readonly renewed: DerivedPlan | null;
  /** Rows that were ticked off. */
  readonly ticked: readonly TimetableRow[];
  /** Rows that should have had a hand a while ago, of which nobody has said that they had. */
  readonly passed: readonly TimetableRow[];
  readonly lateMin: number;
  /** Every centre shows what the pull asks, and nothing keeps it in. */
  readonly reached: boolean;
  /** Done, and held in its heat until it has to rest for its dinner; null where it is not. */
  readonly heldUntilMs: number | null;
  readonly items: readonly Item[];
  readonly calls: readonly Call[];
  /** The same one until another comes next. */
  readonly next: NextUp | null;
  /** Which of some new readings no bird shows. */
  doubted(fresh: readonly Reading[]): readonly Doubted[];
}

interface Days {
  readonly days: Readonly<Record<string, RoastDay>>;
}

export const useDays = create<Days>(() => ({ days: {} }));

/** Null before the day's service has taken the roast up. */
export const useDay = (roastId: string): RoastDay | null => useDays(({ days }) => days[roastId] ?? null);

/** That it waits for another roast of its dinner, in words; undefined where it waits for none. */
export const useWaits = (roastId: string): string | undefined =>
  useDays(({ days }) => days[roastId]?.items.find(({ about }) => about.kind === "awaited")?.does);

/** A plan as its day has moved it, with the bird in or waiting for another's; null where it goes as it was planned. */
export function useMoved({ id, happened }: Pick<Roast, "id" | "happened">): DerivedPlan | null {
  const goesOtherwise = useWaits(id) !== undefined || happened.inAt !== undefined;
  return useDays(({ days }) => (goesOtherwise ? (days[id]?.renewed ?? null) : null));
}

/** Of the roasts of a dinner, all that is placed of each as its day stands now; nothing of one that has no day yet. */
export const usePlaced = (
  roast: Pick<Roast, "id">,
  beside: readonly Beside[],
): ReadonlyMap<string, readonly TimetableRow[] | undefined> =>
  useDays(
    useShallow(
      ({ days }) => new Map([roast, ...beside.map((each) => each.roast)].map(({ id }) => [id, days[id]?.placed])),
    ),
  );

export const publishDay = (day: RoastDay): void =>
  useDays.setState(({ days }) => ({ days: { ...days, [day.roast.id]: day } }));

export const forgetDay = (roastId: string): void =>
  useDays.setState(({ days }) => {
    const { [roastId]: _, ...others } = days;
    return { days: others };
  });
