/** What moved the forecast, in one line. */

import type { ForecastChange } from "../../core/day/change";
import { formatTemperature, type UnitSystem } from "../../core/units/quantity";
import { PART_NAMES } from "../../words/names";

export function changeWords({ byMin, because }: ForecastChange, units: UnitSystem): string {
  const moved = `${Math.round(Math.abs(byMin))} min ${byMin > 0 ? "later" : "sooner"}`;
  if (because.kind === "lost") return `${moved}: the probe in the ${because.probe} is not believed any more`;
  if (because.kind === "believed-again") return `${moved}: the probe in the ${because.probe} sits right again`;
  const { part, readC, expectedC } = because;
  return `${moved}: the ${PART_NAMES[part]} read ${formatTemperature(readC, units, 1)}, ${formatTemperature(expectedC, units, 1)} was expected`;
}
