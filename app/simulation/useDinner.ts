/** A roast's plan placed on the clock, beside whatever else is roasted for the same dinner. */
import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { FIRST_SHARES } from "../../core/forecast/band";
import type { Plan, Roast } from "../../core/plan/schema";
import type { DerivedPlan } from "../../core/schedule/derive";
import { type DinnerRoast, isSameDinner, placeDinner } from "../../core/schedule/dinner";
import { readableRoasts } from "../../storage/listing";
import { clockNow } from "../shell/clock";
import { database } from "../shell/database";
import { shortTitleOf } from "../ui/titles";
import { useCooks } from "./useCooks";
import type { SimulatedPlan } from "./useSimulatedPlan";

/** Another roast of the same dinner. */
export interface Beside {
  readonly roast: Roast;
  readonly derived: DerivedPlan;
}

interface Dinner {
  /** Null until the roast has been simulated once. */
  readonly derived: DerivedPlan | null;
  /** Those that have been simulated too, in the order in which they were planned. */
  readonly beside: readonly Beside[];
  /** Another of them is still being simulated. */
  readonly waiting: boolean;
}

const NONE: readonly Roast[] = [];

/** @param plan as it is under the hand, which may be newer than what is stored */
export function useDinner(
  { id, plan, inAt }: { readonly id: string; readonly plan: Plan; readonly inAt: string | undefined },
  { cook, shares }: SimulatedPlan,
): Dinner {
  const roasts = useLiveQuery(() => readableRoasts(database()), []) ?? NONE;
  const { serveAt } = plan;
  const others = useMemo(
    () =>
      roasts.filter(
        (each) => each.id !== id && each.happened.closedAt === undefined && isSameDinner(each.plan, { serveAt }),
      ),
    [roasts, id, serveAt],
  );
  const cooks = useCooks(
    others.map((each) => each.plan),
    "preview",
  );
  const known = cooks.map(({ kind }) => kind).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: which of them are known stands for the cooks
  return useMemo((): Dinner => {
    const waiting = cooks.some(({ kind }) => kind === "waiting");
    if (!cook) return { derived: null, beside: [], waiting };
    const createdAt = roasts.find((each) => each.id === id)?.createdAt ?? "";
    const own = { id, title: "", plan, simulated: cook, shares, inAt, createdAt };
    const all = others
      .flatMap((each, n) => {
        const answer = cooks[n];
        if (answer?.kind !== "cooked") return [];
        const { happened } = each;
        const shown = { simulated: answer.cook, shares: FIRST_SHARES, inAt: happened.inAt, createdAt: each.createdAt };
        return [{ id: each.id, title: shortTitleOf(each), plan: each.plan, ...shown }];
      })
      .concat(own)
      .sort((one, other) => one.createdAt.localeCompare(other.createdAt) || one.id.localeCompare(other.id));
    const placed = placeDinner(all satisfies readonly DinnerRoast[], clockNow());
    return {
      derived: placed.get(id) ?? null,
      beside: others.flatMap((roast) => {
        const derived = placed.get(roast.id);
        return derived ? [{ roast, derived }] : [];
      }),
      waiting,
    };
  }, [cook, shares, plan, inAt, id, others, known, roasts]);
}
