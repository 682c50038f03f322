/** Where each centre is going: the fitted members' trajectories as a band, from the newest reading to past the finish. */
import { CENTRES, type Centre, type CentreTemperatures } from "../bird/solid";
import type { Forecast } from "./forecast";
import { shownAt } from "./member";
import type { Quantiles } from "./shares";
import { quantiles } from "./shares";

export interface CurvePoint extends Quantiles {
  readonly minute: number;
}

export type Curves = Partial<Record<Centre, readonly CurvePoint[]>>;

/** @param shownC targets of the cook's thermometer: what the members miss of the newest readings is carried on */
export function curvesOf(
  { members, aimC }: Pick<Forecast, "members" | "aimC">,
  shownC: CentreTemperatures,
  { fromMin, toMin, stepMin = 4 }: { readonly fromMin: number; readonly toMin: number; readonly stepMin?: number },
): Curves {
  const steps = Math.max(1, Math.ceil((toMin - fromMin) / stepMin));
  return Object.fromEntries(
    CENTRES.flatMap((part) => {
      const [target, aim] = [shownC[part], aimC[part]];
      if (target === undefined || aim === undefined) return [];
      const points = Array.from({ length: steps + 1 }, (_, n): CurvePoint => {
        const minute = fromMin + ((toMin - fromMin) * n) / steps;
        const { p10, p50, p90 } = quantiles(members.map((member) => shownAt(member, { part }, minute) + target - aim));
        return { minute, p10, p50, p90 };
      });
      return [[part, points]];
    }),
  );
}
