/** The band around a computed finish: the prior's ensemble on the coarse grid, as shares of its own usual bird. */
import type { HistoryPoint } from "../processes/roast";
import { type EnsembleOptions, minuteAllShown, type Quantiles, quantiles, runEnsemble, runMember } from "./ensemble";
import { priorDraws, UNKNOWNS } from "./prior";

export const BAND_MEMBERS = 24;

/** Yields after each member; the result multiplies a fine-grid finish. */
export function* bandShares(options: EnsembleOptions): Generator<number, Quantiles> {
  const usual = minuteAllShown(
    runMember(
      options,
      UNKNOWNS.map(() => 0),
    ),
    options.shownC,
  );
  const members = yield* runEnsemble(options, priorDraws(BAND_MEMBERS));
  const { p10, p50, p90 } = quantiles(members.map((member) => minuteAllShown(member, options.shownC)));
  return { p10: p10 / usual, p50: p50 / usual, p90: p90 / usual };
}

/** What the thermometer shows at the pull: the targets of the band's members. */
export const shownAtPull = (atPull: HistoryPoint): { breast: number; thigh: number } => ({
  breast: atPull.breastC,
  thigh: atPull.thighC,
});
