/**
 * A tissue as the solver sees it: enthalpy per volume against temperature, through freezing, and conductivity.
 *
 * Volume is held at its value at 20 °C (a voxel does not swell), so density enters once, and energy is conserved
 * exactly by construction.
 */
import { constant } from "../constants";
import { type Composition, conductivityWPerMK, densityKgPerM3, iceFraction, sensibleHeatJPerKgK } from "./composition";

export const TABLE_LOW_C = -40;
export const TABLE_HIGH_C = 160;
const TABLE_STEP_K = 0.1;
const TABLE_SIZE = Math.round((TABLE_HIGH_C - TABLE_LOW_C) / TABLE_STEP_K) + 1;
const INVERSE_SIZE = 4096;
/** Bytes one tissue takes in a kernel's tables. */
export const TISSUE_TABLE_BYTES = (INVERSE_SIZE + 4) * 8;

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
  /** Least volumetric heat capacity met from a temperature upwards, J/m³K: what bounds an explicit time step. */
  readonly leastHeatJPerM3K: Float64Array;
}

/** At 20 °C, kg/m³. @param airShare share of the volume that is air */
const densityWith = (composition: Composition, airShare: number): number =>
  densityKgPerM3(composition, 20) * (1 - airShare);

/**
 * Builds the tables of one tissue from its composition (Choi and Okos).
 * @param airShare share of the volume that is air: it takes mass away, and conductivity by Maxwell's formula for pores
 */
