import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { restFor } from "../processes/rest";
import { type DerivedPlan, derivePlan } from "../schedule/derive";
import { rowsOf } from "../schedule/rows";
import { MINUTE_MS } from "../units/time";
import { type Replanned, replan } from "./replan";

const rowsOfDay = ({ begun, coming }: Replanned) => [...begun, ...coming];
const shares = { p10: 0.93, p50: 1, p90: 1.08 };
/** Rows of dishes that have the oven once the bird is out of it. */
const restDishes = ({ sides }: DerivedPlan): readonly string[] =>
  sides.filter(({ slot, ovenC }) => slot === "rest" && ovenC !== null).map(({ id }) => `^side-${id}$`);
const sharp = (minutes: number) => ({ p10: minutes, p50: minutes, p90: minutes });

describe("a day that goes otherwise", () => {
  const { plan } = sampleRoast();
  const cook = simulated();
  const derived = derivePlan(plan, cook, shares, 0);
  const inAt = new Date(derived.schedule.inAtMs).toISOString();
  const inMs = derived.schedule.inAtMs;
  const at = (pullMin: number, nowMin: number) =>
    replan(plan, cook, derived, { inAt, pullMin: sharp(pullMin), pulled: false, nowMs: inMs + nowMin * MINUTE_MS });

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

  it("has gravy and carving still to come of a bird that came out when they were to begin", () => {
    const out = replan(plan, cook, derived, {
      inAt,
      pullMin: sharp(320),
      pulled: true,
      nowMs: inMs + 321 * MINUTE_MS,
    });
    expect(out.coming.map(({ id }) => id)).toEqual(["rest", "loosen-1", "thicken-1", "carve", "table", "leftovers"]);
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

  it("rewrites nothing that has passed, and puts nothing new into the past", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        fc.integer({ min: 60, max: 500 }),
        fc.integer({ min: 0, max: 500 }),
        (any, pullMin, nowMin) => {
          const before = derivePlan(any, cook, shares, 0);
          const wentIn = before.schedule.inAtMs;
          const nowMs = wentIn + nowMin * MINUTE_MS;
          const asked = { inAt: new Date(wentIn).toISOString(), pullMin: sharp(pullMin), pulled: true, nowMs };
          const out = replan(any, cook, before, asked);
          const rows = rowsOfDay(out);
          const follows = new RegExp(
            ["^(rest|carve|chill|table|leftovers|loosen|thicken)", ...restDishes(before)].join("|"),
          );
          const told = (all: readonly { id: string; startMs: number }[]): readonly string[] =>
            all.map(({ id, startMs }) => `${id} ${startMs}`).sort();
          const past = (all: readonly { id: string; startMs: number }[]) =>
            told(all.filter(({ id, startMs }) => startMs < nowMs && !follows.test(id)));
          const unchanged = replan(any, cook, before, { ...asked, pullMin: sharp(Number.NaN) });
          expect(past(rows)).toEqual(past(rowsOfDay(unchanged)));
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
      { numRuns: 150 },
    );
  });
});
