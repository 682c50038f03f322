/**
 * The bird's heat over time: explicit finite volumes in enthalpy form, surfaces solved in series with the half cell.
 *
 * All arrays are owned here and allocated once; {@link HeatSolver.advance} allocates nothing.
 */
import type { HeatBody } from "../bird/body";
import { packed, unpack } from "../bird/grid";
import { requireBetween } from "../errors";
import { type Arena, type CellTables, newArena, packTables } from "./arena";
import { SurfaceExchange, type SurfaceState } from "./surface";
import type { Surroundings } from "./surroundings";
import {
  ADDED_TISSUES,
  enthalpyAt,
  type PropertyTables,
  placeOf,
  propertyTables,
  TISSUE_TABLE_BYTES,
  TISSUES,
  type Tissue,
} from "./tissue";

/** Everything needed to go on later from here: temperatures follow from what the cells hold. */
export interface Snapshot {
  /** Of the cells inside the solid, see {@link packed}. */
  readonly enthalpyJPerM3: Float64Array;
  readonly surface: SurfaceState;
}

/** Conductivities change slowly; the faces are rebuilt after this much simulated time. */
const REFRESH_S = 900;
const STABILITY_SHARE = 0.95;
/** Above this no ice is near: heat capacities change by a few per cent over the whole range. */
const STRAIGHT_ABOVE_C = 1;

let ofBirds: PropertyTables | undefined;
const birdProperties = (): PropertyTables => {
  ofBirds ??= propertyTables(TISSUES);
  return ofBirds;
};

export class HeatSolver {
  readonly temperatureC: Float64Array;
  readonly enthalpyJPerM3: Float64Array;
  readonly surface: SurfaceExchange;
  private readonly arena: Arena;
  private readonly faces: { x: Float64Array; y: Float64Array; z: Float64Array };
  private readonly conductivity: Float64Array;
  /** Where the straight line of {@link warm} starts, and its slope. */
  private readonly from: { temperatureC: Float64Array; enthalpy: Float64Array; perEnthalpy: Float64Array };
  /** Nothing is near its freezing point, so temperature goes straight with enthalpy for a while. */
  private straight = false;
  /** Scratch: all conductances of a cell together. */
  private readonly total: Float64Array;
  private readonly tissue: Uint8Array;
  private readonly runs: Int32Array;
  private readonly tables: CellTables;
  private readonly properties: PropertyTables;
  private readonly strideY: number;
  private readonly strideZ: number;
  private boundS = 0;
  private sinceRefreshS = Number.POSITIVE_INFINITY;
  /** Heat taken up through the surface since the start, J, this half of the bird. */
  heatInJ = 0;

  constructor(
    readonly body: HeatBody,
    private readonly tissues: readonly Tissue[] = TISSUES,
  ) {
    const { grid, surface } = body.unit;
    const size = grid.nx * grid.ny * grid.nz;
    this.arena = newArena(
      size * (8 * 10 + 1) +
        grid.runs.byteLength +
        SurfaceExchange.bytes(surface.cell.length) +
        this.tissues.length * TISSUE_TABLE_BYTES +
        4096,
    );
    this.temperatureC = this.arena.float64(size);
    this.enthalpyJPerM3 = this.arena.float64(size);
    this.faces = { x: this.arena.float64(size), y: this.arena.float64(size), z: this.arena.float64(size) };
    this.conductivity = this.arena.float64(size);
    this.from = {
      temperatureC: this.arena.float64(size),
      enthalpy: this.arena.float64(size),
      perEnthalpy: this.arena.float64(size),
    };
    this.total = this.arena.float64(size);
    this.tissue = this.arena.uint8(grid.tissue);
    this.runs = this.arena.int32(grid.runs);
    this.tables = packTables(this.arena, this.tissues);
    this.properties = this.tissues === TISSUES ? birdProperties() : propertyTables(this.tissues);
    this.strideY = grid.nx;
    this.strideZ = grid.nx * grid.ny;
    this.surface = new SurfaceExchange(this.arena, surface, body.cellSizeM);
  }

  /**
   * @param fillingC temperature of bread or aromatics in the cavity
   * @throws QuantityError for a start outside −30 to 95 °C
   */
  startAt(celsius: number, fillingC = celsius): void {
    requireBetween("start temperature", celsius, -30, 95, "°C");
    requireBetween("temperature of the filling", fillingC, -30, 95, "°C");
    const contents = this.tissues.map((tissue, n) =>
      enthalpyAt(tissue, ADDED_TISSUES.includes(n) ? fillingC : celsius),
    );
    this.forEachCell((cell) => {
      this.enthalpyJPerM3[cell] = contents[this.tissue[cell] as number] as number;
    });
    this.readTemperatures();
    this.surface.startAt(celsius);
    this.heatInJ = 0;
    this.sinceRefreshS = Number.POSITIVE_INFINITY;
  }

  /** Starts from another body's temperatures, cell by cell. */
  startFrom(temperatureC: ArrayLike<number>): void {
    this.forEachCell((cell) => {
      this.enthalpyJPerM3[cell] = enthalpyAt(
        this.tissues[this.tissue[cell] as number] as Tissue,
        temperatureC[cell] as number,
      );
    });
    this.readTemperatures();
    const { cell, frontC, skinC, vapourLostKgPerM2 } = this.surface.arrays;
    cell.forEach((here, n) => {
      frontC[n] = this.temperatureC[here] as number;
      skinC[n] = this.temperatureC[here] as number;
      vapourLostKgPerM2[n] = 0;
    });
    this.heatInJ = 0;
    this.sinceRefreshS = Number.POSITIVE_INFINITY;
  }

