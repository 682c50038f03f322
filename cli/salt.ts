/** `salt`: what to weigh, and where the salt is when its time is up. */

import { coarseCellM, makeBody, makeBodyAtGrid } from "../core/bird/body";
import { constant } from "../core/constants";
import { brine, drySaltGrams, gramsPerTeaspoon, injectionWaterKg, SALT_KINDS } from "../core/kitchen/salt";
import { isBath } from "../core/processes/bath";
import { LivingBird } from "../core/processes/bird";
import { drain } from "../core/processes/cook";
import { equilibriumPercent, SALTING_METHODS, salting } from "../core/processes/salting";
import { parseDurationS, parseVolumeL } from "../core/units/quantity";
import { percentIn } from "../core/units/typedNumber";
import { formatSpoons } from "../words/amounts";
import { CommandError, USAGE } from "./errors";
import { BIRD_OPTIONS, birdOf, oneOf, parseGridM, readOptions, tenth } from "./options";

/** Cell size in metres of a turkey: salt creeps in millimetres, so the grid is fine. */
const CELL_M = 0.006;
const hundredth = (value: number): number => Math.round(value * 100) / 100;

/** A share in per cent from "1", "1%" or "0.8 %". */
function parsePercent(option: string, text: string): number {
  const share = percentIn(text);
  if (share === null) throw new CommandError(USAGE, `${option}: got ${text}, allowed is a share such as 1 or 1%`);
  return share;
}

const LEAST_BATH_L = 0.1;

/** @throws CommandError with the exit code of the contract; QuantityError for values out of range */
export function salt(args: readonly string[]): unknown {
  const { values } = readOptions(args, {
    ...BIRD_OPTIONS,
    method: { type: "string" },
    salt: { type: "string" },
    percent: { type: "string" },
    hours: { type: "string" },
    water: { type: "string" },
    grid: { type: "string" },
  });
  const { species, cut, boughtKg } = birdOf(values);
  const method = oneOf("--method", values.method, SALTING_METHODS, "dry");
  const kind = oneOf("--salt", values.salt, SALT_KINDS, "table");
  const form = { species, cut } as const;
  const body = values.grid
    ? makeBodyAtGrid(form, boughtKg, parseGridM(values.grid))
    : makeBody(form, boughtKg, coarseCellM(form, CELL_M));
  const bird = new LivingBird(body, { watched: false });
  const meatWaterKg = bird.salt.meatWaterKg() * bird.salt.copies;
  const percent = parsePercent(
    "--percent",
    values.percent ?? `${constant(method === "brine" ? "brinePercent" : "drySaltPercent")}`,
  );
  // Hours without a unit, as the option is called.
  const hoursText = values.hours ?? { dry: "24h", brine: "12h", equilibrium: "48h", injection: "12h" }[method];
  const hours = /^[\d.,]+$/.test(hoursText) ? Number(hoursText.replace(",", ".")) : parseDurationS(hoursText) / 3600;
  const inBath = isBath(method);
  const waterL = values.water === undefined ? undefined : parseVolumeL(values.water);
  const waterKg = inBath
    ? // No vessel is filled with less.
      (waterL ?? Math.max(LEAST_BATH_L, constant("bathPerBirdKgPerKg") * body.massKg))
    : method === "injection"
      ? (waterL ?? injectionWaterKg(body.massKg))
      : 0;
  const grams = inBath
    ? brine({ method, percent, waterKg, meatKg: body.massKg, meatWaterKg }).saltGrams
    : drySaltGrams(boughtKg, percent);
  bird.startAt(constant("fridgeC"));
  const done = drain(salting(bird, { method, saltKg: grams / 1000, waterKg, hours, fridgeC: constant("fridgeC") }));
  const { shares } = done;
  return {
    grams: tenth(grams),
    spoons: formatSpoons(grams / gramsPerTeaspoon(kind), "metric"),
    teaspoons: tenth(grams / gramsPerTeaspoon(kind)),
    saltKind: kind,
    percentOfBought: hundredth(grams / 10 / boughtKg),
    ...(waterKg > 0 && { waterLitres: tenth(waterKg), gramsPerLitre: tenth(grams / waterKg) }),
    hours: tenth(hours),
    meatPercent: {
      whole: hundredth(shares.whole),
      surfaceCentimetre: hundredth(shares.surfaceCm),
      breastCentre: shares.breastCentre === undefined ? null : hundredth(shares.breastCentre),
      thighCentre: shares.thighCentre === undefined ? null : hundredth(shares.thighCentre),
    },
    ...(inBath && {
      equilibriumPercent: hundredth(equilibriumPercent(body.massKg, meatWaterKg, grams / 1000, waterKg)),
      brinePercentAtEnd: hundredth(done.brinePercent ?? Number.NaN),
    }),
    leftGrams: tenth(done.leftKg * 1000),
  };
}
