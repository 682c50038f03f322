import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { coarseCellM, makeBody } from "../bird/body";
import type { FormChoice } from "../bird/form";
import type { Cover } from "../heat/covers";
import { MILD_DAY } from "../heat/fire";
import { BARE_SKIN, USUAL_OVEN } from "../heat/ovens";
import type { Fuel, HeatSource } from "../heat/sources";
import { LivingBird } from "./bird";
import { type CookDone, type CookOptions, cooking, drain } from "./cook";
import { resting } from "./rest";
import { needsBothHalves, roasting } from "./roast";
import { drying } from "./salting";
import { searing } from "./sear";

const COARSE_M = 0.0125;
const WHOLE: FormChoice = { species: "turkey", cut: "whole" };
const bodyOf = (form: FormChoice, massKg: number, bothHalves = false) =>
  makeBody(form, massKg, coarseCellM(form, COARSE_M), bothHalves);

type Change = Partial<CookOptions> & { form?: FormChoice; massKg?: number; airC?: number };
function cook(change: Change = {}): CookDone {
  const { form = WHOLE, massKg = 5.8, airC = 163, ...options } = change;
  const outcome = drain(
    cooking({
      body: bodyOf(form, massKg),
      startC: 4,
      stages: [{ fromMin: 0, airC }],
      finish: { kind: "until", targetsC: { breast: 74, thigh: 74 } },
      restMin: 30,
      cover: "foil",
      everyMin: 2,
      ...options,
    }),
  );
  if (outcome.kind !== "done") throw new Error(`never met: ${JSON.stringify(outcome)}`);
  return outcome;
}
const minutes = (change: Change = {}): number => cook({ restMin: 0, ...change }).pullMinute;