  /** Gives all cells of some tissues a temperature: a filling that is put in. */
  fill(tissues: readonly number[], celsius: number): void {
    this.forEachCell((cell) => {
      const kind = this.tissue[cell] as number;
      if (tissues.includes(kind)) this.enthalpyJPerM3[cell] = enthalpyAt(this.tissues[kind] as Tissue, celsius);
    });
    this.readTemperatures();
  }

  snapshot(): Snapshot {
    return {
      enthalpyJPerM3: packed(this.body.unit.grid, this.enthalpyJPerM3),
      surface: this.surface.snapshot(),
    };
  }

  restore(snapshot: Snapshot): void {
    unpack(this.body.unit.grid, snapshot.enthalpyJPerM3, this.enthalpyJPerM3);
    this.readTemperatures();
    this.surface.restore(snapshot.surface);
    this.sinceRefreshS = Number.POSITIVE_INFINITY;
  }

  /** Goes on for `durationS`, in equal steps no longer than stability allows. */
  advance(durationS: number, surroundings: Surroundings): void {
    if (this.sinceRefreshS >= REFRESH_S) this.refreshFaces();
    const steps = Math.max(1, Math.ceil(durationS / this.boundS));
    const stepS = durationS / steps;
    const factor = stepS / this.body.cellSizeM ** 3;
    this.surface.prepare(surroundings);
    if (this.straight) {
      this.arena.mark(this.from.temperatureC, this.temperatureC, this.runs);
      this.arena.mark(this.from.enthalpy, this.enthalpyJPerM3, this.runs);
    }
    for (let n = 0; n < steps; n++) {
      this.heatInJ += this.surface.exchange(this.enthalpyJPerM3, this.temperatureC, stepS);
      this.arena.conduct(
        this.enthalpyJPerM3,
        this.temperatureC,
        this.faces,
        this.runs,
        this.strideY,
        this.strideZ,
        factor,
      );
      // The tables have the last word at the end of every stretch, so the straight line never drifts.
      if (this.straight && n < steps - 1) this.warm();
      else this.readTemperatures();
    }
    this.sinceRefreshS += durationS;
  }

  /** Gives its memory back; nothing may be asked of it afterwards. */
  release(): void {
    this.arena.release();
  }

  /** Heat in this half of the bird above 0 °C, J. */
  heatJ(): number {
    let sum = 0;
    this.forEachCell((cell) => {
      sum += this.enthalpyJPerM3[cell] as number;
    });
    return sum * this.body.cellSizeM ** 3;
  }

  /** The coldest cell: its index and temperature. */
  coldest(): { cell: number; celsius: number } {
    const cell = this.arena.coldest(this.temperatureC, this.runs);
    return { cell, celsius: this.temperatureC[cell] ?? Number.NaN };
  }

  private warm(): void {
    const { temperatureC, enthalpy, perEnthalpy } = this.from;
    this.arena.warm(this.temperatureC, this.enthalpyJPerM3, temperatureC, enthalpy, perEnthalpy, this.runs);
  }

  private readTemperatures(): void {
    this.arena.temperatures(this.temperatureC, this.enthalpyJPerM3, this.tissue, this.tables, this.runs);
  }

  private forEachCell(visit: (cell: number) => void): void {
    const { runs } = this;
    for (let r = 0; r < runs.length; r += 2) {
      for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) visit(cell);
    }
  }

  /** Conductances of all faces at today's temperatures (two half cells in series), and the stable step. */
  private refreshFaces(): void {
    const { conductivity, tissue, total, runs, temperatureC } = this;
    const { size: tableSize, perHeatKPerJ, conductivityWPerMK, leastHeatJPerM3K } = this.properties;
    const size = this.body.cellSizeM;
    const { perEnthalpy } = this.from;
    let coldest = Number.POSITIVE_INFINITY;
    for (let r = 0; r < runs.length; r += 2) {
      const end = runs[r + 1] as number;
      for (let c = runs[r] as number; c < end; c++) {
        const celsius = temperatureC[c] as number;
        if (celsius < coldest) coldest = celsius;
        const at = (tissue[c] as number) * tableSize + placeOf(celsius);
        perEnthalpy[c] = perHeatKPerJ[at] as number;
        conductivity[c] = conductivityWPerMK[at] as number;
      }
    }
    this.straight = coldest > STRAIGHT_ABOVE_C;
    this.arena.joinCells(conductivity, this.faces, total, runs, this.strideY, this.strideZ, 2 * size);
    this.surface.refresh(conductivity, total);
    let bound = Number.POSITIVE_INFINITY;
    for (let r = 0; r < runs.length; r += 2) {
      const end = runs[r + 1] as number;
      for (let c = runs[r] as number; c < end; c++) {
        const at = (tissue[c] as number) * tableSize + placeOf(temperatureC[c] as number);
        const seconds = (leastHeatJPerM3K[at] as number) / (total[c] as number);
        if (seconds < bound) bound = seconds;
      }
    }
    this.boundS = STABILITY_SHARE * bound * size ** 3;
    this.sinceRefreshS = 0;
  }
}
