import type { VolumeLattice } from "../../../core/bird/volume";
import type { BirdFrame } from "../BirdView";
import type { Moment } from "./scene";

/** The kept frames around a moment, with the share between them. */
export function momentAt(frames: readonly BirdFrame[], minute: number, lattice: VolumeLattice): Moment | null {
  const known = frames.filter(({ volume }) => volume);
  const after = known.findIndex((frame) => frame.minute >= minute);
  const to = known[after < 0 ? known.length - 1 : after];
  const from = known[Math.max(0, after < 0 ? known.length - 1 : after - 1)];
  if (!to?.volume || !from?.volume) return null;
  const span = to.minute - from.minute;
  const share = span > 0 ? Math.min(1, Math.max(0, (minute - from.minute) / span)) : 0;
  return { lattice, from: from.volume, to: to.volume, share };
}
