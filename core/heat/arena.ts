/**
 * Where the solver's arrays live and which kernel runs over them: WebAssembly where a shell has installed the
 * compiled module, the TypeScript reference otherwise. Both give the same numbers to rounding (tested).
 */
import type { VoxelGrid } from "../bird/grid";
import { compiledKernel, kernelOver, PAGE_BYTES } from "../compiled";
import { exchange, type SurfaceArrays, takeUp } from "./exchange";
import { coldest, conduct, furthest, joinCells, type Lattice, mark, settle, spread } from "./kernel";
import { DRIVE_LOW_C, DRIVE_STEPS_PER_K } from "./moistAir";
import type { Tissue } from "./tissue";

export interface CellTables {
  readonly tables: Float64Array;
  readonly tableSize: number;
  readonly lows: Float64Array;
  readonly inverseSteps: Float64Array;
}

/** Allocates once and frees all at once with the arena itself. */
export interface Arena {
  float64(length: number): Float64Array;
  int32(values: Int32Array): Int32Array;
  uint8(values: Uint8Array): Uint8Array;
  conduct: typeof conduct;
  joinCells: typeof joinCells;
  exchange: typeof exchange;
  takeUp: typeof takeUp;
  spread: typeof spread;
  settle: typeof settle;
  mark: typeof mark;
  furthest: typeof furthest;
  coldest: typeof coldest;
  /** Gives its memory back to be used again: none of its arrays may be touched afterwards. */
  release(): void;
  /** temperature[c] from content[c] over the runs, by the inverse table of each cell's tissue. */
  temperatures(
    temperature: Float64Array,
    content: Float64Array,
    tissue: Uint8Array,
    tables: CellTables,
    runs: Int32Array,
  ): void;
}

type Box = Pick<VoxelGrid, "runs" | "nx" | "ny" | "nz">;

/** Bytes of arena that {@link latticeIn} takes. */
export const latticeBytes = ({ runs, nz }: Box): number => runs.byteLength + 4 * (nz + 1) + 32;

/** The cells of a grid, for the kernel. */
export function latticeIn(arena: Pick<Arena, "int32">, { runs, nx, ny, nz }: Box): Lattice {
  const strideZ = nx * ny;
  const layers = new Int32Array(nz + 1);
  let r = 0;
  for (let k = 0; k <= nz; k++) {
    while (r < runs.length && (runs[r] as number) < k * strideZ) r += 2;
    layers[k] = r;
  }
  return { runs: arena.int32(runs), layers: arena.int32(layers), strideY: nx, strideZ };
}

/** The inverse tables of all tissues, packed one after the other. */
export function packTables(arena: Pick<Arena, "float64">, tissues: readonly Tissue[]): CellTables {
  const tableSize = (tissues[0] as Tissue).temperatureC.length;
  const tables = arena.float64(tableSize * tissues.length);
  const lows = arena.float64(tissues.length);
  const inverseSteps = arena.float64(tissues.length);
  tissues.forEach((tissue, n) => {
    tables.set(tissue.temperatureC, n * tableSize);
    lows[n] = tissue.enthalpyLowJPerM3;
    inverseSteps[n] = tissue.inverseStepPerJ;
  });
  return { tables, tableSize, lows, inverseSteps };
}

function temperatures(
  temperature: Float64Array,
  content: Float64Array,
  tissue: Uint8Array,
  { tables, tableSize, lows, inverseSteps }: CellTables,
  runs: Int32Array,
): void {
  const top = tableSize - 1.000001;
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      const kind = tissue[c] as number;
      const raw = ((content[c] as number) - (lows[kind] as number)) * (inverseSteps[kind] as number);
      const place = Math.min(Math.max(raw, 0), top);
      const n = Math.floor(place);
      const share = place - n;
      const entry = kind * tableSize + n;
      temperature[c] = (tables[entry] as number) * (1 - share) + (tables[entry + 1] as number) * share;
    }
  }
}

