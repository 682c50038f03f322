import { liveQuery } from "dexie";
import { useEffect, useState } from "react";
import type { RoastReading } from "../../core/plan/roast";
import { readingsAfter } from "../../storage/roasts";
import { database } from "../shell/database";
import { toast } from "../ui/toast";

/**
 * The readings of a roast: read once, then what is stored after, from here or from another tab or device. Each is
 * stored first and shown after. Null until read.
 */
export function useReadings(roastId: string): readonly RoastReading[] | null {
  const [readings, setReadings] = useState<readonly RoastReading[] | null>(null);
  useEffect(() => {
    let key = 0;
    const watching = liveQuery(() => readingsAfter(database(), roastId, key)).subscribe({
      next: (stored) => {
        const isFirst = key === 0;
        key = stored.key;
        setReadings((before) => {
          if (isFirst || before === null) return stored.readings;
          return stored.readings.length > 0 ? [...before, ...stored.readings] : before;
        });
      },
      error: (error: unknown) => toast.error(`The readings cannot be read: ${String(error)}`),
    });
    return () => watching.unsubscribe();
  }, [roastId]);
  return readings;
}
