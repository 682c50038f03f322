import { useEffect, useMemo } from "react";
import { goalsAtPull } from "../../core/forecast/planned";
import { plannedInput, roastOptions, startCOf } from "../../core/forecast/plannedInput";
import type { Roast } from "../../core/plan/roast";
import { MINUTE_MS } from "../../core/units/time";
import { keepSays } from "../../storage/ovens";
import { clockNow } from "../shell/clock";
import { database } from "../shell/database";
import { stored } from "../shell/stored";
import { useSimulated } from "../simulation/useSimulated";
import { useObserved } from "./useObserved";

/** Asks a roast (`isUnasked`) what it says of its oven, behind everything else, and has it written down. Shows nothing. */
export function Learns({ roast }: { readonly roast: Roast }) {
  const { id, plan, happened } = roast;
  const outMin = (Date.parse(happened.pulledAt ?? "") - Date.parse(happened.inAt ?? "")) / MINUTE_MS;
  const input = useMemo(() => plannedInput(plan), [plan]);
  const { readings, screen } = useObserved(roast, startCOf(input.before), outMin);
  const planned = useSimulated<"plan">(
    { kind: "plan", input, quality: "settled" },
    { urgency: "behind", keptAs: "plan" },
  );
  const cook = planned.answer?.kind === "done" ? planned.answer : null;
  const isReady = readings !== null && planned.answer !== null;
  const options = roastOptions({ plan, happened }, goalsAtPull(plan, cook));
  const said = useSimulated<"oven-says">(isReady ? { kind: "oven-says", options, readings: screen.kept } : null, {
    urgency: "behind",
  });
  const isSaid = isReady && said.answered !== null && !said.stale;
  const { answer } = said;
  useEffect(() => {
    if (isSaid) void stored("What it says of its oven was", keepSays(database(), id, answer, clockNow()));
  }, [isSaid, answer, id]);
  return null;
}
