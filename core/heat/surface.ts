/**
 * Heat through the skin: convection, radiation to the walls, and evaporation from a wet front that recedes into the
 * skin as water leaves, all in series with the half cell beneath.
 *
 * Each surface cell has one wet front. Heat reaches it from outside through the film and the dry layer, leaves it as
 * vapour (heat–mass analogy with Stefan flow, through the film and the dry layer), and flows on into the meat. The
 * balance is solved for the front's temperature by Newton steps from the last one. The dry layer deepens with the
 * vapour lost and levels off at the thickness of skin and rim: juice pressed out of the meat keeps what lies deeper wet.
 */
import type { View } from "../bird/exposure";
import { REGION, REGIONS, type Region } from "../bird/regions";
import type { SurfaceCells } from "../bird/surfaceCells";
import { constant } from "../constants";
import type { Arena } from "./arena";
import { P, type SurfaceArrays } from "./exchange";
import { airDrive, massTransferMPerS, SATURATED_DRIVE } from "./moistAir";
import type { Patch, Surroundings } from "./surroundings";

export interface SurfaceState {
  readonly frontC: Float64Array;
  readonly skinC: Float64Array;
  readonly vapourLostKgPerM2: Float64Array;
}

export class SurfaceExchange {
  readonly arrays: SurfaceArrays;
  private readonly parameters: Float64Array;
  private readonly drive: Float64Array;

