import { describe, expect, it } from "vitest";
import { plannedDone } from "../../tests/helpers/plannedDone";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { constant } from "../constants";
import { BARE_SKIN } from "../heat/ovens";
import { DRAUGHTS, type Draught, FUELS, HEAT_SOURCES, type HeatSource, isFire, isLidded } from "../heat/sources";
import { FATS } from "../kitchen/fats";
import { preheatedC } from "../plan/methods";
import type { Plan } from "../plan/schema";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { MINUTE_MS } from "../units/time";
import { bandShares } from "./band";
import { type EnsembleOptions, priorOf, runEnsemble, runMember } from "./ensemble";
import { type KnownOven, OVEN_UNKNOWNS, priorIn } from "./knownOven";
import { minuteAllShown } from "./member";
import {
  bandAsked,
  goalsAtPull,
  type PictureQuality,
  type PlannedDone,
  plannedCook,
  pullGoalsC,
  volumeAtPull,
} from "./planned";
import { ensembleOf, ensembleOptions, type PlannedInput, plannedInput, roastInput, roastOptions } from "./plannedInput";
import { UNKNOWNS, usualPrior } from "./prior";
import { BY_TIME, NEVER } from "./shares";

const { plan } = sampleRoast();

const planned = (quality: PictureQuality): PlannedDone => plannedDone(plan, quality);

