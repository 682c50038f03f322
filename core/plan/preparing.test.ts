/** Seasoning, fuel, and what fits. */
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { coarseCellM, makeBody } from "../bird/body";
import { massRangeKg } from "../bird/mass";
import { type BirdSize, sizeOf } from "../bird/size";
import { PART_NAMES } from "../bird/solid";
import { SPECIES } from "../bird/species";
import { briquettesPerHour, briquettesToStart } from "../kitchen/fuel";
import { remediesOf } from "../schedule/remedies";
import { fitsOf, traysFor, unfitOf } from "./fits";
import { saltPlan } from "./saltPlan";
import type { Plan } from "./schema";
import { basteMinutes, glazeMoments, seasoningEvents, seasoningFor } from "./season";
import { usualKitchen } from "./usualKitchen";

const { plan } = sampleRoast();

describe("seasoning", () => {
  const season = { ...plan.season, paste: true, bacon: true, glazePasses: 3 };

  it("has stuffing of a cavity that is stuffed, not of one with aromatics, and of a rolled leg as much as its solid", () => {
    const grams = (bird: Partial<Plan["bird"]>, fillingKg: number) =>
      seasoningFor({ season, bird: { ...plan.bird, ...bird } }, fillingKg).stuffingGrams;
    expect(grams({ cut: "whole", cavity: "stuffed" }, 0.8)).toBeCloseTo(800, 9);
    expect(grams({ cut: "whole", cavity: "aromatics" }, 0.1)).toBe(0);
    for (const species of SPECIES) {
      const kg = massRangeKg(species, "leg-roll")[1];
      const { unit } = makeBody({ species, cut: "leg-roll" }, kg, 0.004);
      const cells = unit.part.filter((part) => part < PART_NAMES.length);
      const share = cells.filter((part) => part === PART_NAMES.indexOf("filling")).length / cells.length;
      expect(Math.abs(grams({ species, cut: "leg-roll", massKg: kg }, 0) / (1000 * kg) / share - 1)).toBeLessThan(0.1);
    }
  });

  it("is measured by the bird, and only what is chosen", () => {
    const stuffed = { ...plan.bird, cut: "whole" as const, cavity: "stuffed" as const };
    const basted = { ...season, basteEveryMin: 30, basteWith: "cider" };
    const all = seasoningFor({ season: basted, bird: stuffed }, 0.8);
    for (const amount of Object.values(all)) expect(amount).toBeGreaterThan(0);
    const two = seasoningFor({ season, bird: { ...stuffed, count: 2 } }, 0.8);
    expect(two.glazeMl).toBeCloseTo(2 * all.glazeMl, 9);
    expect(two.stuffingGrams).toBeCloseTo(1600, 9);
    expect(seasoningFor(plan, 0)).toMatchObject({
      pasteGrams: 0,
      baconGrams: 0,
      glazeMl: 0,
      stuffingGrams: 0,
      basteMl: 0,
    });
  });

  it("glazes in steps, the last of them well before the target", () => {
    const passes = glazeMoments({ ...plan, season }).map((moment) =>
      "when" in moment && "reachesC" in moment.when ? moment.when.reachesC : 0,
    );
    expect(passes).toEqual([...passes].sort());
    expect(passes).toHaveLength(3);
    expect(passes[2]).toBeLessThan((plan.targetC.breast ?? 0) - 5);
    const own = [{ atMin: 40 }];
    expect(glazeMoments({ ...plan, season: { ...season, glazeAt: own } })).toEqual(own);
  });

  it("glazes by itself only once the foil is off, where that comes off at a sign; in the day as it was planned", () => {
    const reached = (made: Plan): readonly number[] =>
      glazeMoments(made).flatMap((moment) =>
        "when" in moment && "reachesC" in moment.when ? [moment.when.reachesC] : [],
      );
    const when = { centre: "breast" as const, reachesC: 60 };
    const shielded = (last: Partial<Plan["stages"][number]>, passes = 3): Plan => ({
      ...plan,
      stages: [
        { fromMin: 0, airC: 220, shield: "breast" },
        { fromMin: 90, airC: 160, shield: "none", ...last },
      ],
      season: { ...season, glazePasses: passes },
    });
    const bare = reached(shielded({ shield: "none" }));
    for (const passes of [1, 2, 3, 5]) {
      const off = reached(shielded({ when }, passes));
      expect(off).toHaveLength(passes);
      expect(Math.min(...off)).toBeGreaterThan(60);
      expect(off).toEqual([...off].sort((one, other) => one - other));
      expect(off.at(-1)).toBe(bare.at(-1));
      // Once the foil was taken off, at its minute.
      expect(reached(shielded({ fromMin: 95, waitedFor: { fromMin: 90, when } }, passes))).toEqual(off);
    }
    // Foil that comes off after the last of them, or at a minute, says nothing.
    expect(reached(shielded({ when: { ...when, reachesC: 72 } }))).toEqual(bare);
    expect(reached(shielded({ when: { ...when, reachesC: 40 } }))).toEqual(bare);
  });

  it("bastes between a beginning and an end", () => {
    const every = { ...plan.season, basteEveryMin: 20 };
    expect(basteMinutes(every, 70)).toEqual([20, 40, 60]);
    expect(basteMinutes({ ...every, basteFromMin: 30, basteUntilMin: 70 }, 200)).toEqual([30, 50, 70]);
    expect(basteMinutes({ ...every, basteFromMin: 90, basteUntilMin: 60 }, 200)).toEqual([]);
    expect(basteMinutes(plan.season, 200)).toEqual([]);
  });

  it("opens the door for every pass and every basting", () => {
    const events = seasoningEvents({ ...plan, season: { ...season, basteEveryMin: 60 } });
    expect(events.filter((event) => "when" in event)).toHaveLength(3);
    expect(events.filter((event) => "atMin" in event).length).toBeGreaterThan(5);
    expect(seasoningEvents(plan)).toEqual([]);
  });
});

