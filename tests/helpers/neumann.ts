import { everywhere } from "../../core/heat/surroundings";
import { TABLE_HIGH_C, TABLE_LOW_C, type Tissue } from "../../core/heat/tissue";
import { convectionPatch, solidSolver } from "./solids";

/**
 * Neumann's solution for a thawing half space (Carslaw and Jaeger, chapter XI): both phases at constant properties,
 * solid at the melting point, the surface held above it. Front at 2·λ·√(α·t), λ·exp(λ²)·erf(λ) = Ste/√π.
 */
const K = 0.5;
const HEAT = 3.6e6;
const LATENT = 2.5e8;
const MELT_C = -1;
const SURFACE_C = 15;

/** Error function: Abramowitz and Stegun 7.1.26, good to 1.5e-7. */
function erf(x: number): number {
  const t = 1 / (1 + 0.3275911 * x);
  const poly = ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
  return 1 - poly * Math.exp(-x * x);
}
function neumannLambda(): number {
  const stefan = (HEAT * (SURFACE_C - MELT_C)) / LATENT;
  let low = 0;
  let high = 3;
  for (let n = 0; n < 80; n++) {
    const middle = (low + high) / 2;
    if (middle * Math.exp(middle * middle) * erf(middle) < stefan / Math.sqrt(Math.PI)) low = middle;
    else high = middle;
  }
  return low;
}

/** One material that melts within a tenth of a degree below its melting point. */
function meltingTissue(): Tissue {
  const STEP = 0.1;
  const size = Math.round((TABLE_HIGH_C - TABLE_LOW_C) / STEP) + 1;
  const enthalpy = Float64Array.from({ length: size }, (_, n) => {
    const celsius = TABLE_LOW_C + n * STEP;
    return HEAT * celsius + (celsius >= MELT_C - 1e-9 ? LATENT : 0);
  });
  const low = enthalpy[0] as number;
  const high = enthalpy[size - 1] as number;
  const COUNT = 4096;
  const step = (high - low) / (COUNT - 1);
  const temperature = Float64Array.from({ length: COUNT }, (_, m) => {
    const target = low + m * step;
    const solidEnd = HEAT * MELT_C;
    if (target <= solidEnd) return target / HEAT;
    if (target >= solidEnd + LATENT) return (target - LATENT) / HEAT;
    return MELT_C;
  });
  return {
    name: "melting",
    densityKgPerM3: 1000,
    enthalpyJPerM3: enthalpy,
    temperatureC: temperature,
    enthalpyLowJPerM3: low,
    inverseStepPerJ: 1 / step,
    conductivityWPerMK: new Float64Array(size).fill(K),
    leastHeatJPerM3K: new Float64Array(size).fill(HEAT),
  };
}

/** Share by which the computed front is off after four hours. */
export function neumannError(cellM: number): number {
  const depthM = 0.06;
  const edge = 2 * cellM;
  // A column heated at its top; its sides are lines of symmetry only in the middle, so the air acts on the top alone.
  const field = (_x: number, _y: number, z: number): number => Math.abs(z) - depthM;
  const { solver, unit } = solidSolver(field, [0, -edge, -depthM], [edge, edge, depthM], cellM, meltingTissue());
  solver.startFrom(new Float64Array(solver.temperatureC.length).fill(MELT_C - 0.001));
  const hours = 4;
  solver.advance(hours * 3600, everywhere(convectionPatch(SURFACE_C, 1e5)));
  // Where the front is within the cell that is melting: its share of latent heat.
  const exact = 2 * neumannLambda() * Math.sqrt((K / HEAT) * hours * 3600);
  const { nx, ny, nz } = unit.grid;
  let front = 0;
  const column = 1 + nx * Math.floor(ny / 2);
  for (let k = 1; k < nz - 1; k++) {
    const z = unit.origin[2] + k * cellM;
    if (z < 0) continue;
    const melted = ((solver.enthalpyJPerM3[column + nx * ny * k] as number) - HEAT * MELT_C) / LATENT;
    front += cellM * Math.min(1, Math.max(0, melted));
  }
  return Math.abs(front / exact - 1);
}