describe("a cook", () => {
  it("takes longer for a heavier bird and not longer in a hotter oven", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 10, noNaN: true }),
        fc.double({ min: 150, max: 200, noNaN: true }),
        (massKg, airC) => {
          const usual = minutes({ massKg, airC });
          expect(minutes({ massKg: massKg * 1.15, airC })).toBeGreaterThan(usual);
          expect(minutes({ massKg, airC: airC + 15 })).toBeLessThanOrEqual(usual);
        },
      ),
      { numRuns: 6 },
    );
  });

  it("goes by what is on the skin: oil keeps some water in, a paste's water must dry first and its skin browns further", () => {
    const bare = cook();
    const oiled = cook({ dressing: { ...BARE_SKIN, oil: true } });
    const pasted = cook({ dressing: { ...BARE_SKIN, paste: true } });
    expect(oiled.pullMinute).toBeLessThan(bare.pullMinute);
    expect(oiled.pullMinute).toBeGreaterThan(0.9 * bare.pullMinute);
    expect(oiled.vapourLostKg).toBeLessThan(bare.vapourLostKg);
    expect(pasted.pullMinute).toBeGreaterThanOrEqual(bare.pullMinute);
    expect(pasted.pullMinute).toBeLessThan(bare.pullMinute + 6);
    expect(pasted.indices?.browning).toBeGreaterThan(1.2 * (bare.indices?.browning ?? 0));
  });

  it("takes longer at a fire on a cold day, longer in wind, and as long in a kitchen, whatever the weather", () => {
    const at = (source: HeatSource, airC: number, windy: boolean) =>
      minutes({ source, fire: { fuel: "gas", weather: { airC, windy } } });
    for (const source of ["smoker", "covered-grill"] as const) {
      const mild = at(source, 15, false);
      const cold = at(source, -10, false);
      expect(cold).toBeGreaterThan(mild);
      expect(at(source, -10, true)).toBeGreaterThan(cold);
    }
    expect(at("spit", -10, true)).toBe(at("spit", 15, false));
  });

  it("follows what is fed: hourly coals swing its air by a quarter of an hour's time, about the same on average", () => {
    const history = (fuel: Fuel) =>
      cook({ source: "smoker", airC: 150, fire: { fuel, weather: MILD_DAY }, everyMin: 1 }).history.slice(0, 121);
    const [gas, charcoal] = (["gas", "charcoal"] as const).map((fuel) => history(fuel).map(({ airC }) => airC));
    const spread = (airs: readonly number[] = []) => Math.max(...airs.slice(1)) - Math.min(...airs.slice(1));
    const mean = (airs: readonly number[] = []) => airs.reduce((sum, air) => sum + air, 0) / airs.length;
    expect(spread(gas)).toBeLessThan(1);
    expect(spread(charcoal)).toBeGreaterThan(18);
    expect(mean(charcoal)).toBeCloseTo(mean(gas), 0);
  });

  it("waits for warm stuffing that first cools in the cold bird, and takes far longer for it", () => {
    const stuffed = cook({
      form: { ...WHOLE, cavity: "stuffed" },
      fillingC: 50,
      finish: { kind: "until", targetsC: { breast: 74, thigh: 74, filling: 74 } },
    });
    const coolest = Math.min(...stuffed.history.map(({ centresC }) => centresC.filling ?? 99));
    expect(coolest).toBeLessThan(45);
    expect(stuffed.atPull.centresC.filling).toBeGreaterThanOrEqual(74);
    expect(stuffed.pullMinute).toBeGreaterThan(cook().pullMinute + 20);
  });

  it("is quicker flat than whole, quicker in parts than flat, quicker with a fan, slower stuffed and slower from frozen", () => {
    const whole = minutes();
    const flat = minutes({ form: { species: "turkey", cut: "spatchcock" } });
    expect(flat).toBeLessThan(0.9 * whole);
    expect(minutes({ form: { species: "turkey", cut: "parts" } })).toBeLessThan(flat);
    expect(minutes({ source: "fan-oven" })).toBeLessThan(0.85 * whole);
    expect(minutes({ form: { ...WHOLE, cavity: "stuffed" }, fillingC: 45 })).toBeGreaterThan(whole);
    expect(minutes({ form: { ...WHOLE, cavity: "giblets" }, startC: -18 })).toBeGreaterThan(1.4 * whole);
    expect(minutes({ form: { ...WHOLE, legs: "open" } })).toBeLessThanOrEqual(whole);
  });

  it("carries over no more than the energy outside the centre allows", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 9, noNaN: true }),
        fc.double({ min: 150, max: 230, noNaN: true }),
        (massKg, airC) => {
          const { peak, atPull, history, pullMinute } = cook({ massKg, airC, restMin: 60 });
          const hottest = Math.max(...history.filter((point) => point.minute <= pullMinute).map((point) => point.airC));
          const breast = atPull.centresC.breast as number;
          expect(peak.breast?.celsius).toBeGreaterThanOrEqual(breast);
          expect(peak.breast?.celsius).toBeLessThan(hottest);
          expect((peak.breast?.celsius ?? 0) - breast).toBeLessThan(25);
        },
      ),
      { numRuns: 5 },
    );
  });

  it("is pulled so early that the rest just shows the target and its margin at both centres", () => {
    const done = cook({
      finish: { kind: "carried", targetsC: { breast: 74, thigh: 74 }, marginK: () => 1 },
      airC: 200,
    });
    expect(done.atPull.centresC.breast).toBeLessThan(74);
    const lower = Math.min(done.peak.breast?.celsius ?? 0, done.peak.thigh?.celsius ?? 0);
    expect(lower).toBeGreaterThanOrEqual(75);
    expect(lower).toBeLessThan(77.5);
  });

  it("keeps a history that runs forward, roast and rest, whatever the search did in between", () => {
    const { history } = cook({ finish: { kind: "carried", targetsC: { breast: 74, thigh: 74 }, marginK: () => 1 } });
    history.slice(1).forEach((point, n) => {
      const before = history[n] as (typeof history)[number];
      expect(point.minute).toBeGreaterThan(before.minute);
      expect(Math.abs((point.centresC.breast ?? 0) - (before.centresC.breast ?? 0))).toBeLessThan(3);
    });
  });

  it("follows the least done point through the rest, not the skin as it cools", () => {
    const bird = new LivingBird(bodyOf(WHOLE, 5.8), { watched: false });
    bird.startAt(4);
    for (const point of roasting(bird, { stages: [{ fromMin: 0, airC: 163 }], everyMin: 2 })) {
      if (point.minute >= 180) break;
    }
    const { cell } = bird.coldest();
    drain(resting(bird, { minutes: 40, cover: "none" }));
    expect(bird.coldest().cell).toBe(cell);
    expect(bird.solver.coldest().cell).not.toBe(cell);
  });

  it("stays warmer at rest the better it is covered", () => {
    const end = (cover: Cover): number => cook({ cover, restMin: 60 }).atCarve.centresC.breast as number;
    const [bare, foil, towels, box] = (["none", "foil", "towels", "box"] as const).map(end) as [
      number,
      number,
      number,
      number,
    ];
    expect(foil).toBeGreaterThan(bare);
    expect(towels).toBeGreaterThan(foil);
    expect(box).toBeGreaterThan(towels);
  });

  it("goes on from the state a bird is in: a rest after a roast is the cook's own", () => {
    const bird = new LivingBird(bodyOf(WHOLE, 5.8));
    bird.startAt(4);
    for (const point of roasting(bird, { stages: [{ fromMin: 0, airC: 163 }], everyMin: 2 })) {
      if (point.minute >= 120) break;
    }
    const { atEnd } = drain(resting(bird, { minutes: 30, cover: "foil", everyMin: 2 }));
    const same = cook({ finish: { kind: "until", targetsC: {}, timeMin: 120 } });
    expect(atEnd.centresC.breast).toBeCloseTo(same.atCarve.centresC.breast as number, 9);
  });

  it("says what was highest, and why, when the oven never gets there", () => {
    const outcome = drain(
      cooking({
        body: bodyOf(WHOLE, 6),
        startC: 4,
        stages: [{ fromMin: 0, airC: 65 }],
        finish: { kind: "until", targetsC: { breast: 74 } },
        restMin: 0,
        cover: "none",
        everyMin: 10,
      }),
    );
    expect(outcome).toMatchObject({ kind: "never-met", centre: "breast", targetC: 74 });
    expect(outcome.kind === "never-met" && outcome.highestC).toBeLessThan(65);
  });

  it("refuses numbers the model was not made for, and targets the bird has no centre for", () => {
    expect(() => cook({ startC: Number.NaN })).toThrow("start temperature: got NaN");
    expect(() => cook({ restMin: -1 })).toThrow("rest: got -1");
    expect(() => cook({ airC: 900 })).toThrow("oven temperature: got 900, allowed: 60 to 320 °C");
    expect(() => cook({ birds: 9 })).toThrow("birds in the oven: got 9");
    expect(() => cook({ form: { species: "turkey", cut: "crown" }, massKg: 3 })).toThrow(
      "target: got thigh, allowed: breast",
    );
  });
});

