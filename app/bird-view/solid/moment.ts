import type { VolumeLattice } from "../../../core/bird/volume";
import { type BirdFrame, framesAround } from "../frames";
import type { Moment } from "./blocks";

/** A moment of the solid between two kept ones; null where none was kept. */
export function momentAt(frames: readonly BirdFrame[], minute: number, lattice: VolumeLattice): Moment | null {
  const around = framesAround(
    frames.flatMap((frame) => (frame.volume ? [{ minute: frame.minute, volume: frame.volume }] : [])),
    minute,
  );
  return around && { lattice, from: around.from.volume, to: around.to.volume, share: around.share };
}
