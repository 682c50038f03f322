import type { LogRow } from "../../../core/log/rows";
import type { Roast } from "../../../core/plan/roast";

/** A row of the log as it is shown: what it is called on this device, and the roast itself. */
export interface Line extends LogRow {
  readonly title: string;
  readonly roast: Roast;
}
