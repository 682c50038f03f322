import { describe, expect, it } from "vitest";
import { MINUTE_MS } from "../units/time";
import { dueRows } from "./due";

const row = (id: string, startMin: number, alarmMin?: number) => ({
  id,
  startMs: startMin * MINUTE_MS,
  ...(alarmMin !== undefined && { alarmMin }),
});
const rows = [row("salt", 100, 0), row("potatoes", 120, 5), row("table", 140)];
const due = (minute: number): string[] => dueRows(rows, minute * MINUTE_MS).map(({ id }) => id);

describe("what of the timetable is due", () => {
  it("is called from its alarm on until a while after, and never what takes care of itself", () => {
    expect(due(99)).toEqual([]);
    expect(due(100)).toEqual(["salt"]);
    expect(due(114.9)).toEqual(["salt"]);
    expect(due(115)).toEqual(["potatoes"]);
    expect(due(134)).toEqual(["potatoes"]);
    expect(due(140)).toEqual([]);
  });

  it("leaves out what is called otherwise", () => {
    expect(dueRows(rows, 100 * MINUTE_MS, ({ id }) => id === "salt")).toEqual([]);
  });
});
