/** The simulated thermometer: a hidden roast whose readings are posted to the bridge, as a real device would. */
import { type HiddenOptions, hiddenRoast } from "../core/forecast/hiddenRoast";
import type { Probe, ThermometerLine } from "../core/formats/thermometer";

export interface ThermometerOptions extends Pick<HiddenOptions, "options" | "seed"> {
  readonly inAtMs: number;
  /** Of the machine that serves Bruma. */
  readonly url: string;
  readonly code?: string;
  /** What lies behind is told so many times as fast as life; left out, at once, as a logger hands over its memory. */
  readonly speed?: number;
  readonly everyS?: number;
  readonly signal?: AbortSignal;
}

const EVERY_S = 5;
/** Lines of the memory that go out together. */
const BATCH = 400;

function pause(ms: number, signal: AbortSignal | undefined): Promise<void> {
  return new Promise((resolve) => {
    const timer = setTimeout(resolve, ms);
    signal?.addEventListener("abort", () => {
      clearTimeout(timer);
      resolve();
    });
  });
}

/** Posts until the hidden roast is over or the signal says stop; a server that is away is told of on standard error. */
export async function runThermometer({
  options,
  seed,
  inAtMs,
  url,
  code = "",
  speed,
  everyS = EVERY_S,
  signal,
}: ThermometerOptions): Promise<void> {
  const post = async (lines: readonly ThermometerLine[]): Promise<void> => {
    try {
      const response = await fetch(`${url}/api/readings`, {
        method: "POST",
        headers: { "X-Pairing-Code": code },
        body: JSON.stringify(lines),
        ...(signal && { signal }),
      });
      if (!response.ok) console.error(`thermometer: ${response.status}: ${await response.text()}`);
    } catch (error) {
      // The server may be starting again: a real probe would go on too.
      if (!signal?.aborted) console.error(`thermometer: not heard: ${error instanceof Error ? error.message : error}`);
    }
  };
  let memory: ThermometerLine[] = [];
  for (const { minute, shownC } of hiddenRoast({ options, seed, everyMin: everyS / 60, trouble: true })) {
    if (signal?.aborted) return;
    const atMs = inAtMs + 60_000 * minute;
    const at = new Date(atMs).toISOString();
    memory.push(...Object.entries(shownC).map(([probe, celsius]) => ({ at, probe: probe as Probe, celsius })));
    const aheadMs = atMs - Date.now();
    if (aheadMs <= 0 && speed === undefined && memory.length < BATCH) continue;
    // From now on a second is a second.
    await pause(Math.max(aheadMs, speed === undefined ? 0 : (1000 * everyS) / speed), signal);
    if (memory.length > 0) await post(memory);
    memory = [];
  }
}
