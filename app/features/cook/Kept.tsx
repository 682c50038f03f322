import type { ReactNode } from "react";
import { Link } from "react-router";
import { constant } from "../../../core/constants";
import { uncarved } from "../../../core/day/kept";
import { isEatenCold } from "../../../core/plan/dayBefore";
import { LEFTOVERS_ROW, TABLE_ROW } from "../../../core/plan/roast";
import { formatTemperature } from "../../../core/units/quantity";
import { HOUR_MS, MINUTE_MS } from "../../../core/units/time";
import { durationLate, timeBeside } from "../../../words/time";
import { unbroken } from "../../../words/unbroken";
import type { Acts } from "../../day/acts";
import type { RoastDay } from "../../day/roastDay";
import { WhenItWas } from "../../day/WhenItWas";
import { usePace } from "../../shell/clock";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { useNow } from "../../ui/useNow";
import { AdviceList } from "./AdviceList";
import { ComingRows } from "./ComingRows";
import { IntoFridge } from "./IntoFridge";
import { MainAct } from "./MainAct";
import { NextAction } from "./NextAction";
import { NextRow } from "./NextRow";
import { Ticks } from "./Ticks";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}

/** So near to dinner, what is left to say is that it is on the table. */
const NEAR_MS = HOUR_MS / 2;

/** Carved the day before: into the fridge in time, then, for its dinner, hot again or cold, and to the table. */
export function Kept({ day, acts }: Props) {
  const reader = useHabits();
  const { pace } = usePace();
  const now = useNow();
  const { roast, items, kept } = day;
  const rows = kept?.coming ?? [];
  const { does, act } = nextOf(day, acts, now, reader);
  const isNear = now > Date.parse(roast.plan.serveAt) - NEAR_MS;
  return (
    <>
      {does}
      <MainAct>
        {act && (
          <Button key={act.says} tone="primary" size="stove" onClick={act.done}>
            {act.says}
          </Button>
        )}
        {!kept?.chill && (
          <Button tone={isNear && !act ? "primary" : "plain"} size="stove" onClick={() => acts.ticks(TABLE_ROW)}>
            It is on the table
          </Button>
        )}
      </MainAct>
      <AdviceList items={items} acts={acts} />
      <p className="text-soft">
        {isEatenCold(roast.plan)
          ? "Eaten cold: covered in the fridge until shortly before, and no longer than two hours out of it."
          : `Heated once, covered, a spoon of drippings over it, until the middle of every tray shows ${formatTemperature(constant("guidelineC"), reader.units)}.`}
      </p>
      {rows.length > 0 && (
        <ComingRows rows={rows} now={now} zone={roast.plan.zone} label="What is still to come" isDetailed />
      )}
      {pace && (
        <Link
          to={`/practice/${roast.id}`}
          className="min-h-12 content-center self-start px-4 underline underline-offset-4"
        >
          What it truly was
        </Link>
      )}
      <Sheet opens="Correct something" title="Correct something">
        <WhenItWas roast={roast} acts={acts} size="stove" />
        <Button onClick={() => acts.putsRight(uncarved)}>Not carved yet</Button>
      </Sheet>
      <Ticks day={day} acts={acts} />
    </>
  );
}

interface Next {
  readonly does: ReactNode;
  /** What a tap says has been done. */
  readonly act?: { readonly says: string; done(): void };
}

/** What comes first: the fridge, then what is late, then an oven that is to be on, then the next row. */
function nextOf({ roast, kept }: RoastDay, acts: Acts, now: number, reader: ReturnType<typeof useHabits>): Next {
  const { serveAt, zone } = roast.plan;
  if (!kept) return { does: <NextAction action="Working out what is next" figure="…" /> };
  const { chill, overdue, ovenOn, lateMin, coming } = kept;
  if (chill) {
    const { row, byMs } = chill;
    return {
      does: (
        <IntoFridge
          action={row.what}
          detail={row.detail}
          asked="Is it in the fridge?"
          byMs={byMs}
          hours={constant("outHours")}
          now={now}
          zone={zone}
        />
      ),
      act: { says: now < byMs ? "It is in the fridge" : "It was there in time", done: () => acts.ticks(row.id) },
    };
  }
  if (overdue) {
    const dinner = timeBeside(Date.parse(serveAt) + lateMin * MINUTE_MS, now, zone, reader);
    return {
      does: (
        <NextAction
          action={overdue.what}
          figure="now"
          below={
            <>
              <b className="block text-2xl">
                Dinner at {dinner}, {durationLate(lateMin)}
              </b>
              {unbroken(overdue.detail)}
            </>
          }
        />
      ),
      act: { says: "It is in the oven", done: () => acts.reheats(overdue.id, lateMin) },
    };
  }
  if (ovenOn) {
    return {
      does: <NextRow row={ovenOn} now={now} zone={zone} />,
      act: { says: "The oven is on", done: () => acts.ticks(ovenOn.id) },
    };
  }
  // Nothing is left before it was at the table.
  const next = coming.find(({ id, startMs }) => startMs > now && id !== LEFTOVERS_ROW);
  return {
    does: next ? <NextRow row={next} now={now} zone={zone} /> : <NextAction action="To the table" figure="now" />,
  };
}
