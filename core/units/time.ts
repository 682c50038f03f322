/** How many milliseconds of an instant a minute, an hour and a day of 24 hours are. */
export const MINUTE_MS = 60_000;
export const HOUR_MS = 3_600_000;
export const DAY_MS = 86_400_000;
export const DAY_MIN = DAY_MS / MINUTE_MS;

/** Minutes from one instant to another, both as they are written down; NaN where one of them is no instant. */
export const minutesBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / MINUTE_MS;

/** How much later one time of the clock is than another, as both are read: seconds are not shown. */
export const clockMinutesBetween = (fromMs: number, toMs: number): number =>
  Math.floor(toMs / MINUTE_MS) - Math.floor(fromMs / MINUTE_MS);
