/** From where the solid is looked at, and where it is cut: plain geometry, in metres of the reference bird. */

import type { Vec3 } from "./sdf";
import { dot, mirrorImage } from "./vector";

export const SEEN_FROM = ["side", "above", "tail", "neck", "below"] as const;
export type SeenFrom = (typeof SEEN_FROM)[number];

export interface Look {
  /** Round the upright axis: 0 from the cook's right, 90 from the neck, 180 from the left. */
  readonly yawDeg: number;
  /** From above. */
  readonly pitchDeg: number;
  /** 1: the whole bird fills the picture. */
  readonly zoom: number;
}

/** The bird lies with its neck to the left where it is seen from its side, and to the top where it is seen from above. */
export const LOOKS: Record<SeenFrom, Look> = {
  side: { yawDeg: 204, pitchDeg: 24, zoom: 1 },
  above: { yawDeg: 270, pitchDeg: 89, zoom: 1 },
  tail: { yawDeg: 270, pitchDeg: 20, zoom: 1 },
  neck: { yawDeg: 90, pitchDeg: 20, zoom: 1 },
  below: { yawDeg: 90, pitchDeg: -89, zoom: 1 },
};

const MOST_PITCH_DEG = 89;
const ZOOMS = [0.6, 4] as const;

export const turned = ({ yawDeg, pitchDeg, zoom }: Look, byYawDeg: number, byPitchDeg: number): Look => ({
  yawDeg: (((yawDeg + byYawDeg) % 360) + 360) % 360,
  pitchDeg: Math.max(-MOST_PITCH_DEG, Math.min(MOST_PITCH_DEG, pitchDeg + byPitchDeg)),
  zoom,
});
export const zoomed = (look: Look, by: number): Look => ({
  ...look,
  zoom: Math.max(ZOOMS[0], Math.min(ZOOMS[1], look.zoom * by)),
});

const radians = (degrees: number): number => (Math.PI / 180) * degrees;

/** Unit vector from the bird to the eye. */
export function towardsEye({ yawDeg, pitchDeg }: Pick<Look, "yawDeg" | "pitchDeg">): Vec3 {
  const level = Math.cos(radians(pitchDeg));
  return [level * Math.cos(radians(yawDeg)), level * Math.sin(radians(yawDeg)), Math.sin(radians(pitchDeg))];
}

/** The side that a look is nearest to. */
export function nearestSide(look: Look): SeenFrom {
  const [x, y, z] = towardsEye(look);
  if (Math.abs(z) > 0.75) return z > 0 ? "above" : "below";
  if (Math.abs(y) > Math.abs(x)) return y > 0 ? "neck" : "tail";
  return "side";
}

export const CUTS_ALONG = ["none", "lengthwise", "across", "level"] as const;
export type CutAlong = (typeof CUTS_ALONG)[number];

export interface SolidCut {
  readonly along: CutAlong;
  /** From the bird's middle line (lengthwise), its tail (across) or the board (level), m. */
  readonly atM: number;
  /** Out of square. */
  readonly tiltDeg: number;
}
export const MOST_TILT_DEG = 45;

/** What is kept: points with normal · point ≤ offset. */
export interface Kept {
  readonly normal: Vec3;
  readonly offsetM: number;
}

export interface Bounds {
  /** Low and high corners of the whole bird. */
  readonly low: Vec3;
  readonly high: Vec3;
}
/** The whole bird's box, of the half that its solid is. */
export const wholeBounds = ({ low, high }: Bounds): Bounds => ({ low: [-high[0], low[1], low[2]], high });

/** From where a cut's place is counted, and how far it goes. */
export const cutRange = (along: Exclude<CutAlong, "none">, { low, high }: Bounds): readonly [number, number] =>
  along === "lengthwise" ? [low[0], high[0]] : along === "across" ? [0, high[1] - low[1]] : [0, high[2] - low[2]];

/** The nearer part is taken away, wherever the eye is. */
export function keptBy({ along, atM, tiltDeg }: SolidCut, { low, high }: Bounds, look: Look): Kept | null {
  if (along === "none") return null;
  const [sin, cos] = [Math.sin(radians(tiltDeg)), Math.cos(radians(tiltDeg))];
  const middle: Vec3 = [0, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2];
  const [normal, through]: readonly [Vec3, Vec3] =
    along === "lengthwise"
      ? [
          [cos, 0, sin],
          [atM, middle[1], middle[2]],
        ]
      : along === "across"
        ? [
            [0, cos, sin],
            [0, low[1] + atM, middle[2]],
          ]
        : [
            [0, sin, cos],
            [0, middle[1], low[2] + atM],
          ];
  const sign = dot(normal, towardsEye(look)) < 0 ? -1 : 1;
  const towards: Vec3 = [sign * normal[0], sign * normal[1], sign * normal[2]];
  return { normal: towards, offsetM: dot(towards, through) };
}

/** A cut along a line, as square to the eye as it can be. @param way unit vector of the line */
export function keptAlong(point: Vec3, way: Vec3, look: Look): Kept {
  const eye = towardsEye(look);
  const share = dot(eye, way);
  const square: Vec3 = [eye[0] - share * way[0], eye[1] - share * way[1], eye[2] - share * way[2]];
  const length = Math.hypot(...square);
  // Looked at along the line itself any cut will do.
  const normal: Vec3 = length < 1e-6 ? [0, 0, 1] : [square[0] / length, square[1] / length, square[2] / length];
  return { normal, offsetM: dot(normal, point) };
}

/** How far a point lies from a cut, m. */
export const offCut = ({ normal, offsetM }: Kept, point: Vec3): number => Math.abs(dot(normal, point) - offsetM);

/** Of a point and its mirror image the one that is nearer to what is looked at: the cut, or the eye. */
export function nearerTwin(point: Vec3, kept: Kept | null, look: Look): Vec3 {
  const twin = mirrorImage(point);
  if (kept) return offCut(kept, twin) < offCut(kept, point) - 1e-9 ? twin : point;
  return dot(twin, towardsEye(look)) > dot(point, towardsEye(look)) + 1e-9 ? twin : point;
}
