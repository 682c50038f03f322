import { Link } from "react-router";
import { uncarved, unserved } from "../../../core/day/kept";
import { foretold } from "../../../core/plan/byTime";
import { formatDuration, formatTemperature } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { HOT_TWICE } from "../../../words/safety";
import { clockTime } from "../../../words/time";
import type { Acts } from "../../day/acts";
import type { RoastDay } from "../../day/roastDay";
import { usePace } from "../../shell/clock";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}

/** Predicted against actual, at once, while the platter is carried out. */
export function Done({ day: { roast, readings }, acts }: Props) {
  const reader = useHabits();
  const { pace } = usePace();
  const { plan, happened } = roast;
  const isNextDay = plan.roasted === "day-before";
  const pulledMs = Date.parse(happened.pulledAt ?? "");
  const carvedMs = Date.parse(happened.carvedAt ?? "");
  const predicted = foretold(roast);
  const predictedMs = predicted ? Date.parse(predicted.pullP50At) : null;
  const late = predictedMs === null ? null : (pulledMs - predictedMs) / MINUTE_MS;
  return (
    <section className="flex flex-col gap-4">
      <h2 className="text-4xl">To the table</h2>
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2 text-lg">
        <dt className="text-soft">Out</dt>
        <dd>
          {clockTime(pulledMs, plan.zone, reader)}
          {predictedMs !== null &&
            late !== null &&
            `; predicted ${clockTime(predictedMs, plan.zone, reader)}, so ${Math.abs(late) < 1.5 ? "on the minute" : `${Math.round(Math.abs(late))} min ${late > 0 ? "later" : "sooner"}`}`}
        </dd>
        <dt className="text-soft">Rested</dt>
        <dd>{formatDuration((carvedMs - pulledMs) / 1000)}</dd>
        <dt className="text-soft">Readings kept</dt>
        <dd>{readings?.length ?? 0}</dd>
      </dl>
      {isNextDay ? (
        <p className="text-soft">{HOT_TWICE}</p>
      ) : (
        <>
          <p className="text-soft">
            Leftovers into the fridge within two hours of carving; one hour where it is above{" "}
            {formatTemperature(32, reader.units)}.
          </p>
          <Link to={`/roast/${roast.id}/carve`} className="min-h-12 self-start text-lg underline underline-offset-4">
            The two-hour clock, cooling and heating again
          </Link>
        </>
      )}
      <div className="flex flex-wrap gap-3">
        {pace && (
          <Link
            to={`/practice/${roast.id}`}
            className="inline-flex min-h-14 items-center rounded-full bg-ember px-6 text-xl font-semibold text-on-ember"
          >
            What it truly was
          </Link>
        )}
        <Link
          to={`/log/${roast.id}`}
          className="inline-flex min-h-14 items-center rounded-full bg-ember px-6 text-xl font-semibold text-on-ember"
        >
          How it was, and the record
        </Link>
        {!happened.closedAt && (
          <Button size="stove" onClick={() => acts.putsRight(isNextDay ? unserved : uncarved)}>
            {isNextDay ? "Not at the table yet" : "Not carved yet"}
          </Button>
        )}
      </div>
    </section>
  );
}
