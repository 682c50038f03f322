/** One roast on its day, put together: readings in, forecast, what is still to come, advice, calls. Runs on every screen. */

import { useEffect, useMemo, useState } from "react";
import { type Advice, adviceFor, outByMinOf, wanted } from "../../core/day/coach";
import { goalsInHeat } from "../../core/day/goals";
import { heldUntilMin } from "../../core/day/held";
import { keptOf } from "../../core/day/kept";
import { leftoversOf } from "../../core/day/leftovers";
import { restPlan } from "../../core/day/restPlan";
import { placesSeen } from "../../core/day/seen";
import { asShown } from "../../core/forecast/asShown";
import { allReached } from "../../core/forecast/newest";
import { plannedInput, roastOptions, startCOf } from "../../core/forecast/plannedInput";
import { certain } from "../../core/forecast/shares";
import { looksMade } from "../../core/forecast/untold";
import { byTimeMin } from "../../core/plan/byTime";
import { offSince } from "../../core/plan/happened";
import { heatNow } from "../../core/plan/heats";
import { cookStage, type Roast } from "../../core/plan/roast";
import { guidelineOf, guidelineTargets, targetsOf } from "../../core/plan/targets";
import { MINUTE_MS } from "../../core/units/time";
import type { TimetableRow } from "../../words/timetable";
import { usePace } from "../shell/clock";
import { useHabits } from "../shell/preferences";
import { useDinner } from "../simulation/useDinner";
import { useSimulatedPlan } from "../simulation/useSimulatedPlan";
import { useNow } from "../ui/useNow";
import { callsOf } from "./calls";
import { itemsOf } from "./items";
import { nextUp } from "./next";
import type { RoastDay } from "./roastDay";
import { useAwaited } from "./useAwaited";
import { useDoubted } from "./useDoubted";
import { useForecast } from "./useForecast";
import { untoldNow, useHeard } from "./useHeard";
import { useObserved } from "./useObserved";
import { usePresent } from "./usePresent";
import { useRows } from "./useRows";

const NO_ROWS: readonly TimetableRow[] = [];

const NO_ADVICE: readonly Advice[] = [];

