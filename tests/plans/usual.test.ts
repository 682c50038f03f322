/**
 * No usual plan breaks a screen: hundreds of every species, cut and way through everything that is derived from one,
 * late ends that are never reached among them. `BRUMA_PLANS=1000` asks so many, shows as many on every board, and
 * simulates each with its own band.
 */

import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { planCalendar } from "../../app/features/list/calendar";
import { CUTS, centresOf } from "../../core/bird/form";
import { heatOnRow, lateBeforeOven } from "../../core/day/late";
import { bandShares } from "../../core/forecast/band";
import { bandAsked, type PlannedDone, plannedCook } from "../../core/forecast/planned";
import { plannedInput } from "../../core/forecast/plannedInput";
import type { Reading } from "../../core/forecast/reading";
import { FIRST_SHARES, NEVER, type Shares } from "../../core/forecast/shares";
import { HEAT_SOURCES, isFire, SOURCE_TRAITS, takes } from "../../core/heat/sources";
import { carveSteps } from "../../core/kitchen/carveGuides";
import { withForm } from "../../core/plan/edits";
import { heatsOf } from "../../core/plan/heats";
import type { Plan } from "../../core/plan/schema";
import { inKitchen } from "../../core/plan/targets";
import { usualPlan } from "../../core/plan/usualPlan";
import { drain } from "../../core/processes/cook";
import { type DerivedPlan, derivePlan } from "../../core/schedule/derive";
import { remediesOf } from "../../core/schedule/remedies";
import type { UnitSystem } from "../../core/units/quantity";
import { DAY_MS, HOUR_MS, MINUTE_MS } from "../../core/units/time";
import { conflictWords, resourceWords } from "../../words/conflicts";
import { listsOf } from "../../words/lists";
import { planMarkdown } from "../../words/markdown";
import { remedyWords } from "../../words/remedies";
import { clockTime, dayAndTime } from "../../words/time";
import { timetableOf } from "../../words/timetable";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../helpers/anyPlan";
import { clockLefts, clockSize, shownBy } from "../helpers/boards";
import { plannedDone } from "../helpers/plannedDone";
import { foreignIn, READERS } from "../helpers/readers";
import { sampleRoast } from "../helpers/sampleRoast";
import { ANY_SHARES, cookOf, USUAL_PLAN } from "../helpers/usualPlans";

const PAGES = Number(process.env.BRUMA_PLANS ?? 60);
const SIMULATED = Number(process.env.BRUMA_PLANS ?? 4);
const BOARDS = Number(process.env.BRUMA_PLANS ?? 15);

const CHICKENS = {
  bird: { species: "chicken", cut: "whole", legs: "tied", state: "fresh", massKg: 2 },
  method: "steady",
  serveAt: "2026-11-29T17:00:00.000Z",
  zone: "UTC",
} as const;

/** What a calendar shows of its entries: their instants are its program's. */
const calendarWords = (calendar: string): string =>
  calendar
    .replace(/\r\n /g, "")
    .split("\r\n")
    .filter((line) => /^(SUMMARY|DESCRIPTION)/.test(line))
    .join("\n");

/** Everything a cook reads of a plan; throws where anything of it cannot be written. */
function readEverything(plan: Plan, cook: PlannedDone, shares: Shares, units: UnitSystem, withCalendar = true): void {
  const derived = derivePlan(plan, cook, shares, Date.parse(plan.serveAt) - 20 * DAY_MS);
  for (const { id, startMs, endMs } of derived.schedule.tasks) {
    expect(Number.isFinite(startMs) && Number.isFinite(endMs), id).toBe(true);
  }
  expect(derived.conflicts.some(({ kind }) => kind === "late-never")).toBe(shares.p90 === NEVER);
  readOnPaper(plan, derived, units, withCalendar);
}

