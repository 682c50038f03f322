import { useLayoutEffect, useRef, useState } from "react";

interface Typed {
  /** Under the hand; null: the field shows what is stored. */
  readonly typed: string | null;
  type(text: string): void;
  /** The hand has let go of it. */
  letGo(): void;
  giveUp(): void;
}

/**
 * What stands in a field until the hand lets go of it, or the page is left meanwhile: a phone goes back without letting go.
 * @param take @returns whether it could be read; it stays in the field otherwise
 */
export function useTyped(take: (text: string) => boolean): Typed {
  const [typed, setTyped] = useState<string | null>(null);
  const newest = useRef(typed);
  const put = (text: string | null): void => {
    newest.current = text;
    setTyped(text);
  };
  const letGo = (): void => {
    if (newest.current !== null && take(newest.current)) put(null);
  };
  const leave = useRef(letGo);
  leave.current = letGo;
  useLayoutEffect(() => () => leave.current(), []);
  return { typed, type: put, letGo, giveUp: () => put(null) };
}
