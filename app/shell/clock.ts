/**
 * The page's one clock: the only place that reads the time or sets a timer. Live by default; a practice clock runs at
 * 1 to 240 times life from a moment that was set, and everything that shows or waits for time follows it.
 */
import { create } from "zustand";

export interface Clock {
  /** Epoch milliseconds. */
  now(): number;
  /** Seconds of the clock in a second of life. */
  readonly rate: number;
  /** Runs once that moment is there, late where the device slept. @returns ends the wait */
  wakeAt(ms: number, run: () => void): () => void;
}

export const MOST_RATE = 240;

/** How a practice clock runs: at `nowMs` when life was at `lifeMs`. */
export interface Pace {
  readonly rate: number;
  readonly nowMs: number;
  readonly lifeMs: number;
}

/** Null: life itself. */
export const usePace = create<{ readonly pace: Pace | null }>(() => ({ pace: null }));

/** Timers that are set longer than this overflow; a practice clock may be changed meanwhile. */
const LONGEST_WAIT_MS = 60_000;
/** A clock that is held may be let go at any moment. */
const HELD_WAIT_MS = 250;
const longestWaitMs = (): number => (clock.rate === 0 ? HELD_WAIT_MS : LONGEST_WAIT_MS);

export const clock: Clock = {
  now: () => {
    const { pace } = usePace.getState();
    return pace ? pace.nowMs + pace.rate * (Date.now() - pace.lifeMs) : Date.now();
  },
  get rate() {
    return usePace.getState().pace?.rate ?? 1;
  },
  wakeAt: (ms, run) => {
    let timer: ReturnType<typeof setTimeout>;
    const wait = (): void => {
      const leftMs = ms - clock.now();
      if (leftMs <= 0) run();
      else timer = setTimeout(wait, Math.min(longestWaitMs(), Math.ceil(leftMs / clock.rate)));
    };
    timer = setTimeout(wait, 0);
    return () => clearTimeout(timer);
  },
};

export const clockNow = (): number => clock.now();
export const instantNow = (): string => new Date(clock.now()).toISOString();

/** A breath of the interface itself (a hand that rests, a burst that ends): life's time, whatever the clock. */
export function soon(lifeMs: number, run: () => void): () => void {
  const timer = setTimeout(run, lifeMs);
  return () => clearTimeout(timer);
}

/** Again and again, so far apart in life: what is asked of a server, which has no other time. @returns ends it */
export function everyInLife(lifeMs: number, run: () => void): () => void {
  const timer = setInterval(run, lifeMs);
  return () => clearInterval(timer);
}

/** Before the page is painted next. @returns ends the wait */
export function nextFrame(run: () => void): () => void {
  const frame = requestAnimationFrame(run);
  return () => cancelAnimationFrame(frame);
}

/** Again and again, so far apart by the clock, and no oftener than four times in a second of life. */
const SHORTEST_TICK_MS = 250;
export function every(ms: number, run: () => void): () => void {
  const timer = setInterval(run, clock.rate === 0 ? ms : Math.max(SHORTEST_TICK_MS, ms / clock.rate));
  return () => clearInterval(timer);
}

/** Sets the practice clock; at 0 it is held. @throws RangeError for a rate that is neither 0 nor from 1 to 240 */
export function setPace(rate: number, nowMs: number): Pace {
  if (!(rate === 0 || (rate >= 1 && rate <= MOST_RATE))) {
    throw new RangeError(`rate: got ${rate}, allowed is 0, or 1 to ${MOST_RATE}`);
  }
  if (!Number.isFinite(nowMs)) throw new RangeError(`now: got ${nowMs}, allowed is a moment`);
  const pace = { rate, nowMs, lifeMs: Date.now() };
  usePace.setState({ pace });
  return pace;
}

export const backToLife = (): void => usePace.setState({ pace: null });