/** What is printed of a plan, and what is said of its conflicts. */
function readOnPaper(plan: Plan, derived: DerivedPlan, units: UnitSystem, withCalendar = false): void {
  const rows = timetableOf(plan, derived, units);
  const lists = listsOf(plan, derived, units);
  const page = planMarkdown("A roast", lists, rows, (ms) => dayAndTime(ms, plan.zone, READERS[units]));
  const conflicts = [
    ...derived.conflicts.map((each) => conflictWords(each, units, (ms) => dayAndTime(ms, plan.zone, READERS[units]))),
    ...derived.resourceConflicts.map((each) => resourceWords(each, plan, derived, units)),
    ...derived.conflicts.flatMap((each) => remediesOf(each, plan).map(({ does }) => remedyWords(does, units))),
  ];
  // Its writer takes as long as all else together, and is given the same rows.
  const calendar = withCalendar ? planCalendar("id", "A roast", rows, Date.parse(plan.serveAt)) : "";
  const all = `${page}\n${conflicts.join("\n")}\n${calendarWords(calendar)}`;
  expect(all).not.toMatch(/NaN|Infinity|undefined|null|Invalid/);
  expect(foreignIn(all, units)).toBe("");
  // Nothing is weighed out as nothing, and no number is written further than it is meant.
  expect(all.match(/.{0,40}(?<![\d.,:])0 (g|oz|mL|lb|tsp|tbsp)\b|.{0,40}\d\.\d{3}/g)).toBeNull();
  expect(
    all.match(/.{0,40}(?<![\d.,:½¼¾⅓⅔])1 (hours|days|birds|pots|passes|cups|quarts|briquettes|times|dishes|legs)\b/g),
  ).toBeNull();
  // Nothing ranges from a number to itself.
  expect(all.match(/.{0,40}\b(\d+) to \1 (min|h|°)/g)).toBeNull();
  // What is cut open or up has none when it is salted and when it comes out.
  if (plan.bird.cut !== "whole") expect(all).not.toMatch(/cavity/);
}

describe("a plan of any choices", () => {
  it("is on paper, whatever was chosen, and thawed in whatever fridge", () => {
    const anyThaw = fc.oneof(fc.integer({ min: 1, max: 140 }), fc.constant(Number.POSITIVE_INFINITY));
    fc.assert(
      fc.property(
        ANY_PLAN,
        anyCook,
        anyThaw,
        fc.constantFrom("metric", "us" as const),
        (plan, cook, thawHours, units) => readOnPaper(plan, deriveAny(plan, { ...cook, thawHours }), units),
      ),
      plansAsked(100),
    );
  });
});

/** No word of an oven at a fire, nor of a door or a lid where nothing of the kind shuts it. */
function speaksOf(said: string, plan: Plan): void {
  const heats = heatsOf(plan);
  if (heats.every(isFire)) expect(said).not.toMatch(/.{0,40}\b(oven|dial)/i);
  const shuts = heats.map((heat) => SOURCE_TRAITS[heat].shutBy);
  const hasLid = plan.stages.some(({ wrap }) => wrap === "lid");
  for (const each of ["door", "lid"] as const) {
    if (shuts.includes(each) || (each === "lid" && hasLid)) continue;
    expect(said).not.toMatch(new RegExp(`.{0,40}\\b${each}\\b`, "i"));
  }
}

describe("several birds of one roast", () => {
  it("are all to be read, wherever a reading is asked for", () => {
    const plan = usualPlan({ ...CHICKENS, bird: { ...CHICKENS.bird, count: 3 } });
    const cook = cookOf(plan);
    if (cook.kind !== "done") throw new Error("such chickens are done");
    const derived = derivePlan(plan, cook, FIRST_SHARES, Date.parse(plan.serveAt) - 2 * DAY_MS);
    const boards = shownBy({ plan, cook, derived, shares: FIRST_SHARES, units: "metric" });
    expect(boards).toMatch(/Read each place in all 3 birds/);
    // Their rest is over by the clock of the day on which this is tested, or is not.
    expect(boards).toMatch(/They are out of the oven.*Put them back into the oven.*They are back in the oven/s);
    expect(boards).not.toMatch(/It is (out of|back in)|(Let|Keep|Put) it /);
    const rows = timetableOf(plan, derived, "metric");
    expect(rows.map(({ what }) => what)).toContain("Expected out: check every centre in all 3 birds, then rest");
  });
});

