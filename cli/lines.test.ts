/**
 * Random command lines: exit 0, 2 or 3, one line of error, no number that is none. `BRUMA_LINES=500` runs as many of
 * the right and of the wrong ones.
 */

import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CUTS, centresOf } from "../core/bird/form";
import { massRangeKg } from "../core/bird/mass";
import { SPECIES } from "../core/bird/species";
import { HEAT_SOURCES } from "../core/heat/sources";
import { run } from "./run";

const LINES = Number(process.env.BRUMA_LINES ?? 25);

const anyBird = fc
  .record({
    species: fc.constantFrom(...SPECIES),
    cut: fc.constantFrom(...CUTS),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  .map(({ species, cut, share }) => {
    const [low, high] = massRangeKg(species, cut);
    return { species, cut, mass: `${(low + share * (high - low)).toFixed(3)}kg` };
  });

const simulateLine = fc
  .record({
    bird: anyBird,
    heat: fc.constantFrom(...HEAT_SOURCES),
    airC: fc.integer({ min: 100, max: 260 }),
    shield: fc.constantFrom("none", "breast", "tips", "all"),
    minutes: fc.integer({ min: 5, max: 60 }),
    reachesC: fc.integer({ min: 30, max: 90 }),
    timed: fc.boolean(),
    rest: fc.option(fc.integer({ min: 0, max: 60 })),
  })
  .map(({ bird: { species, cut, mass }, heat, airC, shield, minutes, reachesC, timed, rest }) => {
    const [centre] = centresOf({ cut });
    return [
      ...["simulate", "--species", species, "--cut", cut, "--mass", mass, "--heat", heat, "--grid", "15mm"],
      ...["--stage", `${airC}C@0m,shield=${shield}`],
      // Most stop by the clock: a band costs seconds.
      ...["--until", timed || reachesC > 40 ? `time=${minutes}m` : `${centre}=${reachesC}C`],
      ...(rest === null ? [] : ["--rest", `${rest}m,cover=foil`]),
    ];
  });
const saltLine = fc
  .record({
    bird: anyBird,
    method: fc.constantFrom("dry", "equilibrium"),
    salt: fc.constantFrom("table", "fine", "light-flake", "dense-flake"),
    hours: fc.integer({ min: 1, max: 48 }),
  })
  .map(({ bird: { species, cut, mass }, method, salt, hours }) => {
    return [
      ...["salt", "--species", species, "--cut", cut, "--mass", mass, "--grid", "15mm"],
      ...["--method", method, "--salt", salt, "--hours", `${hours}`],
    ];
  });
const anyLine = fc.oneof({ weight: 3, arbitrary: simulateLine }, { weight: 1, arbitrary: saltLine });

/** A right line with one word spoilt, dropped or doubled, or no line of ours at all. */
const wrongLine = fc.oneof(
  fc
    .tuple(
      anyLine,
      fc.nat(),
      fc.constantFrom("", "NaN", "-1", "1e999", "üß", "--", "banana", "0kg", "constructor", "{}"),
    )
    .map(([line, at, spoilt]) => line.with(1 + (at % (line.length - 1)), spoilt)),
  fc.tuple(anyLine, fc.nat()).map(([line, at]) => line.filter((_, n) => n !== at % line.length)),
  fc.array(fc.string(), { maxLength: 5 }),
  fc.constantFrom(["constructor"], ["__proto__"], ["toString"], [], ["simulate"], ["plan", "/nowhere.json"]),
);

/** The contract's own word for a centre that a bird has not: a crown's thigh. */
const MAY_BE_NULL = /^(peak|end)?(breast|thigh)(C|Centre)$/i;

const isBad = (value: unknown, key = ""): boolean =>
  (value === null && !MAY_BE_NULL.test(key)) ||
  (typeof value === "number" && !Number.isFinite(value)) ||
  (typeof value === "object" && value !== null && Object.entries(value).some(([name, each]) => isBad(each, name)));

function check(line: readonly string[], exits: readonly number[]): void {
  const { exitCode, stdout, stderr } = run(line);
  expect(exits).toContain(exitCode);
  if (exitCode === 0) {
    expect(stderr).toBe("");
    expect(stdout).not.toMatch(/NaN|Infinity/);
    expect(isBad(JSON.parse(stdout)), stdout.slice(0, 300)).toBe(false);
  } else {
    expect(stdout).toBe("");
    expect(stderr.trimEnd().split("\n")).toHaveLength(1);
    expect(stderr.length).toBeGreaterThan(5);
    expect(stderr).not.toMatch(/\n\s+at /);
  }
}

describe("any command line", () => {
  it("that is right is answered, or says in one line what is not met", () => {
    fc.assert(
      fc.property(anyLine, (line) => check(line, [0, 3])),
      { numRuns: LINES },
    );
  }, 2_000_000);

  it("that is wrong is refused in one line, and none brings the program down", () => {
    fc.assert(
      fc.property(wrongLine, (line) => check(line, [0, 2, 3])),
      { numRuns: LINES * 4 },
    );
  }, 2_000_000);
});
