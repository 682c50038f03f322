/** One roast on its day: readings in, screened, forecast, advice, what is late, what is called. Runs on every screen. */
import { useCallback, useMemo } from "react";
import { type Advice, adviceFor } from "../../core/day/coach";
import { type Doubted, doubtedAtRest, doubtedOf, expectedC, mostAtRestC } from "../../core/day/doubt";
import { comingRows } from "../../core/day/due";
import { lateBeforeOven } from "../../core/day/late";
import { guidelineEverywhere } from "../../core/day/present";
import { replan } from "../../core/day/replan";
import { restPlan } from "../../core/day/restPlan";
import { placesSeen } from "../../core/day/seen";
import { targetsStillIn } from "../../core/forecast/ensemble";
import { allReached } from "../../core/forecast/newest";
import { plannedInput, pullGoalsC, roastOptions, startCOf } from "../../core/forecast/planned";
import type { Reading } from "../../core/forecast/reading";
import { screened } from "../../core/forecast/screening";
import { cookStage, type Roast } from "../../core/formats/roast";
import { readingKey } from "../../core/formats/shared";
import { restFor } from "../../core/processes/rest";
import { derivePlan } from "../../core/schedule/derive";
import { type TimetableRow, timetableOf } from "../../core/schedule/timetable";
import { clockNow } from "../shell/clock";
import { usePreferences } from "../shell/preferences";
import { useSimulatedPlan } from "../simulation/useSimulatedPlan";
import { useNow } from "../ui/useNow";
import { adviceWords, dueWords, lateWords } from "./adviceWords";
import type { Call } from "./alarm";
import type { Item, Observed, RoastDay } from "./roastDay";
import { useForecast } from "./useForecast";
import { usePresent } from "./usePresent";
import { useReadings } from "./useReadings";

const MINUTE = 60_000;
const SEEN_C = guidelineEverywhere();
/** An alarm so long before it cools. */
const WARN_MIN = 5;
const NONE: readonly string[] = [];
const UNKNOWN = { p10: Number.NaN, p50: Number.NaN, p90: Number.NaN };

