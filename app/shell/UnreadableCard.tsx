import { useState } from "react";
import { exportUnreadable, type Unreadable } from "../../storage/listing";
import { deleteRoast } from "../../storage/roasts";
import { messageOf } from "../../words/faults";
import { firstFault } from "../../words/incoming";
import { Button } from "../ui/Button";
import { saveText } from "../ui/saveFile";
import { toast } from "../ui/toast";
import { database } from "./database";

/** A stored roast that cannot be shown: what is wrong with it, and the two things that can be done. */
export function UnreadableCard({ roast: { id, title: own, faults } }: { readonly roast: Unreadable }) {
  const title = own || "A roast without a name";
  const [isAsked, setIsAsked] = useState(false);
  const write = async (): Promise<void> => {
    try {
      saveText("roast-as-stored.json", "application/json", await exportUnreadable(database(), id));
    } catch (error) {
      toast.error(`It was not written: ${messageOf(error)}`);
    }
  };
  const remove = async (): Promise<void> => {
    try {
      await deleteRoast(database(), id);
    } catch (error) {
      toast.error(`It was not deleted: ${messageOf(error)}`);
    }
  };
  return (
    <section
      aria-label={`${title}, cannot be shown`}
      className="grid max-w-2xl gap-2 rounded-2xl border border-line-strong bg-mist-1 px-4 py-3"
    >
      <h3 className="font-display text-xl font-semibold">{title}</h3>
      <p>
        This roast is stored and cannot be shown: it is damaged, or was written by a newer Bruma. All others are
        unharmed. <span className="text-soft">({firstFault(faults)})</span>
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void write()}>Write it to a file as it is</Button>
        {isAsked ? (
          <Button tone="primary" onClick={() => void remove()}>
            Delete it for good
          </Button>
        ) : (
          <Button tone="quiet" onClick={() => setIsAsked(true)}>
            Delete it
          </Button>
        )}
      </div>
    </section>
  );
}
