import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_FILE } from "../../tests/helpers/anyRoast";
import { planOfVersion } from "../../tests/helpers/oldPlans";
import { sampleFile } from "../../tests/helpers/sampleRoast";
import { wrongWords } from "../../words/incoming";
import { massRangeKg } from "../bird/mass";
import { checkRoastFile } from "./file";
import { FILE_VERSION } from "./migrations";

const faultsOf = (text: string): readonly { where: string; what: string }[] => {
  const result = checkRoastFile(text);
  return result.valid ? [] : result.faults.map(({ where, wrong }) => ({ where, what: wrongWords(wrong) }));
};

describe("the roast file", () => {
  it("takes what it wrote", () => {
    const result = checkRoastFile(JSON.stringify(sampleFile()));
    expect(result).toMatchObject({ valid: true, format: "bruma-roasts", version: FILE_VERSION });
    expect(result.valid && result.file).toEqual(sampleFile());
  });

  it("is described as the version it is", () => {
    const described = readFileSync("docs/formats.md", "utf8");
    const said = [...described.matchAll(/roast file, version (\d+)|"version": (\d+)/g)].map(([, a, b]) =>
      Number(a ?? b),
    );
    expect(said.length).toBeGreaterThan(2);
    expect(new Set(said)).toEqual(new Set([FILE_VERSION]));
    expect(described).toContain(`${FILE_VERSION - 1} → ${FILE_VERSION}: `);
  });

  it("carries a file of version 1 forward: the bird as it was, and what was predicted by centre", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.version = 1;
    const { roast } = file.roasts[0];
    roast.plan = planOfVersion(1, roast.plan);
    const predicted = { pullP10At: roast.createdAt, pullP50At: roast.createdAt, pullP90At: roast.createdAt };
    roast.happened = { inAt: roast.createdAt, predicted: { ...predicted, pullBreastC: 70, pullThighC: 75 } };
    const result = checkRoastFile(JSON.stringify(file));
    expect(result.valid && result.file.roasts[0]?.roast).toMatchObject({
      plan: { heat: "oven", bird: { species: "turkey", cut: "whole", legs: "tied", cavity: "empty" } },
      happened: { predicted: { ...predicted, pullC: { breast: 70, thigh: 75 } } },
    });
    expect(result.valid && result.file.roasts[0]?.roast.happened.predicted).not.toHaveProperty("pullBreastC");
  });

  it("carries a file of version 2 forward: nothing the cook had said is changed, and one sold salted gets no more", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.version = 2;
    const { roast } = file.roasts[0];
    roast.plan = planOfVersion(2, roast.plan);
    const carried = checkRoastFile(JSON.stringify(file));
    expect(carried.valid && carried.file.roasts[0]?.roast).toEqual({ ...sampleFile().roasts[0].roast, named: true });
    roast.plan.bird.preSalted = true;
    const salted = checkRoastFile(JSON.stringify(file));
    expect(salted.valid && salted.file.roasts[0]?.roast.plan.salt.method).toBe("none");
  });

  it("carries a file of version 3 forward: its simulated thermometer speaks to the bridge", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.version = 3;
    file.roasts[0].roast.thermometer = "simulated";
    const carried = checkRoastFile(JSON.stringify(file));
    expect(carried.valid && carried.file.roasts[0]?.roast.thermometer).toBe("bridge");
  });

  it("leaves what is no roast to the schema, which says what is wrong", () => {
    expect(
      faultsOf(
        '{"format":"bruma-roasts","version":1,"exportedAt":"2026-09-01T08:00:00Z","roasts":[{"roast":7,"readings":[]}]}',
      )[0]?.where,
    ).toBe("roasts.0.roast");
    expect(
      faultsOf('{"format":"bruma-roasts","version":1,"exportedAt":"2026-09-01T08:00:00Z","roasts":7}')[0]?.where,
    ).toBe("roasts");
  });

  it("says where a wrong value stands", () => {
    const file = sampleFile();
    file.roasts[0].roast.plan.bird.massKg = 400;
    const [fault] = faultsOf(JSON.stringify(file));
    expect(fault?.where).toBe("roasts.0.roast.plan.bird.massKg");
    expect(fault?.what).toContain("16");
  });

  it("refuses unknown fields, so that a misspelt one is not lost in silence", () => {
    const file = sampleFile();
    Object.assign(file.roasts[0].roast, { titel: "x" });
    expect(faultsOf(JSON.stringify(file))[0]?.what).toContain("titel");
  });

  it("refuses oven stages out of order", () => {
    const file = sampleFile();
    file.roasts[0].roast.plan.stages = [
      { fromMin: 0, airC: 163 },
      { fromMin: 0, airC: 200 },
    ];
    expect(faultsOf(JSON.stringify(file))[0]?.where).toBe("roasts.0.roast.plan.stages.1.fromMin");
  });

  it("carries a file of version 5 forward: what happened in its order, texts that can be shown", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.version = 5;
    Object.assign(file.roasts[0].roast, {
      title: "A\u0000 Sunday",
      happened: { inAt: "2026-09-27T08:00:00Z", pulledAt: "2026-09-27T07:00:00Z", closedAt: "2026-09-27T12:00:00Z" },
    });
    const carried = checkRoastFile(JSON.stringify(file));
    expect(carried.valid && carried.file.roasts[0]?.roast).toMatchObject({
      title: "A  Sunday",
      happened: { inAt: "2026-09-27T08:00:00Z", pulledAt: "2026-09-27T08:00:00Z" },
    });
  });

  it("carries a file of version 19 forward: a bird that could not be made is the nearest that can", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.version = 19;
    Object.assign(file.roasts[0].roast.plan.bird, { species: "chicken", cut: "legs", cavity: "stuffed", massKg: 15 });
    const carried = checkRoastFile(JSON.stringify(file));
    const [, most] = massRangeKg("chicken", "legs");
    expect(carried.valid && carried.file.roasts[0]?.roast.plan.bird).toMatchObject({ cavity: "empty", massKg: most });
    // Written today it is refused.
    file.version = FILE_VERSION;
    expect(faultsOf(JSON.stringify(file)).map(({ where }) => where)).toEqual([
      "roasts.0.roast.plan.bird.cavity",
      "roasts.0.roast.plan.bird.massKg",
    ]);
  });

  it.each<[string, (roast: Record<string, never> & { plan: Record<string, unknown> }) => void, string]>([
    ["a zone nobody knows", (roast) => Object.assign(roast.plan, { zone: "Moon/Base" }), "plan.zone"],
    ["a zone that is an offset", (roast) => Object.assign(roast.plan, { zone: "+02:00" }), "plan.zone"],
    [
      "a dinner of another century",
      (roast) => Object.assign(roast.plan, { serveAt: "1912-04-14T20:00:00Z" }),
      "plan.serveAt",
    ],
    ["a 30th of February", (roast) => Object.assign(roast.plan, { serveAt: "2026-02-30T20:00:00Z" }), "plan.serveAt"],
    [
      "carved and never out",
      (roast) => Object.assign(roast, { happened: { inAt: "2026-09-27T08:00:00Z", carvedAt: "2026-09-27T12:00:00Z" } }),
      "happened.carvedAt",
    ],
    [
      "out before it was in",
      (roast) => Object.assign(roast, { happened: { inAt: "2026-09-27T08:00:00Z", pulledAt: "2026-09-27T07:00:00Z" } }),
      "happened.pulledAt",
    ],
    ["a title that turns around", (roast) => Object.assign(roast, { title: "a\u202Eb" }), "title"],
    ["a title of two lines", (roast) => Object.assign(roast, { title: "a\nb" }), "title"],
    ["an id of half a letter", (roast) => Object.assign(roast, { id: "\uD800" }), "id"],
  ])("refuses %s, and says where", (_, change, where) => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    change(file.roasts[0].roast);
    expect(faultsOf(JSON.stringify(file))).toMatchObject([{ where: `roasts.0.roast.${where}` }]);
  });

  it("refuses two roasts of one id", () => {
    const file = sampleFile();
    file.roasts.push(file.roasts[0]);
    expect(faultsOf(JSON.stringify(file))).toMatchObject([{ where: "roasts.1.roast.id" }]);
  });

  it("tells five faults at most, each in one short line, whatever stands in the file", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    const reading = { ...file.roasts[0].readings[0], celsius: 9999 };
    file.roasts[0].readings = Array.from({ length: 25_000 }, () => reading);
    file.roasts[0].roast[`evil\n${"x".repeat(1000)}`] = 1;
    const checked = checkRoastFile(JSON.stringify(file));
    expect(checked).toMatchObject({ valid: false, more: 24_996 });
    const faults = checked.valid ? [] : checked.faults;
    expect(faults).toHaveLength(5);
    for (const { where, wrong } of faults) {
      const what = wrongWords(wrong);
      expect(`${where}: ${what}`.length).toBeLessThan(200);
      expect(`${where}: ${what}`).not.toMatch(/[\n\r]/);
    }
  });

  it("answers for more wrong readings than a stack holds, and for as many wrong names", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.roasts[0].readings = Array.from({ length: 130_000 }, () => 0);
    const text = JSON.stringify(file);
    expect(checkRoastFile(text)).toMatchObject({ valid: false, more: 129_995 });
    file.roasts[0].readings = [];
    file.roasts[0].roast.plan.targetC = Object.fromEntries(Array.from({ length: 150_000 }, (_, n) => [`x${n}`, 1]));
    expect(checkRoastFile(JSON.stringify(file))).toMatchObject({ valid: false });
  });

  it.each([
    ["deep without end", "[".repeat(100_000)],
    ["deep and closed", `${"[".repeat(100_000)}${"]".repeat(100_000)}`],
    [
      "deep inside",
      `{"format":"bruma-roasts","version":1,"exportedAt":"2026-09-01T08:00:00Z","roasts":[{"roast":{"plan":{"bird":${'{"a":'.repeat(20_000)}1${"}".repeat(20_000)}}},"readings":[]}]}`,
    ],
    ["a wall of nulls", `[${"null,".repeat(500_000)}null]`],
    ["no pair of letters", '{"format":"\\ud800","version":1}'],
  ])("never throws, and answers in a sentence: %s", (_, text) => {
    const faults = faultsOf(text);
    expect(faults.length).toBeGreaterThan(0);
    expect(faults.every(({ what }) => what !== "" && what.length < 200)).toBe(true);
  });

  it("takes what it wrote, for every roast there is", () => {
    fc.assert(
      fc.property(ANY_FILE, (file) => {
        expect(checkRoastFile(JSON.stringify(file))).toMatchObject({ valid: true, file });
      }),
      { numRuns: 50 },
    );
  });

  it.each([
    ["{", "not JSON"],
    ["[]", 'expected "bruma-roasts"'],
    ['{"format":"other","version":1}', 'got "other"'],
    ['{"format":"bruma-roasts","version":99}', "newer Bruma: version 99"],
  ])("refuses %s", (text, says) => expect(faultsOf(text)[0]?.what).toContain(says));
});
