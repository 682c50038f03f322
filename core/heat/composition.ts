/**
 * Thermal properties of food from its composition: Choi and Okos (1986), as printed in the ASHRAE Handbook —
 * Refrigeration, "Thermal properties of foods" (from memory). Temperatures in °C, valid −40 to 150 °C.
 */
import { constant } from "../constants";

/** Mass fractions of the raw tissue; they add up to 1. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly ash: number;
  /** Bread and vegetables; meat has none. */
  readonly carbohydrate?: number;
}

type Polynomial = readonly [number, number, number];
interface ComponentProperties {
  readonly conductivityWPerMK: Polynomial;
  readonly densityKgPerM3: Polynomial;
  readonly heatJPerKgK: Polynomial;
}

const COMPONENTS = {
  water: {
    conductivityWPerMK: [0.57109, 1.7625e-3, -6.7036e-6],
    densityKgPerM3: [997.18, 3.1439e-3, -3.7574e-3],
    heatJPerKgK: [4176.2, -0.090864, 5.4731e-3],
  },
  ice: {
    conductivityWPerMK: [2.2196, -6.2489e-3, 1.0154e-4],
    densityKgPerM3: [916.89, -0.13071, 0],
    heatJPerKgK: [2062.3, 6.0769, 0],
  },
  protein: {
    conductivityWPerMK: [0.17881, 1.1958e-3, -2.7178e-6],
    densityKgPerM3: [1329.9, -0.5184, 0],
    heatJPerKgK: [2008.2, 1.2089, -1.3129e-3],
  },
  fat: {
    conductivityWPerMK: [0.18071, -2.7604e-4, -1.7749e-7],
    densityKgPerM3: [925.59, -0.41757, 0],
    heatJPerKgK: [1984.2, 1.4733, -4.8008e-3],
  },
  ash: {
    conductivityWPerMK: [0.32962, 1.4011e-3, -2.9069e-6],
    densityKgPerM3: [2423.8, -0.28063, 0],
    heatJPerKgK: [1092.6, 1.8896, -3.6817e-3],
  },
  carbohydrate: {
    conductivityWPerMK: [0.20141, 1.3874e-3, -4.3312e-6],
    densityKgPerM3: [1599.1, -0.31046, 0],
    heatJPerKgK: [1548.8, 1.9625, -5.9399e-3],
  },
} as const satisfies Record<string, ComponentProperties>;

/** In the order in which {@link massFractions} has them. */
const PARTS: readonly ComponentProperties[] = Object.values(COMPONENTS);
const ICE = Object.keys(COMPONENTS).indexOf("ice");

const at = (p: Polynomial, celsius: number): number => p[0] + p[1] * celsius + p[2] * celsius * celsius;

/**
 * Ice as a mass fraction of the tissue: the freezable water times 1 − T_f/T (Schwartzberg's ideal solution,
 * as the ASHRAE chapter gives it), bound water taken as a share of the protein.
 */
export function iceFraction(
  composition: Composition,
  celsius: number,
  freezingPointC = constant("freezingPointC"),
): number {
  if (celsius >= freezingPointC) return 0;
  const freezable = Math.max(0, composition.water - constant("boundWaterPerProtein") * composition.protein);
  return freezable * (1 - freezingPointC / celsius);
}

/** In the order of the components: tables ask for it a hundred thousand times. */
function massFractions(composition: Composition, celsius: number): readonly number[] {
  const { water, protein, fat, ash, carbohydrate = 0 } = composition;
  const ice = iceFraction(composition, celsius);
  return [water - ice, ice, protein, fat, ash, carbohydrate];
}

/** Density of the tissue in kg/m³, volumes of the components added. */
export function densityKgPerM3(composition: Composition, celsius: number): number {
  let specificVolume = 0;
  const shares = massFractions(composition, celsius);
  for (let n = 0; n < PARTS.length; n++) {
    specificVolume += (shares[n] as number) / at((PARTS[n] as ComponentProperties).densityKgPerM3, celsius);
  }
  return 1 / specificVolume;
}

/**
 * Conductivity of a mixture of two phases, neither of which holds the other: Levy's form of the Maxwell–Eucken model
 * (F. L. Levy, International Journal of Refrigeration 1981, as the ASHRAE chapter gives it; from memory).
 * @param share volume share of the first phase
 */
export function levyConductivityWPerMK(first: number, second: number, share: number): number {
  const ratio = first / second;
  const square = (ratio - 1) ** 2 / ((ratio + 1) ** 2 + ratio / 2);
  if (square === 0) return second;
  const middle = 2 / square - 1 + 2 * share;
  const dispersed = (middle - Math.sqrt(middle ** 2 - (8 * share) / square)) / 2;
  return (second * (2 + ratio + 2 * (ratio - 1) * dispersed)) / (2 + ratio - (ratio - 1) * dispersed);
}

/**
 * Thermal conductivity in W/mK. What is not ice adds up in parallel by volume; ice and the rest mix by Levy's model,
 * since ice crystals neither join through muscle without a break nor lie in it apart.
 */
export function conductivityWPerMK(composition: Composition, celsius: number): number {
  const density = densityKgPerM3(composition, celsius);
  let base = 0;
  let iceVolume = 0;
  const shares = massFractions(composition, celsius);
  for (let n = 0; n < PARTS.length; n++) {
    const part = PARTS[n] as ComponentProperties;
    const volume = ((shares[n] as number) * density) / at(part.densityKgPerM3, celsius);
    if (n === ICE) iceVolume = volume;
    else base += volume * at(part.conductivityWPerMK, celsius);
  }
  if (iceVolume === 0) return base;
  return levyConductivityWPerMK(at(COMPONENTS.ice.conductivityWPerMK, celsius), base / (1 - iceVolume), iceVolume);
}

/** Specific heat in J/kgK without the latent part. */
export function sensibleHeatJPerKgK(composition: Composition, celsius: number): number {
  let heat = 0;
  const shares = massFractions(composition, celsius);
  for (let n = 0; n < PARTS.length; n++) {
    heat += (shares[n] as number) * at((PARTS[n] as ComponentProperties).heatJPerKgK, celsius);
  }
  return heat;
}
