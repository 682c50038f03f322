import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { coarseCellM, makeBody } from "../bird/body";
import type { FormChoice } from "../bird/form";
import { sizeOf } from "../bird/size";
import { THAW_TABLE } from "../kitchen/thaw";
import { KG_PER_POUND } from "../units/quantity";
import { LivingBird } from "./bird";
import { drain } from "./cook";
import type { ThawPlace } from "./ice";
import { type BeforeOven, beforeOven, thawHours, thawingSizeCm } from "./life";
import { drying, equilibriumPercent, type SaltingMethod, salting } from "./salting";
import { iceShareOf, thawing } from "./thaw";
import { chilling, reheating, Tray } from "./tray";

const CHICKEN: FormChoice = { species: "chicken", cut: "whole" };
const bird = (form = CHICKEN, massKg = 1.8, cell = 0.0125): LivingBird => {
  const made = new LivingBird(makeBody(form, massKg, coarseCellM(form, cell)), { watched: false });
  made.startAt(4);
  return made;
};

describe("thawing", () => {
  const hours = (massKg: number, medium: "fridge" | "water", mediumC: number): number => {
    const frozen = bird(CHICKEN, massKg);
    frozen.startAt(-18);
    const done = drain(thawing(frozen, { medium, mediumC }));
    if (done.kind !== "thawed") throw new Error("still frozen");
    expect(frozen.solver.coldest().celsius).toBeGreaterThanOrEqual(-1.05);
    return done.hours;
  };

  it("takes longer for a heavier bird, longer in a colder fridge, and far less in water", () => {
    const usual = hours(1.8, "fridge", 4);
    expect(hours(2.6, "fridge", 4)).toBeGreaterThan(usual);
    expect(hours(1.8, "fridge", 2)).toBeGreaterThan(usual);
    expect(hours(1.8, "water", 10)).toBeLessThan(usual / 4);
  });

  it("keeps its energy balance through the ice, and its surface cool in the fridge", () => {
    const frozen = bird();
    frozen.startAt(-18);
    const before = frozen.solver.heatJ();
    const done = drain(thawing(frozen, { medium: "fridge", mediumC: 4 }));
    expect((frozen.solver.heatJ() - before) / frozen.solver.heatInJ).toBeCloseTo(1, 3);
    expect(done).toMatchObject({ kind: "thawed", surfaceWarmMin: 0 });
  });

  it("says so when the medium is too cold to end it", () => {
    const frozen = bird();
    frozen.startAt(-18);
    expect(drain(thawing(frozen, { medium: "fridge", mediumC: 3, longestMin: 12 * 60 }))).toMatchObject({
      kind: "still-frozen",
      afterHours: 12,
    });
    const cold = bird();
    cold.startAt(-18);
    expect(drain(thawing(cold, { medium: "fridge", mediumC: -1.5, longestMin: 3 * 24 * 60 }))).toMatchObject({
      kind: "still-frozen",
      afterHours: 72,
    });
    const settled = bird();
    settled.startAt(-18);
    const done = drain(thawing(settled, { medium: "fridge", mediumC: -2 }));
    // Said when the bird takes up no more heat, not after the longest time there is.
    expect(done).toMatchObject({ kind: "still-frozen" });
    expect(done.kind === "still-frozen" && done.afterHours).toBeLessThan(10 * 24);
    expect(() => drain(thawing(bird(), { medium: "water", mediumC: 40 }))).toThrow(
      "water temperature: got 40, allowed: 0 to 21 °C",
    );
    expect(() => drain(thawing(bird(), { medium: "fridge", mediumC: Number.NaN }))).toThrow("got NaN");
  });
});

