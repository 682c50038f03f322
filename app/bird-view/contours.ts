/** Smooth bands and outlines from sampled fields, as SVG paths in sample coordinates. */
import { contours } from "d3-contour";
import { geoPath } from "./geoPath";

/** Path of everything at or above a value. */
export function pathAbove(values: ArrayLike<number>, columns: number, rows: number, threshold: number): string {
  return geoPath(contours().size([columns, rows]).smooth(true).contour(Array.from(values), threshold).coordinates);
}

/** Path of the inside of a distance field (negative inside). */
export function pathInside(distance: Float32Array, columns: number, rows: number): string {
  return pathAbove(
    distance.map((value) => -value),
    columns,
    rows,
    0,
  );
}

/** One field between two, share by share. */
export function blend(a: Float32Array, b: Float32Array, share: number): Float32Array {
  return a.map((value, n) => value * (1 - share) + (b[n] as number) * share);
}
