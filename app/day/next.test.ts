import { describe, expect, it } from "vitest";
import { FIRST_SHARES } from "../../core/forecast/shares";
import { derivePlan } from "../../core/schedule/derive";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { timetableOf } from "../../words/timetable";
import { nextUp } from "./next";

const { plan } = sampleRoast();
const derived = derivePlan(plan, simulated(), FIRST_SHARES, 0);
const rows = timetableOf(plan, derived, "metric");
const at = (id: string): number => rows.find((row) => row.id === id)?.startMs ?? Number.NaN;
const quiet = { calls: [], kept: null, leftovers: null, rows, plan, stage: "planned" as const };

describe("what comes next of a roast", () => {
  it("is the next row of its timetable, with its time", () => {
    const isOn = { ...quiet, rows: rows.filter(({ id }) => id !== "preheat") };
    expect(nextUp(isOn, at("roast") - 1)).toEqual({ what: "Bird into the oven", atMs: at("roast") });
  });

  it("stays with the heat, and with the bird, until that is told: they are called as late after a while", () => {
    const coming = (...done: readonly string[]) =>
      rows.filter(({ id, startMs }) => startMs >= at("preheat") && !done.includes(id));
    const on = { ...quiet, rows: coming() };
    expect(nextUp(on, at("preheat"))).toEqual({ what: "Oven on at 160 °C", atMs: null });
    expect(nextUp({ ...on, rows: coming("preheat") }, at("preheat") + 1)?.what).toMatch(/^Dress the bird/);
    const isHot = { ...quiet, rows: coming("preheat", "season-1") };
    expect(nextUp(isHot, at("roast") + 3 * 60_000)).toEqual({ what: "Bird into the oven", atMs: null });
    expect(nextUp({ ...isHot, stage: "roasting" }, at("roast") + 3 * 60_000)?.what).not.toBe("Bird into the oven");
  });

  it("is what is called, now, before any row", () => {
    const calls = [{ key: "late heat", does: "Oven on now, at 160 °C" }];
    expect(nextUp({ ...quiet, calls }, at("roast"))).toEqual({ what: "Oven on now, at 160 °C", atMs: null });
  });

  it("is the fridge first for what was carved the day before, by its two hours", () => {
    const row = rows.find(({ id }) => id === "carve") ?? rows[0];
    if (!row) throw new Error("no rows");
    const kept = {
      chill: { row: { ...row, what: "Into the fridge" }, byMs: 7 },
      overdue: null,
      ovenOn: { ...row, what: "Oven on at 190 °C" },
      lateMin: 0,
      coming: [],
      passed: [],
    };
    expect(nextUp({ ...quiet, kept }, 0)).toEqual({ what: "Into the fridge", atMs: 7, isBy: true });
    // On the day its oven stays next until it is on.
    expect(nextUp({ ...quiet, kept: { ...kept, chill: null } }, 0)).toEqual({ what: "Oven on at 190 °C", atMs: null });
  });

  it("is nothing once only the table is left", () => {
    expect(nextUp({ ...quiet, stage: "resting" }, at("table") - 1)).toBeNull();
  });

  it("is the fridge again once it was eaten, until its time is over", () => {
    const leftovers = { byMs: 7, hours: 2 };
    expect(nextUp({ ...quiet, leftovers }, 6)).toEqual({ what: "Leftovers into the fridge", atMs: 7, isBy: true });
    expect(nextUp({ ...quiet, leftovers }, 7)).toBeNull();
  });
});
