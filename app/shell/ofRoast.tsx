import { useLiveQuery } from "dexie-react-hooks";
import type { ComponentType } from "react";
import { useParams } from "react-router";
import type { Roast } from "../../core/plan/roast";
import { isReadable, storedRoast } from "../../storage/listing";
import { database } from "./database";
import { UnreadableCard } from "./UnreadableCard";

/** A screen of the roast that the address names: the board does the rest, anew for each roast. */
export function ofRoast(Board: ComponentType<{ readonly roast: Roast }>): ComponentType {
  return function RoastScreen() {
    const { id = "" } = useParams();
    const roast = useLiveQuery(() => storedRoast(database(), id), [id]);
    if (roast === null) return <p className="py-10 text-lg">There is no roast at this address.</p>;
    if (!roast) return <p className="py-10 text-soft">Opening the roast …</p>;
    if (!isReadable(roast)) return <UnreadableCard roast={roast} />;
    return <Board roast={roast} key={roast.id} />;
  };
}
