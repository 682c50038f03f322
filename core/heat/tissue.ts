/**
 * A tissue as the solver sees it: enthalpy per volume against temperature, through freezing, and conductivity.
 *
 * Volume is held at its value at 20 °C (a voxel does not swell), so density enters once, and energy is conserved
 * exactly by construction.
 */
import { constant } from "../sources";
import { type Composition, conductivityWPerMK, densityKgPerM3, iceFraction, sensibleHeatJPerKgK } from "./composition";

export const TABLE_LOW_C = -40;
export const TABLE_HIGH_C = 160;
const TABLE_STEP_K = 0.1;
const TABLE_SIZE = Math.round((TABLE_HIGH_C - TABLE_LOW_C) / TABLE_STEP_K) + 1;
const INVERSE_SIZE = 4096;

export interface Tissue {
  readonly name: string;
  readonly densityKgPerM3: number;
  /** Enthalpy in J/m³ at TABLE_LOW_C + n·0.1 K; zero at 0 °C. */
  readonly enthalpyJPerM3: Float64Array;
  /** Temperature in °C at equal steps of enthalpy. */
  readonly temperatureC: Float64Array;
  readonly enthalpyLowJPerM3: number;
  readonly inverseStepPerJ: number;
  /** Conductivity in W/mK at the temperatures of the enthalpy table. */
  readonly conductivityWPerMK: Float64Array;
  /** Least volumetric heat capacity below and above freezing, J/m³K: what bounds an explicit time step. */
  readonly leastFrozenJPerM3K: number;
  readonly leastThawedJPerM3K: number;
}

/** Builds the tables of one tissue from its composition (Choi and Okos). */
export function makeTissue(name: string, composition: Composition): Tissue {
  const density = densityKgPerM3(composition, 20);
  const latent = constant("iceLatentHeatJPerKg");
  const enthalpy = new Float64Array(TABLE_SIZE);
  const conductivity = new Float64Array(TABLE_SIZE);
  let leastFrozen = Number.POSITIVE_INFINITY;
  let leastThawed = Number.POSITIVE_INFINITY;
  for (let n = 0; n < TABLE_SIZE; n++) {
    const celsius = TABLE_LOW_C + n * TABLE_STEP_K;
    conductivity[n] = conductivityWPerMK(composition, celsius);
    if (n === 0) continue;
    const before = celsius - TABLE_STEP_K;
    const sensible = sensibleHeatJPerKgK(composition, celsius - TABLE_STEP_K / 2) * TABLE_STEP_K;
    const melted = (iceFraction(composition, before) - iceFraction(composition, celsius)) * latent;
    const gain = density * (sensible + melted);
    enthalpy[n] = (enthalpy[n - 1] as number) + gain;
    if (before >= constant("freezingPointC")) leastThawed = Math.min(leastThawed, gain / TABLE_STEP_K);
    else leastFrozen = Math.min(leastFrozen, gain / TABLE_STEP_K);
  }
  const zero = enthalpy[Math.round(-TABLE_LOW_C / TABLE_STEP_K)] as number;
  for (let n = 0; n < TABLE_SIZE; n++) enthalpy[n] = (enthalpy[n] as number) - zero;

  const low = enthalpy[0] as number;
  const high = enthalpy[TABLE_SIZE - 1] as number;
  const step = (high - low) / (INVERSE_SIZE - 1);
  const temperature = new Float64Array(INVERSE_SIZE);
  let n = 0;
  for (let m = 0; m < INVERSE_SIZE; m++) {
    const target = low + m * step;
    while (n < TABLE_SIZE - 2 && (enthalpy[n + 1] as number) < target) n++;
    const from = enthalpy[n] as number;
    const to = enthalpy[n + 1] as number;
    temperature[m] = TABLE_LOW_C + TABLE_STEP_K * (n + (target - from) / (to - from));
  }
  return {
    name,
    densityKgPerM3: density,
    enthalpyJPerM3: enthalpy,
    temperatureC: temperature,
    enthalpyLowJPerM3: low,
    inverseStepPerJ: 1 / step,
    conductivityWPerMK: conductivity,
    leastFrozenJPerM3K: leastFrozen,
    leastThawedJPerM3K: leastThawed,
  };
}

