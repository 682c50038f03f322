import { useMemo, useState } from "react";
import { centresOf } from "../../../core/bird/form";
import { adviceFor, newestC } from "../../../core/forecast/coach";
import type { PlannedDone } from "../../../core/forecast/planned";
import type { Changed } from "../../../core/forecast/whatIf";
import type { Roast, RoastReading } from "../../../core/formats/roast";
import { restFor } from "../../../core/processes/rest";
import { formatTemperature } from "../../../core/units/quantity";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { Sheet } from "../../ui/Sheet";
import { clockTime, fieldTime, giveOrTake, instantOf, largeCountdown } from "../../ui/time";
import { AdviceList, AlarmSwitch } from "./AdviceList";
import { adviceWords } from "./adviceWords";
import { NextAction } from "./NextAction";
import { PullCheck } from "./PullCheck";
import { ReadingFile } from "./ReadingFile";
import { ReadingForm } from "./ReadingForm";
import { Temperatures } from "./Temperatures";
import { ThermometerChoice } from "./ThermometerChoice";
import { useAlarm } from "./useAlarm";
import { useForecast } from "./useForecast";
import { WhatIfSheet } from "./WhatIfSheet";

interface Props {
  readonly roast: Roast;
  readonly cook: PlannedDone;
  readonly readings: readonly RoastReading[];
  readonly now: number;
  readonly carveAtMs: number;
  onReading(readings: readonly RoastReading[]): Promise<void>;
  onPull(): void;
  onTakeBack(): void;
  onThermometer(thermometer: Roast["thermometer"]): void;
  onInAt(ms: number): void;
  /** Something of the plan was done. */
  onDone(done: Pick<Roast["happened"], "stagesDone" | "bastingsDone">): void;
  onWhatIf(name: string, changed: Changed): void;
}

const MINUTE = 60_000;

/** In the oven: when it will be time, by the model refitted to the readings. */
export function Roasting(props: Props) {
  const {
    roast,
    cook,
    readings,
    now,
    carveAtMs,
    onReading,
    onPull,
    onTakeBack,
    onThermometer,
    onInAt,
    onWhatIf,
    onDone,
  } = props;
  const { units } = usePreferences();
  const { plan, happened } = roast;
  const inAtMs = Date.parse(happened.inAt ?? "");
  const goalsC = cook.atPull.centresC;
  const centres = centresOf(plan.bird);
  const observed = useMemo(
    () =>
      readings
        .map(({ at, part, celsius }) => ({ minute: (Date.parse(at) - inAtMs) / MINUTE, part, celsius }))
        .filter(({ minute }) => minute >= 0),
    [readings, inAtMs],
  );
  const { forecast, refitting, fault } = useForecast(plan, goalsC, observed);
  const [sure, setSure] = useState(false);
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
  const reached = centres.every((part) => {
    const last = readings.findLast((reading) => reading.part === part);
    return last && last.celsius >= (goalsC[part] ?? Number.NaN) - 0.5;
  });
  const { shortestMin } = restFor(plan.bird.massKg);
  const nowMin = (now - inAtMs) / MINUTE;
  const told = adviceFor({
    plan,
    nowMin,
    readings: observed,
    forecast,
    stagesDone: happened.stagesDone ?? 0,
    bastingsDone: happened.bastingsDone ?? 0,
  })
    // A thermometer that speaks by itself needs no telling when to read it.
    .filter(({ kind }) => kind !== "read-again" || roast.thermometer === "typed");
  const advice = told.map((each) => adviceWords(each, plan, units));
  const doneBy = (key: string): (() => void) | null => {
    const each = told[advice.findIndex((words) => words.key === key)];
    if (each?.kind === "stage") return () => onDone({ stagesDone: each.n });
    return each?.kind === "baste" ? () => onDone({ bastingsDone: each.n }) : null;
  };
  const pullCall = { key: "pull", does: "Take it out: it is there" };
  useAlarm([...(reached ? [pullCall] : []), ...advice.filter(({ rings }) => rings)]);
  return (
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
      {pull && pull.p90 > carveAtMs - shortestMin * MINUTE && !reached && (
        <Caution>
          A late bird would be out {clockTime(pull.p90, plan.zone)} and leave under {shortestMin} minutes of rest before
          carving at {clockTime(carveAtMs, plan.zone)}. Have the table wait, or turn the oven up a little in good time.
        </Caution>
      )}
      {fault && <Caution>The forecast stopped: {fault}</Caution>}
      <Temperatures readings={readings} now={now} units={units} goalsC={goalsC} />
      <AdviceList advice={advice} onDone={doneBy} />
      {roast.thermometer === "typed" && <ReadingForm centres={centres} units={units} onReading={onReading} />}
      <PullCheck plan={plan} goalsC={goalsC} units={units} />
      <Button tone="primary" size="stove" onClick={onPull}>
        It is out of the oven
      </Button>
      <AlarmSwitch />
      <p className="text-soft">
        In since {clockTime(inAtMs, plan.zone)}. It goes on rising at rest: the plan counts on{" "}
        {centres
          .map((centre) => `${formatTemperature(cook.peak[centre]?.celsius ?? Number.NaN, units)} in the ${centre}`)
          .join(" and ")}
        . Measure in the deepest meat, off the bone, both sides.
      </p>
      {forecast && (
        <WhatIfSheet
          plan={plan}
          forecast={forecast}
          inAtMs={inAtMs}
          now={now}
          readC={newestC(readings)}
          units={units}
          onTake={onWhatIf}
        />
      )}
      <Sheet opens="Correct something" title="Correct something">
        <label className="text-sm text-soft">
          It went in at
          <input
            type="datetime-local"
            defaultValue={fieldTime(inAtMs, plan.zone)}
            onBlur={(event) => {
              const ms = instantOf(event.target.value, plan.zone);
              if (!Number.isNaN(ms) && ms <= Date.now() && Math.abs(ms - inAtMs) >= MINUTE) onInAt(ms);
            }}
            className="mt-1 block min-h-12 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-base text-ink"
          />
        </label>
        <ReadingFile roast={roast} readings={readings} onReading={onReading} />
        <ThermometerChoice value={roast.thermometer} onChange={onThermometer} />
        <Button
          onClick={() => {
            if (sure) onTakeBack();
            setSure(!sure);
          }}
        >
          {sure ? "Yes, it is not in the oven" : "It is not in yet"}
        </Button>
      </Sheet>
    </>
  );
}
