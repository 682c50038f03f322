import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import type { Plan } from "../formats/roast";
import { adviceFor, EARLY_WORD_MIN, type Watched } from "./coach";
import { UNKNOWNS } from "./prior";

const { plan } = sampleRoast();
const STAGED: Plan["stages"] = [
  { fromMin: 0, airC: 218, shield: "breast" },
  { fromMin: 20, airC: 163 },
  { fromMin: 40, when: { centre: "breast", reachesC: 60 }, airC: 163, shield: "none" },
];
const at = (minutes: number) => ({ p10: minutes - 4, p50: minutes, p90: minutes + 4 });
const forecast = (change: Partial<NonNullable<Watched["forecast"]>> = {}): NonNullable<Watched["forecast"]> => ({
  targets: { breast: at(180), thigh: at(184) },
  pull: at(184),
  estimate: UNKNOWNS.map(() => 0),
  setAside: [],
  ...change,
});
const kinds = (change: Partial<Watched>): string[] =>
  adviceFor({ plan, nowMin: 60, readings: [], forecast: null, stagesDone: 0, bastingsDone: 0, ...change }).map(
    ({ kind }) => kind,
  );

describe("the coach", () => {
  it("says nothing where nothing is due", () => {
    expect(kinds({})).toEqual([]);
    expect(kinds({ forecast: forecast() })).toEqual([]);
  });

  it("calls a change of the heat by the clock, and by the temperature once it was read, until it is done", () => {
    const staged = { ...plan, stages: STAGED };
    expect(kinds({ plan: staged, nowMin: 19 })).toEqual([]);
    expect(kinds({ plan: staged, nowMin: 21 })).toEqual(["stage"]);
    expect(kinds({ plan: staged, nowMin: 21, stagesDone: 1 })).toEqual([]);
    const readings = [{ minute: 99, part: "breast" as const, celsius: 60.5 }];
    expect(kinds({ plan: staged, nowMin: 100, stagesDone: 1, readings })).toEqual(["stage"]);
    expect(kinds({ plan: staged, nowMin: 100, stagesDone: 2, readings })).toEqual([]);
  });

  it("counts bastings", () => {
    const basted = { ...plan, season: { ...plan.season, basteEveryMin: 30 } };
    expect(kinds({ plan: basted, nowMin: 65, bastingsDone: 1 })).toEqual(["baste"]);
    expect(kinds({ plan: basted, nowMin: 65, bastingsDone: 2 })).toEqual([]);
  });

  it("gives an early word a quarter of an hour before the early end of the doubt", () => {
    expect(kinds({ nowMin: 180 - EARLY_WORD_MIN - 1, forecast: forecast() })).toEqual([]);
    expect(kinds({ nowMin: 180 - EARLY_WORD_MIN + 1, forecast: forecast() })).toEqual(["soon"]);
  });

  it("sees a probe that slipped, a breast far ahead, and an oven that is not where its dial is", () => {
    const reading = { minute: 80, part: "breast" as const, celsius: 70 };
    expect(kinds({ forecast: forecast({ setAside: [{ reading, why: "slipped" }] }) })).toEqual(["slipped"]);
    expect(kinds({ forecast: forecast({ setAside: [{ reading, why: "spike" }] }) })).toEqual([]);
    expect(kinds({ forecast: forecast({ targets: { breast: at(150), thigh: at(184) } }) })).toEqual(["breast-ahead"]);
    const oven = (offset: number) =>
      forecast({ estimate: UNKNOWNS.map((name) => (name === "ovenOffset" ? offset : 0)) });
    expect(kinds({ forecast: oven(-1.6) })).toEqual(["oven-cold"]);
    expect(kinds({ forecast: oven(1.6) })).toEqual(["oven-hot"]);
  });

  it("asks for the reading that decides: of the last to be there, and not right after another", () => {
    const wide = forecast({ pull: { p10: 160, p50: 184, p90: 210 } });
    const [advice] = adviceFor({
      plan,
      nowMin: 60,
      readings: [{ minute: 58, part: "thigh", celsius: 30 }],
      forecast: wide,
      stagesDone: 0,
      bastingsDone: 0,
    });
    expect(advice).toMatchObject({ kind: "read-again", part: "thigh" });
    expect(advice?.kind === "read-again" && advice.inMin).toBeGreaterThanOrEqual(18);
  });
});
