import { useLiveQuery } from "dexie-react-hooks";
import type { Calibration } from "../../../core/kitchen/calibration";
import { kitchenOf } from "../../../storage/kitchen";
import { database } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";

/** Of the kitchen's hand thermometer; undefined where it was never tried in ice, or is not read yet. */
export function useCalibration(): Calibration | undefined {
  const { units } = usePreferences();
  return useLiveQuery(() => kitchenOf(database(), units), [units])?.calibration;
}
