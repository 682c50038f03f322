import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { certain } from "../forecast/shares";
import { usesOven } from "../plan/heats";
import type { Plan } from "../plan/schema";
import { restFor } from "../processes/rest";
import { type DerivedPlan, derivePlan } from "../schedule/derive";
import { dishRow, rowsOf } from "../schedule/rows";
import { MINUTE_MS } from "../units/time";
import { type Replanned, replan } from "./replan";

const rowsOfDay = ({ begun, coming }: Replanned) => [...begun, ...coming];
const shares = { p10: 0.93, p50: 1, p90: 1.08 };
/** Rows of dishes that have the one oven once the bird is out of it. */
const restDishes = (plan: Plan, { sides }: DerivedPlan): readonly string[] =>
  usesOven(plan) && plan.equipment.ovens === 1
    ? sides.filter(({ slot, ovenC }) => slot === "rest" && ovenC !== null).map(({ id }) => `^(side|oven)-${id}$`)
    : [];
/** What is done to the bird in the heat ends with that. */
const IN_THE_HEAT = /^(baste|oil|fuel|glaze|stage|bring-up|bacon-off)-/;

describe("a day that goes otherwise", () => {
  const { plan } = sampleRoast();
  const cook = simulated();
  const derived = derivePlan(plan, cook, shares, 0);
  const inAt = new Date(derived.schedule.inAtMs).toISOString();
  const inMs = derived.schedule.inAtMs;
  const at = (pullMin: number, nowMin: number) =>
    replan(plan, cook, derived, { inAt, pullMin: certain(pullMin), pulled: false, nowMs: inMs + nowMin * MINUTE_MS });

  it("carves when planned while the rest takes up what is late, and no sooner than the shortest rest", () => {
    expect(at(200, 100)).toMatchObject({
      lateMin: 0,
      renewed: { schedule: { carveAtMs: derived.schedule.carveAtMs } },
    });
    const late = at(200 + 120, 100);
    const { shortestMin } = restFor(plan.bird.massKg);
    expect(late.renewed.schedule.carveAtMs).toBe(inMs + (320 + shortestMin) * MINUTE_MS);
    expect(late.lateMin).toBeGreaterThan(30);
  });

  it("has a stock that was planned on the day still on that day, of bones that were bought too", () => {
    const crown: Plan = { ...plan, bird: { ...plan.bird, cut: "crown", massKg: 3 }, targetC: { breast: 74 } };
    const madeMs = inMs - 2 * 60 * MINUTE_MS;
    const onTheDay = derivePlan(crown, cook, shares, madeMs, undefined, { taken: [], madeMs });
    const isIn = { inAt, pullMin: certain(200), pulled: false, nowMs: inMs + 5 * MINUTE_MS };
    const stock = rowsOfDay(replan(crown, cook, onTheDay, isIn)).find(({ id }) => id === "stock-1");
    expect(stock?.startMs).toBeGreaterThanOrEqual(madeMs);
  });

  it("has gravy and carving still to come of a bird that came out when they were to begin", () => {
    const out = replan(plan, cook, derived, {
      inAt,
      pullMin: certain(320),
      pulled: true,
      nowMs: inMs + 321 * MINUTE_MS,
    });
    expect(out.coming.map(({ id }) => id)).toEqual(["rest", "loosen-1", "thicken-1", "carve", "table", "leftovers"]);
  });

  it("is as planned where nothing is forecast, until the bird should be out and is not: what follows waits for it", () => {
    const unread = (nowMin: number) =>
      replan(plan, cook, derived, { inAt, pullMin: null, pulled: false, nowMs: inMs + nowMin * MINUTE_MS });
    const rows = (of: Replanned) => rowsOfDay(of).map(({ id, startMs }) => `${id} ${startMs}`);
    expect(rows(unread(30)).sort()).toEqual(
      rowsOf(derived)
        .map(({ id, startMs }) => `${id} ${startMs}`)
        .sort(),
    );
    const nowMs = inMs + 320 * MINUTE_MS;
    const waiting = unread(320).coming.filter(({ startMs }) => startMs >= nowMs);
    expect(waiting.map(({ id }) => id)).toEqual(["rest", "loosen-1", "thicken-1", "carve", "table", "leftovers"]);
  });

  it("has what waits for a sign when the bird is to show it, though it was planned to have begun; what goes by the clock stands", () => {
    const staged: Plan = {
      ...plan,
      stages: [
        { fromMin: 0, airC: 220, shield: "breast" },
        { fromMin: 20, airC: 160 },
        { fromMin: 40, when: { centre: "breast", reachesC: 60 }, airC: 160, shield: "none" },
      ],
      season: { ...plan.season, glazeAt: [{ atMin: 30 }, { when: { centre: "breast", reachesC: 62 } }] },
    };
    const planned = derivePlan(staged, cook, shares, 0);
    const minuteOf = (rows: readonly { id: string; startMs: number }[], id: string): number =>
      ((rows.find((row) => row.id === id)?.startMs ?? Number.NaN) - planned.schedule.inAtMs) / MINUTE_MS;
    const usualMin = minuteOf(rowsOf(planned), "stage-2");
    // By its readings it is half as fast again behind.
    const slower = { ...cook, history: cook.history.map((point) => ({ ...point, minute: 1.5 * point.minute })) };
    const nowMs = planned.schedule.inAtMs + (usualMin + 5) * MINUTE_MS;
    const pullMin = certain(1.5 * cook.pullMinute);
    const rows = rowsOfDay(
      replan(staged, slower, planned, {
        inAt: new Date(planned.schedule.inAtMs).toISOString(),
        pullMin,
        pulled: false,
        nowMs,
      }),
    );
    expect(minuteOf(rows, "stage-2")).toBeCloseTo(1.5 * usualMin, 6);
    expect(minuteOf(rows, "glaze-2")).toBeCloseTo(1.5 * minuteOf(rowsOf(planned), "glaze-2"), 6);
    expect([minuteOf(rows, "stage-1"), minuteOf(rows, "glaze-1")]).toEqual([20, 30]);
    expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
  });

  it("moves the gravy with the carving", () => {
    const late = at(320, 100);
    const gravy = rowsOfDay(late).find(({ id }) => id.startsWith("thicken"));
    expect(gravy?.endMs).toBe(late.renewed.schedule.carveAtMs);
  });

  it("keeps everything as it is where no finish is known", () => {
    expect(at(Number.POSITIVE_INFINITY, 100)).toMatchObject({
      lateMin: 0,
      renewed: { schedule: { carveAtMs: derived.schedule.carveAtMs } },
    });
  });

  it("rewrites nothing that has passed, but what follows from the pull and what would have come before it", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        fc.integer({ min: 60, max: 500 }),
        fc.integer({ min: 0, max: 500 }),
        (any, pullMin, nowMin) => {
          const before = derivePlan(any, cook, shares, 0);
          const wentIn = before.schedule.inAtMs;
          const nowMs = wentIn + nowMin * MINUTE_MS;
          const asked = { inAt: new Date(wentIn).toISOString(), pullMin: certain(pullMin), pulled: true, nowMs };
          const out = replan(any, cook, before, asked);
          const rows = rowsOfDay(out);
          const follows = new RegExp(
            ["^(rest|carve|chill|table|leftovers|loosen|thicken)", ...restDishes(any, before)].join("|"),
          );
          const told = (all: readonly { id: string; startMs: number }[]): readonly string[] =>
            all.map(({ id, startMs }) => `${id} ${startMs}`).sort();
          const past = (all: readonly { id: string; startMs: number }[]) =>
            told(all.filter(({ id, startMs }) => startMs < nowMs && !follows.test(id)));
          const unchanged = replan(any, cook, before, { ...asked, pullMin: certain(Number.NaN) });
          // But what was still to be done to it in the heat when it came out.
          const outMs = wentIn + pullMin * MINUTE_MS;
          const cameOut = ({ id, startMs }: { id: string; startMs: number }) => IN_THE_HEAT.test(id) && startMs > outMs;
          const planned = past(rowsOfDay(unchanged).filter((row) => !cameOut(row)));
          expect(past(rows)).toEqual(expect.arrayContaining([...planned]));
          expect(rows.filter(cameOut)).toEqual([]);
          expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
          // What follows from the pull stands where that has put it, begun or not: none of it is lost.
          const following = (all: readonly { id: string; startMs: number }[]) =>
            told(all.filter(({ id }) => follows.test(id)));
          expect(following(rows)).toEqual(following(rowsOf(out.renewed)));
          // Not out yet: nothing that waits for it has begun, and nothing that is to come has passed.
          const stillIn = replan(any, cook, before, { ...asked, pulled: false });
          for (const { id, startMs } of rowsOfDay(stillIn)) {
            if (!/^(rest|carve|loosen|thicken|table)/.test(id) || any.roasted === "day-before") continue;
            expect(startMs, id).toBeGreaterThanOrEqual(wentIn + Math.max(pullMin, nowMin) * MINUTE_MS - 1);
          }
          for (const { startMs, endMs } of rowsOfDay(stillIn)) expect(endMs).toBeGreaterThanOrEqual(startMs);
        },
      ),
      plansAsked(150),
    );
  });

  it("loses nothing that is planned for later, however the finish moves: each dish once, on its side of the pull, due where it should be on", () => {
    const moved = fc.record({
      any: ANY_PLAN.filter(({ roasted }) => roasted === "same-day"),
      pullMin: fc.integer({ min: 150, max: 300 }),
      offMin: fc.integer({ min: 1, max: 40 }),
      since: fc.double({ min: 0, max: 1.2, noNaN: true }),
    });
    fc.assert(
      fc.property(moved, ({ any, pullMin, offMin, since }) => {
        const before = derivePlan(any, cook, shares, 0);
        const wentIn = before.schedule.inAtMs;
        const nowMs = wentIn + Math.round(since * pullMin) * MINUTE_MS;
        const pulled = since > 1;
        const doubt = pulled ? 0 : offMin;
        const out = replan(any, cook, before, {
          inAt: new Date(wentIn).toISOString(),
          pullMin: { p10: pullMin - doubt, p50: pullMin, p90: pullMin + doubt },
          pulled,
          nowMs,
        });
        const rows = rowsOfDay(out);
        // Nobody turns an oven on for what is in it.
        for (const { about, startMs } of rows) {
          if (about.kind !== "oven-on") continue;
          const dish = rows.find(({ id }) => id === dishRow(about.side.id));
          expect(dish?.startMs, about.side.slot).toBeGreaterThanOrEqual(startMs);
        }
        for (const planned of rowsOf(before)) {
          const { id, startMs, about } = planned;
          // An oven is turned on where nothing else has it on by then.
          if (startMs <= nowMs || IN_THE_HEAT.test(id) || about.kind === "oven-on") continue;
          const [now, ...others] = rows.filter((row) => row.id === id);
          expect(now, id).toBeDefined();
          expect(others).toEqual([]);
          if (about.kind !== "side" || now?.about.kind !== "side") continue;
          expect(now.about.side.slot).toBe(about.side.slot);
          if (!pulled) expect(now.startMs).toBeGreaterThanOrEqual(nowMs);
        }
      }),
      plansAsked(200),
    );
  });
});
