/**
 * What the temperatures have done to the bird, kept cell by cell while it cooks: the juice pressed out, the lethality,
 * the fat that has run, the skin that has browned. Each index is a model of a tendency, not of one bird's plate.
 */

import type { Body } from "../bird/body";
import { packed, unpack } from "../bird/grid";
import { PART_NAMES, type PartName } from "../bird/solid";
import { SPECIES_RECORDS } from "../bird/species";
import { constant } from "../constants";
import type { HeatSolver } from "../heat/solver";
import { TISSUE_INDEX } from "../heat/tissue";
import { type LethalityTable, lethalityTable } from "../safety/lethality";

export interface Indices {
  /** Juice kept, as a share of the raw meat's water, by where it is. */
  readonly juicesKept: { readonly breast?: number; readonly thigh?: number };
  /** Mean browning of the open skin: 1 is golden. */
  readonly browning: number;
  /** Minutes the dark meat has spent above 70 °C, on average. */
  readonly legTenderMin?: number;
  /** Share of the fat under a duck's skin that has run. */
  readonly fatRendered?: number;
}

/**
 * Water that meat holds at equilibrium, kg a kg of raw meat: 0.745 − 0.345/(1 + 30·exp(−0.25·(T − 52))). R. G. M. van
 * der Sman, Journal of Food Engineering 2007, "Soft condensed matter perspective on moisture transport in cooking
 * meat" (from memory; measured on beef, and close to chicken breast).
 */
export const waterHeldKgPerKg = (celsius: number): number =>
  0.745 - 0.345 / (1 + 30 * Math.exp(-0.25 * (celsius - 52)));

/** Share of the raw meat's water that meat holds once it has come to rest at a temperature. */
const heldShare = (celsius: number): number => Math.min(1, waterHeldKgPerKg(celsius) / waterHeldKgPerKg(4));

/** {@link heldShare} every half degree from 0 to 140 °C: it is asked for every cell again and again. */
const HELD = Float64Array.from({ length: 281 }, (_, n) => heldShare(n / 2));

/** Juice kept, from what is left of the meat's water; salt in the meat holds some of the loss back. */
export const juiceKept = (waterShare: number, saltPercent: number): number =>
  1 - (1 - waterShare) * (1 - constant("saltHoldsJuiceShare") * Math.min(1, Math.max(0, saltPercent)));

/** Nothing within the meat changes fast: it is looked at this often, and when it is asked for; in between by its mean. */
const LOOK_EVERY_MIN = 6;
/** Below this nothing is killed, rendered, pressed out or made tender. */
const NOTHING_BELOW_C = 40;
const ENOUGH_LOGS = 40;
const NOT_BROWN_BELOW_C = 90;

const HOTTEST_SKIN_C = 320;
/** How much faster than at 140 °C skin browns, at each degree from {@link NOT_BROWN_BELOW_C} on: it is asked for every cell. */
function quickenedByDegree(): Float64Array {
  const per10K = constant("browningPer10K");
  const degrees = { length: HOTTEST_SKIN_C - NOT_BROWN_BELOW_C + 1 };
  return Float64Array.from(degrees, (_, n) => per10K ** ((NOT_BROWN_BELOW_C + n - 140) / 10));
}

/** Keeps all that for one bird; see the formulas above. */
export class Watch {
  readonly logReduction: Float32Array;
  /** Share of each cell's water that has not been pressed out. */
  private readonly water: Float32Array;
  private readonly lastC: Float32Array;
  private readonly brown: Float32Array;
  private readonly legMinutes: Float32Array;
  private readonly fatDose: Float32Array;
  private readonly table: LethalityTable;
  private readonly darkParts: readonly number[];
  private readonly quickened = quickenedByDegree();
  private waitedMin = 0;
  private browningShare = 1;

