import { spawnSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { beforeAll, describe, expect, it } from "vitest";
import { CUTS } from "../core/bird/form";
import { SPECIES } from "../core/bird/species";
import { runMember } from "../core/forecast/ensemble";
import { minuteAllShown, shownAt } from "../core/forecast/member";
import { ensembleOptions } from "../core/forecast/plannedInput";
import type { RoastEntry } from "../core/formats/file";
import { FILE_VERSION } from "../core/formats/migrations";
import { COVERS } from "../core/heat/covers";
import { DRAUGHTS, FUELS, HEAT_SOURCES } from "../core/heat/sources";
import type { Roast } from "../core/plan/roast";
import { STAGE_CHOICES } from "../core/processes/stages";
import { sampleFile, sampleRoast } from "../tests/helpers/sampleRoast";
import { loadKernel } from "./loadKernel";
import { run } from "./run";
import { USAGES } from "./usage";

/** In this process, for speed; one case below runs the command as anyone does from outside. */
function bruma(...args: readonly string[]) {
  const { exitCode: status, ...said } = run(args);
  return { status, ...said };
}

/** A file with one roast that all this has happened to. */
function fileOf(folder: string, happened: Roast["happened"]): string {
  const path = join(folder, "happened.json");
  const file = sampleFile();
  const [entry] = file.roasts;
  writeFileSync(path, JSON.stringify({ ...file, roasts: [{ ...entry, roast: { ...entry.roast, happened } }] }));
  return path;
}

const COARSE = ["--mass", "12lb", "--stage", "200C@0m", "--grid", "10mm"];

describe("the command", () => {
  it("runs from outside: one JSON object, or one line and the exit code", () => {
    const outside = (...args: readonly string[]) =>
      spawnSync("npm", ["run", "--silent", "bruma", "--", ...args], { encoding: "utf8" });
    const good = outside("simulate", ...COARSE, "--until", "time=10m");
    expect(JSON.parse(good.stdout).pullMinutes).toBe(10);
    expect(good.status).toBe(0);
    const bad = outside("roast");
    expect(bad.status).toBe(2);
    expect(bad.stderr).toContain(
      "command: got roast, allowed is simulate, thaw, salt, plan, forecast, log, learn, practice, check",
    );
  });
});

describe("simulate", () => {
  beforeAll(() => void loadKernel());

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
  beforeAll(() => void loadKernel());
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

describe("thaw and salt", () => {
  beforeAll(() => void loadKernel());

  it("thaw says when the last ice is gone", () => {
    const { status, stdout } = bruma(
      "thaw",
      "--species",
      "chicken",
      "--mass",
      "4lb",
      "--in",
      "water",
      "--medium",
      "12C",
      "--from",
      "-18C",
    );
    expect(status).toBe(0);
    const { hours, waterChanges, series } = JSON.parse(stdout);
    expect(hours).toBeGreaterThan(1);
    expect(waterChanges).toBe(Math.floor(hours * 2));
    expect(series.at(-1).coldestC).toBeGreaterThan(-1.1);
  });

  it("thaw ends with exit 3 where nothing thaws", () => {
    const { status, stderr } = bruma(
      "thaw",
      "--species",
      "chicken",
      "--mass",
      "0.6kg",
      "--in",
      "fridge",
      "--medium",
      "-2C",
    );
    expect(status).toBe(3);
    expect(stderr).toMatch(/^never thawed: highest at the coldest point was -\d/);
  });

  it.each([
    [["thaw", "--mass", "14lb", "--in", "oven", "--medium", "3C"], "--in: got oven"],
    [["thaw", "--mass", "14lb", "--medium", "90C"], "fridge temperature: got 90"],
    [["thaw", "--medium", "3C"], "--mass is missing"],
    [["salt", "--mass", "14lb", "--salt", "rock"], "--salt: got rock"],
    [["salt", "--mass", "14lb", "--method", "brine", "--water", "1L"], "water for the brine: got 1"],
    [["salt", "--mass", "14lb", "--percent", "much"], "--percent: got much"],
    [["salt", "--mass", "14lb", "--hours", "900"], "salting time: got 900"],
  ])("%j is refused with exit 2", (args, says) => {
    const { status, stderr } = bruma(...args);
    expect(status).toBe(2);
    expect(stderr).toContain(says);
  });

  it("salt weighs one per cent, in the spoons of the cook's own kind, and says where it has got to", () => {
    const salt = (...args: readonly string[]) =>
      JSON.parse(bruma("salt", "--species", "chicken", "--mass", "1.8kg", ...args).stdout);
    // At the command's own grid; the bath's balance does not depend on it.
    const dry = salt("--method", "dry", "--salt", "light-flake", "--hours", "24");
    expect(dry).toMatchObject({ grams: 18, teaspoons: 6, spoons: "2 tbsp", percentOfBought: 1 });
    expect(dry.meatPercent.surfaceCentimetre).toBeGreaterThan(dry.meatPercent.whole);
    expect(dry.meatPercent.breastCentre).toBeLessThan(0.3);
    const bath = salt("--method", "equilibrium", "--hours", "48", "--water", "3L", "--grid", "8mm");
    expect(bath.equilibriumPercent).toBeCloseTo(1, 6);
    expect(bath.meatPercent.whole).toBeLessThan(1);
  });
});

describe("plan", () => {
  beforeAll(() => void loadKernel());
  const folder = mkdtempSync(join(tmpdir(), "bruma-plan-"));

  it("prints the tasks in order, what they use, and what conflicts", () => {
    const file = sampleFile();
    const dish = { minutes: 45, ring: false, slot: "with" as const };
    // Late enough that nobody has to be up at night.
    file.roasts[0].roast.plan.serveAt = "2026-09-27T13:30:00Z";
    file.roasts[0].roast.plan.sides = [
      { ...dish, id: "a", name: "Potatoes", ovenC: 220 },
      { ...dish, id: "b", name: "Roots", ovenC: 165 }, // finds room beside the bird
    ];
    const path = join(folder, "plan.json");
    writeFileSync(path, JSON.stringify(file));
    const { status, stdout } = bruma("plan", path);
    expect(status).toBe(0);
    const [answer] = JSON.parse(stdout).plans;
    const starts = answer.tasks.map((task: { start: string }) => task.start);
    expect(starts).toEqual([...starts].sort());
    expect(answer.tasks.map((task: { id: string }) => task.id)).toEqual(
      expect.arrayContaining([
        "salt",
        "dry",
        "preheat",
        "roast",
        "rest",
        "carve",
        "table",
        "eve-check-1",
        "thicken-1",
        "side-a",
        "side-b",
      ]),
    );
    expect(answer.conflicts).toMatchObject([{ kind: "oven-two-temperatures", tasks: ["bird", "Potatoes"] }]);
    expect(answer.resources.length).toBeGreaterThan(2);
  });

  it("counts what happened to a roast that is on: half an hour without heat", () => {
    const inAt = "2026-09-27T08:00:00.000Z";
    const heatOffs = [{ offAt: "2026-09-27T09:00:00.000Z", onAt: "2026-09-27T09:30:00.000Z" }];
    const of = (happened: Roast["happened"]): number =>
      JSON.parse(bruma("plan", fileOf(folder, happened)).stdout).plans[0].roastMinutes.p50;
    expect(of({ inAt, heatOffs }) - of({ inAt })).toBeGreaterThan(8);
  });

  it("refuses what is no roast file, saying where", () => {
    const path = join(folder, "bad.json");
    writeFileSync(path, JSON.stringify(sampleFile()).replace('"steady"', '"warm"'));
    expect(bruma("plan", path)).toMatchObject({ status: 2 });
    expect(bruma("plan", path).stderr).toContain("roasts.0.roast.plan.method");
  });
});

describe("forecast", () => {
  beforeAll(() => void loadKernel());
  const folder = mkdtempSync(join(tmpdir(), "bruma-forecast-"));
  const planPath = join(folder, "plan.json");
  writeFileSync(planPath, JSON.stringify(sampleFile()));
  const options = ensembleOptions(sampleRoast().plan, sampleRoast().plan.targetC);
  /** A bird a good deal slower than the usual one, read every five minutes. */
  const truth = runMember({ ...options, atLeastMin: 400 }, [-1, -1, 0.5, 0.8, 0, 0, 0]);
  const doneMin = minuteAllShown(truth, options.shownC);
  const logPath = join(folder, "log.csv");
  const minutes = Array.from({ length: 30 }, (_, n) => 5 * (n + 1));
  const rows = minutes.map((minute) =>
    [minute, ...(["breast", "thigh"] as const).map((part) => shownAt(truth, { part }, minute).toFixed(1))].join(","),
  );
  writeFileSync(logPath, ["minute,breast_c,thigh_c", ...rows, "200,hot,"].join("\n"));
  const forecast = (...more: readonly string[]) =>
    bruma("forecast", "--plan", planPath, "--readings", logPath, ...more);

  /** Of the whole log, and of its first hour; each asked once. */
  const asked = new Map<string, ReturnType<typeof forecast>>();
  const once = (...more: readonly string[]) => {
    const known = asked.get(more.join(" ")) ?? forecast(...more);
    asked.set(more.join(" "), known);
    return known;
  };
  const ofAll = () => once();
  const ofAnHour = () => once("--at", "60m");

  it("says when each target will be shown, with its doubt, and which rows it did not take", () => {
    const { status, stdout } = ofAll();
    expect(status).toBe(0);
    const answer = JSON.parse(stdout);
    for (const part of ["breast", "thigh"]) {
      const { p10, p50, p90 } = answer.targets[part];
      expect(p10).toBeLessThan(p50);
      expect(p50).toBeLessThan(p90);
    }
    expect(Math.abs(answer.all.p50 - doneMin)).toBeLessThan(10);
    expect(answer.all.p10).toBeLessThan(doneMin);
    expect(answer.all.p90).toBeGreaterThan(doneMin);
    expect(answer.readings).toMatchObject({ used: 60, rejected: [{ line: 32 }], setAside: [] });
  });

  it("knows no more than what had been read by then", () => {
    const early = JSON.parse(ofAnHour().stdout);
    const late = JSON.parse(ofAll().stdout);
    expect(early.atMinute).toBe(60);
    expect(early.all.p90 - early.all.p10).toBeGreaterThan(late.all.p90 - late.all.p10);
  });

  it("knows what happened to the roast, as far as it had by then", () => {
    const inAt = "2026-09-27T08:00:00.000Z";
    const heatOffs = [{ offAt: "2026-09-27T10:20:00.000Z", onAt: "2026-09-27T11:00:00.000Z" }];
    const path = fileOf(folder, { inAt, heatOffs });
    const by = (...more: readonly string[]) =>
      JSON.parse(bruma("forecast", "--plan", path, "--readings", logPath, ...more).stdout);
    expect(by().all.p50).toBeGreaterThan(doneMin + 10);
    expect(by("--at", "60m")).toEqual(JSON.parse(ofAnHour().stdout));
  });

  it("refuses what it cannot read, in one line", () => {
    expect(bruma("forecast", "--plan", planPath)).toMatchObject({
      status: 2,
      stderr: expect.stringContaining("--readings is missing"),
    });
    const odd = join(folder, "odd.csv");
    writeFileSync(odd, "pot,lid\n1,2\n");
    expect(bruma("forecast", "--plan", planPath, "--readings", odd).stderr).toContain("no column for time");
    expect(bruma("forecast", "--plan", join(folder, "none.json"), "--readings", logPath).stderr).toContain(
      "cannot read",
    );
  });
});

describe("log", () => {
  const folder = mkdtempSync(join(tmpdir(), "bruma-log-"));
  const path = join(folder, "roasts.json");
  const happened = {
    inAt: "2026-09-27T08:00:00.000Z",
    pulledAt: "2026-09-27T10:58:00.000Z",
    carvedAt: "2026-09-27T11:30:00.000Z",
    predicted: {
      pullP10At: "2026-09-27T10:30:00.000Z",
      pullP50At: "2026-09-27T10:50:00.000Z",
      pullP90At: "2026-09-27T11:10:00.000Z",
      pullC: {},
    },
  };
  const notes = 'Good.\n=Salt "longer", by a day';
  const file = { ...sampleFile(), roasts: [{ roast: { ...sampleRoast(), happened, notes }, readings: [] }] };
  writeFileSync(path, JSON.stringify(file));

  it("prints what became of every roast, and how often the band held", () => {
    const { predicted, rows } = JSON.parse(bruma("log", path).stdout);
    expect(predicted).toEqual({ roasts: 1, inBand: 1, medianOffMin: 8 });
    expect(rows).toMatchObject([{ species: "turkey", minutesOff: 8, inBand: true, outAt: happened.pulledAt }]);
  });

  it("prints it as a table that no spreadsheet takes for a formula", () => {
    const [header, line, ...more] = bruma("log", path, "--csv").stdout.trim().split("\r\n");
    expect(header).toBe(
      "outAt,name,species,cut,massKg,count,heat,oven,method,serveAt,inAt,predictedAt,minutesOff,inBand,rating,note,isArchived,id,movedTo",
    );
    expect(line).toContain(`,8,true,,"'=Salt ""longer"", by a day",false,sample`);
    expect(more).toEqual([]);
  });

  it("refuses what is no file of roasts, in one line", () => {
    const other = join(folder, "other.json");
    writeFileSync(other, "{}");
    const { status, stderr } = bruma("log", other);
    expect(status).toBe(2);
    expect(stderr.trim().split("\n")).toHaveLength(1);
  });
});

describe("learn", () => {
  const path = join(mkdtempSync(join(tmpdir(), "bruma-learn-")), "roasts.json");
  const in_ = (id: string, day: number, says?: Roast["says"]): RoastEntry => {
    const at = (minute: number): string => new Date(Date.UTC(2026, 8, day, 8, minute)).toISOString();
    const sample = sampleRoast(id);
    const oven = { id: "old", name: "Old kitchen", heat: "oven" as const, learned: null };
    const happened = { inAt: at(0), pulledAt: at(150), carvedAt: at(180), closedAt: at(181) };
    return {
      roast: { ...sample, plan: { ...sample.plan, oven }, happened, ...(says !== undefined && { says }) },
      readings: [60, 90, 120, 148].flatMap((minute, n) => [
        { at: at(minute), part: "breast" as const, celsius: 30 + 14 * n, source: "typed" as const },
        { at: at(minute), part: "thigh" as const, celsius: 34 + 14 * n, source: "typed" as const },
      ]),
    };
  };
  const by = [-0.06, -0.05, 0, -0.04];
  const file = { ...sampleFile(), roasts: [in_("one", 1, { slower: -0.2, doubt: 0.1, by }), in_("two", 8)] };
  writeFileSync(path, JSON.stringify(file));

  it("prints what roasts teach of their oven, asked of their readings where they have not been, and what it changes", () => {
    const { ovens, roastsWithoutOven } = JSON.parse(bruma("learn", path).stdout);
    expect(roastsWithoutOven).toBe(0);
    expect(ovens).toMatchObject([{ name: "Old kitchen", learned: { roasts: 2 }, looksChanged: false }]);
    expect(ovens[0].learned.hotterC).toBeGreaterThan(0);
    const [one, two] = ovens[0].roasts;
    expect(one).toMatchObject({ heard: true, slowerShare: -0.18, saidByThoseBefore: null, tookMin: 150 });
    expect(two.slowerShare).toBeLessThan(0);
    // By a roast that was quick the next one is said to be quicker, and by less doubt.
    expect(two.saidByThoseBefore.p50).toBeLessThan(two.saidKnowingNothing.p50);
    const width = ({ p10, p90 }: { p10: number; p90: number }): number => p90 - p10;
    expect(width(two.saidByThoseBefore)).toBeLessThan(width(two.saidKnowingNothing));
  });
});

describe("practice", () => {
  it("plays roasts without a screen, and prints what they truly came to", () => {
    const { day, policies } = JSON.parse(
      bruma("practice", "--seed", "1", "--policy", "no-thermometer", "--day", "calm").stdout,
    );
    expect(day).toBe("calm");
    expect(policies).toMatchObject([{ policy: "no-thermometer", roasts: 1, onTimeShare: 1, medianOffMin: 0 }]);
    expect(policies[0].played).toHaveLength(1);
    const { status, stderr } = bruma("practice", "--seed", "1", "--policy", "by-luck");
    expect(status).toBe(2);
    expect(stderr).toContain("--policy: got by-luck, allowed is no-thermometer, by-the-book, bruma");
  });
});

describe("help", () => {
  it("tells every command, and every option that it takes", () => {
    const { status, stdout } = bruma("--help");
    expect(status).toBe(0);
    for (const [name, usage] of Object.entries(USAGES)) {
      expect(stdout).toContain(usage);
      expect(bruma(name, "--help")).toEqual({ status: 0, stdout: `${usage}\n`, stderr: "" });
      const [, allowed = ""] = /allowed is (.*)\n/.exec(bruma(name, "--nonsense").stderr) ?? [];
      for (const option of allowed.split(", ").filter((word) => word.startsWith("--")))
        expect(stdout).toContain(option);
    }
  });

  it("has its choices: every one there is, and no other", () => {
    const told = (option: string): readonly string[] =>
      new RegExp(`${option}[ =]([a-z|-]+)`).exec(USAGES.simulate)?.[1]?.split("|") ?? [];
    expect(told("--species")).toEqual(SPECIES);
    expect(new Set(told("--cut"))).toEqual(new Set(CUTS));
    expect(new Set(told("--heat"))).toEqual(new Set(HEAT_SOURCES));
    expect(new Set(told("--fuel"))).toEqual(new Set(FUELS));
    expect(new Set(told("--draught"))).toEqual(new Set(DRAUGHTS));
    expect(new Set(told("cover"))).toEqual(new Set(COVERS));
    for (const name of ["shield", "wrap", "side", "surface"] as const) {
      expect(new Set(told(` ${name}`))).toEqual(new Set(STAGE_CHOICES[name]));
    }
  });

  it("refuses a second file, and options where there are none", () => {
    expect(bruma("plan", "one.json", "two.json")).toMatchObject({
      status: 2,
      stderr: "plan: got two.json besides one.json, allowed is one file\n",
    });
    expect(bruma("check", "--csv", "one.json")).toMatchObject({
      status: 2,
      stderr: "option: got --csv, allowed is a file\n",
    });
  });
});

describe("check", () => {
  const folder = mkdtempSync(join(tmpdir(), "bruma-check-"));

  it("knows its own file, and says what is wrong with another", () => {
    const good = join(folder, "good.json");
    writeFileSync(good, JSON.stringify(sampleFile()));
    expect(JSON.parse(bruma("check", good).stdout)).toEqual({
      format: "bruma-roasts",
      version: FILE_VERSION,
      valid: true,
      roasts: 1,
    });
    const bad = join(folder, "bad.json");
    writeFileSync(bad, JSON.stringify(sampleFile()).replace('"whole"', '"halved"'));
    expect(JSON.parse(bruma("check", bad).stdout)).toMatchObject({
      valid: false,
      faults: [{ where: "roasts.0.roast.plan.bird.cut" }],
    });
  });

  const checked = (text: string): unknown => {
    const path = join(folder, "any");
    writeFileSync(path, text);
    return JSON.parse(bruma("check", path).stdout);
  };
  const LINE = '{"at":"2026-09-27T09:00:00Z","probe":"breast","celsius":41.5}';

  it.each([
    ["minute,breast_c,thigh_c\n30,12.4,19.8\n", "readings-csv", 2],
    ["name,minutes,oven\nRoast potatoes,45,200 C\n", "dishes-csv", 1],
    [`${LINE}\n${LINE}\n`, "thermometer-lines", 2],
    [`[${LINE}]`, "thermometer-lines", 1],
  ])("knows %j too", (text, format, entries) => {
    expect(checked(text)).toEqual({ format, valid: true, entries, rejected: [] });
  });

  it.each([
    ["minute,breast_c\n30,hot\n", "readings-csv", 2, "breast: got hot"],
    ["minute,wing\n30,40\n", "readings-csv", 1, "breast"],
    ["name,minutes\nPotatoes,45\nCarrots,-2\n", "dishes-csv", 3, "got -2"],
    [`${LINE}\n${LINE.replace("41.5", "410")}\n`, "thermometer-lines", 2, "celsius"],
  ])("says what is wrong with %j, and in which line", (text, format, line, says) => {
    expect(checked(text)).toMatchObject({
      format,
      valid: false,
      rejected: [{ line, why: expect.stringContaining(says) }],
    });
  });

  it("refuses a file that is not there", () => {
    const { status, stderr } = bruma("check", join(folder, "none.json"));
    expect(status).toBe(2);
    expect(stderr).toContain("cannot read");
  });
});
