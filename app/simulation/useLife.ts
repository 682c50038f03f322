/** What the bird lives through before the oven, simulated when the plan has stood still. */
import { plannedInput } from "../../core/forecast/plannedInput";
import type { Plan } from "../../core/plan/schema";
import type { Pictured } from "../../core/processes/picture";
import type { LifeSummary } from "../../workers/protocol";
import { useSimulated } from "./useSimulated";

const SETTLE_MS = 700;

export interface Life {
  /** Null until it has been simulated for this very bird. */
  readonly life: LifeSummary | null;
  readonly fault: string | null;
}

export function useLife(plan: Plan, pictured: Pictured): Life {
  const { form, massKg, before } = plannedInput(plan);
  const { answer, stale, fault } = useSimulated<"life">(
    { kind: "life", form, massKg, before, pictured },
    { settleMs: SETTLE_MS, urgency: "behind" },
  );
  return { life: stale ? null : answer, fault };
}
