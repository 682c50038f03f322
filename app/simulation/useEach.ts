/** Several questions to the pool at once, each asked once while it is wanted. */
import { useEffect, useId, useRef, useState } from "react";

/**
 * @param keys what is wanted; null asks nothing
 * @param ask answers the one at its place in a lane of its own; null where that was dropped
 * @returns the answers in their order, as they come
 */
export function useEach<Answer>(
  keys: readonly (string | null)[],
  ask: (n: number, lane: string) => Promise<Answer | null>,
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
      void ask(n, lane).then((answer) => {
        if (underWay.current.get(key) === lane) underWay.current.delete(key);
        if (answer !== null) setKnown((before) => new Map(before).set(key, answer));
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
