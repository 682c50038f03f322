/** `simulate`: one roast and its rest, from options to the JSON of the contract. */

import { type Body, makeBodyAtGrid } from "../core/bird/body";
import { type FormChoice, hasCavity } from "../core/bird/form";
import { CENTRES, type Centre, type CentreTemperatures } from "../core/bird/solid";
import { constant } from "../core/constants";
import { requireBetween } from "../core/errors";
import { bandShares } from "../core/forecast/band";
import { centredPrior, drawn, traitsOf, usualPrior } from "../core/forecast/prior";
import { mapLate } from "../core/forecast/shares";
import { COVERS, type Cover } from "../core/heat/covers";
import { type Fire, MILD_DAY, type Weather } from "../core/heat/fire";
import { BARE_SKIN, type Dressing } from "../core/heat/ovens";
import {
  DRAUGHTS,
  elsewhereOf,
  FUELS,
  HEAT_SOURCES,
  type HeatSource,
  heatsByStage,
  isFire,
  isLidded,
} from "../core/heat/sources";
import { type HistoryPoint, LivingBird } from "../core/processes/bird";
import { cooking, drain, type NeverMet } from "../core/processes/cook";
import { drying } from "../core/processes/salting";
import { type OvenStage, STAGE_CHOICES } from "../core/processes/stages";
import { parseDurationS, parseNumber, parseTemperatureC } from "../core/units/quantity";
import { CommandError, NEVER_MET, USAGE } from "./errors";
import { BIRD_OPTIONS, birdOf, oneOf, parseGridM, readOptions, required, tenth } from "./options";

/** A stage begins at a time, or once a centre has come so far: then it comes after the one it stands behind. */
function parseBeginning(text: string, after: OvenStage | undefined): Pick<OvenStage, "fromMin" | "when"> {
  const [name, celsius] = text.split("=");
  if (celsius === undefined) return { fromMin: parseDurationS(text) / 60 };
  const centre = oneOf("--stage that begins at a temperature", name, CENTRES);
  if (!after) throw new CommandError(USAGE, `--stage: got ${text} first, allowed is a time such as 163C@0m`);
  return { fromMin: after.fromMin, when: { centre, reachesC: parseTemperatureC(celsius) } };
}

function parseStage(text: string, after: OvenStage | undefined): OvenStage {
  const [when, ...options] = text.split(",");
  const [air, from] = (when ?? "").split("@");
  if (!air || !from)
    throw new CommandError(
      USAGE,
      `--stage: got ${text}, allowed is TEMPERATURE@TIME such as 163C@0m, or 163C@breast=57C`,
    );
  const arrangement = options.map((option) => {
    const [name = "", value] = option.split("=");
    const choices = STAGE_CHOICES[name as keyof typeof STAGE_CHOICES] as readonly string[] | undefined;
    if (!choices) {
      throw new CommandError(
        USAGE,
        `--stage option: got ${option}, allowed is ${Object.keys(STAGE_CHOICES).join(", ")}`,
      );
    }
    return [name, oneOf(`--stage ${name}`, value, choices)];
  });
  return { airC: parseTemperatureC(air), ...parseBeginning(from, after), ...Object.fromEntries(arrangement) };
}

function parseUntil(text: string): { targetsC: CentreTemperatures; timeMin?: number } {
  const targetsC: Partial<Record<Centre, number>> = {};
  let timeMin: number | undefined;
  for (const condition of text.split(",")) {
    const [name, value = ""] = condition.split("=");
    const centre = CENTRES.find((known) => known === name);
    if (name === "time") timeMin = parseDurationS(value) / 60;
    else if (centre) targetsC[centre] = parseTemperatureC(value);
    else {
      const allowed = "breast=70C, thigh=74C, filling=74C or time=120m";
      throw new CommandError(USAGE, `--until: got ${condition}, allowed is ${allowed}`);
    }
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
      throw new CommandError(USAGE, `--rest option: got ${option}, allowed is cover=${COVERS.join("|")}`);
    cover = oneOf("--rest cover", value, COVERS);
  }
  return { restMin: parseDurationS(minutes) / 60, cover };
}

const SKINS = ["wet", "dried"] as const;
const USUAL_DRYING_HOURS = 24;

