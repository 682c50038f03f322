/** `simulate`: one roast and its rest, from options to the JSON of the contract. */
import { parseArgs } from "node:util";
import { makeBodyAtGrid } from "../core/bird/body";
import { type CentrePart, CUTS, type Cut, SPECIES } from "../core/bird/shape";
import { QuantityError } from "../core/errors";
import { bandShares } from "../core/forecast/band";
import type { Cover, HeatSource } from "../core/heat/surroundings";
import { cooking, drain, type Targets } from "../core/processes/cook";
import type { HistoryPoint, OvenStage } from "../core/processes/roast";
import { parseDurationS, parseMassKg, parseTemperatureC } from "../core/units/quantity";
import { CommandError, NEVER_MET, USAGE } from "./errors";

function oneOf<Value extends string>(
  option: string,
  value: string | undefined,
  allowed: readonly Value[],
  fallback?: Value,
): Value {
  const found = allowed.find((known) => known === (value ?? fallback));
  if (found === undefined)
    throw new CommandError(USAGE, `${option}: got ${value ?? "nothing"}, allowed is ${allowed.join(", ")}`);
  return found;
}

/** The one choice of a stage option that this version computes. */
const STAGE_OPTIONS: Record<string, string> = { shield: "none", wrap: "none", side: "up", surface: "rack" };

function parseStage(text: string): OvenStage {
  const [when, ...options] = text.split(",");
  const [air, from] = (when ?? "").split("@");
  if (!air || !from) throw new CommandError(USAGE, `--stage: got ${text}, allowed is TEMPERATURE@TIME such as 163C@0m`);
  for (const option of options) {
    const [name = "", value = ""] = option.split("=");
    if (STAGE_OPTIONS[name] !== value) {
      const computed = Object.entries(STAGE_OPTIONS)
        .map((entry) => entry.join("="))
        .join(", ");
      throw new CommandError(USAGE, `--stage option: got ${option}, this version computes ${computed}`);
    }
  }
  return { airC: parseTemperatureC(air), fromMin: parseDurationS(from) / 60 };
}

function parseUntil(text: string): { targetsC: Targets; timeMin?: number } {
  const targetsC: Partial<Record<CentrePart, number>> = {};
  let timeMin: number | undefined;
  for (const condition of text.split(",")) {
    const [name, value = ""] = condition.split("=");
    if (name === "time") timeMin = parseDurationS(value) / 60;
    else if (name === "breast" || name === "thigh") targetsC[name] = parseTemperatureC(value);
    else throw new CommandError(USAGE, `--until: got ${condition}, allowed is breast=70C, thigh=74C or time=120m`);
  }
  return { targetsC, ...(timeMin !== undefined && { timeMin }) };
}

function parseRest(text: string | undefined): { restMin: number; cover: Cover } {
  if (text === undefined) return { restMin: 0, cover: "none" };
  const [minutes = "", ...options] = text.split(",");
  let cover: Cover = "none";
  for (const option of options) {
    const [name, value] = option.split("=");
    if (name !== "cover")
      throw new CommandError(USAGE, `--rest option: got ${option}, allowed is cover=none|foil|towels`);
    cover = oneOf("cover", value, ["none", "foil", "towels"]);
  }
  return { restMin: parseDurationS(minutes) / 60, cover };
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
const seriesPoint = (point: HistoryPoint) => ({
  minute: tenth(point.minute),
  airC: tenth(point.airC),
  breastC: tenth(point.breastC),
  thighC: tenth(point.thighC),
  coldestC: tenth(point.coldestC),
});

/** @throws CommandError with the exit code of the contract; QuantityError for values out of range */
export function simulate(args: readonly string[]): unknown {
  const { values } = parseArgs({
    args: [...args],
    options: {
      species: { type: "string" },
      mass: { type: "string" },
      cut: { type: "string" },
      start: { type: "string" },
      heat: { type: "string" },
      stuffed: { type: "boolean" },
      stage: { type: "string", multiple: true },
      until: { type: "string" },
      rest: { type: "string" },
      grid: { type: "string" },
    },
  });
  oneOf("--species", values.species, SPECIES, "turkey");
  const cut = oneOf<Cut>("--cut", values.cut, CUTS, "whole");
  const source = oneOf<HeatSource>("--heat", values.heat, ["oven", "fan-oven"], "oven");
  if (values.stuffed) throw new CommandError(USAGE, "--stuffed: this version computes the empty cavity only");
  if (!values.mass) throw new CommandError(USAGE, "--mass is missing, such as --mass 14lb");
  if (!values.stage?.length) throw new CommandError(USAGE, "--stage is missing, such as --stage 163C@0m");
  if (!values.until) throw new CommandError(USAGE, "--until is missing, such as --until breast=74C,thigh=74C");
  const boughtKg = parseMassKg(values.mass);
  const stages = values.stage.map(parseStage).sort((a, b) => a.fromMin - b.fromMin);
  const until = parseUntil(values.until);
  const startC = parseTemperatureC(values.start ?? "4C");
  const grid = /^([\d.]+)\s*mm$/.exec(values.grid ?? "5mm");
  if (!grid) throw new QuantityError("--grid", values.grid, "a cell size such as 5mm");
  const outcome = drain(
    cooking({
      body: makeBodyAtGrid(cut, boughtKg, Number(grid[1]) / 1000),
      startC,
      stages,
      source,
      finish: { kind: "until", ...until },
      ...parseRest(values.rest),
    }),
  );
  if (outcome.kind === "never-met") {
    const { part, targetC, highestC, afterMin } = outcome;
    const why = `the oven as set does not carry it further in ${afterMin / 60} hours`;
    throw new CommandError(
      NEVER_MET,
      `never met: ${part} ${targetC} °C; highest was ${tenth(highestC)} °C, because ${why}`,
    );
  }
  const { pullMinute, atPull, peak, atCarve, history, logReduction } = outcome;
  const stoppedByTime = until.timeMin !== undefined && pullMinute >= until.timeMin;
  const shares = stoppedByTime
    ? { p10: 1, p90: 1 }
    : drain(bandShares({ cut, boughtKg, startC, stages, source, shownC: until.targetsC }));
  return {
    pullMinutes: tenth(pullMinute),
    pullBand: { p10: tenth(pullMinute * shares.p10), p90: tenth(pullMinute * shares.p90) },
    atPull: { breastC: tenth(atPull.breastC), thighC: tenth(atPull.thighC), coldestC: tenth(atPull.coldestC) },
    rest: {
      minutes: tenth(atCarve.minute - pullMinute),
      peakBreastC: tenth(peak.breast.celsius),
      endBreastC: tenth(atCarve.breastC),
      endThighC: tenth(atCarve.thighC),
    },
    lethalityLog10: tenth(logReduction),
    series: history.map(seriesPoint),
  };
}
