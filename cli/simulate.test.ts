import { describe, expect, it } from "vitest";
import { bruma, COARSE } from "../tests/helpers/command";

describe("simulate", () => {
  it("prints one JSON object of the contract's shape", () => {
    const { status, stdout } = bruma(
      "simulate",
      "--species",
      "turkey",
      "--cut",
      "spatchcock",
      ...COARSE,
      "--until",
      "breast=68C",
      "--rest",
      "10m,cover=foil",
    );
    expect(status).toBe(0);
    const result = JSON.parse(stdout);
    const contract = ["pullMinutes", "pullBand", "atPull", "rest", "lethalityLog10", "series"];
    expect(Object.keys(result)).toEqual(expect.arrayContaining(contract));
    expect(result.atPull.breastC).toBeGreaterThanOrEqual(68);
    expect(result.rest).toMatchObject({ minutes: 10 });
    expect(result.rest.peakBreastC).toBeGreaterThan(result.atPull.breastC);
    expect(Object.keys(result.series[0])).toEqual(["minute", "airC", "breastC", "thighC", "coldestC"]);
    expect(result.series.at(-1).minute).toBe(result.pullMinutes + 10);
  });

  it("stops at a time when asked what a probe would have shown then", () => {
    const { stdout } = bruma("simulate", ...COARSE, "--until", "time=60m");
    expect(JSON.parse(stdout)).toMatchObject({ pullMinutes: 60, pullBand: { p10: 60, p90: 60 } });
  });

  it.each([
    [["--mass", "heavy", "--stage", "163C@0m", "--until", "breast=74C"], "mass: got heavy"],
    [["--mass", "90kg", "--stage", "163C@0m", "--until", "breast=74C"], "mass of the turkey: got 90"],
    [["--mass", "6kg", "--stage", "163C", "--until", "breast=74C"], "--stage: got 163C"],
    [["--mass", "6kg", "--stage", "163C@0m,shield=hat", "--until", "breast=74C"], "--stage shield: got hat"],
    [["--mass", "6kg", "--stage", "163C@0m,door=open", "--until", "breast=74C"], "--stage option: got door=open"],
    [["--cut", "crown", "--mass", "3kg", "--stuffed"], "--stuffed: a bird cut as crown"],
    [
      ["--cut", "crown", "--mass", "3kg", "--stage", "163C@0m", "--until", "thigh=74C"],
      "target: got thigh, allowed is breast",
    ],
    [["--mass", "6kg", "--stage", "163C@0m", "--until", "wing=74C"], "--until: got wing=74C"],
    [["--mass", "6kg", "--stage", "163C@5m", "--until", "breast=74C"], "first oven stage: got 5"],
    [["--mass", "6kg", "--stage", "163C@0m", "--until", "breast=NaN"], "temperature: got NaN"],
    [["--species", "swan"], "--species: got swan"],
    [["--nonsense"], "option: got --nonsense, allowed is --species, --mass, --cut, --legs"],
    [["6kg"], "option: got 6kg, allowed is --species, --mass"],
  ])("refuses %j with one line and exit 2", (args, says) => {
    const { status, stdout, stderr } = bruma("simulate", ...args);
    expect(status).toBe(2);
    expect(stdout).toBe("");
    expect(stderr).toContain(says);
    expect(stderr.trim().split("\n")).toHaveLength(1);
  });

  it("says with exit 3 what was highest when the target is never met", () => {
    const { status, stderr } = bruma(
      "simulate",
      "--mass",
      "6kg",
      "--grid",
      "15mm",
      "--stage",
      "65C@0m",
      "--until",
      "breast=74C",
    );
    expect(status).toBe(3);
    expect(stderr).toMatch(/^breast 74 °C never met: highest was \d+(\.\d)? °C, because/);
  });
});

