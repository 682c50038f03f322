/** Members of an ensemble are independent: they are asked of the pool a handful at a time. */

import type { EnsembleOptions } from "../core/forecast/ensemble";
import type { Member } from "../core/forecast/member";
import type { Draw } from "../core/forecast/prior";
import type { How, WorkerPool } from "./pool";

/** So many a job: a job is soon over, and what is more urgent waits for no more. */
const HANDFUL = 5;
/** More than any ensemble asks for. */
const MOST_HANDFULS = 8;

type Pool = Pick<WorkerPool, "ask" | "drop">;

const laneOf = (lane: string, n: number): string => `${lane} ${n}`;

/** What is under way of them is not wanted any more. */
export function dropMembers(pool: Pool, lane: string): void {
  for (let n = 0; n < MOST_HANDFULS; n++) pool.drop(laneOf(lane, n));
}

/** @throws Superseded when other members are asked for in the same lane */
export async function membersOver(
  pool: Pool,
  lane: string,
  options: EnsembleOptions,
  draws: readonly Draw[],
  how: Omit<How, "lane">,
): Promise<readonly Member[]> {
  const size = Math.max(HANDFUL, Math.ceil(draws.length / MOST_HANDFULS));
  const handfuls = Array.from({ length: Math.ceil(draws.length / size) }, (_, n) =>
    pool.ask<"members">(
      { kind: "members", options, draws: draws.slice(n * size, (n + 1) * size) },
      { ...how, lane: laneOf(lane, n) },
    ),
  );
  return (await Promise.all(handfuls)).flat();
}
