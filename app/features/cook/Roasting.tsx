import { useMemo } from "react";
import { centresOf } from "../../../core/bird/form";
import { adviceFor, EARLY_WORD_MIN } from "../../../core/forecast/coach";
import { targetsStillIn } from "../../../core/forecast/ensemble";
import { allReached, lowestC } from "../../../core/forecast/newest";
import { type PlannedDone, pullGoalsC, roastOptions } from "../../../core/forecast/planned";
import { guidelineEverywhere } from "../../../core/forecast/present";
import type { Reading } from "../../../core/forecast/reading";
import type { Changed } from "../../../core/forecast/whatIf";
import type { Roast, RoastReading } from "../../../core/formats/roast";
import { restFor } from "../../../core/processes/rest";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { replan } from "../../../core/schedule/replan";
import { formatTemperature } from "../../../core/units/quantity";
import { ForecastChart } from "../../chart/ForecastChart";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { clockTime, giveOrTake, largeCountdown } from "../../ui/time";
import { AdviceList } from "./AdviceList";
import { AlarmLimits } from "./AlarmSwitch";
import { adviceWords, dueWords } from "./adviceWords";
import { Corrections } from "./Corrections";
import { changeWords } from "./changeWords";
import { NextAction } from "./NextAction";
import { PullCheck } from "./PullCheck";
import { ReadingForm } from "./ReadingForm";
import { SideBySide } from "./SideBySide";
import { Temperatures } from "./Temperatures";
import { Upcoming } from "./Upcoming";
import { useAlarm } from "./useAlarm";
import { useForecast } from "./useForecast";
import { usePresent } from "./usePresent";
import { WhatIfSheet } from "./WhatIfSheet";

interface Props {
  readonly roast: Roast;
  readonly cook: PlannedDone;
  readonly derived: DerivedPlan;
  readonly readings: readonly RoastReading[];
  /** The same, by the minute since it went in. */
  readonly observed: readonly Reading[];
  readonly now: number;
  onReading(readings: readonly RoastReading[]): Promise<void>;
  onPull(): void;
  onTakeBack(): void;
  onThermometer(thermometer: Roast["thermometer"]): void;
  onInAt(ms: number): void;
  /** Something of the plan was done. */
  onDone(done: Pick<Roast["happened"], "stagesDone" | "bastingsDone" | "fuelsDone">): void;
  /** The door stood open for so long, until now. */
  onDoor(openMin: number): void;
  onWhatIf(name: string, changed: Changed): void;
}

const MINUTE = 60_000;
const SEEN_C = guidelineEverywhere();

