import { useEffect, useState } from "react";
import { clockNow, every, usePace } from "../shell/clock";

/** The present instant by the page's clock, moving on every second. */
export function useNow(): number {
  const { pace } = usePace();
  const [now, setNow] = useState(clockNow);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another pace is another tick
  useEffect(() => {
    setNow(clockNow());
    return every(1000, () => setNow(clockNow()));
  }, [pace]);
  return now;
}
