/** The day's service: outside all screens, alive while the app is open. Screens only show what it knows. */

import { useLiveQuery } from "dexie-react-hooks";
import { lazy, memo, Suspense, useEffect, useMemo } from "react";
import { useMatch } from "react-router";
import { isOnTheTable } from "../../core/day/leftovers";
import { isLongOver, isOfThePast } from "../../core/day/over";
import { waitsHours } from "../../core/kitchen/thaw";
import { cookStage, type Roast } from "../../core/plan/roast";
import { HOUR_MS, MINUTE_MS } from "../../core/units/time";
import { isReadable, readableRoasts, storedRoast } from "../../storage/listing";
import { clockNow } from "../shell/clock";
import { database } from "../shell/database";
import { useNow } from "../ui/useNow";
import { useAlarms } from "./alarm";
import { useBridge } from "./bridge";
import { forgetDay, publishDay } from "./roastDay";
import { usePrediction } from "./usePrediction";
import { useRoastDay } from "./useRoastDay";
import { useWakeLock } from "./useWakeLock";

/** Of its own script: who practises nothing has no hidden bird. */
const PracticeProbes = lazy(async () => ({ default: (await import("./PracticeProbes")).PracticeProbes }));

/**
 * A roast that is planned belongs to the day from a day and a half before its first task on: to be called when its thaw
 * begins. One that waits for its dinner, as long as that is not long over; one that was eaten, until what is left of it
 * is in the fridge.
 */
const EVE_HOURS = 36;

function isOfTheDay(roast: Roast, nowMs: number, openId: string | undefined): boolean {
  const stage = cookStage(roast);
  if (isOnTheTable(roast, nowMs)) return true;
  if (stage === "roasting" || stage === "resting" || roast.id === openId) return true;
  if (isLongOver(roast.plan, nowMs)) return false;
  const aheadMs = Date.parse(roast.plan.serveAt) - nowMs;
  return stage === "kept" || (stage === "planned" && aheadMs < (EVE_HOURS + waitsHours(roast.plan)) * HOUR_MS);
}

const QUARTER = 15 * MINUTE_MS;
const NONE: readonly Roast[] = [];

export function DayService() {
  const openId = useMatch("/roast/:id/cook")?.params.id;
  const quarter = QUARTER * Math.floor(useNow() / QUARTER);
  const roasts = useRoasts(openId);
  const ofTheDay = roasts.filter((roast) => isOfTheDay(roast, quarter, openId));
  const inTheKitchen = ofTheDay.filter((roast) => ["roasting", "resting"].includes(cookStage(roast)));
  const practised = useLiveQuery(() => database().practised.toArray(), []);
  // A practised bird has probes of its own; what the bridge hears is of birds that are there.
  const isReal = ({ id }: Roast): boolean => practised?.every(({ roastId }) => roastId !== id) ?? false;
  useBridge(roasts.filter(isReal), inTheKitchen.filter(isReal));
  useWakeLock(inTheKitchen.length > 0);
  return (
    <>
      {ofTheDay.map((roast) => (
        <OnItsDay key={roast.id} roast={roast} />
      ))}
      {inTheKitchen.map((roast) => {
        const own = practised?.find(({ roastId }) => roastId === roast.id);
        return (
          own &&
          own.thermometer !== "hand" && (
            <Suspense key={roast.id} fallback={null}>
              <PracticeProbes roast={roast} practised={own} />
            </Suspense>
          )
        );
      })}
      <Alarms openId={openId} />
    </>
  );
}

/** Those that have a day still, and the one that is open: they are read anew at every tap, and a log of years is not. */
function useRoasts(openId: string | undefined): readonly Roast[] {
  const isWanted = (row: Roast): boolean => !isOfThePast(row, clockNow());
  const roasts = useLiveQuery(() => readableRoasts(database(), isWanted), []) ?? NONE;
  const open = useLiveQuery(async () => (openId ? storedRoast(database(), openId) : null), [openId]);
  return useMemo(
    () => (open && isReadable(open) && roasts.every(({ id }) => id !== open.id) ? [...roasts, open] : roasts),
    [roasts, open],
  );
}

/** By itself: what it follows is what the roasts publish, and nothing of it makes them work again. */
function Alarms({ openId }: { readonly openId: string | undefined }) {
  useAlarms(openId);
  return null;
}

const OnItsDay = memo(function OnItsDay({ roast }: { readonly roast: Roast }) {
  usePrediction(roast);
  const day = useRoastDay(roast);
  useEffect(() => publishDay(day), [day]);
  useEffect(() => () => forgetDay(roast.id), [roast.id]);
  return null;
});
