import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { simulate, simulateAlone } from "../../cli/simulate";
import { type ConstantName, constant } from "../../core/constants";
import {
  argsOf,
  CASES,
  errorOf,
  holdsMiddle,
  isTemperature,
  isTimed,
  type KnownCase,
  missOf,
  readOf,
  type Simulated,
} from "./cases";

/** Coarser than the command's own 5 mm, for speed; the science page is written at 5 mm. */
const gridOf = ({ args }: KnownCase): string => (/chicken|duck|goose/.test(args) ? "6mm" : "8mm");
const answers = new Map<string, Simulated>();
const answerTo = (known: KnownCase): Simulated => {
  // A band costs as much as the answer, and only a time is held against one.
  const withBand = known.read === "pull minutes" && !known.upperBound;
  const key = `${known.args}, ${withBand}`;
  const ask = withBand ? simulate : simulateAlone;
  const made = answers.get(key) ?? (ask([...argsOf(known), "--grid", gridOf(known)]) as Simulated);
  answers.set(key, made);
  return made;
};
const TABLE = CASES.filter(({ source }) => source.includes("roasting table"));
const PRACTICE = CASES.filter(({ origin }) => origin === "practice");

describe("published roasting tables (USDA FSIS and FoodSafety.gov, from memory)", () => {
  const whole = TABLE.filter(({ args }) => !args.includes("parts"));
  it.each(whole)("$what: inside its row", (known) => {
    expect(missOf(known, readOf(known, answerTo(known)))).toBe(0);
  });

  it.each(TABLE.filter(({ args }) => args.includes("parts")))("$what: within 15 % of its row", (known) => {
    expect(Math.abs(missOf(known, readOf(known, answerTo(known))))).toBeLessThan(0.15);
  });

  it("the middle of the band lies in the quicker half of the rows, taken together", () => {
    const rows = whole.filter(({ upperBound }) => !upperBound);
    const errors = rows.map((known) => errorOf(known, readOf(known, answerTo(known)))).sort((a, b) => a - b);
    expect(errors[errors.length >> 1]).toBeLessThan(0.005);
  });
});

describe("common practice", () => {
  it("times within 15 % and temperatures within 4 °C in four of five, bias under 7 %", () => {
    const held = PRACTICE.map((known) => {
      const miss = Math.abs(missOf(known, readOf(known, answerTo(known))));
      return { id: known.id, within: miss <= (isTemperature(known) ? 4.5 : 0.15) };
    });
    expect(held.filter(({ within }) => within).length / held.length).toBeGreaterThanOrEqual(0.8);
    const times = [...PRACTICE, ...TABLE].filter((known) => known.read === "pull minutes" && !known.upperBound);
    const bias = times.reduce((sum, known) => sum + errorOf(known, readOf(known, answerTo(known))), 0) / times.length;
    // Stone and shield, which the same bird by the published tables contradicts, make most of it.
    expect(Math.abs(bias)).toBeLessThan(0.07);
  });

  it("browns as it does: golden after a hot start, paler at a steady heat, deep but not burnt lying flat in a hot oven", () => {
    const browning = (args: string): number =>
      (simulateAlone([...args.split(" "), "--grid", "7mm"]) as { indices: { browning: number } }).indices.browning;
    const done = "--until breast=70C,thigh=74C";
    const golden = browning(`--mass 5.8kg --skin dried --stage 220C@0m --stage 160C@25m ${done}`);
    expect(Math.abs(golden - 1)).toBeLessThan(0.2);
    const steady = browning(`--mass 5.8kg --stage 163C@0m ${done}`);
    expect(steady).toBeGreaterThan(0.5);
    expect(steady).toBeLessThan(golden);
    const flat = browning("--cut spatchcock --mass 12lb --skin dried --stage 450F@0m --until breast=64.5C");
    expect(flat).toBeGreaterThan(golden);
    expect(flat).toBeLessThan(1.9);
  });

  it("from frozen at least half as long again (USDA FSIS), a fan saves a fifth to a quarter, flat is far quicker", () => {
    const minutes = (...more: readonly string[]): number =>
      (
        simulateAlone([
          ...["--mass", "12lb", "--stage", "325F@0m", "--until", "breast=74C,thigh=74C", "--grid", "7mm"],
          ...more,
        ]) as Simulated
      ).pullMinutes;
    const usual = minutes();
    expect(minutes("--start=-18C") / usual).toBeGreaterThan(1.5);
    const fan = minutes("--heat", "fan-oven") / usual;
    expect(fan).toBeGreaterThan(0.745);
    expect(fan).toBeLessThan(0.805);
  });
});

describe("the band", () => {
  it("holds four in five of all known times; its half-width is 20 % at most, 22 started hot, 25 stuffed or a crown, 30 where the model is missed by more: covered, at a fire, on a stone", () => {
    const timed = CASES.filter(isTimed);
    const held = timed.map((known) => {
      const { pullMinutes, pullBand } = answerTo(known);
      const isMissed = /shield|wrap|--heat (smoker|covered-grill|spit)/.test(known.args);
      // A middle that is deep, whose doubt every other one's adds to.
      const isDeep = /stuffed|crown/.test(known.args);
      const isHotAtFirst = known.args.includes("--stage 425F@0m --stage 325F");
      const widestPercent = isMissed ? 30 : isDeep ? 25 : isHotAtFirst ? 22 : 20;
      expect(Math.round((50 * (pullBand.p90 - pullBand.p10)) / pullMinutes)).toBeLessThanOrEqual(widestPercent);
      return holdsMiddle(pullBand, known);
    });
    expect(held.filter(Boolean).length / held.length).toBeGreaterThanOrEqual(0.8);
  });
});

describe("the fit", () => {
  it("is what the declared constants carry", () => {
    const { parameters } = JSON.parse(readFileSync("tools/fitted.json", "utf8")) as {
      parameters: Record<ConstantName, number>;
    };
    for (const [name, value] of Object.entries(parameters)) expect(constant(name as ConstantName)).toBe(value);
  });
});
