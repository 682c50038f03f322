/** What was typed of a reading and is not noted yet, with when: it waits where its page is left, or loaded anew. */
import { type Dispatch, type SetStateAction, useEffect, useState } from "react";
import type { Probe } from "../../../core/bird/probe";
import { MINUTE_MS } from "../../../core/units/time";
import { clockNow } from "../../shell/clock";

export type Typed = Readonly<Partial<Record<Probe, { readonly text: string; readonly at: string }>>>;

/** What has waited for longer is not gone back to. */
const LONGEST_MIN = 30;

function waiting(key: string): Typed {
  const typed: Typed = JSON.parse(sessionStorage.getItem(key) ?? "{}");
  const sinceMs = clockNow() - LONGEST_MIN * MINUTE_MS;
  return Object.fromEntries(Object.entries(typed).filter(([, { at }]) => Date.parse(at) >= sinceMs));
}

/** @param of the roast and its places: two forms may be open at once */
export function useTyped(of: string): readonly [Typed, Dispatch<SetStateAction<Typed>>] {
  const key = `bruma-typed ${of}`;
  const [typed, setTyped] = useState(() => waiting(key));
  useEffect(() => {
    if (Object.keys(typed).length === 0) sessionStorage.removeItem(key);
    else sessionStorage.setItem(key, JSON.stringify(typed));
  }, [key, typed]);
  return [typed, setTyped];
}
