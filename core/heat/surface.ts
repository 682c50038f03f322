/**
 * Heat through the skin: convection, radiation to the walls, and evaporation from a wet front that recedes into the
 * skin as water leaves, all in series with the half cell beneath.
 *
 * Each surface cell has one wet front. Heat reaches it from outside through the film and the dry layer, leaves it as
 * vapour (heat–mass analogy with Stefan flow, through the film and the dry layer), and flows on into the meat. The
 * balance is solved for the front's temperature by Newton steps from the last one.
 */
import type { SurfaceCells } from "../bird/body";
import { constant } from "../sources";
import { DRIVE_LOW_C, DRIVE_STEPS_PER_K, SATURATED_DRIVE, airDrive, massTransferMPerS } from "./moistAir";
import type { Surroundings } from "./surroundings";

const KELVIN = 273.15;
const DRIVE_TOP = SATURATED_DRIVE.length - 1.001;
/** The front moves little from step to step, so one Newton step from the last front is a converged one. */
const NEWTON_AGAIN_K = 0.3;
const NEWTON_MOST = 4;

export interface SurfaceState {
  readonly frontC: Float64Array;
  readonly skinC: Float64Array;
  readonly vapourLostKgPerM2: Float64Array;
}

export class SurfaceExchange {
  /** Temperature of the wet front, of the outer skin, and vapour lost so far, one entry a surface cell. */
  readonly frontC: Float64Array;
  readonly skinC: Float64Array;
  readonly vapourLostKgPerM2: Float64Array;
  private readonly areaM2: Float64Array;

  constructor(
    private readonly cells: SurfaceCells,
    private readonly cellSizeM: number,
  ) {
    const count = cells.cell.length;
    this.frontC = new Float64Array(count);
    this.skinC = new Float64Array(count);
    this.vapourLostKgPerM2 = new Float64Array(count);
    this.areaM2 = cells.area.map((area) => area * cellSizeM ** 2);
  }

  startAt(celsius: number): void {
    this.frontC.fill(celsius);
    this.skinC.fill(celsius);
    this.vapourLostKgPerM2.fill(0);
  }

  snapshot(): SurfaceState {
    return {
      frontC: this.frontC.slice(),
      skinC: this.skinC.slice(),
      vapourLostKgPerM2: this.vapourLostKgPerM2.slice(),
    };
  }

  restore(state: SurfaceState): void {
    this.frontC.set(state.frontC);
    this.skinC.set(state.skinC);
    this.vapourLostKgPerM2.set(state.vapourLostKgPerM2);
  }

  /** Adds to each surface cell the largest conductance to its front, W/K: what the time step must respect. */
  addBounds(conductance: Float64Array, conductivity: Float64Array): void {
    for (let n = 0; n < this.areaM2.length; n++) {
      const cell = this.cells.cell[n] as number;
      const inner = (2 * (conductivity[cell] as number) * (this.areaM2[n] as number)) / this.cellSizeM;
      conductance[cell] = (conductance[cell] as number) + inner;
    }
  }

  /** Vapour lost by this half of the bird so far, kg. */
  vapourKg(): number {
    let sum = 0;
    for (let n = 0; n < this.areaM2.length; n++) sum += (this.areaM2[n] as number) * (this.vapourLostKgPerM2[n] as number);
    return sum;
  }

