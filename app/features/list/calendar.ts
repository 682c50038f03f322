/** The timetable as an iCalendar file: instants in UTC, so every calendar shows them in its own zone, and an alarm each. */

import ical, { ICalAlarmType, ICalEventTransparency } from "ical-generator";
import { shown } from "../../../core/units/text";
import { MINUTE_MS } from "../../../core/units/time";
import type { TimetableRow } from "../../../words/timetable";

/** Tasks without a length of their own get a few minutes, so that calendars show them. */
const SHORTEST_MS = 5 * MINUTE_MS;

/** A name of several lines must not become lines of the file. */
const flat = (text: string): string => shown(text).replace(/[\n\t]+/g, " ");

export function planCalendar(dinner: string, title: string, rows: readonly TimetableRow[], nowMs: number): string {
  const calendar = ical({ name: flat(title), prodId: { company: "Bruma", product: "Bruma plan", language: "EN" } });
  for (const { id, startMs, endMs, lane, what, detail, alarmMin } of rows) {
    const event = calendar.createEvent({
      id: flat(`${dinner}-${id}@bruma`),
      stamp: new Date(nowMs),
      start: new Date(startMs),
      end: new Date(Math.max(endMs, startMs + SHORTEST_MS)),
      summary: flat(what),
      description: flat(detail),
      // What lies in the cold for days keeps nobody busy.
      transparency: lane === "cold" ? ICalEventTransparency.TRANSPARENT : ICalEventTransparency.OPAQUE,
    });
    if (alarmMin !== undefined) {
      event.createAlarm({ type: ICalAlarmType.display, trigger: alarmMin * 60, description: flat(what) });
    }
  }
  return calendar.toString();
}
