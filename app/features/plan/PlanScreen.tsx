import { useLiveQuery } from "dexie-react-hooks";
import { useEffect } from "react";
import { useParams } from "react-router";
import { isReadable, storedRoast } from "../../../storage/listing";
import { database } from "../../shell/database";
import { UnreadableCard } from "../../shell/UnreadableCard";
import { PlanBoard } from "./PlanBoard";
import { usePlanStore } from "./planStore";

/** Opens the roast of the address; the board does the rest. */
export function PlanScreen() {
  const { id = "" } = useParams();
  const roast = useLiveQuery(() => storedRoast(database(), id), [id]);
  const { roastId, history, open, undo, redo } = usePlanStore();
  useEffect(() => {
    if (roast && isReadable(roast)) open(roast, roast.happened.closedAt !== undefined);
  }, [roast, open]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
      if (event.target instanceof HTMLInputElement) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, [undo, redo]);
  if (roast === null) return <p className="py-10 text-lg">There is no roast at this address.</p>;
  if (roast && !isReadable(roast)) return <UnreadableCard roast={roast} />;
  if (!roast || !history || roastId !== id) return <p className="py-10 text-soft">Opening the roast …</p>;
  return (
    <PlanBoard
      roast={roast}
      plan={history.present}
      isDragged={history.present !== history.kept}
      canUndo={history.past.length > 0}
    />
  );
}
