import { useLiveQuery } from "dexie-react-hooks";
import type { ComponentType } from "react";
import { useParams } from "react-router";
import type { Roast } from "../../core/formats/roast";
import { database } from "./database";

/** A screen of the roast that the address names: the board does the rest, anew for each roast. */
export function ofRoast(Board: ComponentType<{ readonly roast: Roast }>): ComponentType {
  return function RoastScreen() {
    const { id = "" } = useParams();
    const roast = useLiveQuery(async () => (await database().roasts.get(id)) ?? null, [id]);
    if (roast === null) return <p className="py-10 text-lg">There is no roast at this address.</p>;
    if (!roast) return <p className="py-10 text-soft">Opening the roast …</p>;
    return <Board roast={roast} key={roast.id} />;
  };
}
