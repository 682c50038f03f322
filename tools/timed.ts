/** How long a piece of work takes. */
import { rounded, share } from "./figures";

/** The median of some turns, once it is warm, ms. */
export async function timed(work: () => unknown, turns = 5): Promise<number> {
  await work();
  const times: number[] = [];
  for (let turn = 0; turn < turns; turn++) {
    const from = performance.now();
    await work();
    times.push(performance.now() - from);
  }
  return rounded(share(times, 0.5));
}
