/** The band around a finish. */

import { bandDraws, sharesOf } from "../core/forecast/band";
import type { EnsembleOptions } from "../core/forecast/ensemble";
import { BY_TIME, type Shares } from "../core/forecast/shares";
import { dropMembers, membersOver } from "./members";
import { simulations } from "./simulations";

/** What is under way of a band is not wanted any more. */
export const dropBand = (lane: string): void => dropMembers(simulations, lane);

/**
 * @param options null: by time alone
 * @throws Superseded when a newer band is asked for in the same lane
 */
export async function bandOverPool(lane: string, options: EnsembleOptions | null): Promise<Shares> {
  if (!options) return BY_TIME;
  const members = await membersOver(simulations, lane, options, bandDraws(options), { urgency: "behind" });
  return sharesOf(members, options);
}