export function useRoastDay(roast: Roast): RoastDay {
  const now = useNow();
  const { units } = usePreferences();
  const { plan, happened } = roast;
  const stage = cookStage(roast);
  const simulated = useSimulatedPlan(plan);
  const { cook, shares } = simulated;
  const { inAt, pulledAt } = happened;
  const ticked = happened.ticked ?? NONE;
  const struck = happened.struck ?? NONE;
  const derived = useMemo(
    () => (cook ? derivePlan(plan, cook, shares, clockNow(), inAt) : null),
    [plan, cook, shares, inAt],
  );
  const inAtMs = Date.parse(inAt ?? "");
  const nowMin = (now - inAtMs) / MINUTE;
  const nowMinute = MINUTE * Math.floor(now / MINUTE);
  const pulledMs = Date.parse(pulledAt ?? "");
  const pulledMin = pulledAt ? (pulledMs - inAtMs) / MINUTE : null;

  const stored = useReadings(roast.id);
  const readings = useMemo(
    () => stored?.filter((reading) => !struck.includes(readingKey(reading))) ?? null,
    [stored, struck],
  );
  const observed = useMemo(
    () =>
      (readings ?? [])
        .map((reading): Observed => {
          const { at, part, side, celsius } = reading;
          const minute = (Date.parse(at) - inAtMs) / MINUTE;
          return { minute, part, celsius, ...(side && { side }), key: readingKey(reading) };
        })
        .filter(({ minute }) => minute >= 0),
    [readings, inAtMs],
  );
  const startC = useMemo(() => startCOf(plannedInput(plan).before), [plan]);
  const inOven = useMemo(
    () => (pulledMin === null ? observed : observed.filter(({ minute }) => minute <= pulledMin)),
    [observed, pulledMin],
  );
  const screen = useMemo(() => screened(inOven, startC), [inOven, startC]);
  const believed = useMemo(() => {
    if (pulledMin === null) return screen.kept.filter(({ minute }) => minute <= (clockNow() - inAtMs) / MINUTE + 1);
    const mostC = mostAtRestC(screen.kept, startC);
    const resting = observed.filter(({ minute, celsius }) => minute > pulledMin && celsius <= mostC);
    return [...screen.kept, ...resting];
  }, [screen, observed, pulledMin, startC, inAtMs]);

  // Once it has been back in, the rest is not counted on again: it is to be seen in the oven.
  const goalsC = useMemo(() => {
    const aims = happened.outs?.length || !cook ? plan.targetC : pullGoalsC(cook, plan.targetC);
    return targetsStillIn(
      aims,
      (happened.left ?? []).map(({ piece }) => piece),
    );
  }, [happened, plan.targetC, cook]);
  const options = useMemo(
    () => (inAt && stage !== "done" ? roastOptions({ plan, happened }, goalsC) : null),
    [plan, happened, goalsC, inAt, stage],
  );
  const forecastState = useForecast(options, screen);
  const { forecast } = forecastState;
  const present = usePresent({
    options,
    forecast,
    pulledMin,
    nowMin,
    cover: plan.cover,
    seenC: pulledMin === null ? SEEN_C : plan.targetC,
  });

  const late = useMemo(
    () =>
      stage === "planned" && cook && derived ? lateBeforeOven(plan, cook, shares, derived, ticked, nowMinute) : null,
    [stage, plan, cook, shares, derived, ticked, nowMinute],
  );
  const replanned = useMemo(() => {
    if (!cook || !derived || !inAt) return null;
    const pullMin =
      pulledMin === null ? (forecast?.pull ?? UNKNOWN) : { p10: pulledMin, p50: pulledMin, p90: pulledMin };
    return replan(plan, cook, derived, { inAt, pullMin, pulled: pulledMin !== null, nowMs: nowMinute }, units);
  }, [plan, cook, derived, inAt, pulledMin, forecast, nowMinute, units]);
  const rows = useMemo((): readonly TimetableRow[] => {
    const placed = derived ? (replanned?.rows ?? timetableOf(plan, late?.derived ?? derived, units)) : [];
    return comingRows(placed, ticked, nowMinute);
  }, [derived, replanned, plan, late, units, ticked, nowMinute]);

  const placed = placesSeen(
    plan.targetC,
    believed.filter(({ minute }) => pulledMin !== null && minute >= pulledMin),
  );
  const allSeen = placed.every(({ seen }) => seen);
  const rest = pulledMin === null ? null : restPlan(plan.bird.massKg, present?.rest ?? null, allSeen);
  const carveAtMs = replanned?.carveAtMs ?? derived?.schedule.carveAtMs ?? null;
  const reached = stage === "roasting" && Object.keys(goalsC).length > 0 && allReached(goalsC, believed, screen.lost);

  const told = useMemo(
    (): readonly Advice[] =>
      stage === "roasting"
        ? adviceFor({
            plan,
            nowMin: (nowMinute - inAtMs) / MINUTE,
            readings: observed,
            forecast,
            browning: present?.browning ?? null,
            outByMin:
              ((derived?.schedule.carveAtMs ?? Number.POSITIVE_INFINITY) - inAtMs) / MINUTE -
              restFor(plan.bird.massKg).shortestMin,
            stagesDone: happened.stagesDone ?? 0,
            bastingsDone: happened.bastingsDone ?? 0,
            fuelsDone: happened.fuelsDone ?? 0,
          })
            // A thermometer that speaks by itself needs no telling when to read it.
            .filter(({ kind }) => kind !== "read-again" || roast.thermometer === "typed")
        : [],
    [stage, plan, nowMinute, inAtMs, observed, forecast, present, derived, happened, roast.thermometer],
  );
  const items: readonly Item[] = [
    ...told.map((about): Item => ({ ...adviceWords(about, plan, units), about })),
    ...dueWords(rows, now, stage, late !== null).map(
      (words): Item => ({ ...words, about: { kind: "row", id: words.row } }),
    ),
  ];
  const calls: Call[] = items.filter(({ rings }) => rings);
  if (late) calls.unshift(lateWords(late, plan, units));
  if (reached) calls.unshift({ key: "pull", does: "Take it out: it is there" });
  if (rest && carveAtMs !== null) {
    const earliestMs = pulledMs + rest.earliestMin * MINUTE;
    const latestMs = pulledMs + rest.latestMin * MINUTE;
    if (now >= Math.max(earliestMs, Math.min(carveAtMs, latestMs))) calls.push({ key: "carve", does: "Carve" });
    if (rest.fallsShort) calls.push({ key: "back in", does: "Back into the oven" });
    if (now >= latestMs - WARN_MIN * MINUTE) calls.push({ key: "cools", does: "Carve now, before it cools" });
  }

  const members = forecast?.members ?? null;
  const history = cook?.history;
  const doubted = useCallback(
    (fresh: readonly Reading[]): readonly Doubted[] => {
      const expected = ({ part, minute }: Reading) => expectedC(part, minute, members, history ?? []);
      if (pulledMin === null) return doubtedOf(fresh, inOven, startC, expected);
      return doubtedAtRest(fresh, inOven, startC);
    },
    [inOven, startC, members, history, pulledMin],
  );
  return {
    roast,
    stage,
    simulated,
    derived,
    readings,
    observed,
    believed,
    lost: screen.lost,
    goalsC: pulledMin === null ? goalsC : plan.targetC,
    options,
    forecast: forecastState,
    present,
    rest,
    late,
    rows,
    carveAtMs,
    lateMin: late?.lateMin ?? replanned?.lateMin ?? 0,
    reached,
    items,
    calls: stage === "done" ? [] : calls,
    doubted,
  };
}
