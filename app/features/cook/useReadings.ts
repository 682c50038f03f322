import { useCallback, useEffect, useState } from "react";
import { toast } from "sonner";
import type { RoastReading } from "../../../core/formats/roast";
import { addReadings, readingsOf } from "../../../storage/roasts";
import { database } from "../../shell/database";

/** The readings of a roast: read once, then each new one is stored first and shown after. Null until read. */
export function useReadings(roastId: string) {
  const [readings, setReadings] = useState<readonly RoastReading[] | null>(null);
  useEffect(() => {
    let stopped = false;
    readingsOf(database(), roastId).then((stored) => {
      if (!stopped) setReadings(stored);
    });
    return () => {
      stopped = true;
    };
  }, [roastId]);
  const add = useCallback(
    async (fresh: readonly RoastReading[]): Promise<void> => {
      try {
        await addReadings(database(), roastId, fresh);
        setReadings((before) => [...(before ?? []), ...fresh]);
      } catch (error) {
        toast.error(`The reading was not stored: ${error instanceof Error ? error.message : String(error)}`);
      }
    },
    [roastId],
  );
  return { readings, add };
}
