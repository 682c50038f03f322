import type { Vec3 } from "../../core/bird/sdf";

/** A moment of the bird: a field on each of its sections. */
export interface BirdFrame {
  readonly minute: number;
  /** The whole of it, see `core/bird/volume.ts`. */
  readonly volume?: Uint8Array;
  readonly sections: readonly Float32Array[];
  readonly coldestAt?: Vec3 | undefined;
}

/** The kept frames around a moment, in the order of time, and how far it is from the one to the other; null of none. */
export function framesAround<Frame extends { readonly minute: number }>(
  frames: readonly Frame[],
  minute: number,
): { readonly from: Frame; readonly to: Frame; readonly share: number } | null {
  const after = frames.findIndex((frame) => frame.minute >= minute);
  const at = after < 0 ? frames.length - 1 : after;
  const to = frames[at];
  const from = after < 0 ? to : (frames[at - 1] ?? to);
  if (!to || !from) return null;
  const span = to.minute - from.minute;
  return { from, to, share: span > 0 ? Math.min(1, Math.max(0, (minute - from.minute) / span)) : 0 };
}