export function makeTissue(name: string, composition: Composition, airShare = 0): Tissue {
  const density = densityWith(composition, airShare);
  const pores = (1 - airShare) / (1 + airShare / 2);
  const latent = constant("iceLatentHeatJPerKg");
  const enthalpy = new Float64Array(TABLE_SIZE);
  const conductivity = new Float64Array(TABLE_SIZE);
  const least = new Float64Array(TABLE_SIZE);
  for (let n = 0; n < TABLE_SIZE; n++) {
    const celsius = TABLE_LOW_C + n * TABLE_STEP_K;
    conductivity[n] = pores * conductivityWPerMK(composition, celsius);
    if (n === 0) continue;
    const before = celsius - TABLE_STEP_K;
    const sensible = sensibleHeatJPerKgK(composition, celsius - TABLE_STEP_K / 2) * TABLE_STEP_K;
    const melted = (iceFraction(composition, before) - iceFraction(composition, celsius)) * latent;
    const gain = density * (sensible + melted);
    enthalpy[n] = (enthalpy[n - 1] as number) + gain;
    least[n - 1] = gain / TABLE_STEP_K;
  }
  least[TABLE_SIZE - 1] = least[TABLE_SIZE - 2] as number;
  for (let n = TABLE_SIZE - 2; n >= 0; n--) least[n] = Math.min(least[n] as number, least[n + 1] as number);
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
    leastHeatJPerM3K: least,
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

/** How far a cell may cool before the time step is looked at again, K. */
const MAY_COOL_K = 0.5;

/** What the solver looks up again and again, of several tissues one after the other, every 0.1 K. */
export interface PropertyTables {
  readonly size: number;
  readonly conductivityWPerMK: Float64Array;
  /** Kelvin a J/m³, latent heat included. */
  readonly perHeatKPerJ: Float64Array;
  /** Least heat capacity that a cell at a temperature will meet while the time step is kept, J/m³K. */
  readonly leastHeatJPerM3K: Float64Array;
}

/** Place of a temperature in one tissue's part of the tables. */
export const placeOf = (celsius: number): number =>
  Math.floor(Math.min(Math.max((celsius - TABLE_LOW_C) / TABLE_STEP_K + 0.5, 0), TABLE_SIZE - 1));

export function propertyTables(tissues: readonly Tissue[]): PropertyTables {
  const length = TABLE_SIZE * tissues.length;
  const made = {
    size: TABLE_SIZE,
    conductivityWPerMK: new Float64Array(length),
    perHeatKPerJ: new Float64Array(length),
    leastHeatJPerM3K: new Float64Array(length),
  };
  const cooler = Math.round(MAY_COOL_K / TABLE_STEP_K);
  tissues.forEach(({ conductivityWPerMK, enthalpyJPerM3, leastHeatJPerM3K }, kind) => {
    for (let n = 0; n < TABLE_SIZE; n++) {
      const at = kind * TABLE_SIZE + n;
      const from = Math.min(n, TABLE_SIZE - 2);
      made.conductivityWPerMK[at] = conductivityWPerMK[n] as number;
      made.perHeatKPerJ[at] = TABLE_STEP_K / ((enthalpyJPerM3[from + 1] as number) - (enthalpyJPerM3[from] as number));
      made.leastHeatJPerM3K[at] = leastHeatJPerM3K[Math.max(0, n - cooler)] as number;
    }
  });
  return made;
}

/**
 * What a bird and its fillings are made of. Lean meat, whole-bird means and skin: USDA SR (from memory); mixtures are
 * stated beside them.
 */
const COMPOSITIONS = {
  leanBreast: { water: 0.74, protein: 0.24, fat: 0.01, ash: 0.01 },
  // Leg without its skin.
  darkMeat: { water: 0.745, protein: 0.2, fat: 0.045, ash: 0.01 },
  waterfowlBreast: { water: 0.735, protein: 0.2, fat: 0.055, ash: 0.01 },
  waterfowlLeg: { water: 0.72, protein: 0.19, fat: 0.08, ash: 0.01 },
  // Carcass frame: bone, cartilage, fat and lean between them; a mean over rib cage and back (chosen).
  frame: { water: 0.6, protein: 0.2, fat: 0.12, ash: 0.08 },
  // A long bone with its marrow (chosen).
  bone: { water: 0.4, protein: 0.25, fat: 0.15, ash: 0.2 },
  skin: { water: 0.54, protein: 0.135, fat: 0.32, ash: 0.005 },
  // A duck's skin with the fat under it.
  waterfowlFat: { water: 0.21, protein: 0.06, fat: 0.725, ash: 0.005 },
  // Bread, broth, butter and vegetables, filled in loosely (chosen).
  breadStuffing: { water: 0.63, protein: 0.06, fat: 0.09, ash: 0.02, carbohydrate: 0.2 },
  aromatics: { water: 0.88, protein: 0.015, fat: 0.005, ash: 0.01, carbohydrate: 0.09 },
  // Neck, liver, heart and gizzard in their bag.
  giblets: { water: 0.73, protein: 0.19, fat: 0.06, ash: 0.02 },
  meatFilling: { water: 0.66, protein: 0.16, fat: 0.16, ash: 0.02 },
  // Carved, roasted meat in a tray with some of its drippings.
  cookedMeat: { water: 0.66, protein: 0.28, fat: 0.05, ash: 0.01 },
} as const satisfies Record<string, Composition>;

/** Share of the volume that is air, where the tissue is not packed solid (chosen). */
const AIR_SHARE: Partial<Record<keyof typeof COMPOSITIONS, number>> = {
  breadStuffing: 0.4,
  aromatics: 0.45,
  giblets: 0.1,
};

export type TissueName = keyof typeof COMPOSITIONS;
const TISSUE_NAMES = Object.keys(COMPOSITIONS) as TissueName[];

/** A tissue whose tables are made when they are first asked for: few birds hold all that a bird can be filled with. */
function onDemand(name: TissueName): Tissue {
  const airShare = AIR_SHARE[name] ?? 0;
  let made: Tissue | undefined;
  const whole = (): Tissue => {
    made ??= makeTissue(name, COMPOSITIONS[name], airShare);
    return made;
  };
  return {
    name,
    densityKgPerM3: densityWith(COMPOSITIONS[name], airShare),
    get enthalpyJPerM3() {
      return whole().enthalpyJPerM3;
    },
    get temperatureC() {
      return whole().temperatureC;
    },
    get enthalpyLowJPerM3() {
      return whole().enthalpyLowJPerM3;
    },
    get inverseStepPerJ() {
      return whole().inverseStepPerJ;
    },
    get conductivityWPerMK() {
      return whole().conductivityWPerMK;
    },
    get leastHeatJPerM3K() {
      return whole().leastHeatJPerM3K;
    },
  };
}
export const TISSUES: readonly Tissue[] = TISSUE_NAMES.map(onDemand);
export const TISSUE_INDEX = Object.fromEntries(TISSUE_NAMES.map((name, n) => [name, n])) as Record<TissueName, number>;
/** Density of each cell of a grid, kg/m³; 1 where there is no tissue, so that it can be divided by. */
export const densitiesOf = (tissue: Uint8Array): Float64Array =>
  Float64Array.from(tissue, (kind) => TISSUES[kind]?.densityKgPerM3 ?? 1);

/** What goes into a cavity and is not part of the bird's mass. */
export const ADDED_TISSUES: readonly number[] = [
  TISSUE_INDEX.breadStuffing,
  TISSUE_INDEX.aromatics,
  TISSUE_INDEX.giblets,
];
/** Water by mass in a tissue as bought. */
export const waterShareOf = (name: TissueName): number => COMPOSITIONS[name].water;

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
    leastHeatJPerM3K: new Float64Array(TABLE_SIZE).fill(heatJPerM3K),
  };
}
