/** Each conflict made on purpose, and each of its remedies applied: the conflict is gone. */

import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { CUTS, centresOf } from "../bird/form";
import { mostOf, nearestKg } from "../bird/mass";
import { SPECIES } from "../bird/species";
import { FIRST_SHARES, NEVER } from "../forecast/shares";
import { methodById, stagesFitting } from "../plan/methods";
import type { Plan } from "../plan/schema";
import { usualPlan } from "../plan/usualPlan";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import type { Conflict } from "./conflicts";
import { type DerivedPlan, derivePlan } from "./derive";
import { remediesOf } from "./remedies";
import { resourceRemedies } from "./resourceRemedies";
import type { ResourceConflict } from "./resources";

const { plan: usual } = sampleRoast();
const SERVE = Date.parse(usual.serveAt);
/** Hours this bird thaws; the cold fridge of one case never does. */
const thawHoursOf = ({ bird, thawIn, equipment }: Plan): number => {
  if (bird.state === "fresh" || thawIn === "none") return 0;
  if (thawIn === "water") return 7;
  return equipment.fridgeC < 1 ? Number.POSITIVE_INFINITY : 80;
};
/** A turkey that is long when whole, flatter and wider as it is cut. */
const sizeOf = ({ bird }: Plan) =>
  bird.cut === "whole"
    ? { length: 38, width: 25, height: 22 }
    : bird.cut === "spatchcock"
      ? { length: 36, width: 27, height: 9 }
      : { length: 30, width: 24, height: 9 };
const thawsOf = ({ bird, thawIn }: Plan) =>
  bird.state !== "fresh" && thawIn === "fridge" && bird.cut !== "whole" ? { length: 38, width: 25, height: 22 } : null;
const derive = (plan: Plan, nowMs = SERVE - 30 * 24 * HOUR_MS): DerivedPlan =>
  derivePlan(
    plan,
    simulated({ thawHours: thawHoursOf(plan), sizeCm: sizeOf(plan), thawsCm: thawsOf(plan) }),
    FIRST_SHARES,
    nowMs,
  );

type Change = { [Part in keyof Plan]?: Plan[Part] extends unknown[] ? Plan[Part] : Partial<Plan[Part]> };
const changed = (change: Change): Plan => {
  const made: Record<string, unknown> = { ...usual };
  for (const [part, value] of Object.entries(change)) {
    const before = usual[part as keyof Plan];
    made[part] =
      typeof value === "object" && !Array.isArray(value) ? { ...(before as object), ...(value as object) } : value;
  }
  return made as Plan;
};

