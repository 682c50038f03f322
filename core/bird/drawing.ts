/** A bird drawn from its solid: outline, creases between its parts and light on it, seen square from one side. */

import { shapeOf } from "./body";
import { mirrored } from "./fields";
import type { BirdForm } from "./form";
import { normalAt, type Vec3 } from "./sdf";
import { isBone, type PartName, partAt } from "./solid";
import { dot } from "./vector";

/** Breast and back: from above and from under a bird that lies on its back, neck at the top. Side: neck at the left. */
export const DRAWING_VIEWS = ["breast", "back", "side"] as const;
export type DrawingView = (typeof DRAWING_VIEWS)[number];

export interface Drawing {
  readonly view: DrawingView;
  readonly columns: number;
  readonly rows: number;
  readonly stepM: number;
  /** Point of the picture's first sample, metres of the reference bird. */
  readonly originM: readonly [across: number, down: number];
  /** Least distance to the skin along each line of sight: its zero is the outline. */
  readonly outlineM: Float32Array;
  /** Light on the first surface met, 0 to 1; NaN beside the bird. */
  readonly light: Float32Array;
  /** For each part that is seen: 1 where it is met first, smoothed, 0 elsewhere. */
  readonly parts: readonly { readonly name: PartName; readonly seen: Float32Array }[];
}

const COLUMNS = 120;
const MARGIN_SHARE = 0.06;
const NEAR_M = 0.0004;
/** The fields are bounds rather than exact distances inside blends: shorter steps never pass through a thin part. */
const STEP_SHARE = 0.85;
const SMOOTHINGS = 3;
/** From the upper left, a little towards the eye. */
const LIGHT: Vec3 = [-0.45, -0.55, 0.7];

/** Axes of a view: where the picture's across, down and into point. */
const AXES: Record<DrawingView, { readonly across: Vec3; readonly down: Vec3; readonly into: Vec3 }> = {
  breast: { across: [1, 0, 0], down: [0, -1, 0], into: [0, 0, -1] },
  back: { across: [-1, 0, 0], down: [0, -1, 0], into: [0, 0, 1] },
  side: { across: [0, -1, 0], down: [0, 0, -1], into: [-1, 0, 0] },
};

/** Column and row at which a point of the bird is drawn. */
export function drawnAt({ view, originM, stepM }: Drawing, point: Vec3): readonly [column: number, row: number] {
  const { across, down } = AXES[view];
  return [(dot(point, across) - originM[0]) / stepM, (dot(point, down) - originM[1]) / stepM];
}

/** The drawing of a form; some tens of milliseconds. */
export function drawingOf(form: BirdForm, view: DrawingView): Drawing {
  const { shape } = shapeOf(form);
  const axes = AXES[view];
  const { low, high } = shape.bounds;
  const reach = (axis: Vec3): readonly [number, number] => {
    const ends = [-1, 1].flatMap((side) => [
      dot([side * high[0], low[1], low[2]], axis),
      dot([side * high[0], high[1], high[2]], axis),
      dot([side * high[0], low[1], high[2]], axis),
      dot([side * high[0], high[1], low[2]], axis),
    ]);
    return [Math.min(...ends), Math.max(...ends)];
  };
  const [left, right] = reach(axes.across);
  const [top, bottom] = reach(axes.down);
  const [front, behind] = reach(axes.into);
  const margin = MARGIN_SHARE * Math.max(right - left, bottom - top);
  const stepM = (Math.max(right - left, bottom - top) + 2 * margin) / COLUMNS;
  const columns = Math.ceil((right - left + 2 * margin) / stepM);
  const rows = Math.ceil((bottom - top + 2 * margin) / stepM);
  const originM = [left - margin, top - margin] as const;
  // A whole bird is drawn with its cavity behind the skin, anything cut as the meat that is there.
  const skin = mirrored((form.cut === "whole" ? shape.skin?.outer : undefined) ?? shape.body);
  const meat = shape.parts.filter((part) => !isBone(part) && part.name !== "filling" && part.name !== "tenderloin");
  const outlineM = new Float32Array(columns * rows);
  const light = new Float32Array(columns * rows).fill(Number.NaN);
  const met = new Int16Array(columns * rows).fill(-1);
  for (let n = 0; n < outlineM.length; n++) {
    const across = originM[0] + (n % columns) * stepM;
    const down = originM[1] + Math.floor(n / columns) * stepM;
    const at = (depth: number): Vec3 => [
      across * axes.across[0] + down * axes.down[0] + depth * axes.into[0],
      across * axes.across[1] + down * axes.down[1] + depth * axes.into[1],
      across * axes.across[2] + down * axes.down[2] + depth * axes.into[2],
    ];
    let least = Number.POSITIVE_INFINITY;
    for (let depth = front; depth <= behind; ) {
      const point = at(depth);
      const distance = skin.at(...point);
      least = Math.min(least, distance);
      if (distance < NEAR_M) {
        const [nx, ny, nz] = normalAt(skin, ...point, stepM);
        const facing: Vec3 = [
          dot([nx, ny, nz], axes.across),
          dot([nx, ny, nz], axes.down),
          -dot([nx, ny, nz], axes.into),
        ];
        light[n] = Math.max(0, dot(facing, LIGHT));
        met[n] = partAt(meat, Math.abs(point[0]), point[1], point[2]);
        // On until it is clearly inside: the outline is drawn between samples.
        for (let deeper = depth; deeper <= behind && least > -2 * stepM; deeper += stepM) {
          least = Math.min(least, skin.at(...at(deeper)));
        }
        break;
      }
      depth += Math.max(NEAR_M, STEP_SHARE * distance);
    }
    outlineM[n] = least;
  }
  const seen = meat
    .map(({ name }, part) => ({ name, seen: Float32Array.from(met, (index) => (index === part ? 1 : 0)) }))
    .filter((part) => part.seen.some((value) => value > 0));
  for (const part of seen) part.seen.set(smoothed(part.seen, columns));
  return { view, columns, rows, stepM, originM, outlineM, light, parts: seen };
}

/** A raster's own staircase taken off its edges. */
function smoothed(field: Float32Array, columns: number): Float32Array {
  let from = field;
  for (let pass = 0; pass < SMOOTHINGS; pass++) {
    const to = from.slice();
    for (let n = columns + 1; n < from.length - columns - 1; n++) {
      let sum = 0;
      for (const step of [-columns, -1, 0, 1, columns]) sum += from[n + step] as number;
      to[n] = sum / 5;
    }
    from = to;
  }
  return from;
}
