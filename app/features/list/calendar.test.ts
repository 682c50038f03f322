import { TZDate } from "@date-fns/tz";
import ICAL from "ical.js";
import { describe, expect, it } from "vitest";
import { FIRST_SHARES } from "../../../core/forecast/shares";
import { derivePlan } from "../../../core/schedule/derive";
import { sampleRoast } from "../../../tests/helpers/sampleRoast";
import { simulated } from "../../../tests/helpers/simulated";
import { timetableOf } from "../../../words/timetable";
import { planCalendar } from "./calendar";

describe("the calendar file, read by an independent parser", () => {
  // Clocks go back in the night of 25 October 2026 in this zone: salting begins before, the table stands after.
  const zone = "Europe/Lisbon";
  const serveMs = new TZDate(2026, 9, 25, 13, 30, zone).getTime();
  const { plan } = sampleRoast();
  const changed = {
    ...plan,
    zone,
    serveAt: new Date(serveMs).toISOString(),
    sides: [
      { id: "p", name: "Potatoes, crisp; \u00a0large", minutes: 45, ovenC: 200, ring: false, slot: "auto" as const },
    ],
  };
  const derived = derivePlan(changed, simulated(), FIRST_SHARES, serveMs - 10 * 86_400_000);
  const rows = timetableOf(changed, derived, "metric");
  const parsed = new ICAL.Component(ICAL.parse(planCalendar("r1", "Lunch, with guests", rows, serveMs)));
  const events = parsed.getAllSubcomponents("vevent").map((component) => new ICAL.Event(component));

  it("adds nothing for names that would break its lines", () => {
    const evil = "Lunch\r\nBEGIN:VEVENT\nSUMMARY:evil\r";
    const [first, ...rest] = rows.map((row) => ({ ...row, what: `${row.what}${evil}`, detail: evil }));
    const text = planCalendar(`r1${evil}`, evil, first ? [first, ...rest] : [], serveMs);
    const again = new ICAL.Component(ICAL.parse(text));
    expect(again.getAllSubcomponents("vevent")).toHaveLength(rows.length);
    expect(text.split("\r\n").filter((line) => line.startsWith("SUMMARY:evil"))).toEqual([]);
  });

  it("has every task at the right instant, across the change of the clocks too", () => {
    expect(events).toHaveLength(rows.length);
    rows.forEach((row) => {
      const event = events.find(({ uid }) => uid === `r1-${row.id}@bruma`);
      expect(event?.startDate.toJSDate().getTime()).toBe(Math.floor(row.startMs / 1000) * 1000);
      expect(event?.summary).toBe(row.what);
    });
    const table = events.find(({ uid }) => uid === "r1-table@bruma")?.startDate.toJSDate();
    expect(new TZDate(table?.getTime() ?? 0, zone).getHours()).toBe(13);
    const salt = rows.find(({ id }) => id === "salt");
    expect(new TZDate(salt?.startMs ?? 0, zone).getTimezoneOffset()).not.toBe(
      new TZDate(serveMs, zone).getTimezoneOffset(),
    );
  });

  it("leaves the cook free while the bird lies in the cold", () => {
    const free = events.filter(({ component }) => component.getFirstPropertyValue("transp") === "TRANSPARENT");
    const told = free.map(({ uid }) => uid.replace(/^r1-|@bruma$/g, ""));
    expect(told).toContain("salt");
    expect(told.sort()).toEqual(rows.flatMap(({ id, lane }) => (lane === "cold" ? [id] : [])).sort());
  });

  it("carries an alarm for what the hand must do", () => {
    const alarms = parsed.getAllSubcomponents("vevent").map((event) => event.getAllSubcomponents("valarm").length);
    expect(alarms.filter((count) => count === 1)).toHaveLength(
      rows.filter(({ alarmMin }) => alarmMin !== undefined).length,
    );
  });
});