describe("a plan at any heat", () => {
  it("speaks on paper of what its heat has", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        // What bakes beside a fire outdoors bakes in the oven.
        const derived = deriveAny({ ...plan, sides: [] }, cook);
        const rows = timetableOf(plan, derived, "metric").filter(({ about }) => !("side" in about));
        speaksOf(
          JSON.stringify([rows.map(({ what, detail }) => [what, detail]), listsOf(plan, derived, "metric")]),
          plan,
        );
      }),
      plansAsked(200),
    );
  });

  it("speaks on every board of what its heat has", () => {
    fc.assert(
      fc.property(USUAL_PLAN, ANY_SHARES, fc.constantFrom(...HEAT_SOURCES), (usual, shares, heat) => {
        if (!takes(heat, usual.bird.cut)) return;
        const plan = { ...usual, heat, sides: [] };
        const cook = cookOf(plan);
        if (cook.kind !== "done") return;
        const derived = derivePlan(plan, cook, shares, Date.parse(plan.serveAt) - 20 * DAY_MS);
        speaksOf(shownBy({ plan, cook, derived, shares, units: "metric" }).replace(/\s+/g, " "), plan);
      }),
      { numRuns: BOARDS },
    );
  }, 300_000);
});

/** What can be said of one bird only; "the bird that your readings point to" is the model's, and one of many. */
const OF_ONE_BIRD =
  /.{0,30}\b((the|this) bird\b(?! that)|(cooking|lift|put|wrap|turn|rest) it\b|it (goes|should have gone) in at\b|(in|into) its (bag|tray)\b).{0,20}/i;

describe("a plan of several birds", () => {
  it("is told as several on every board, late or not", () => {
    fc.assert(
      fc.property(USUAL_PLAN, ANY_SHARES, fc.integer({ min: 2, max: 4 }), (usual, shares, count) => {
        const plan = { ...usual, bird: { ...usual.bird, count } };
        const cook = cookOf(plan);
        if (cook.kind !== "done") return;
        const derived = derivePlan(plan, cook, shares, Date.parse(plan.serveAt) - 20 * DAY_MS);
        const { inAtMs } = derived.schedule;
        for (const nowMs of [inAtMs - HOUR_MS / 2, inAtMs + HOUR_MS / 6]) {
          const late = lateBeforeOven(plan, cook, shares, derived, {}, nowMs);
          const shown = shownBy({ plan, cook, derived, shares, units: "metric", late }).replace(/\s+/g, " ");
          expect(OF_ONE_BIRD.exec(shown)?.[0]).toBeUndefined();
        }
      }),
      { numRuns: BOARDS },
    );
  }, 300_000);
});

