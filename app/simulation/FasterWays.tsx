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
import { type Answer, useComparisons } from "./useComparisons";

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
const WAYS: readonly (Way & { readonly name: string })[] = [
  { id: "spatchcock/hot-flat", name: "Spatchcocked and hot", cut: "spatchcock", method: "hot-flat", birds: 1 },
  { id: "parts/hot-flat", name: "In parts and hot", cut: "parts", method: "hot-flat", birds: 1 },
];
/** Less is not worth another cut. */
const WORTH_MIN = 15;

/** The same bird cut otherwise, each simulated: dinner when, and one tap to take it. */
export function FasterWays({ plan, fromMs, asPlannedMs, size = "stove", onTake }: Props) {
  const reader = useHabits();
  const ways = isJointed(plan.bird.cut) ? WAYS.filter(({ cut }) => cut !== plan.bird.cut) : [];
  const plans = ways.map((way) => planByWay(plan, { ...way, birds: plan.bird.count }));
  const answers = useComparisons(plans, "preview");
  if (ways.length === 0) return null;
  /** "dinner at 18:40"; null where it is no sooner, or is not known yet. */
  const sooner = (made: Plan, answer: Answer | undefined): string | null => {
    if (answer?.kind !== "compared") return null;
    const { cut, massKg, count } = made.bird;
    const cutting = Math.max(0, boardMin(cut, count) - boardMin(plan.bird.cut, plan.bird.count));
    const minutes = cutting + answer.comparison.roastMin + restFor(massKg).shortestMin + carveMinOf(made);
    const dinnerMs = fromMs + minutes * MINUTE_MS;
    if (dinnerMs >= asPlannedMs - WORTH_MIN * MINUTE_MS) return null;
    return `dinner at ${timeBeside(dinnerMs, asPlannedMs, plan.zone, reader)}`;
  };
  // Each has its place from the start: what is known later moves nothing under a hand.
  const shown = ways.map(({ name }, n) => {
    const [made, answer] = [plans[n] as Plan, answers[n]];
    return { name, made, isWaiting: answer?.kind === "waiting", dinner: sooner(made, answer) };
  });
  return (
    <section aria-label="Quicker" className="flex flex-wrap gap-2">
      {shown.map(({ name, made, isWaiting, dinner }) => (
        <Button
          key={name}
          size={size}
          disabled={dinner === null}
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
          {name}: {dinner ?? (isWaiting ? "…" : "no sooner")}
        </Button>
      ))}
    </section>
  );
}
