/**
 * An evening's test of an oven: what a thermometer in it shows, or how fast a tray of water warms in it, with the same air,
 * walls, films and vapour that a bird meets. It says of the oven what a roast does, and more surely.
 */
import { constant } from "../constants";
import { requireBetween } from "../errors";
import { OVEN_UNKNOWNS } from "../forecast/knownOven";
import { usualPrior } from "../forecast/prior";
import { airDrive, massTransferMPerS, saturatedDrive } from "../heat/moistAir";
import { BARE_SKIN, type OvenTraits, ovenSurroundings, USUAL_OVEN } from "../heat/ovens";
import type { HeatSource } from "../heat/sources";
import { radiativeWPerM2K } from "../heat/surroundings";
import { Oven } from "../processes/oven";
import type { OvenSays } from "./ovens";

export interface TestReading {
  /** Since it was put in. */
  readonly minute: number;
  readonly celsius: number;
}

export type OvenTest = {
  readonly heat: HeatSource;
  /** As the dial is set, the oven having come to it. */
  readonly dialC: number;
  readonly readings: readonly TestReading[];
} & (
  | { readonly kind: "thermometer" }
  /** In the roasting tray, on the shelf: so much water, of such a surface. */
  | { readonly kind: "water"; readonly waterKg: number; readonly trayM2: number }
);

/** What one standard deviation of each unknown does to a usual roast: means over roasts of hidden ovens (`npm run ovens`). */
const USUAL_BY = [-0.051, -0.044, -0.007, -0.043];

/** Oven thermometers are read to 5 °C, one in water to a degree (common practice); K, each reading by itself. */
const READING_SD_K = { thermometer: 3, water: 1 } as const;
/** And all readings of one thermometer together, where it sits (chosen), K. */
const TOGETHER_SD_K = { thermometer: 3, water: 1 } as const;
/** What a tray takes up differs from what is reckoned here as films differ from oven to oven, by half of that (chosen). */
const TRAY_SD = 0.5;
/** Of water and of an enamelled tray (heat-transfer textbooks, from memory). */
const WATER_EMISSIVITY = 0.95;
const WATER_J_PER_KG_K = 4186;
/** Of so deep a layer, kg/m²; a thin one follows more quickly, and is followed in smaller steps. */
const STEP_MIN = 0.25;
const DEEP_KG_PER_M2 = 20;
/** Nothing beyond these is weighed, in standard deviations of all ovens. */
const WIDEST_SD = 3;
const GRID_SD = 0.5;

/** Water in an oven of some traits, °C at each of the readings' minutes, from what the first of them shows. */
export function waterWarms(
  { heat, dialC, waterKg, trayM2, readings }: Extract<OvenTest, { kind: "water" }>,
  traits: OvenTraits,
): number[] {
  const oven = new Oven(dialC);
  const shallow = Math.min(1, waterKg / trayM2 / DEEP_KG_PER_M2);
  let celsius = readings[0]?.celsius ?? 0;
  let minute = readings[0]?.minute ?? 0;
  oven.advance(minute, dialC, 1, 0);
  const shown: number[] = [];
  for (const reading of readings) {
    while (minute < reading.minute - 1e-9) {
      const step = Math.min(STEP_MIN * shallow, reading.minute - minute);
      oven.advance(minute + step, dialC, 1, 0);
      const { skin: open } = ovenSurroundings({
        source: heat,
        burns: true,
        traits,
        airC: oven.airC,
        wallC: oven.wallC,
        shield: "none",
        wrap: "none",
        dressing: BARE_SKIN,
        weather: null,
        underlay: "rack",
        underlayC: oven.airC,
        cavityC: celsius,
        skinC: celsius,
        birds: 1,
        sizeM: Math.sqrt(trayM2) / 2,
      });
      const radiative = radiativeWPerM2K(WATER_EMISSIVITY, (open.wallC + celsius) / 2);
      const uptake = open.convectionWPerM2K * (open.airC - celsius) + radiative * (open.wallC - celsius);
      const vapour = massTransferMPerS(open.convectionWPerM2K) * (saturatedDrive(celsius) - airDrive(open.vapourPa));
      const evaporation = constant("vaporisationHeatJPerKg") * STEAM_KG_PER_M3 * vapour;
      // Above the water's own face, below the tray's: the tray is as thin as foil and as hot as its water.
      const watt = trayM2 * (2 * uptake - evaporation);
      celsius = Math.min(100, celsius + (watt * step * 60) / (waterKg * WATER_J_PER_KG_K));
      minute += step;
    }
    shown.push(celsius);
  }
  return shown;
}

