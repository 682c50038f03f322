import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { ensembleOptions } from "../forecast/plannedInput";
import { UNKNOWNS } from "../forecast/prior";
import { heatsOf } from "../plan/heats";
import { METHODS } from "../plan/methods";
import { MOST_STAGES, PlanSchema } from "../plan/schema";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { fullStages, type OvenStage } from "../processes/stages";
import type { Dial } from "../units/dial";
import { fahrenheitToC } from "../units/quantity";
import {
  changedNow,
  finishMin,
  SAME_WITHIN_MIN,
  stageNow,
  WHAT_IFS,
  type WhatIfAnswer,
  type WhatIfId,
  whatIfs,
  withStageFromNow,
} from "./whatIf";

const { plan } = sampleRoast();
const USUAL = UNKNOWNS.map(() => 0);
const AIM = { breast: 71, thigh: 74 };
const NOW = 90;

describe("what can be changed now", () => {
  it("makes a whole plan of it, with the new stage begun now", () => {
    for (const id of WHAT_IFS) {
      const changed = changedNow(id, { plan, nowMin: NOW });
      if (!changed) continue;
      expect(PlanSchema.safeParse({ ...plan, stages: changed.stages }).success, id).toBe(true);
      if (changed.leaves.length === 0) expect(changed.stages.at(-1)?.fromMin, id).toBe(NOW);
    }
  });

  it("leaves out what would change nothing, or cannot be", () => {
    const can = (cut: typeof plan.bird.cut, stages = plan.stages): WhatIfId[] =>
      WHAT_IFS.filter(
        (id) => changedNow(id, { plan: { ...plan, stages, bird: { ...plan.bird, cut } }, nowMin: NOW }) !== null,
      );
    expect(can("whole")).not.toContain("uncover");
    expect(can("crown")).not.toContain("legs-off");
    for (const cut of ["whole", "spatchcock", "parts"] as const) expect(can(cut)).toContain("legs-off");
    expect(can("whole")).not.toContain("rotate");
    expect(can("spatchcock")).not.toContain("turn-over");
    expect(can("whole", [{ fromMin: 0, airC: 163, shield: "breast" }])).toContain("uncover");
    expect(can("whole", [{ fromMin: 0, airC: 80 }])).not.toContain("hold");
    expect(can("parts")).toContain("cover-all");
    expect(can("whole", [{ fromMin: 0, airC: 163, shield: "breast" }])).toContain("cover-all");
    expect(can("whole", [{ fromMin: 0, airC: 163, shield: "all" }])).not.toContain("cover-all");
    expect(can("whole", [{ fromMin: 0, airC: 163, wrap: "lid" }])).not.toContain("cover-all");
    // From what turns loose foil falls; wrapped tight, or tied over the breast, it stays.
    const onSpit = (id: WhatIfId) => changedNow(id, { plan: { ...plan, heat: "spit" }, nowMin: NOW });
    expect(onSpit("cover-all")).toBeNull();
    for (const id of ["cover-breast", "wrap"] as const) expect(onSpit(id)).not.toBeNull();
  });

  it("turns it round where the oven has a hot side", () => {
    const uneven = { ...plan, equipment: { ...plan.equipment, hotSideK: 15 } };
    expect(changedNow("rotate", { plan: uneven, nowMin: NOW })?.stages.at(-1)).toMatchObject({
      towardsHot: "breast",
      fromMin: NOW,
    });
  });

  it("keeps what comes later as it is, and never more stages than a plan holds", () => {
    const stages = [
      { fromMin: 0, airC: 200 },
      { fromMin: 20, airC: 163 },
      { fromMin: 120, airC: 180 },
    ];
    const up = changedNow("oven-up", { plan: { ...plan, stages }, nowMin: NOW, stagesDone: 1 });
    expect(up?.stages.map(({ airC }) => airC)).toEqual([200, 163, 180, 180]);
    const many = Array.from({ length: 8 }, (_, n) => ({ fromMin: 10 * n, airC: 160 }));
    const full = changedNow("oven-up", { plan: { ...plan, stages: many }, nowMin: NOW, stagesDone: 7 });
    expect(full?.stages).toHaveLength(8);
  });

  it("names a change that can be made in every stage of every way and cut, also long before the next", () => {
    for (const { id: method, cuts } of METHODS) {
      for (const cut of cuts) {
        const made = usualPlan({
          bird: {
            species: "turkey",
            cut,
            massKg: cut === "leg-roll" || cut === "boneless-breast" ? 1.2 : 4,
            state: "fresh",
          },
          method,
          serveAt: plan.serveAt,
          zone: "UTC",
        });
        for (const nowMin of [1, 10, 30, 70, 200]) {
          for (const id of WHAT_IFS) {
            const changed = changedNow(id, { plan: made, nowMin });
            if (!changed) continue;
            const parsed = PlanSchema.safeParse({ ...made, stages: changed.stages });
            expect(parsed.success, `${method} ${cut} ${id} at ${nowMin}`).toBe(true);
            expect(() => fullStages(changed.stages, cut), `${method} ${cut} ${id} at ${nowMin}`).not.toThrow();
          }
        }
      }
    }
  });

  it("leaves a plan a plan however fast one follows another, and each of them holds", () => {
    const anyTaps = fc.array(fc.record({ id: fc.constantFrom(...WHAT_IFS), afterMin: fc.constantFrom(0, 0, 1, 7) }), {
      minLength: 1,
      maxLength: 9,
    });
    fc.assert(
      fc.property(ANY_PLAN, fc.integer({ min: 1, max: 1600 }), anyTaps, fc.boolean(), (any, fromMin, taps, isOff) => {
        let [made, done, nowMin] = [any, 0, fromMin];
        for (const { id, afterMin } of taps) {
          nowMin += afterMin;
          const changed = changedNow(id, { plan: made, nowMin, stagesDone: done, isOff });
          if (!changed) continue;
          made = { ...made, stages: changed.stages };
          expect(PlanSchema.safeParse(made).success, `${id} at ${nowMin}`).toBe(true);
          expect(() => fullStages(made.stages, made.bird.cut)).not.toThrow();
          if (changed.leaves.length > 0) continue;
          done = changed.done;
          // What was just done is what is on, and can be undone by its opposite, not done again.
          const again = changedNow(id, { plan: made, nowMin, stagesDone: done, isOff });
          const isTurn = ["oven-up", "oven-down", "turn-over", "rotate"].includes(id);
          if (!isTurn) expect(again, `${id} twice at ${nowMin}`).toBeNull();
          expect(made.stages[done]?.fromMin).toBeGreaterThanOrEqual(nowMin);
        }
      }),
      plansAsked(300),
    );
  });

  it("changes what is on since the last change that was done: what is overdue, or has its sign, is still to come", () => {
    const asked = fc.record({
      made: ANY_PLAN,
      id: fc.constantFrom(...WHAT_IFS.filter((id) => id !== "hold" && !id.endsWith("-off"))),
      nowMin: fc.integer({ min: 1, max: 900 }),
      told: fc.nat(7),
      isOff: fc.boolean(),
    });
    const settings = (stages: readonly OvenStage[]) =>
      stages.map((stage) => ({ ...stage, fromMin: 0, when: undefined, waitedFor: undefined }));
    fc.assert(
      fc.property(asked, ({ made, id, nowMin, told, isOff }) => {
        const done = Math.min(told, made.stages.length - 1);
        const changed = changedNow(id, { plan: made, nowMin, stagesDone: done, isOff });
        if (!changed || made.stages.length >= MOST_STAGES || (made.stages[done]?.fromMin ?? 0) >= nowMin) return;
        expect(changed.done).toBe(done + 1);
        expect(changed.stages.slice(0, done + 1)).toEqual(made.stages.slice(0, done + 1));
        const { fromMin, ...began } = changed.stages[done + 1] as OvenStage;
        const full = fullStages(changed.stages, made.bird.cut);
        const isAlike = (name: "airC" | "shield" | "wrap" | "side" | "surface" | "towardsHot"): boolean =>
          full[done]?.[name] === full[done + 1]?.[name];
        // All but what was asked for is as it was.
        for (const name of ["airC", "shield", "wrap", "side", "surface", "towardsHot"] as const) {
          expect(isAlike(name) || name in began, `${id}: ${name}`).toBe(true);
        }
        const later = changed.stages.slice(done + 2);
        expect(settings(later)).toEqual(settings(made.stages.slice(done + 1)));
        for (const stage of later) if (!stage.when) expect(stage.fromMin).toBeGreaterThan(fromMin);
      }),
      plansAsked(200),
    );
    const stages = [
      { fromMin: 0, airC: 220 },
      { fromMin: 20, airC: 160 },
    ];
    expect(changedNow("cover-breast", { plan: { ...plan, stages }, nowMin: 66 })).toEqual({
      stages: [stages[0], { fromMin: 66, airC: 220, shield: "breast" }, { fromMin: 66.5, airC: 160 }],
      done: 1,
      leaves: [],
    });
    const overdue = { plan: { ...plan, stages }, nowMin: 66 };
    expect(changedNow("oven-up", overdue)).toBeNull();
    expect(changedNow("oven-up", { ...overdue, stagesDone: 1 })?.stages.at(-1)).toEqual({ fromMin: 66, airC: 180 });
  });

  it("begins a stage of its own in the plan, and what had begun stays as it was", () => {
    const stages = [
      { fromMin: 0, airC: 220 },
      { fromMin: 20, airC: 160 },
      { fromMin: 60, when: { centre: "breast" as const, reachesC: 60 }, airC: 160, shield: "none" as const },
    ];
    const made = withStageFromNow({ ...plan, stages }, 70, 1);
    expect(made.stages).toEqual([stages[0], stages[1], { fromMin: 70, airC: 160 }, stages[2]]);
    // Within the minute it is that one; and a plan that is full stays as it is.
    expect(withStageFromNow(made, 70, 1)).toEqual(made);
    const full = { ...plan, stages: Array.from({ length: 8 }, (_, n) => ({ fromMin: 100 * n, airC: 160 })) };
    expect(withStageFromNow(full, 5)).toEqual(full);
  });

  it("holds at a mark of the oven's own dial", () => {
    const held = (dial: Dial) =>
      changedNow("hold", {
        plan: { ...plan, stages: [{ fromMin: 0, airC: 218 }], equipment: { ...plan.equipment, dial } },
        nowMin: 10,
      })?.stages.at(-1)?.airC;
    expect(held("celsius")).toBe(90);
    expect(held("fahrenheit")).toBeCloseTo(fahrenheitToC(200), 9);
  });

  it("lets a hold last: no later stage ends it", () => {
    const hot = [
      { fromMin: 0, airC: 218 },
      { fromMin: 20, airC: 163 },
    ];
    expect(changedNow("hold", { plan: { ...plan, stages: hot }, nowMin: 10 })?.stages).toEqual([
      { fromMin: 0, airC: 218 },
      { fromMin: 10, airC: 90 },
    ]);
  });

  it("calls no stage again that was done: legs out while the next waits for the breast", () => {
    const shielded = [
      { fromMin: 0, airC: 218 },
      { fromMin: 20, airC: 163 },
      { fromMin: 40, when: { centre: "breast" as const, reachesC: 60 }, airC: 163, shield: "none" as const },
    ];
    const asked = { plan: { ...plan, stages: shielded }, nowMin: 100 };
    expect(changedNow("legs-off", { ...asked, stagesDone: 2 })?.done).toBe(2);
    expect(changedNow("legs-off", { ...asked, stagesDone: 1 })?.done).toBe(1);
    // Said to be done though nothing was read since: what is changed now comes after it, and it is not called again.
    const hotter = changedNow("oven-up", { ...asked, stagesDone: 2 });
    expect(hotter?.stages.slice(0, 3)).toEqual(shielded);
    expect(hotter?.done).toBe(3);
    expect(changedNow("oven-up", { ...asked, stagesDone: 1 })?.stages.at(-1)).toEqual(shielded[2]);
  });

  it("brings it into the oven from a fire, and onto a grill from an oven that is off, hot enough to roast", () => {
    const smoked = { ...plan, heat: "smoker" as const, stages: [{ fromMin: 0, airC: 110, wrap: "foil" as const }] };
    const into = changedNow("into-oven", { plan: smoked, nowMin: NOW });
    expect(into?.stages).toEqual([...smoked.stages, { fromMin: NOW, airC: 160, movedTo: "oven" }]);
    const inOven = { ...smoked, stages: into?.stages ?? [] };
    expect(changedNow("into-oven", { plan: inOven, nowMin: NOW + 10, stagesDone: 1 })).toBeNull();
    expect(
      changedNow("turn-over", { plan: { ...inOven, heat: "spit" }, nowMin: NOW + 10, stagesDone: 1 }),
    ).not.toBeNull();
    const bagged = { ...plan, stages: [{ fromMin: 0, airC: 175, wrap: "bag" as const }] };
    expect(changedNow("onto-grill", { plan: bagged, nowMin: NOW })).toBeNull();
    expect(changedNow("onto-grill", { plan: bagged, nowMin: NOW, isOff: true })?.stages.at(-1)).toEqual({
      fromMin: NOW,
      airC: 175,
      movedTo: "covered-grill",
      wrap: "lid",
    });
    // A plan that is full drops what it went through; where the bird is by now is not forgotten.
    const full = Array.from({ length: 8 }, (_, n) => ({
      fromMin: 5 * n,
      airC: 150 + n,
      ...(n === 7 && { movedTo: "oven" as const, shield: "breast" as const, side: "up" as const }),
    }));
    const hotter = changedNow("oven-up", { plan: { ...smoked, stages: full }, nowMin: NOW, stagesDone: 7 });
    expect(hotter?.stages).toHaveLength(8);
    expect(heatsOf({ heat: "smoker", stages: hotter?.stages ?? [] }).at(-1)).toBe("oven");
    expect(fullStages(hotter?.stages ?? [], "whole").at(-1)).toMatchObject({ shield: "breast", fromMin: NOW });
  });

  it("takes nothing out that is out", () => {
    expect(changedNow("legs-off", { plan, nowMin: NOW, left: ["thigh", "drumstick"] })).toBeNull();
    expect(changedNow("breast-off", { plan, nowMin: NOW, left: ["thigh", "drumstick"] })).toBeNull();
  });

  it("knows which stage is on: by the clock, or once its temperature was read", () => {
    const stages = [
      { fromMin: 0, airC: 200 },
      { fromMin: 30, when: { centre: "breast" as const, reachesC: 60 }, airC: 163 },
    ];
    expect(stageNow(stages, 90, {})).toBe(0);
    expect(stageNow(stages, 90, { breast: 61 })).toBe(1);
    expect(stageNow(stages, 20, { breast: 61 })).toBe(0);
  });
});