  constructor(
    private readonly body: Body,
    private readonly solver: HeatSolver,
  ) {
    const { grid, surface } = body.unit;
    const size = grid.tissue.length;
    this.water = new Float32Array(size).fill(1);
    this.lastC = new Float32Array(size);
    this.logReduction = new Float32Array(size);
    this.brown = new Float32Array(surface.cell.length);
    const { species } = body.unit.shape.form;
    this.legMinutes = new Float32Array(size);
    this.fatDose = new Float32Array(SPECIES_RECORDS[species].rendersFat ? size : 0);
    this.table = lethalityTable(species);
    this.darkParts = (["thigh", "drumstick"] as const).map((name) => PART_NAMES.indexOf(name));
  }

  /** From here on skin browns so many times as fast. */
  brownSooner(share: number): void {
    this.browningShare = share;
  }

  /** Takes in the state reached after some minutes; temperatures are taken as straight in between. */
  add(minutes: number): void {
    this.waitedMin += minutes;
    if (this.waitedMin >= LOOK_EVERY_MIN) this.lookAtMeat();
    this.brownFor(minutes);
  }

  private lookAtMeat(): void {
    const minutes = this.waitedMin;
    if (minutes === 0) return;
    this.waitedMin = 0;
    const { runs, tissue } = this.body.unit.grid;
    const { part } = this.body.unit;
    const { temperatureC } = this.solver;
    const { water, lastC, logReduction, table, legMinutes, fatDose } = this;
    // Juice is pressed out towards what the meat holds at its temperature, by degrees.
    const pressed = 1 - Math.exp(-minutes / constant("juiceLossMin"));
    const renders = this.hasFat;
    const renderRate = constant("renderPerMinAt80C");
    const [thigh, drumstick] = this.darkParts;
    for (let r = 0; r < runs.length; r += 2) {
      const end = runs[r + 1] as number;
      for (let c = runs[r] as number; c < end; c++) {
        const now = temperatureC[c] as number;
        const from = lastC[c] as number;
        lastC[c] = now;
        if (now < NOTHING_BELOW_C) continue;
        const mean = 0.5 * (from + now);
        const held = HELD[Math.min(280, Math.floor(2 * mean + 0.5))] as number;
        const here = water[c] as number;
        if (here > held) water[c] = here + (held - here) * pressed;
        const killed = logReduction[c] as number;
        // Past enough for any purpose the sum is left as it is.
        if (killed < ENOUGH_LOGS && (now > table.lowestC || from > table.lowestC)) {
          logReduction[c] = killed + table.between(from, now) * minutes;
        }
        if (mean > 70 && (part[c] === thigh || part[c] === drumstick)) {
          legMinutes[c] = (legMinutes[c] as number) + minutes;
        }
        if (renders && tissue[c] === TISSUE_INDEX.waterfowlFat) {
          fatDose[c] = (fatDose[c] as number) + renderRate * 2 ** ((mean - 80) / 10) * minutes;
        }
      }
    }
  }

  /**
   * Browning a minute: dry share of the skin × rate at 140 °C × {@link quickenedByDegree}; 1 in all is golden. Wet skin stays
   * below 100 °C and does not brown.
   */
  private brownFor(minutes: number): void {
    const deepest = constant("crustDepthMostM");
    const retreat = constant("crustDepthPerVapourM3PerKg");
    const rateAt140 = this.browningShare * constant("browningPerMinAt140C");
    const { brown, quickened } = this;
    const { arrays, seen } = this.solver.surface;
    const { skinC, vapourLostKgPerM2 } = arrays;
    for (let e = 0; e < seen.length; e++) {
      const n = seen[e] as number;
      const celsius = skinC[n] as number;
      if (celsius < NOT_BROWN_BELOW_C) continue;
      const dry = retreat * Math.max(0, vapourLostKgPerM2[n] as number);
      const place = Math.min(celsius - NOT_BROWN_BELOW_C, quickened.length - 1.001);
      const entry = Math.floor(place);
      const low = quickened[entry] as number;
      const rate = rateAt140 * (low + (place - entry) * ((quickened[entry + 1] as number) - low));
      brown[n] = (brown[n] as number) + (dry / (dry + deepest)) * rate * minutes;
    }
  }