function interpolate(table: Float64Array, position: number): number {
  const clamped = Math.min(Math.max(position, 0), table.length - 1.000001);
  const n = Math.floor(clamped);
  const share = clamped - n;
  return (table[n] as number) * (1 - share) + (table[n + 1] as number) * share;
}

/** Enthalpy in J/m³ at a temperature in °C. Consistent with {@link temperatureAt}: each inverts the other. */
export function enthalpyAt(tissue: Tissue, celsius: number): number {
  // The inverse table is the one the solver steps with, so the start must be read from it too.
  const table = tissue.temperatureC;
  let low = 0;
  let high = table.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((table[middle] as number) <= celsius) low = middle;
    else high = middle;
  }
  const share = (celsius - (table[low] as number)) / ((table[high] as number) - (table[low] as number));
  return tissue.enthalpyLowJPerM3 + (low + share) / tissue.inverseStepPerJ;
}

/** Temperature in °C at an enthalpy in J/m³. */
export function temperatureAt(tissue: Tissue, enthalpyJPerM3: number): number {
  return interpolate(tissue.temperatureC, (enthalpyJPerM3 - tissue.enthalpyLowJPerM3) * tissue.inverseStepPerJ);
}

/** Conductivity in W/mK at a temperature in °C. */
export function conductivityAt(tissue: Tissue, celsius: number): number {
  return interpolate(tissue.conductivityWPerMK, (celsius - TABLE_LOW_C) / TABLE_STEP_K);
}

/** The tissues of a bird. Lean meat: USDA SR (from memory); the rest are mixtures, stated beside them. */
export const TISSUES: readonly Tissue[] = [
  makeTissue("lean breast", { water: 0.74, protein: 0.24, fat: 0.01, ash: 0.01 }),
  // Leg with its skin: the whole-bird mean of USDA SR (70.4/20.4/8.0/0.9), rounded to add up to 1.
  makeTissue("dark meat", { water: 0.71, protein: 0.2, fat: 0.08, ash: 0.01 }),
  // Carcass frame: bone, cartilage, fat and lean between them; a mean over rib cage and back (chosen).
  makeTissue("frame", { water: 0.6, protein: 0.2, fat: 0.12, ash: 0.08 }),
];

export const TISSUE_INDEX = { leanBreast: 0, darkMeat: 1, frame: 2 } as const;

/** A material whose properties do not change with temperature, for checks against exact solutions. */
export function constantTissue(name: string, conductivityWPerMK: number, heatJPerM3K: number): Tissue {
  const { densityKgPerM3 } = TISSUES[0] as Tissue;
  const low = TABLE_LOW_C * heatJPerM3K;
  const step = ((TABLE_HIGH_C - TABLE_LOW_C) * heatJPerM3K) / (INVERSE_SIZE - 1);
  return {
    name,
    densityKgPerM3,
    enthalpyJPerM3: Float64Array.from({ length: TABLE_SIZE }, (_, n) => low + n * TABLE_STEP_K * heatJPerM3K),
    temperatureC: Float64Array.from(
      { length: INVERSE_SIZE },
      (_, n) => TABLE_LOW_C + (n * (TABLE_HIGH_C - TABLE_LOW_C)) / (INVERSE_SIZE - 1),
    ),
    enthalpyLowJPerM3: low,
    inverseStepPerJ: 1 / step,
    conductivityWPerMK: new Float64Array(TABLE_SIZE).fill(conductivityWPerMK),
    leastFrozenJPerM3K: heatJPerM3K,
    leastThawedJPerM3K: heatJPerM3K,
  };
}
