import { useMemo, useState } from "react";
import { centresOf, hasBreastAndThigh } from "../../../core/bird/form";
import type { Centre } from "../../../core/bird/solid";
import { EARLY_WORD_MIN } from "../../../core/day/coach";
import { OVERDUE_MIN } from "../../../core/day/lateStage";
import { type Changed, changeableAt, changedNow, type WhatIfId } from "../../../core/day/whatIf";
import type { Reading } from "../../../core/forecast/reading";
import { byTimeMin } from "../../../core/plan/byTime";
import { offSince } from "../../../core/plan/happened";
import { heatNow } from "../../../core/plan/heats";
import { formatTemperature } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { uncapitalised } from "../../../words/capital";
import { changeWords } from "../../../words/change";
import { heatWords, PART_NAMES } from "../../../words/names";
import { giveOrTake, largeCountdown, largeDelay, timeBeside } from "../../../words/time";
import { whatIfName } from "../../../words/whatIf";
import { ProbeSheet } from "../../bird-view/ProbeGuideView";
import { ForecastChart } from "../../chart/ForecastChart";
import type { Acts } from "../../day/acts";
import { outWords } from "../../day/calls";
import type { Item } from "../../day/items";
import type { RoastDay } from "../../day/roastDay";
import { instantNow } from "../../shell/clock";
import { useHabits, usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { useNow } from "../../ui/useNow";
import { Why } from "../../ui/Why";
import { AdviceList } from "./AdviceList";
import { AlarmLimits } from "./AlarmSwitch";
import { Corrections } from "./Corrections";
import { DarkerSide } from "./DarkerSide";
import { MainAct } from "./MainAct";
import { NextAction } from "./NextAction";
import { NoHeat } from "./NoHeat";
import { PULL_CHECK, PullCheck } from "./PullCheck";
import { pullOf } from "./pull";
import { ReadingForm } from "./ReadingForm";
import { ReadingList } from "./ReadingList";
import { Rung } from "./Rung";
import { SideBySide } from "./SideBySide";
import { Simulating } from "./Simulating";
import { Temperatures } from "./Temperatures";
import { TickedOff } from "./TickedOff";
import { Upcoming } from "./Upcoming";
import { WhatIfSheet } from "./WhatIfSheet";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}

/** How far short of their places the tips seem to sit, by centre, cm. */
const seemsShort = (items: readonly Item[]): Partial<Record<Centre, number>> =>
  Object.fromEntries(
    items.flatMap(({ about }) => (about.kind === "misplaced" ? [[about.part, about.shortCm] as const] : [])),
  );

/** Ways to cook it on where its own heat is gone. */
const ELSEWHERE: readonly WhatIfId[] = ["into-oven", "onto-grill"];

/** A change of the heat that should long have been made comes before the countdown. */
const overdueOf = (items: readonly Item[]): Item | undefined =>
  items.find(({ about }) => about.kind === "stage" && about.sinceMin >= OVERDUE_MIN);

