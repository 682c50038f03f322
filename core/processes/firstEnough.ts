/**
 * The first of a row that is enough, each more so than the one before; the last counts as enough. Few are asked.
 * @param lacks of one that is not enough, how many further on the first that is may be; null of one that is
 */
export function* firstEnough(
  last: number,
  likely: number,
  lacks: (at: number) => Generator<number, number | null>,
): Generator<number, number> {
  let [tooSoon, enough] = [-1, last];
  // Ever longer steps in one direction: where the guess is far off, too, few are asked.
  let [back, forth] = [1, 1];
  for (let at = likely; enough - tooSoon > 1; ) {
    at = Math.min(enough - 1, Math.max(tooSoon + 1, at));
    const further = yield* lacks(at);
    if (further === null) {
      enough = at;
      at -= back;
      [back, forth] = [2 * back, 1];
    } else {
      tooSoon = at;
      at += Math.max(forth, further);
      [back, forth] = [1, 2 * forth];
    }
  }
  return enough;
}
