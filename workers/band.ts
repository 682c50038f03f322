/** The band around a finish, its ensemble spread over the pool: members are independent, so each lane takes its share. */
import { BAND_DRAWS, sharesOf } from "../core/forecast/band";
import type { EnsembleOptions, Quantiles } from "../core/forecast/ensemble";
import { simulations } from "./simulations";

/** One processor is left to the page and its picture. */
const LANES = Math.max(1, Math.min(6, (navigator.hardwareConcurrency || 2) - 1));

/** What is under way of a band is not wanted any more. */
export function dropBand(name: string): void {
  for (let lane = 0; lane < LANES; lane++) simulations.drop(`${name} ${lane}`);
}

/** @throws Superseded when a newer band is asked for under the same name */
export async function bandOverPool(name: string, options: EnsembleOptions): Promise<Quantiles> {
  const shares = Array.from({ length: LANES }, (_, lane) => BAND_DRAWS.filter((__, n) => n % LANES === lane));
  const members = await Promise.all(
    shares.map((draws, lane) => simulations.request<"members">(`${name} ${lane}`, { kind: "members", options, draws })),
  );
  // Put back in the order of the draws: the first is the usual bird.
  const ordered = BAND_DRAWS.map((_, n) => members[n % LANES]?.[Math.floor(n / LANES)]);
  return sharesOf(
    ordered.filter((member) => member !== undefined),
    options.shownC,
  );
}
