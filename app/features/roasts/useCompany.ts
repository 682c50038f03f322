import { useLiveQuery } from "dexie-react-hooks";
import { useSearchParams } from "react-router";
import { isReadable, storedRoast } from "../../../storage/listing";
import { database } from "../../shell/database";
import type { Company } from "./answers";

/** Which roast the address asks for another one to go with; undefined while it is looked for. */
export function useCompany(): Company | null | undefined {
  const [asked] = useSearchParams();
  const piece = asked.get("piece");
  const id = piece ?? asked.get("dinner");
  return useLiveQuery(async () => {
    const roast = id === null ? null : await storedRoast(database(), id);
    return roast && isReadable(roast) ? { roast, inOneHeat: piece !== null } : null;
  }, [id, piece]);
}