/** Hours that it lay uncovered in the fridge; 0 for a skin as it comes out of the bag. */
function parseSkin(text: string | undefined): number {
  const [state, ...options] = (text ?? "wet").split(",");
  if (oneOf("--skin", state, SKINS) === "wet") {
    if (options.length === 0) return 0;
    throw new CommandError(USAGE, `--skin: got ${text}, allowed is wet or dried,hours=24`);
  }
  return options.reduce((_, option) => {
    const [name, value = ""] = option.split("=");
    if (name !== "hours") throw new CommandError(USAGE, `--skin option: got ${option}, allowed is hours=24`);
    return parseNumber("hours of drying", value, 1, 96, "h");
  }, USUAL_DRYING_HOURS);
}

const DRESSINGS = ["oil", "paste", "bacon"] as const;

function parseOnSkin(text: string | undefined): Dressing {
  const named = text?.split(",").map((name) => [oneOf("--on-skin", name, DRESSINGS), true] as const) ?? [];
  return { ...BARE_SKIN, ...Object.fromEntries(named) };
}

function parseWeather(text: string): Weather {
  const [air = "", ...options] = text.split(",");
  for (const option of options) oneOf("--weather option", option, ["windy"]);
  const airC = requireBetween("weather", parseTemperatureC(air), -30, 45, "°C");
  return { airC, windy: options.length > 0 };
}

/** What burns and in what weather, where either was said. @throws CommandError for a kitchen's oven */
function parseFire(
  heats: readonly HeatSource[],
  { fuel, weather }: { readonly fuel?: string | undefined; readonly weather?: string | undefined },
): Fire | null {
  if (fuel === undefined && weather === undefined) return null;
  const fires = HEAT_SOURCES.filter(isFire).join(", ");
  if (!heats.some(isFire)) {
    throw new CommandError(USAGE, `--fuel and --weather: got --heat ${heats[0]}, allowed is ${fires}`);
  }
  return {
    fuel: oneOf("--fuel", fuel, FUELS, "gas"),
    weather: weather === undefined ? MILD_DAY : parseWeather(weather),
  };
}

/** Where the thermometers that the targets are read by sit: in the deepest meat, or where a cook's usually do. */
const TIPS = { deepest: centredPrior, usual: usualPrior } as const;
const TIP_NAMES = ["deepest", "usual"] as const satisfies readonly (keyof typeof TIPS)[];

/** Warmer than this no bird dries for hours. */
const WARMEST_FRIDGE_C = 7;

/** A bird that has dried in a fridge as cold as it goes into the oven. */
function driedBird(body: Body, startC: number, fillingC: number, hours: number): LivingBird {
  requireBetween("start of a bird with a dried skin", startC, 0, WARMEST_FRIDGE_C, "°C");
  const bird = new LivingBird(body);
  bird.startAt(startC, fillingC);
  drain(drying(bird, { hours, fridgeC: startC }));
  bird.fill(fillingC);
  bird.beginAnew();
  return bird;
}

const rounded = (celsius: number | undefined): number | null => (celsius === undefined ? null : tenth(celsius));
const seriesPoint = ({ minute, airC, centresC, coldestC }: HistoryPoint) => ({
  minute: tenth(minute),
  airC: tenth(airC),
  breastC: rounded(centresC.breast),
  thighC: rounded(centresC.thigh),
  ...(centresC.filling !== undefined && { fillingC: tenth(centresC.filling) }),
  coldestC: tenth(coldestC),
});

/** "never met: highest was …, because …" */
function neverMet({ centre, targetC, highestC, afterMin, airC }: NeverMet): CommandError {
  const why =
    airC < targetC + 25
      ? `the air around the bird is only at ${tenth(airC)} °C and its wet skin stays below that`
      : `it hardly warms any more after ${tenth(afterMin / 60)} hours`;
  return new CommandError(
    NEVER_MET,
    `${centre} ${tenth(targetC)} °C never met: highest was ${tenth(highestC)} °C, because ${why}`,
  );
}

/** The answer without its band: for fits, which need hundreds. */
export const simulateAlone = (args: readonly string[]): unknown => answer(args, false);

/** @throws CommandError with the exit code of the contract; QuantityError for values out of range */
export const simulate = (args: readonly string[]): unknown => answer(args, true);

