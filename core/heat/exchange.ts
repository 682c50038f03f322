/**
 * One step of heat and vapour through the skin: the reference loop. `wasm/kernel.as.ts` holds the compiled twin, and
 * a test holds the two together. Public face: {@link SurfaceExchange} in `surface.ts`, where the model is described.
 */
import { DRIVE_LOW_C, DRIVE_STEPS_PER_K } from "./moistAir";

/** Arrays with one entry a surface cell. */
export interface SurfaceArrays {
  readonly cell: Int32Array;
  readonly areaM2: Float64Array;
  /** One over the depth of the cell's centre under the skin, depth in cells. */
  readonly inverseDepth: Float64Array;
  readonly open: Float64Array;
  readonly pan: Float64Array;
  readonly cavity: Uint8Array;
  readonly frontC: Float64Array;
  readonly skinC: Float64Array;
  readonly vapourLostKgPerM2: Float64Array;
}

/** Places in the block of numbers that one step reads; `cavityWallC` is written as well. */
export const P = {
  airC: 0,
  wallC: 1,
  convection: 2,
  /** Stefan–Boltzmann constant times emissivity, W/m²K⁴. */
  sigma: 3,
  vapourScale: 4,
  underShare: 5,
  creviceShare: 6,
  crustConductivity: 7,
  crustDiffusivity: 8,
  crustRetreat: 9,
  crustDeepest: 10,
  latent: 11,
  outsideDrive: 12,
  vapourPerHeat: 13,
  cavityCoefficient: 14,
  cavityVent: 15,
  stepS: 16,
  cellSizeM: 17,
  /** Mean temperature of the cavity's walls, carried from step to step. */
  cavityWallC: 18,
  count: 19,
} as const;

const KELVIN = 273.15;
/** The front moves little from step to step, so one Newton step from the last front is nearly always enough. */
const NEWTON_AGAIN_K = 0.3;
const NEWTON_MOST = 4;

/**
 * Adds the heat that passes the surface in one step to the enthalpy (J/m³) of its cells.
 * @param drive table of the saturated drive, see `moistAir.ts`
 * @returns heat taken up, J
 */
export function exchange(
  enthalpy: Float64Array,
  temperature: Float64Array,
  conductivity: Float64Array,
  surface: SurfaceArrays,
  drive: Float64Array,
  p: Float64Array,
): number {
  const { cell, areaM2, inverseDepth, open, pan, cavity, frontC, skinC, vapourLostKgPerM2 } = surface;
  const at = (place: number): number => p[place] as number;
  const airC = at(P.airC);
  const wallC = at(P.wallC);
  const convection = at(P.convection);
  const sigma = at(P.sigma);
  const vapourScale = at(P.vapourScale);
  const underShare = at(P.underShare);
  const creviceShare = at(P.creviceShare);
  const crustConductivity = at(P.crustConductivity);
  const crustDiffusivity = at(P.crustDiffusivity);
  const retreat = at(P.crustRetreat);
  const deepest = at(P.crustDeepest);
  const latent = at(P.latent);
  const outsideDrive = at(P.outsideDrive);
  const vapourPerHeat = at(P.vapourPerHeat);
  const cavityCoefficient = at(P.cavityCoefficient);
  const stepS = at(P.stepS);
  const size = at(P.cellSizeM);
  const perVolume = 1 / (size * size * size);
  const wallK = wallC + KELVIN;
  const cavityAirC = at(P.cavityWallC) + at(P.cavityVent) * (airC - at(P.cavityWallC));
  const top = drive.length - 1.001;
  let heatJ = 0;
  let cavitySum = 0;
  let cavityArea = 0;
  for (let n = 0; n < cell.length; n++) {
    const here = cell[n] as number;
    const meatC = temperature[here] as number;
    const inner = ((inverseDepth[n] as number) * (conductivity[here] as number)) / size;
    const seen = (open[n] as number) + underShare * (pan[n] as number);
    const skinK = (skinC[n] as number) + KELVIN;
    const radiative = sigma * seen * (skinK + wallK) * (skinK * skinK + wallK * wallK);
    let front: number;
    let skin: number;
    if (cavity[n] === 1) {
      // Saturated, nearly still air: no evaporation to speak of, and no crust.
      const film = cavityCoefficient + radiative;
      const outsideC = (cavityCoefficient * cavityAirC + radiative * wallC) / film;
      front = (inner * meatC + film * outsideC) / (inner + film);
      skin = front;
      cavitySum += front * (areaM2[n] as number);
      cavityArea += areaM2[n] as number;
    } else {
      const blocked = Math.max(0, 1 - (open[n] as number) - (pan[n] as number));
      const convective = convection * (seen + creviceShare * blocked);
      const film = convective + radiative;
      const outsideC = (convective * airC + radiative * wallC) / film;
      const lost = vapourLostKgPerM2[n] as number;
      const dry = retreat * Math.max(0, lost);
      const crust = (dry * deepest) / (dry + deepest);
      const outer = 1 / (1 / film + crust / crustConductivity);
      const vapour = vapourScale / (1 / (convective * vapourPerHeat) + crust / crustDiffusivity);
      front = frontC[n] as number;
      let flux = 0;
      for (let step = 0; step < NEWTON_MOST; step++) {
        const place = Math.min(Math.max((front - DRIVE_LOW_C) * DRIVE_STEPS_PER_K, 0), top);
        const entry = Math.floor(place);
        const low = drive[entry] as number;
        const rise = (drive[entry + 1] as number) - low;
        const scale = vapour / (front + KELVIN);
        const slope = scale * rise * DRIVE_STEPS_PER_K;
        flux = scale * (low + (place - entry) * rise - outsideDrive);
        const excess = inner * (meatC - front) + outer * (outsideC - front) - latent * flux;
        const change = excess / (inner + outer + latent * slope);
        front += change;
        flux += slope * change;
        if (change < NEWTON_AGAIN_K && change > -NEWTON_AGAIN_K) break;
      }
      vapourLostKgPerM2[n] = lost + flux * stepS;
      skin = front + (outsideC - front) * outer * (crust / crustConductivity);
    }
    const gain = inner * (front - meatC) * (areaM2[n] as number) * stepS;
    frontC[n] = front;
    skinC[n] = skin;
    enthalpy[here] = (enthalpy[here] as number) + gain * perVolume;
    heatJ += gain;
  }
  if (cavityArea > 0) p[P.cavityWallC] = cavitySum / cavityArea;
  return heatJ;
}
