/** What the plan's own terms do to its simulation: when it leaves the heat, how it rests, what is done to it before. */
import { describe, expect, it } from "vitest";
import { plannedDone } from "../../tests/helpers/plannedDone";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { HEAT_SOURCES, SOURCE_TRAITS } from "../heat/sources";
import type { Plan } from "../plan/schema";
import { targetsFor } from "../plan/targets";
import { usualPlan } from "../plan/usualPlan";
import { BROWNING_AT } from "../processes/conditions";
import { drain } from "../processes/cook";
import { runEnsemble, runMember } from "./ensemble";
import { minuteAllShown } from "./member";
import { type PictureQuality, type PlannedDone, pullGoalsC } from "./planned";
import { ensembleOptions } from "./plannedInput";
import { priorDraws } from "./prior";
import { quantiles } from "./shares";

const { plan } = sampleRoast();

const planned = (change: Partial<Plan>, quality?: PictureQuality): PlannedDone =>
  plannedDone({ ...plan, ...change }, quality);

describe("a plan in its cook's own terms", () => {
  it("leaves the heat when it shows its targets, not sooner than where the rest takes it there", () => {
    const [rested, shown] = [planned({}), planned({ finish: { kind: "at-pull" } })];
    expect(shown.pullMinute).toBeGreaterThanOrEqual(rested.pullMinute);
    for (const [centre, celsius] of Object.entries(plan.targetC)) {
      expect(shown.atPull.centresC[centre as "breast"]).toBeGreaterThanOrEqual(celsius - 0.01);
    }
    expect(pullGoalsC(shown, { targetC: plan.targetC, finish: { kind: "at-pull" } })).toEqual(plan.targetC);
  });

  it("leaves it by the clock where that is what was said, done or not", () => {
    expect(planned({ finish: { kind: "time", minutes: 45 } }).pullMinute).toBeCloseTo(45, 6);
    expect(planned({ finish: { kind: "time", minutes: 45 } }).peak.breast?.celsius).toBeLessThan(
      plan.targetC.breast ?? 0,
    );
  });

  it("rests as long as was asked: cooler at the end of a longer rest", () => {
    const [short, long] = [planned({ restMin: 15 }), planned({ restMin: 90 })];
    expect(long.atCarve.minute - long.pullMinute).toBeCloseTo(90, 6);
    expect(long.atCarve.centresC.breast).toBeLessThan(short.atCarve.centresC.breast ?? 0);
  });

  it("goes into an oven that was preheated hotter, and is done a little sooner", () => {
    const hot = planned({ preheat: { minutes: 60, airC: 280 } }).pullMinute;
    expect(hot).toBeLessThan(planned({}).pullMinute);
    expect(hot).toBeGreaterThan(0.85 * planned({}).pullMinute);
  });

  it("is sooner done and browner where a boned breast was seared first", () => {
    const boned = usualPlan({
      bird: { species: "turkey", cut: "boneless-breast", massKg: 1.5, state: "fresh" },
      method: "steady",
      serveAt: plan.serveAt,
      zone: "UTC",
    });
    const [raw, seared] = [planned(boned), planned({ ...boned, sear: { panC: 220, minutesPerSide: 4 } })];
    expect(seared.pullMinute).toBeLessThan(raw.pullMinute);
    expect(seared.indices?.browning).toBeGreaterThan(raw.indices?.browning ?? 0);
  });

  it("changes its heat by colour when the simulated skin has come so far", () => {
    const stages: Plan["stages"] = [
      { fromMin: 0, airC: 230 },
      { fromMin: 10, when: { colour: "first-gold" }, airC: 150 },
    ];
    const { history } = planned({ stages });
    const gold = history.findIndex(({ browning = 0 }) => browning >= BROWNING_AT["first-gold"]);
    expect(gold).toBeGreaterThan(3);
    expect(history[gold]?.airC).toBeGreaterThan(215);
    expect(history[gold + 4]?.airC).toBeLessThan(200);
  });

  it("has its breast held back by bacon, less where it comes off in time", () => {
    const bacon = { ...plan.season, bacon: true };
    const off = { atMin: 30 };
    const breastAt = ({ history }: PlannedDone): number =>
      history.find(({ minute }) => minute >= 90)?.centresC.breast ?? Number.NaN;
    const [bare, on, once] = [
      planned({}),
      planned({ season: bacon }),
      planned({ season: { ...bacon, baconOff: off } }),
    ];
    expect(breastAt(on)).toBeLessThan(breastAt(bare));
    expect(breastAt(once)).toBeGreaterThan(breastAt(on));
  });

  it("is known to the ensemble with its sear, its hotter oven, its bacon, and a weight that may be off", () => {
    const pull = (change: Partial<Plan>) => {
      const options = ensembleOptions({ ...plan, ...change }, { breast: 65 });
      const members = drain(runEnsemble(options, priorDraws(9)));
      return quantiles(members.map((member) => minuteAllShown(member, { breast: 65 })));
    };
    const usual = pull({});
    expect(pull({ preheat: { minutes: 60, airC: 290 } }).p50).toBeLessThan(usual.p50);
    expect(pull({ season: { ...plan.season, bacon: true } }).p50).toBeGreaterThan(usual.p50);
    const unsure = pull({ bird: { ...plan.bird, massOffKg: 2 } });
    expect(unsure.p90 - unsure.p10).toBeGreaterThan(usual.p90 - usual.p10);
    const boned = { ...plan, bird: { ...plan.bird, cut: "boneless-breast", massKg: 1.5 } as const };
    expect(pull({ ...boned, sear: { panC: 240, minutesPerSide: 5 } }).p50).toBeLessThan(pull(boned).p50);
  });

  it("takes longer with stuffing from the fridge than with warm stuffing", () => {
    const bird = { ...plan.bird, cut: "whole", cavity: "stuffed" } as const;
    const stuffed = (stuffing: "cold" | "warm"): number =>
      planned({ bird, targetC: targetsFor({ bird, equipment: plan.equipment }), season: { ...plan.season, stuffing } })
        .pullMinute;
    expect(stuffed("cold")).toBeGreaterThan(stuffed("warm"));
  });

  it("is later done with others in its oven, grill or smoker than alone; what lies flat, which they do not shade, hardly sooner", () => {
    for (const [species, cut, boughtKg] of [
      ["turkey", "whole", 6],
      ["chicken", "whole", 1.8],
      ["chicken", "spatchcock", 2.2],
      ["duck", "whole", 2.3],
      ["turkey", "legs", 2.5],
    ] as const) {
      for (const source of HEAT_SOURCES.filter((each) => SOURCE_TRAITS[each].cuts.includes(cut))) {
        const minutes = [1, 2, 3, 4].map((birds) => {
          const shownC = cut === "legs" ? { thigh: 74 } : { breast: 72, thigh: 74 };
          const options = { form: { species, cut }, boughtKg, startC: 4, stages: [{ fromMin: 0, airC: 170 }], source };
          return minuteAllShown(runMember({ ...options, shownC, birds }, []), shownC);
        });
        const [alone = 0, ...more] = minutes;
        // The moister air of an oven with many birds takes back some of what they take from one another.
        for (const each of more)
          expect(each / alone, `${species}, ${cut}, ${source}: ${minutes}`).toBeGreaterThan(0.92);
        if (cut === "whole") expect(minutes[2], `${species}, ${source}: ${minutes}`).toBeGreaterThan(1.02 * alone);
      }
    }
  });

  it("holds the salt that is injected besides: two fifths of a per cent more", () => {
    const salt = { ...plan.salt, method: "brine", saltHours: 12, dryHours: 0 } as const;
    const [brined, both] = [
      planned({ salt }, "settled"),
      planned({ salt: { ...salt, injectPercent: 0.4 } }, "settled"),
    ].map(({ saltPercent }) => saltPercent ?? 0) as [number, number];
    // Of the bird as bought; some of it goes out into the bath again.
    expect(both - brined).toBeGreaterThan(0.2);
    expect(both - brined).toBeLessThan(0.5);
  });

  it("is not basted inside its wrap", () => {
    const stages = [{ fromMin: 0, airC: 200, wrap: "foil" as const }];
    const basted = { ...plan.season, basteEveryMin: 10 };
    expect(planned({ stages, season: basted }).pullMinute).toBeCloseTo(planned({ stages }).pullMinute, 9);
  });
});
