import { describe, expect, it } from "vitest";
import type { Advice } from "../core/day/coach";
import { HEAT_SOURCES, isFire, shutBy } from "../core/heat/sources";
import { formatTemperature } from "../core/units/quantity";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { adviceWords } from "./advice";
import { changeWords } from "./change";
import { birdIn } from "./tasks";

const { plan } = sampleRoast();
const EVERY: readonly Advice[] = [
  { kind: "stage", n: 0, after: 0, sinceMin: 2 },
  { kind: "baste", n: 2 },
  { kind: "soon", minutes: 9 },
  { kind: "slipped", probe: "left breast" },
  { kind: "out", probe: "right thigh" },
  { kind: "absent", probe: "left thigh" },
  { kind: "misplaced", part: "thigh", shortCm: 2 },
  { kind: "stalled", part: "breast", kelvinPerHour: 2 },
  { kind: "cooled", paceShare: 0.6 },
  { kind: "heat-off", sinceMin: 12 },
  { kind: "heat-off", sinceMin: 130 },
  { kind: "dark-early" },
  { kind: "fuel", n: 1 },
  { kind: "late", minutes: 20 },
  { kind: "breast-ahead", minutes: 18 },
  { kind: "oven-cold", kelvin: 12 },
  { kind: "oven-hot", kelvin: 12 },
  { kind: "read-again", part: "thigh", inMin: 10, less: 0.4 },
];

describe("advice in words", () => {
  it("says what, and why or what happens otherwise, without raising its voice; each by a key of its own", () => {
    const words = EVERY.map((advice) => adviceWords(advice, plan, "metric"));
    for (const { does, why } of words) {
      expect(`${does} ${why}`).not.toMatch(/!|undefined|NaN/);
      expect(why.length).toBeGreaterThan(30);
    }
    expect(new Set(words.map(({ key }) => key)).size).toBe(EVERY.length);
  });

  it("calls stuffing by its one name", () => {
    const inStuffing = EVERY.map(
      (advice) =>
        ({
          ...advice,
          ...("probe" in advice && { probe: "filling" }),
          ...("part" in advice && advice.kind !== "misplaced" && { part: "filling" }),
        }) as Advice,
    );
    const said = inStuffing.map((advice) => JSON.stringify(adviceWords(advice, plan, "metric")));
    expect(said.filter((words) => words.includes("stuffing")).length).toBeGreaterThan(4);
    for (const words of said) expect(words.replace(/"key":"[^"]*"/, "")).not.toMatch(/filling/);
    for (const kind of ["lost", "believed-again"] as const) {
      expect(changeWords({ byMin: 4, because: { kind, probe: "filling" } }, "metric")).toContain("in the stuffing");
    }
  });

  it("is in the cook's units: a difference is no temperature", () => {
    expect(adviceWords({ kind: "oven-cold", kelvin: 10 }, plan, "us").does).toContain("18 °F below");
    expect(adviceWords({ kind: "oven-cold", kelvin: 10 }, plan, "metric").does).toContain("10 °C below");
  });

  it("speaks of what its heat has: no oven and no dial at a fire, a door or a lid only where that shuts it", () => {
    for (const heat of HEAT_SOURCES) {
      const door = shutBy(heat);
      const said = EVERY.map((advice) => adviceWords(advice, { ...plan, heat }, "metric"))
        .map(({ does, why }) => `${does} ${why}`)
        .join("\n");
      if (isFire(heat)) expect(said, heat).not.toMatch(/\b(oven|dial)/i);
      for (const each of ["door", "lid"]) expect(new RegExp(`\\b${each}\\b`, "i").test(said), heat).toBe(each === door);
    }
  });

  it("rings only where a hand is wanted now", () => {
    const ringing = EVERY.filter((advice) => adviceWords(advice, plan, "metric").rings).map(({ kind }) => kind);
    // A heat that was said to be off rings only once it has been for too long.
    expect(ringing).toEqual([
      "stage",
      "baste",
      "soon",
      "slipped",
      "out",
      "stalled",
      "cooled",
      "heat-off",
      "dark-early",
      "fuel",
    ]);
  });

  it("asks whether it is safe once it was without heat for two hours, and not before", () => {
    const said = (sinceMin: number) => adviceWords({ kind: "heat-off", sinceMin }, plan, "metric");
    expect(said(119).does).toBe("The oven is off: leave the door shut");
    expect(said(120).does).toBe("Without heat for 2 h: is it safe to eat?");
    expect(said(120).why).toContain("local food-safety authority");
  });
});

describe("a bird's going in, in words", () => {
  it("turns a cold oven on with the bird in it, and names no oven at a fire", () => {
    const cold = { ...plan, preheat: { minutes: 0, airC: 250 } };
    const [{ airC = Number.NaN } = {}] = plan.stages;
    const heat = formatTemperature(airC, "metric");
    expect(birdIn(plan, "metric")).toBe("Bird into the oven");
    expect(birdIn(cold, "metric")).toBe(`Bird into the cold oven, and on at ${heat}`);
    expect(birdIn(cold, "metric", " now")).toBe(`Bird into the cold oven now, and on at ${heat}`);
    expect(birdIn({ ...cold, heat: "smoker" }, "metric", " now")).toBe("Bird into the smoker now");
  });
});
