/** Readings of one roast by the minute since its bird went in, and the plain ways of putting them together. */
import { type Place, type Probe, probeOf } from "../bird/probe";

export interface Reading extends Place {
  readonly minute: number;
  readonly celsius: number;
}

/** Readings of each probe by itself, oldest first. */
export function seriesOf<Item extends Reading>(readings: readonly Item[]): Item[][] {
  const series = new Map<string, Item[]>();
  for (const reading of readings) {
    const probe = probeOf(reading);
    const own = series.get(probe);
    if (own) own.push(reading);
    else series.set(probe, [reading]);
  }
  return [...series.values()].map((own) => own.sort((a, b) => a.minute - b.minute));
}

/** Readings close in time say the same; those of one probe within this are averaged, which also bounds the work. */
const THIN_MIN = 6;

/** Readings of one probe that lie within so many minutes of one another, together. */
export function binned<Item extends Reading>(readings: readonly Item[], binMin: number): Item[][] {
  const bins: Item[][] = [];
  const byProbe = new Map<Probe, Map<number, Item[]>>();
  for (const reading of readings) {
    const probe = probeOf(reading);
    const own = byProbe.get(probe) ?? new Map<number, Item[]>();
    byProbe.set(probe, own);
    const n = Math.floor(reading.minute / binMin);
    const bin = own.get(n);
    if (bin) bin.push(reading);
    else {
      const first = [reading];
      own.set(n, first);
      bins.push(first);
    }
  }
  return bins;
}

/** What readings of one probe come to together. */
export const meanOf = <Item extends Reading>(bin: readonly Item[]): Item => ({
  ...(bin[0] as Item),
  minute: bin.reduce((sum, { minute }) => sum + minute, 0) / bin.length,
  celsius: bin.reduce((sum, { celsius }) => sum + celsius, 0) / bin.length,
});

/** Averages readings of one probe that lie within so many minutes of one another. */
export const thinned = <Item extends Reading>(readings: readonly Item[]): Item[] =>
  binned(readings, THIN_MIN).map(meanOf);

/** The birds are fitted anew where a reading has moved by so much, K. */
const MOVED_K = 0.5;

/**
 * What makes it worth while to fit the birds anew: as long as it stays the same, they need not be. Of a bin that is not
 * over only its first reading counts: a thermometer that speaks every second would ask for one fit after the other, all
 * day long, and each would say what the last one said.
 * @param bins of one probe, see {@link binned}, oldest first
 */
export function worthAFit(bins: readonly (readonly Reading[])[]): string {
  const told = bins.map((bin, n) => {
    const first = bin[0] as Reading;
    const { celsius } = n < bins.length - 1 ? meanOf(bin) : first;
    return `${Math.round(celsius / MOVED_K)} at ${first.minute.toFixed(1)}`;
  });
  const first = bins[0]?.[0];
  return [first && probeOf(first), ...told].join();
}