describe("the plan's simulation", () => {
  it("says the same coarse and fine, within four per cent", () => {
    const [preview, settled] = [planned("preview"), planned("settled")];
    expect(Math.abs(preview.pullMinute / settled.pullMinute - 1)).toBeLessThan(0.04);
    expect(Math.abs((preview.atPull.centresC.breast ?? 0) - (settled.atPull.centresC.breast ?? 99))).toBeLessThan(2);
  });

  it("holds the whole of the bird where a solid is pictured, and is the same otherwise", () => {
    const [settled, solid] = [planned("settled"), planned("solid")];
    expect(volumeAtPull(settled)).toBeUndefined();
    expect(volumeAtPull(solid)?.some((byte) => byte > 0)).toBe(true);
    expect({ ...solid, frames: solid.frames.map(({ volume: _, ...rest }) => rest) }).toEqual(settled);
  });

  it("hands back pictures in the order of time, from the cold bird to the carving", () => {
    const { frames, atCarve, history } = planned("preview");
    expect(frames[0]?.minute).toBe(0);
    for (const [n, frame] of frames.slice(1).entries()) expect(frame.minute).toBeGreaterThan(frames[n]?.minute ?? 0);
    expect(atCarve.minute - (frames.at(-1)?.minute ?? 0)).toBeLessThanOrEqual(18);
    expect(history.at(-1)).toEqual(atCarve);
    const [first] = frames[0]?.sections ?? [];
    expect([...(first ?? [])].filter((value) => !Number.isNaN(value)).every((value) => Math.abs(value - 4) < 0.2)).toBe(
      true,
    );
  });

  it("asks of each centre at the pull only what the rest needs to carry it to its target", () => {
    const done = planned("preview");
    const goals = pullGoalsC(done, plan);
    for (const centre of ["breast", "thigh"] as const) {
      const carryK = (done.peak[centre]?.celsius ?? 0) - (done.atPull.centresC[centre] ?? 0);
      expect(goals[centre]).toBeLessThanOrEqual(done.atPull.centresC[centre] ?? 0);
      expect((goals[centre] ?? 0) + carryK).toBeGreaterThanOrEqual((plan.targetC[centre] ?? 99) + 0.99);
    }
    // One of them decides: it is asked for all that was expected of it.
    const decides = (["breast", "thigh"] as const).some(
      (centre) => Math.abs((goals[centre] ?? 0) - (done.atPull.centresC[centre] ?? 99)) < 0.7,
    );
    expect(decides).toBe(true);
  });

  it("never asks for more than the target itself, whatever bird and heat", () => {
    for (const [species, cut, massKg, method] of [
      ["turkey", "whole", 7, "steady"],
      ["turkey", "spatchcock", 5, "hot-flat"],
      ["chicken", "whole", 1.8, "steady"],
      ["duck", "whole", 2.4, "steady"],
    ] as const) {
      const other = usualPlan({
        bird: { species, cut, massKg, state: "fresh" },
        method,
        serveAt: plan.serveAt,
        zone: "UTC",
      });
      const goals = pullGoalsC(plannedDone(other), other);
      for (const [centre, celsius] of Object.entries(goals)) {
        expect(celsius, `${centre} of a ${cut} ${species}`).toBeLessThanOrEqual(other.targetC[centre as "breast"] ?? 0);
      }
    }
  });

  it("counts what has happened besides the plan: an open door, a piece that left, a spell outside", () => {
    const inAt = "2026-09-27T08:00:00.000Z";
    const at = (minute: number): string => new Date(Date.parse(inAt) + 60_000 * minute).toISOString();
    const happened = {
      inAt,
      doors: [{ at: at(30), openMin: 5 }],
      left: [{ at: at(90), piece: "breast" as const }],
      outs: [{ outAt: at(100), backAt: at(150) }],
    };
    expect(roastOptions({ plan, happened }, {}).events).toEqual([
      { kind: "door", atMin: 100, openMin: 30 },
      { kind: "door", atMin: 30, openMin: 5 },
      { kind: "leave", piece: "breast", atMin: 90 },
    ]);
    expect(roastOptions({ plan, happened: { inAt } }, {})).toEqual(ensembleOptions(plan, {}));
  });

  it("goes in colder where the heat had not been on for long, and no hotter where it had", () => {
    const inAt = "2026-09-27T07:30:00.000Z";
    const startsC = (minutesOn: number): number => {
      const heatOnAt = new Date(Date.parse(inAt) - minutesOn * MINUTE_MS).toISOString();
      return roastOptions({ plan, happened: { heatOnAt, inAt } }, {}).preheatC ?? Number.NaN;
    };
    const { preheatC: plannedC } = ensembleOptions(plan, {});
    expect(startsC(plan.preheat.minutes)).toBe(plannedC);
    expect(startsC(600)).toBe(plannedC);
    expect(startsC(0)).toBe(constant("kitchenC"));
    // Told only after it went in, as it is now known to have: that was not when it was turned on.
    expect(startsC(-5)).toBe(plannedC);
    expect(startsC(plan.preheat.minutes / 2)).toBeCloseTo(((plannedC as number) + constant("kitchenC")) / 2);
    // A cold oven costs minutes, not an hour.
    const doneMin = (minutesOn: number): number =>
      minuteAllShown(
        runMember(
          { ...ensembleOptions(plan, plan.targetC), preheatC: startsC(minutesOn) },
          UNKNOWNS.map(() => 0),
        ),
        plan.targetC,
      );
    const later = doneMin(0) - doneMin(plan.preheat.minutes);
    expect(later).toBeGreaterThan(5);
    expect(later).toBeLessThan(30);
  });

  it("is out when the centre that its cook goes by is carried to its target, whatever the other one shows", () => {
    const targetC = { breast: 70, thigh: 79 };
    const went = (decidedBy?: "breast" | "thigh") => {
      const cook = plannedDone({ ...plan, targetC, ...(decidedBy && { decidedBy }) }, "preview");
      return { ...cook, goalsC: goalsAtPull({ ...plan, targetC, ...(decidedBy && { decidedBy }) }, cook) };
    };
    const [both, breast, thigh] = [went(), went("breast"), went("thigh")];
    expect(both.pullMinute).toBeCloseTo(Math.max(breast.pullMinute, thigh.pullMinute), 0);
    expect(Math.min(breast.pullMinute, thigh.pullMinute)).toBeLessThan(both.pullMinute - 4);
    for (const [cook, centre] of [
      [breast, "breast"],
      [thigh, "thigh"],
    ] as const) {
      const overK = (cook.peak[centre]?.celsius ?? 0) - targetC[centre];
      expect(overK).toBeGreaterThan(0);
      expect(overK).toBeLessThan(4);
      expect(Object.keys(cook.goalsC)).toEqual([centre]);
      expect(Object.keys(bandAsked(plannedInput({ ...plan, targetC, decidedBy: centre }), cook)?.shownC ?? {})).toEqual(
        [centre],
      );
    }
  });

  it("counts on no more carry-over than has been seen (common practice: 3 to 8 K), of pieces that are computed to gain more", () => {
    const mostK = constant("carryOverMostK");
    const gains = (["chicken", "turkey"] as const).flatMap((species) =>
      (["parts", "legs"] as const).map((cut) => {
        const massKg = cut === "parts" ? { chicken: 1.6, turkey: 5.5 }[species] : { chicken: 0.6, turkey: 2 }[species];
        const bird = { species, cut, massKg, state: "fresh" as const };
        const pieces = usualPlan({ bird, method: "hot-flat", serveAt: plan.serveAt, zone: plan.zone });
        const cook = plannedDone(pieces, "preview");
        const goals = goalsAtPull(pieces, cook);
        for (const [centre, target] of Object.entries(pieces.targetC) as ["breast" | "thigh", number][]) {
          expect(cook.atPull.centresC[centre] ?? 0, `${species} ${cut} ${centre}`).toBeGreaterThanOrEqual(
            target - mostK,
          );
          expect(goals[centre] ?? 0, `${species} ${cut} ${centre}`).toBeGreaterThanOrEqual(target - mostK);
        }
        return Math.max(
          ...Object.entries(cook.peak).map(
            ([centre, { celsius }]) => celsius - (cook.atPull.centresC[centre as "breast"] ?? celsius),
          ),
        );
      }),
    );
    // It is such pieces that it is about.
    expect(Math.max(...gains)).toBeGreaterThan(mostK);
  });

  it("takes longer from a cold oven, whose bird goes in with the cold, whatever is known of when it was turned on", () => {
    const cold: Plan = { ...plan, preheat: { minutes: 0, airC: 260 } };
    expect(preheatedC(cold)).toBe(plan.stages[0]?.airC);
    expect(plannedInput(cold).preheatC).toBe(constant("kitchenC"));
    const inAt = "2026-09-27T07:30:00.000Z";
    expect(roastOptions({ plan: cold, happened: { heatOnAt: inAt, inAt } }, {}).preheatC).toBe(constant("kitchenC"));
    const outMin = (each: Plan): number => {
      const cook = drain(plannedCook(plannedInput(each), "preview"));
      return cook.kind === "done" ? cook.pullMinute : Number.NaN;
    };
    const later = outMin(cold) - outMin(plan);
    expect(later).toBeGreaterThan(5);
    expect(later).toBeLessThan(30);
    // A fire burns before anything lies over it.
    expect(plannedInput({ ...cold, heat: "smoker" }).preheatC).toBe(260);
  });

  it("is of what has happened: the oven that was cold, and its door, count before any thermometer is read", () => {
    const inAt = "2026-09-27T07:30:00.000Z";
    const at = (minute: number): string => new Date(Date.parse(inAt) + minute * MINUTE_MS).toISOString();
    expect(roastInput({ plan, happened: { inAt } })).toEqual(plannedInput(plan));
    const happened = {
      inAt,
      heatOnAt: inAt,
      doors: [{ at: at(40), openMin: 10 }],
      outs: [{ outAt: at(90), backAt: at(96) }],
    };
    const input = roastInput({ plan, happened });
    expect(ensembleOf(input, {})).toEqual(roastOptions({ plan, happened }, {}));
    const outMin = (asked: PlannedInput): number => {
      const cook = drain(plannedCook(asked, "preview"));
      return cook.kind === "done" ? cook.pullMinute : Number.NaN;
    };
    const later = outMin(input) - outMin(plannedInput(plan));
    expect(later).toBeGreaterThan(10);
    expect(later).toBeLessThan(60);
  });

  it("takes over what is on the skin, what burns, the weather, and each lifting of the lid to feed it", () => {
    const dressed = ({ fat, paste, bacon }: Pick<Plan["season"], "fat" | "paste" | "bacon">) =>
      plannedInput({ ...plan, season: { ...plan.season, fat, paste, bacon } }).dressing;
    expect(dressed({ fat: "none", paste: true, bacon: true })).toEqual({ oil: false, paste: true, bacon: true });
    for (const fat of FATS) {
      // What goes under the skin, or on once it has coloured, leaves the skin as it is at first.
      expect(dressed({ fat, paste: false, bacon: false })).toEqual({ ...BARE_SKIN, oil: fat === "before" });
    }
    const weather = { airC: -5, windy: true };
    for (const heat of HEAT_SOURCES) {
      for (const fuel of FUELS) {
        const { fire, events } = plannedInput({ ...plan, heat, fuel, weather });
        expect(fire).toEqual(isFire(heat) ? { fuel, weather } : null);
        const fed = events.filter((event) => event.kind === "feed");
        expect(fed.length > 0).toBe(isLidded(heat) && (fuel === "charcoal" || fuel === "wood"));
        expect(fed.every((event) => "atMin" in event && event.atMin % 60 === 0)).toBe(true);
        const options = ensembleOptions({ ...plan, heat, fuel, weather }, { breast: 74 });
        expect(options).toMatchObject({ fire, dressing: plannedInput(plan).dressing, events });
      }
    }
  });

  it("believes what was seen of a fire's draught, unless the fire is known by its own roasts", () => {
    const at = (heat: HeatSource, draught: Draught, learned: KnownOven | null = null) => {
      const oven = learned && { id: "fire", heat, learned };
      return ensembleOptions({ ...plan, heat, draught, oven: oven as Plan["oven"] }, { breast: 74 });
    };
    const convection = (options: EnsembleOptions) => priorOf(options).convection;
    const usual = usualPrior("smoker").convection;
    expect(convection(at("smoker", "usual"))).toEqual(usual);
    expect(convection(at("smoker", "good"))).toEqual({ mean: usual.mean + usual.sd, sd: usual.sd / 2 });
    expect(convection(at("smoker", "weak"))).toEqual({ mean: usual.mean - usual.sd, sd: usual.sd / 2 });
    const known = { along: OVEN_UNKNOWNS.map(() => 0.5), mean: 1, sd: 0.6, roasts: 3 } as unknown as KnownOven;
    for (const draught of DRAUGHTS) {
      expect(at("oven", draught)).toEqual(at("oven", "usual"));
      expect(priorOf(at("smoker", draught, known))).toEqual(priorIn("smoker", known));
    }
  });

  it("waits for the colder side of a pair: a hot side at its left takes as long as one at its right", () => {
    for (const bird of [
      { species: "turkey", cut: "whole", massKg: 6 },
      { species: "chicken", cut: "spatchcock", massKg: 2 },
      { species: "turkey", cut: "legs", massKg: 2.5 },
    ] as const) {
      const towards = (towardsHot: "left" | "right") => {
        const own = usualPlan({
          bird: { ...bird, state: "fresh" },
          method: "steady",
          serveAt: plan.serveAt,
          zone: "UTC",
        });
        const stages = own.stages.map((stage) => ({ ...stage, towardsHot })) as unknown as Plan["stages"];
        const input = plannedInput({ ...own, stages, equipment: { ...own.equipment, hotSideK: 30 } });
        const cook = drain(plannedCook(input, "preview"));
        if (cook.kind !== "done") throw new Error("it gets done");
        const members = drain(runEnsemble(ensembleOf(input, own.targetC), [[]]));
        return { cook, shown: members[0]?.shown };
      };
      const [left, right] = [towards("left"), towards("right")];
      expect(left.cook.pullMinute).toBe(right.cook.pullMinute);
      expect(left.shown?.thigh?.at(-1)).toBeCloseTo(right.shown?.thigh?.at(-1) as number, 6);
      expect(left.shown?.["left thigh"]?.at(-1)).toBeCloseTo(right.shown?.["right thigh"]?.at(-1) as number, 6);
      expect(left.shown?.["left thigh"]?.at(-1)).toBeGreaterThan(left.shown?.thigh?.at(-1) as number);
    }
  });

  it("has no band where it comes out by time alone, and one where it is looked at", () => {
    const finishes = { time: { kind: "time", minutes: 150 }, signs: { kind: "signs" } } as const;
    const [byTime, bySigns] = [finishes.time, finishes.signs].map((finish) => {
      const input = plannedInput({ ...plan, finish: finish as Plan["finish"] });
      const cook = drain(plannedCook(input, "preview"));
      if (cook.kind !== "done") throw new Error("a usual turkey gets there");
      return drain(bandShares(bandAsked(input, cook)));
    });
    expect(byTime).toEqual(BY_TIME);
    expect(bySigns?.p10).toBeLessThan(1);
  });

  it("has a band around its usual bird, not an empty one and not a boundless one", () => {
    const cook = planned("preview");
    const { p10, p50, p90 } = drain(bandShares(bandAsked(plannedInput(plan), cook)));
    expect(p10).toBeLessThan(p50);
    if (p90 === NEVER) throw new Error("a usual turkey gets there");
    expect(p50).toBeLessThan(p90);
    expect(p50).toBeGreaterThan(0.93);
    expect(p50).toBeLessThan(1.07);
    expect((p90 - p10) / 2).toBeLessThan(0.2);
  });

  it("counts the minutes on the counter into the time in the zone where bacteria grow", () => {
    const zoneOf = (counterMin: number) => {
      const cook = drain(plannedCook(plannedInput({ ...plan, season: { ...plan.season, counterMin } }), "settled"));
      if (cook.kind !== "done") throw new Error("a usual turkey gets done");
      return cook.zoneMin.surface;
    };
    expect(zoneOf(60) - zoneOf(0)).toBeGreaterThan(45);
  });

  it("of the day before is cold in time and hot again in 35 to 40 min (common practice) as its timetable tells it, whatever the size", () => {
    for (const [species, massKg] of [
      ["chicken", 1.2],
      ["duck", 2.4],
      ["turkey", 5.8],
      ["turkey", 9],
    ] as const) {
      const bird = { species, cut: "spatchcock", massKg, state: "fresh" } as const;
      const { dayAfter } = plannedDone({ ...usualPlan({ ...plan, bird }), roasted: "day-before" });
      expect(dayAfter?.chill.keepsTheRule, `${massKg} kg`).toBe(true);
      if (dayAfter?.reheat.kind !== "hot") throw new Error("it is hot again");
      expect(dayAfter.reheat.minutes).toBeGreaterThanOrEqual(35 * 0.85);
      expect(dayAfter.reheat.minutes).toBeLessThanOrEqual(40 * 1.15);
    }
  });
});