describe("the solver under a cook", () => {
  it("closes its energy balance to 0.1 %: shield, stone, wrap, turned over, from frozen, at rest", () => {
    const bird = new LivingBird(bodyOf({ ...WHOLE, cavity: "giblets" }, 5));
    bird.startAt(-18);
    const before = bird.solver.heatJ();
    const stages = [
      { fromMin: 0, airC: 220, shield: "breast" as const, surface: "hot-stone" as const },
      { fromMin: 40, airC: 160, shield: "none" as const, wrap: "foil" as const, side: "down" as const },
    ];
    for (const point of roasting(bird, { stages, everyMin: 2 })) if (point.minute >= 90) break;
    drain(resting(bird, { minutes: 30, cover: "towels" }));
    expect((bird.solver.heatJ() - before) / bird.solver.heatInJ).toBeCloseTo(1, 3);
    expect(bird.solver.temperatureC.every(Number.isFinite)).toBe(true);
  });

  it("gives the same on the whole grid as on a half, and the same left and right", () => {
    const roasted = (bothHalves: boolean): LivingBird => {
      const bird = new LivingBird(bodyOf(WHOLE, 5, bothHalves), { watched: false });
      bird.startAt(4);
      for (const point of roasting(bird, { stages: [{ fromMin: 0, airC: 180 }], everyMin: 5 })) {
        if (point.minute >= 60) break;
      }
      return bird;
    };
    const [half, whole] = [roasted(false), roasted(true)];
    for (const centre of ["breast", "thigh"] as const) {
      expect(Math.abs(whole.centreC(centre) - half.centreC(centre))).toBeLessThan(0.2);
    }
    const { nx, tissue } = whole.body.unit.grid;
    let worst = 0;
    tissue.forEach((kind, cell) => {
      if (kind === 255) return;
      const mirror = cell - (cell % nx) + (nx - 1 - (cell % nx));
      const gap = (whole.solver.temperatureC[cell] as number) - (whole.solver.temperatureC[mirror] as number);
      worst = Math.max(worst, Math.abs(gap));
    });
    // A ray that grazes a cell's edge may be rounded to either side.
    expect(worst).toBeLessThan(0.5);
  });

  it("comes closer with a finer grid", () => {
    const at = (cellM: number): number => {
      const outcome = drain(
        cooking({
          body: makeBody(WHOLE, 5.8, cellM),
          startC: 4,
          stages: [{ fromMin: 0, airC: 163 }],
          finish: { kind: "until", targetsC: {}, timeMin: 100 },
          restMin: 0,
          cover: "none",
          everyMin: 4,
          watched: false,
        }),
      );
      return outcome.kind === "done" ? (outcome.atPull.centresC.breast as number) : Number.NaN;
    };
    const finest = at(0.006);
    expect(Math.abs(at(0.008) - finest)).toBeLessThan(Math.abs(at(0.014) - finest) + 0.05);
    expect(Math.abs(at(0.008) - finest)).toBeLessThan(1);
  });
});