/** The reference: plain arrays, plain loops. */
export function referenceArena(): Arena {
  return {
    float64: (length) => new Float64Array(length),
    int32: (values) => values,
    uint8: (values) => values,
    conduct,
    joinCells,
    exchange,
    takeUp,
    spread,
    settle,
    mark,
    furthest,
    coldest,
    temperatures,
    release: () => undefined,
  };
}

interface KernelExports {
  conduct(...addresses: number[]): void;
  joinCells(...addresses: number[]): void;
  exchange(...addresses: number[]): void;
  takeUp(...addresses: number[]): number;
  temperatures(...addresses: number[]): void;
  spread(...addresses: number[]): number;
  settle(...addresses: number[]): void;
  mark(...addresses: number[]): void;
  furthest(...addresses: number[]): number;
  coldest(...addresses: number[]): number;
}

/** A memory with the kernel that runs over it. A browser reserves gigabytes of addresses for each: they are few, and used again. */
interface KernelMemory {
  readonly module: WebAssembly.Module;
  readonly memory: WebAssembly.Memory;
  readonly kernel: KernelExports;
}

let made = 0;
/** How many memories have been asked of the machine so far: what a test holds flat. */
export const kernelMemoriesMade = (): number => made;

const pagesFor = (bytes: number): number => Math.ceil(bytes / PAGE_BYTES) + 1;

function newMemory(module: WebAssembly.Module, bytes: number): KernelMemory {
  const memory = new WebAssembly.Memory({ initial: pagesFor(bytes) });
  made++;
  return { module, memory, kernel: kernelOver<KernelExports>(module, memory) };
}

/** Memories that nobody uses now. */
let free: KernelMemory[] = [];

/** One that is free, grown where it is too small (nobody holds a view of it); a new one only where none is free. */
function takeMemory(module: WebAssembly.Module, bytes: number): KernelMemory {
  // Of a module that is not installed any more, nothing is kept.
  free = free.filter((each) => each.module === module);
  const bySize = [...free].sort((a, b) => a.memory.buffer.byteLength - b.memory.buffer.byteLength);
  const taken = bySize.find(({ memory }) => memory.buffer.byteLength >= pagesFor(bytes) * PAGE_BYTES) ?? bySize.at(-1);
  if (!taken) return newMemory(module, bytes);
  free = free.filter((each) => each !== taken);
  const missing = pagesFor(bytes) - taken.memory.buffer.byteLength / PAGE_BYTES;
  if (missing > 0) taken.memory.grow(missing);
  return taken;
}

/** What was taken since a scope was opened and has not been given back. */
let scope: Set<Arena> | null = null;

/**
 * From now on, until it is ended, every memory that is taken is known, and given back at the end by whoever forgot to:
 * a job that was cancelled, or one whose bird nobody asks for any more. One at a time.
 */
export function openKernelScope(): () => void {
  const opened = new Set<Arena>();
  scope = opened;
  return () => {
    for (const arena of opened) arena.release();
    if (scope === opened) scope = null;
  };
}