  constructor(
    private readonly arena: Arena,
    private readonly cells: SurfaceCells,
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
      inner: arena.float64(count),
      open: arena.float64(count),
      pan: arena.float64(count),
      hot: arena.float64(count),
      region: arena.uint8(cells.region),
      frontC: arena.float64(count),
      skinC: arena.float64(count),
      vapourLostKgPerM2: arena.float64(count),
    };
    this.parameters = arena.float64(P.count * REGIONS.length);
    this.drive = copy(SATURATED_DRIVE);
  }

  /** Bytes of arena one surface of `count` cells takes. */
  static bytes(count: number): number {
    return count * (8 * 8 + 5) + (P.count * REGIONS.length + SATURATED_DRIVE.length) * 8 + 512;
  }

  startAt(celsius: number): void {
    this.arrays.frontC.fill(celsius);
    this.arrays.skinC.fill(celsius);
    this.arrays.vapourLostKgPerM2.fill(0);
  }

  /** What the cells see from now on; a piece that was taken away must be taken away again. */
  look({ open, pan, region }: View): void {
    this.arrays.open.set(open);
    this.arrays.pan.set(pan);
    this.arrays.region.set(region);
  }

  /** Place of each cell towards the oven's hot side. */
  face(hot: ArrayLike<number>): void {
    this.arrays.hot.set(hot);
  }

  /** Cells for which `gone` holds meet the kitchen from now on. */
  takeAway(gone: (cell: number) => boolean): void {
    const { cell, region } = this.arrays;
    for (let n = 0; n < cell.length; n++) if (gone(cell[n] as number)) region[n] = REGION.away;
  }

  /** Basted or misted: the skin is wet again. @param share of the dryness that stays */
  moisten(share: number): void {
    const { vapourLostKgPerM2 } = this.arrays;
    for (let n = 0; n < vapourLostKgPerM2.length; n++) {
      vapourLostKgPerM2[n] = (vapourLostKgPerM2[n] as number) * share;
    }
  }

  snapshot(): SurfaceState {
    const { frontC, skinC, vapourLostKgPerM2 } = this.arrays;
    return { frontC: frontC.slice(), skinC: skinC.slice(), vapourLostKgPerM2: vapourLostKgPerM2.slice() };
  }

  restore(state: SurfaceState): void {
    this.arrays.frontC.set(state.frontC);
    this.arrays.skinC.set(state.skinC);
    this.arrays.vapourLostKgPerM2.set(state.vapourLostKgPerM2);
  }

  /**
   * Takes the cells' conductivities over, and adds to each surface cell what its own conductance counts for in the
   * time step, W/K: half, since nothing on the other side of the front is stored (Gershgorin's bound).
   */
  refresh(conductivity: Float64Array, bounds: Float64Array): void {
    const { cell, areaM2, inner } = this.arrays;
    const { inverseDepth } = this.cells;
    for (let n = 0; n < cell.length; n++) {
      const here = cell[n] as number;
      inner[n] = ((inverseDepth[n] as number) * (conductivity[here] as number)) / this.cellSizeM;
      bounds[here] = (bounds[here] as number) + 0.5 * (inner[n] as number) * (areaM2[n] as number);
    }
  }

  /** Vapour lost by the solved part of the bird so far, kg. */
  vapourKg(): number {
    const { areaM2, vapourLostKgPerM2 } = this.arrays;
    let sum = 0;
    for (let n = 0; n < areaM2.length; n++) sum += (areaM2[n] as number) * (vapourLostKgPerM2[n] as number);
    return sum;
  }

  /** Mean temperature of the wet front over some regions, by area; NaN where there are none. */
  meanFrontC(...regions: readonly Region[]): number {
    const { areaM2, frontC, region } = this.arrays;
    const wanted = regions.reduce((bits, name) => bits | (1 << REGION[name]), 0);
    let sum = 0;
    let area = 0;
    for (let n = 0; n < areaM2.length; n++) {
      if ((wanted & (1 << (region[n] as number))) === 0) continue;
      sum += (areaM2[n] as number) * (frontC[n] as number);
      area += areaM2[n] as number;
    }
    return sum / area;
  }

  /** The warmest place of the wet front. */
  hottestFrontC(): number {
    let hottest = Number.NEGATIVE_INFINITY;
    for (const celsius of this.arrays.frontC) if (celsius > hottest) hottest = celsius;
    return hottest;
  }

  /** Mean skin temperature and dryness, as open skin shows them, for the look of the bird. */
  forEachOpen(visit: (skinC: number, vapourLostKgPerM2: number, areaM2: number, index: number) => void): void {
    const { areaM2, skinC, vapourLostKgPerM2 } = this.arrays;
    const { region } = this.cells;
    for (let n = 0; n < areaM2.length; n++) {
      if (region[n] === REGION.cavity) continue;
      visit(skinC[n] as number, vapourLostKgPerM2[n] as number, areaM2[n] as number, n);
    }
  }

  /** Sets what the coming steps meet. */
  prepare(around: Surroundings): void {
    for (const name of REGIONS) this.writeRow(REGION[name] * P.count, around[name]);
  }

  private writeRow(row: number, patch: Patch): void {
    const p = this.parameters;
    p[row + P.airC] = patch.airC;
    p[row + P.wallC] = patch.wallC;
    p[row + P.hotK] = patch.hotK;
    p[row + P.convection] = patch.convectionWPerM2K;
    p[row + P.still] = patch.still;
    p[row + P.sigma] = constant("stefanBoltzmannWPerM2K4") * patch.emissivity;
    p[row + P.underShare] = patch.underShare;
    p[row + P.creviceShare] = constant("crevicedConvectionShare");
    p[row + P.vapourScale] = (patch.vapourShare * constant("atmospherePa")) / constant("vapourGasConstantJPerKgK");
    p[row + P.vapourPerHeat] = massTransferMPerS(1);
    p[row + P.outsideDrive] = airDrive(patch.vapourPa);
    p[row + P.crustResistivity] = 1 / constant("crustConductivityWPerMK");
    p[row + P.crustVapourResistivity] = 1 / constant("crustVapourDiffusivityM2PerS");
    p[row + P.crustRetreat] = constant("crustDepthPerVapourM3PerKg") * patch.dryingShare;
    p[row + P.crustDeepest] = constant("crustDepthMostM") * patch.crustShare;
    p[row + P.latent] = constant("vaporisationHeatJPerKg");
  }

  /** One prepared step: adds the heat that passes the surface to its cells. @returns heat taken up, J */
  exchange(enthalpy: Float64Array, temperature: Float64Array, stepS: number): number {
    return this.arena.exchange(enthalpy, temperature, this.arrays, this.drive, this.parameters, stepS, this.cellSizeM);
  }
}
