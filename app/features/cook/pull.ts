import { certain, latest, NEVER, type Quantiles } from "../../../core/forecast/shares";
import { byTimeMin } from "../../../core/plan/byTime";
import type { Roast } from "../../../core/plan/roast";
import { MINUTE_MS } from "../../../core/units/time";
import type { RoastDay } from "../../day/roastDay";

interface Known {
  readonly roast: Pick<Roast, "plan" | "happened">;
  readonly forecast: Pick<RoastDay["forecast"], "forecast">;
  readonly simulated: Pick<RoastDay["simulated"], "neverMet" | "shares" | "refining"> & {
    readonly cook: { readonly pullMinute: number } | null;
  };
}

/**
 * When it will be there, early, middle and late (ms; infinite: never at this heat): by the fitted birds, else as it
 * is simulated by all that is so now; while that is refined as predicted when it went in, or coarsely where that is not
 * written down. By the clock where the cook goes by that. Null while nothing is known, and where it never gets there.
 */
export function pullOf({ roast, forecast: { forecast }, simulated }: Known, inAtMs: number): Quantiles | null {
  const timeMin = byTimeMin(roast);
  if (timeMin !== null) {
    return certain(inAtMs + timeMin * MINUTE_MS);
  }
  if (forecast) {
    const { p10, p50, p90 } = forecast.pull;
    return { p10: inAtMs + p10 * MINUTE_MS, p50: inAtMs + p50 * MINUTE_MS, p90: inAtMs + p90 * MINUTE_MS };
  }
  const { predicted } = roast.happened;
  const { cook, neverMet, shares, refining } = simulated;
  if (neverMet) return null;
  if (predicted && (refining || !cook)) {
    return {
      p10: Date.parse(predicted.pullP10At),
      p50: Date.parse(predicted.pullP50At),
      p90: predicted.pullP90At === NEVER ? Number.POSITIVE_INFINITY : Date.parse(predicted.pullP90At),
    };
  }
  if (!cook) return null;
  const after = (share: number): number => inAtMs + share * cook.pullMinute * MINUTE_MS;
  return {
    p10: after(shares.p10),
    // Where the plan and its rows have it out, and what was predicted, too.
    p50: after(1),
    p90: after(latest(shares.p90)),
  };
}
