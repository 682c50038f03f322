/**
 * Salt in the meat: the same finite-volume kernel as heat, with salt dissolved in the meat's water as what is stored
 * and its concentration in that water as what drives it.
 */
import type { Body } from "../bird/body";
import { REGION } from "../bird/regions";
import type { Vec3 } from "../bird/sdf";
import { constant } from "../constants";
import { type Arena, latticeBytes, latticeIn, newArena } from "../heat/arena";
import type { FaceConductances, Lattice } from "../heat/kernel";
import { readAt, resampled, straightStencil } from "../heat/stencil";
import { densitiesOf, TISSUE_INDEX, TISSUES, type Tissue, type TissueName, waterShareOf } from "../heat/tissue";

/** Salt by mass of meat, in per cent. */
export interface SaltShares {
  readonly whole: number;
  /** Mean over the outermost centimetre. */
  readonly surfaceCm: number;
  readonly breastCentre?: number;
  readonly thighCentre?: number;
}

const SURFACE_M = 0.01;
const STABILITY_SHARE = 0.9;
/** Time step at most: the outside changes faster than the stability of coarse cells asks for. */
const LONGEST_STEP_S = 900;
const FATTY: readonly TissueName[] = ["waterfowlFat", "skin"];

export class SaltField {
  /** kg of salt per m³ of tissue. */
  readonly contentKgPerM3: Float64Array;
  /** kg of salt per kg of the meat's water. */
  readonly inWater: Float64Array;
  private readonly arena: Arena;
  private readonly waterKgPerM3: Float64Array;
  private readonly faces: FaceConductances;
  private readonly lattice: Lattice;
  private readonly boundS: number;
  private readonly conductanceKgPerS: Float64Array;
  /** Salt taken up through the surface since the start, kg, the solved part of the bird. */
  takenUpKg = 0;

  constructor(private readonly body: Body) {
    const { grid, surface } = body.unit;
    const { nx, ny, tissue } = grid;
    const size = tissue.length;
    this.arena = newArena(size * 8 * 5 + latticeBytes(grid) + 4096);
    this.contentKgPerM3 = this.arena.float64(size);
    this.inWater = this.arena.float64(size);
    this.faces = { x: this.arena.float64(size), y: this.arena.float64(size), z: this.arena.float64(size) };
    this.lattice = latticeIn(this.arena, grid);
    const names = Object.keys(TISSUE_INDEX) as TissueName[];
    const water = names.map((name, n) => waterShareOf(name) * (TISSUES[n] as Tissue).densityKgPerM3);
    // Salt moves in water: what is fat or bone lets less of it through.
    const mobility = names.map(
      (name, n) =>
        (water[n] as number) *
        constant("saltDiffusivityM2PerS") *
        (FATTY.includes(name) ? constant("skinSaltShare") : name === "bone" ? 0 : 1),
    );
    this.waterKgPerM3 = new Float64Array(size);
    const here = new Float64Array(size);
    this.eachCell((cell) => {
      this.waterKgPerM3[cell] = water[tissue[cell] as number] as number;
      here[cell] = mobility[tissue[cell] as number] as number;
    });
    const h = body.cellSizeM;
    const series = (a: number, b: number): number => (a > 0 && b > 0 ? (2 * h * a * b) / (a + b) : 0);
    const total = new Float64Array(size);
    this.eachCell((c) => {
      const own = here[c] as number;
      for (const [faces, stride] of [
        [this.faces.x, 1],
        [this.faces.y, nx],
        [this.faces.z, nx * ny],
      ] as const) {
        const g = series(own, here[c + stride] as number);
        faces[c] = g;
        total[c] = (total[c] as number) + g;
        total[c + stride] = (total[c + stride] as number) + g;
      }
    });
    this.conductanceKgPerS = Float64Array.from(surface.cell, (cell, n) => {
      const g =
        ((surface.inverseDepth[n] as number) * (here[cell] as number) * (surface.area[n] as number) * h * h) / h;
      total[cell] = (total[cell] as number) + g;
      return g;
    });
    let bound = LONGEST_STEP_S;
    this.eachCell((c) => {
      if ((total[c] as number) > 0) {
        bound = Math.min(bound, (STABILITY_SHARE * (this.waterKgPerM3[c] as number) * h ** 3) / (total[c] as number));
      }
    });
    this.boundS = bound;
  }

  /** Gives its memory back; nothing may be asked of it afterwards. */
  release(): void {
    this.arena.release();
  }

