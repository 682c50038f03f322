import { useEffect } from "react";

/** Keeps the screen awake while a cook is on; where the browser will not, nothing breaks and the screen may sleep. */
export function useWakeLock(on: boolean): void {
  useEffect(() => {
    if (!on || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let stopped = false;
    const take = (): void => {
      if (document.visibilityState !== "visible") return;
      navigator.wakeLock.request("screen").then(
        (taken) => {
          if (stopped) void taken.release();
          else lock = taken;
        },
        (error: unknown) => console.info("the screen may sleep:", error),
      );
    };
    take();
    document.addEventListener("visibilitychange", take);
    return () => {
      stopped = true;
      document.removeEventListener("visibilitychange", take);
      void lock?.release();
    };
  }, [on]);
}
