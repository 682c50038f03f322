/** What moved the forecast, in one line. */

import type { ForecastChange } from "../core/day/change";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";
import { PART_NAMES, probeName } from "./names";

function movedWords(byMin: number): string {
  if (!Number.isFinite(byMin)) return byMin > 0 ? "Not to be had as it is" : "There after all";
  return `${Math.round(Math.abs(byMin))} min ${byMin > 0 ? "later" : "sooner"}`;
}

export function changeWords({ byMin, because }: ForecastChange, units: UnitSystem): string {
  const moved = movedWords(byMin);
  if (because.kind === "lost") return `${moved}: the probe in the ${probeName(because.probe)} is not believed any more`;
  if (because.kind === "believed-again")
    return `${moved}: the probe in the ${probeName(because.probe)} sits right again`;
  const { part, readC, expectedC } = because;
  return `${moved}: the ${PART_NAMES[part]} read ${formatTemperature(readC, units, 1)}, ${formatTemperature(expectedC, units, 1)} was expected`;
}
