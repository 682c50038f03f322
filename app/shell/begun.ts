/** What stands before the first screen: the database, the cook's preferences and, in the demo, its roasts. */

import type { BrumaDatabase } from "../../storage/database";
import { messageOf } from "../../words/faults";
import { clockNow } from "./clock";
import { openShelf, startedAs } from "./database";
import { usePreferences } from "./preferences";
import { whenIdle } from "./whenIdle";

/** Fetches the demo's own script. */
type LoadDemo = () => Promise<{
  /** Of the roast at the simulated thermometer. */
  readonly IN_PROGRESS_ID: string;
  seedDemo(db: BrumaDatabase, nowMs: number, inAtMs: number | null): Promise<void>;
}>;

let beginning: Promise<void> | undefined;

async function prepare(loadDemo: LoadDemo): Promise<void> {
  // Its script is on its way while the database opens.
  const seeding = startedAs().then(({ demo }) => (demo ? loadDemo() : null));
  const { db, mode } = await openShelf();
  await usePreferences.getState().load();
  let simulatedId: string | null = null;
  try {
    const demo = await seeding;
    await demo?.seedDemo(db, clockNow(), mode.inAt ? Date.parse(mode.inAt) : null);
    if (demo && mode.inAt) simulatedId = demo.IN_PROGRESS_ID;
  } catch (error) {
    console.error("the demo's roasts were not stored:", messageOf(error));
  }
  whenIdle(() => void import("./behind").then(({ startBehind }) => startBehind(db, simulatedId)));
}

/** Called once; the frame is painted meanwhile. */
export function begin(loadDemo: LoadDemo): void {
  beginning = prepare(loadDemo);
  beginning.catch((error: unknown) => {
    // Told by the screens that wait for it; this is where a developer looks.
    console.error("the start was not finished:", error);
  });
}

/** @throws Error when the database does not open */
export function begun(): Promise<void> {
  if (!beginning) throw new Error("nothing has begun yet");
  return beginning;
}
