/** One question to a worker, asked anew when it changes; only the newest of a lane is answered. */
import { useEffect, useState } from "react";
import { Superseded } from "../../workers/pool";
import type { Job, Results } from "../../workers/protocol";
import { simulations } from "../../workers/simulations";

export type Asked<Answer> =
  | { readonly kind: "waiting" }
  /** Stands until the next answer is there. */
  | { readonly kind: "known"; readonly answer: Answer }
  | { readonly kind: "failed"; readonly why: string };

/** @param job null while there is nothing to ask */
export function useSimulated<Kind extends Job["kind"]>(
  lane: string,
  job: Extract<Job, { kind: Kind }> | null,
): Asked<Results[Kind]> {
  const [state, setState] = useState<Asked<Results[Kind]>>({ kind: "waiting" });
  const key = job && JSON.stringify(job);
  useEffect(() => {
    if (!key) return;
    let stopped = false;
    simulations
      .request<Kind>(lane, JSON.parse(key))
      .then((answer) => {
        if (!stopped) setState({ kind: "known", answer });
      })
      .catch((error: unknown) => {
        // A newer question took this one's place.
        if (stopped || error instanceof Superseded) return;
        setState({ kind: "failed", why: error instanceof Error ? error.message : String(error) });
      });
    return () => {
      stopped = true;
    };
  }, [lane, key]);
  return state;
}
