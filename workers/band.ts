/** The band around a finish, its ensemble spread over the pool: members are independent, so each lane takes its share. */
import { BAND_DRAWS, type Shares, sharesOf } from "../core/forecast/band";
import type { EnsembleOptions } from "../core/forecast/ensemble";
import { SPARE_LANES, simulations } from "./simulations";

/** What is under way of a band is not wanted any more. */
export function dropBand(name: string): void {
  for (let lane = 0; lane < SPARE_LANES; lane++) simulations.drop(`${name} ${lane}`);
}

/** @throws Superseded when a newer band is asked for under the same name */
export async function bandOverPool(name: string, options: EnsembleOptions): Promise<Shares> {
  const shares = Array.from({ length: SPARE_LANES }, (_, lane) =>
    BAND_DRAWS.filter((__, n) => n % SPARE_LANES === lane),
  );
  const members = await Promise.all(
    shares.map((draws, lane) => simulations.request<"members">(`${name} ${lane}`, { kind: "members", options, draws })),
  );
  // Put back in the order of the draws: the first is the usual bird.
  const ordered = BAND_DRAWS.map((_, n) => members[n % SPARE_LANES]?.[Math.floor(n / SPARE_LANES)]);
  return sharesOf(
    ordered.filter((member) => member !== undefined),
    options.shownC,
  );
}
