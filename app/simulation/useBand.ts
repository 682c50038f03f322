/** The band of a plan that has been simulated: how its doubt spreads, kept on the device. */
import { bandAsked, type PlannedDone } from "../../core/forecast/planned";
import type { PlannedInput } from "../../core/forecast/plannedInput";
import { BY_TIME, FIRST_SHARES, type Shares } from "../../core/forecast/shares";
import { bandOverPool, dropBand } from "../../workers/band";
import { useNewest } from "./useSimulated";

interface Band {
  /** A first guess until it is there. */
  readonly shares: Shares;
  readonly refining: boolean;
  readonly fault: string | null;
}

/** @param cook of this very input, as finely as it is shown; null until it is there, when nothing is asked */
export function useBand(input: PlannedInput, cook: PlannedDone | null): Band {
  const options = cook && bandAsked(input, cook);
  const band = useNewest<Shares>(
    options && JSON.stringify(options),
    (lane) => bandOverPool(lane, options as NonNullable<typeof options>),
    { drop: dropBand, keptAs: "band" },
  );
  return {
    shares: input.finish.kind === "time" ? BY_TIME : (band.answer ?? FIRST_SHARES),
    refining: band.stale || (options !== null && band.answer === null && band.fault === null),
    fault: band.fault,
  };
}