describe("salting", () => {
  const run = (method: SaltingMethod, saltKg: number, hours: number, waterKg?: number) => {
    const made = bird();
    const done = drain(salting(made, { method, saltKg, hours, fridgeC: 4, ...(waterKg !== undefined && { waterKg }) }));
    return { made, ...done };
  };

  it("never makes or loses salt: what is in the meat, on it and in the bath is what was given", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          ["dry", 0.018, undefined] as const,
          ["brine", 0.2, 3.5] as const,
          ["equilibrium", 0.06, 3.5] as const,
          ["injection", 0.018, 0.2] as const,
        ),
        fc.integer({ min: 2, max: 40 }),
        ([method, saltKg, waterKg], hours) => {
          const { made, leftKg } = run(method, saltKg, hours, waterKg);
          expect(made.salt.saltKg() * made.salt.copies + leftKg).toBeCloseTo(saltKg, 6);
          expect(Math.min(...made.salt.contentKgPerM3)).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 8 },
    );
  });

  it("goes in by millimetres: the outer centimetre long before the middle, and more with time", () => {
    const day = run("dry", 0.018, 24).shares;
    expect(day.surfaceCm).toBeGreaterThan(day.whole);
    expect(day.breastCentre).toBeLessThan(0.2 * day.surfaceCm);
    expect(run("dry", 0.018, 48).shares.breastCentre).toBeGreaterThan(day.breastCentre ?? 1);
  });

  it("takes up more from a stronger brine, and a brine grows weaker as it gives", () => {
    const weak = run("brine", 0.1, 6, 3.5);
    const strong = run("brine", 0.25, 6, 3.5);
    expect(strong.shares.whole).toBeGreaterThan(weak.shares.whole);
    expect(strong.brinePercent).toBeLessThan((100 * 0.25) / 3.75);
  });

  it("comes to the balance of salt over all the water there is, given enough time", () => {
    // Worked example: 1.7 kg of meat with 1.2 kg of water in 3.5 kg of water with 60 g: 12.8 g/kg everywhere, 0.9 % of the meat.
    expect(equilibriumPercent(1.7, 1.2, 0.06, 3.5)).toBeCloseTo(0.901, 2);
    const made = bird({ species: "chicken", cut: "boneless-breast" }, 0.2);
    const water = made.salt.meatWaterKg() * made.salt.copies;
    for (let n = 0; n < 12; n++) {
      made.salt.advance(
        96 * 3600,
        () => 0.02,
        () => undefined,
      );
    }
    expect((made.salt.saltKg() * made.salt.copies) / water).toBeCloseTo(0.02, 3);
  });

  it("goes on spreading while the skin dries", () => {
    const { made } = run("dry", 0.018, 24);
    const before = made.salt.shares();
    drain(drying(made, { hours: 24, fridgeC: 4 }));
    const after = made.salt.shares();
    expect(after.whole).toBeCloseTo(before.whole, 9);
    expect(after.surfaceCm).toBeLessThan(before.surfaceCm);
    expect(made.vapourLostKg()).toBeGreaterThan(0);
  });

  it("refuses what cannot be, by name", () => {
    expect(() => run("brine", 0.1, 6, 0.1)).toThrow("water for the brine: got 0.1");
    expect(() => run("dry", 5, 6)).toThrow("salt: got");
    expect(() => run("dry", 0.018, Number.NaN)).toThrow("salting time: got NaN");
  });
});

