/**
 * One step of heat and vapour through the skin: the reference loops. `wasm/exchange.as.ts` holds the compiled twins, and
 * a test holds the two together. Public face: {@link SurfaceExchange} in `surface.ts`, where the model is described.
 */
import type { Inflow } from "./kernel";
import { DRIVE_LOW_C, DRIVE_STEPS_PER_K } from "./moistAir";

/** Arrays with one entry a surface cell. */
export interface SurfaceArrays {
  readonly cell: Int32Array;
  readonly areaM2: Float64Array;
  /** Conductance from the front to the cell's centre, W/m²K. */
  readonly inner: Float64Array;
  readonly open: Float64Array;
  readonly pan: Float64Array;
  /** Place towards the oven's hot side, about −0.5 to 0.5. */
  readonly hot: Float64Array;
  /** Which row of parameters the cell meets. */
  readonly region: Uint8Array;
  readonly frontC: Float64Array;
  readonly skinC: Float64Array;
  readonly vapourLostKgPerM2: Float64Array;
}

/** Places in one region's row of numbers. */
export const P = {
  airC: 0,
  wallC: 1,
  /** Difference between the hot and the cool side of the oven, K. */
  hotK: 2,
  convection: 3,
  /** 1 where the film does not depend on what the cell sees (a pan, the cavity's air), 0 in the open. */
  still: 4,
  /** Stefan–Boltzmann constant times emissivity, W/m²K⁴. */
  sigma: 5,
  underShare: 6,
  creviceShare: 7,
  vapourScale: 8,
  vapourPerHeat: 9,
  outsideDrive: 10,
  /** One over the conductivity and the vapour diffusivity of the crust. */
  crustResistivity: 11,
  crustVapourResistivity: 12,
  crustRetreat: 13,
  crustDeepest: 14,
  latent: 15,
  count: 16,
} as const;

const KELVIN = 273.15;
/** The front moves little from step to step, so one Newton step from the last front is nearly always enough. */
const NEWTON_AGAIN_K = 0.3;
const NEWTON_MOST = 4;

/**
 * Finds the balance at each front, lets it dry for one step, and leaves behind what heat its cell takes up from now on,
 * as it is and as it changes with the meat's temperature.
 * @param drive table of the saturated drive, see `moistAir.ts`
 * @param p one row of {@link P} a region
 */
export function exchange(
  temperature: Float64Array,
  surface: SurfaceArrays,
  { atZeroW, lessWPerK }: Inflow,
  drive: Float64Array,
  p: Float64Array,
  stepS: number,
): void {
  const { cell, areaM2, inner: inners, open, pan, hot, region, frontC, skinC, vapourLostKgPerM2 } = surface;
  const top = drive.length - 1.001;
  for (let n = 0; n < cell.length; n++) {
    const row = (region[n] as number) * P.count;
    const here = cell[n] as number;
    const meatC = temperature[here] as number;
    const inner = inners[n] as number;
    const warmer = (p[row + P.hotK] as number) * (hot[n] as number);
    const airC = (p[row + P.airC] as number) + warmer;
    const wallC = (p[row + P.wallC] as number) + warmer;
    const isOpen = open[n] as number;
    const isPan = pan[n] as number;
    const seen = isOpen + (p[row + P.underShare] as number) * isPan;
    const blocked = Math.max(0, 1 - isOpen - isPan);
    const still = p[row + P.still] as number;
    const reached = still + (1 - still) * (seen + (p[row + P.creviceShare] as number) * blocked);
    const convective = (p[row + P.convection] as number) * reached;
    const skinK = (skinC[n] as number) + KELVIN;
    const wallK = wallC + KELVIN;
    const radiative = (p[row + P.sigma] as number) * seen * (skinK + wallK) * (skinK * skinK + wallK * wallK);
    const film = convective + radiative;
    const lost = vapourLostKgPerM2[n] as number;
    const deepest = p[row + P.crustDeepest] as number;
    const dry = (p[row + P.crustRetreat] as number) * Math.max(0, lost);
    const crust = (dry * deepest) / (dry + deepest);
    const dryness = crust * (p[row + P.crustResistivity] as number);
    // Film and crust in series: what they pass a kelvin, and what they would pass into a front at 0 °C.
    const through = 1 / (1 + film * dryness);
    const outer = film * through;
    const outerFromZero = (convective * airC + radiative * wallC) * through;
    const passing = convective * (p[row + P.vapourPerHeat] as number);
    const vapour =
      ((p[row + P.vapourScale] as number) * passing) /
      (1 + passing * crust * (p[row + P.crustVapourResistivity] as number));
    const latent = p[row + P.latent] as number;
    const outsideDrive = p[row + P.outsideDrive] as number;
    let front = frontC[n] as number;
    let flux = 0;
    let stiffness = 1;
    for (let step = 0; step < NEWTON_MOST; step++) {
      const place = Math.min(Math.max((front - DRIVE_LOW_C) * DRIVE_STEPS_PER_K, 0), top);
      const entry = Math.floor(place);
      const low = drive[entry] as number;
      const rise = (drive[entry + 1] as number) - low;
      const scale = vapour / (front + KELVIN);
      const slope = scale * rise * DRIVE_STEPS_PER_K;
      flux = scale * (low + (place - entry) * rise - outsideDrive);
      const excess = inner * (meatC - front) + outerFromZero - outer * front - latent * flux;
      stiffness = inner + outer + latent * slope;
      const change = excess / stiffness;
      front += change;
      flux += slope * change;
      if (change < NEWTON_AGAIN_K && change > -NEWTON_AGAIN_K) break;
    }
    vapourLostKgPerM2[n] = lost + flux * stepS;
    frontC[n] = front;
    skinC[n] = front + (outerFromZero - outer * front) * dryness;
    // The front goes with the meat by inner/stiffness, so this much less is taken up for each degree of the meat.
    const perK = inner * (1 - inner / stiffness);
    const area = areaM2[n] as number;
    atZeroW[here] = (inner * (front - meatC) + perK * meatC) * area;
    lessWPerK[here] = perK * area;
  }
}

/**
 * Adds what comes in within so many seconds to the enthalpy of the surface's cells, J/m³.
 * @returns heat taken up, J
 */
export function takeUp(
  enthalpyJPerM3: Float64Array,
  temperature: Float64Array,
  cell: Int32Array,
  { atZeroW, lessWPerK }: Inflow,
  seconds: number,
  cellSizeM: number,
): number {
  const perVolume = 1 / (cellSizeM * cellSizeM * cellSizeM);
  let heatJ = 0;
  for (let n = 0; n < cell.length; n++) {
    const here = cell[n] as number;
    const gain = ((atZeroW[here] as number) - (lessWPerK[here] as number) * (temperature[here] as number)) * seconds;
    enthalpyJPerM3[here] = (enthalpyJPerM3[here] as number) + gain * perVolume;
    heatJ += gain;
  }
  return heatJ;
}
