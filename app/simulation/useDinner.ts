/** A roast's plan placed on the clock, beside the other roasts of its dinner and the other pieces in its heat. */
import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { roastInput } from "../../core/forecast/plannedInput";
import { FIRST_SHARES } from "../../core/forecast/shares";
import { happenedAfterEdit } from "../../core/plan/edited";
import type { Roast } from "../../core/plan/roast";
import type { Plan } from "../../core/plan/schema";
import { forDinner, forFire, isSameFire } from "../../core/plan/together";
import type { Told } from "../../core/schedule/conflicts";
import type { DerivedPlan, Simulated } from "../../core/schedule/derive";
import { type Awaited, type DinnerRoast, placeDinner } from "../../core/schedule/dinner";
import type { PlacedSide } from "../../core/schedule/sides";
import { thawedOtherwise } from "../../core/schedule/thawedOtherwise";
import { roastsOfDinner } from "../../storage/roasts";
import { inOrder, namesIn } from "../../words/titles";
import { clockNow } from "../shell/clock";
import { database } from "../shell/database";
import { useBands } from "./useBands";
import { type Cooked, useCooks } from "./useCooks";
import type { SimulatedPlan } from "./useSimulatedPlan";

/** Another roast of the same dinner that is late, as its day goes now. */
export interface AwaitedRoast extends Omit<Awaited, "title"> {
  readonly roast: Roast;
}

/** Another roast of the same dinner. */
export interface Beside {
  readonly roast: Roast;
  readonly derived: DerivedPlan;
  /** It goes in with this one: a piece of the same roast. */
  readonly isPiece: boolean;
}

interface Dinner {
  /** Null until the roast has been simulated once. */
  readonly derived: DerivedPlan | null;
  /** Those that have been simulated too, in the order in which they were planned. */
  readonly beside: readonly Beside[];
  /** Every dish, around whichever roast it is placed. */
  readonly dishes: readonly PlacedSide[];
  /** Others are not read yet, or one of them is still being simulated. */
  readonly waiting: boolean;
  /** What a changed plan would come to in the same dinner, with the simulations that are there. */
  after(plan: Plan): DerivedPlan | null;
}

const NONE: readonly Roast[] = [];
const NOT_TICKED: readonly string[] = [];

const toldOf = ({ createdAt, happened }: Pick<Roast, "createdAt" | "happened">): Told => ({
  madeMs: Date.parse(createdAt),
  ticked: happened.ticked ?? NOT_TICKED,
  ...(happened.thawBegunAt !== undefined && { thawBegunMs: Date.parse(happened.thawBegunAt) }),
});

/**
 * @param plan as it is under the hand, which may be newer than what is stored
 * @param awaited another one that is late, as its day goes now
 */
export function useDinner(
  roast: Roast,
  plan: Plan,
  { cook, shares }: SimulatedPlan,
  awaited: AwaitedRoast | null = null,
): Dinner {
  const { id, dinner, createdAt } = roast;
  const { inAt, ticked, thawBegunAt } = roast.happened;
  const together = useLiveQuery(() => roastsOfDinner(database(), dinner), [dinner]);
  const isRead = together !== undefined;
  const others = useMemo(
    () => (together ?? NONE).filter((each) => each.id !== id && each.happened.closedAt === undefined),
    [together, id],
  );
  // Roughly at once; then as their own screens have them, with what has happened to them: all say the same.
  const inputs = others.map(roastInput);
  const rough = useCooks(inputs, "preview");
  const fine = useCooks(inputs, "settled", "behind");
  const bands = useBands(
    inputs,
    fine.map((each) => (each.kind === "cooked" ? each.cook : null)),
  );
  const cooks = fine.map((each, n) => (each.kind === "waiting" ? (rough[n] as Cooked) : each));
  const isComing = fine.some(({ kind }, n) => kind === "waiting" || (kind === "cooked" && !bands[n]));
  const known = fine.map(({ kind }, n) => `${kind} ${cooks[n]?.kind} ${JSON.stringify(bands[n])}`).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: which of them are known stands for the cooks
  return useMemo((): Dinner => {
    const waiting = !isRead || isComing;
    if (!cook) return { derived: null, beside: [], dishes: [], waiting, after: () => null };
    const names = namesIn([roast, ...others]);
    /** All of them, with this one's plan as it is or would be; what they have together goes with it. */
    const withPlan = (plan: Plan, simulated: Simulated = cook): readonly DinnerRoast[] => {
      const own = {
        id,
        fire: roast.fire,
        title: names.get(id) ?? "",
        plan,
        simulated,
        shares,
        inAt,
        createdAt,
        told: toldOf({ createdAt, happened: happenedAfterEdit(roast, plan) }),
      };
      const known = others.flatMap((each, n) => {
        const answer = cooks[n];
        if (answer?.kind !== "cooked") return [];
        return [
          {
            id: each.id,
            fire: each.fire,
            title: names.get(each.id) ?? "",
            plan: isSameFire(each, roast) ? forFire(each.plan, plan) : forDinner(each.plan, plan),
            simulated: answer.cook,
            shares: bands[n] ?? FIRST_SHARES,
            inAt: each.happened.inAt,
            createdAt: each.createdAt,
            told: toldOf(each),
          },
        ];
      });
      return inOrder([...known, own]);
    };
    const late = awaited && { ...awaited, title: names.get(awaited.roast.id) ?? "" };
    const placed = placeDinner(withPlan(plan), clockNow(), late);
    return {
      derived: placed.get(id) ?? null,
      beside: others.flatMap((each) => {
        const derived = placed.get(each.id);
        return derived ? [{ roast: each, derived, isPiece: isSameFire(each, roast) }] : [];
      }),
      dishes: [...placed.values()].flatMap(({ sides }) => sides).sort((one, other) => one.startMs - other.startMs),
      waiting,
      after: (changed) =>
        placeDinner(withPlan(changed, thawedOtherwise(cook, plan, changed)), clockNow(), late).get(id) ?? null,
    };
  }, [
    cook,
    shares,
    plan,
    inAt,
    awaited,
    ticked,
    thawBegunAt,
    id,
    dinner,
    roast.fire,
    createdAt,
    others,
    known,
    isRead,
  ]);
}
