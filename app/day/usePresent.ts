/** The bird as the readings point to it, looked at anew after each fit: skin, juice, lethality, the rest to come. */
import type { CentreTemperatures } from "../../core/bird/solid";
import type { Present, PresentOptions } from "../../core/day/present";
import type { EnsembleOptions } from "../../core/forecast/ensemble";
import type { Forecast } from "../../core/forecast/forecast";
import { useSimulated } from "../simulation/useSimulated";

interface Wanted {
  readonly options: EnsembleOptions | null;
  /** What the readings say of the bird; null where there are none yet, or they are being looked at. */
  readonly forecast: Pick<Forecast, "aimC" | "estimate"> | null;
  readonly pulledMin: number | null;
  readonly nowMin: number;
  readonly cover: PresentOptions["cover"];
  readonly seenC: CentreTemperatures;
}

/** The skin does not change faster. */
const EVERY_MIN = 4;

/** @returns null until it is known; only advice hangs on it: the forecast itself says when the simulation cannot run */
export function usePresent({ options, forecast, pulledMin, nowMin, cover, seenC }: Wanted): Present | null {
  const { answer } = useSimulated<"present">(
    options &&
      forecast && {
        kind: "present",
        asked: {
          options: { ...options, shownC: forecast.aimC },
          estimate: forecast.estimate,
          targetsC: options.shownC,
          nowMin: EVERY_MIN * Math.floor(nowMin / EVERY_MIN),
          pulledMin,
          cover,
          seenC,
        },
      },
    { urgency: "behind" },
  );
  return answer;
}
