/** Several questions to the pool at once, each asked once while it is wanted. */
import { useEffect, useId, useRef, useState } from "react";
import { Superseded } from "../../workers/pool";

/**
 * @param keys what is wanted; null asks nothing
 * @param ask answers the one at its place in a lane of its own
 * @param failed what stands for the answer of one that failed
 * @returns the answers in their order, as they come
 */
export function useEach<Answer>(
  keys: readonly (string | null)[],
  ask: (n: number, lane: string) => Promise<Answer>,
  failed: (error: unknown) => Answer,
  drop: (lane: string) => void,
): readonly (Answer | null)[] {
  const name = useId();
  const wanted = keys.join("\n");
  const [known, setKnown] = useState<ReadonlyMap<string, Answer>>(new Map());
  const underWay = useRef(new Map<string, string>());
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is wanted stands for the questions
  useEffect(() => {
    for (const [key, lane] of underWay.current) {
      if (keys.includes(key)) continue;
      underWay.current.delete(key);
      drop(lane);
    }
    keys.forEach((key, n) => {
      if (key === null || known.has(key) || underWay.current.has(key)) return;
      const lane = `${name} ${key}`;
      underWay.current.set(key, lane);
      const keep = (answer: Answer): void => {
        setKnown((before) => new Map(before).set(key, answer));
      };
      void ask(n, lane)
        .then(keep, (error: unknown) => {
          // Not wanted any more.
          if (!(error instanceof Superseded)) keep(failed(error));
        })
        .finally(() => {
          if (underWay.current.get(key) === lane) underWay.current.delete(key);
        });
    });
  }, [wanted]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: at the end alone
  useEffect(() => {
    const lanes = underWay.current;
    return () => {
      // The screen is left: its processors are wanted elsewhere.
      for (const lane of lanes.values()) drop(lane);
      lanes.clear();
    };
  }, []);
  return keys.map((key) => (key === null ? null : (known.get(key) ?? null)));
}
