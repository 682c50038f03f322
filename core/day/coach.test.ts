import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { adviceWords } from "../../words/advice";
import { asShown } from "../forecast/asShown";
import { UNKNOWNS, usualPrior } from "../forecast/prior";
import type { Reading } from "../forecast/reading";
import type { Plan } from "../plan/schema";
import { restFor } from "../processes/rest";
import { type Advice, adviceFor, EARLY_WORD_MIN, outByMinOf, type Watched, wanted } from "./coach";
import { changedNow } from "./whatIf";

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
  prior: usualPrior(),
  aimC: { breast: 70, thigh: 74 },
  missedK: 0,
  members: [],
  setAside: [],
  lost: [],
  ...change,
});
const NOTHING: Watched = {
  plan,
  nowMin: 60,
  readings: [],
  forecast: null,
  browning: null,
  course: [],
  outByMin: 240,
  stagesDone: 0,
  bastingsDone: 0,
  fuelsDone: 0,
  offSinceMin: null,
};
const kinds = (change: Partial<Watched>): string[] => adviceFor({ ...NOTHING, ...change }).map(({ kind }) => kind);

describe("the coach", () => {
  it("says nothing where nothing is due", () => {
    expect(kinds({})).toEqual([]);
    expect(kinds({ forecast: forecast() })).toEqual([]);
  });

  it("asks for a colour from its own minute on, quietly while the bird of the readings has not come so far", () => {
    const golden = { fromMin: 40, when: { colour: "golden" as const }, airC: 220 };
    const waits: Plan = { ...plan, stages: [{ fromMin: 0, airC: 160 }, golden] };
    const told = (now: number | null, nowMin = 60): readonly Advice[] =>
      adviceFor({ ...NOTHING, plan: waits, nowMin, browning: now === null ? null : { now, atPull: 0.9 } });
    expect(told(0.4)).toEqual([{ kind: "colour", n: 1, after: 0 }]);
    expect(adviceWords({ kind: "colour", n: 1, after: 0 }, waits, "metric")).toMatchObject({
      does: "Golden already? Heat to 220 °C",
      rings: false,
    });
    expect(told(0.4, 30)).toEqual([]);
    expect(told(1.1).map(({ kind }) => kind)).toEqual(["stage"]);
    expect(told(null).map(({ kind }) => kind)).toEqual(["stage"]);
  });

  it("tells nobody what a thermometer says by itself, that a held bird is soon there, nor twice what one heat wants", () => {
    const advice: readonly Advice[] = [
      { kind: "read-again", part: "breast", inMin: 5, less: 0.4 },
      { kind: "soon", minutes: 8 },
      { kind: "baste", n: 1 },
      { kind: "late", minutes: 20 },
    ];
    const told = (change: Partial<Parameters<typeof wanted>[1]>) =>
      wanted(advice, { isTyped: true, isHeld: false, follows: false, ...change }).map(({ kind }) => kind);
    expect(told({})).toEqual(["read-again", "soon", "baste", "late"]);
    expect(told({ isTyped: false })).toEqual(["soon", "baste", "late"]);
    expect(told({ isHeld: true })).toEqual(["read-again", "baste", "late"]);
    expect(told({ follows: true })).toEqual(["read-again", "soon", "late"]);
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

  const usual = Array.from({ length: 100 }, (_, n) => ({
    minute: 2 * n,
    airC: 163,
    centresC: { breast: 4 + n, thigh: 4 + n },
    coldestC: 4 + n,
  }));

  it("asks for a sign that nobody has read when it should be there, and again where what was read is short of it", () => {
    const staged = { ...plan, stages: STAGED };
    const asked = (nowMin: number, readings: readonly Reading[] = [], change: Partial<Watched> = {}) =>
      adviceFor({ ...NOTHING, plan: staged, stagesDone: 1, course: usual, nowMin, readings, ...change }).filter(
        ({ kind }) => kind === "stage",
      );
    // The usual bird shows 60 °C at minute 112.
    expect(asked(111)).toEqual([]);
    expect(asked(112)).toEqual([{ kind: "stage", n: 2, after: 1, sinceMin: 0, isUnread: true }]);
    expect(asked(130)).toMatchObject([{ sinceMin: 18, isUnread: true }]);
    expect(asked(130, [], { stagesDone: 2 })).toEqual([]);
    const read = (minute: number, celsius: number): readonly Reading[] => [{ minute, part: "breast", celsius }];
    expect(asked(130, read(125, 55))).toEqual([]);
    expect(asked(136, read(125, 55))).toMatchObject([{ sinceMin: 1, isUnread: true }]);
    // Another centre tells nothing of this one; what shows the sign is no question any more.
    expect(asked(130, [{ minute: 125, part: "thigh", celsius: 70 }])).toMatchObject([{ isUnread: true }]);
    expect(asked(130, read(125, 61))).toEqual([{ kind: "stage", n: 2, after: 1, sinceMin: 5 }]);
    const [question] = asked(112);
    expect(question && adviceWords(question, staged, "us")).toMatchObject({
      does: "Read it: once the breast shows 140 °F, foil off",
      rings: true,
    });
  });

  it("expects a sign by the birds that the readings point to, where there are any", () => {
    const staged = { ...plan, stages: STAGED };
    const readings: readonly Reading[] = [{ minute: 60, part: "breast", celsius: 30 }];
    const birds = [100, 140, 150].map((minute) => {
      // There, by no rounding short of it.
      const shown = { breast: Float64Array.of(0, (60.001 * 200) / minute) };
      return { draw: [], minutes: Float64Array.of(0, 200), shown, further: {} };
    });
    const asked = (nowMin: number) =>
      adviceFor({ ...NOTHING, plan: staged, stagesDone: 1, nowMin, readings, course: asShown(usual, birds) });
    expect(asked(139).filter(({ kind }) => kind === "stage")).toEqual([]);
    expect(asked(142)).toContainEqual({ kind: "stage", n: 2, after: 1, sinceMin: 2, isUnread: true });
  });

  it("calls what was missed before with it, late since the first of them: nothing between is lost", () => {
    const stages = [
      { fromMin: 0, airC: 120 },
      { fromMin: 40, airC: 180, movedTo: "oven" as const },
      { fromMin: 60, airC: 180, shield: "breast" as const },
    ];
    const smoked = { ...plan, bird: { ...plan.bird, cut: "whole" as const }, heat: "smoker" as const, stages };
    const [due] = adviceFor({ ...NOTHING, plan: smoked, nowMin: 61 });
    expect(due).toEqual({ kind: "stage", n: 2, after: 0, sinceMin: 21 });
    if (due?.kind !== "stage") return;
    expect(adviceWords(due, smoked, "metric").does).toBe("Move it into the oven, at 180 °C, foil over the breast");
    const [shield] = adviceFor({ ...NOTHING, plan: smoked, nowMin: 61, stagesDone: 1 });
    expect(shield && adviceWords(shield, smoked, "metric").does).toBe("Foil over the breast");
  });

  it("tells of readings of meat that this bird does not have, once a probe", () => {
    const crown = { ...plan, bird: { ...plan.bird, cut: "crown" as const } };
    const readings = [10, 20].flatMap((minute): Reading[] => [
      { minute, part: "breast", celsius: 20 },
      { minute, part: "thigh", side: "left", celsius: 25 },
    ]);
    expect(kinds({ readings })).toEqual([]);
    expect(adviceFor({ ...NOTHING, plan: crown, readings })).toEqual([{ kind: "absent", probe: "left thigh" }]);
  });

  it("counts no minutes to what is never there", () => {
    const minute = fc.oneof(fc.integer({ min: 30, max: 600 }), fc.constant(Number.POSITIVE_INFINITY));
    const quantiles = fc.tuple(minute, minute, minute).map((all) => {
      const [p10 = 0, p50 = 0, p90 = 0] = [...all].sort((a, b) => a - b);
      return { p10, p50, p90 };
    });
    fc.assert(
      fc.property(quantiles, quantiles, quantiles, (breast, thigh, pull) => {
        const said = adviceFor({ ...NOTHING, forecast: forecast({ targets: { breast, thigh }, pull }) });
        for (const advice of said) {
          expect(JSON.stringify(adviceWords(advice, plan, "metric"))).not.toMatch(/Infinity|NaN/);
        }
      }),
    );
    const never = at(Number.POSITIVE_INFINITY);
    expect(kinds({ forecast: forecast({ targets: { breast: never, thigh: never }, pull: never }) })).toEqual([]);
  });

  it("counts bastings", () => {
    const basted = { ...plan, season: { ...plan.season, basteEveryMin: 30 } };
    expect(kinds({ plan: basted, nowMin: 65, bastingsDone: 1 })).toEqual(["baste"]);
    expect(kinds({ plan: basted, nowMin: 65, bastingsDone: 2 })).toEqual([]);
    // Over a glaze nothing is spooned.
    const glazed = { ...basted, season: { ...basted.season, glazeAt: [{ atMin: 50 }] } };
    expect(kinds({ plan: glazed, nowMin: 65, bastingsDone: 1 })).toEqual([]);
    expect(kinds({ plan: glazed, nowMin: 65, bastingsDone: 0 })).toEqual(["baste"]);
  });

  it("gives an early word a quarter of an hour before the early end of the doubt", () => {
    expect(kinds({ nowMin: 180 - EARLY_WORD_MIN - 1, forecast: forecast() })).toEqual([]);
    expect(kinds({ nowMin: 180 - EARLY_WORD_MIN + 1, forecast: forecast() })).toEqual(["soon"]);
  });

  it("sees a probe that slipped, a breast far ahead, and an oven that is not where its dial is", () => {
    const reading = { minute: 80, part: "breast" as const, celsius: 70 };
    const lost = ["breast" as const];
    expect(kinds({ forecast: forecast({ lost, setAside: [{ reading, why: "slipped" }] }) })).toEqual(["slipped"]);
    expect(kinds({ forecast: forecast({ lost, setAside: [{ reading, why: "out" }] }) })).toEqual(["out"]);
    expect(kinds({ forecast: forecast({ setAside: [{ reading, why: "spike" }] }) })).toEqual([]);
    expect(kinds({ forecast: forecast({ targets: { breast: at(150), thigh: at(184) } }) })).toEqual(["breast-ahead"]);
    const oven = (offset: number) =>
      forecast({ estimate: UNKNOWNS.map((name) => (name === "ovenOffset" ? offset : 0)) });
    expect(kinds({ forecast: oven(-1.6) })).toEqual(["oven-cold"]);
    expect(kinds({ forecast: oven(1.6) })).toEqual(["oven-hot"]);
    // With its fan on it is the same oven; what the bird was moved out of says nothing of what it is in now.
    const then = (movedTo: Plan["heat"]): Partial<Watched> => ({
      plan: {
        ...plan,
        heat: "oven",
        stages: [
          { fromMin: 0, airC: 160 },
          { fromMin: 20, airC: 160, movedTo },
        ],
      },
      forecast: oven(1.6),
      stagesDone: 1,
    });
    expect(kinds(then("fan-oven"))).toEqual(["oven-hot"]);
    expect(kinds(then("covered-grill"))).toEqual([]);
  });

  it("takes a tip for misplaced when the readings put it far from the centre", () => {
    const off = (sd: number) => forecast({ estimate: UNKNOWNS.map((name) => (name === "thighProbe" ? sd : 0)) });
    expect(kinds({ forecast: off(1) })).toEqual([]);
    expect(adviceFor({ ...NOTHING, forecast: off(-2) })).toEqual([{ kind: "misplaced", part: "thigh", shortCm: -1 }]);
    expect(adviceFor({ ...NOTHING, forecast: off(2) })).toEqual([{ kind: "misplaced", part: "thigh", shortCm: 2 }]);
  });

  it("calls no dinner late for a bird that is carved the day before it", () => {
    const carveAtMs = Date.parse(plan.serveAt);
    const inAtMs = carveAtMs - 300 * 60_000;
    const outBy = (roasted: Plan["roasted"]) => outByMinOf({ ...plan, roasted }, carveAtMs, inAtMs);
    expect(outBy("same-day")).toBe(300 - restFor(plan.bird.massKg).shortestMin);
    const late = { forecast: forecast({ pull: at(299) }), nowMin: 200 };
    expect(kinds({ ...late, outByMin: outBy("same-day") })).toContain("late");
    expect(kinds({ ...late, outByMin: outBy("day-before") })).not.toContain("late");
  });

  it("says that dinner will be late once the finish leaves too short a rest", () => {
    expect(kinds({ forecast: forecast(), outByMin: 182 })).toEqual([]);
    expect(adviceFor({ ...NOTHING, forecast: forecast(), outByMin: 160 })).toEqual([{ kind: "late", minutes: 24 }]);
  });

  it("sees a centre that has stalled, not one that is still cold, nearly done, or rising", () => {
    const rising = (from: number, perHour: number): Reading[] =>
      Array.from({ length: 25 }, (_, n) => ({
        minute: 100 + 2 * n,
        part: "thigh",
        celsius: from + (perHour * 2 * n) / 60,
      }));
    const on = (readings: Reading[]) => kinds({ nowMin: 150, readings, forecast: forecast() });
    expect(on(rising(62, 1))).toEqual(["stalled"]);
    expect(on(rising(10, 1))).toEqual([]);
    expect(on(rising(72, 1))).toEqual([]);
    expect(on(rising(50, 15))).toEqual([]);
  });

  it("asks for the door when everything warms too slowly, not when one probe does, or by a hand's few readings", () => {
    const minutes = Float64Array.from({ length: 51 }, (_, n) => 4 * n);
    const rising = (from: number) => minutes.map((minute) => from + 0.4 * minute);
    const members = [{ draw: [], minutes, shown: { breast: rising(0), thigh: rising(4) }, further: {} }];
    const read = (paces: readonly [number, number], everyMin = 2): Reading[] =>
      (["breast", "thigh"] as const).flatMap((part, n) =>
        Array.from({ length: 60 / everyMin }, (_, m): Reading => {
          const minute = 60 + everyMin * m;
          const after = Math.max(0, minute - 100);
          return { minute, part, celsius: 4 * n + 0.4 * (minute - after + (paces[n] as number) * after) };
        }),
      );
    const on = (readings: Reading[]) => kinds({ nowMin: 120, readings, forecast: forecast({ members }) });
    expect(on(read([1, 1]))).toEqual([]);
    expect(on(read([0.5, 0.7]))).toEqual(["cooled"]);
    expect(on(read([0.4, 1]))).toEqual([]);
    expect(on(read([0.5, 0.7], 20))).toEqual([]);
    // Where it is known why, that is said in its place.
    const off = { nowMin: 120, offSinceMin: 100, readings: read([0.5, 0.7]), forecast: forecast({ members }) };
    expect(adviceFor({ ...NOTHING, ...off })).toEqual([{ kind: "heat-off", sinceMin: 20 }]);
  });

  it("asks for no foil that lies there already, nor where it cannot: breast down, wrapped, in parts", () => {
    const ahead = forecast({ targets: { breast: at(150), thigh: at(184) } });
    const dark = { now: 1, atPull: 2.4 };
    const on = (stage: Partial<Plan["stages"][number]>, cut: Plan["bird"]["cut"] = "whole") =>
      kinds({
        plan: { ...plan, stages: [{ fromMin: 0, airC: 180, ...stage }], bird: { ...plan.bird, cut } },
        forecast: ahead,
        browning: dark,
      });
    expect(on({})).toEqual(["breast-ahead", "dark-early"]);
    expect(on({ shield: "breast" })).toEqual(["dark-early"]);
    expect(on({ shield: "all" })).toEqual([]);
    expect(on({ wrap: "foil" })).toEqual([]);
    expect(on({ side: "down" })).toEqual(["dark-early"]);
    expect(on({}, "parts")).toEqual(["dark-early"]);
    // Said to be done within this minute.
    const changed = changedNow("cover-all", { plan, nowMin: NOTHING.nowMin + 0.9 });
    const told = { stagesDone: changed?.done ?? 0, forecast: ahead, browning: dark };
    expect(kinds({ plan: { ...plan, ...changed }, ...told })).toEqual([]);
  });

  it("asks for foil where the skin is golden with so long to go that it would be dark", () => {
    expect(kinds({ forecast: forecast(), browning: { now: 1, atPull: 2.4 } })).toEqual(["dark-early"]);
    expect(kinds({ forecast: forecast(), browning: { now: 1, atPull: 1.4 } })).toEqual([]);
    expect(kinds({ forecast: forecast(), browning: { now: 0.4, atPull: 2.4 } })).toEqual([]);
  });

  it("calls for charcoal by the hour where there is any to burn", () => {
    const smoked = { ...plan, heat: "smoker" as const };
    expect(kinds({ plan: smoked, nowMin: 59 })).toEqual([]);
    expect(adviceFor({ ...NOTHING, plan: smoked, nowMin: 121, fuelsDone: 1 })).toMatchObject([{ kind: "fuel", n: 2 }]);
    expect(kinds({ plan: smoked, nowMin: 121, fuelsDone: 2 })).toEqual([]);
    expect(kinds({ nowMin: 121 })).toEqual([]);
  });
});
