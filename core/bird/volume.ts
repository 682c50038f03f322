/** A bird's voxels as a block of bytes for three-dimensional pictures: temperature and browning, a moment each. */
import type { UnitBody } from "./body";
import { OUTSIDE } from "./grid";
import type { Vec3 } from "./sdf";

/** Where the samples of a block lie; x runs fastest. */
export interface VolumeLattice {
  readonly size: Vec3;
  /** Of sample (0, 0, 0), metres of the reference bird. */
  readonly origin: Vec3;
  readonly stepM: number;
  /** Holds x ≥ 0 alone; the other side is its mirror image. */
  readonly mirrored: boolean;
}

/** Two bytes a sample: temperature, then browning. */
export const VOLUME_CHANNELS = 2;
/** Temperatures that a byte holds, °C, and the browning at its upper end (1 is golden). */
export const VOLUME_LOW_C = -20;
export const VOLUME_HIGH_C = 110;
export const VOLUME_MOST_BROWNING = 4;

const byteOf = (share: number): number => (share <= 0 ? 0 : share >= 1 ? 255 : (255 * share + 0.5) | 0);
const byteC = (byte: number): number => VOLUME_LOW_C + (byte / 255) * (VOLUME_HIGH_C - VOLUME_LOW_C);
export const volumeByte = (celsius: number): number =>
  byteOf((celsius - VOLUME_LOW_C) / (VOLUME_HIGH_C - VOLUME_LOW_C));

/** Samples so far beside the meat carry its value: pictures read between samples. */
const CARRIED_CELLS = 3;

/** Samples that show something, and what: a cell's temperature, a surface cell's browning. */
interface Shown {
  readonly samples: Int32Array;
  readonly of: Int32Array;
}
interface Carried {
  readonly cell: Shown;
  readonly skin: Shown;
}

const shownBy = (from: Int32Array): Shown => {
  const samples = Int32Array.from(from.keys()).filter((n) => (from[n] as number) >= 0);
  return { samples, of: samples.map((n) => from[n] as number) };
};

const carriers = new WeakMap<UnitBody, Carried>();

/** Spreads what is known to neighbours that know nothing, so many cells far. */
function carried(known: Int32Array, [nx, ny]: Vec3, cells: number): Int32Array {
  const steps = [1, -1, nx, -nx, nx * ny, -nx * ny];
  let frontier = [...known.keys()].filter((n) => (known[n] as number) >= 0);
  for (let pass = 0; pass < cells; pass++) {
    const next: number[] = [];
    for (const n of frontier) {
      for (const step of steps) {
        const to = n + step;
        if (to < 0 || to >= known.length || (known[to] as number) >= 0) continue;
        known[to] = known[n] as number;
        next.push(to);
      }
    }
    frontier = next;
  }
  return known;
}

function carriedOf(unit: UnitBody): Carried {
  const known = carriers.get(unit);
  if (known) return known;
  const { grid, surface } = unit;
  const size: Vec3 = [grid.nx, grid.ny, grid.nz];
  const cell = Int32Array.from(grid.tissue, (tissue, n) => (tissue === OUTSIDE ? -1 : n));
  const skin = new Int32Array(grid.tissue.length).fill(-1);
  surface.cell.forEach((at, n) => {
    skin[at] = n;
  });
  // The padding of a half is its mirror image, and is reached as any neighbour.
  const made = {
    cell: shownBy(carried(cell, size, CARRIED_CELLS)),
    skin: shownBy(carried(skin, size, CARRIED_CELLS)),
  };
  carriers.set(unit, made);
  return made;
}

export const volumeLattice = ({ grid, origin, cellM }: UnitBody): VolumeLattice => ({
  size: [grid.nx, grid.ny, grid.nz],
  origin,
  stepM: cellM,
  mirrored: grid.mirrored,
});

/** One sample: a block that is the same all through. */
export const volumeSample = (celsius: number, browning: number): Uint8Array =>
  Uint8Array.of(volumeByte(celsius), byteOf(browning / VOLUME_MOST_BROWNING));

/** @param browning of each surface cell; nothing has browned where it is left out */
export function volumeOf(unit: UnitBody, temperatureC: ArrayLike<number>, browning?: ArrayLike<number>): Uint8Array {
  const { cell, skin } = carriedOf(unit);
  const out = new Uint8Array(VOLUME_CHANNELS * unit.grid.tissue.length);
  for (let n = 0; n < cell.samples.length; n++) {
    out[VOLUME_CHANNELS * (cell.samples[n] as number)] = volumeByte(temperatureC[cell.of[n] as number] as number);
  }
  if (!browning) return out;
  for (let n = 0; n < skin.samples.length; n++) {
    const share = (browning[skin.of[n] as number] as number) / VOLUME_MOST_BROWNING;
    out[VOLUME_CHANNELS * (skin.samples[n] as number) + 1] = byteOf(share);
  }
  return out;
}

/** A field of bytes between its samples; beside them what is at their edge. @param channel of so many */
export function readBytes(
  { size: [nx, ny, nz], origin, stepM, mirrored }: VolumeLattice,
  bytes: Uint8Array,
  [x, y, z]: Vec3,
  channel: number,
  channels: number,
): number {
  const within = (value: number, count: number): number => Math.min(count - 1.001, Math.max(0, value / stepM));
  const u = within((mirrored ? Math.abs(x) : x) - origin[0], nx);
  const v = within(y - origin[1], ny);
  const w = within(z - origin[2], nz);
  let sum = 0;
  for (let corner = 0; corner < 8; corner++) {
    const i = Math.floor(u) + (corner & 1);
    const j = Math.floor(v) + ((corner >> 1) & 1);
    const k = Math.floor(w) + (corner >> 2);
    const share = (1 - Math.abs(u - i)) * (1 - Math.abs(v - j)) * (1 - Math.abs(w - k));
    sum += share * (bytes[channels * (i + nx * (j + ny * k)) + channel] as number);
  }
  return sum;
}

/** Temperature of a volume at a point, °C. */
export const volumeC = (lattice: VolumeLattice, volume: Uint8Array, point: Vec3): number =>
  byteC(readBytes(lattice, volume, point, 0, VOLUME_CHANNELS));
