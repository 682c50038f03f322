import type { Probe } from "../../../core/bird/probe";
import type { Centre, CentreTemperatures } from "../../../core/bird/solid";
import { behind, newestByProbe } from "../../../core/forecast/newest";
import type { Reading } from "../../../core/forecast/reading";
import { formatDuration, formatTemperature, TEMPERATURE_UNITS, type UnitSystem } from "../../../core/units/quantity";
import { PART_NAMES } from "../../../words/names";
import { allOf } from "../../../words/titles";
import { temperatureColour } from "../../ui/temperatureScale";

interface Props {
  readonly readings: readonly Reading[];
  /** Probes whose readings are not believed now. */
  readonly lost: readonly Probe[];
  /** Minutes since it went in. */
  readonly nowMin: number;
  readonly units: UnitSystem;
  /** What each should show when it is time. */
  readonly goalsC: CentreTemperatures;
  /** A centre that its cook does not go by: a thermometer that is there all the same is told too. */
  readonly unread: Centre | undefined;
  /** What the goal is for: "out at", "seen at". */
  readonly goal: string;
  /** Of one roast, read one after the other. */
  readonly birds: number;
}

/** Three figures, as Fahrenheit has them when it counts, are set smaller. */
const isWide = (celsius: number | undefined, units: UnitSystem): boolean =>
  celsius !== undefined && formatTemperature(celsius, units).length > 5;

const ago = (minutes: number): string =>
  minutes < 0.75 ? "just now" : `${formatDuration(60 * Math.max(0, minutes))} ago`;

/** Two large temperatures, readable from two metres: of a pair the side that is behind, both of them beneath. */
export function Temperatures({ readings, lost, nowMin, units, goalsC, unread, goal, birds }: Props) {
  const slowest = behind(readings, lost);
  const all = [...newestByProbe(readings)];
  const goals = (Object.entries(goalsC) as [Centre, number][]).map(
    ([part, goalC]) => [part, `${goal} ${formatTemperature(goalC, units)}`] as const,
  );
  const alsoRead = unread !== undefined && slowest[unread] ? [[unread, "not waited for"] as const] : [];
  const bare = (celsius: number): string => formatTemperature(celsius, units).replace(/ °[CF]/, "");
  return (
    <section
      aria-label="Temperatures"
      data-temperatures
      className="grid grid-cols-2 gap-3 low:[grid-column:2]! low:row-span-2 low:row-start-1"
    >
      {[...goals, ...alsoRead].map(([part, aim]) => {
        const last = slowest[part];
        const sides = all.filter(([, reading]) => reading.part === part && reading.side);
        return (
          <div key={part} className="overflow-hidden rounded-3xl border border-line bg-mist-1">
            <div className="h-3" style={{ background: last ? temperatureColour(last.celsius) : "var(--mist-2)" }} />
            <div className="px-2.5 pb-3 pt-1">
              <div className="text-lg text-soft">
                <span className="capitalize">{PART_NAMES[part]}</span>, {TEMPERATURE_UNITS[units]}
              </div>
              {/* As high as the countdown: two figures fill half a phone. */}
              <div className="flex font-display font-semibold leading-[0.95] tracking-tighter">
                <span
                  className="text-[clamp(4rem,31.5vw,8rem)] max-sm:data-wide:text-[19vw] low:text-[12vw] low:data-wide:text-[8.5vw]"
                  {...(isWide(last?.celsius, units) && { "data-wide": "" })}
                >
                  {last ? bare(last.celsius) : "–"}
                </span>
              </div>
              <div className="mt-1 text-[0.95rem] text-soft">
                {aim}
                {last && `, read ${ago(nowMin - last.minute)}`}
                {birds > 1 && `; the lowest of ${allOf(birds)}`}
                {sides.length > 1 && (
                  <span className="flex flex-wrap gap-x-3">
                    {sides.map(([probe, { side, celsius }]) => (
                      <span key={probe} className="whitespace-nowrap">
                        {side} {lost.includes(probe) ? "set aside" : bare(celsius)}
                      </span>
                    ))}
                  </span>
                )}
              </div>
            </div>
          </div>
        );
      })}
    </section>
  );
}
