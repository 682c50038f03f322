import { useMemo } from "react";
import { Link } from "react-router";
import { type PlannedDone, pullGoalsC, roastOptions } from "../../../core/forecast/planned";
import type { Reading } from "../../../core/forecast/reading";
import { restPlan } from "../../../core/forecast/restPlan";
import { placesSeen } from "../../../core/forecast/seen";
import type { Plan, Roast, RoastReading } from "../../../core/formats/roast";
import { placeOf } from "../../../core/formats/thermometer";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { replan } from "../../../core/schedule/replan";
import { constant } from "../../../core/sources";
import { formatTemperature } from "../../../core/units/quantity";
import { COVER_CHOICES } from "../../bird-view/names";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { Segmented } from "../../ui/Segmented";
import { Sheet } from "../../ui/Sheet";
import { clockTime, largeCountdown } from "../../ui/time";
import { AdviceList } from "./AdviceList";
import { AlarmLimits } from "./AlarmSwitch";
import { dueWords } from "./adviceWords";
import { NextAction } from "./NextAction";
import { PlacesSeen } from "./PullCheck";
import { ReadingForm } from "./ReadingForm";
import { SideBySide } from "./SideBySide";
import { Temperatures } from "./Temperatures";
import { Upcoming } from "./Upcoming";
import { useAlarm } from "./useAlarm";
import { useForecast } from "./useForecast";
import { usePresent } from "./usePresent";

interface Props {
  readonly roast: Roast;
  readonly cook: PlannedDone;
  readonly derived: DerivedPlan;
  /** By the minute since it went in. */
  readonly observed: readonly Reading[];
  readonly now: number;
  onReading(readings: readonly RoastReading[]): Promise<void>;
  onCarve(): void;
  onCover(cover: Plan["cover"]): void;
  /** The rest has fallen short: heated on. */
  onBackIn(): void;
  /** It was never out. */
  onTakeBack(): void;
}

const MINUTE = 60_000;
/** An alarm so long before it cools. */
const WARN_MIN = 5;

