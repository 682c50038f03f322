/** The plan's simulation as it answers: a coarse picture at once while the hand moves, a finer one and the doubt after. */

import { useLayoutEffect, useRef, useState } from "react";
import { FIRST_SHARES, type Shares } from "../../core/forecast/band";
import type { PlannedDone, PlannedInput, PlannedOutcome } from "../../core/forecast/planned";
import { ensembleOf, plannedInput, pullGoalsC } from "../../core/forecast/planned";
import type { Plan } from "../../core/formats/roast";
import type { NeverMet } from "../../core/processes/cook";
import { bandOverPool, dropBand } from "../../workers/band";
import { Superseded } from "../../workers/pool";
import { simulations } from "../../workers/simulations";
import { soon } from "../shell/clock";

export interface SimulatedPlan {
  /** The newest finished simulation; kept while the next is under way. */
  readonly cook: PlannedDone | null;
  readonly neverMet: NeverMet | null;
  readonly shares: Shares;
  readonly refining: boolean;
  readonly fault: string | null;
}

const SETTLE_MS = 220;
/**
 * While a hand drags, one preview runs at a time and the newest plan is taken next, so the picture keeps moving; what
 * lies between is skipped. The finer picture and the band start when the plan has stood still, and are cancelled by
 * the next edit.
 */
export function useSimulatedPlan(plan: Plan): SimulatedPlan {
  const [state, setState] = useState<SimulatedPlan>({
    cook: null,
    neverMet: null,
    shares: FIRST_SHARES,
    refining: true,
    fault: null,
  });
  const key = JSON.stringify(plannedInput(plan));
  const wanted = useRef(key);
  const previewing = useRef(false);
  /** The newest plan whose finer picture is shown: a preview of it that comes late is not shown over it. */
  const refined = useRef("");
  // Before the page is painted: the workers begin while it is.
  useLayoutEffect(() => {
    wanted.current = key;
    let stopped = false;
    const failed = (error: unknown): void => {
      // A newer edit took this one's place: its own answer is on the way.
      if (error instanceof Superseded) return;
      setState((before) => ({
        ...before,
        fault: error instanceof Error ? error.message : String(error),
        refining: false,
      }));
    };
    const show = (outcome: PlannedOutcome): void =>
      setState((before) =>
        outcome.kind === "done"
          ? { ...before, cook: outcome, neverMet: null, fault: null }
          : { ...before, neverMet: outcome, refining: false },
      );
    // Starts when the plan has stood still since its preview was shown.
    let settle = (): void => undefined;
    const refineSoon = (): void => {
      settle();
      if (!stopped) settle = soon(SETTLE_MS, () => void refine().catch(failed));
    };
    const preview = async (): Promise<void> => {
      if (previewing.current) {
        refineSoon();
        return;
      }
      previewing.current = true;
      try {
        for (let shown = ""; shown !== wanted.current; ) {
          shown = wanted.current;
          const input = JSON.parse(shown) as PlannedInput;
          const outcome = await simulations.request<"plan">("preview", { kind: "plan", input, quality: "preview" });
          if (refined.current !== shown) show(outcome);
        }
      } catch (error) {
        failed(error);
      } finally {
        previewing.current = false;
        refineSoon();
      }
    };
    const refine = async (): Promise<void> => {
      const input = JSON.parse(key) as PlannedInput;
      const outcome = await simulations.request<"plan">("plan", { kind: "plan", input, quality: "settled" });
      if (stopped) return;
      refined.current = key;
      show(outcome);
      if (outcome.kind !== "done") return;
      const options = ensembleOf(input, pullGoalsC(outcome, input.targetC));
      const shares = await bandOverPool("band", options);
      if (!stopped) setState((before) => ({ ...before, shares, refining: false }));
    };
    setState((before) => ({ ...before, refining: true }));
    void preview();
    return () => {
      stopped = true;
      settle();
      // Their processors are wanted for the next preview.
      simulations.drop("plan");
      dropBand("band");
    };
  }, [key]);
  return state;
}
