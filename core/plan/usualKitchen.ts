/** The kitchen a plan reckons with until the cook has measured their own: common household sizes, round in the units of who has it. */

import { constant } from "../constants";
import { fahrenheitToC, parseLengthCm, parseVolumeL, type UnitSystem } from "../units/quantity";
import type { Equipment } from "./kitchen";

const METRIC: Equipment = {
  dial: "celsius",
  ovens: 1,
  dishesInOven: 2,
  rings: 4,
  hands: 1,
  thermometers: 1,
  fridgeL: 60,
  fridgeC: constant("fridgeC"),
  tapWaterC: 12,
  hotSideK: 0,
  ovenCm: { width: 46, depth: 40, height: 32 },
  panCm: { length: 46, width: 36 },
  shelfCm: { width: 48, depth: 35, height: 28 },
  potL: 12,
};

const inches = (value: number): number => parseLengthCm(`${value} in`);
const quarts = (value: number): number => parseVolumeL(`${value} quarts`);

const US: Equipment = {
  ...METRIC,
  dial: "fahrenheit",
  fridgeL: quarts(64),
  fridgeC: fahrenheitToC(37),
  tapWaterC: fahrenheitToC(54),
  ovenCm: { width: inches(18), depth: inches(16), height: inches(12.5) },
  panCm: { length: inches(18), width: inches(14) },
  shelfCm: { width: inches(19), depth: inches(14), height: inches(11) },
  potL: quarts(12),
};

export const usualKitchen = (units: UnitSystem = "metric"): Equipment => (units === "us" ? US : METRIC);
