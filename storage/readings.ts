/** What the store knows of a roast's readings by their probes. */
import { type Probe, probeOf } from "../core/bird/probe";
import type { BrumaDatabase } from "./database";

/** When each probe of a roast was read, epoch milliseconds; typed readings are no probe's. */
export async function momentsOf(
  db: BrumaDatabase,
  roastId: string,
): Promise<readonly { readonly probe: Probe; readonly atMs: number }[]> {
  const rows = await db.readings.where("roastId").equals(roastId).toArray();
  return rows
    .filter(({ source }) => source === "bridge")
    .map((reading) => ({ probe: probeOf(reading), atMs: Date.parse(reading.at) }));
}
