import { useNavigate } from "react-router";
import type { Roast } from "../../../core/plan/roast";
import { useHabits } from "../../shell/preferences";
import { useOnce } from "../../ui/useOnce";
import { cookAgain } from "./again";

/** The same once more: stored, and its plan opened. */
export function useCookAgain(roast: Roast): () => Promise<void> {
  const reader = useHabits();
  const navigate = useNavigate();
  return useOnce(async () => {
    const made = await cookAgain(roast, reader);
    if (made === null) return false;
    await navigate(`/roast/${made}/plan`);
    return true;
  });
}
