/** A simulated cook of round numbers, for what is derived from one. */
import type { Simulated } from "../../core/schedule/derive";

/** Out after 200 minutes, its centres on a straight line from the fridge to 72 °C. */
export function simulated(change: Partial<Simulated> = {}): Simulated {
  const pullMinute = change.pullMinute ?? 200;
  return {
    pullMinute,
    history: Array.from({ length: Math.floor(pullMinute / 2) + 1 }, (_, n) => {
      const celsius = 4 + (68 * 2 * n) / pullMinute;
      return { minute: 2 * n, centresC: { breast: celsius, thigh: celsius }, coldestC: celsius - 2, airC: 163 };
    }),
    thawHours: 0,
    sizeCm: { length: 38, width: 25, height: 18 },
    thawsCm: null,
    fillingKg: 0,
    saltPercent: null,
    dayAfter: null,
    ...change,
  };
}