  /** The least killed cell of the meat and its filling: log reduction. */
  leastLogReduction(): number {
    this.lookAtMeat();
    const { runs } = this.body.unit.grid;
    let least = Number.POSITIVE_INFINITY;
    for (let r = 0; r < runs.length; r += 2) {
      for (let c = runs[r] as number; c < (runs[r + 1] as number); c++) {
        least = Math.min(least, this.logReduction[c] as number);
      }
    }
    return least;
  }

  /** @param saltPercent by mass, of the whole bird */
  indices(saltPercent: number): Indices {
    this.lookAtMeat();
    const meanOver = (names: readonly PartName[], value: (cell: number) => number): number | undefined => {
      const wanted = names.map((name) => PART_NAMES.indexOf(name));
      const { runs } = this.body.unit.grid;
      const { part } = this.body.unit;
      let sum = 0;
      let count = 0;
      for (let r = 0; r < runs.length; r += 2) {
        for (let c = runs[r] as number; c < (runs[r + 1] as number); c++) {
          if (!wanted.includes(part[c] as number)) continue;
          sum += value(c);
          count++;
        }
      }
      return count > 0 ? sum / count : undefined;
    };
    const juice = (cell: number): number => juiceKept(this.water[cell] as number, saltPercent);
    const breast = meanOver(["breast", "tenderloin"], juice);
    const thigh = meanOver(["thigh", "drumstick"], juice);
    const legTenderMin = meanOver(["thigh", "drumstick"], (cell) => this.legMinutes[cell] as number);
    return {
      juicesKept: { ...(breast !== undefined && { breast }), ...(thigh !== undefined && { thigh }) },
      browning: this.browning(),
      ...(legTenderMin !== undefined && { legTenderMin }),
      ...(this.hasFat && { fatRendered: this.rendered() }),
    };
  }

  /** Mean over the open skin. */
  browning(): number {
    const { arrays, seen } = this.solver.surface;
    const { areaM2 } = arrays;
    let brown = 0;
    let area = 0;
    for (let e = 0; e < seen.length; e++) {
      const n = seen[e] as number;
      brown += (areaM2[n] as number) * (this.brown[n] as number);
      area += areaM2[n] as number;
    }
    return area > 0 ? brown / area : 0;
  }

  /** Of each cell of the surface, in the order of `surfaceCells`. */
  browningOfSkin(): Float32Array {
    return this.brown;
  }

  private rendered(): number {
    const { runs, tissue } = this.body.unit.grid;
    let sum = 0;
    let count = 0;
    for (let r = 0; r < runs.length; r += 2) {
      for (let c = runs[r] as number; c < (runs[r + 1] as number); c++) {
        if (tissue[c] !== TISSUE_INDEX.waterfowlFat) continue;
        sum += 1 - Math.exp(-(this.fatDose[c] as number));
        count++;
      }
    }
    return count > 0 ? sum / count : 0;
  }

  snapshot(): WatchState {
    this.lookAtMeat();
    const { grid } = this.body.unit;
    return {
      water: packed(grid, this.water),
      logReduction: packed(grid, this.logReduction),
      brown: this.brown.slice(),
      legMinutes: packed(grid, this.legMinutes),
      fatDose: this.hasFat ? packed(grid, this.fatDose) : this.fatDose,
    };
  }

  /** After the solver has gone back to the same moment: it was looked at then. */
  restore(state: WatchState): void {
    const { grid } = this.body.unit;
    this.waitedMin = 0;
    this.lastC.set(this.solver.temperatureC);
    unpack(grid, state.water, this.water);
    unpack(grid, state.logReduction, this.logReduction);
    this.brown.set(state.brown);
    unpack(grid, state.legMinutes, this.legMinutes);
    if (this.hasFat) unpack(grid, state.fatDose, this.fatDose);
  }

  private get hasFat(): boolean {
    return this.fatDose.length > 0;
  }
}

/** Of the cells inside the solid, see {@link packed}; browning of those of its surface. */
export interface WatchState {
  readonly water: Float32Array;
  readonly logReduction: Float32Array;
  readonly brown: Float32Array;
  readonly legMinutes: Float32Array;
  readonly fatDose: Float32Array;
}