/** Density of steam at the pressure of the air and about 60 °C, kg/m³: the ideal gas law. */
const STEAM_KG_PER_M3 = 101_325 / (461.5 * 333);

/** A test that says next to nothing still says so much, of what is believed of any oven. */
const LEAST_TOLD = 0.01;
/** No oven is told to be further off, as a logarithm of times. */
const MOST_SLOWER = 0.5;
const within = (low: number, value: number, high: number): number => Math.min(high, Math.max(low, value));

/**
 * What a test says of its oven.
 * @throws QuantityError for a dial, an amount or readings outside their ranges, or fewer than three of them
 */
export function testSays(test: OvenTest): OvenSays {
  const { kind, heat, dialC, readings } = test;
  requireBetween("the dial", dialC, 60, 320, "°C");
  requireBetween("readings", readings.length, 3, 60);
  for (const { celsius, minute } of readings) {
    requireBetween("a reading", celsius, 0, 350, "°C");
    requireBetween("a reading's minute", minute, 0, 240, "min");
  }
  if (kind === "water") {
    requireBetween("water", test.waterKg, 0.2, 20, "kg");
    requireBetween("the tray's surface", test.trayM2, 0.01, 1, "m²");
  }
  const prior = usualPrior(heat);
  const traitsAt = (offset: number, film: number): OvenTraits => ({
    ...USUAL_OVEN,
    offsetK: prior.ovenOffset.sd * offset,
    convectionShare: Math.exp(prior.convection.sd * film),
  });
  /** Minus twice the logarithm of how likely the readings are: each errs by itself, and all together. */
  const unlikely = (offset: number, film: number): number => {
    const { offsetK } = traitsAt(offset, film);
    const shown = kind === "water" ? waterWarms(test, traitsAt(offset, film)) : readings.map(() => dialC + offsetK);
    // The first of the water's is where it began.
    const missed = readings.map(({ celsius }, n) => celsius - (shown[n] as number)).slice(kind === "water" ? 1 : 0);
    const [own, together] = [READING_SD_K[kind] ** 2, TOGETHER_SD_K[kind] ** 2];
    const [sum, squares] = missed.reduce(([s, q], each) => [s + each, q + each ** 2], [0, 0]);
    return (squares - sum ** 2 / (own / together + missed.length)) / own;
  };
  const [byOffset = 0, byFilm = 0, ...byOthers] = USUAL_BY;
  // Seen of the film is the oven's and the tray's; the oven's part of it goes by their spreads.
  const filmSd = kind === "water" ? Math.hypot(1, TRAY_SD) : 1;
  const steps = Array.from({ length: 1 + (2 * WIDEST_SD) / GRID_SD }, (_, n) => -WIDEST_SD + n * GRID_SD);
  const points = steps.flatMap((offset) =>
    (kind === "water" ? steps : [0]).map((film) => ({
      slower: byOffset * offset + (byFilm * film) / filmSd ** 2,
      unlikely: unlikely(offset, film) + offset ** 2 + (film / filmSd) ** 2,
    })),
  );
  // Against the likeliest: readings of no oven at all are then told by the oven that comes nearest.
  const least = Math.min(...points.map((point) => point.unlikely));
  let [total, mean, square] = [0, 0, 0];
  for (const point of points) {
    const weight = Math.exp((least - point.unlikely) / 2);
    total += weight;
    mean += weight * point.slower;
    square += weight * point.slower ** 2;
  }
  const slower = mean / total;
  const ofTray = kind === "water" ? byFilm ** 2 * (1 - 1 / filmSd ** 2) : byFilm ** 2;
  const variance = square / total - slower ** 2 + ofTray;
  // Told as a likelihood: what was believed beforehand is taken out again, since whoever learns from it believes it anyway.
  const believed = byOffset ** 2 + byFilm ** 2;
  const precision = Math.max(LEAST_TOLD / believed, 1 / variance - 1 / believed);
  return {
    slower: within(-MOST_SLOWER, slower / variance / precision, MOST_SLOWER),
    doubt: Math.hypot(1 / Math.sqrt(precision), ...byOthers),
    by: USUAL_BY.slice(0, OVEN_UNKNOWNS.length),
  };
}
