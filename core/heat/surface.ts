/**
 * Heat through the skin: convection, radiation to the walls, and evaporation from a wet front that recedes into the
 * skin as water leaves, all in series with the half cell beneath.
 *
 * Each surface cell has one wet front. Heat reaches it from outside through the film and the dry layer, leaves it as
 * vapour (heat–mass analogy with Stefan flow, through the film and the dry layer), and flows on into the meat. The
 * balance is solved for the front's temperature by Newton steps from the last one. The dry layer deepens with the
 * vapour lost and levels off at the thickness of skin and rim: juice pressed out of the meat keeps what lies deeper wet.
 */
import type { SurfaceCells } from "../bird/body";
import { constant } from "../sources";
import type { Arena } from "./arena";
import { P, type SurfaceArrays } from "./exchange";
import { airDrive, massTransferMPerS, SATURATED_DRIVE } from "./moistAir";
import type { Surroundings } from "./surroundings";

export interface SurfaceState {
  readonly frontC: Float64Array;
  readonly skinC: Float64Array;
  readonly vapourLostKgPerM2: Float64Array;
  readonly cavityWallC: number;
}

export class SurfaceExchange {
  readonly arrays: SurfaceArrays;
  private readonly parameters: Float64Array;
  private readonly drive: Float64Array;

  constructor(
    private readonly arena: Arena,
    cells: SurfaceCells,
    private readonly cellSizeM: number,
  ) {
    const count = cells.cell.length;
    const copy = (values: Float64Array): Float64Array => {
      const array = arena.float64(values.length);
      array.set(values);
      return array;
    };
    this.arrays = {
      cell: arena.int32(cells.cell),
      areaM2: copy(cells.area.map((area) => area * cellSizeM ** 2)),
      inverseDepth: copy(cells.inverseDepth),
      open: copy(cells.open),
      pan: copy(cells.pan),
      cavity: arena.uint8(cells.cavity),
      frontC: arena.float64(count),
      skinC: arena.float64(count),
      vapourLostKgPerM2: arena.float64(count),
    };
    this.parameters = arena.float64(P.count);
    this.drive = copy(SATURATED_DRIVE);
  }

  /** Bytes of arena one surface of `count` cells takes. */
  static bytes(count: number): number {
    return count * (7 * 8 + 5) + (P.count + SATURATED_DRIVE.length) * 8 + 256;
  }

  startAt(celsius: number): void {
    this.arrays.frontC.fill(celsius);
    this.arrays.skinC.fill(celsius);
    this.arrays.vapourLostKgPerM2.fill(0);
    this.parameters[P.cavityWallC] = celsius;
  }

  snapshot(): SurfaceState {
    return {
      frontC: this.arrays.frontC.slice(),
      skinC: this.arrays.skinC.slice(),
      vapourLostKgPerM2: this.arrays.vapourLostKgPerM2.slice(),
      cavityWallC: this.parameters[P.cavityWallC] as number,
    };
  }

  restore(state: SurfaceState): void {
    this.arrays.frontC.set(state.frontC);
    this.arrays.skinC.set(state.skinC);
    this.arrays.vapourLostKgPerM2.set(state.vapourLostKgPerM2);
    this.parameters[P.cavityWallC] = state.cavityWallC;
  }

  /** Adds to each surface cell the largest conductance to its front, W/K: what the time step must respect. */
  addBounds(conductance: Float64Array, conductivity: Float64Array): void {
    const { cell, areaM2, inverseDepth } = this.arrays;
    for (let n = 0; n < cell.length; n++) {
      const here = cell[n] as number;
      const inner =
        ((inverseDepth[n] as number) * (conductivity[here] as number) * (areaM2[n] as number)) / this.cellSizeM;
      conductance[here] = (conductance[here] as number) + inner;
    }
  }

  /** Vapour lost by this half of the bird so far, kg. */
  vapourKg(): number {
    const { areaM2, vapourLostKgPerM2 } = this.arrays;
    let sum = 0;
    for (let n = 0; n < areaM2.length; n++) sum += (areaM2[n] as number) * (vapourLostKgPerM2[n] as number);
    return sum;
  }

  /** Sets what the coming steps meet. */
  prepare(around: Surroundings, stepS: number): void {
    const p = this.parameters;
    p[P.airC] = around.airC;
    p[P.wallC] = around.wallC;
    p[P.convection] = around.convectionWPerM2K;
    p[P.sigma] = constant("stefanBoltzmannWPerM2K4") * around.emissivity;
    p[P.vapourScale] = (around.vapourShare * constant("atmospherePa")) / constant("vapourGasConstantJPerKgK");
    p[P.underShare] = around.underShare;
    p[P.creviceShare] = constant("crevicedConvectionShare");
    p[P.crustConductivity] = constant("crustConductivityWPerMK");
    p[P.crustDiffusivity] = constant("crustVapourDiffusivityM2PerS");
    p[P.crustRetreat] = constant("crustDepthPerVapourM3PerKg") * around.dryingShare;
    p[P.crustDeepest] = constant("crustDepthMostM");
    p[P.latent] = constant("vaporisationHeatJPerKg");
    p[P.outsideDrive] = airDrive(around.vapourPa);
    p[P.vapourPerHeat] = massTransferMPerS(1);
    p[P.cavityCoefficient] = around.cavityWPerM2K;
    p[P.cavityVent] = constant("cavityVentShare");
    p[P.stepS] = stepS;
    p[P.cellSizeM] = this.cellSizeM;
  }

  /** One prepared step: adds the heat that passes the surface to its cells. @returns heat taken up, J */
  exchange(enthalpy: Float64Array, temperature: Float64Array, conductivity: Float64Array): number {
    return this.arena.exchange(enthalpy, temperature, conductivity, this.arrays, this.drive, this.parameters);
  }
}
