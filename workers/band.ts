/** The band around a finish: its members are independent, so they are asked of the pool a handful at a time. */
import { BAND_DRAWS, type Shares, sharesOf } from "../core/forecast/band";
import type { EnsembleOptions } from "../core/forecast/ensemble";
import { simulations } from "./simulations";

/** So many members a job: a job is soon over, and what is more urgent waits for no more. */
const HANDFUL = 5;
const HANDFULS = Array.from({ length: Math.ceil(BAND_DRAWS.length / HANDFUL) }, (_, n) =>
  BAND_DRAWS.slice(n * HANDFUL, (n + 1) * HANDFUL),
);

/** What is under way of a band is not wanted any more. */
export function dropBand(lane: string): void {
  HANDFULS.forEach((_, n) => {
    simulations.drop(`${lane} ${n}`);
  });
}

/** @throws Superseded when a newer band is asked for in the same lane */
export async function bandOverPool(lane: string, options: EnsembleOptions): Promise<Shares> {
  const members = await Promise.all(
    HANDFULS.map((draws, n) =>
      simulations.ask<"members">({ kind: "members", options, draws }, { lane: `${lane} ${n}`, urgency: "behind" }),
    ),
  );
  return sharesOf(members.flat(), options.shownC);
}