export function useRoastDay(roast: Roast): RoastDay {
  const now = useNow();
  const reader = useHabits();
  const { units } = reader;
  const { pace } = usePace();
  const { plan, happened } = roast;
  const stage = cookStage(roast);
  // Whether a change of the heat that nobody has told was made is for the readings to say, until the cook does.
  const isUntold = untoldNow(roast, now) !== null;
  const [seemsMade, setSeemsMade] = useState(false);
  const notMade = useHeard(roast, now);
  const made = useHeard(roast, now, true);
  const heard = seemsMade ? made : notMade;
  const simulated = useSimulatedPlan(heard.plan, { happened: heard.happened });
  const { cook } = simulated;
  const { inAt, pulledAt } = happened;
  const inAtMs = Date.parse(inAt ?? "");
  const nowMin = (now - inAtMs) / MINUTE_MS;
  const nowMinute = MINUTE_MS * Math.floor(now / MINUTE_MS);
  const pulledMs = Date.parse(pulledAt ?? "");
  const pulledMin = pulledAt ? (pulledMs - inAtMs) / MINUTE_MS : null;
  const startC = useMemo(() => startCOf(plannedInput(plan).before), [plan]);
  const { readings, observed, inOven, seats, screen, believed } = useObserved(roast, startC, pulledMin);

  const targetC = useMemo(() => targetsOf(plan), [plan]);
  const guidelineC = useMemo(() => guidelineTargets(plan), [plan]);
  const goalsC = useMemo(() => goalsInHeat({ plan, happened }, cook), [plan, happened, cook]);
  const isCooked = inAt !== undefined && (stage === "roasting" || stage === "resting");
  const optionsNot = useMemo(() => (isCooked ? roastOptions(notMade, goalsC) : null), [notMade, goalsC, isCooked]);
  const optionsMade = useMemo(
    () => (isCooked && isUntold ? roastOptions(made, goalsC) : null),
    [made, goalsC, isCooked, isUntold],
  );
  const told = useMemo(
    () => (isCooked ? roastOptions({ plan, happened }, goalsC) : null),
    [plan, happened, goalsC, isCooked],
  );
  const fitNot = useForecast(optionsNot, told, screen);
  const fitMade = useForecast(optionsMade, optionsMade && told, screen);
  const looks = isUntold && fitMade.forecast && fitNot.forecast ? looksMade(fitMade.forecast, fitNot.forecast) : false;
  useEffect(() => setSeemsMade(looks), [looks]);
  const isMadeSo = seemsMade && optionsMade !== null;
  const options = isMadeSo ? optionsMade : optionsNot;
  const forecastState = isMadeSo ? fitMade : fitNot;
  const { forecast } = forecastState;
  // Out of the oven unread, it is the usual bird that rests, for as long as it was in.
  const unread = pulledMin !== null && inOven.length === 0 && options ? { aimC: options.shownC, estimate: [] } : null;
  const present = usePresent({
    options,
    forecast: forecast ?? unread,
    pulledMin,
    nowMin,
    cover: plan.cover,
    seenC: pulledMin === null ? guidelineC : targetC,
  });
  const awaited = useAwaited(roast);
  const { derived, beside } = useDinner(roast, plan, simulated, awaited);
  const timeMin = byTimeMin(roast);
  const outs = happened.outs ?? [];
  const backAt = outs.at(-1)?.backAt;
  const tipsAreThere = useMemo(
    () =>
      Object.keys(goalsC).length > 0 &&
      allReached(goalsC, believed, screen.lost, backAt ? (Date.parse(backAt) - inAtMs) / MINUTE_MS : 0),
    [goalsC, believed, screen.lost, backAt, inAtMs],
  );
  const isThere = stage === "roasting" && (timeMin !== null ? nowMin >= timeMin : tipsAreThere);
  const outByMin = outByMinOf(plan, derived?.schedule.carveAtMs ?? null, inAtMs);
  const heldMin = heldUntilMin({ plan, stagesDone: happened.stagesDone ?? 0, reached: isThere, nowMin, outByMin });
  const reached = isThere && heldMin === null;
  const clockMin = heldMin ?? timeMin;
  const byClock = useMemo(() => (clockMin === null ? null : certain(clockMin)), [clockMin]);
  const members = forecast?.members ?? null;
  const shown = useMemo(() => cook && { ...cook, history: asShown(cook.history, members ?? []) }, [cook, members]);
  const coming = useRows(
    roast,
    { cook: shown, shares: simulated.shares },
    derived,
    byClock ?? forecast?.pull ?? null,
    pulledMin,
    nowMinute,
  );
  const { late, carveAtMs } = coming;
  const renewed = coming.renewed ?? (awaited ? derived : null);
  const kept = useMemo(
    () => (stage === "kept" && derived ? keptOf(coming.rows, happened, nowMinute) : null),
    [stage, derived, coming.rows, happened, nowMinute],
  );
  // Nothing is left of a bird that was never there.
  const leftovers = useMemo(
    () => (pace ? null : leftoversOf({ plan, happened }, nowMinute)),
    [pace, plan, happened, nowMinute],
  );
  const rows = stage === "done" ? NO_ROWS : (kept?.coming ?? coming.rows);
  const placed = placesSeen(
    targetC,
    believed.filter(({ minute }) => pulledMin !== null && minute >= pulledMin),
    guidelineOf(plan),
  );
  const allSeen = placed.every(({ seen }) => seen);
  // In the heat, that of the bird that the readings point to.
  const rested = restPlan({
    boughtKg: plan.bird.massKg,
    outlook: present?.rest ?? null,
    allSeen,
    heldMin: guidelineOf(plan).heldMin,
    isRead: !unread,
    plannedMin: carveAtMs === null || pulledMin === null ? null : (carveAtMs - pulledMs) / MINUTE_MS,
    isForDinner: plan.roasted !== "day-before",
  });
  const rest = stage === "resting" ? rested : null;
  const offAt = offSince(happened);
  const advice = useMemo(() => {
    if (stage !== "roasting") return NO_ADVICE;
    return adviceFor({
      plan,
      nowMin: (nowMinute - inAtMs) / MINUTE_MS,
      readings: observed,
      forecast,
      course: shown?.history ?? [],
      browning: present?.browning ?? null,
      outByMin,
      stagesDone: happened.stagesDone ?? 0,
      bastingsDone: happened.bastingsDone ?? 0,
      fuelsDone: happened.fuelsDone ?? 0,
      offSinceMin: offAt === undefined ? null : (Date.parse(offAt) - inAtMs) / MINUTE_MS,
    });
  }, [stage, plan, nowMinute, inAtMs, observed, forecast, shown, present, outByMin, happened, offAt]);
  const advised = wanted(advice, {
    isTyped: roast.thermometer === "typed",
    isHeld: heldMin !== null,
    follows: derived?.beside.piece?.follows === true,
  });
  const items = itemsOf(
    { roast, stage, derived, awaited, told: advised, rest, rows, nowMs: now, isLate: late !== null },
    reader,
  );

  const calls =
    stage === "done" && !leftovers
      ? []
      : callsOf({
          plan,
          heat: heatNow(roast),
          units,
          nowMs: now,
          stay: outs.length,
          items,
          late,
          reached,
          pulledMs,
          rest,
          kept,
          leftovers,
        });
  const upNext = nextUp({ plan, stage, calls, kept, leftovers, rows }, now);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what it says stands for it
  const next = useMemo(() => upNext, [upNext?.what, upNext?.atMs, upNext?.isBy]);

  const known = { inOven, startC, seats, members, history: cook?.history };
  const doubted = useDoubted(known, pulledMin !== null);
  return {
    ...coming,
    rows,
    passed: kept?.passed ?? coming.passed,
    renewed,
    kept,
    leftovers,
    roast,
    stage,
    simulated,
    derived,
    beside,
    readings,
    observed,
    believed,
    lost: screen.lost,
    seemsMade: isMadeSo,
    goalsC: pulledMin === null ? goalsC : targetC,
    options,
    forecast: forecastState,
    present,
    rest,
    goodForMin: rested.latestMin,
    reached,
    heldUntilMs: heldMin === null ? null : inAtMs + heldMin * MINUTE_MS,
    items,
    calls,
    next,
    doubted,
  };
}
