import { useEffect, useMemo, useRef } from "react";
import { type Probe, placeOf } from "../../core/bird/probe";
import type { Roast } from "../../core/plan/roast";
import { hiddenOptions } from "../../core/practice/practice";
import { MINUTE_MS } from "../../core/units/time";
import type { PractisedHere } from "../../storage/database";
import { addReadings } from "../../storage/roasts";
import { database } from "../shell/database";
import { stored } from "../shell/stored";
import { useSimulated } from "../simulation/useSimulated";
import { useNow } from "../ui/useNow";
import { useHeard } from "./useHeard";

/** The probes of a bird that is practised: what its hidden roast shows is read as the practice clock comes to it. */
export function PracticeProbes({ roast, practised }: { readonly roast: Roast; readonly practised: PractisedHere }) {
  const { id, happened } = roast;
  const now = useNow();
  const heard = useHeard(roast, now);
  const options = useMemo(() => hiddenOptions(heard, practised), [heard, practised]);
  const { answer: points, stale } = useSimulated<"hidden-roast">({ kind: "hidden-roast", options });
  const inMs = Date.parse(happened.inAt ?? "");
  const nowMin = Math.floor((now - inMs) / MINUTE_MS);
  const toldMin = useRef(-1);
  useEffect(() => {
    // What is under way knows of what was just done to it; the points that are there do not.
    if (!points || stale) return;
    const fresh = points.filter(({ minute }) => minute > toldMin.current && minute <= nowMin);
    toldMin.current = Math.max(toldMin.current, nowMin);
    const readings = fresh.flatMap(({ minute, shownC }) =>
      Object.entries(shownC).map(([probe, celsius]) => ({
        at: new Date(inMs + minute * MINUTE_MS).toISOString(),
        ...placeOf(probe as Probe),
        celsius,
        source: "simulated" as const,
      })),
    );
    if (readings.length > 0) void stored("What the probes showed was", addReadings(database(), id, readings));
  }, [points, stale, nowMin, inMs, id]);
  return null;
}
