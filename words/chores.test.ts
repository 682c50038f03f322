import fc from "fast-check";
import { expect, it } from "vitest";
import { FUELS } from "../core/heat/sources";
import type { Plan } from "../core/plan/schema";
import { taskOf } from "../core/schedule/backward";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../tests/helpers/anyPlan";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { adviceWords } from "./advice";
import { liquid } from "./amounts";
import { WATER_MIST } from "./basting";
import { listsOf } from "./lists";
import { timetableOf } from "./timetable";

it("a hand works at what the bird is in by then: under a lid at first, behind a door once it was moved", () => {
  const { plan } = sampleRoast();
  const moved = {
    ...plan,
    heat: "smoker" as const,
    stages: [
      { fromMin: 0, airC: 120 },
      { fromMin: 100, airC: 180, movedTo: "oven" as const },
    ],
  };
  const details = (id: string, season: Partial<typeof plan.season>): string[] => {
    const done = { ...moved, season: { ...plan.season, ...season } };
    return timetableOf(done, deriveAny(done, { pullMinute: 200, thawHours: 0 }), "metric")
      .filter((row) => row.id.startsWith(id))
      .map(({ detail }) => detail);
  };
  expect(details("baste", { basteEveryMin: 60 })).toEqual(
    ["lid", "door", "door"].map((door) => `quickly, ${door} shut again at once`),
  );
  const glazeAt = [{ atMin: 90 }, { atMin: 150 }];
  expect(details("glaze", { glazeAt })).toEqual(["lid", "door"].map((door) => `thin, ${door} shut again at once`));
});

it("what a bird comes out in is opened away from the hand, and its juices strained from there", () => {
  const { plan } = sampleRoast();
  const loosened = (stages: Plan["stages"], roasted: Plan["roasted"] = "same-day"): string => {
    const made = { ...plan, stages, roasted };
    const rows = timetableOf(made, deriveAny(made, { pullMinute: 200, thawHours: 0 }), "metric");
    const { what, detail } = rows.find(({ id }) => id === "loosen-1") ?? { what: "", detail: "" };
    return `${what}: ${detail.split(";")[0]}`;
  };
  const from = (wrap: Plan["stages"][number]["wrap"], then?: Plan["stages"][number]): Plan["stages"] => [
    { fromMin: 0, airC: 180, ...(wrap && { wrap }) },
    ...(then ? [then] : []),
  ];
  expect(loosened(from("bag"))).toBe("Strain the juices: the bag cut open over the tray, away from you");
  expect(loosened(from("lid"), "day-before")).toBe("Strain and keep the juices: lid or foil off away from you");
  expect(loosened(from(undefined, { fromMin: 60, airC: 160, wrap: "foil" }))).toBe(
    "Loosen the tray with water, strain: the foil opened over the tray, away from you",
  );
  const bare = "Loosen the tray with water, strain: cavity juices tipped in";
  expect(loosened(from("bag", { fromMin: 100, airC: 200, wrap: "none" }))).toBe(bare);
  // What waits for a sign that comes too late is never put on.
  const late = { centre: "breast" as const, reachesC: 90 };
  expect(loosened(from(undefined, { fromMin: 60, airC: 160, wrap: "foil", when: late }))).toBe(bare);
});

it("is taken out of its brine, or patted dry, by what hands touch it for first, and once", () => {
  let told = 0;
  fc.assert(
    fc.property(ANY_PLAN, anyCook, fc.boolean(), (any, cook, dries) => {
      const plan = dries ? any : { ...any, salt: { ...any.salt, dryHours: 0 } };
      const derived = deriveAny(plan, cook);
      const rows = timetableOf(plan, derived, "metric");
      const says = ({ detail }: { detail: string }): boolean =>
        /out of the brine, drained|patted dry; what/.test(detail);
      const touched = rows.filter(({ id }) => /^(counter|fill|season|sear)-/.test(id));
      const saying = touched.filter(says);
      const isStraight = derived.salt.hours > 0 && !taskOf(derived.schedule, "dry");
      expect(saying.map(({ id }) => id)).toEqual(isStraight ? touched.slice(0, 1).map(({ id }) => id) : []);
      if (isStraight && touched[0]?.id !== "season-1") told++;
    }),
    plansAsked(150),
  );
  expect(told).toBeGreaterThan(5);
});

