/** How long what should have had a hand is still waited for. */

import { MINUTE_MS } from "../units/time";

/** A row that nobody has seen to for so long has been done, or is not going to be. */
const STANDS_MIN = 15;

/** Whether it is not so long past that it will not be done any more. */
export const stillStands = ({ startMs }: { readonly startMs: number }, nowMs: number): boolean =>
  nowMs < startMs + STANDS_MIN * MINUTE_MS;