  private eachCell(visit: (cell: number) => void): void {
    const { runs } = this.body.unit.grid;
    for (let r = 0; r < runs.length; r += 2) {
      for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) visit(cell);
    }
  }

  /** Salted all through, as bought. @param percent by mass of the bird */
  fillEvenly(percent: number): void {
    const water = this.meatWaterKg();
    const inWater = ((percent / 100) * (this.body.massKg / this.copies)) / water;
    this.eachCell((cell) => {
      this.inWater[cell] = inWater;
      this.contentKgPerM3[cell] = inWater * (this.waterKgPerM3[cell] as number);
    });
  }

  /** Adds salt in one cell, kg. */
  addAt(cell: number, saltKg: number): void {
    this.contentKgPerM3[cell] = (this.contentKgPerM3[cell] as number) + saltKg / this.body.cellSizeM ** 3;
    this.readConcentrations();
  }

  /** How many of what is solved make the bird: two halves, or one whole. */
  get copies(): number {
    return this.body.unit.grid.mirrored ? 2 : 1;
  }

  /** Water in the solved part, kg. */
  meatWaterKg(): number {
    let sum = 0;
    this.eachCell((cell) => {
      sum += this.waterKgPerM3[cell] as number;
    });
    return sum * this.body.cellSizeM ** 3;
  }

  /** Salt in the solved part, kg. */
  saltKg(): number {
    let sum = 0;
    this.eachCell((cell) => {
      sum += this.contentKgPerM3[cell] as number;
    });
    return sum * this.body.cellSizeM ** 3;
  }

  private readConcentrations(): void {
    this.eachCell((cell) => {
      this.inWater[cell] = (this.contentKgPerM3[cell] as number) / (this.waterKgPerM3[cell] as number);
    });
  }

  /**
   * Goes on for a while.
   * @param outside kg salt per kg water at each surface cell at the start of each step; NaN where nothing is
   * @param took told after each step what went in at each surface cell, kg
   */
  advance(
    durationS: number,
    outside: (surfaceIndex: number) => number,
    took: (surfaceIndex: number, saltKg: number) => void,
  ): void {
    const { cell } = this.body.unit.surface;
    const steps = Math.max(1, Math.ceil(durationS / this.boundS));
    const stepS = durationS / steps;
    const volume = this.body.cellSizeM ** 3;
    for (let step = 0; step < steps; step++) {
      for (let n = 0; n < cell.length; n++) {
        const there = outside(n);
        if (Number.isNaN(there)) continue;
        const here = cell[n] as number;
        const inKg = (this.conductanceKgPerS[n] as number) * (there - (this.inWater[here] as number)) * stepS;
        this.contentKgPerM3[here] = (this.contentKgPerM3[here] as number) + inKg / volume;
        this.takenUpKg += inKg;
        took(n, inKg);
      }
      this.arena.conduct(this.contentKgPerM3, this.inWater, this.faces, this.lattice, stepS / volume);
      this.readConcentrations();
    }
  }

  shares(): SaltShares {
    const { unit, scale, massKg } = this.body;
    const { surface, grid, origin, cellM } = unit;
    const density = densitiesOf(grid.tissue);
    const percentAt = (point: Vec3 | undefined): number | undefined => {
      if (!point) return undefined;
      const stencil = straightStencil(this.body, point);
      return (100 * readAt(this.contentKgPerM3, stencil)) / readAt(density, stencil);
    };
    let outer = 0;
    let outerMass = 0;
    const depthM = SURFACE_M / scale;
    const inCavity = new Set<number>();
    surface.cell.forEach((cell, n) => {
      if (surface.region[n] === REGION.cavity) inCavity.add(cell);
    });
    this.eachCell((cell) => {
      const i = cell % grid.nx;
      const j = Math.floor(cell / grid.nx) % grid.ny;
      const k = Math.floor(cell / (grid.nx * grid.ny));
      const depth = -unit.shape.body.at(origin[0] + i * cellM, origin[1] + j * cellM, origin[2] + k * cellM);
      if (depth > depthM || inCavity.has(cell)) return;
      outer += this.contentKgPerM3[cell] as number;
      outerMass += density[cell] as number;
    });
    const breastCentre = percentAt(unit.centres.breast);
    const thighCentre = percentAt(unit.centres.thigh);
    return {
      whole: (100 * this.copies * this.saltKg()) / massKg,
      surfaceCm: (100 * outer) / outerMass,
      ...(breastCentre !== undefined && { breastCentre }),
      ...(thighCentre !== undefined && { thighCentre }),
    };
  }

  /** Takes the salt of the same bird on another grid. */
  takeOver(from: SaltField): void {
    this.contentKgPerM3.set(resampled(this.body, from.body, from.contentKgPerM3));
    // Resampling rounds; the amount is kept.
    const share = from.saltKg() * from.copies === 0 ? 0 : (from.saltKg() * from.copies) / (this.saltKg() * this.copies);
    this.eachCell((cell) => {
      this.contentKgPerM3[cell] = (this.contentKgPerM3[cell] as number) * share;
    });
    this.readConcentrations();
  }

  snapshot(): Float64Array {
    return this.contentKgPerM3.slice();
  }

  restore(content: Float64Array): void {
    this.contentKgPerM3.set(content);
    this.readConcentrations();
  }
}
