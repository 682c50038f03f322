/** The plan's simulation as it answers: a coarse picture at once while the hand moves, a finer one and the doubt after. */
import { useMemo, useRef } from "react";
import type { PlannedDone, PlannedOutcome } from "../../core/forecast/planned";
import { type PlannedInput, roastInput } from "../../core/forecast/plannedInput";
import type { Shares } from "../../core/forecast/shares";
import type { Roast } from "../../core/plan/roast";
import type { Plan } from "../../core/plan/schema";
import type { NeverMet } from "../../core/processes/cook";
import type { Pictured } from "../../core/processes/picture";
import type { Asked } from "./newest";
import { useBand } from "./useBand";
import { useSimulated } from "./useSimulated";

export interface SimulatedPlan {
  /** The newest finished simulation; kept while the next is under way. */
  readonly cook: PlannedDone | null;
  /** The plan as it is now never gets there; what is kept is of one that did. */
  readonly neverMet: NeverMet | null;
  readonly shares: Shares;
  readonly refining: boolean;
  readonly fault: string | null;
}

interface FollowedPlan extends SimulatedPlan {
  /** The plan that the picture is of, while a newer one under the hand waits for its own. */
  readonly shown: Plan;
}

interface Simulating {
  /** What the finer picture holds. */
  readonly pictured?: Pictured;
  /**
   * Tells of each plan as it comes under the hand, so that its preview begins before the page is drawn; always the same
   * function.
   */
  readonly ahead?: (tell: (plan: Plan) => void) => () => void;
  /** To its roast, where it is on. */
  readonly happened?: Roast["happened"] | undefined;
}

const SETTLE_MS = 220;

/** Of two pictures of a plan: the finer one of the plan as it is, else the one that came last. */
function useShown(preview: Asked<PlannedOutcome>, settled: Asked<PlannedOutcome>): PlannedOutcome | null {
  const last = useRef({ preview: preview.answer, shown: null as PlannedOutcome | null });
  if (settled.answer && !settled.stale) last.current = { preview: preview.answer, shown: settled.answer };
  else if (preview.answer !== last.current.preview) last.current = { preview: preview.answer, shown: preview.answer };
  return last.current.shown;
}

const NOTHING: Roast["happened"] = {};

const previewOf = (input: PlannedInput) => ({ kind: "plan", input, quality: "preview" }) as const;

/** Of what has been asked: the plan that the preview answers; what nobody waits for any more is forgotten. */
function answeredOf(asked: Map<string, Plan>, plan: Plan, { answered, stale }: Asked<PlannedOutcome>): Plan {
  if (stale) return asked.get(answered ?? "") ?? plan;
  asked.clear();
  if (answered !== null) asked.set(answered, plan);
  return plan;
}

/**
 * While a hand drags, one preview runs at a time and the newest plan is taken next, so the picture keeps moving; what
 * lies between is skipped. The finer picture and the band start when the plan has stood still, and are dropped by the
 * next edit: their processors are wanted for its preview.
 */
export function useSimulatedPlan(
  plan: Plan,
  { pictured = "cuts", ahead, happened = NOTHING }: Simulating = {},
): FollowedPlan {
  const input = roastInput({ plan, happened });
  const asked = useRef(new Map<string, Plan>()).current;
  const previewAhead = useMemo(
    () =>
      ahead &&
      ((tell: (key: string) => void) =>
        ahead((next) => {
          const key = JSON.stringify(previewOf(roastInput({ plan: next, happened })));
          asked.set(key, next);
          tell(key);
        })),
    [ahead, asked, happened],
  );
  const preview = useSimulated<"plan">(previewOf(input), {
    urgency: "hand",
    follows: () => true,
    keptAs: "plan",
    ahead: previewAhead,
  });
  const settled = useSimulated<"plan">(
    { kind: "plan", input, quality: pictured === "solid" ? "solid" : "settled" },
    { settleMs: SETTLE_MS, keptAs: "plan" },
  );
  const fine = settled.stale || settled.answer?.kind !== "done" ? null : settled.answer;
  const band = useBand(input, fine);
  const outcome = useShown(preview, settled);
  const done = useRef<PlannedDone | null>(null);
  if (outcome?.kind === "done") done.current = outcome;
  return {
    cook: done.current,
    neverMet: outcome?.kind === "never-met" ? outcome : null,
    shares: band.shares,
    shown: answeredOf(asked, plan, preview),
    refining: settled.stale || band.refining,
    fault: settled.fault ?? (settled.answer ? band.fault : preview.fault),
  };
}