describe("simulate, with what the contract adds", () => {
  const answer = (...args: readonly string[]) => {
    const { status, stdout, stderr } = bruma("simulate", "--grid", "12mm", ...args);
    expect(stderr).toBe("");
    expect(status).toBe(0);
    return JSON.parse(stdout);
  };
  const stages = [
    "--stage",
    "220C@0m,shield=breast,surface=hot-stone",
    "--stage",
    "160C@25m,shield=none,wrap=none,side=up",
  ];

  it("takes every stage option, heat, species and cut", () => {
    const { series } = answer("--mass", "14lb", ...stages, "--heat", "fan-oven", "--until", "time=60m");
    expect(series[0].airC).toBeCloseTo(220, 0);
    expect(series.at(-1).airC).toBeLessThan(175);
    for (const heat of ["smoker", "covered-grill", "spit"]) {
      answer("--species", "chicken", "--mass", "1.8kg", "--heat", heat, "--stage", "180C@0m", "--until", "time=10m");
    }
    answer("--species", "duck", "--mass", "2.4kg", "--stage", "180C@0m", "--until", "time=10m");
    for (const cut of ["parts", "crown", "boneless-breast", "leg-roll"]) {
      answer("--species", "turkey", "--cut", cut, "--mass", "2kg", "--stage", "180C@0m", "--until", "time=10m");
    }
  });

  it("starts from below zero, whichever way it is written, with the giblets still inside", () => {
    const frozen = answer("--mass", "6kg", "--start", "-18C", "--stage", "163C@0m", "--until", "time=10m");
    expect(frozen.series[0].breastC).toBe(-18);
    expect(answer("--mass", "6kg", "--start=-18C", "--stage", "163C@0m", "--until", "time=10m")).toEqual(frozen);
  });

  it("dries the skin before it goes in: it gives off less in the oven, and browns further", () => {
    const skin = (...how: readonly string[]) =>
      JSON.parse(
        bruma("simulate", "--mass", "12lb", "--stage", "165C@0m", "--grid", "10mm", "--until", "time=90m", ...how)
          .stdout,
      );
    const [wet, dried, longer] = [skin(), skin("--skin", "dried"), skin("--skin", "dried,hours=48")];
    expect(skin("--skin", "wet")).toEqual(wet);
    expect(dried.indices.browning).toBeGreaterThan(wet.indices.browning);
    expect(longer.indices.browning).toBeGreaterThan(dried.indices.browning);
    // What it lost in the fridge counts too.
    expect(longer.vapourShare).toBeGreaterThan(dried.vapourShare);
  });

  it("takes what is on the skin, what was preheated, the weather, and a stage that begins at a temperature", () => {
    const at90 = (...how: readonly string[]) =>
      JSON.parse(
        bruma("simulate", "--mass", "12lb", "--stage", "165C@0m", "--grid", "10mm", "--until", "time=90m", ...how)
          .stdout,
      );
    const bare = at90();
    expect(at90("--on-skin", "oil").atPull.breastC).toBeGreaterThan(bare.atPull.breastC);
    expect(at90("--on-skin", "paste").indices.browning).toBeGreaterThan(bare.indices.browning);
    expect(at90("--preheat", "250C").atPull.breastC).toBeGreaterThan(bare.atPull.breastC);
    expect(at90("--preheat", "20C").atPull.breastC).toBeLessThan(bare.atPull.breastC);
    const [mild, cold, drawing] = [[], ["--weather=-10C,windy"], ["--draught", "good"]].map(
      (how) => at90("--heat", "smoker", ...how).atPull.breastC,
    );
    expect(cold).toBeLessThan(mild);
    expect(drawing).toBeGreaterThan(mild);
    const hotter = at90("--stage", "230C@breast=30C");
    expect(hotter.series.find(({ airC }: { airC: number }) => airC > 200).breastC).toBeGreaterThan(30);
    expect(hotter.atPull.breastC).toBeGreaterThan(bare.atPull.breastC);
  });

  it("reads its targets where a cook's thermometers sit: short of the deepest, and so sooner", () => {
    const band = (...tips: readonly string[]) => answer(...COARSE, "--until", "breast=60C", ...tips).pullBand;
    expect(band()).toEqual(band("--tips", "deepest"));
    expect(band("--tips", "usual").p50).toBeLessThan(band().p50);
  });

  it.each([
    ["wet,hours=2", "--skin: got wet,hours=2, allowed is wet or dried,hours=24"],
    ["oiled", "--skin: got oiled, allowed is wet, dried"],
    ["dried,days=2", "--skin option: got days=2, allowed is hours=24"],
    ["dried,hours=200", "200"],
    ["dried", "--draught: got --heat oven, allowed is smoker, covered-grill", "--draught", "good"],
    ["wet", "--fuel and --weather: got --heat oven, allowed is smoker, covered-grill, spit", "--weather=-5C"],
    ["wet", "--weather option: got rainy, allowed is windy", "--heat", "smoker", "--weather=5C,rainy"],
    ["wet", "--on-skin: got honey, allowed is oil, paste, bacon", "--on-skin", "oil,honey"],
    ["wet", "preheated oven: got 400 °C, allowed is 10 to 300 °C", "--preheat", "400C"],
    ["wet", "--tips: got skewed, allowed is deepest, usual", "--tips", "skewed"],
    ["wet", "--stage that begins at a temperature: got wing, allowed is breast", "--stage", "160C@wing=60C"],
  ])("refuses a skin of %s, or what is around it, in one line: %s", (how, says, ...more) => {
    const { status, stderr } = bruma("simulate", ...COARSE, "--until", "time=10m", "--skin", how, ...more);
    expect(status).toBe(2);
    expect(stderr).toContain(says);
    expect(stderr.trim().split("\n")).toHaveLength(1);
  });

  it("reads the middle of a filling, and no thigh where there is none", () => {
    const stuffed = answer("--mass", "6kg", "--stuffed", "--stage", "163C@0m", "--until", "time=60m");
    expect(stuffed.atPull.fillingC).toBeGreaterThan(20);
    expect(
      answer("--cut", "crown", "--mass", "3kg", "--stage", "163C@0m", "--until", "breast=60C").atPull.thighC,
    ).toBeNull();
  });
});