describe("charcoal", () => {
  it("is about three briquettes a side each hour on a mild day (common practice), more in cold and in wind", () => {
    const mild = briquettesPerHour({ weather: { airC: 15, windy: false } });
    expect(mild).toBe(6);
    expect(briquettesPerHour({ weather: { airC: -10, windy: false } })).toBeGreaterThan(mild);
    expect(briquettesPerHour({ weather: { airC: 15, windy: true } })).toBeGreaterThan(mild);
    expect(briquettesToStart({ weather: { airC: 15, windy: false } })).toBeGreaterThan(4 * mild);
  });
});

describe("whether it fits", () => {
  const kitchen = usualKitchen();
  const size = { length: 36, width: 26, height: 18 };
  const made = (
    bird: Pick<Plan["bird"], "cut" | "count"> & Partial<Plan["bird"]>,
    change: Partial<Plan["equipment"]>,
    salt = plan.salt,
  ) => ({
    bird: { state: "fresh" as const, ...bird },
    salt,
    heat: "oven" as const,
    stages: plan.stages,
    equipment: { ...kitchen, ...change },
  });
  const lying = (sizeCm: BirdSize, thawsCm: BirdSize | null = null) => ({ sizeCm, thawsCm });
  const fits = (
    change = {},
    count = 1,
    salt = plan.salt,
    cut: Plan["bird"]["cut"] = "whole",
    state: Plan["bird"]["state"] = "fresh",
  ) =>
    Object.fromEntries(
      fitsOf(
        lying(size),
        made({ cut, count, state }, change, salt),
        saltPlan({ ...plan, equipment: { ...kitchen, ...change }, salt }),
      ).map((fit) => [fit.where, fit.fits]),
    );

  it("is asked of pan, oven and shelf, and of a pot only for a brine", () => {
    expect(fits()).toEqual({ pan: true, oven: true, shelf: true });
    expect(fits({ potL: 16 }, 1, { ...plan.salt, method: "brine" })).toHaveProperty("pot", true);
    expect(fits({ potL: 8 }, 1, { ...plan.salt, method: "brine" })).toHaveProperty("pot", false);
  });

  it("asks of the shelf a bird that lies on it: not one in its brine, or that goes from thaw or freezer into the heat", () => {
    const brined = { ...plan.salt, method: "brine" as const, dryHours: 0 };
    const unsalted = { ...plan.salt, method: "none" as const, dryHours: 0 };
    const atOven = { ...plan.salt, method: "dry" as const, saltHours: 0, dryHours: 0 };
    const onShelf = (salt: Plan["salt"], state: Plan["bird"]["state"]) =>
      "shelf" in fits({ potL: 16 }, 1, salt, "whole", state);
    for (const keptIn of ["fridge", "cooler"] as const) {
      expect(onShelf({ ...brined, keptIn }, "fresh")).toBe(false);
      expect(onShelf({ ...brined, keptIn, dryHours: 12 }, "fresh")).toBe(true);
    }
    for (const salt of [unsalted, atOven]) {
      expect(onShelf(salt, "frozen")).toBe(false);
      expect(onShelf(salt, "fresh")).toBe(true);
    }
    expect(onShelf({ ...atOven, saltHours: 24 }, "frozen")).toBe(true);
  });

  it("asks nothing of the oven or its pan where there is none", () => {
    const salt = saltPlan(plan);
    const asked = fitsOf(lying(size), { ...made({ cut: "whole", count: 1 }, {}), heat: "smoker" }, salt);
    expect(asked.map(({ where }) => where)).toEqual(["shelf"]);
    // Moved into one, it has to fit that.
    const stages = [
      { fromMin: 0, airC: 120 },
      { fromMin: 60, airC: 160, movedTo: "oven" as const },
    ];
    const moved = fitsOf(lying(size), { ...made({ cut: "whole", count: 1 }, {}), heat: "smoker", stages }, salt);
    expect(moved.map(({ where }) => where)).toEqual(["pan", "oven", "shelf"]);
  });

  it("asks for as much height as it is long where it stands upright, and for no tray", () => {
    const salt = saltPlan(plan);
    const asked = (height: number) =>
      fitsOf(
        lying(size),
        {
          ...made({ cut: "whole", count: 1 }, { ovenCm: { ...kitchen.ovenCm, height } }),
          stages: [{ fromMin: 0, airC: 190, surface: "stand" }],
        },
        salt,
      );
    expect(asked(60).map(({ where, fits }) => [where, fits])).toEqual([
      ["oven", true],
      ["shelf", true],
    ]);
    const tall = fitsOf(
      lying(size),
      { ...made({ cut: "whole", count: 1 }, {}), stages: [{ fromMin: 0, airC: 190, surface: "stand" }] },
      salt,
    ).find(({ where }) => where === "oven");
    if (!tall) throw new Error("the oven is measured");
    const unfit = { ...tall, most: 0 };
    const standing = {
      ...plan,
      bird: { ...plan.bird, cut: "whole" as const, count: 1 },
      stages: [{ fromMin: 0, airC: 190, surface: "stand" as const }],
    };
    const [lie] = remediesOf({ kind: "does-not-fit", fit: unfit }, standing);
    expect(lie?.does).toEqual({ kind: "lay-down" });
    expect(lie?.change(standing).stages[0]?.surface).toBe("rack");
    // In the fridge it lies, as any other.
    const lain = fitsOf(lying(size), made({ cut: "whole", count: 1 }, {}), salt);
    expect(asked(60).find(({ where }) => where === "shelf")).toEqual(lain.find(({ where }) => where === "shelf"));
    // Lying it would go in.
    expect(asked(32).find(({ where }) => where === "oven")?.fits).toBe(false);
    expect(fits({ ovenCm: { ...kitchen.ovenCm, height: 32 } })).toMatchObject({ oven: true });
  });

  it("asks of the shelf what lies on it while it thaws, where that is another size: whole, it is higher", () => {
    const flat = { length: 36, width: 27, height: 9 };
    const whole = { length: 40, width: 27, height: 24 };
    const asked = (shelfCm: Plan["equipment"]["shelfCm"], count = 1) =>
      fitsOf(lying(flat, whole), made({ cut: "spatchcock", count }, { shelfCm }), saltPlan(plan))
        .filter(({ fits }) => !fits)
        .map(({ where }) => where);
    expect(asked({ width: 60, depth: 45, height: 30 })).toEqual([]);
    expect(asked({ width: 60, depth: 45, height: 28 })).toEqual(["thaw"]);
    expect(asked({ width: 50, depth: 45, height: 30 }, 2)).toContain("thaw");
  });

  it("does not depend on which way the pan is turned", () => {
    expect(fits({ panCm: { length: 29, width: 40 } })).toEqual(fits({ panCm: { length: 40, width: 29 } }));
    expect(fits({ panCm: { length: 40, width: 27 } }).pan).toBe(false);
  });

  it("takes a 6 kg turkey pressed flat on a tray of 46 × 33 cm, snugly (common practice)", () => {
    const form = { species: "turkey", cut: "spatchcock" } as const;
    const flat = sizeOf(makeBody(form, 6, coarseCellM(form, 0.0125)));
    const onTray = (length: number, width: number) =>
      fitsOf(lying(flat), made({ cut: "spatchcock", count: 1 }, { panCm: { length, width } }), saltPlan(plan))[0]?.fits;
    expect(onTray(46, 33)).toBe(true);
    expect(onTray(40, 30)).toBe(false);
  });

  it("shares pieces and flat birds out over the trays that the oven takes", () => {
    const pieces = { length: 40, width: 60, height: 8 };
    const trays = (dishesInOven: number) =>
      fitsOf(lying(pieces), made({ cut: "parts", count: 1 }, { dishesInOven }), saltPlan(plan))[0]?.fits;
    expect([trays(1), trays(2)]).toEqual([false, true]);
    const flat = { length: 38, width: 44, height: 9 };
    const two = (dishesInOven: number) =>
      fitsOf(lying(flat), made({ cut: "spatchcock", count: 2 }, { dishesInOven }), saltPlan(plan))[0]?.fits;
    expect([two(1), two(2)]).toEqual([false, true]);
  });

  it("lays small pieces in rows, and on a second tray where one is full", () => {
    const breast = { length: 17.8, width: 8.2, height: 3.4 };
    const pan = (count: number, change = {}) =>
      fitsOf(lying(breast), made({ cut: "boneless-breast", count }, change), saltPlan(plan))[0];
    // On 46 × 36 cm, a finger's breadth of air around them: one row, then two.
    expect(pan(4)).toMatchObject({ fits: true, needs: [17.8 + 2, 4 * 8.2 + 2] });
    expect(pan(6, { dishesInOven: 1, panCm: { length: 46, width: 38 } })?.needs.map(Math.round)).toEqual([27, 38]);
    expect(pan(8, { dishesInOven: 1, panCm: { length: 46, width: 38 } })?.fits).toBe(true);
    const twelve = (dishesInOven: number) => ({ dishesInOven, panCm: { length: 46, width: 38 } });
    expect([pan(12, twelve(1))?.fits, pan(12, twelve(2))?.fits]).toEqual([false, true]);
    const on = (count: number, dishesInOven: number) =>
      traysFor(breast, made({ cut: "boneless-breast", count }, twelve(dishesInOven)));
    expect([on(6, 2), on(12, 2)]).toEqual([1, 2]);
    // And how many one tray takes is what is offered.
    const asked = [lying(breast), made({ cut: "boneless-breast", count: 12 }, twelve(1)), saltPlan(plan)] as const;
    const [unfit] = unfitOf(fitsOf(...asked), ...asked);
    if (!unfit) throw new Error("twelve fit on one tray");
    expect(unfit).toMatchObject({ where: "pan", most: 10 });
    const planned = { ...plan, bird: { ...plan.bird, cut: "boneless-breast" as const, count: 12 } };
    const [less] = remediesOf({ kind: "does-not-fit", fit: unfit }, planned);
    expect(less?.does).toEqual({ kind: "fewer", count: 10, cut: "boneless-breast" });
  });

  it("leaves air under the roof, and asks for twice the width for two birds", () => {
    expect(fits({ ovenCm: { width: 46, depth: 40, height: 26 } }).oven).toBe(false);
    expect(fits({}, 2).pan).toBe(false);
  });
});
