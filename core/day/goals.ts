/** What each centre that is still in has to show before the bird may leave its heat. */
import type { CentreTemperatures } from "../bird/solid";
import { targetsStillIn } from "../forecast/ensemble";
import { type PulledAt, pullGoalsC } from "../forecast/planned";
import type { Roast } from "../plan/roast";
import { targetsOf } from "../plan/targets";

/**
 * Once it has been back in, the rest is not counted on again: its targets are to be seen in the heat.
 * @param cook null while nothing is simulated: its targets then
 */
export function goalsInHeat(
  { plan, happened }: Pick<Roast, "plan" | "happened">,
  cook: PulledAt | null,
): CentreTemperatures {
  const targetC = targetsOf(plan);
  const aims = happened.outs?.length || !cook ? targetC : pullGoalsC(cook, { targetC, finish: plan.finish });
  return targetsStillIn(
    aims,
    (happened.left ?? []).map(({ piece }) => piece),
  );
}
