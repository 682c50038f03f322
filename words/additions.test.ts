import fc from "fast-check";
import { expect, it } from "vitest";
import { FIRST_SHARES } from "../core/forecast/shares";
import { ADDITION_MOMENTS, type Plan } from "../core/plan/schema";
import { forFire } from "../core/plan/together";
import { placeDinner } from "../core/schedule/dinner";
import { HOUR_MS } from "../core/units/time";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../tests/helpers/anyPlan";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { simulated } from "../tests/helpers/simulated";
import { listsOf } from "./lists";
import { timetableOf } from "./timetable";

/** One for every moment there is, each by a name of its own. */
const ONE_EACH: Plan["additions"] = ADDITION_MOMENTS.map((when, n) => ({
  id: when,
  name: `Mixture ${"abcdefgh"[n]}`,
  amount: 10,
  unit: "g",
  when,
  where: "over",
  saltPercent: 0,
  sugarPercent: 0,
  makeMin: 0,
}));

const rowsWith = (plan: Plan, name: string, pullMinute = 200): readonly string[] =>
  timetableOf(plan, deriveAny(plan, { pullMinute, thawHours: 10 }), "metric")
    .filter(({ what, detail }) => `${what} ${detail}`.includes(name))
    .map(({ id }) => id);

it("tells of everything that is put on or in, in every plan", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (any, cook) => {
      const plan = { ...any, additions: ONE_EACH };
      const said = timetableOf(plan, deriveAny(plan, cook), "metric")
        .map(({ what, detail }) => `${what} ${detail}`)
        .join("\n");
      expect(ONE_EACH.filter(({ name }) => !said.includes(name)).map(({ when }) => when)).toEqual([]);
    }),
    plansAsked(300),
  );
});

it("tells of each with what it goes with", () => {
  const { plan: sample } = sampleRoast();
  const plan = { ...sample, additions: ONE_EACH };
  const [withSalt = "", before = "", tray = "", wrap = "", end = "", gravy = ""] = ONE_EACH.map(({ name }) => name);
  expect(rowsWith(plan, withSalt)).toEqual(["salt"]);
  expect(rowsWith(plan, before)).toEqual(["season-1"]);
  expect(rowsWith(plan, tray)).toEqual(["season-1"]);
  expect(rowsWith(plan, end)).toEqual(["rest"]);
  expect(rowsWith(plan, gravy)).toEqual(["thicken-1"]);
  // Nothing is wrapped: as it comes out.
  expect(rowsWith(plan, wrap)).toEqual(["rest"]);
  const wrapped = {
    ...plan,
    stages: [
      { fromMin: 0, airC: 120 },
      { fromMin: 60, airC: 160, wrap: "foil" as const },
    ],
  };
  expect(rowsWith(wrapped, wrap)).toEqual(["stage-1"]);
  expect(rowsWith({ ...plan, stages: [{ fromMin: 0, airC: 160, wrap: "foil" }] }, wrap)).toEqual(["season-1"]);
  // Spices of a brine are in it; what was to go on with no salt goes on as it is laid out to dry, or before the heat.
  expect(rowsWith({ ...plan, salt: { ...plan.salt, method: "brine" } }, withSalt)).toEqual(["mix-brine-1"]);
  const brined = { ...plan, salt: { ...plan.salt, method: "brine" as const } };
  const brine = timetableOf(brined, deriveAny(brined, { pullMinute: 200, thawHours: 10 }), "metric").find(
    ({ id }) => id === "mix-brine-1",
  );
  expect(brine?.detail).toContain(`${withSalt}, 10 g;`);
  const unsalted = { ...plan.salt, method: "none" as const };
  expect(rowsWith({ ...plan, salt: { ...unsalted, dryHours: 12 } }, withSalt)).toEqual(["dry"]);
  expect(rowsWith({ ...plan, salt: { ...unsalted, dryHours: 0 } }, withSalt)).toEqual(["season-1"]);
  expect(rowsWith({ ...plan, season: { ...plan.season, glazeAt: [{ atMin: 150 }] } }, end)).toEqual(["glaze-1"]);
  expect(rowsWith({ ...plan, season: { ...plan.season, glazeAt: [{ atMin: 250 }] } }, end)).toEqual(["rest"]);
});

