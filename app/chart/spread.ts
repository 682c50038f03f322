/** Moves labels down, in the order of their places, until each is so far from the next. */
export function spread(places: readonly number[], apart: number): number[] {
  const order = places.map((place, n) => ({ place, n })).sort((a, b) => a.place - b.place);
  order.forEach((entry, n) => {
    const before = order[n - 1];
    if (before) entry.place = Math.max(entry.place, before.place + apart);
  });
  return order.sort((a, b) => a.n - b.n).map(({ place }) => place);
}
