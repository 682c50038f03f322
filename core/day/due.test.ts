import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import type { CookStage } from "../plan/roast";
import { CHORE_KINDS, type ChoreKind } from "../schedule/chore";
import { derivePlan } from "../schedule/derive";
import { type Row, rowsOf } from "../schedule/rows";
import { MINUTE_MS } from "../units/time";
import { comingRows, dueRows, passedRows, rowsBeside } from "./due";

const { plan } = sampleRoast();
const row = (id: string, startMin: number, alarmMin?: number) => ({
  id,
  startMs: startMin * MINUTE_MS,
  ...(alarmMin !== undefined && { alarmMin }),
  about: { kind: "task", task: "salt" } as const,
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

  it("has passed a while after, unless it was ticked off: of every row one or the other, or it takes care of itself", () => {
    const passed = (minute: number, ...ticked: string[]) =>
      passedRows(rows, ticked, minute * MINUTE_MS).map(({ id }) => id);
    expect(passed(114)).toEqual([]);
    expect(passed(115)).toEqual(["salt"]);
    expect(passed(200)).toEqual(["salt", "potatoes"]);
    expect(passed(200, "salt")).toEqual(["potatoes"]);
    expect(comingRows(rows, ["salt"], 120 * MINUTE_MS).map(({ id }) => id)).toEqual(["potatoes", "table"]);
    // Of a dozen changes of the water nobody ticks each.
    const change = { kind: "water-change", n: 1, lane: "cold", startMs: 0, endMs: 1, hands: 0, ring: false } as const;
    const changes = [{ ...row("water-change-1", 10, 0), about: { kind: "chore", chore: change } as const }];
    expect(passedRows(changes, [], 200 * MINUTE_MS)).toEqual([]);
  });

  it("is what is done to a bird, before it goes in and in the heat, only until that is over, and what follows from the pull only once it is out; the stock whenever", () => {
    const dish = { id: "potatoes", name: "Potatoes", minutes: 20, ovenC: 200, ring: false, slot: "auto" } as const;
    const full = { ...plan, sides: [dish, { ...dish, id: "rice", ovenC: null, ring: true }] };
    const derived = derivePlan(full, simulated(), { p10: 0.9, p50: 1, p90: 1.1 }, 0);
    const chore = (kind: ChoreKind): Row => ({
      ...(rowsOf(derived)[0] as Row),
      id: `${kind}-1`,
      about: { kind: "chore", chore: { kind, n: 1, lane: "board", startMs: 0, endMs: 1, hands: 1, ring: false } },
    });
    const rows = [...rowsOf(derived).filter(({ about }) => about.kind !== "chore"), ...CHORE_KINDS.map(chore)].map(
      (row): Row => ({ ...row, startMs: 0, alarmMin: 0 }),
    );
    const called = (stage: CookStage) =>
      dueRows(rowsBeside(rows, { plan: full, stage, isLate: false }), 60_000)
        .map(({ id }) => id)
        .sort();
    const before = ["counter-1", "eve-check-1", "fill-1", "mix-brine-1", "season-1", "sear-1", "water-change-1"];
    expect(called("planned")).toEqual(expect.arrayContaining(["preheat", "prepare", "salt", ...before]));
    const beside = ["make-1", "side-rice", "stock-1"];
    expect(called("roasting")).toEqual(
      ["bacon-off-1", "bring-up-1", "glaze-1", "ice-gone-1", "oil-1", ...beside].sort(),
    );
    expect(called("resting")).toEqual(
      [...beside, "leftovers", "loosen-1", "platter-1", "side-potatoes", "thicken-1"].sort(),
    );
  });
});
