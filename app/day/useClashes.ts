/** What the roasts of a dinner want of their kitchen beyond what there is, as their day goes now. */
import { useMemo } from "react";
import { useShallow } from "zustand/react/shallow";
import { clashesNow } from "../../core/day/clashes";
import type { ResourceConflict } from "../../core/schedule/resources";
import type { ListedRoast } from "../../words/dinnerLists";
import { clockNow } from "../shell/clock";
import { useDays } from "./roastDay";

/** @returns by the ids of the roasts */
export function useClashes(together: readonly ListedRoast[]): ReadonlyMap<string, readonly ResourceConflict[]> {
  const renewed = useDays(
    useShallow(({ days }) => new Map(together.map(({ id }) => [id, days[id]?.renewed ?? null] as const))),
  );
  return useMemo(
    () =>
      clashesNow(
        together.map((each) => ({ ...each, renewed: renewed.get(each.id) ?? null })),
        clockNow(),
      ),
    [together, renewed],
  );
}
