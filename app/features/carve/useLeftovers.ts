import { useEffect, useState } from "react";
import type { Leftovers, LeftoversAsked } from "../../../core/processes/leftovers";
import { Superseded } from "../../../workers/pool";
import { simulations } from "../../../workers/simulations";

export type LeftoversState =
  | { readonly kind: "waiting" }
  | { readonly kind: "known"; readonly leftovers: Leftovers }
  | { readonly kind: "failed"; readonly why: string };

/** The tray cooled and heated again, for what was asked last. */
export function useLeftovers(asked: LeftoversAsked): LeftoversState {
  const [state, setState] = useState<LeftoversState>({ kind: "waiting" });
  const key = JSON.stringify(asked);
  useEffect(() => {
    let stopped = false;
    simulations
      .request<"leftovers">("leftovers", { kind: "leftovers", asked: JSON.parse(key) })
      .then((leftovers) => {
        if (!stopped) setState({ kind: "known", leftovers });
      })
      .catch((error: unknown) => {
        if (stopped || error instanceof Superseded) return;
        setState({ kind: "failed", why: error instanceof Error ? error.message : String(error) });
      });
    return () => {
      stopped = true;
    };
  }, [key]);
  return state;
}
