import { isJointed } from "../../core/bird/form";
import { boardMin } from "../../core/kitchen/cutting";
import { carveMinOf } from "../../core/plan/carving";
import { planByWay, type Way } from "../../core/plan/compare";
import type { Plan } from "../../core/plan/schema";
import { restFor } from "../../core/processes/rest";
import { MINUTE_MS } from "../../core/units/time";
import { timeBeside } from "../../words/time";
import { useHabits } from "../shell/preferences";
import { Button } from "../ui/Button";
import { useComparisons } from "./useComparisons";

interface Props {
  readonly plan: Plan;
  /** Into the heat at the earliest. */
  readonly fromMs: number;
  /** Dinner, cooked as planned. */
  readonly asPlannedMs: number;
  readonly size?: "table" | "stove";
  /** Another cut and heat for it. */
  onTake(change: (plan: Plan) => Plan): void;
}
/** What a whole bird can still become, quickest last. */
const WAYS: readonly Way[] = [
  { id: "spatchcock/hot-flat", cut: "spatchcock", method: "hot-flat", birds: 1 },
  { id: "parts/hot-flat", cut: "parts", method: "hot-flat", birds: 1 },
];
const NAMES: Record<string, string> = {
  "spatchcock/hot-flat": "Spatchcocked and hot",
  "parts/hot-flat": "In parts and hot",
};
/** Less is not worth another cut. */
const WORTH_MIN = 15;

/** The same bird cut otherwise, each simulated: dinner when, and one tap to take it. */
export function FasterWays({ plan, fromMs, asPlannedMs, size = "stove", onTake }: Props) {
  const reader = useHabits();
  const ways = isJointed(plan.bird.cut) ? WAYS.filter(({ cut }) => cut !== plan.bird.cut) : [];
  const plans = ways.map((way) => planByWay(plan, { ...way, birds: plan.bird.count }));
  const answers = useComparisons(plans, "preview");
  const quicker = plans.flatMap((made, n) => {
    const answer = answers[n];
    if (answer?.kind !== "compared") return [];
    const { cut, massKg, count } = made.bird;
    const cutting = Math.max(0, boardMin(cut, count) - boardMin(plan.bird.cut, plan.bird.count));
    const minutes = cutting + answer.comparison.roastMin + restFor(massKg).shortestMin + carveMinOf(made);
    const dinnerMs = fromMs + minutes * MINUTE_MS;
    const name = NAMES[ways[n]?.id ?? ""];
    return name && dinnerMs < asPlannedMs - WORTH_MIN * MINUTE_MS ? [{ made, dinnerMs, name }] : [];
  });
  if (quicker.length === 0) return null;
  return (
    <section aria-label="Quicker" className="flex flex-wrap gap-2">
      {quicker.map(({ made, dinnerMs, name }) => (
        <Button
          key={name}
          size={size}
          onClick={() =>
            onTake((before) => ({
              ...before,
              bird: made.bird,
              heat: made.heat,
              method: made.method,
              stages: made.stages,
              targetC: made.targetC,
              season: made.season,
            }))
          }
        >
          {name}: dinner at {timeBeside(dinnerMs, asPlannedMs, plan.zone, reader)}
        </Button>
      ))}
    </section>
  );
}