const frozen = { state: "frozen" } as const;
const MADE: readonly [Conflict["kind"], Plan, number?][] = [
  ["too-late", changed({ bird: frozen }), SERVE - 100 * HOUR_MS],
  ["too-late", usual, SERVE - 20 * HOUR_MS],
  ["too-late", usual, SERVE - 2 * HOUR_MS],
  ["never-thaws", changed({ bird: frozen, equipment: { fridgeC: 0.5 } })],
  ["thawed-in-water-waits", changed({ bird: frozen, thawIn: "water" })],
  ["ice-waits", changed({ bird: { state: "part-frozen" }, thawIn: "none" })],
  ["waits-too-long-raw", changed({ salt: { saltHours: 48, dryHours: 48 } })],
  ["brined-too-long", changed({ salt: { method: "brine", saltHours: 60, dryHours: 0 } })],
  ["frozen-outside-an-oven", changed({ bird: { state: "part-frozen" }, thawIn: "none", heat: "covered-grill" })],
  [
    "frozen-outside-an-oven",
    changed({
      bird: { state: "part-frozen", cavity: "stuffed" },
      thawIn: "none",
      targetC: { breast: 74, thigh: 74, filling: 74 },
    }),
  ],
  ["never-comes", changed({ season: { glazePasses: 1, glazeAt: [{ when: { centre: "breast", reachesC: 90 } }] } })],
  ["never-comes", changed({ season: { glazePasses: 1, glazeAt: [{ atMin: 500 }] } })],
  [
    "never-comes",
    changed({
      stages: [
        { fromMin: 0, airC: 160 },
        { fromMin: 500, airC: 200 },
      ],
    }),
  ],
  ["never-comes", changed({ season: { bacon: true, baconOff: { when: { colour: "golden" } } } })],
  [
    "no-gravy-for",
    changed({
      gravy: "none",
      additions: [
        {
          id: "a",
          name: "Port",
          amount: 100,
          unit: "mL",
          when: "into-the-gravy",
          where: "over",
          saltPercent: 0,
          sugarPercent: 10,
          makeMin: 0,
        },
      ],
    }),
  ],
  [
    "sugar-burns",
    changed({
      stages: [{ fromMin: 0, airC: 220 }],
      additions: [
        {
          id: "a",
          name: "Honey",
          amount: 50,
          unit: "g",
          when: "before-the-heat",
          where: "over",
          saltPercent: 0,
          sugarPercent: 80,
          makeMin: 0,
        },
      ],
    }),
  ],
  ["bag-melts", changed({ stages: [{ fromMin: 0, airC: 230, wrap: "bag" }] })],
  [
    "bag-melts",
    changed({
      stages: [
        { fromMin: 0, airC: 180, wrap: "bag" },
        { fromMin: 60, airC: 220 },
      ],
      preheat: { minutes: 25, airC: 240 },
    }),
  ],
  ["bag-melts", changed({ heat: "smoker", stages: [{ fromMin: 0, airC: 160, wrap: "bag" }] })],
  ["not-on-a-spit", changed({ bird: { cut: "spatchcock" }, heat: "spit" })],
  ["salted-twice", changed({ bird: { preSalted: true } })],
  ["too-salty", changed({ salt: { percent: 2 } })],
  ["at-night", changed({ serveAt: new Date(SERVE - 6 * HOUR_MS).toISOString() })],
  ["does-not-fit", changed({ salt: { method: "brine", dryHours: 0 }, equipment: { potL: 5 } })],
  ["does-not-fit", changed({ equipment: { ovenCm: { width: 46, depth: 40, height: 20 } } })],
  ["does-not-fit", changed({ bird: { count: 2 } })],
  [
    "does-not-fit",
    changed({
      bird: { ...frozen, cut: "spatchcock" },
      equipment: { shelfCm: { width: 48, depth: 35, height: 26 } },
    }),
  ],
];

describe("a dinner that is late in the evening", () => {
  it("is moved on into the night's first hour rather than to the next day", () => {
    const late = { ...usual, serveAt: "2026-11-30T21:40:00.000Z", zone: "UTC" };
    const after = (plan: Plan) => derive(plan, inAtMs + 20 * MINUTE_MS).conflicts;
    const { inAtMs } = derive(late).schedule;
    const conflict = after(late).find((each) => each.kind === "too-late" && each.task === "roast");
    expect(conflict).toBeDefined();
    const [later] = remediesOf(conflict as Conflict, late, after);
    expect(later?.does).toEqual({ kind: "eat-later", hours: 0.75 });
  });
});

describe("a brine that is stopped by the clock", () => {
  const brined = changed({ salt: { method: "brine", brinePercent: 12, saltHours: 36, dryHours: 0 } });
  /** What has crept in, as the model has it: with the strength, and with the root of the hours at the quickest. */
  const derived = ({ salt }: Plan, percent: number): DerivedPlan =>
    derivePlan(
      { ...brined, salt },
      simulated({ saltPercent: percent * (salt.brinePercent / 12) * Math.sqrt(salt.saltHours / 36) }),
      FIRST_SHARES,
      SERVE - 30 * 24 * HOUR_MS,
    );

  it("is called too salty by what is simulated, and only then; every remedy takes it away", () => {
    expect(derivePlan(brined, simulated(), FIRST_SHARES, 0).conflicts.map(({ kind }) => kind)).not.toContain(
      "too-salty",
    );
    expect(derived(brined, 0.5).conflicts.map(({ kind }) => kind)).not.toContain("too-salty");
    const conflict = derived(brined, 2.2).conflicts.find(({ kind }) => kind === "too-salty");
    expect(conflict).toEqual({ kind: "too-salty", percent: 2.2 });
    const remedies = remediesOf(conflict as Conflict, brined);
    expect(remedies.length).toBe(2);
    for (const { does, change } of remedies) {
      expect(
        derived(change(brined), 2.2).conflicts.map(({ kind }) => kind),
        does.kind,
      ).not.toContain("too-salty");
    }
  });
});

