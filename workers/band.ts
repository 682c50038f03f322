/** The band around a finish: its members are independent, so they are asked of the pool a handful at a time. */

import { BAND_MEMBERS, bandDraws, sharesOf } from "../core/forecast/band";
import type { EnsembleOptions } from "../core/forecast/ensemble";
import type { Shares } from "../core/forecast/shares";
import { simulations } from "./simulations";

/** So many members a job: a job is soon over, and what is more urgent waits for no more. */
const HANDFUL = 5;
const HANDFULS = Array.from({ length: Math.ceil((1 + BAND_MEMBERS) / HANDFUL) }, (_, n) => n);

/** What is under way of a band is not wanted any more. */
export function dropBand(lane: string): void {
  for (const n of HANDFULS) simulations.drop(`${lane} ${n}`);
}

/** @throws Superseded when a newer band is asked for in the same lane */
export async function bandOverPool(lane: string, options: EnsembleOptions): Promise<Shares> {
  const all = bandDraws(options);
  const members = await Promise.all(
    HANDFULS.map((n) => {
      const draws = all.slice(n * HANDFUL, (n + 1) * HANDFUL);
      return simulations.ask<"members">(
        { kind: "members", options, draws },
        { lane: `${lane} ${n}`, urgency: "behind" },
      );
    }),
  );
  return sharesOf(members.flat(), options.shownC);
}
