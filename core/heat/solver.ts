/**
 * The bird's heat over time: explicit finite volumes in enthalpy form, surfaces solved in series with the half cell.
 *
 * All arrays are owned here and allocated once; {@link HeatSolver.advance} allocates nothing.
 */
import type { HeatBody } from "../bird/body";
import { kindsIn, OUTSIDE, packed, unpack } from "../bird/grid";
import { requireBetween } from "../errors";
import { Recent } from "../recent";
import { type Arena, type CellTables, latticeBytes, latticeIn, newArena, packTables } from "./arena";
import type { FaceConductances, Lattice } from "./kernel";
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

/**
 * Conductivities, and how temperatures go with what cells hold, are taken anew when a cell has changed by this much, or
 * after this much simulated time; near ice, where they change fast, by time alone. Chosen: with these and
 * {@link BALANCE_S} centres stay within 0.25 K of all found anew each step (`solver.test.ts`).
 */
const REFRESH_K = 10;
const REFRESH_S = 900;
const REFRESH_NEAR_ICE_S = 120;
const STABILITY_SHARE = 0.95;
/**
 * The balance at the skin is found anew this often; in between it goes with the temperature of the meat. After anything
 * that changes at once fronts move fast, and it is found as often as cells are stepped. Chosen: through a hot oven
 * and a rest centres stay within 0.15 K of a balance each step (`solver.test.ts`).
 */
const BALANCE_S = 120;
const BALANCE_SHARE_OF_STEADY = 1 / 20;
/** Above this no ice is near: heat capacities change by a few per cent over the whole range. */
const STRAIGHT_ABOVE_C = 1;

/** By the kinds of tissue: most birds are of the same few. */
const ofBirds = new Recent<PropertyTables>(8);

export class HeatSolver {
  readonly surface: SurfaceExchange;
  private readonly arena: Arena;
  private nowC: Float64Array;
  private readonly heldJPerM3: Float64Array;
  /** While temperatures alone are stepped, what cells hold stays behind, as it was at {@link settledC}. */
  private isBehind = false;
  private readonly faces: FaceConductances;
  private readonly conductivity: Float64Array;
  private readonly settledC: Float64Array;
  /** Steps go forth and back between this and those of now; between two stretches it is free. */
  private otherC: Float64Array;
  /** How temperature goes with enthalpy while it goes straight, K per J/m³. */
  private readonly perEnthalpy: Float64Array;
  /** Nothing is near its freezing point, so temperature goes straight with enthalpy for a while. */
  private straight = false;
  /** Scratch: all conductances of a cell together. */
  private readonly total: Float64Array;
  /** Of each cell, its place among `kinds`. */
  private readonly tissue: Uint8Array;
  /** What this body is made of, as its grid names it, and as material. */
  private readonly kinds: readonly number[];
  private readonly tissues: readonly Tissue[];
  private readonly lattice: Lattice;
  private readonly tables: CellTables;
  private readonly properties: PropertyTables;
  private boundS = 0;
  /** For how long it has met much the same. */
  private steadyS = 0;
  private sinceRefreshS = Number.POSITIVE_INFINITY;
  /** Heat taken up through the surface since the start, J, this half of the bird. */
  heatInJ = 0;

  /** @param materials what the kinds of tissue in a grid stand for */
  constructor(
    readonly body: HeatBody,
    materials: readonly Tissue[] = TISSUES,
  ) {
    const { grid, surface } = body.unit;
    // Tables of what a bird does not hold would be made and copied for nothing.
    this.kinds = kindsIn(grid);
    this.tissues = this.kinds.map((kind) => materials[kind] as Tissue);
    const size = grid.nx * grid.ny * grid.nz;
    this.arena = newArena(
      size * (8 * 10 + 1) +
        latticeBytes(grid) +
        SurfaceExchange.bytes(surface.cell.length, size) +
        this.tissues.length * TISSUE_TABLE_BYTES +
        4096,
    );
    this.nowC = this.arena.float64(size);
    this.heldJPerM3 = this.arena.float64(size);
    this.faces = { x: this.arena.float64(size), y: this.arena.float64(size), z: this.arena.float64(size) };
    this.conductivity = this.arena.float64(size);
    this.settledC = this.arena.float64(size);
    this.otherC = this.arena.float64(size);
    this.perEnthalpy = this.arena.float64(size);
    this.total = this.arena.float64(size);
    const places = new Uint8Array(OUTSIDE + 1);
    this.kinds.forEach((kind, place) => {
      places[kind] = place;
    });
    this.tissue = this.arena.uint8(grid.tissue.map((kind) => places[kind] as number));
    this.lattice = latticeIn(this.arena, grid);
    this.tables = packTables(this.arena, this.tissues);
    const properties = (): PropertyTables => propertyTables(this.tissues);
    this.properties = materials === TISSUES ? ofBirds.get(this.kinds.join(), properties) : properties();
    this.surface = new SurfaceExchange(this.arena, surface, body.cellSizeM, size);
  }

