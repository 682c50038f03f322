import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { FIRST_SHARES } from "../forecast/shares";
import { cookStage, LEFTOVERS_ROW, type Roast, TABLE_ROW } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { derivePlan } from "../schedule/derive";
import { rowsOf } from "../schedule/rows";
import { DAY_MS, HOUR_MS, MINUTE_MS } from "../units/time";
import { keptOf, uncarved, unserved } from "./kept";
import { leftoversOf } from "./leftovers";

const plan: Plan = { ...sampleRoast().plan, roasted: "day-before" };
const serveMs = Date.parse(plan.serveAt);
const DAY_AFTER = {
  chill: { to21Min: 60, to5Min: 240, keepsTheRule: true },
  reheat: { kind: "hot", minutes: 35 },
} as const;
const rows = rowsOf(derivePlan(plan, simulated({ dayAfter: DAY_AFTER }), FIRST_SHARES, serveMs - 20 * DAY_MS));
const at = (ms: number): string => new Date(ms).toISOString();
const carvedMs = serveMs - 16 * HOUR_MS;
const happened = (...ticked: string[]): Roast["happened"] => ({
  inAt: at(carvedMs - 4 * HOUR_MS),
  pulledAt: at(carvedMs - HOUR_MS),
  carvedAt: at(carvedMs),
  ticked,
});
const kept = (nowMs: number, ...ticked: string[]) => keptOf(rows, happened(...ticked), nowMs);
const reheatMs = rows.find(({ id }) => id === "side-reheat")?.startMs ?? Number.NaN;

describe("a bird that was carved the day before", () => {
  it("is kept until it is said to be at the table, or its record is closed; one of the same day is done", () => {
    const stage = (of: Plan["roasted"], change: Partial<Roast["happened"]> = {}) =>
      cookStage({ plan: { ...plan, roasted: of }, happened: { ...happened(), ...change } });
    expect(stage("same-day")).toBe("done");
    expect(stage("day-before")).toBe("kept");
    expect(stage("day-before", { ticked: [TABLE_ROW] })).toBe("done");
    expect(stage("day-before", { closedAt: at(serveMs) })).toBe("done");
  });

  it("wants the fridge within two hours of the knife (USDA FSIS), until that is ticked off", () => {
    expect(kept(carvedMs + MINUTE_MS).chill?.byMs).toBe(carvedMs + 2 * HOUR_MS);
    expect(kept(carvedMs + 3 * HOUR_MS).chill).not.toBeNull();
    expect(kept(carvedMs + MINUTE_MS, "chill").chill).toBeNull();
  });

  it("goes into the oven, has its gravy and comes to the table in that order, each until it is ticked off", () => {
    const ids = (...ticked: string[]) => kept(carvedMs, ...ticked).coming.map(({ id }) => id);
    expect(ids("chill")).toEqual(["oven-reheat", "side-reheat", "thicken-1", "table", "leftovers"]);
    expect(ids("chill", "oven-reheat")).toEqual(["side-reheat", "thicken-1", "table", "leftovers"]);
    // What is in the oven has it on.
    expect(ids("chill", "side-reheat")).toEqual(["thicken-1", "table", "leftovers"]);
    // Nothing of the bird's own day comes back.
    expect(kept(carvedMs - 5 * HOUR_MS).coming.map(({ id }) => id)).not.toContain("carve");
  });

  it("eaten cold, waits for no oven: out of the fridge, and to the table", () => {
    const cold = { ...plan, eatenCold: true, gravy: "none" as const };
    const derived = derivePlan(cold, simulated({ dayAfter: DAY_AFTER }), FIRST_SHARES, serveMs - 20 * DAY_MS);
    const now = (nowMs: number, ...ticked: string[]) => keptOf(rowsOf(derived), happened(...ticked), nowMs);
    expect(now(carvedMs).coming.map(({ id }) => id)).toEqual(["platter-1", "table", "leftovers"]);
    expect(now(serveMs, "chill")).toMatchObject({ overdue: null, ovenOn: null, lateMin: 0 });
    expect(now(serveMs, "chill", "platter-1").coming.map(({ id }) => id)).toEqual(["table", "leftovers"]);
    // Two hours out of the fridge are over before two hours at the table are.
    const outMs = now(carvedMs).coming[0]?.startMs ?? Number.NaN;
    expect(outMs).toBeLessThan(serveMs);
    expect(now(carvedMs).coming.at(-1)?.endMs).toBe(outMs + 2 * HOUR_MS);
    const eaten = { plan: cold, happened: happened("chill", TABLE_ROW) };
    expect(leftoversOf(eaten, serveMs)?.byMs).toBe(outMs + 2 * HOUR_MS);
  });

  it("not heated when it should be, makes dinner and all before it later by as much; told in time, nothing", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), (lateMin) => {
        const late = kept(reheatMs + lateMin * MINUTE_MS, "chill");
        expect(late.overdue?.id).toBe("side-reheat");
        expect(late.lateMin).toBe(lateMin);
        expect(late.coming.at(-2)).toMatchObject({ id: "table", startMs: serveMs + lateMin * MINUTE_MS });
        expect(kept(reheatMs + lateMin * MINUTE_MS, "chill", "side-reheat")).toMatchObject({
          overdue: null,
          lateMin: 0,
        });
      }),
    );
    expect(kept(reheatMs - MINUTE_MS, "chill").overdue).toBeNull();
  });

  it("asks for its oven from when it is to be on until its dish goes in, or until it is said to be on", () => {
    const onMs = rows.find(({ id }) => id === "oven-reheat")?.startMs ?? Number.NaN;
    expect(onMs).toBeLessThan(reheatMs - 20 * MINUTE_MS);
    expect(kept(onMs - MINUTE_MS, "chill").ovenOn).toBeNull();
    for (const nowMs of [onMs, reheatMs - MINUTE_MS]) {
      expect(kept(nowMs, "chill").ovenOn?.id).toBe("oven-reheat");
      expect(kept(nowMs, "chill").coming[0]?.id).toBe("oven-reheat");
      expect(kept(nowMs, "chill", "oven-reheat").ovenOn).toBeNull();
    }
    expect(kept(reheatMs + 5 * MINUTE_MS, "chill").ovenOn).toBeNull();
  });

  it("keeps what should have had a hand where a tap was forgotten, or the thing itself", () => {
    const atDinner = kept(serveMs, "chill", "side-reheat");
    expect(atDinner.passed.map(({ id }) => id)).toEqual(["thicken-1"]);
    expect(kept(serveMs, "chill", "side-reheat", "thicken-1").passed).toEqual([]);
    // What its own day had is over.
    expect(kept(carvedMs, "chill").passed).toEqual([]);
  });

  it("stays waited for at the table, however late", () => {
    expect(kept(serveMs + 5 * HOUR_MS, "chill", "side-reheat").coming.map(({ id }) => id)).toEqual(["table"]);
  });

  it("can be not carved, or not at the table, after all", () => {
    const told = happened("eve-check-1", "chill", TABLE_ROW, LEFTOVERS_ROW);
    expect(unserved(told)).toEqual({ ...told, ticked: ["eve-check-1", "chill"] });
    const { carvedAt: _, ...rest } = told;
    expect(uncarved(told)).toEqual({ ...rest, ticked: ["eve-check-1"] });
  });
});
