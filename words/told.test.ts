/** Whatever a cook chooses reaches what the day is worked from: two plans that differ in one choice are told differently. */
import { describe, expect, it } from "vitest";
import { LEGS } from "../core/bird/form";
import { COVERS, SHIELDS, UNDERLAYS, WRAPS } from "../core/heat/covers";
import { FUELS, HEAT_SOURCES } from "../core/heat/sources";
import { CARVINGS } from "../core/kitchen/cutting";
import { FATS } from "../core/kitchen/fats";
import { ROUX_FATS, STOCKS, THICKENERS } from "../core/kitchen/gravy";
import { BATHS, COLD_PLACES, SALT_KINDS, SALT_METHODS } from "../core/kitchen/salt";
import { type Plan, SIDE_SLOTS, STUFFINGS } from "../core/plan/schema";
import { usualPlan } from "../core/plan/usualPlan";
import { THAW_PLACES } from "../core/processes/ice";
import { deriveAny } from "../tests/helpers/anyPlan";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { listsOf } from "./lists";
import { timetableOf } from "./timetable";

const { plan: sample } = sampleRoast();
const plan: Plan = {
  ...usualPlan({
    bird: { species: "turkey", cut: "whole", massKg: 5, state: "fresh" },
    method: "steady",
    serveAt: sample.serveAt,
    zone: "UTC",
  }),
};
const told = (made: Plan): string => {
  const derived = deriveAny(made, { pullMinute: 170, thawHours: made.bird.state === "frozen" ? 60 : 0 });
  const rows = timetableOf(made, derived, "metric").map(({ what, detail, startMs }) => `${startMs} ${what}: ${detail}`);
  const { buy, weigh, kit } = listsOf(made, derived, "metric");
  return [...rows, ...[...buy, ...weigh, ...kit].map(({ what, amount, why }) => `${what} ${amount} ${why}`)].join("\n");
};
const bird = (change: Partial<Plan["bird"]>): Partial<Plan> => ({ bird: { ...plan.bird, ...change } });
const salt = (change: Partial<Plan["salt"]>): Partial<Plan> => ({ salt: { ...plan.salt, ...change } });
const season = (change: Partial<Plan["season"]>): Partial<Plan> => ({ season: { ...plan.season, ...change } });
const first = (change: Partial<Plan["stages"][number]>): Partial<Plan> => ({
  stages: [{ fromMin: 0, airC: 160, ...change }],
});
const later = (change: Partial<Plan["stages"][number]>): Partial<Plan> => ({
  stages: [
    { fromMin: 0, airC: 160 },
    { fromMin: 60, airC: 160, ...change },
  ],
});
const brined = { ...plan.salt, method: "brine" as const, dryHours: 0 };
const dish = { id: "d", name: "Potatoes", minutes: 40, ring: false };

