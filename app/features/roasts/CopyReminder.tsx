import { useLiveQuery } from "dexie-react-hooks";
import { useState } from "react";
import type { Roast } from "../../../core/plan/roast";
import { messageOf } from "../../../words/faults";
import { clockNow } from "../../shell/clock";
import { database, mode } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";
import { useStorageKept } from "../../shell/storageKept";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { toast } from "../../ui/toast";
import { withoutCopy } from "./withoutCopy";

/** Said once there are records that would be lost with this browser's storage. */
export function CopyReminder({ roasts }: { readonly roasts: readonly Roast[] }) {
  const { kept } = useStorageKept();
  const { lastCopyAt } = usePreferences();
  const [isLater, setIsLater] = useState(false);
  const shared = useLiveQuery(() => database().shared.toCollection().primaryKeys(), []);
  const lost = withoutCopy(roasts, lastCopyAt, kept === true, new Set(shared), clockNow());
  const count = lost.length;
  if (mode().demo || !shared || count === 0 || isLater) return null;
  const write = async (): Promise<void> => {
    try {
      const { writeCopy } = await import("../../shell/copy");
      toast.success(`Written to ${await writeCopy()}.`);
    } catch (error) {
      toast.error(`Nothing was written: ${messageOf(error)}`);
    }
  };
  const put = async (): Promise<void> => {
    const { share } = await import("../../../storage/sharing");
    const all = Promise.all(lost.map(({ id }) => share(database(), id)));
    if (await stored("That they are on the server was", all))
      toast.success("They are on their way to your own server.");
  };
  return (
    <section aria-label="A copy" className="grid gap-2 rounded-2xl border border-line bg-mist-1 px-4 py-3">
      <p>
        {count === 1 ? "One record is" : `${count} records are`} on this device alone, in no file: a browser that is
        reset loses {count === 1 ? "it" : "them"}.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void write()}>Write everything to a file</Button>
        <Button onClick={() => void put()}>Put {count === 1 ? "it" : "them"} on your server's shelf</Button>
        <Button tone="quiet" onClick={() => setIsLater(true)}>
          Later
        </Button>
      </div>
    </section>
  );
}
