import type { Centre, CentreTemperatures } from "../../../core/bird/solid";
import type { RoastReading } from "../../../core/formats/roast";
import { formatDuration, formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { temperatureColour } from "../../ui/temperatureScale";

interface Props {
  readonly readings: readonly RoastReading[];
  readonly now: number;
  readonly units: UnitSystem;
  /** What each should show when it is time. */
  readonly goalsC: CentreTemperatures;
}

/** Two large temperatures, readable from two metres. */
export function Temperatures({ readings, now, units, goalsC }: Props) {
  return (
    <section aria-label="Temperatures" className="grid grid-cols-2 gap-3">
      {(Object.entries(goalsC) as [Centre, number][]).map(([part, goalC]) => {
        const last = readings.findLast((reading) => reading.part === part);
        return (
          <div key={part} className="overflow-hidden rounded-3xl border border-line bg-mist-1">
            <div className="h-3" style={{ background: last ? temperatureColour(last.celsius) : "var(--mist-2)" }} />
            <div className="px-4 pb-3 pt-2">
              <div className="text-lg capitalize text-soft">{part}</div>
              <div className="font-display text-[clamp(3.2rem,17vw,5rem)] font-semibold leading-none tracking-tight">
                {last ? formatTemperature(last.celsius, units).replace(/ °[CF]/, "°") : "–"}
              </div>
              <div className="mt-1 text-[0.95rem] text-soft">
                out at {formatTemperature(goalC, units)}
                {last &&
                  `, read ${formatDuration(Math.max(0, now - Date.parse(last.at)) / 1000).replace("0 min", "just now")}${now - Date.parse(last.at) > 30_000 ? " ago" : ""}`}
              </div>
            </div>
          </div>
        );
      })}
    </section>
  );
}