const CHOICES: Readonly<Record<string, readonly Partial<Plan>[]>> = {
  legs: LEGS.map((legs) => bird({ legs })),
  cavity: (["empty", "aromatics", "stuffed"] as const).map((cavity) => bird({ cavity })),
  "birds of one roast": [1, 2].map((count) => bird({ count })),
  "sold salted": [false, true].map((preSalted) => ({ ...bird({ preSalted }), ...salt({ method: "none" }) })),
  "thaws in": THAW_PLACES.filter((each) => each !== "none").map((thawIn) => ({
    thawIn,
    ...bird({ state: "frozen" }),
    salt: brined,
  })),
  "salt method": SALT_METHODS.map((method) => salt({ method })),
  "kind of salt": SALT_KINDS.map((kind) => salt({ kind })),
  bath: BATHS.map((bath) => ({ salt: { ...brined, bath } })),
  "kept in": COLD_PLACES.map((keptIn) => ({ salt: { ...brined, keptIn } })),
  "kept in, dry": COLD_PLACES.map((keptIn) => salt({ keptIn, dryHours: 0 })),
  "kept in a cooler, in a": BATHS.map((bath) => ({ salt: { ...brined, keptIn: "cooler" as const, bath } })),
  injected: [0, 0.5].map((injectPercent) => salt({ injectPercent })),
  sugar: [0, 0.5].map((sugarShare) => salt({ sugarShare })),
  drying: [0, 24].map((dryHours) => salt({ dryHours })),
  fat: FATS.map((fat) => season({ fat })),
  paste: [false, true].map((paste) => season({ paste })),
  bacon: [
    season({ bacon: false }),
    season({ bacon: true }),
    season({ bacon: true, baconOff: { when: { centre: "breast", reachesC: 60 } } }),
  ],
  glaze: [0, 1, 2].map((glazePasses) => season({ glazePasses })),
  basting: [
    season({ basteEveryMin: 0 }),
    season({ basteEveryMin: 60 }),
    season({ basteEveryMin: 60, basteWith: "cider" }),
  ],
  counter: [0, 45].map((counterMin) => season({ counterMin })),
  stuffing: STUFFINGS.map((stuffing) => ({ ...bird({ cavity: "stuffed" }), ...season({ stuffing }) })),
  heat: HEAT_SOURCES.map((heat) => ({ heat })),
  fuel: FUELS.map((fuel) => ({ heat: "smoker" as const, fuel })),
  "brought up": [0, 25, 60].map((minutes) => ({ preheat: { minutes, airC: null } })),
  "brought up to": [null, 240].map((airC) => ({ preheat: { minutes: 25, airC } })),
  sear: [null, { panC: 220, minutesPerSide: 3 }].map((sear) => ({
    ...bird({ cut: "boneless-breast", massKg: 1.5 }),
    sear,
  })),
  "under it": UNDERLAYS.map((surface) => first({ surface })),
  "wrapped in": WRAPS.map((wrap) => first({ wrap })),
  "wrapped later in": WRAPS.map((wrap) => later({ wrap })),
  shield: SHIELDS.map((shield) => first({ shield })),
  "shield later": SHIELDS.map((shield) => later({ shield })),
  "side up": (["up", "down"] as const).map((side) => first({ side })),
  "turned over": (["up", "down"] as const).map((side) => later({ side })),
  "at rest under": COVERS.map((cover) => ({ cover })),
  gravy: THICKENERS.map((gravy) => ({ gravy })),
  roux: ROUX_FATS.map((rouxFat) => ({ rouxFat })),
  stock: STOCKS.map((stock) => ({ stock })),
  "more pots": [[], ["long" as const]].map((morePots) => ({ morePots })),
  liver: [false, true].map((liver) => ({ liver })),
  carving: CARVINGS.map((carving) => ({ carving })),
  when: (["same-day", "day-before"] as const).map((roasted) => ({ roasted })),
  finish: [
    { kind: "after-rest" as const },
    { kind: "at-pull" as const },
    { kind: "time" as const, minutes: 170 },
    { kind: "signs" as const },
  ].map((finish) => ({ finish })),
  "decided by": [undefined, "breast" as const, "thigh" as const].map((decidedBy) => ({ decidedBy })),
  "a dish's place": SIDE_SLOTS.filter((slot) => slot !== "auto").map((slot) => ({
    sides: [{ ...dish, ovenC: 160, slot }],
  })),
};

describe("what a cook chooses", () => {
  for (const [name, all] of Object.entries(CHOICES)) {
    it(`is told by timetable and lists: ${name}`, () => {
      const texts = all.map((change) => told({ ...plan, ...change } as Plan));
      expect(texts.length).toBeGreaterThan(1);
      expect(texts.filter((text, n) => texts.indexOf(text) !== n)).toEqual([]);
    });
  }
});