describe("a conflict of the bird's own tasks", () => {
  it.each(MADE)("%s: every remedy takes it away", (kind, plan, nowMs) => {
    const found = derive(plan, nowMs).conflicts.filter((conflict) => conflict.kind === kind);
    expect(found.length).toBeGreaterThan(0);
    const [conflict] = found as [Conflict];
    const remedies = remediesOf(conflict, plan);
    expect(remedies.length).toBeGreaterThan(0);
    for (const { does, change } of remedies) {
      const left = derive(change(plan), nowMs).conflicts.filter((other) => same(other, conflict));
      expect(left, does.kind).toEqual([]);
    }
  });
});

/** A later task that is too late as well is another conflict, and a bird that fits the oven may still be too wide for a pan. */
function same(a: Conflict, b: Conflict): boolean {
  if (a.kind === "too-late" && b.kind === "too-late") return a.task === b.task;
  if (a.kind === "does-not-fit" && b.kind === "does-not-fit") return a.fit.where === b.fit.where;
  if (a.kind === "never-comes" && b.kind === a.kind) return a.what === b.what;
  if (a.kind === "frozen-outside-an-oven" && b.kind === a.kind) return a.why === b.why;
  return a.kind === b.kind;
}

const dish = (id: string, ovenC: number | null, change: Partial<Plan["sides"][number]> = {}) => ({
  id,
  name: id,
  minutes: 30,
  ovenC,
  ring: ovenC === null,
  slot: "auto" as const,
  ...change,
});
describe("heat that one bird in ten does not get there with", () => {
  it("is said, and a hotter oven is the remedy", () => {
    const never = { ...FIRST_SHARES, p90: NEVER } as const;
    const { conflicts } = derivePlan(usual, simulated(), never, SERVE - 30 * 24 * HOUR_MS);
    expect(conflicts).toContainEqual({ kind: "late-never" });
    const [remedy] = remediesOf({ kind: "late-never" }, usual);
    expect(remedy?.change(usual).stages.map(({ airC }) => airC)).toEqual(usual.stages.map(({ airC }) => airC + 20));
  });
});

const SHORT: readonly [ResourceConflict["kind"], Plan][] = [
  ["oven-two-temperatures", changed({ sides: [dish("gratin", 220, { slot: "with" })] })],
  ["oven-full", changed({ sides: ["a", "b"].map((id) => dish(id, 163, { slot: "with" })) })],
  ["rings-full", changed({ sides: [dish("sprouts", null)], equipment: { rings: 0 }, stock: "bought" })],
  ["no-thermometer", changed({ equipment: { thermometers: 0 } })],
  ["fridge-full", changed({ salt: { method: "brine" }, equipment: { fridgeL: 12 } })],
  ["fridge-full", changed({ bird: frozen, equipment: { fridgeL: 5 } })],
];

describe("a conflict over the kitchen", () => {
  it.each(SHORT)("%s: the first remedy takes it away", (kind, plan) => {
    const conflicts = derive(plan).resourceConflicts.filter((conflict) => conflict.kind === kind);
    expect(conflicts.length).toBeGreaterThan(0);
    const [conflict] = conflicts as [ResourceConflict];
    const [remedy] = resourceRemedies(conflict, plan);
    const left = derive(remedy?.change(plan) as Plan).resourceConflicts;
    expect(
      left.filter((other) => other.kind === kind && other.uses[1].id === conflict.uses[1].id),
      remedy?.does.kind,
    ).toEqual([]);
  });

  it("is none in the usual kitchen", () => expect(derive(usual).resourceConflicts).toEqual([]));

  it("is none with one pair of hands, whatever is roasted as usual: one bird, one piece, or as many as there can be", () => {
    for (const species of SPECIES) {
      for (const cut of CUTS) {
        for (const count of [1, mostOf(cut)]) {
          const bird = { species, cut, massKg: nearestKg(species, cut, 0.5), count, state: "fresh" } as const;
          const made = usualPlan({ bird, method: "steady", serveAt: usual.serveAt, zone: usual.zone });
          for (const pullMinute of [25, 45, 120]) {
            const cook = simulated({ pullMinute, sizeCm: sizeOf(made) });
            const alone = { ...made, equipment: { ...made.equipment, hands: 1 } };
            const placed = derivePlan(alone, cook, FIRST_SHARES, SERVE - 30 * 24 * HOUR_MS);
            expect(placed.resourceConflicts, `${count} ${cut} of ${species}, ${pullMinute} min`).toEqual([]);
          }
        }
      }
    }
  });
});