describe("a plan of any bird", () => {
  const THIGH = /.{0,40}\b(thighs?|drumsticks?|legs?)\b/i;
  const BREAST = /.{0,40}\bbreasts?\b/i;
  /** No word of meat that this bird does not have. */
  const speaksOfIts = (bird: Plan["bird"], said: string): void => {
    const centres = centresOf(bird);
    if (!centres.includes("thigh")) expect(said).not.toMatch(THIGH);
    if (!centres.includes("breast")) expect(said.replaceAll("whole legs", "")).not.toMatch(BREAST);
  };

  it("speaks on paper of the meat that it has, whatever it was before it was cut so", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (any, cook) => {
        // Dishes and what is made for it have names of the cook's own.
        const plan = withForm({})({ ...any, sides: [], additions: [] });
        const derived = deriveAny(plan, cook);
        const rows = timetableOf(plan, derived, "metric").map(({ what, detail }) => [what, detail]);
        speaksOfIts(plan.bird, JSON.stringify([rows, listsOf(plan, derived, "metric")]));
      }),
      plansAsked(200),
    );
  });

  it("has its stuffing bought, made, put in and taken out before it is carved, and no juice in its cavity with it there", () => {
    const said = (cavity: Plan["bird"]["cavity"]): string => {
      const plan = withForm({ cavity })(sampleRoast().plan);
      const derived = derivePlan(plan, plannedDone(plan), FIRST_SHARES, 0);
      const rows = timetableOf(plan, derived, "metric").map(({ what, detail }) => `${what}: ${detail}`);
      const [all] = listsOf(plan, derived, "metric").buy.filter(({ what }) => what.startsWith("stuffing"));
      return [all ? `buy ${all.what}: ${all.amount}` : "", ...rows].join("\n");
    };
    expect(said("stuffed")).toMatch(
      /buy stuffing for the cavity: \d{3} g[\s\S]*\nMake the stuffing: \d{3} g[\s\S]*\nStuff it loosely: [\s\S]*\nCarve: string off; all of the stuffing out first; /,
    );
    expect(said("stuffed")).not.toContain("juices tipped");
    expect(said("empty")).toContain("cavity juices tipped in");
    for (const cavity of ["empty", "aromatics"] as const) expect(said(cavity)).not.toMatch(/stuff/i);
    const steps = (cavity: Plan["bird"]["cavity"]) => carveSteps("turkey", "whole", { cavity }).map(({ id }) => id);
    expect(steps("stuffed")).toEqual(["stuffing-out", ...steps("empty")]);
  });

  it("speaks at the stove of the meat that it has", () => {
    const cuts = CUTS.filter((cut) => centresOf({ cut, cavity: "empty" }).length === 1);
    fc.assert(
      fc.property(USUAL_PLAN, fc.constantFrom(...cuts), ANY_SHARES, (usual, cut, shares) => {
        const plan = withForm({ cut })({ ...usual, sides: [], additions: [] });
        const cook = cookOf(plan);
        if (cook.kind !== "done") return;
        const derived = derivePlan(plan, cook, shares, Date.parse(plan.serveAt) - 20 * DAY_MS);
        speaksOfIts(plan.bird, shownBy({ plan, cook, derived, shares, units: "metric" }).replace(/\s+/g, " "));
      }),
      { numRuns: BOARDS },
    );
  }, 300_000);
});