describe("what it does to this bird", () => {
  const changes = WHAT_IFS.flatMap((id) => {
    const changed = changedNow(id, { plan, nowMin: NOW });
    return changed ? [[id, changed] as const] : [];
  });

  it("is what a cook would expect of it", () => {
    const answers = drain(whatIfs(ensembleOptions(plan, AIM), [USUAL], NOW, changes));
    const of = (id: WhatIfId | "as-is") => answers.find((answer) => answer.id === id);
    const breast = (id: WhatIfId | "as-is"): number => of(id)?.doneMin.breast ?? Number.NaN;
    expect(answers).toHaveLength(changes.length + 1);
    expect(breast("oven-up")).toBeLessThan(breast("as-is"));
    expect(breast("oven-down")).toBeGreaterThan(breast("as-is"));
    expect(breast("cover-breast")).toBeGreaterThan(breast("as-is"));
    // A shield holds back the breast far more than the thigh.
    const gap = (id: WhatIfId | "as-is"): number => (of(id)?.doneMin.thigh ?? 0) - breast(id);
    expect(gap("cover-breast")).toBeLessThan(gap("as-is"));
    expect(breast("hold")).toBeGreaterThan(breast("oven-down"));
    // What leaves first is not waited for.
    expect(Object.keys(of("legs-off")?.doneMin ?? {})).toEqual(["breast"]);
    expect(Object.keys(of("breast-off")?.doneMin ?? {})).toEqual(["thigh"]);
    expect(of("breast-off")?.doneMin.thigh).toBeLessThan(NOW + 300);
    expect(of("oven-down")?.browning).toBeLessThan(of("as-is")?.browning ?? 0);
  });

  it("cooks it on where its own heat is gone", () => {
    const smoked = { ...plan, heat: "smoker" as const, stages: [{ fromMin: 0, airC: 150 }] };
    const off = { kind: "off", atMin: NOW - 30, untilMin: 900 } as const;
    const options = { ...ensembleOptions(smoked, AIM), events: [off] };
    const into = changedNow("into-oven", { plan: smoked, nowMin: NOW });
    if (!into) throw new Error("a smoker can be left for the oven");
    const [asIs, moved] = drain(whatIfs(options, [USUAL], NOW, [["into-oven", into]]));
    expect(asIs?.doneMin.breast).toBe(Number.POSITIVE_INFINITY);
    expect(moved?.doneMin.breast).toBeLessThan(NOW + 200);
    expect(moved?.laterMin).toBe(Number.NEGATIVE_INFINITY);
    // The forecast counts on heat; moved, it is there when that bird is.
    expect(asIs && finishMin(asIs, NOW + 60)).toBe(NOW + 60);
    expect(moved && finishMin(moved, NOW + 60)).toBe(Math.max(...Object.values(moved?.doneMin ?? {})));
  });

  it("moves the forecast's own finish, and is when the bird is there where as it is that is never", () => {
    const never = Number.POSITIVE_INFINITY;
    const said = (laterMin: number): WhatIfAnswer => {
      const doneMin = { breast: 190, thigh: 210 };
      return { id: "oven-up", doneMin, laterMin, juicesMore: null, browning: 1 };
    };
    expect(finishMin(said(-20), 230)).toBe(210);
    expect(finishMin(said(-20), never)).toBe(210);
    expect(finishMin(said(-never), never)).toBe(210);
    expect(finishMin(said(never), 230)).toBe(never);
    expect(finishMin({ ...said(0), id: "as-is", laterMin: null }, never)).toBe(never);
  });

  it("never brings dinner forward by foil, on any bird that fits", () => {
    for (const [species, cut, massKg] of [
      ["turkey", "whole", 5],
      ["turkey", "spatchcock", 5.8],
      ["chicken", "whole", 1.8],
      ["duck", "crown", 1.2],
    ] as const) {
      const made = usualPlan({
        bird: { species, cut, massKg, state: "fresh" },
        method: "steady",
        serveAt: plan.serveAt,
        zone: "UTC",
      });
      const aim = Object.fromEntries(Object.keys(made.targetC).map((centre) => [centre, 71]));
      const foil = changedNow("cover-breast", { plan: made, nowMin: 40 });
      if (!foil) throw new Error(`${species} ${cut} has a breast`);
      const draws = [
        USUAL,
        USUAL.map((_, n) => (n % 2 === 0 ? 0.8 : -0.8)),
        USUAL.map((_, n) => (n % 2 === 0 ? -0.8 : 0.8)),
      ];
      const [, answer] = drain(whatIfs(ensembleOptions(made, aim), draws, 40, [["cover-breast", foil]]));
      expect(answer?.laterMin, `${species} ${cut}`).toBeGreaterThan(-SAME_WITHIN_MIN);
    }
  });
});