describe("what a cook does to the heat", () => {
  const shielded = (shield: "none" | "breast" | "all") =>
    cook({ stages: [{ fromMin: 0, airC: 163, shield }], restMin: 0 });
  const at = (change: Change): CookDone =>
    cook({ finish: { kind: "until", targetsC: {}, timeMin: 120 }, restMin: 0, ...change });
  const breastAt = (change: Change): number => at(change).atPull.centresC.breast as number;
  const plain = { stages: [{ fromMin: 0, airC: 163 }] };

  it("a shield holds the breast back and leaves the legs alone; foil over all holds back both", () => {
    const stage = (shield: "none" | "breast" | "all") =>
      at({ stages: [{ fromMin: 0, airC: 163, shield }] }).atPull.centresC;
    const [bare, breast, all] = [stage("none"), stage("breast"), stage("all")];
    expect(breast.breast).toBeLessThan((bare.breast as number) - 1);
    expect(Math.abs((breast.thigh as number) - (bare.thigh as number))).toBeLessThan(1);
    expect(all.thigh).toBeLessThan((bare.thigh as number) - 1);
    expect(shielded("breast").pullMinute).toBeGreaterThan(shielded("none").pullMinute);
  });

  it("a tight wrap takes it past the stall of low smoke: no more cooling by evaporation", () => {
    const smoke = { source: "smoker", massKg: 5.8 } as const;
    const bare = breastAt({
      ...smoke,
      stages: [{ fromMin: 0, airC: 120 }],
      finish: { kind: "until", targetsC: {}, timeMin: 240 },
    });
    const wrapped = breastAt({
      ...smoke,
      stages: [
        { fromMin: 0, airC: 120 },
        { fromMin: 120, airC: 120, wrap: "foil" },
      ],
      finish: { kind: "until", targetsC: {}, timeMin: 240 },
    });
    expect(wrapped).toBeGreaterThan(bare + 0.5);
  });

  it("a stage may wait for a temperature instead of a time", () => {
    const { history } = cook({
      stages: [
        { fromMin: 0, airC: 220 },
        { fromMin: 0, when: { centre: "breast", reachesC: 50 }, airC: 140 },
      ],
    });
    const turned = history.find((point) => (point.centresC.breast as number) >= 50);
    const before = history.filter((point) => point.minute < (turned?.minute ?? 0) - 10 && point.minute > 15);
    expect(Math.min(...before.map((point) => point.airC))).toBeGreaterThan(205);
    expect(history.filter((point) => point.minute > (turned?.minute ?? 0) + 40)[0]?.airC).toBeLessThan(150);
  });

  it("stands free on a stand: sooner done than on a rack over a tray, by its thigh most; what is no whole bird cannot stand", () => {
    const on = (surface: "rack" | "stand", cut: "whole" | "spatchcock" = "whole") =>
      cook({ form: { species: "chicken", cut }, massKg: 2, stages: [{ fromMin: 0, airC: 180, surface }] });
    const [rack, stand] = [on("rack"), on("stand")];
    expect(stand.pullMinute).toBeLessThan(rack.pullMinute - 4);
    const gap = ({ atPull: { centresC } }: CookDone): number => (centresC.thigh ?? 0) - (centresC.breast ?? 0);
    expect(gap(stand)).toBeGreaterThan(gap(rack));
    expect(on("stand", "spatchcock").history).toEqual(on("rack", "spatchcock").history);
  });

  it("an opened door costs time, basting every half hour more, and neither is free", () => {
    const usual = breastAt(plain);
    const doors = breastAt({
      ...plain,
      events: [
        { kind: "door", atMin: 40, openMin: 3 },
        { kind: "door", atMin: 80, openMin: 3 },
      ],
    });
    const basted = breastAt({
      ...plain,
      events: [30, 60, 90].map((atMin) => ({ kind: "baste" as const, atMin })),
    });
    expect(doors).toBeLessThan(usual);
    expect(basted).toBeLessThan(usual);
  });

  it("fat that comes later than before the heat and sooner than never helps by so much; in a wrap only where it came with that", () => {
    const warm = (events: CookOptions["events"] = [], oil = false, stages = plain.stages): number =>
      breastAt({ ...plain, stages, dressing: { ...BARE_SKIN, oil }, events });
    const oiledAt = (atMin: number) => [{ kind: "oil", atMin }] as const;
    expect(warm([], true)).toBeGreaterThan(warm(oiledAt(20)));
    expect(warm(oiledAt(20))).toBeGreaterThan(warm(oiledAt(60)));
    // A door that is opened for it late costs more than it brings.
    expect(warm(oiledAt(20))).toBeGreaterThan(warm());
    const wrapped = [
      { fromMin: 0, airC: 163 },
      { fromMin: 60, airC: 163, wrap: "foil" as const },
    ];
    const unwrapped = [...wrapped, { fromMin: 70, airC: 163, wrap: "none" as const }];
    expect(warm(oiledAt(60), false, unwrapped)).toBeGreaterThan(warm([], false, unwrapped));
    // Too late for the wrap, it waits until that is off.
    expect(warm(oiledAt(61), false, wrapped)).toBe(warm([], false, wrapped));
    expect(warm(oiledAt(61), false, unwrapped)).not.toBe(warm([], false, unwrapped));
  });

  it("nothing is spooned over a glaze", () => {
    const glaze = { kind: "glaze", atMin: 40 } as const;
    const baste = (atMin: number) => ({ kind: "baste", atMin }) as const;
    const warm = (events: CookOptions["events"] = []): number => breastAt({ ...plain, events });
    expect(warm([glaze, baste(60), baste(80)])).toBe(warm([glaze]));
    expect(warm([baste(20), glaze])).toBeLessThan(warm([glaze]));
  });

  it("a hand at an open spit lets no heat out, as one does that opens a door or a lid", () => {
    const events = [20, 40, 60].map((atMin) => ({ kind: "baste" as const, atMin }));
    const coolest = (source: HeatSource): number =>
      Math.min(...at({ ...plain, source, events }).history.map(({ airC }) => airC));
    expect(coolest("spit")).toBeGreaterThan(160);
    for (const source of ["oven", "covered-grill", "smoker"] as const) expect(coolest(source)).toBeLessThan(150);
  });

  it("breast down the breast is the slower, and turning midway lies in between", () => {
    const up = breastAt(plain);
    const down = breastAt({ stages: [{ fromMin: 0, airC: 163, side: "down" }] });
    const turned = breastAt({
      stages: [
        { fromMin: 0, airC: 163, side: "down" },
        { fromMin: 60, airC: 163, side: "up" },
      ],
    });
    expect(down).toBeLessThan(up - 1);
    expect(turned).toBeGreaterThan(down);
    expect(turned).toBeLessThan(up);
  });

  it("a hot stone heats what lies on it sooner than a rack does", () => {
    const thigh = (surface: "rack" | "deep-pan" | "hot-stone" | "vegetables"): number =>
      at({ stages: [{ fromMin: 0, airC: 220, surface }], finish: { kind: "until", targetsC: {}, timeMin: 60 } }).atPull
        .centresC.thigh as number;
    expect(thigh("hot-stone")).toBeGreaterThan(thigh("rack") + 1);
    expect(thigh("vegetables")).toBeLessThan(thigh("hot-stone"));
    // Between high walls less gets at the legs than over a low tray.
    expect(thigh("deep-pan")).toBeLessThan(thigh("rack") - 0.2);
  });

  it("two birds in one oven take longer than one, and the whole grid is solved for them", () => {
    const two = { ...plain, birds: 2 };
    expect(needsBothHalves(two)).toBe(true);
    const outcome = drain(
      cooking({
        body: bodyOf(WHOLE, 5.8, true),
        startC: 4,
        ...two,
        finish: { kind: "until", targetsC: {}, timeMin: 120 },
        restMin: 0,
        cover: "none",
        everyMin: 2,
      }),
    );
    expect(outcome.kind === "done" && outcome.atPull.centresC.breast).toBeLessThan(breastAt(plain));
  });

  it("a hot side warms the half that faces it, left and right", () => {
    const bird = new LivingBird(bodyOf(WHOLE, 5.8, true), { watched: false });
    bird.startAt(4);
    const traits = { ...USUAL_OVEN, hotSideK: 40 };
    const options = { stages: [{ fromMin: 0, airC: 163, towardsHot: "right" as const }], traits, everyMin: 5 };
    expect(needsBothHalves(options)).toBe(true);
    for (const point of roasting(bird, options)) if (point.minute >= 90) break;
    const { nx } = bird.body.unit.grid;
    const mean = (right: boolean): number => {
      let sum = 0;
      let count = 0;
      bird.body.unit.grid.tissue.forEach((tissue, cell) => {
        if (tissue === 255 || cell % nx > nx / 2 - 1 !== right) return;
        sum += bird.solver.temperatureC[cell] as number;
        count++;
      });
      return sum / count;
    };
    expect(mean(true)).toBeGreaterThan(mean(false) + 2);
  });

  it("pieces leave one by one, and what has left cools while the rest goes on", () => {
    const { history } = cook({
      form: { species: "chicken", cut: "parts" },
      massKg: 1.8,
      stages: [{ fromMin: 0, airC: 180 }],
      events: [{ kind: "leave", piece: "breast", when: { centre: "breast", reachesC: 66 } }],
      finish: { kind: "until", targetsC: { thigh: 80 } },
      restMin: 0,
    });
    const last = history.at(-1);
    const breast = history.map((point) => point.centresC.breast as number);
    expect(last?.centresC.thigh).toBeGreaterThanOrEqual(80);
    expect(Math.max(...breast)).toBeGreaterThan(66);
    expect(last?.centresC.breast).toBeLessThan(Math.max(...breast));
  });

  it("a sear browns a boneless piece before the oven, and refuses a bird that does not lie in a pan", () => {
    const form = { species: "chicken", cut: "boneless-breast" } as const;
    const seared = new LivingBird(bodyOf(form, 0.35));
    seared.startAt(4);
    drain(searing(seared, { panC: 220, minutesPerSide: 4 }));
    expect(seared.indices()?.browning).toBeGreaterThan(0);
    expect(seared.solver.surface.hottestFrontC()).toBeGreaterThan(60);
    const whole = new LivingBird(bodyOf(WHOLE, 5.8));
    whole.startAt(4);
    expect(() => drain(searing(whole, { panC: 220, minutesPerSide: 4 }))).toThrow("cut to sear in a pan: got whole");
    expect(() => drain(searing(seared, { panC: 900, minutesPerSide: 4 }))).toThrow("pan temperature: got 900");
  });
});

