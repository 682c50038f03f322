/** A write that fails is said where everybody sees it; whoever typed something keeps it. */

import { messageOf } from "../../words/faults";
import { toast } from "../ui/toast";

/** @returns whether it was stored */
export async function stored(what: string, write: Promise<unknown>): Promise<boolean> {
  try {
    await write;
    return true;
  } catch (error) {
    toast.error(`${what} not stored: ${messageOf(error)}`);
    return false;
  }
}

/** For what nobody waited for: nothing fails without a word. */
export function sayWhatFails(): void {
  addEventListener("unhandledrejection", ({ reason }) => {
    toast.error(`Something did not work: ${messageOf(reason)}`, { id: "unhandled" });
  });
}