describe("a remedy that cuts the bird otherwise", () => {
  it("takes the stages along that fit it, and no others", () => {
    const down = changed({
      method: "breast-down",
      stages: [
        { fromMin: 0, airC: 190, side: "down" },
        { fromMin: 50, airC: 163, side: "up" },
      ],
      equipment: { ovenCm: { width: 46, depth: 40, height: 20 } },
    });
    const conflict = derive(down).conflicts.find(({ kind }) => kind === "does-not-fit") as Conflict;
    for (const { does, change } of remediesOf(conflict, down)) {
      const { bird, method, stages } = change(down);
      expect(methodById(method).cuts, does.kind).toContain(bird.cut);
      expect(
        stages.some(({ side }) => side === "down"),
        does.kind,
      ).toBe(false);
    }
  });

  it("waits for no centre that the cut has not, and covers none", () => {
    for (const cut of CUTS) {
      const stages = stagesFitting(
        [
          { fromMin: 0, airC: 218, shield: "breast" as const, side: "down" as const },
          { fromMin: 30, airC: 163, when: { centre: "filling" as const, reachesC: 40 } },
          { fromMin: 40, airC: 160, when: { centre: "breast" as const, reachesC: 60 } },
        ],
        { cut },
      );
      const centres = centresOf({ cut });
      for (const { when } of stages) if (when) expect(centres, cut).toContain(when.centre);
      expect(stages[0]?.side, cut).toBe(cut === "whole" ? "down" : undefined);
      if (!centres.includes("breast")) expect(stages[0]).not.toHaveProperty("shield");
    }
  });
});

describe("the oven", () => {
  it("is free once the bird is out, whatever stage was still waiting", () => {
    const waiting = changed({
      stages: [
        { fromMin: 0, airC: 190 },
        { fromMin: 90, airC: 160, when: { centre: "breast", reachesC: 85 } },
        { fromMin: 600, airC: 220 },
      ],
    });
    const { uses, schedule } = derive(waiting);
    const birds = uses.filter(({ id, ovenC }) => id === "bird" && ovenC !== null);
    expect(birds.map(({ ovenC }) => ovenC)).toEqual([190]);
    for (const { startMs, endMs } of birds) {
      expect(startMs).toBeGreaterThanOrEqual(schedule.inAtMs);
      expect(endMs).toBeLessThanOrEqual(schedule.latePullMs);
    }
  });
});

describe("an oven that another roast wants", () => {
  const wanted = (plan: Plan): readonly string[] => {
    const use = { startMs: 0, endMs: HOUR_MS, hands: 0, rings: 0, fridgeL: 0, ovenShare: 1 };
    const uses = [
      { ...use, id: "roast", ovenC: 160 },
      { ...use, id: "roast", of: "Duck", ovenC: 200 },
    ] as unknown as ResourceConflict["uses"];
    return resourceRemedies({ kind: "oven-two-temperatures", uses, fromMs: 0 }, plan).map(({ does }) => does.kind);
  };

  it("is left to it by this one on the grill, thawed first where there is ice in it", () => {
    expect(wanted(usual)).toContain("this-on-the-grill");
    const iced = changed({ bird: { state: "part-frozen" }, thawIn: "none" });
    expect(wanted(iced)).not.toContain("this-on-the-grill");
    expect(wanted(iced)).toContain("thawed-on-the-grill");
  });
});
