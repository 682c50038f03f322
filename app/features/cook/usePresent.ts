/** The bird as the readings point to it, looked at anew after each fit: skin, juice, lethality, the rest to come. */
import { useEffect, useState } from "react";
import type { CentreTemperatures } from "../../../core/bird/solid";
import type { Forecast } from "../../../core/forecast/assimilate";
import type { EnsembleOptions } from "../../../core/forecast/ensemble";
import type { Present, PresentOptions } from "../../../core/forecast/present";
import { Superseded } from "../../../workers/pool";
import { simulations } from "../../../workers/simulations";

interface Asked {
  readonly options: EnsembleOptions;
  readonly forecast: Forecast | null;
  readonly pulledMin: number | null;
  readonly nowMin: number;
  readonly cover: PresentOptions["cover"];
  readonly seenC: CentreTemperatures;
}

/** The skin does not change faster. */
const EVERY_MIN = 4;

export function usePresent({ options, forecast, pulledMin, nowMin, cover, seenC }: Asked): Present | null {
  const [present, setPresent] = useState<Present | null>(null);
  const asked: PresentOptions | null = forecast && {
    options: { ...options, shownC: forecast.aimC },
    estimate: forecast.estimate,
    targetsC: options.shownC,
    nowMin: EVERY_MIN * Math.floor(nowMin / EVERY_MIN),
    pulledMin,
    cover,
    seenC,
  };
  const key = asked && JSON.stringify(asked);
  useEffect(() => {
    if (!key) return;
    let stopped = false;
    simulations
      .request<"present">("present", { kind: "present", asked: JSON.parse(key) })
      .then((answer) => {
        if (!stopped) setPresent(answer);
      })
      .catch((error: unknown) => {
        // Nothing hangs on it but advice; the forecast itself says when the simulation cannot run.
        if (!(error instanceof Superseded)) console.warn("the bird's present state is not known:", error);
      });
    return () => {
      stopped = true;
    };
  }, [key]);
  return present;
}
