import { describe, expect, it } from "vitest";
import { MINUTE_MS } from "../core/units/time";
import { READERS } from "../tests/helpers/readers";
import {
  clockTime,
  countdown,
  dayAndTime,
  dayBeside,
  dayName,
  dayTick,
  giveOrTake,
  hourTick,
  largeCountdown,
  largeDelay,
  timeBeside,
} from "./time";

const AT = Date.UTC(2026, 8, 27, 11, 30);

describe("a day and a time", () => {
  it("is written by the cook's own habits", () => {
    expect(dayAndTime(AT, "CET", READERS.metric)).toBe("Sun 27 Sep, 13:30");
    expect(dayAndTime(AT, "CET", READERS.us)).toBe("Sun, Sep 27, 1:30 pm");
    expect(clockTime(AT, "UTC", { clock: "12h" })).toBe("11:30 am");
    expect(hourTick(AT + 30 * MINUTE_MS, "UTC", { clock: "12h" })).toBe("12 pm");
    expect(hourTick(AT + 30 * MINUTE_MS, "UTC", { clock: "24h" })).toBe("12:00");
  });

  it("has its year where that is another", () => {
    expect(dayName(AT, "UTC", { dates: "day", year: 2027 })).toBe("Sun 27 Sep 2026");
    expect(dayName(AT, "UTC", { dates: "month", year: 2027 })).toBe("Sun, Sep 27, 2026");
    // On an axis there is no room for it, and the dates beside it have it.
    expect([dayTick(AT, "UTC", READERS.metric), dayTick(AT, "UTC", READERS.us)]).toEqual(["Sun 27 Sep", "Sun, Sep 27"]);
  });
});

describe("a time beside another", () => {
  const beside = (hours: number): string =>
    timeBeside(AT + hours * 60 * MINUTE_MS, AT, "UTC", { ...READERS.metric, year: 2026 });

  it("has no day through the night before or after, and has one further away", () => {
    expect([-11, -1, 0, 11].map(beside)).toEqual(["00:30", "10:30", "11:30", "22:30"]);
    expect([-13, 13].map(beside)).toEqual(["Sat 26 Sep, 22:30", "Mon 28 Sep, 00:30"]);
    expect(dayBeside(AT, AT, "UTC", READERS.metric)).toBeNull();
  });
});

describe("spans", () => {
  it("count down and stop at nothing", () => {
    expect([3_849_000, 754_000, -5000].map(countdown)).toEqual(["1:04:09", "12:34", "0:00"]);
  });

  it("say the doubt in minutes, coarser where it is large", () => {
    expect(giveOrTake(0, 24 * MINUTE_MS)).toBe("give or take 12 min");
    expect(giveOrTake(0, 47 * MINUTE_MS)).toBe("give or take 25 min");
    expect(giveOrTake(0, 0)).toBe("give or take 1 min");
  });
});

describe("a wait read from two metres", () => {
  it("is as few figures as tell it, with their unit", () => {
    const said = [0, 9.5, 46.9, 100, 700, 4000].map((minutes) => largeCountdown(minutes * MINUTE_MS));
    expect(said.map(({ figure, unit }) => `${figure} ${unit}`)).toEqual([
      "0:00 min",
      "9:30 min",
      "46 min",
      "1:40 h",
      "12 h",
      "3 days",
    ]);
    for (const { figure } of said) expect(figure.length).toBeLessThanOrEqual(4);
    expect(largeCountdown(-5).figure).toBe("0:00");
  });

  it("is as few figures for what is late, by minutes or by a night", () => {
    const said = [3, 46.4, 61, 1040, 9000].map(largeDelay);
    expect(said.map(({ figure, unit }) => `${figure} ${unit}`)).toEqual([
      "3 min late",
      "46 min late",
      "1:01 h late",
      "17 h late",
      "6 days late",
    ]);
    for (const { figure } of said) expect(figure.length).toBeLessThanOrEqual(4);
  });
});
