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
import type { Inflow } from "./kernel";
import { airDrive, massTransferMPerS, SATURATED_DRIVE } from "./moistAir";
import type { Patch, Surroundings } from "./surroundings";

export interface SurfaceState {
  readonly frontC: Float64Array;
  readonly skinC: Float64Array;
  readonly vapourLostKgPerM2: Float64Array;
}

/** Air that differs by more than this from one stretch to the next is another air. */
const AT_ONCE_K = 10;

export class SurfaceExchange {
  readonly arrays: SurfaceArrays;
  /** Through the surface, as the last balance found it. */
  readonly inflow: Inflow;
  private readonly parameters: Float64Array;
  private readonly drive: Float64Array;
  /** Entries of the skin that is seen: all but the walls of the cavity. */
  readonly seen: Int32Array;
  /** By region, for as long as fronts and regions stay as they are: Σ area · front, and Σ area. */
  private readonly fronts = { sumKM2: new Float64Array(REGIONS.length), areaM2: new Float64Array(REGIONS.length) };
  private frontsHold = false;
  private metAnew = true;

  constructor(
    private readonly arena: Arena,
    private readonly cells: SurfaceCells,
    private readonly cellSizeM: number,
    cellsInAll: number,
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
    this.inflow = { atZeroW: arena.float64(cellsInAll), lessWPerK: arena.float64(cellsInAll) };
    this.parameters = arena.float64(P.count * REGIONS.length);
    this.drive = copy(SATURATED_DRIVE);
    this.seen = Int32Array.from(cells.cell.keys()).filter((n) => cells.region[n] !== REGION.cavity);
  }

  /** Bytes of arena one surface of `count` cells, of so many in all, takes. */
  static bytes(count: number, cellsInAll: number): number {
    return cellsInAll * 2 * 8 + count * (8 * 8 + 5) + (P.count * REGIONS.length + SATURATED_DRIVE.length) * 8 + 512;
  }

  startAt(celsius: number): void {
    this.arrays.frontC.fill(celsius);
    this.arrays.skinC.fill(celsius);
    this.arrays.vapourLostKgPerM2.fill(0);
    this.changeAtOnce();
  }

  /** Each front as warm as the meat beneath it, and wet. */
  startFrom(temperatureC: Float64Array): void {
    const { cell, frontC, skinC, vapourLostKgPerM2 } = this.arrays;
    cell.forEach((here, n) => {
      frontC[n] = temperatureC[here] as number;
      skinC[n] = temperatureC[here] as number;
      vapourLostKgPerM2[n] = 0;
    });
    this.changeAtOnce();
  }

  /** What the cells see from now on; a piece that was taken away must be taken away again. */
  look({ open, pan, region }: View): void {
    this.arrays.open.set(open);
    this.arrays.pan.set(pan);
    this.arrays.region.set(region);
    this.changeAtOnce();
  }

  /** Place of each cell towards the oven's hot side. */
  face(hot: ArrayLike<number>): void {
    this.arrays.hot.set(hot);
  }

  /** Cells for which `gone` holds meet the kitchen from now on. */
  takeAway(gone: (cell: number) => boolean): void {
    const { cell, region } = this.arrays;
    for (let n = 0; n < cell.length; n++) if (gone(cell[n] as number)) region[n] = REGION.away;
    this.changeAtOnce();
  }

  /** Basted or misted: the skin is wet again. @param share of the dryness that stays */
  moisten(share: number): void {
    const { vapourLostKgPerM2 } = this.arrays;
    for (let n = 0; n < vapourLostKgPerM2.length; n++) {
      vapourLostKgPerM2[n] = (vapourLostKgPerM2[n] as number) * share;
    }
    this.changeAtOnce();
  }

  /** Spreads water over the skin that is seen, evenly. @param kg on the solved part of the bird */
  wet(kg: number): void {
    const { areaM2, vapourLostKgPerM2 } = this.arrays;
    const area = this.seen.reduce((sum, n) => sum + (areaM2[n] as number), 0);
    for (const n of this.seen) vapourLostKgPerM2[n] = (vapourLostKgPerM2[n] as number) - kg / area;
    this.changeAtOnce();
  }

  snapshot(): SurfaceState {
    const { frontC, skinC, vapourLostKgPerM2 } = this.arrays;
    return { frontC: frontC.slice(), skinC: skinC.slice(), vapourLostKgPerM2: vapourLostKgPerM2.slice() };
  }

  restore(state: SurfaceState): void {
    this.arrays.frontC.set(state.frontC);
    this.arrays.skinC.set(state.skinC);
    this.arrays.vapourLostKgPerM2.set(state.vapourLostKgPerM2);
    this.changeAtOnce();
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
    if (!this.frontsHold) this.sumFronts();
    let sum = 0;
    let area = 0;
    for (const name of regions) {
      sum += this.fronts.sumKM2[REGION[name]] as number;
      area += this.fronts.areaM2[REGION[name]] as number;
    }
    return sum / area;
  }

  private sumFronts(): void {
    const { areaM2, frontC, region } = this.arrays;
    const { fronts } = this;
    fronts.sumKM2.fill(0);
    fronts.areaM2.fill(0);
    for (let n = 0; n < areaM2.length; n++) {
      const own = region[n] as number;
      const area = areaM2[n] as number;
      fronts.sumKM2[own] = (fronts.sumKM2[own] as number) + area * (frontC[n] as number);
      fronts.areaM2[own] = (fronts.areaM2[own] as number) + area;
    }
    this.frontsHold = true;
  }

  /** The warmest place of the wet front. */
  hottestFrontC(): number {
    let hottest = Number.NEGATIVE_INFINITY;
    for (const celsius of this.arrays.frontC) if (celsius > hottest) hottest = celsius;
    return hottest;
  }

  private changeAtOnce(): void {
    this.frontsHold = false;
    this.metAnew = true;
  }

  /** Whether anything changed at once since this was last asked: a start, a turn, a piece that left, another air. */
  isMetAnew(): boolean {
    const { metAnew } = this;
    this.metAnew = false;
    return metAnew;
  }

  /** Sets what the coming steps meet. */
  prepare(around: Surroundings): void {
    for (const name of REGIONS) {
      const row = REGION[name] * P.count;
      const beforeC = this.parameters[row + P.airC] as number;
      if (Math.abs(around[name].airC - beforeC) > AT_ONCE_K) this.metAnew = true;
      this.writeRow(row, around[name]);
    }
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
    p[row + P.crustVapourResistivity] = 1 / (constant("crustVapourDiffusivityM2PerS") * patch.permeabilityShare);
    p[row + P.crustRetreat] = constant("crustDepthPerVapourM3PerKg") * patch.dryingShare;
    p[row + P.crustDeepest] = constant("crustDepthMostM") * patch.crustShare;
    p[row + P.latent] = constant("vaporisationHeatJPerKg");
  }

  /** The balance at each front, for one prepared step. */
  exchange(temperature: Float64Array, stepS: number): void {
    this.arena.exchange(temperature, this.arrays, this.inflow, this.drive, this.parameters, stepS);
    this.frontsHold = false;
  }

  /** Adds the heat of so many seconds, by the last balance, to what cells hold. @returns heat taken up, J */
  takeUp(enthalpyJPerM3: Float64Array, temperature: Float64Array, seconds: number): number {
    const { arena, arrays, inflow, cellSizeM } = this;
    return arena.takeUp(enthalpyJPerM3, temperature, arrays.cell, inflow, seconds, cellSizeM);
  }
}