it("sugar, paste and what is rubbed on are weighed out, and told where they go on, however it is salted", () => {
  for (const method of SALT_METHODS.filter((each) => each !== "none")) {
    const made: Plan = {
      ...plan,
      salt: { ...plan.salt, method, sugarShare: 0.5, saltHours: 12 },
      season: { ...plan.season, paste: true },
      additions: [
        {
          id: "rub",
          name: "Pepper rub",
          amount: 20,
          unit: "g",
          when: "before-the-heat",
          where: "over",
          saltPercent: 0,
          sugarPercent: 0,
          makeMin: 0,
        },
      ],
    };
    const derived = deriveAny(made, { pullMinute: 170, thawHours: 0 });
    const rows = timetableOf(made, derived, "metric").map(({ what, detail }) => `${what}: ${detail}`);
    const weighed = listsOf(made, derived, "metric").weigh.map(({ what, amount }) => `${what}: ${amount}`);
    const sugar = `${Math.round(derived.salt.sugarGrams)} g`;
    expect(
      rows.filter((row) => row.includes(`${sugar} of sugar`)),
      method,
    ).toHaveLength(1);
    expect(
      weighed.filter((line) => line.startsWith("sugar") && line.endsWith(sugar)),
      method,
    ).toHaveLength(1);
    expect(weighed, method).toEqual(expect.arrayContaining(["Pepper rub: 20 g"]));
    expect(
      weighed.filter((line) => line.startsWith("baking powder")),
      method,
    ).toHaveLength(1);
    const withSalt = {
      ...made,
      additions: made.additions.map((each) => ({ ...each, when: "with-the-salt" as const })),
    };
    const [rub] = listsOf(withSalt, derived, "metric").weigh.filter(({ what }) => what === "Pepper rub");
    expect(rub?.why, method).toBe(derived.salt.bath ? "into the brine" : "over the skin");
  }
});

it("a boned leg is filled right before its heat, and tied around what it was bought for", () => {
  const roll = {
    ...plan,
    bird: { ...plan.bird, cut: "leg-roll", massKg: 1.5 },
    targetC: { thigh: 74, filling: 74 },
  } as Plan;
  const derived = deriveAny(roll, { pullMinute: 90, thawHours: 0 });
  const rows = timetableOf(roll, derived, "metric");
  const names = rows.map(({ what }) => what);
  expect(names.indexOf("Fill, roll and tie")).toBeGreaterThan(names.indexOf("Dry on, uncovered in the fridge"));
  expect(names.indexOf("Fill, roll and tie")).toBeLessThan(names.indexOf("Bird into the oven"));
  expect(rows.find(({ id }) => id === "fill-1")?.detail).toMatch(
    /^220 g of stuffing, cold; loops of string 3 cm apart/,
  );
  expect(timetableOf(roll, derived, "us").find(({ id }) => id === "fill-1")?.detail).toContain("string an inch apart");
  const buy = listsOf(roll, derived, "metric").buy.map(({ what, amount }) => `${what}: ${amount}`);
  expect(buy).toContain("stuffing for the roll: 220 g");
  expect(buy).toContain("turkey, boned leg, to be filled and rolled, fresh: 1.27 kg");
  // Bought with ice in it, it is as it was filled there.
  const frozen = { ...roll, thawIn: "none", bird: { ...roll.bird, state: "frozen" } } as Plan;
  const asBought = deriveAny(frozen, { pullMinute: 130, thawHours: 0 });
  expect(asBought.chores.find(({ kind }) => kind === "fill")).toBeUndefined();
  expect(listsOf(frozen, asBought, "metric").buy.map(({ what }) => what)).toEqual(
    expect.arrayContaining(["turkey, boned and rolled leg, frozen"]),
  );
  expect(listsOf(frozen, asBought, "metric").buy.map(({ what }) => what)).not.toContain("stuffing for the roll");
});

it("a bird lies uncovered on its rack from when it was salted dry, and is uncovered once it comes out of brine or cooler", () => {
  const [salted, inCooler, fromBrine, unsalted] = [
    salt({ dryHours: 12 }),
    salt({ dryHours: 12, keptIn: "cooler" }),
    { salt: { ...brined, dryHours: 12 } },
    salt({ method: "none", dryHours: 12 }),
  ].map((change) => {
    const made = { ...plan, ...change } as Plan;
    return timetableOf(made, deriveAny(made, { pullMinute: 170, thawHours: 0 }), "metric");
  });
  const said = (rows: typeof salted, id: string): string => rows?.find((row) => row.id === id)?.what ?? "";
  expect(salted?.find(({ id }) => id === "salt")?.detail).toMatch(/on its rack in the fridge, uncovered$/);
  expect(said(salted, "dry")).toBe("Dry on, uncovered in the fridge");
  for (const rows of [inCooler, fromBrine, unsalted]) expect(said(rows, "dry")).toBe("Uncover on a rack in the fridge");
});