  /**
   * One step: adds the heat that passes the surface to the enthalpy (J/m³) of its cells.
   * @returns heat taken up in this step, J
   */
  exchange(
    enthalpy: Float64Array,
    temperature: Float64Array,
    conductivity: Float64Array,
    around: Surroundings,
    stepS: number,
  ): number {
    const { cell, open, pan, cavity } = this.cells;
    const { frontC, skinC, vapourLostKgPerM2, areaM2 } = this;
    const volume = this.cellSizeM ** 3;
    const wallK = around.wallC + KELVIN;
    const sigma = constant("stefanBoltzmannWPerM2K4") * around.emissivity;
    const crevice = constant("crevicedConvectionShare");
    const crustConductivity = constant("crustConductivityWPerMK");
    const crustDiffusivity = constant("crustVapourDiffusivityM2PerS");
    const retreat = constant("crustDepthPerVapourM3PerKg") * around.dryingShare;
    const deepest = constant("crustDepthMostM");
    const latent = constant("vaporisationHeatJPerKg");
    const outsideDrive = airDrive(around.vapourPa);
    const vapourScale = constant("atmospherePa") / constant("vapourGasConstantJPerKgK");
    const vapourPerHeat = massTransferMPerS(1);
    const cavityAirC = this.cavityAir(around);
    let heatJ = 0;
    for (let n = 0; n < areaM2.length; n++) {
      const here = cell[n] as number;
      const meatC = temperature[here] as number;
      const inner = (2 * (conductivity[here] as number)) / this.cellSizeM;
      const seen = (open[n] as number) + around.underShare * (pan[n] as number);
      const skinK = (skinC[n] as number) + KELVIN;
      const radiative = sigma * seen * (skinK + wallK) * (skinK * skinK + wallK * wallK);
      let front: number;
      let intoMeat: number;
      if (cavity[n] === 1) {
        // Saturated, nearly still air: no evaporation to speak of, and no crust.
        const film = around.cavityWPerM2K + radiative;
        const outsideC = (around.cavityWPerM2K * cavityAirC + radiative * around.wallC) / film;
        front = (inner * meatC + film * outsideC) / (inner + film);
        intoMeat = inner * (front - meatC);
        skinC[n] = front;
      } else {
        const blocked = 1 - (open[n] as number) - (pan[n] as number);
        const convective = around.convectionWPerM2K * (seen + crevice * Math.max(0, blocked));
        const film = convective + radiative;
        const outsideC = (convective * around.airC + radiative * around.wallC) / film;
        const lost = vapourLostKgPerM2[n] as number;
        const crust = deepest * (1 - Math.exp((-retreat * Math.max(0, lost)) / deepest));
        const outer = 1 / (1 / film + crust / crustConductivity);
        const vapourCoefficient =
          (around.vapourShare * vapourScale) / (1 / (convective * vapourPerHeat) + crust / crustDiffusivity);
        front = frontC[n] as number;
        let flux = 0;
        for (let step = 0; step < NEWTON_MOST; step++) {
          const place = Math.min(Math.max((front - DRIVE_LOW_C) * DRIVE_STEPS_PER_K, 0), DRIVE_TOP);
          const entry = Math.floor(place);
          const low = SATURATED_DRIVE[entry] as number;
          const rise = (SATURATED_DRIVE[entry + 1] as number) - low;
          const scale = vapourCoefficient / (front + KELVIN);
          const slope = scale * rise * DRIVE_STEPS_PER_K;
          flux = scale * (low + (place - entry) * rise - outsideDrive);
          const excess = inner * (meatC - front) + outer * (outsideC - front) - latent * flux;
          const change = excess / (inner + outer + latent * slope);
          front += change;
          flux += slope * change;
          if (change < NEWTON_AGAIN_K && change > -NEWTON_AGAIN_K) break;
        }
        intoMeat = inner * (front - meatC);
        vapourLostKgPerM2[n] = lost + flux * stepS;
        skinC[n] = front + (outsideC - front) * outer * (crust / crustConductivity);
      }
      frontC[n] = front;
      const gain = intoMeat * (areaM2[n] as number) * stepS;
      enthalpy[here] = (enthalpy[here] as number) + gain / volume;
      heatJ += gain;
    }
    return heatJ;
  }

  /** Air in the cavity: the mean of its walls, drawn a little towards the air outside. */
  private cavityAir(around: Surroundings): number {
    const { cavity } = this.cells;
    let sum = 0;
    let area = 0;
    for (let n = 0; n < cavity.length; n++) {
      if (cavity[n] !== 1) continue;
      sum += (this.areaM2[n] as number) * (this.frontC[n] as number);
      area += this.areaM2[n] as number;
    }
    if (area === 0) return around.airC;
    const walls = sum / area;
    return walls + constant("cavityVentShare") * (around.airC - walls);
  }
}
