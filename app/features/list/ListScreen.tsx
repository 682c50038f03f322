import { useLiveQuery } from "dexie-react-hooks";
import { useParams } from "react-router";
import { database } from "../../shell/database";
import { ListBoard } from "./ListBoard";

/** Opens the roast of the address; the board does the rest. */
export function ListScreen() {
  const { id = "" } = useParams();
  const roast = useLiveQuery(async () => (await database().roasts.get(id)) ?? null, [id]);
  if (roast === null) return <p className="py-10 text-lg">There is no roast at this address.</p>;
  if (!roast) return <p className="py-10 text-soft">Opening the roast …</p>;
  return <ListBoard roast={roast} />;
}
