import { useEffect, useState } from "react";
import { soon } from "./clock";

/** Waited for at most so long, however busy the page is. */
const LONGEST_MS = 2000;

/** Runs once the page has nothing else to do: for what nobody looks at. @returns gives it up */
export function whenIdle(run: () => void): () => void {
  // Not in every browser: there it begins with the next task.
  if (!("requestIdleCallback" in window)) return soon(0, run);
  const waiting = requestIdleCallback(run, { timeout: LONGEST_MS });
  return () => cancelIdleCallback(waiting);
}

/** Whether what nobody looks at may be drawn: what comes first is there, and the page has nothing else to do. */
export function useBehind(isDrawn: boolean): boolean {
  const [isIdle, setIsIdle] = useState(false);
  useEffect(() => (isDrawn ? whenIdle(() => setIsIdle(true)) : undefined), [isDrawn]);
  return isIdle;
}
