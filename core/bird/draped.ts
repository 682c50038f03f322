/** Lines that are drawn over a picture of the bird, laid onto its skin. */
import type { DrawingView } from "./drawing";
import { wholeBounds } from "./look";
import type { Vec3 } from "./sdf";
import { type SolidGeometry, skinAlong } from "./solidGeometry";
import { along, between, distanceBetween } from "./vector";

const EVERY_M = 0.004;
/** Off the skin towards the eye, so that a line is seen on it. */
const LIFT_M = 0.0015;
/** Where an eye looks from: the side that a drawing of it shows is the bird's left. */
const INTO: Record<DrawingView, Vec3> = { breast: [0, 0, -1], back: [0, 0, 1], side: [1, 0, 0] };

/** The skin nearest to a point along the line it is looked at; the point itself where the bird is not on that line. */
function onSkin(point: Vec3, view: DrawingView, geometry: SolidGeometry): Vec3 {
  const { low, high } = wholeBounds(geometry.bounds);
  const into = INTO[view];
  const axis = view === "side" ? 0 : 2;
  const start = [...point] as [number, number, number];
  start[axis] = into[axis] > 0 ? low[axis] : high[axis];
  const [nearest] = [...skinAlong(geometry, start, into)].sort(
    (a, b) => distanceBetween(a, point) - distanceBetween(b, point),
  );
  return nearest ? along(nearest, into, -LIFT_M) : point;
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
    const steps = Math.max(1, Math.ceil(distanceBetween(before, point) / EVERY_M));
    return Array.from({ length: steps }, (_, k) => between(before, point, (k + 1) / steps));
  });
  const laid = fine.map((point) => onSkin(point, view, geometry));
  const leaps = laid.some((point, n) => n > 0 && distanceBetween(point, laid[n - 1] as Vec3) > LARGEST_JUMP_M);
  return leaps ? fine : laid;
}
