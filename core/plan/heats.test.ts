import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { canShield, canWrap, HEAT_SOURCES, isFire, turnsItself } from "../heat/sources";
import { feedMinutes } from "../kitchen/fuel";
import { fullStages } from "../processes/stages";
import { MINUTE_MS } from "../units/time";
import { withHeat, withMove, withoutSpit } from "./edits";
import { heatsOf, movesOf } from "./heats";
import { usualPlan } from "./usualPlan";

const chicken = usualPlan({
  bird: { species: "chicken", cut: "whole", massKg: 2, state: "fresh" },
  method: "steady",
  serveAt: "2026-09-27T12:30:00Z",
  zone: "UTC",
});
const smoked = {
  ...chicken,
  heat: "smoker" as const,
  stages: [
    { fromMin: 0, airC: 120 },
    { fromMin: 130, airC: 180, movedTo: "oven" as const },
  ],
};
const anyHeat = fc.constantFrom(...HEAT_SOURCES);

describe("a plan of several heats", () => {
  it("has a hand feed a fire for as long as the bird is over it, and no longer", () => {
    expect(feedMinutes(smoked, 400)).toEqual([60, 120]);
    expect(feedMinutes(smoked, 100)).toEqual([60]);
    const back = {
      ...smoked,
      stages: [...smoked.stages, { fromMin: 200, airC: 180, movedTo: "covered-grill" as const }],
    };
    expect(feedMinutes(back, 330)).toEqual([60, 120, 260, 320]);
    const [first] = smoked.stages;
    const intoFire = {
      ...chicken,
      stages: [first, { fromMin: 30, airC: 180, movedTo: "smoker" as const }],
    } as typeof chicken;
    expect(feedMinutes(intoFire, 160)).toEqual([90, 150]);
    // By a sign it is kept up until that is there.
    const waits = { centre: "breast" as const, reachesC: 50 };
    const bySign = { ...smoked, stages: [first, { ...smoked.stages[1], when: waits }] } as typeof smoked;
    expect(feedMinutes(bySign, 250)).toEqual([60, 120, 180, 240]);
    expect(feedMinutes(bySign, 250, (_, n) => (n === 1 ? 150 : null))).toEqual([60, 120]);
    expect(feedMinutes({ ...smoked, fuel: "gas" }, 400)).toEqual([]);
  });

  it("brings the next one up in time, and has the bird in the oven while it is there only, whatever the plan", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { chores, uses, schedule } = deriveAny(plan, cook);
        const heats = heatsOf(plan);
        for (const { n } of movesOf(plan)) {
          const moved = chores.find((chore) => chore.kind === "stage" && chore.n === n);
          const broughtUp = chores.find((chore) => chore.kind === "bring-up" && chore.n === n);
          expect(broughtUp?.endMs).toBe(moved?.startMs);
          // Not while it is still in there.
          const inThere = uses.filter(({ id, ovenC, endMs }) => {
            return (
              id === "bird" && ovenC !== null && endMs > (broughtUp?.startMs ?? 0) && endMs <= (broughtUp?.endMs ?? 0)
            );
          });
          if (heats.slice(0, n).every((heat) => isFire(heat) || heat === heats[n])) expect(inThere).toEqual([]);
        }
        expect(chores.filter(({ kind }) => kind === "bring-up").length).toBeLessThanOrEqual(movesOf(plan).length);
        const begins = heats.map((_, n) =>
          n === 0 ? schedule.inAtMs : chores.find((chore) => chore.kind === "stage" && chore.n === n)?.startMs,
        );
        for (const { id, startMs, ovenC } of uses.filter((use) => use.id === "bird" && !use.isRead)) {
          const at = begins.findLastIndex((begin) => begin !== undefined && begin <= startMs);
          expect(ovenC === null, id).toBe(isFire(heats[at] ?? plan.heat));
        }
        for (const { startMs, n } of chores.filter(({ kind }) => kind === "fuel")) {
          if (n === 1) continue;
          const at = begins.findLastIndex((begin) => begin !== undefined && begin < startMs + MINUTE_MS / 2);
          expect(isFire(heats[at] ?? plan.heat) || begins[at] === startMs).toBe(true);
        }
      }),
      plansAsked(200),
    );
  });

  it("after any edit moves where it says, is wrapped and covered as its heats can, and is moved nowhere it is already", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyHeat, fc.nat(7), (plan, heat, at) => {
        const n = at % plan.stages.length;
        const edited = [withHeat(heat)(plan), withoutSpit(plan), ...(n > 0 ? [withMove(n, heat)(plan)] : [])];
        for (const { stages, ...rest } of edited) {
          const heats = heatsOf({ ...rest, stages });
          fullStages(stages, plan.bird.cut).forEach(({ wrap, shield }, m) => {
            expect(canWrap(heats[m] ?? heat, wrap) && canShield(heats[m] ?? heat, shield)).toBe(true);
          });
          stages.forEach(({ movedTo }, m) => {
            expect(movedTo === undefined || (m > 0 && movedTo !== heats[m - 1])).toBe(true);
          });
        }
        expect(heatsOf(withHeat(heat)(plan))[0]).toBe(heat);
        if (n > 0) expect(heatsOf(withMove(n, heat)(plan))[n]).toBe(heat);
        expect(heatsOf(withoutSpit(plan)).some(turnsItself)).toBe(false);
      }),
    );
  });
});