function wasmArena(module: WebAssembly.Module, bytes: number): Arena {
  const held = takeMemory(module, bytes);
  const { memory } = held;
  const { joinCells: join, takeUp: heat, settle: close, spread: even } = held.kernel;
  const { conduct: run, exchange: pass, temperatures: read, mark: copy, furthest: apart, coldest: least } = held.kernel;
  let top = 1024;
  let isHeld = true;
  const take = (size: number): number => {
    const start = top;
    top = (start + size + 15) & ~15;
    if (top > memory.buffer.byteLength)
      throw new RangeError(`kernel memory: ${top} bytes asked of ${memory.buffer.byteLength}`);
    return start;
  };
  const arena: Arena = {
    // Used again: what stood there before is wiped out.
    float64: (length) => new Float64Array(memory.buffer, take(length * 8), length).fill(0),
    int32: (values) => {
      const copy = new Int32Array(memory.buffer, take(values.byteLength), values.length);
      copy.set(values);
      return copy;
    },
    uint8: (values) => {
      const copy = new Uint8Array(memory.buffer, take(values.byteLength), values.length);
      copy.set(values);
      return copy;
    },
    conduct: (content, potential, faces, { runs, strideY, strideZ }, factor) =>
      run(
        content.byteOffset,
        potential.byteOffset,
        faces.x.byteOffset,
        faces.y.byteOffset,
        faces.z.byteOffset,
        runs.byteOffset,
        runs.length,
        strideY,
        strideZ,
        factor,
      ),
    joinCells: (conductivity, faces, total, { runs, strideY, strideZ }, twiceSizeM) =>
      join(
        conductivity.byteOffset,
        faces.x.byteOffset,
        faces.y.byteOffset,
        faces.z.byteOffset,
        total.byteOffset,
        runs.byteOffset,
        runs.length,
        strideY,
        strideZ,
        twiceSizeM,
      ),
    exchange: (temperature, surface: SurfaceArrays, inflow, drive, parameters, stepS) =>
      pass(
        temperature.byteOffset,
        surface.cell.byteOffset,
        surface.areaM2.byteOffset,
        surface.inner.byteOffset,
        surface.open.byteOffset,
        surface.pan.byteOffset,
        surface.hot.byteOffset,
        surface.region.byteOffset,
        surface.frontC.byteOffset,
        surface.skinC.byteOffset,
        surface.vapourLostKgPerM2.byteOffset,
        inflow.atZeroW.byteOffset,
        inflow.lessWPerK.byteOffset,
        surface.cell.length,
        drive.byteOffset,
        drive.length,
        DRIVE_LOW_C,
        DRIVE_STEPS_PER_K,
        parameters.byteOffset,
        stepS,
      ),
    takeUp: (enthalpy, temperature, cell, inflow, seconds, cellSizeM) =>
      heat(
        enthalpy.byteOffset,
        temperature.byteOffset,
        cell.byteOffset,
        inflow.atZeroW.byteOffset,
        inflow.lessWPerK.byteOffset,
        cell.length,
        seconds,
        cellSizeM,
      ),
    spread: (now, other, perContent, inflow, faces, { runs, layers, strideY, strideZ }, factor, steps) =>
      even(
        now.byteOffset,
        other.byteOffset,
        perContent.byteOffset,
        inflow.atZeroW.byteOffset,
        inflow.lessWPerK.byteOffset,
        faces.x.byteOffset,
        faces.y.byteOffset,
        faces.z.byteOffset,
        runs.byteOffset,
        layers.byteOffset,
        layers.length - 1,
        strideY,
        strideZ,
        factor,
        steps,
      ),
    settle: (content, to, from, perContent, runs) =>
      close(content.byteOffset, to.byteOffset, from.byteOffset, perContent.byteOffset, runs.byteOffset, runs.length),
    furthest: (one, other, runs) => apart(one.byteOffset, other.byteOffset, runs.byteOffset, runs.length),
    coldest: (temperature, runs) => least(temperature.byteOffset, runs.byteOffset, runs.length),
    mark: (to, from, runs) => copy(to.byteOffset, from.byteOffset, runs.byteOffset, runs.length),
    temperatures: (temperature, content, tissue, { tables, tableSize, lows, inverseSteps }, runs) =>
      read(
        temperature.byteOffset,
        content.byteOffset,
        tissue.byteOffset,
        tables.byteOffset,
        tableSize,
        lows.byteOffset,
        inverseSteps.byteOffset,
        runs.byteOffset,
        runs.length,
      ),
    release: () => {
      if (!isHeld) return;
      isHeld = false;
      scope?.delete(arena);
      free.push(held);
    },
  };
  scope?.add(arena);
  return arena;
}

/** A new arena of at least `bytes` of arrays. */
export function newArena(bytes: number): Arena {
  const module = compiledKernel();
  return module ? wasmArena(module, bytes) : referenceArena();
}
