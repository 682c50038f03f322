/** What the shaders read, as the graphics processor wants it: blocks of bytes, and rows of colours. */
import { Data3DTexture, DataTexture, LinearFilter, RGFormat } from "three";
import type { Vec3 } from "../../../core/bird/sdf";
import { DISTANCE_CHANNELS } from "../../../core/bird/solidGeometry";
import { VOLUME_CHANNELS, type VolumeLattice } from "../../../core/bird/volume";

/** A moment between two kept ones. */
export interface Moment {
  readonly lattice: VolumeLattice;
  readonly from: Uint8Array;
  readonly to: Uint8Array;
  readonly share: number;
}

/** Two bytes a sample, read between them. */
export function blockOf(bytes: Uint8Array, [nx, ny, nz]: Vec3): Data3DTexture {
  const block = new Data3DTexture(bytes as Uint8Array<ArrayBuffer>, nx, ny, nz);
  block.format = RGFormat;
  block.minFilter = LinearFilter;
  block.magFilter = LinearFilter;
  block.unpackAlignment = 1;
  block.needsUpdate = true;
  return block;
}

export function rowOf(bytes: Uint8Array, filtered: boolean): DataTexture {
  const row = new DataTexture(bytes as Uint8Array<ArrayBuffer>, bytes.length / 4, 1);
  if (filtered) row.minFilter = row.magFilter = LinearFilter;
  row.needsUpdate = true;
  return row;
}

/** A channel without the steps that the voxels' own surface leaves in it: each known sample with its neighbours. */
export function smooth(bytes: Uint8Array, [nx, ny]: Vec3, channel: number): void {
  const before = bytes.slice();
  const steps = [1, -1, nx, -nx, nx * ny, -nx * ny].map((step) => VOLUME_CHANNELS * step);
  for (let n = channel; n < bytes.length; n += VOLUME_CHANNELS) {
    const own = before[n] as number;
    if (own === 0) continue;
    let sum = 2 * own;
    let count = 2;
    for (const step of steps) {
      const beside = before[n + step] ?? 0;
      if (beside === 0) continue;
      sum += beside;
      count++;
    }
    bytes[n] = sum / count;
  }
}

/** Meat's end and bone alone are drawn. */
export function twoChannels(bytes: Uint8Array): Uint8Array {
  const out = new Uint8Array((2 * bytes.length) / DISTANCE_CHANNELS);
  for (let n = 0; n < out.length / 2; n++) {
    out[2 * n] = bytes[DISTANCE_CHANNELS * n] as number;
    out[2 * n + 1] = bytes[DISTANCE_CHANNELS * n + 1] as number;
  }
  return out;
}
