/** The band around a computed finish: the prior's ensemble on the coarse grid, as shares of its own usual bird. */
import type { CentreTemperatures } from "../bird/solid";
import type { HistoryPoint } from "../processes/bird";
import { type EnsembleOptions, type Member, minuteAllShown, type Quantiles, quantiles, runEnsemble } from "./ensemble";
import { type Draw, priorDraws, UNKNOWNS } from "./prior";

export const BAND_MEMBERS = 24;

/** The usual bird first, then the prior's spread. */
export const BAND_DRAWS: readonly Draw[] = [UNKNOWNS.map(() => 0), ...priorDraws(BAND_MEMBERS)];

/** Shares that multiply a fine-grid finish. @param members of {@link BAND_DRAWS}, in their order */
export function sharesOf([usual, ...members]: readonly Member[], shownC: CentreTemperatures): Quantiles {
  const own = usual ? minuteAllShown(usual, shownC) : Number.NaN;
  const { p10, p50, p90 } = quantiles(members.map((member) => minuteAllShown(member, shownC)));
  return { p10: p10 / own, p50: p50 / own, p90: p90 / own };
}

/** Yields after each member. */
export function* bandShares(options: EnsembleOptions): Generator<number, Quantiles> {
  return sharesOf(yield* runEnsemble(options, BAND_DRAWS), options.shownC);
}

/** What the thermometer shows at the pull: the targets of the band's members. */
export const shownAtPull = ({ centresC }: HistoryPoint): CentreTemperatures => centresC;
