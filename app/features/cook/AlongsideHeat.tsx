import { useMemo, useState } from "react";
import { centresOf, hasBreastAndThigh } from "../../../core/bird/form";
import type { Reading } from "../../../core/forecast/reading";
import { MINUTE_MS } from "../../../core/units/time";
import { atCentres } from "../../../words/readIn";
import { timeBeside } from "../../../words/time";
import { ForecastChart } from "../../chart/ForecastChart";
import type { Acts } from "../../day/acts";
import type { RoastDay } from "../../day/roastDay";
import { useHabits, usePreferences } from "../../shell/preferences";
import { useNow } from "../../ui/useNow";
import { Why } from "../../ui/Why";
import { AlarmLimits } from "./AlarmSwitch";
import { Corrections } from "./Corrections";
import { ReadingList } from "./ReadingList";
import { Rung } from "./Rung";
import { Ticks } from "./Ticks";
import { Upcoming } from "./Upcoming";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}

/** Beside what is next of a bird in the heat: the forecast drawn, its readings, what comes then, and what is put right. */
export function AlongsideHeat({ day, acts }: Props) {
  const reader = useHabits();
  const now = useNow();
  const { units } = usePreferences();
  const [picked, setPicked] = useState<readonly string[]>([]);
  const { roast, simulated, observed, believed, goalsC, rows, readings, forecast, items } = day;
  const { plan, happened } = roast;
  const inAtMs = Date.parse(happened.inAt ?? "");
  const aside = useMemo(() => {
    const kept = new Set<Reading>(believed);
    return new Set(observed.filter((reading) => !kept.has(reading)).map(({ key }) => key));
  }, [observed, believed]);
  const peaks = centresOf(plan.bird).flatMap((centre) => {
    const celsius = goalsC[centre] === undefined ? undefined : simulated.cook?.peak[centre]?.celsius;
    return celsius === undefined ? [] : [[centre, celsius] as const];
  });
  return (
    <>
      {forecast.forecast && (
        <ForecastChart
          forecast={forecast.forecast}
          readings={observed}
          onPick={setPicked}
          goalsC={goalsC}
          nowMin={(now - inAtMs) / MINUTE_MS}
          inAtMs={inAtMs}
          zone={plan.zone}
          units={units}
        />
      )}
      <ReadingList
        readings={readings ?? []}
        picked={picked}
        onLeave={() => setPicked([])}
        aside={aside}
        zone={plan.zone}
        units={units}
        acts={acts}
      />
      <Upcoming rows={rows} now={now} zone={plan.zone} />
      <Ticks day={day} acts={acts} />
      <AlarmLimits />
      <Rung roastId={roast.id} zone={plan.zone} />
      <p className="text-soft">
        In since {timeBeside(inAtMs, now, plan.zone, reader)}.{" "}
        {peaks.length > 0 && `It goes on rising at rest: the plan counts on ${atCentres(peaks, units)}.`}
      </p>
      <Why id="probe" />
      {hasBreastAndThigh(plan.bird) && <Why id="leg-first" />}
      <Corrections
        roast={roast}
        readings={readings ?? []}
        isChangeAsked={items.some(({ about }) => about.kind === "stage" || about.kind === "colour")}
        acts={acts}
      />
    </>
  );
}