describe("what the heat has done", () => {
  it("keeps less juice the hotter the end, browns more in a hotter oven, and makes the leg tender with time", () => {
    const low = cook({ finish: { kind: "until", targetsC: { breast: 64 } }, restMin: 0 }).indices;
    const high = cook({ finish: { kind: "until", targetsC: { breast: 80 } }, restMin: 0 }).indices;
    expect(low?.juicesKept.breast).toBeGreaterThan((high?.juicesKept.breast ?? 1) + 0.05);
    expect(high?.legTenderMin).toBeGreaterThan(low?.legTenderMin ?? 0);
    expect(cook({ airC: 220, restMin: 0 }).indices?.browning).toBeGreaterThan(
      cook({ restMin: 0 }).indices?.browning ?? 9,
    );
    expect(high?.fatRendered).toBeUndefined();
  });

  it("renders a duck's fat more the longer it roasts", () => {
    const duck = (timeMin: number) =>
      cook({
        form: { species: "duck", cut: "whole" },
        massKg: 2.4,
        finish: { kind: "until", targetsC: {}, timeMin },
        restMin: 0,
      }).indices?.fatRendered ?? Number.NaN;
    expect(duck(60)).toBeGreaterThan(0);
    expect(duck(120)).toBeGreaterThan(duck(60) + 0.1);
    expect(duck(120)).toBeLessThan(1);
  });

  it("sums the time in the growth zone at the coldest point and on the skin, thaw and salting left out", () => {
    const { zoneMin, history, pullMinute } = cook({ restMin: 0 });
    const inZone = history.filter(({ coldestC, minute }) => minute > 0 && coldestC > 4.1 && coldestC < 60).length * 2;
    expect(zoneMin.coldest).toBeCloseTo(inZone, 6);
    expect(zoneMin.coldest).toBeLessThan(pullMinute);
    expect(zoneMin.surface).toBeLessThan(zoneMin.coldest);
    const chilled = new LivingBird(bodyOf(WHOLE, 5.8), { watched: false });
    chilled.startAt(4);
    drain(drying(chilled, { hours: 12, fridgeC: 4 }));
    expect(chilled.zoneMin).toEqual({ coldest: 0, surface: 0 });
  });

  it("counts lethality at the least killed cell of all, never above that of a thermal centre", () => {
    const bird = new LivingBird(bodyOf(WHOLE, 4));
    const done = drain(
      cooking({
        body: bird,
        startC: 4,
        stages: [{ fromMin: 0, airC: 163 }],
        finish: { kind: "until", targetsC: { breast: 68, thigh: 68 } },
        restMin: 30,
        cover: "foil",
        everyMin: 2,
      }),
    );
    expect(done.kind === "done" && done.logReduction).toBeGreaterThan(0);
    expect(done.kind === "done" && done.logReduction).toBeLessThanOrEqual(
      Math.max(...(bird.watch?.logReduction ?? [])),
    );
  });
});