describe("a usual plan", () => {
  it("is there on every page, whatever its band", () => {
    fc.assert(
      fc.property(
        USUAL_PLAN,
        ANY_SHARES,
        fc.constantFrom("metric", "us" as const),
        fc.nat(4),
        (plan, shares, units, n) => {
          const cook = cookOf(plan);
          // Heat that does not suffice is told by the simulation itself.
          if (cook.kind === "done") readEverything(plan, cook, shares, units, n === 0);
          else expect(cook.highestC).toBeLessThan(cook.targetC);
        },
      ),
      { numRuns: PAGES },
    );
  });

  it("is there on every board: the plan's, the clock's, the stove's before and with the bird in", () => {
    fc.assert(
      fc.property(USUAL_PLAN, ANY_SHARES, fc.constantFrom("metric", "us" as const), (plan, shares, units) => {
        const cook = cookOf(plan);
        if (cook.kind !== "done") return;
        const derived = derivePlan(plan, cook, shares, Date.parse(plan.serveAt) - 20 * DAY_MS);
        const shown = shownBy({ plan, cook, derived, shares, units });
        expect(shown).not.toMatch(/NaN|Infinity|undefined|null|Invalid/);
        expect(foreignIn(shown, units)).toBe("");
        // The board and the timetable turn the heat on at the same time.
        const heat = timetableOf(plan, derived, units).find(({ id }) => id === heatOnRow(plan));
        const on = /(?:Oven on|Fire lit)(?:, \w{3} (?:\d+ \w{3}|\w{3} \d+))?(?:,? \d{4})? (\d+:\d\d(?: [ap]m)?) /.exec(
          shown.replace(/\s+/g, " "),
        );
        expect(on?.[1]).toBe(clockTime(heat?.startMs ?? Number.NaN, plan.zone, READERS[units]));
        // Nothing is done before the clock's beginning, where its lanes are named.
        expect(clockLefts({ plan, cook, derived }).filter((px) => px < 0)).toEqual([]);
      }),
      { numRuns: BOARDS },
    );
  }, 300_000);

  it("says at the plan and at the stove what is not read, and what is below the guideline of its kitchen", () => {
    const shown = (
      change: Partial<Plan>,
      guideline: NonNullable<Plan["equipment"]["guideline"]>,
      believed: readonly Reading[] = [],
    ): string => {
      const { plan: sample } = sampleRoast();
      const plan = { ...inKitchen({ guideline })(sample), ...change };
      const cook = plannedDone(plan, "preview");
      const derived = derivePlan(plan, cook, FIRST_SHARES, Date.parse(plan.serveAt) - 20 * DAY_MS);
      return shownBy({ plan, cook, derived, shares: FIRST_SHARES, units: "metric", believed }).replace(/\s+/g, " ");
    };
    expect(shown({}, "at-once")).not.toMatch(/is read|below the guideline/);
    expect(shown({ decidedBy: "breast" }, "at-once")).toMatch(
      /Only the breast is read\. By then a usual bird.{1,6}s thigh is at \d+ °C, computed; the usual guidance reads both\./,
    );
    expect(shown({ decidedBy: "breast", targetC: { breast: 56, thigh: 74 } }, "at-once")).toMatch(
      /Only the breast is read, and the thigh is below the guideline then\. By then .{1,30}thigh is at [67]\d °C, computed/,
    );
    const stuffed = { decidedBy: "breast" as const, bird: { ...sampleRoast().plan.bird, cavity: "stuffed" as const } };
    expect(shown(stuffed, "at-once")).toContain("Only the breast and the stuffing are read.");
    expect(shown({ bird: stuffed.bird }, "at-once")).toMatch(
      /counts on \d+ °C in the breast, \d+ °C in the thigh and \d+ °C in the stuffing\./,
    );
    // A thermometer that sits in the other all the same is told at the stove, as long as there is one.
    const inThigh = [{ minute: 5, part: "thigh" as const, celsius: 51 }];
    expect(shown({ decidedBy: "breast" }, "at-once")).not.toContain("not waited for");
    expect(shown({ decidedBy: "breast" }, "at-once", inThigh)).toMatch(/thigh , °C 51 not waited for, read/);
    expect(shown({}, "at-once", inThigh)).toMatch(/thigh , °C 51 out at/);
    expect(shown({}, "held")).not.toMatch(/is read|below the guideline/);
    const cool = { breast: 66, thigh: 66 };
    expect(shown({ targetC: cool }, "held")).toContain(
      "The target of 66 °C is below the guideline of 70 °C, held for 2 minutes.",
    );
    expect(shown({ targetC: { breast: 74, thigh: 74 } }, "whole-hotter")).toContain("below the guideline of 82 °C");
    // Stuffing is asked less of than its bird: it is not what is short.
    const bird = { ...sampleRoast().plan.bird, cavity: "stuffed" as const };
    expect(shown({ bird, targetC: { breast: 80, thigh: 82, filling: 74 } }, "whole-hotter")).toContain(
      "The target of 80 °C is below",
    );
  });

  it("begins its clock with the first thing that is done: a brine that is mixed, an eve's check", () => {
    const { plan } = sampleRoast();
    for (const salt of [
      { ...plan.salt, method: "brine" as const, saltHours: 5 },
      { ...plan.salt, method: "none" as const, dryHours: 0 },
    ]) {
      const other: Plan = { ...plan, salt };
      const cook = plannedDone(other);
      const derived = derivePlan(other, cook, FIRST_SHARES, Date.parse(plan.serveAt) - 20 * DAY_MS);
      expect(derived.chores[0]?.startMs).toBeLessThan(derived.schedule.tasks[0]?.startMs ?? 0);
      expect(clockLefts({ plan: other, cook, derived }).filter((px) => px < 0)).toEqual([]);
    }
  });

  it("is no longer a clock where the bird went in long before its dinner", () => {
    const { plan } = sampleRoast();
    const cook = plannedDone(plan);
    const derived = derivePlan(plan, cook, FIRST_SHARES, Date.parse(plan.serveAt) - 20 * DAY_MS);
    const size = (days: number): number => clockSize({ plan, cook, derived }, days * DAY_MS);
    for (const days of [1, 30, 300, 9000]) expect(size(days), `${days} days`).toBeLessThan(size(0) + 110);
  });

  it("says on which day the bird goes in, where that is not dinner's", () => {
    const plan = usualPlan({
      bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "fresh" },
      method: "steady",
      serveAt: "2026-09-27T11:30:00.000Z",
      zone: "UTC",
    });
    const cook = plannedDone(plan);
    const shown = (longerMin: number): string => {
      const longer = { ...cook, pullMinute: cook.pullMinute + longerMin };
      const derived = derivePlan(plan, longer, FIRST_SHARES, Date.parse(plan.serveAt) - 20 * DAY_MS);
      return shownBy({ plan, cook: longer, derived, shares: FIRST_SHARES, units: "metric" }).replace(/\s+/g, " ");
    };
    expect(shown(0)).toMatch(/ In 0\d:\d\d /);
    expect(shown(14 * 60)).toMatch(/ Oven on, Sat 26 Sep \d\d:\d\d .* In, Sat 26 Sep \d\d:\d\d /);
  });

  it("says at the stove what to do first when nothing has begun, at a fire as in an oven", () => {
    const first = (heat: Plan["heat"], isOn: boolean): string => {
      const plan = { ...sampleRoast().plan, heat };
      const cook = plannedDone(plan);
      const derived = derivePlan(plan, cook, FIRST_SHARES, Date.parse(plan.serveAt) - 20 * DAY_MS);
      const nowMs = derived.schedule.inAtMs + 40 * MINUTE_MS;
      const told = isOn ? { heatOnAt: new Date(nowMs).toISOString() } : {};
      const late = lateBeforeOven(plan, cook, FIRST_SHARES, derived, told, nowMs);
      return shownBy({ plan, cook, derived, shares: FIRST_SHARES, units: "metric", late }).replace(/\s+/g, " ");
    };
    // Or it was on, and went in, when it was to, and nobody has said so.
    expect(first("oven", false)).toMatch(
      /Oven on now, at 160 °C now .* The oven is on It was on at [^.]*06:\d\d It went in at [^.]*06:\d\d /,
    );
    expect(first("oven", true)).toMatch(
      /Bird into the oven, once that is hot .* into full heat\. It went in at [^.]*06:\d\d The bird is in the oven /,
    );
    expect(first("smoker", false)).toMatch(
      /Light the fire now, to be at 160 °C now .* The fire is lit It was lit at [^.]*06:\d\d /,
    );
    expect(first("smoker", true)).toMatch(/Bird into the smoker, once that is hot /);
  });

  it("is there with the band that its own ensemble gives", () => {
    fc.assert(
      fc.property(USUAL_PLAN, (plan) => {
        const cook = drain(plannedCook(plannedInput(plan), "preview"));
        if (cook.kind !== "done") return;
        readEverything(plan, cook, drain(bandShares(bandAsked(plannedInput(plan), cook))), "us");
      }),
      { numRuns: SIMULATED },
    );
  }, 3_600_000);

  it("asks of a band what decides at the pull, and not what is hot by the way: a flat duck has a late end", () => {
    const plan = usualPlan({
      bird: { species: "duck", cut: "spatchcock", massKg: 3.38, state: "fresh" },
      method: "steady",
      serveAt: "2026-12-20T12:00:00.000Z",
      zone: "UTC",
    });
    const cook = drain(plannedCook(plannedInput(plan), "preview"));
    if (cook.kind !== "done") throw new Error("a duck gets done");
    const { p90 } = drain(bandShares(bandAsked(plannedInput(plan), cook)));
    expect(p90).toBeGreaterThan(1);
    expect(p90).toBeLessThan(1.4);
  });
});