/** In the oven: when it will be time, by the model fitted to the readings. Nothing here waits for a simulation. */
export function Roasting({ day, acts }: Props) {
  const reader = useHabits();
  const now = useNow();
  const { units } = usePreferences();
  const [isChecking, setIsChecking] = useState(false);
  const [picked, setPicked] = useState<readonly string[]>([]);
  const { roast, simulated, observed, believed, lost, goalsC, options, rows, reached, items, readings } = day;
  const { forecast, change, refitting, fault } = day.forecast;
  const { plan, happened } = roast;
  const inAtMs = Date.parse(happened.inAt ?? "");
  const nowMin = (now - inAtMs) / MINUTE_MS;
  const pull = pullOf(day, inAtMs);
  const centres = centresOf(plan.bird).filter((centre) => goalsC[centre] !== undefined);
  // Told and asked in the place of what is next; once it is there, that comes first.
  const off = reached ? undefined : items.find(({ about }) => about.kind === "heat-off");
  const overdue = reached || off ? undefined : overdueOf(items);
  const aside = useMemo(() => {
    const kept = new Set<Reading>(believed);
    return new Set(observed.filter((reading) => !kept.has(reading)).map(({ key }) => key));
  }, [observed, believed]);
  const finish = pull && Number.isFinite(pull.p50) && (
    <span aria-live="polite">
      {byTimeMin(roast) !== null ? (
        `at ${timeBeside(pull.p50, now, plan.zone, reader)}, by time alone`
      ) : (
        <>
          at {timeBeside(pull.p50, now, plan.zone, reader)}, {giveOrTake(pull.p10, pull.p90)}
          {forecast ? ", refitted to your readings" : ", simulated; a reading will narrow it"}
          {refitting && " …"}
        </>
      )}
    </span>
  );
  const isNear = reached || (pull && now > pull.p10 - EARLY_WORD_MIN * MINUTE_MS);
  const changeable = changeableAt(roast, now);
  const heat = heatNow(roast);
  const can = (id: WhatIfId): Changed | null => changedNow(id, changeable);
  const makes = (id: WhatIfId): void => {
    const changed = can(id);
    if (changed) void acts.whatIf(whatIfName(id, { ...plan, heat }, changed, units), id);
  };
  const peaks = centres.flatMap((centre) => {
    const celsius = simulated.cook?.peak[centre]?.celsius;
    return celsius === undefined ? [] : [`${formatTemperature(celsius, units)} in the ${PART_NAMES[centre]}`];
  });
  const opensCheck = (
    <Button tone="quiet" onClick={() => setIsChecking(true)}>
      {PULL_CHECK}
    </Button>
  );
  return (
    <SideBySide
      now={
        <>
          {off ? (
            <NoHeat item={off} sinceMs={now - Date.parse(offSince(happened) ?? "")} finish={finish} acts={acts}>
              {ELSEWHERE.map((id) => {
                const changed = can(id);
                return (
                  changed && (
                    <Button key={id} size="stove" onClick={() => makes(id)}>
                      Moved {uncapitalised(whatIfName(id, plan, changed, units))}
                    </Button>
                  )
                );
              })}
            </NoHeat>
          ) : overdue?.about.kind === "stage" ? (
            <>
              <NextAction
                action={overdue.does}
                {...largeDelay(overdue.about.sinceMin)}
                below="The plan wanted it by now; until it is done, everything goes on as before."
              />
              <Button
                key={overdue.key}
                tone="primary"
                size="stove"
                onClick={() => overdue.about.kind === "stage" && acts.changesHeat(overdue.about)}
              >
                Done
              </Button>
              {finish && <p className="text-lg">As it goes, out {finish}</p>}
            </>
          ) : reached ? (
            <NextAction
              action={outWords(plan)}
              figure="now"
              below={
                byTimeMin(roast) === null
                  ? "At each place push on past the deepest meat, off the bone, and draw back slowly: the lowest you see counts."
                  : "The clock says nothing of how done it is: a thermometer does."
              }
            />
          ) : pull && Number.isFinite(pull.p50) ? (
            <NextAction
              action={
                now < pull.p50
                  ? "Take it out in"
                  : `It should be there: read ${["it", "both centres"][centres.length - 1] ?? "every centre"}`
              }
              {...largeCountdown(pull.p50 - now)}
              below={finish}
            />
          ) : (
            <NextAction
              action={forecast ? "At this heat it does not get there" : "In the heat for"}
              {...largeCountdown(now - inAtMs)}
              below={
                forecast
                  ? "By your readings, most such birds would not come to their target: turn the heat up, or wrap it tight."
                  : "A reading says when it will be done."
              }
            />
          )}
          <MainAct>
            <Button
              tone={isNear && !overdue && !off ? "primary" : "plain"}
              size="stove"
              onClick={() => void acts.happens({ pulledAt: instantNow() })}
            >
              It is {heatWords(heat).outOf}
            </Button>
            {reached && opensCheck}
          </MainAct>
          <DarkerSide day={day} acts={acts} />
          <Temperatures readings={believed} lost={lost} nowMin={nowMin} units={units} goalsC={goalsC} goal="out at" />
          {roast.thermometer === "typed" && (
            <ReadingForm
              places={centres.map((part) => ({ part }))}
              units={units}
              inAtMs={inAtMs}
              doubted={day.doubted}
              onReading={acts.notes}
            />
          )}
          {change && <p className="text-soft">{changeWords(change, units)}.</p>}
          <Simulating day={day} />
          {fault && <Caution>The forecast is as it was last known: {fault}</Caution>}
          <AdviceList items={items.filter((item) => item !== overdue && item !== off)} acts={acts} makes={makes} />
          <div className="flex flex-wrap gap-3">
            {!reached && opensCheck}
            {/* In one place, wherever its button stands: it stays open while the last reading is noted in it. */}
            <PullCheck
              day={day}
              nowMin={nowMin}
              units={units}
              acts={acts}
              open={isChecking}
              onClose={() => setIsChecking(false)}
            />
            <ProbeSheet plan={plan} inAtMs={inAtMs} seemsShortCm={seemsShort(items)} />
            {options && (forecast || byTimeMin(roast) === null) && (
              <WhatIfSheet
                plan={plan}
                left={changeable.left}
                stagesDone={happened.stagesDone}
                heat={heat}
                isOff={changeable.isOff}
                options={options}
                forecast={forecast}
                asIsMin={pull ? (pull.p50 - inAtMs) / MINUTE_MS : Number.POSITIVE_INFINITY}
                inAtMs={inAtMs}
                now={now}
                units={units}
                onTake={(name, id) => void acts.whatIf(name, id)}
              />
            )}
          </div>
        </>
      }
      then={
        <>
          {forecast && (
            <ForecastChart
              forecast={forecast}
              readings={observed}
              onPick={setPicked}
              goalsC={goalsC}
              nowMin={nowMin}
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
          <TickedOff rows={day.ticked} acts={acts} />
          <AlarmLimits />
          <Rung roastId={roast.id} zone={plan.zone} />
          <p className="text-soft">
            In since {timeBeside(inAtMs, now, plan.zone, reader)}.{" "}
            {peaks.length > 0 && `It goes on rising at rest: the plan counts on ${peaks.join(" and ")}.`}
          </p>
          <Why id="probe" />
          {hasBreastAndThigh(plan.bird) && <Why id="leg-first" />}
          <Corrections roast={roast} readings={readings ?? []} acts={acts} />
        </>
      }
    />
  );
}