/** In the oven: when it will be time, by the model fitted to the readings. */
export function Roasting(props: Props) {
  const { roast, cook, derived, readings, observed, now, onReading, onPull, onWhatIf, onDone } = props;
  const { units } = usePreferences();
  const { plan, happened } = roast;
  const inAtMs = Date.parse(happened.inAt ?? "");
  const nowMin = (now - inAtMs) / MINUTE;
  // Once it has been back in, the rest is not counted on again: it is to be seen in the oven.
  const goalsC = useMemo(
    () =>
      targetsStillIn(
        happened.outs?.length ? plan.targetC : pullGoalsC(cook, plan.targetC),
        (happened.left ?? []).map(({ piece }) => piece),
      ),
    [happened, plan.targetC, cook],
  );
  const options = useMemo(() => roastOptions({ plan, happened }, goalsC), [plan, happened, goalsC]);
  const { forecast, change, refitting, fault } = useForecast(options, observed);
  const lost = forecast?.lost ?? [];
  const present = usePresent({ options, forecast, pulledMin: null, nowMin, cover: plan.cover, seenC: SEEN_C });
  const planned = happened.predicted;
  const pull = forecast
    ? {
        p10: inAtMs + forecast.pull.p10 * MINUTE,
        p50: inAtMs + forecast.pull.p50 * MINUTE,
        p90: inAtMs + forecast.pull.p90 * MINUTE,
      }
    : planned && {
        p10: Date.parse(planned.pullP10At),
        p50: Date.parse(planned.pullP50At),
        p90: Date.parse(planned.pullP90At),
      };
  const reached = allReached(goalsC, observed, lost);
  const { carveAtMs } = derived.schedule;
  const { shortestMin } = restFor(plan.bird.massKg);
  const nowMinute = MINUTE * Math.floor(now / MINUTE);
  const { rows } = useMemo(
    () =>
      replan(
        plan,
        cook,
        derived,
        {
          inAt: happened.inAt ?? "",
          pullMin: forecast?.pull ?? { p10: Number.NaN, p50: Number.NaN, p90: Number.NaN },
          nowMs: nowMinute,
        },
        units,
      ),
    [plan, cook, derived, happened.inAt, forecast, nowMinute, units],
  );
  const told = adviceFor({
    plan,
    nowMin,
    readings: observed,
    forecast,
    browning: present?.browning ?? null,
    outByMin: (carveAtMs - inAtMs) / MINUTE - shortestMin,
    stagesDone: happened.stagesDone ?? 0,
    bastingsDone: happened.bastingsDone ?? 0,
    fuelsDone: happened.fuelsDone ?? 0,
  })
    // A thermometer that speaks by itself needs no telling when to read it.
    .filter(({ kind }) => kind !== "read-again" || roast.thermometer === "typed");
  const advice = [...told.map((each) => adviceWords(each, plan, units)), ...dueWords(rows, now)];
  const doneBy = (key: string): (() => void) | null => {
    const each = told[advice.findIndex((words) => words.key === key)];
    if (each?.kind === "stage") return () => onDone({ stagesDone: each.n });
    if (each?.kind === "fuel") return () => onDone({ fuelsDone: each.n });
    return each?.kind === "baste" ? () => onDone({ bastingsDone: each.n }) : null;
  };
  const pullCall = { key: "pull", does: "Take it out: it is there" };
  useAlarm([...(reached ? [pullCall] : []), ...advice.filter(({ rings }) => rings)]);
  const centres = centresOf(plan.bird);
  return (
    <SideBySide
      now={
        <>
          {reached ? (
            <NextAction action="Take it out: it is there" figure="now" below="Check both breasts and both thighs." />
          ) : pull && Number.isFinite(pull.p50) ? (
            <NextAction
              action={now < pull.p50 ? "Take it out in" : "It should be there: read both centres"}
              {...largeCountdown(pull.p50 - now)}
              below={
                <span aria-live="polite">
                  at {clockTime(pull.p50, plan.zone)}, {giveOrTake(pull.p10, pull.p90)}
                  {forecast ? ", refitted to your readings" : ", as planned; a reading will narrow it"}
                  {refitting && " …"}
                </span>
              }
            />
          ) : (
            <NextAction action="Roasting" {...largeCountdown(now - inAtMs)} below="Computing when it will be done …" />
          )}
          {change && <p className="text-soft">{changeWords(change, units)}.</p>}
          {fault && <Caution>The forecast stopped: {fault}</Caution>}
          <Temperatures readings={observed} lost={lost} nowMin={nowMin} units={units} goalsC={goalsC} goal="out at" />
          <AdviceList advice={advice} onDone={doneBy} />
          {roast.thermometer === "typed" && (
            <ReadingForm places={centres.map((part) => ({ part }))} units={units} onReading={onReading} />
          )}
          <div className="flex flex-wrap gap-3">
            <PullCheck
              plan={plan}
              goalsC={goalsC}
              readings={observed}
              nowMin={nowMin}
              present={present}
              units={units}
              onReading={onReading}
            />
            {forecast && (
              <WhatIfSheet
                plan={plan}
                options={options}
                forecast={forecast}
                inAtMs={inAtMs}
                now={now}
                readC={lowestC(observed, lost)}
                units={units}
                onTake={onWhatIf}
              />
            )}
          </div>
          <Button
            tone={reached || (pull && now > pull.p10 - EARLY_WORD_MIN * MINUTE) ? "primary" : "plain"}
            size="stove"
            onClick={onPull}
          >
            It is out of the oven
          </Button>
        </>
      }
      then={
        <>
          {forecast && (
            <ForecastChart
              forecast={forecast}
              readings={observed}
              goalsC={goalsC}
              nowMin={nowMin}
              inAtMs={inAtMs}
              zone={plan.zone}
              units={units}
            />
          )}
          <Upcoming rows={rows} now={now} zone={plan.zone} />
          <AlarmLimits />
          <p className="text-soft">
            In since {clockTime(inAtMs, plan.zone)}. It goes on rising at rest: the plan counts on{" "}
            {centres
              .map((centre) => `${formatTemperature(cook.peak[centre]?.celsius ?? Number.NaN, units)} in the ${centre}`)
              .join(" and ")}
            . Measure in the deepest meat, off the bone, both sides.
          </p>
          <Corrections {...props} readings={readings} inAtMs={inAtMs} />
        </>
      }
    />
  );
}