it("is the glaze where there are passes of it: an equal part each time, and no other is bought", () => {
  const plan: Plan = { ...sampleRoast().plan, additions: ONE_EACH };
  const glazed = (passes: number) => {
    const made = {
      ...plan,
      season: { ...plan.season, glazeAt: Array.from({ length: passes }, (_, n) => ({ atMin: 120 + 10 * n })) },
    };
    const derived = deriveAny(made, { pullMinute: 200, thawHours: 10 });
    const rows = timetableOf(made, derived, "metric").filter(({ what }) => what.startsWith("Glaze"));
    expect(listsOf(made, derived, "metric").buy.filter(({ what }) => what === "glaze")).toEqual([]);
    return rows.map(({ what, detail }) => `${what}; ${detail.split("; ").slice(1).join("; ")}`);
  };
  expect(glazed(1)).toEqual(["Glaze, pass 1; Mixture e, 10 g"]);
  expect(glazed(2)).toEqual([1, 2].map((n) => `Glaze, pass ${n}; half of: Mixture e, 10 g`));
  expect(glazed(5)[4]).toBe("Glaze, pass 5; a fifth of: Mixture e, 10 g");
});

it("tells once what several pieces in one heat get once", () => {
  const { plan: sample } = sampleRoast();
  const crown = { ...sample, bird: { ...sample.bird, cut: "crown" as const, massKg: 2.1 }, additions: ONE_EACH };
  const legs = forFire({ ...sample, bird: { ...sample.bird, cut: "legs", massKg: 1.6 } }, crown);
  const roasts = [crown, legs].map((plan, n) => ({
    id: `r${n}`,
    fire: "one",
    title: `Piece ${n}`,
    plan,
    simulated: simulated({ pullMinute: 100 - 20 * n }),
    shares: FIRST_SHARES,
  }));
  const placed = placeDinner(roasts, 0);
  const said = roasts.flatMap(({ id, plan }) => {
    const derived = placed.get(id);
    return derived ? timetableOf(plan, derived, "metric").map(({ what, detail }) => `${what} ${detail}`) : [];
  });
  const times = (moment: Plan["additions"][number]["when"]): number => {
    const name = ONE_EACH.find(({ when }) => when === moment)?.name ?? "";
    return said.filter((row) => row.includes(name)).length;
  };
  expect([times("into-the-tray"), times("into-the-wrap"), times("into-the-gravy")]).toEqual([1, 1, 1]);
  expect([times("with-the-salt"), times("before-the-heat"), times("at-the-end")]).toEqual([2, 2, 2]);
});

const isBathed = ({ what }: { readonly what: string }): boolean =>
  what.startsWith("Into the brine") || what.startsWith("Thaw in the brine");

it("is made before it is wanted, in every plan, however late that was made; a brine too", () => {
  const hoursAhead = fc.oneof(fc.constant(Number.POSITIVE_INFINITY), fc.double({ min: 0, max: 72, noNaN: true }));
  fc.assert(
    fc.property(ANY_PLAN, anyCook, hoursAhead, (any, cook, hours) => {
      const plan = { ...any, additions: ONE_EACH.map((each) => ({ ...each, makeMin: 10 })) };
      const madeMs = deriveAny(plan, cook).schedule.inAtMs - hours * HOUR_MS;
      const rows = timetableOf(plan, deriveAny(plan, cook, undefined, undefined, { taken: [], madeMs }), "metric");
      const [mixed, bathed] = [rows.find(({ what }) => what.startsWith("Mix the brine")), rows.find(isBathed)];
      if (mixed && bathed) expect(mixed.endMs).toBeLessThanOrEqual(bathed.startMs);
      for (const { name } of plan.additions) {
        const [made, ...told] = [
          rows.find(({ what }) => what === `Make: ${name}`),
          ...rows.filter(({ detail }) => detail.includes(name)),
        ];
        expect(made, name).toBeDefined();
        for (const row of told) expect(made?.endMs, `${name} before ${row.what}`).toBeLessThanOrEqual(row.startMs);
      }
    }),
    plansAsked(300),
  );
});