describe("a life up to the oven", () => {
  const before: BeforeOven = {
    iceShare: 1,
    thawIn: "water",
    fridgeC: 4,
    tapWaterC: 12,
    saltedPercent: 0,
    salting: { method: "dry", saltKg: 0.018, waterKg: 0, hours: 12 },
    dryHours: 12,
    counterMin: 0,
  };
  const life = (change: Partial<BeforeOven> = {}) => drain(beforeOven(CHICKEN, 1.8, { ...before, ...change }, "cuts"));

  it("ends alike however much of it is pictured, and keeps no more than that", () => {
    const [none, cuts, solid] = ([null, "cuts", "solid"] as const).map((pictured) =>
      drain(beforeOven(CHICKEN, 1.8, before, pictured)),
    );
    for (const each of [cuts, solid]) {
      expect(each?.salt).toEqual(none?.salt);
      expect(each?.bird.solver.temperatureC).toEqual(none?.bird.solver.temperatureC);
    }
    expect(none?.frames).toEqual([]);
    expect(cuts?.frames.every(({ volume }) => volume === undefined)).toBe(true);
    expect(solid?.frames.map(({ volume: _, ...rest }) => rest)).toEqual(cuts?.frames);
    expect(solid?.frames.every(({ volume }) => (volume?.length ?? 0) > 0)).toBe(true);
  });

  it("is one bird's: thaw, salt and dry in turn, in pictures that run forward", () => {
    const { frames, salt } = life();
    expect([...new Set(frames.map(({ phase }) => phase))]).toEqual(["thaw", "salt", "dry"]);
    expect(frames[0]?.coldestC).toBeLessThan(-15);
    expect(frames.at(-1)?.coldestC).toBeGreaterThan(2);
    expect(salt.whole).toBeGreaterThan(0.7);
    expect(salt.whole).toBeLessThan(1.1);
  });

  it("hands its temperatures and its salt to a finer bird of the same kind", () => {
    const { bird: lived, salt } = life();
    const finer = bird(CHICKEN, 1.8, 0.009);
    finer.takeOver(lived);
    expect(finer.centreC("breast")).toBeCloseTo(lived.centreC("breast"), 1);
    expect(finer.salt.shares().whole).toBeCloseTo(salt.whole, 6);
    expect(finer.indices()).toBeUndefined();
  });

  it("starts a bird that was sold salted with its salt", () => {
    const { salt } = life({ iceShare: 0, saltedPercent: 0.8, salting: null });
    expect(salt.whole).toBeCloseTo(0.8, 6);
  });

  it("takes up salt from the brine it thaws in, and goes on in it until its time is up", () => {
    const salting = { method: "brine", saltKg: 0.12, waterKg: 1.9, hours: 30 } as const;
    const { frames, salt } = life({ thawIn: "brine", salting, dryHours: 0 });
    expect([...new Set(frames.map(({ phase }) => phase))]).toEqual(["thaw", "salt"]);
    const thawed = frames.findLast(({ phase }) => phase === "thaw");
    expect(thawed?.coldestC).toBeGreaterThan(-1.5);
    expect(salt.whole).toBeGreaterThan(0.2);
    // No more than brine and meat hold in balance.
    expect(salt.whole).toBeLessThan((100 * 0.12) / (1.9 + 1.8 * 0.6));
  });

  it("goes in with its ice when nothing thaws it, and warms on the counter when it stands there", () => {
    const ice = life({ iceShare: 0.2, thawIn: "none", salting: null, dryHours: 0 });
    expect(ice.bird.solver.coldest().celsius).toBeLessThan(-0.8);
    expect(iceShareOf(ice.bird)).toBeLessThan(0.2 + 1e-9);
    expect(iceShareOf(ice.bird)).toBeGreaterThan(0.1);
    const cold = life({ iceShare: 0, salting: null, dryHours: 0 });
    const stood = life({ iceShare: 0, salting: null, dryHours: 0, counterMin: 45 });
    expect(stood.bird.centreC("breast")).toBeGreaterThan(cold.bird.centreC("breast"));
  });
});

