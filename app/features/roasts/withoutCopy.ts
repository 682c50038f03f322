/** Records that would be lost with the browser's storage. */

import { cookStage, type Roast } from "../../../core/plan/roast";
import { DAY_MS } from "../../../core/units/time";

/** Where the browser promises to keep it, a copy is asked for less often. */
const KEPT_DAYS = 90;

/** When something of a roast was last written down; planning it again is no loss. */
const doneAtMs = ({ happened }: Roast): number => Date.parse(happened.closedAt ?? happened.carvedAt ?? "");

/**
 * The records that are in no copy, neither in a file nor on the server's shelf.
 * @param lastCopyAt instant of the last copy, empty for never
 * @param isKept whether the browser promises to keep what is stored
 * @param shared ids of roasts that the server has too
 */
export function withoutCopy(
  roasts: readonly Roast[],
  lastCopyAt: string,
  isKept: boolean,
  shared: ReadonlySet<string>,
  nowMs: number,
): readonly Roast[] {
  const copyMs = lastCopyAt === "" ? Number.NEGATIVE_INFINITY : Date.parse(lastCopyAt);
  if (isKept && nowMs - copyMs < KEPT_DAYS * DAY_MS) return [];
  return roasts.filter((roast) => cookStage(roast) === "done" && doneAtMs(roast) > copyMs && !shared.has(roast.id));
}
