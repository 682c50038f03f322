import { useLiveQuery } from "dexie-react-hooks";
import { useParams } from "react-router";
import { database } from "../../shell/database";
import { CompareBoard } from "./CompareBoard";

/** Opens the roast of the address; the board does the rest. */
export function CompareScreen() {
  const { id = "" } = useParams();
  const roast = useLiveQuery(async () => (await database().roasts.get(id)) ?? null, [id]);
  if (roast === null) return <p className="py-10 text-lg">There is no roast at this address.</p>;
  if (!roast) return <p className="py-10 text-soft">Opening the roast …</p>;
  return <CompareBoard roast={roast} />;
}
