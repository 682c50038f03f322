/**
 * What is done to the roast of the demo's simulated thermometer is told to the bird that it stands in: it gets the heat that
 * the cook gave it, is out when it was taken out, and cools.
 */
import { liveQuery } from "dexie";
import type { Roast } from "../../core/plan/roast";
import type { BrumaDatabase } from "../../storage/database";
import { messageOf } from "../../words/faults";
import { whyOf } from "./answer";
import { soon } from "./clock";

const AGAIN_MS = 5000;

/** @returns whether it got there: heard, or refused for good */
async function tell(roast: Roast): Promise<boolean> {
  try {
    const body = JSON.stringify(roast);
    const headers = { "Content-Type": "application/json" };
    const response = await fetch("/api/simulated-bird", { method: "PUT", headers, body });
    if (!response.ok) console.error(`the simulated bird was not told: ${await whyOf(response)}`);
    return true;
  } catch (error) {
    console.info(`the simulated bird is told again: ${messageOf(error)}`);
    return false;
  }
}

/** As long as the page is open. @param roastId whose bird it is */
export function tellSimulatedBird(db: BrumaDatabase, roastId: string): void {
  let newest: Roast | undefined;
  let isTelling = false;
  const tellAll = async (): Promise<void> => {
    if (isTelling) return;
    isTelling = true;
    while (newest) {
      const roast = newest;
      if (!(await tell(roast))) await new Promise<void>((resolve) => soon(AGAIN_MS, resolve));
      else if (newest === roast) newest = undefined;
    }
    isTelling = false;
  };
  liveQuery(() => db.roasts.get(roastId)).subscribe({
    next: (roast) => {
      newest = roast;
      void tellAll();
    },
    error: (error) => console.error("the roast of the simulated bird cannot be read:", error),
  });
}