  /** Of all cells, until it goes on: another array then. */
  get temperatureC(): Float64Array {
    return this.nowC;
  }

  get enthalpyJPerM3(): Float64Array {
    this.settle();
    return this.heldJPerM3;
  }

  /**
   * @param fillingC temperature of bread or aromatics in the cavity
   * @throws QuantityError for a start outside −30 to 95 °C
   */
  startAt(celsius: number, fillingC = celsius): void {
    requireBetween("start temperature", celsius, -30, 95, "°C");
    requireBetween("temperature of the filling", fillingC, -30, 95, "°C");
    const contents = this.tissues.map((tissue, n) =>
      enthalpyAt(tissue, ADDED_TISSUES.includes(this.kinds[n] as number) ? fillingC : celsius),
    );
    this.forEachCell((cell) => {
      this.heldJPerM3[cell] = contents[this.tissue[cell] as number] as number;
    });
    this.readTemperatures();
    this.surface.startAt(celsius);
    this.heatInJ = 0;
    this.sinceRefreshS = Number.POSITIVE_INFINITY;
  }

  /** Starts from another body's temperatures, cell by cell. */
  startFrom(temperatureC: ArrayLike<number>): void {
    this.forEachCell((cell) => {
      this.heldJPerM3[cell] = enthalpyAt(
        this.tissues[this.tissue[cell] as number] as Tissue,
        temperatureC[cell] as number,
      );
    });
    this.readTemperatures();
    this.surface.startFrom(this.nowC);
    this.heatInJ = 0;
    this.sinceRefreshS = Number.POSITIVE_INFINITY;
  }

  /** Gives all cells of some tissues a temperature: a filling that is put in. */
  fill(filled: readonly number[], celsius: number): void {
    this.settle();
    this.forEachCell((cell) => {
      const place = this.tissue[cell] as number;
      if (!filled.includes(this.kinds[place] as number)) return;
      this.heldJPerM3[cell] = enthalpyAt(this.tissues[place] as Tissue, celsius);
    });
    this.readTemperatures();
    this.sinceRefreshS = Number.POSITIVE_INFINITY;
  }

  snapshot(): Snapshot {
    return {
      enthalpyJPerM3: packed(this.body.unit.grid, this.enthalpyJPerM3),
      surface: this.surface.snapshot(),
    };
  }

  restore(snapshot: Snapshot): void {
    unpack(this.body.unit.grid, snapshot.enthalpyJPerM3, this.heldJPerM3);
    this.readTemperatures();
    this.surface.restore(snapshot.surface);
    this.sinceRefreshS = Number.POSITIVE_INFINITY;
  }

  /** Goes on for `durationS`, in equal steps no longer than stability allows. */
  advance(durationS: number, surroundings: Surroundings): void {
    if (this.isStale()) this.refreshFaces();
    this.surface.prepare(surroundings);
    if (this.surface.isMetAnew()) this.steadyS = 0;
    const balances = Math.ceil(durationS / this.balanceS());
    const balanceS = durationS / balances;
    const steps = Math.ceil(balanceS / this.boundS);
    if (this.straight) this.goStraight(balances, steps, balanceS / steps);
    else this.goByTables(balances, steps, balanceS / steps);
    this.sinceRefreshS += durationS;
    this.steadyS += durationS;
  }

  /** Whether cells have changed too much since their conductivities were taken. */
  private isStale(): boolean {
    if (this.sinceRefreshS >= (this.straight ? REFRESH_S : REFRESH_NEAR_ICE_S)) return true;
    return this.isBehind && this.arena.furthest(this.nowC, this.settledC, this.lattice.runs) > REFRESH_K;
  }

