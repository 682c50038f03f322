import type { Roast } from "../../../core/plan/roast";
import { useHabits } from "../../shell/preferences";
import { useGoOn } from "../../shell/useGoOn";
import { useOnce } from "../../ui/useOnce";
import { cookAgain } from "./again";

/** The same once more: stored, and its plan opened. */
export function useCookAgain(roast: Roast): () => Promise<void> {
  const reader = useHabits();
  const goOn = useGoOn();
  return useOnce(async () => {
    const made = await cookAgain(roast, reader);
    if (made === null) return false;
    await goOn(`/roast/${made}/plan`);
    return true;
  });
}
