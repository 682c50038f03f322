import { Link } from "react-router";
import { uncarved, unserved } from "../../../core/day/kept";
import type { Leftovers } from "../../../core/day/leftovers";
import { foretold } from "../../../core/plan/byTime";
import { LEFTOVERS_ROW, type Roast } from "../../../core/plan/roast";
import { formatDuration } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { LEFTOVERS, leftoversDetail } from "../../../words/leftovers";
import { clockTime } from "../../../words/time";
import type { Acts } from "../../day/acts";
import { HotTable } from "../../day/HotTable";
import type { RoastDay } from "../../day/roastDay";
import { WhenItWas } from "../../day/WhenItWas";
import { usePace } from "../../shell/clock";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { useNow } from "../../ui/useNow";
import { IntoFridge } from "./IntoFridge";
import { MainAct } from "./MainAct";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}

interface StandsOutProps {
  readonly roast: Roast;
  readonly leftovers: Leftovers;
  readonly acts: Acts;
}

/** Predicted against actual, at once, while the platter is carried out. */
export function Done({ day: { roast, readings, leftovers }, acts }: Props) {
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
      {leftovers ? (
        <StandsOut roast={roast} leftovers={leftovers} acts={acts} />
      ) : (
        <h2 className="text-4xl">To the table</h2>
      )}
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
      {!isNextDay && !pace && (
        <Link to={`/roast/${roast.id}/carve`} className="min-h-12 self-start text-lg underline underline-offset-4">
          How deep its tray, how long it keeps, heating it again
        </Link>
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
          className={`inline-flex min-h-14 items-center rounded-full px-6 text-xl font-semibold ${leftovers ? "border border-line-strong" : "bg-ember text-on-ember"}`}
        >
          How it was, and the record
        </Link>
        {!happened.closedAt && (
          <Button size="stove" onClick={() => acts.putsRight(isNextDay ? unserved : uncarved)}>
            {isNextDay ? "Not at the table yet" : "Not carved yet"}
          </Button>
        )}
        {!happened.closedAt && (
          <Sheet opens="Correct something" title="Correct something">
            <WhenItWas roast={roast} acts={acts} size="stove" />
          </Sheet>
        )}
      </div>
    </section>
  );
}

/** What is left on the table, by its clock: the first thing to do once the guests have eaten. */
function StandsOut({ roast, leftovers: { byMs, hours }, acts }: StandsOutProps) {
  const { units } = useHabits();
  const now = useNow();
  const { plan } = roast;
  const isOver = now >= byMs;
  return (
    <>
      <IntoFridge
        action={LEFTOVERS}
        detail={leftoversDetail(plan, units)}
        asked="Are the leftovers in the fridge?"
        byMs={byMs}
        hours={hours}
        now={now}
        zone={plan.zone}
      />
      <MainAct>
        <Button tone="primary" size="stove" onClick={() => acts.ticks(LEFTOVERS_ROW)}>
          {isOver ? "They were there in time" : "They are in the fridge"}
        </Button>
        <Button size="stove" onClick={() => acts.ticks(LEFTOVERS_ROW)}>
          {isOver ? "Thrown away" : "Nothing is left"}
        </Button>
      </MainAct>
      <HotTable roast={roast} />
    </>
  );
}
