/** The band around a computed finish: the prior's ensemble on the coarse grid, as shares of its own usual bird. */
import { type EnsembleOptions, priorOf, runEnsemble } from "./ensemble";
import { type Member, minuteAllShown } from "./member";
import { methodErrorShare } from "./methodError";
import { type Draw, normalQuantile, priorDraws, UNKNOWNS } from "./prior";
import { BY_TIME, lateOf, NEVER, type Quantiles, quantiles, type Shares } from "./shares";

/** As near to three hundred as twice as many are, within a hundredth of each quantile (seven birds of other kinds, at fires too). */
export const BAND_MEMBERS = 16;

/** The usual bird read at its deepest, as plans are computed, then the prior's spread. */
export function bandDraws(options: Pick<EnsembleOptions, "prior" | "source" | "stages">): readonly Draw[] {
  const prior = priorOf(options);
  const deepest = UNKNOWNS.map((name) =>
    name === "breastProbe" || name === "thighProbe" ? -prior[name].mean / prior[name].sd : 0,
  );
  return [deepest, ...priorDraws(BAND_MEMBERS)];
}

/** Of minutes to a finish, as shares of the finish itself. */
export function sharesOfMinutes({ p10, p50, p90 }: Quantiles, ownMin: number): Shares {
  // Heat that only just does it: the computed bird gets there, its coarse copies hardly do.
  if (!Number.isFinite(ownMin) || !Number.isFinite(p10)) return { p10: 1, p50: 1, p90: NEVER };
  return { p10: p10 / ownMin, p50: Number.isFinite(p50) ? p50 / ownMin : 1, p90: lateOf(p90 / ownMin) };
}

/** Midpoints of five equal shares of a normal spread. */
const FAMILY_Z = [0.1, 0.3, 0.5, 0.7, 0.9].map(normalQuantile);

/**
 * Of members' finishes: each stands for a spread of its own, five times, by what no member can be.
 * @param options whose method says how wide that is
 */
export function bandOf(minutes: readonly number[], options: Pick<EnsembleOptions, "stages" | "source">): Quantiles {
  const share = methodErrorShare(options);
  return quantiles(minutes.flatMap((minute) => FAMILY_Z.map((z) => minute * Math.exp(share * z))));
}

/** @param members of {@link bandDraws}, in their order */
export function sharesOf([usual, ...members]: readonly Member[], options: EnsembleOptions): Shares {
  const { shownC } = options;
  const minutes = members.map((member) => minuteAllShown(member, shownC));
  return sharesOfMinutes(bandOf(minutes, options), usual ? minuteAllShown(usual, shownC) : Number.POSITIVE_INFINITY);
}

/** Yields after each member. @param options null: by time alone */
export function* bandShares(options: EnsembleOptions | null): Generator<number, Shares> {
  if (!options) return BY_TIME;
  return sharesOf(yield* runEnsemble(options, bandDraws(options)), options);
}