/** The rest as a plan: not before everything is seen, not after it cools, the gravy inside; else back in the oven. */
export function Resting(props: Props) {
  const { roast, cook, derived, observed, now, onReading, onCarve, onCover, onBackIn, onTakeBack } = props;
  const { units } = usePreferences();
  const { plan, happened } = roast;
  const inAtMs = Date.parse(happened.inAt ?? "");
  const pulledMs = Date.parse(happened.pulledAt ?? "");
  const pulledMin = (pulledMs - inAtMs) / MINUTE;
  const nowMin = (now - inAtMs) / MINUTE;
  const inOven = useMemo(() => observed.filter(({ minute }) => minute <= pulledMin), [observed, pulledMin]);
  const options = useMemo(
    () => roastOptions({ plan, happened }, pullGoalsC(cook, plan.targetC)),
    [plan, happened, cook],
  );
  const { forecast } = useForecast(options, inOven);
  const present = usePresent({ options, forecast, pulledMin, nowMin, cover: plan.cover, seenC: plan.targetC });
  const places = placesSeen(
    plan.targetC,
    observed.filter(({ minute }) => minute >= pulledMin),
  );
  const allSeen = places.every(({ seen }) => seen);
  const rest = restPlan(plan.bird.massKg, present?.rest ?? null, allSeen);
  const { rows, carveAtMs, lateMin } = useMemo(
    () =>
      replan(
        plan,
        cook,
        derived,
        { inAt: happened.inAt ?? "", pullMin: { p10: pulledMin, p50: pulledMin, p90: pulledMin }, nowMs: pulledMs },
        units,
      ),
    [plan, cook, derived, happened.inAt, pulledMin, pulledMs, units],
  );
  const earliestMs = pulledMs + rest.earliestMin * MINUTE;
  const latestMs = pulledMs + rest.latestMin * MINUTE;
  const carveMs = Math.max(earliestMs, Math.min(carveAtMs, latestMs));
  const at = (ms: number): string => clockTime(ms, plan.zone);
  const lowestPeakC = Math.min(...Object.values(present?.rest.peak ?? cook.peak).map(({ celsius }) => celsius));
  const target = formatTemperature(Math.min(...Object.values(plan.targetC)), units);
  const due = dueWords(rows, now);
  useAlarm([
    ...due,
    ...(now >= carveMs ? [{ key: "carve", does: "Carve" }] : []),
    ...(rest.fallsShort ? [{ key: "back in", does: "Back into the oven" }] : []),
    ...(now >= latestMs - WARN_MIN * MINUTE ? [{ key: "cools", does: "Carve now, before it cools" }] : []),
  ]);
  return (
    <SideBySide
      now={
        <>
          {rest.fallsShort ? (
            <NextAction
              action="Put it back into the oven"
              {...(rest.backInMin === null ? { figure: "now" } : largeCountdown(rest.backInMin * MINUTE))}
              below={`Left to rest it would not show ${target} at every centre. Then read again; rest and gravy move with it.`}
            />
          ) : (
            <NextAction
              action={now < carveMs ? "Let it rest; carve in" : "Carve"}
              {...(now < carveMs ? largeCountdown(carveMs - now) : { figure: "now" })}
              below={`out at ${at(pulledMs)}; good to carve from ${at(earliestMs)} to ${at(latestMs)}${rest.latestBecause === "cools" ? `, when it falls under ${formatTemperature(constant("zoneHighC"), units)}` : ""}`}
            />
          )}
          {rest.fallsShort && (
            <Button tone="primary" size="stove" onClick={onBackIn}>
              It is back in the oven
            </Button>
          )}
          <AdviceList advice={due} onDone={() => null} />
          {lateMin > 0 && !rest.fallsShort && (
            <p className="text-lg">
              To the table about {lateMin} min later than planned; what follows has moved with it.
            </p>
          )}
          <Temperatures
            readings={observed}
            lost={[]}
            nowMin={nowMin}
            units={units}
            goalsC={plan.targetC}
            goal="to be seen:"
          />
          <section aria-label="Seen before carving" className="grid gap-2">
            <p role="status" className="text-lg">
              {allSeen
                ? `${target} has been seen at every centre.`
                : `Leave the probe in until ${target} is seen at every centre; the lowest is expected to peak at ${formatTemperature(lowestPeakC, units)}.`}
            </p>
            {!allSeen && <PlacesSeen places={places} units={units} />}
          </section>
          <ReadingForm
            places={Object.keys(plan.targetC).map((part) => ({ part: part as Reading["part"] }))}
            units={units}
            onReading={onReading}
          />
          <Button tone={allSeen && now >= earliestMs ? "primary" : "plain"} size="stove" onClick={onCarve}>
            Carving now
          </Button>
          <Link to={`/roast/${roast.id}/carve`} className="min-h-12 self-start text-lg underline underline-offset-4">
            How to carve it, and what each plate gets
          </Link>
        </>
      }
      then={
        <>
          <div className="grid gap-1.5">
            <p className="text-soft">Covered with</p>
            <Segmented label="Covered with" value={plan.cover} choices={COVER_CHOICES} onChange={onCover} />
          </div>
          <Upcoming rows={rows} now={now} zone={plan.zone} />
          <Caution>
            Hot juice sits in the cavity and hot fat in the tray: tip them out away from you. The liquid is for the
            gravy; taste before salting.
          </Caution>
          <AlarmLimits />
          <Sheet opens="Correct something" title="Correct something">
            <p className="text-lg">Each side by itself:</p>
            <ReadingForm places={places.map(({ probe }) => placeOf(probe))} units={units} onReading={onReading} />
            <Button onClick={onBackIn}>It went back into the oven</Button>
            <Button onClick={onTakeBack}>It was never out</Button>
          </Sheet>
        </>
      }
    />
  );
}
