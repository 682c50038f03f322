/** The simulated thermometer: a hidden roast whose readings are posted to the bridge, as a real device would. */

import type { Probe } from "../core/bird/probe";
import { type HiddenOptions, hiddenRoast } from "../core/forecast/hiddenRoast";
import type { ThermometerLine } from "../core/formats/thermometer";
import { MINUTE_MS } from "../core/units/time";
import { messageOf } from "../words/faults";

/** All of a hidden roast but how often it is read. */
export type HiddenBird = Omit<HiddenOptions, "everyMin">;

/** What its probes are in. */
export interface ReadBird {
  readonly inAtMs: number;
  /** As it is cooked by now: another one once something was done to it. */
  asked(): HiddenBird;
}

export interface ThermometerOptions {
  readonly bird: ReadBird;
  /** Of the machine that serves Bruma. */
  readonly url: string;
  /** What pairs it with that machine, from any other. */
  readonly cookie?: string;
  /** What it keeps pace with. */
  readonly clock: DeviceClock;
  readonly everyS?: number;
  /** Its name, where several stand in one kitchen. */
  readonly device?: string;
  readonly signal?: AbortSignal;
}

/** A device's time, and how fast it runs against life. */
export interface DeviceClock {
  now(): number;
  readonly rate: number;
}

/** So long it simulates without looking up. */
const SLICE_MS = 10;
const EVERY_S = 5;
/** However fast the clock, no more posts in a second of life than a device makes. */
const SHORTEST_PAUSE_MS = 50;
/** A clock may be set anew while a device waits. */
const LONGEST_PAUSE_MS = 1000;
/** Lines of the memory that go out together. */
const BATCH = 400;

function pause(ms: number, signal: AbortSignal | undefined): Promise<void> {
  return new Promise((resolve) => {
    const end = (): void => {
      clearTimeout(timer);
      signal?.removeEventListener("abort", end);
      resolve();
    };
    const timer = setTimeout(end, ms);
    signal?.addEventListener("abort", end);
  });
}

/** Posts until the hidden roast is over or the signal says stop; a server that is away is told of on standard error. */
export async function runThermometer({
  bird,
  url,
  cookie = "",
  clock,
  everyS = EVERY_S,
  device,
  signal,
}: ThermometerOptions): Promise<void> {
  const post = async (lines: readonly ThermometerLine[]): Promise<void> => {
    try {
      const response = await fetch(`${url}/api/readings`, {
        method: "POST",
        headers: { Cookie: cookie },
        body: JSON.stringify(lines),
        ...(signal && { signal }),
      });
      if (!response.ok) console.error(`thermometer: ${response.status}: ${await response.text()}`);
    } catch (error) {
      // The server may be starting again: a real probe would go on too.
      if (!signal?.aborted) console.error(`thermometer: not heard: ${messageOf(error)}`);
    }
  };
  /** What was told stays told, whatever is done to the bird. */
  let toldMin = Number.NEGATIVE_INFINITY;
  let sliceEndsMs = performance.now() + SLICE_MS;
  /** @returns whether it was read to its end; not where something was done to it meanwhile */
  const read = async (asked: HiddenBird): Promise<boolean> => {
    const isNoMore = (): boolean => signal?.aborted === true || bird.asked() !== asked;
    let memory: ThermometerLine[] = [];
    for (const { minute, shownC } of hiddenRoast({ ...asked, everyMin: everyS / 60 })) {
      if (isNoMore()) return false;
      // It may stand in the process that serves the page: what waits there goes first.
      if (performance.now() > sliceEndsMs) {
        await new Promise(setImmediate);
        sliceEndsMs = performance.now() + SLICE_MS;
      }
      if (minute <= toldMin) continue;
      const atMs = bird.inAtMs + MINUTE_MS * minute;
      const at = new Date(atMs).toISOString();
      memory.push(
        ...Object.entries(shownC).map(([probe, celsius]) => ({
          at,
          probe: probe as Probe,
          celsius,
          ...(device && { device }),
        })),
      );
      // What lies behind is told at once, as a logger hands over its memory; from now on a second is the clock's second.
      if (atMs - clock.now() <= SHORTEST_PAUSE_MS * clock.rate && memory.length < BATCH) continue;
      while (!isNoMore() && atMs > clock.now()) {
        await pause(Math.min(LONGEST_PAUSE_MS, (atMs - clock.now()) / clock.rate), signal);
      }
      if (isNoMore()) return false;
      if (memory.length > 0) await post(memory);
      toldMin = minute;
      memory = [];
    }
    return true;
  };
  // Another one is cooked from its beginning, and told from where it is now.
  for (let isOver = false; !isOver && !signal?.aborted; ) isOver = await read(bird.asked());
}