describe("hours to allow for a thaw (USDA FSIS, The big thaw: fridge 4–12 lb 1–3 days … 20–24 lb 5–6; water 2–6 … 10–12 h)", () => {
  const turkey = { species: "turkey", cut: "whole" } as const;
  const frozen: BeforeOven = {
    iceShare: 1,
    thawIn: "fridge",
    fridgeC: 4.4,
    tapWaterC: 12,
    saltedPercent: 0,
    salting: null,
    dryHours: 0,
    counterMin: 0,
  };
  const allow = (boughtKg: number, thawIn: ThawPlace, change: Partial<BeforeOven> = {}): number =>
    thawHours(turkey, boughtKg, { ...frozen, thawIn, ...change });

  it.each(THAW_TABLE)("lies within a quarter of the row for $fromLb to $toLb lb", ({ fromLb, toLb, ...row }) => {
    const middleKg = ((fromLb + toLb) / 2) * KG_PER_POUND;
    const days = allow(middleKg, "fridge") / 24;
    expect(days).toBeGreaterThan(row.fridgeDays[0] * 0.75);
    expect(days).toBeLessThan(row.fridgeDays[1] * 1.25);
    const hours = allow(middleKg, "water");
    expect(hours).toBeGreaterThan(row.waterHours[0] * 0.75);
    expect(hours).toBeLessThan(row.waterHours[1] * 1.25);
  });

  it("is a whole bird's for one that is cut flat or up once it has thawed", () => {
    const before = { ...frozen, fridgeC: 4 };
    for (const [species, kg] of [
      ["turkey", 5.8],
      ["chicken", 1.8],
      ["duck", 2.4],
    ] as const) {
      const whole = thawHours({ species, cut: "whole" }, kg, before);
      for (const cut of ["spatchcock", "parts"] as const) {
        expect(thawHours({ species, cut }, kg, before), `${cut} ${species}`).toBe(whole);
        // Its ice is drawn for as long.
        const { frames } = drain(beforeOven({ species, cut }, kg, before, "cuts"));
        const thawed = frames.filter(({ phase }) => phase === "thaw").at(-1)?.minute ?? 0;
        expect(thawed / 60 / whole, `${cut} ${species}`).toBeGreaterThan(0.75);
        expect(thawed / 60 / whole, `${cut} ${species}`).toBeLessThan(1.1);
      }
      // What is sold boned or as a crown thaws as it is.
      expect(thawHours({ species, cut: "crown" }, kg / 2, before)).toBeLessThan(whole);
    }
  });

  it("takes the whole bird's room in the fridge, however it is cut afterwards, and none where it thaws elsewhere", () => {
    const roomOf = (form: FormChoice, change: Partial<BeforeOven> = {}) =>
      thawingSizeCm(form, 9, { ...frozen, ...change });
    const flat = { species: "turkey", cut: "spatchcock" } as const;
    const whole = roomOf(flat);
    expect(roomOf({ ...flat, cut: "parts" })).toEqual(whole);
    const lying = sizeOf(makeBody(flat, 9, coarseCellM(flat, 0.02)));
    expect(whole?.height ?? 0).toBeGreaterThan(1.5 * lying.height);
    // As it lies, it thaws.
    expect(roomOf({ ...flat, cut: "whole" })).toBeNull();
    expect(roomOf({ ...flat, cut: "crown" })).toBeNull();
    expect(roomOf(flat, { thawIn: "water" })).toBeNull();
    expect(roomOf(flat, { iceShare: 0 })).toBeNull();
  });

  it("grows with the bird and shrinks with the ice that is left, with the warmth of fridge and tap; none where nothing is frozen", () => {
    expect(allow(8, "fridge")).toBeGreaterThan(allow(5, "fridge"));
    expect(allow(5, "fridge", { iceShare: 0.2 })).toBeLessThan(allow(5, "fridge"));
    expect(allow(5, "fridge", { fridgeC: 3 })).toBeGreaterThan(allow(5, "fridge"));
    expect(allow(5, "water", { tapWaterC: 6 })).toBeGreaterThan(allow(5, "water"));
    expect(allow(5, "none")).toBe(0);
    expect(allow(5, "fridge", { iceShare: 0 })).toBe(0);
    expect(allow(5, "fridge", { fridgeC: 0 })).toBe(Number.POSITIVE_INFINITY);
  });
});

describe("carved meat in a tray", () => {
  it("cools by the rule when it lies shallow, and not when it is heaped", () => {
    const chill = (depthM: number) =>
      drain(chilling(new Tray({ massKg: 1.5, depthM, covered: false }), { startC: 60, fridgeC: 4 }));
    expect(chill(0.03).keepsTheRule).toBe(true);
    const heaped = chill(0.11);
    expect(heaped.keepsTheRule).toBe(false);
    expect(heaped.to21Min ?? Number.POSITIVE_INFINITY).toBeGreaterThan(chill(0.03).to21Min ?? Number.NaN);
  });

  it("three centimetres deep, is reheated at 190 °C under cover to 74 °C in 35 to 40 minutes (common practice), within 15 %", () => {
    const done = drain(reheating(new Tray({ massKg: 2, depthM: 0.03, covered: true }), { startC: 4, ovenC: 190 }));
    if (done.kind !== "hot") throw new Error("never hot");
    expect(done.minutes).toBeGreaterThan(35 * 0.85);
    expect(done.minutes).toBeLessThan(40 * 1.15);
  });

  it("says what was highest when the oven is too cool, and refuses a tray that is none", () => {
    const cool = drain(reheating(new Tray({ massKg: 2, depthM: 0.05, covered: true }), { startC: 4, ovenC: 65 }));
    expect(cool).toMatchObject({ kind: "never-met", targetC: 74 });
    expect(() => new Tray({ massKg: 90, depthM: 0.05, covered: true })).toThrow("meat in the tray: got 90");
    expect(() => new Tray({ massKg: 1, depthM: Number.NaN, covered: true })).toThrow(
      "depth of the meat in the tray: got NaN",
    );
  });
});
