/** What the store knows of a roast's readings by their probes. */
import { type Probe, probeOf } from "../core/formats/thermometer";
import type { BrumaDatabase } from "./database";

/** When each probe of a roast was last read, epoch milliseconds; typed readings are no probe's. */
export async function newestAtOf(db: BrumaDatabase, roastId: string): Promise<ReadonlyMap<Probe, number>> {
  const newest = new Map<Probe, number>();
  await db.readings
    .where("roastId")
    .equals(roastId)
    .each((reading) => {
      if (reading.source !== "bridge") return;
      const probe = probeOf(reading);
      newest.set(probe, Math.max(newest.get(probe) ?? Number.NEGATIVE_INFINITY, Date.parse(reading.at)));
    });
  return newest;
}