function answer(args: readonly string[], withBand: boolean): unknown {
  const { values } = readOptions(args, {
    ...BIRD_OPTIONS,
    legs: { type: "string" },
    start: { type: "string" },
    heat: { type: "string" },
    fuel: { type: "string" },
    weather: { type: "string" },
    draught: { type: "string" },
    preheat: { type: "string" },
    "on-skin": { type: "string" },
    tips: { type: "string" },
    stuffed: { type: "boolean" },
    stage: { type: "string", multiple: true },
    until: { type: "string" },
    rest: { type: "string" },
    skin: { type: "string" },
    grid: { type: "string" },
  });
  const { species, cut, boughtKg } = birdOf(values);
  if (values.stuffed && !hasCavity(cut)) {
    throw new CommandError(USAGE, `--stuffed: a bird cut as ${cut} has no cavity to stuff, allowed is --cut whole`);
  }
  const startC = parseTemperatureC(values.start ?? `${constant("fridgeC")}C`);
  const form: FormChoice = {
    species,
    cut,
    legs: oneOf("--legs", values.legs, ["tied", "open"], "tied"),
    // The bag of giblets cannot come out of a bird that is frozen.
    cavity: values.stuffed ? "stuffed" : startC < constant("freezingPointC") && hasCavity(cut) ? "giblets" : "empty",
  };
  const until = parseUntil(required("--until", values.until, "--until breast=74C,thigh=74C"));
  const stages: OvenStage[] = [];
  for (const text of required("--stage", values.stage, "--stage 163C@0m")) stages.push(parseStage(text, stages.at(-1)));
  stages.sort((a, b) => a.fromMin - b.fromMin);
  const source = oneOf("--heat", values.heat, HEAT_SOURCES, "oven");
  const fillingC = values.stuffed ? constant("stuffingStartC") : startC;
  const driedHours = parseSkin(values.skin);
  const draught = oneOf("--draught", values.draught, DRAUGHTS, "usual");
  const heats = heatsByStage(source, stages);
  if (draught !== "usual" && !heats.some(isLidded)) {
    const lidded = HEAT_SOURCES.filter(isLidded).join(", ");
    throw new CommandError(USAGE, `--draught: got --heat ${source}, allowed is ${lidded}`);
  }
  const tips = TIPS[oneOf("--tips", values.tips, TIP_NAMES, "deepest")];
  const prior = drawn(tips(source, elsewhereOf(source, stages)), { source, draught });
  const setting = {
    stages,
    source,
    fire: parseFire(heats, values),
    dressing: parseOnSkin(values["on-skin"]),
    ...(values.preheat !== undefined && {
      preheatC: requireBetween("preheated oven", parseTemperatureC(values.preheat), 10, 300, "°C"),
    }),
  };
  const body = makeBodyAtGrid(form, boughtKg, parseGridM(values.grid ?? "5mm"));
  const outcome = drain(
    cooking({
      ...(driedHours > 0 ? { body: driedBird(body, startC, fillingC, driedHours) } : { body, startC, fillingC }),
      ...setting,
      traits: traitsOf([], prior).oven,
      finish: { kind: "until", ...until },
      ...parseRest(values.rest),
    }),
  );
  if (outcome.kind === "never-met") throw neverMet(outcome);
  const { pullMinute, atPull, peak, atCarve, history, logReduction, indices, vapourLostKg, zoneMin } = outcome;
  const stoppedByTime = until.timeMin !== undefined && pullMinute >= until.timeMin;
  const asked = { form, boughtKg, startC, fillingC, ...setting, shownC: until.targetsC, prior };
  const shares = drain(bandShares(stoppedByTime || !withBand ? null : asked));
  return {
    pullMinutes: tenth(pullMinute),
    pullBand: {
      p10: tenth(pullMinute * shares.p10),
      p50: tenth(pullMinute * shares.p50),
      p90: mapLate(shares.p90, (share) => tenth(pullMinute * share)),
    },
    atPull: {
      breastC: rounded(atPull.centresC.breast),
      thighC: rounded(atPull.centresC.thigh),
      ...(atPull.centresC.filling !== undefined && { fillingC: tenth(atPull.centresC.filling) }),
      coldestC: tenth(atPull.coldestC),
    },
    rest: {
      minutes: tenth(atCarve.minute - pullMinute),
      peakBreastC: rounded(peak.breast?.celsius),
      peakThighC: rounded(peak.thigh?.celsius),
      endBreastC: rounded(atCarve.centresC.breast),
      endThighC: rounded(atCarve.centresC.thigh),
    },
    lethalityLog10: tenth(logReduction),
    zoneMinutes: { coldest: tenth(zoneMin.coldest), surface: tenth(zoneMin.surface) },
    vapourShare: Math.round((vapourLostKg / body.massKg) * 1000) / 1000,
    indices,
    series: history.map(seriesPoint),
  };
}