  private goByTables(balances: number, steps: number, stepS: number): void {
    const { arena, surface, nowC, heldJPerM3 } = this;
    const factor = stepS / this.body.cellSizeM ** 3;
    for (let n = 0; n < balances * steps; n++) {
      if (n % steps === 0) surface.exchange(nowC, steps * stepS);
      arena.conduct(heldJPerM3, nowC, this.faces, this.lattice, factor);
      this.heatInJ += surface.takeUp(heldJPerM3, nowC, stepS);
      this.readTemperatures();
    }
  }

  /** Temperatures alone are stepped, forth and back between two arrays; what cells hold follows when it is asked for. */
  private goStraight(balances: number, steps: number, stepS: number): void {
    const { arena, surface, perEnthalpy, faces, lattice } = this;
    const factor = stepS / this.body.cellSizeM ** 3;
    if (!this.isBehind) arena.mark(this.settledC, this.nowC, lattice.runs);
    this.isBehind = true;
    for (let n = 0; n < balances; n++) {
      const { nowC, otherC } = this;
      surface.exchange(nowC, steps * stepS);
      this.heatInJ += stepS * arena.spread(nowC, otherC, perEnthalpy, surface.inflow, faces, lattice, factor, steps);
      if (steps % 2 === 1) [this.nowC, this.otherC] = [otherC, nowC];
    }
  }

  /** What cells hold comes up to their temperatures, which stay as they are. */
  private settle(): void {
    if (!this.isBehind) return;
    this.arena.settle(this.heldJPerM3, this.nowC, this.settledC, this.perEnthalpy, this.lattice.runs);
    this.isBehind = false;
  }

  private balanceS(): number {
    return Math.max(this.boundS, Math.min(BALANCE_S, this.steadyS * BALANCE_SHARE_OF_STEADY));
  }

  /** Gives its memory back; nothing may be asked of it afterwards. */
  release(): void {
    this.arena.release();
  }

  /** Heat in this half of the bird above 0 °C, J. */
  heatJ(): number {
    const { enthalpyJPerM3 } = this;
    let sum = 0;
    this.forEachCell((cell) => {
      sum += enthalpyJPerM3[cell] as number;
    });
    return sum * this.body.cellSizeM ** 3;
  }

  /** The coldest cell: its index and temperature. */
  coldest(): { cell: number; celsius: number } {
    const cell = this.arena.coldest(this.nowC, this.lattice.runs);
    return { cell, celsius: this.nowC[cell] ?? Number.NaN };
  }

  /** From what cells hold, which is up to date then. */
  private readTemperatures(): void {
    this.isBehind = false;
    this.arena.temperatures(this.nowC, this.heldJPerM3, this.tissue, this.tables, this.lattice.runs);
  }

  private forEachCell(visit: (cell: number) => void): void {
    const { runs } = this.lattice;
    for (let r = 0; r < runs.length; r += 2) {
      for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) visit(cell);
    }
  }

  /** Conductances of all faces at today's temperatures (two half cells in series), and the stable step. */
  private refreshFaces(): void {
    if (this.isBehind) {
      this.settle();
      this.readTemperatures();
    }
    const { conductivity, perEnthalpy, tissue, total, lattice, nowC } = this;
    const { runs } = lattice;
    const { size: tableSize, perHeatKPerJ, conductivityWPerMK, leastHeatJPerM3K } = this.properties;
    const size = this.body.cellSizeM;
    const leastHeat = this.otherC;
    let coldest = Number.POSITIVE_INFINITY;
    for (let r = 0; r < runs.length; r += 2) {
      const end = runs[r + 1] as number;
      for (let c = runs[r] as number; c < end; c++) {
        const celsius = nowC[c] as number;
        if (celsius < coldest) coldest = celsius;
        const at = (tissue[c] as number) * tableSize + placeOf(celsius);
        perEnthalpy[c] = perHeatKPerJ[at] as number;
        conductivity[c] = conductivityWPerMK[at] as number;
        leastHeat[c] = leastHeatJPerM3K[at] as number;
      }
    }
    this.straight = coldest > STRAIGHT_ABOVE_C;
    this.arena.joinCells(conductivity, this.faces, total, lattice, 2 * size);
    this.surface.refresh(conductivity, total);
    let bound = Number.POSITIVE_INFINITY;
    for (let r = 0; r < runs.length; r += 2) {
      const end = runs[r + 1] as number;
      for (let c = runs[r] as number; c < end; c++) {
        const seconds = (leastHeat[c] as number) / (total[c] as number);
        if (seconds < bound) bound = seconds;
      }
    }
    this.boundS = STABILITY_SHARE * bound * size ** 3;
    this.sinceRefreshS = 0;
  }
}
