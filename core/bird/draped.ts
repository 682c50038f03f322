/** Lines that are drawn over a picture of the bird, laid onto its skin. */
import type { DrawingView } from "./drawing";
import { wholeBounds } from "./look";
import type { Vec3 } from "./sdf";
import { outsideM, type SolidGeometry } from "./solidGeometry";

const EVERY_M = 0.004;
const MARCH_M = 0.001;
const LEAST_M = 0.0002;
/** Off the skin towards the eye, so that a line is seen on it. */
const LIFT_M = 0.0015;
/** Where an eye looks from: the side that a drawing of it shows is the bird's left. */
const INTO: Record<DrawingView, Vec3> = { breast: [0, 0, -1], back: [0, 0, 1], side: [1, 0, 0] };

const off = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** The skin nearest to a point along the line it is looked at; the point itself where the bird is not on that line. */
function onSkin(point: Vec3, view: DrawingView, geometry: SolidGeometry): Vec3 {
  const { low, high } = wholeBounds(geometry.bounds);
  const into = INTO[view];
  const reach = Math.max(high[0] - low[0], high[1] - low[1], high[2] - low[2]);
  const axis = view === "side" ? 0 : 2;
  const start = [...point] as [number, number, number];
  start[axis] = into[axis] > 0 ? low[axis] : high[axis];
  let nearest: Vec3 | null = null;
  let wasOutside = true;
  for (let m = 0; m < reach; ) {
    const at: Vec3 = [start[0] + m * into[0], start[1] + m * into[1], start[2] + m * into[2]];
    const away = outsideM(geometry, at);
    const isOutside = away >= LEAST_M;
    // Skin that faces the eye: from the air into the meat.
    if (wasOutside && !isOutside && (!nearest || off(at, point) < off(nearest, point))) nearest = at;
    wasOutside = isOutside;
    m += Math.max(MARCH_M, 0.7 * Math.abs(away));
  }
  if (!nearest) return point;
  const [x, y, z] = nearest;
  return [x - LIFT_M * into[0], y - LIFT_M * into[1], z - LIFT_M * into[2]];
}

/** A line jumps no further from one point to the next: in a crease it would leap from one part to another. */
const LARGEST_JUMP_M = 0.015;

/**
 * A line of a drawing on the skin it runs over, a point every few millimetres; one that runs in a crease stays as it is.
 * Seen from the side it lies on the left.
 */
export function draped(points: readonly Vec3[], view: DrawingView, geometry: SolidGeometry): readonly Vec3[] {
  const seen = points.map(([x, y, z]): Vec3 => (view === "side" ? [-Math.abs(x), y, z] : [x, y, z]));
  const fine = seen.flatMap((point, n) => {
    const before = seen[n - 1];
    if (!before) return [point];
    const steps = Math.max(1, Math.ceil(off(before, point) / EVERY_M));
    return Array.from({ length: steps }, (_, k): Vec3 => {
      const share = (k + 1) / steps;
      return [
        before[0] + share * (point[0] - before[0]),
        before[1] + share * (point[1] - before[1]),
        before[2] + share * (point[2] - before[2]),
      ];
    });
  });
  const laid = fine.map((point) => onSkin(point, view, geometry));
  const leaps = laid.some((point, n) => n > 0 && off(point, laid[n - 1] as Vec3) > LARGEST_JUMP_M);
  return leaps ? fine : laid;
}
