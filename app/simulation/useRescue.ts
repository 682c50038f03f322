/** Both ways out of a bird that is still ice on the morning, simulated for this very bird. */

import type { PlannedOutcome } from "../../core/forecast/planned";
import { plannedInput } from "../../core/forecast/plannedInput";
import { onTheMorning } from "../../core/plan/edits";
import type { Plan } from "../../core/plan/schema";
import { formatTemperature, type UnitSystem } from "../../core/units/quantity";
import { PART_NAMES } from "../../words/names";
import { NEVER_THAWS } from "../../words/thawing";
import { type Asked, useSimulated } from "./useSimulated";

export type WayOut =
  | { readonly kind: "waiting" }
  | { readonly kind: "known"; readonly waterMin: number; readonly roastMin: number; readonly totalMin: number }
  | { readonly kind: "failed"; readonly why: string };

function wayOut({ answer, stale, fault }: Asked<PlannedOutcome>, units: UnitSystem): WayOut {
  if (fault) return { kind: "failed", why: fault };
  if (!answer || stale) return { kind: "waiting" };
  if (answer.kind === "never-met") {
    return {
      kind: "failed",
      why: `the ${PART_NAMES[answer.centre]} never gets to ${formatTemperature(answer.targetC, units)}`,
    };
  }
  if (!Number.isFinite(answer.thawHours)) return { kind: "failed", why: NEVER_THAWS };
  const waterMin = answer.thawHours * 60;
  return { kind: "known", waterMin, roastMin: answer.pullMinute, totalMin: waterMin + answer.pullMinute };
}

export function useRescue(
  plan: Plan,
  ice: Plan["bird"]["ice"],
  units: UnitSystem,
): Readonly<Record<"water" | "none", WayOut>> {
  const job = (thawIn: "water" | "none") =>
    ({ kind: "plan", input: plannedInput(onTheMorning(ice, thawIn)(plan)), quality: "settled" }) as const;
  const water = useSimulated<"plan">(job("water"));
  const none = useSimulated<"plan">(job("none"));
  return { water: wayOut(water, units), none: wayOut(none, units) };
}
