import { constant } from "../../core/constants";
import { formatTemperature, type UnitSystem } from "../../core/units/quantity";
import { ZONE } from "../../words/amounts";
import { BAND_EDGES_C, BAND_STEP_K, bandColour } from "../ui/temperatureScale";
import { temperatureTicks } from "../ui/temperatureTicks";

const ZONE_C = { low: constant("zoneLowC"), high: constant("zoneHighC") };

/** The colours of the bands with their temperatures; the growth zone is named and hatched, not only coloured. */
export function TemperatureKey({ units, targetC }: { readonly units: UnitSystem; readonly targetC: number }) {
  const shown = BAND_EDGES_C.filter((edge) => edge >= 0);
  const low = shown[0] as number;
  const high = (shown.at(-1) as number) + BAND_STEP_K;
  const x = (celsius: number): number => ((celsius - low) / (high - low)) * 100;
  return (
    <div className="px-1" aria-hidden="true">
      <svg viewBox="0 0 100 3.4" preserveAspectRatio="none" className="h-3.5 w-full" aria-hidden="true">
        <defs>
          <pattern
            id="zone"
            width="1"
            height="1"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45) scale(.55 1)"
          >
            <rect width=".35" height="1" fill="var(--ink)" opacity=".55" />
          </pattern>
        </defs>
        {shown.map((edge) => (
          <rect
            key={edge}
            x={x(edge)}
            width={x(edge + BAND_STEP_K) - x(edge) + 0.05}
            height="2.4"
            fill={bandColour(edge)}
          />
        ))}
        <rect x={x(ZONE_C.low)} width={x(ZONE_C.high) - x(ZONE_C.low)} y="2.5" height=".9" fill="url(#zone)" />
        <rect x={x(targetC) - 0.15} width=".3" height="3.4" fill="var(--ink)" />
      </svg>
      <div className="relative h-5 text-xs text-soft">
        {temperatureTicks(low, high, units).map(({ celsius, label }) => (
          <span
            key={label}
            className="absolute -translate-x-1/2 first:translate-x-0 whitespace-nowrap"
            style={{ left: `${x(celsius)}%` }}
          >
            {formatTemperature(celsius, units)}
          </span>
        ))}
      </div>
      <div className="flex justify-between text-xs text-soft">
        <span>hatched: {ZONE[units]}, where bacteria grow</span>
        <span>line: target {formatTemperature(targetC, units)}</span>
      </div>
    </div>
  );
}
