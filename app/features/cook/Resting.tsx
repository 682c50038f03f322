import { Link } from "react-router";
import { centresOf } from "../../../core/bird/form";
import type { Centre } from "../../../core/bird/solid";
import type { PlannedDone } from "../../../core/forecast/planned";
import type { Roast, RoastReading } from "../../../core/formats/roast";
import { restFor } from "../../../core/processes/rest";
import { constant } from "../../../core/sources";
import { formatTemperature } from "../../../core/units/quantity";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { clockTime, countdown, largeCountdown } from "../../ui/time";
import { NextAction } from "./NextAction";
import { ReadingForm } from "./ReadingForm";
import { Temperatures } from "./Temperatures";

interface Props {
  readonly roast: Roast;
  readonly cook: PlannedDone;
  readonly readings: readonly RoastReading[];
  readonly now: number;
  readonly carveAtMs: number;
  onReading(readings: readonly RoastReading[]): Promise<void>;
  onCarve(): void;
  onTakeBack(): void;
}

const MINUTE = 60_000;

/** The rest clock: not before the shortest rest, and by the serving time. */
export function Resting({ roast, cook, readings, carveAtMs, now, onReading, onCarve, onTakeBack }: Props) {
  const { units } = usePreferences();
  const { plan, happened } = roast;
  const pulledMs = Date.parse(happened.pulledAt ?? "");
  const earliest = pulledMs + restFor(plan.bird.massKg).shortestMin * MINUTE;
  const carveMs = Math.max(earliest, carveAtMs);
  const latest = pulledMs + constant("longestRestMin") * MINUTE;
  const since = readings.filter((reading) => Date.parse(reading.at) >= pulledMs);
  const centres = centresOf(plan.bird);
  const highest = (part: Centre): number =>
    since.reduce(
      (most, reading) => (reading.part === part && !(reading.celsius <= most) ? reading.celsius : most),
      Number.NaN,
    );
  const seen = Math.min(...centres.map(highest));
  const target = Math.min(...Object.values(plan.targetC).filter((value) => value !== undefined));
  const expected = centres.map((centre) => cook.peak[centre]?.celsius ?? Number.NaN);
  return (
    <>
      <NextAction
        action={now < carveMs ? "Let it rest; carve in" : "Carve"}
        {...(now < carveMs ? largeCountdown(carveMs - now) : { figure: "now" })}
        below={`out at ${clockTime(pulledMs, plan.zone)}, resting ${countdown(now - pulledMs)}; it may wait until ${clockTime(latest, plan.zone)}, well covered`}
      />
      <Temperatures readings={readings} now={now} units={units} goalsC={plan.targetC} />
      <p role="status" className="text-lg">
        {Number.isNaN(seen)
          ? `Leave the probe in. ${formatTemperature(target, units)} should be seen at every centre; the model expects the lowest to peak at ${formatTemperature(Math.min(...expected), units)}.`
          : seen >= target - 0.05
            ? `${formatTemperature(target, units)} has been seen at every centre.`
            : `Not yet ${formatTemperature(target, units)} at every centre. If it stops rising short of that, back into the oven.`}
      </p>
      <ReadingForm centres={centres} units={units} onReading={onReading} />
      <Button tone="primary" size="stove" onClick={onCarve}>
        Carving now
      </Button>
      <Link to={`/roast/${roast.id}/carve`} className="min-h-12 self-start text-lg underline underline-offset-4">
        How to carve it, and what each plate gets
      </Link>
      <Caution>
        Hot juice sits in the cavity and hot fat in the tray: tip them out away from you. The liquid is for the gravy;
        taste before salting.
      </Caution>
      <Button onClick={onTakeBack}>It is still in the oven</Button>
    </>
  );
}
