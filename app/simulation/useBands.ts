/** The bands of several plans that have been simulated, each as it comes. */
import { bandAsked, type PlannedDone } from "../../core/forecast/planned";
import type { PlannedInput } from "../../core/forecast/plannedInput";
import { BY_TIME, FIRST_SHARES, type Shares } from "../../core/forecast/shares";
import { messageOf } from "../../words/faults";
import { bandOverPool, dropBand } from "../../workers/band";
import { useEach } from "./useEach";

function guessed(error: unknown): Shares {
  console.error("a band beside this roast's could not be simulated:", messageOf(error));
  return FIRST_SHARES;
}

/** @param cooks of these very inputs, null until they are there @returns null for those still to come */
export function useBands(
  inputs: readonly PlannedInput[],
  cooks: readonly (PlannedDone | null)[],
): readonly (Shares | null)[] {
  const asked = inputs.map((input, n) => {
    const cook = cooks[n];
    return cook ? bandAsked(input, cook) : null;
  });
  const bands = useEach(
    asked.map((options) => options && JSON.stringify(options)),
    (n, lane) => bandOverPool(lane, asked[n] ?? null),
    guessed,
    dropBand,
  );
  return inputs.map(({ finish }, n) => (finish.kind === "time" && cooks[n] ? BY_TIME : (bands[n] ?? null)));
}
