import { describe, expect, it } from "vitest";
import { FIRST_SHARES } from "../core/forecast/shares";
import { SHIELDS, UNDERLAYS, WRAPS } from "../core/heat/covers";
import { METHODS } from "../core/plan/methods";
import type { Plan } from "../core/plan/schema";
import { usualPlan } from "../core/plan/usualPlan";
import { fullStages } from "../core/processes/stages";
import { derivePlan } from "../core/schedule/derive";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { simulated } from "../tests/helpers/simulated";
import { UNDERLAY_NAMES } from "./names";
import { goesInWords, stageName, stageWords } from "./stages";
import { timetableOf } from "./timetable";

const { plan } = sampleRoast();

describe("how a bird goes into the heat", () => {
  it("is told with its row: on which side, and under what, for every method", () => {
    for (const { id: method, cuts } of METHODS) {
      const cut = cuts[0] ?? "whole";
      const made = usualPlan({
        bird: { species: "turkey", cut, massKg: 4, state: "fresh" },
        method,
        serveAt: plan.serveAt,
        zone: "UTC",
      });
      const rows = timetableOf(made, derivePlan(made, simulated({ thawHours: 0 }), FIRST_SHARES, 0), "metric");
      const told = rows.find(({ id }) => id === "roast")?.detail ?? "";
      const [first] = fullStages(made.stages, cut);
      expect(told.includes("breast down"), method).toBe(first?.side === "down");
      expect(told.includes("foil over"), method).toBe(first?.shield !== "none");
    }
  });

  it("is told with the whole minute of each change of the heat, at whatever second that was made", () => {
    const stages = [
      { fromMin: 0, airC: 220 },
      { fromMin: 39.616_667, airC: 160 },
      { fromMin: 95, when: { centre: "breast" as const, reachesC: 60 }, airC: 160, shield: "breast" as const },
    ];
    const made = { ...plan, stages };
    const rows = timetableOf(made, derivePlan(made, simulated({ thawHours: 0 }), FIRST_SHARES, 0), "metric");
    expect(rows.find(({ id }) => id === "roast")?.detail).toContain("220 °C from minute 0, 160 °C from minute 40");
    expect(stages.map((_, n) => stageName(made, n, "metric"))).toEqual(["first 40 min", "from 40 min", "breast 60 °C"]);
    // How long it lasts nobody knows.
    const waits = { ...plan, stages: [stages[0], stages[2]] as Plan["stages"] };
    expect(stageName(waits, 0, "metric")).toBe("at first");
    expect(stageName({ ...plan, stages: stages.slice(0, 1) }, 0, "metric")).toBe("all through");
  });

  it("goes in with what the plan wants there to the hot side, where an oven has one or it is turned half way", () => {
    const goesIn = (cut: Plan["bird"]["cut"], hotSideK: number, ...facings: Plan["stages"][number]["towardsHot"][]) =>
      goesInWords({
        ...plan,
        bird: { ...plan.bird, cut },
        equipment: { ...plan.equipment, hotSideK },
        stages: facings.map((towardsHot, n) => ({
          fromMin: 30 * n,
          airC: 180,
          towardsHot,
        })) as unknown as Plan["stages"],
      });
    expect(goesIn("whole", 0, "legs")).toBe("");
    expect(goesIn("whole", 15, undefined)).toBe("legs to the hot side");
    expect(goesIn("crown", 15, "breast")).toBe("breast to the hot side");
    expect(goesIn("whole", 0, "left", "right")).toBe("left side to the hot side");
    expect(goesInWords({ ...plan, heat: "spit", equipment: { ...plan.equipment, hotSideK: 15 } })).toBe("");
  });

  it("has words for every cover, and none for none", () => {
    const under = (stage: Partial<Plan["stages"][number]>): string =>
      goesInWords({ ...plan, bird: { ...plan.bird, cut: "whole" }, stages: [{ fromMin: 0, airC: 180, ...stage }] });
    expect(under({})).toBe("");
    for (const wrap of WRAPS) if (wrap !== "none") expect(under({ wrap }).length, wrap).toBeGreaterThan(5);
    for (const shield of SHIELDS) if (shield !== "none") expect(under({ shield }), shield).toMatch(/^foil over the /);
    expect(under({ side: "down", wrap: "bag" })).toMatch(/^breast down, in its bag/);
  });
});

describe("a change of the heat", () => {
  it("says where the bird is moved, or that a fan is turned", () => {
    const told = (heat: Plan["heat"], movedTo: Plan["heat"], airC = 180): string =>
      stageWords(
        {
          ...plan,
          heat,
          stages: [
            { fromMin: 0, airC: 120 },
            { fromMin: 60, airC, movedTo },
          ],
        },
        1,
        "metric",
      );
    expect(told("smoker", "oven")).toBe("Move it into the oven, at 180 °C");
    expect(told("oven", "covered-grill")).toBe("Move it onto the covered grill, at 180 °C");
    expect(told("oven", "fan-oven")).toBe("Fan on, heat to 180 °C");
    expect(told("fan-oven", "oven", 120)).toBe("Fan off");
    expect(told("oven", "oven", 120)).toBe("Heat stays at 120 °C");
  });

  it("says what the hand does, into every wrap and out of it again", () => {
    for (const wrap of WRAPS) {
      if (wrap === "none") continue;
      const stages = [
        { fromMin: 0, airC: 180 },
        { fromMin: 30, airC: 180, wrap },
        { fromMin: 60, airC: 180, wrap: "none" as const },
      ];
      const says = (n: number): string => stageWords({ ...plan, stages }, n, "metric");
      for (const n of [1, 2]) expect(says(n), wrap).not.toMatch(/^$|stays/);
      expect(says(1)).not.toBe(says(2));
    }
  });
});

describe("what it is laid onto with a stage", () => {
  it("is called as where it is chosen", () => {
    const told = UNDERLAYS.filter((surface) => surface !== "rack").map((surface) =>
      stageWords(
        {
          ...plan,
          stages: [
            { fromMin: 0, airC: 160 },
            { fromMin: 60, airC: 160, surface },
          ],
        },
        1,
        "metric",
        0,
      ),
    );
    expect(told).toEqual(
      UNDERLAYS.filter((surface) => surface !== "rack").map((surface) => `Onto ${UNDERLAY_NAMES[surface]}`),
    );
  });
});
