import { dayAndTime, largeCountdown } from "../../../words/time";
import type { TimetableRow } from "../../../words/timetable";
import { unbroken } from "../../../words/unbroken";
import { useHabits } from "../../shell/preferences";
import { NextAction } from "./NextAction";

interface Props {
  readonly row: TimetableRow;
  readonly now: number;
  readonly zone: string;
}

/** The row of the timetable that comes next, as the next action. */
export function NextRow({ row, now, zone }: Props) {
  const reader = useHabits();
  return (
    <NextAction
      action={row.what}
      {...(row.startMs > now ? largeCountdown(row.startMs - now) : { figure: "now" })}
      below={
        <>
          {dayAndTime(row.startMs, zone, reader)}
          {row.detail && <span className="block text-base">{unbroken(row.detail)}</span>}
        </>
      }
    />
  );
}