it("a bird that goes from its salt into the heat is patted dry as it is dressed, one that dries in between is not", () => {
  const dressed = (change: Partial<Plan["salt"]>): string => {
    const made = { ...plan, ...salt(change) } as Plan;
    const rows = timetableOf(made, deriveAny(made, { pullMinute: 170, thawHours: 0 }), "metric");
    return rows.find(({ id }) => id === "season-1")?.detail ?? "";
  };
  for (const method of ["brine", "equilibrium"] as const) {
    expect(dressed({ method, dryHours: 0 }), method).toMatch(/^out of the brine, drained and patted dry; /);
    expect(dressed({ method, dryHours: 12 }), method).not.toContain("patted dry");
  }
  expect(dressed({ dryHours: 0 })).toMatch(/^patted dry; what has run out is thrown away; /);
  expect(dressed({ dryHours: 12 })).not.toContain("patted dry");
  // Salted at the oven, or not at all, there is nothing to be patted off.
  expect(dressed({ saltHours: 0, dryHours: 0 })).not.toContain("patted dry");
  expect(dressed({ method: "none", dryHours: 0 })).not.toContain("patted dry");
});

describe("what drips", () => {
  const goesIn = (change: Partial<Plan>): string => {
    const made = { ...plan, ...change } as Plan;
    const derived = deriveAny(made, { pullMinute: 170, thawHours: 0 });
    return timetableOf(made, derived, "metric").find(({ id }) => id === "roast")?.detail ?? "";
  };

  it("is kept from burning by water in a tray that is dry: over a fire, and in a hot oven", () => {
    const wet = /water a finger deep in the tray/;
    expect(goesIn({})).not.toMatch(wet);
    expect(goesIn(first({ airC: 220 }))).toMatch(wet);
    for (const surface of ["vegetables", "pan", "hot-stone"] as const) {
      expect(goesIn(first({ airC: 220, surface })), surface).not.toMatch(wet);
    }
    expect(goesIn(first({ airC: 220, wrap: "lid" }))).not.toMatch(wet);
    expect(goesIn({ ...first({ airC: 220 }), sides: [{ ...dish, ovenC: null, slot: "tray" }] })).not.toMatch(wet);
    for (const heat of ["smoker", "covered-grill", "spit"] as const) expect(goesIn({ heat }), heat).toMatch(wet);
    const wine = {
      ...plan.additions[0],
      id: "w",
      name: "Wine",
      amount: 200,
      unit: "mL",
      when: "into-the-tray",
    } as const;
    expect(goesIn({ ...first({ airC: 220 }), additions: [wine as Plan["additions"][number]] })).toMatch(
      /water besides, in all a finger deep in the tray/,
    );
  });

  it("becomes the stock with what roasts in the tray, where the gravy is to have it from there", () => {
    expect(goesIn({ stock: "tray", ...first({ airC: 220 }) })).toMatch(/^neck, giblets and vegetables in the tray/);
    const crown = { stock: "tray" as const, ...bird({ cut: "crown", massKg: 3 }) };
    expect(goesIn(crown)).toMatch(/^bones or wings of poultry and vegetables in the tray/);
    expect(told({ ...plan, ...crown } as Plan)).toMatch(/^bones or wings of poultry for the stock/m);
  });
});

it("no leg is tied of a bird that goes in as it came from the freezer, and two birds go in as two", () => {
  const frozen = { ...plan, thawIn: "none", bird: { ...plan.bird, state: "frozen" } } as Plan;
  expect(told(plan)).toMatch(/legs tied/);
  expect(told(frozen)).not.toMatch(/legs tied|kitchen string/);
  expect(told({ ...plan, bird: { ...plan.bird, count: 2 } })).toMatch(/Both birds into the oven/);
});
