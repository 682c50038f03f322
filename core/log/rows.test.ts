import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import type { Roast } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { heldByKind, heldOf, logRow, logRows } from "./rows";

const at = (clock: string): string => `2026-09-27T${clock}:00.000Z`;
const predicted = { pullP10At: at("10:30"), pullP50At: at("10:50"), pullP90At: at("11:10"), pullC: { breast: 70 } };

const eaten = (outAt: string, change: Partial<Roast> = {}): Roast => {
  const roast = sampleRoast(outAt);
  return {
    ...roast,
    happened: { inAt: at("08:00"), pulledAt: at(outAt), carvedAt: at("11:30"), predicted },
    ...change,
  };
};

describe("a row of the log", () => {
  it("is there once the bird is out", () => {
    expect(logRow(sampleRoast())).toBeNull();
    expect(logRow({ ...sampleRoast(), happened: { inAt: at("08:00") } })).toBeNull();
    expect(logRow(eaten("10:58"))).toMatchObject({ minutesOff: 8, inBand: true, name: null, rating: null });
  });

  it("says on which side of the band it came out", () => {
    expect(logRow(eaten("10:20"))).toMatchObject({ minutesOff: -30, inBand: false });
    expect(logRow(eaten("11:11"))).toMatchObject({ minutesOff: 21, inBand: false });
    const never = { ...predicted, pullP90At: "never" as const };
    const late = eaten("13:00");
    expect(logRow({ ...late, happened: { ...late.happened, predicted: never } })?.inBand).toBe(true);
  });

  it("claims nothing where nothing was predicted", () => {
    const roast = eaten("10:58");
    const { predicted: _, ...happened } = roast.happened;
    expect(logRow({ ...roast, happened })).toMatchObject({ predictedAt: null, minutesOff: null, inBand: null });
  });

  it("claims nothing of what came out by the clock, whatever it would have shown", () => {
    const roast = eaten("10:58");
    const byTime = { ...roast, plan: { ...roast.plan, finish: { kind: "time" as const, minutes: 170 } } };
    expect(logRow(byTime)).toMatchObject({ predictedAt: null, minutesOff: null, inBand: null });
    expect(heldOf(logRows([byTime]))).toBeNull();
    const outs = [{ outAt: at("10:50"), backAt: at("10:52") }];
    expect(logRow({ ...byTime, happened: { ...roast.happened, outs } })).toMatchObject({ minutesOff: 8, inBand: true });
  });

  it("names what it came out of: not a heat that it was to be moved into, and never was", () => {
    const late = { fromMin: 170, airC: 180, movedTo: "oven" as const };
    const row = (move: Plan["stages"][number], stagesDone?: number) => {
      const { plan, happened, ...roast } = eaten("10:20");
      const stages = [{ fromMin: 0, airC: 120 }, move];
      return logRow({
        ...roast,
        plan: { ...plan, heat: "smoker", stages },
        happened: { ...happened, ...(stagesDone !== undefined && { stagesDone }) },
      });
    };
    const sign = { centre: "breast" as const, reachesC: 60 };
    expect(row({ ...late, fromMin: 60 })?.movedTo).toBe("oven");
    expect(row(late)?.movedTo).toBeNull();
    expect(row({ ...late, fromMin: 0, when: sign })?.movedTo).toBeNull();
    // Before file version 18 it was known to be made, and not when.
    expect(row({ ...late, fromMin: 0, when: sign }, 1)?.movedTo).toBe("oven");
  });

  it("has the cook's own name, and the last thing that was noted", () => {
    const row = logRow(
      eaten("10:58", { named: true, title: "For the keepers", notes: "Good.\n\nSalt a day longer.\n" }),
    );
    expect(row).toMatchObject({ name: "For the keepers", note: "Salt a day longer." });
    expect(logRow(eaten("10:58", { notes: "a".repeat(4000) }))?.note).toHaveLength(500);
  });
});

describe("the log", () => {
  it("has the newest first", () => {
    expect(logRows([eaten("10:20"), sampleRoast(), eaten("11:11")]).map(({ id }) => id)).toEqual(["11:11", "10:20"]);
  });

  it("counts how often the band held, and the middle of what was missed", () => {
    expect(heldOf(logRows([eaten("10:20"), eaten("10:58"), eaten("11:00")]))).toEqual({
      roasts: 3,
      inBand: 2,
      medianOffMin: 10,
    });
    expect(heldOf([])).toBeNull();
  });

  it("counts them by kind too, of which there are two at least", () => {
    const inOven = (end: string, name: string) => {
      const roast = eaten(end);
      const oven = { id: name, name, heat: roast.plan.heat, learned: null };
      return { ...roast, plan: { ...roast.plan, oven } };
    };
    const rows = logRows([inOven("10:20", "Hall"), inOven("10:58", "Hall"), inOven("11:00", "Deck")]);
    expect(heldByKind(rows, ({ oven }) => oven)).toEqual([
      { kind: "Hall", held: { roasts: 2, inBand: 1, medianOffMin: 8 } },
    ]);
  });
});
