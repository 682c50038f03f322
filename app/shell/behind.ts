/** What goes on behind the screens, that nobody waits for. */
import { emptyBin } from "../../storage/bin";
import type { BrumaDatabase } from "../../storage/database";
import { clockNow } from "./clock";
import { startSharing } from "./sharing";
import { tellSimulatedBird } from "./simulatedBird";
import { sparesWhatComes } from "./tappedTwice";

/** @param simulatedId the roast at the demo's simulated thermometer, where one stands in it */
export function startBehind(db: BrumaDatabase, simulatedId: string | null): void {
  sparesWhatComes();
  startSharing(db);
  void emptyBin(db, clockNow());
  if (simulatedId !== null) tellSimulatedBird(db, simulatedId);
}
