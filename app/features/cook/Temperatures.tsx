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

/** Three figures, as Fahrenheit has them when it counts, are set smaller. */
const isWide = (last: RoastReading | undefined, units: UnitSystem): boolean =>
  last !== undefined && formatTemperature(last.celsius, units).length > 5;

/** Two large temperatures, readable from two metres. */
export function Temperatures({ readings, now, units, goalsC }: Props) {
  return (
    <section aria-label="Temperatures" className="grid grid-cols-2 gap-3">
      {(Object.entries(goalsC) as [Centre, number][]).map(([part, goalC]) => {
        const last = readings.findLast((reading) => reading.part === part);
        return (
          <div key={part} className="overflow-hidden rounded-3xl border border-line bg-mist-1">
            <div className="h-3" style={{ background: last ? temperatureColour(last.celsius) : "var(--mist-2)" }} />
            <div className="px-2.5 pb-3 pt-1">
              <div className="text-lg text-soft">
                <span className="capitalize">{part}</span>, {units === "us" ? "°F" : "°C"}
              </div>
              {/* As high as the countdown: two figures fill half a phone. */}
              <div className="flex font-display font-semibold leading-[0.95] tracking-tighter">
                <span
                  className="text-[clamp(4rem,31.5vw,8rem)] max-sm:data-wide:text-[19vw]"
                  {...(isWide(last, units) && { "data-wide": "" })}
                >
                  {last ? formatTemperature(last.celsius, units).replace(/ °[CF]/, "") : "–"}
                </span>
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