it("a fire is made ready by what it burns: gas leaves no ashes", () => {
  const { plan } = sampleRoast();
  const checked = (fuel: Plan["fuel"]): string => {
    const made = { ...plan, heat: "covered-grill" as const, fuel };
    const rows = timetableOf(made, deriveAny(made, { pullMinute: 170, thawHours: 0 }), "metric");
    return rows.find(({ id }) => id === "eve-check-1")?.detail ?? "";
  };
  for (const fuel of ["charcoal", "wood", "pellets"] as const) expect(checked(fuel)).toContain("ashes out");
  expect(checked("gas")).toMatch(/gas enough(?!.*ashes)/);
});

it("what a bird is basted with is told at each basting, and bought; water that is misted wants a bottle that sprays", () => {
  const { plan } = sampleRoast();
  const told = (basteWith: string): readonly string[] => {
    const made = { ...plan, season: { ...plan.season, basteEveryMin: 60, basteWith } };
    const derived = deriveAny(made, { pullMinute: 200, thawHours: 0 });
    const { buy, kit } = listsOf(made, derived, "metric");
    return [
      timetableOf(made, derived, "metric").find(({ id }) => id === "baste-1")?.what ?? "",
      adviceWords({ kind: "baste", n: 1 }, made, "metric").does,
      ...[...buy, ...kit].map(({ what }) => what).filter((what) => /baste|spray/.test(what)),
    ];
  };
  expect(told("")).toEqual(["Baste", "Baste, quickly"]);
  expect(told("cider")).toEqual(["Baste with cider", "Baste with cider, quickly", "cider, to baste with"]);
  const cider = { ...plan, season: { ...plan.season, basteEveryMin: 60, basteWith: "cider" } };
  const derived = deriveAny(cider, { pullMinute: 200, thawHours: 0 });
  const rows = timetableOf(cider, derived, "metric").filter(({ id }) => id.startsWith("baste"));
  // Ten millilitres for each kilogram that goes in, each time.
  const onceMl = derived.seasoning.basteMl;
  expect(onceMl / plan.bird.massKg).toBeGreaterThan(8);
  expect(rows.map(({ detail }) => detail.split(";")[0])).toEqual(rows.map(() => `about ${liquid(onceMl, "metric")}`));
  const bought = listsOf(cider, derived, "metric").buy.find(({ what }) => what === "cider, to baste with");
  expect(bought?.amount).toBe(liquid(onceMl * rows.length, "metric"));
  expect(told(WATER_MIST)).toEqual([
    "Mist with water",
    "Mist with water, quickly",
    "bottle that sprays, filled with water",
  ]);
});

it("what burns without smoke of its own gets wood besides, where a bird is to be smoked, and only there", () => {
  const { plan } = sampleRoast();
  const told = (heat: Plan["heat"], fuel: Plan["fuel"]): boolean => {
    const made = { ...plan, heat, fuel };
    const derived = deriveAny(made, { pullMinute: 200, thawHours: 0 });
    const lit = timetableOf(made, derived, "metric").find(({ id }) => id === "fuel-1")?.detail ?? "";
    const isBought = listsOf(made, derived, "metric").buy.some(({ what }) =>
      what.startsWith("dry hardwood for the smoke"),
    );
    expect(lit.includes("piece of dry wood"), `${heat} ${fuel}`).toBe(isBought);
    return isBought;
  };
  for (const fuel of FUELS) {
    expect(told("smoker", fuel), fuel).toBe(fuel === "charcoal" || fuel === "gas");
    for (const heat of ["oven", "covered-grill", "spit"] as const)
      expect(told(heat, fuel), `${heat} ${fuel}`).toBe(false);
  }
});

it("gravy is thickened and bought for as it was chosen", () => {
  const { plan } = sampleRoast();
  const told = (change: Partial<typeof plan>): { how: string; buy: readonly string[] } => {
    const made = { ...plan, ...change };
    const derived = deriveAny(made, { pullMinute: 200, thawHours: 0 });
    const how = timetableOf(made, derived, "metric").find(({ id }) => id === "thicken-1")?.detail ?? "";
    const buy = listsOf(made, derived, "metric").buy.map(({ what }) => what);
    return { how, buy: buy.filter((what) => /roux|gravy/.test(what)) };
  };
  const roux = told({});
  expect(roux.how).toContain("liquid into the roux slowly");
  expect(roux.buy).toEqual(["flour for the gravy", "fat for the roux"]);
  const into = told({ gravy: "flour-into-liquid", rouxFat: "butter" });
  expect(into.how).toContain("the roux whisked into it by the spoon");
  expect(into.buy).toEqual(["flour for the gravy", "butter for the roux, unsalted"]);
  const slurry = told({ gravy: "starch", rouxFat: "butter" });
  expect(slurry.how).toContain("starch stirred in cold");
  expect(slurry.buy).toEqual(["starch for the gravy"]);
});
