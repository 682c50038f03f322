/** One question to the pool, asked anew when it changes: the one way in which a screen simulates. */
import { useEffect, useId, useLayoutEffect, useState, useSyncExternalStore } from "react";
import type { Urgency } from "../../workers/pool";
import type { Job, Results } from "../../workers/protocol";
import { simulations } from "../../workers/simulations";
import { type Asked, type Manner, Newest } from "./newest";
import { onDevice } from "./onDevice";

export type { Asked } from "./newest";

interface Asking extends Omit<Manner, "drop" | "kept"> {
  /**
   * Kept on the device under this name, where the key says all that the answer depends on: for what a page that is opened
   * again waits for.
   */
  readonly keptAs?: string;
  /** Tells of what will be asked before the page is drawn anew, always the same function. @returns ends it */
  readonly ahead?: ((tell: (key: string) => void) => () => void) | undefined;
}

/** The newest answer to anything that is asked and can be dropped. @param key null while there is nothing to ask */
export function useNewest<Answer>(
  key: string | null,
  ask: (lane: string, key: string) => Promise<Answer>,
  { keptAs, ahead, ...manner }: Asking & { drop?(lane: string): void } = {},
): Asked<Answer> {
  const lane = useId();
  const { drop } = manner;
  const [newest] = useState(
    () =>
      new Newest<Answer>({
        ...manner,
        kept: keptAs ? onDevice(keptAs) : undefined,
        drop: () => (drop ? drop(lane) : simulations.drop(lane)),
      }),
  );
  // Before the page is painted: the workers begin while it is.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for what is asked
  useLayoutEffect(() => {
    newest.want(key, () => ask(lane, key ?? ""));
  }, [newest, key]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is told of ahead is asked as the first question was
  useEffect(() => ahead?.((told) => newest.want(told, () => ask(lane, told))), [newest, ahead]);
  useEffect(() => () => newest.stop(), [newest]);
  return useSyncExternalStore(newest.subscribe, newest.get);
}

interface Question extends Asking {
  readonly urgency?: Urgency;
}

/** @param job null while there is nothing to ask */
export function useSimulated<Kind extends Job["kind"]>(
  job: Extract<Job, { kind: Kind }> | null,
  { urgency = "screen", ...manner }: Question = {},
): Asked<Results[Kind]> {
  const key = job && JSON.stringify(job);
  return useNewest<Results[Kind]>(
    key,
    (lane, asked) => simulations.ask<Kind>(JSON.parse(asked), { lane, urgency }),
    manner,
  );
}
