/**
 * The one temperature scale of the product: mist to ember. Lightness falls all the way, so order survives any kind of
 * colour vision and print; steps are even in OKLab by construction (the path is walked by its length).
 */
import { cssFromLab, distance, type Lab, labFromLch } from "./oklab";

export const SCALE_LOW_C = -20;
export const SCALE_HIGH_C = 110;

/** Where the path turns: cold mist, through pale sand, to ember and dark crust. */
const STOPS: readonly Lab[] = [
  labFromLch(0.965, 0.018, 220),
  labFromLch(0.885, 0.05, 222),
  labFromLch(0.815, 0.035, 235),
  labFromLch(0.77, 0.045, 70),
  labFromLch(0.69, 0.115, 62),
  labFromLch(0.58, 0.16, 45),
  labFromLch(0.45, 0.145, 32),
  labFromLch(0.31, 0.09, 25),
];

const LENGTHS: readonly number[] = STOPS.reduce<number[]>((sums, stop, n) => {
  const before = STOPS[n - 1];
  sums.push(before ? (sums[n - 1] ?? 0) + distance(before, stop) : 0);
  return sums;
}, []);

/** Colour of a temperature as OKLab; held at the ends of the scale. */
export function temperatureLab(celsius: number): Lab {
  const share = Math.min(1, Math.max(0, (celsius - SCALE_LOW_C) / (SCALE_HIGH_C - SCALE_LOW_C)));
  const along = share * (LENGTHS.at(-1) ?? 1);
  const n = Math.max(
    1,
    LENGTHS.findIndex((length) => length >= along),
  );
  const from = STOPS[n - 1] as Lab;
  const to = STOPS[n] as Lab;
  const low = LENGTHS[n - 1] as number;
  const high = LENGTHS[n] as number;
  const part = (along - low) / (high - low);
  return [from[0] + part * (to[0] - from[0]), from[1] + part * (to[1] - from[1]), from[2] + part * (to[2] - from[2])];
}

export const temperatureColour = (celsius: number): string => cssFromLab(temperatureLab(celsius));

/** Bands drawn in sections: every ten degrees. */
export const BAND_STEP_K = 10;
export const BAND_EDGES_C: readonly number[] = Array.from(
  { length: (SCALE_HIGH_C - SCALE_LOW_C) / BAND_STEP_K },
  (_, n) => SCALE_LOW_C + n * BAND_STEP_K,
);
/** A band carries the colour of its middle. */
export const bandColour = (edgeC: number): string => temperatureColour(edgeC + BAND_STEP_K / 2);
