/**
 * What each surface cell sees: the oven, the tray below, or the bird's own skin. Rays over the half space above
 * the cell, weighted by the cosine (Lambert), are walked through the voxels until they leave or hit.
 */
import { OUTSIDE, type VoxelGrid } from "./grid";
import type { Vec3 } from "./sdf";

export interface Exposure {
  readonly open: Float64Array;
  readonly pan: Float64Array;
}

const DIRECTION_COUNT = 48;
/** Height of the rack over the tray, and how far the tray reaches past the bird, as shares of the box. */
const TRAY_BELOW_SHARE = 0.06;
const TRAY_REACH_SHARE = 0.08;

/** Evenly spread directions: the golden-angle spiral. */
const DIRECTIONS: readonly Vec3[] = Array.from({ length: DIRECTION_COUNT }, (_, n) => {
  const z = 1 - (2 * n + 1) / DIRECTION_COUNT;
  const radius = Math.sqrt(1 - z * z);
  const angle = n * Math.PI * (3 - Math.sqrt(5));
  return [radius * Math.cos(angle), radius * Math.sin(angle), z];
});

/** Shares of the half space seen by each cell; both arrays have one entry a cell, open + pan ≤ 1. */
export function exposures(grid: VoxelGrid, cells: readonly number[], normals: readonly Vec3[]): Exposure {
  const { nx, ny, nz, tissue } = grid;
  const open = new Float64Array(cells.length);
  const pan = new Float64Array(cells.length);
  const trayK = -TRAY_BELOW_SHARE * nz;
  const reach = TRAY_REACH_SHARE * ny;
  cells.forEach((cell, n) => {
    const i = cell % nx;
    const j = Math.floor(cell / nx) % ny;
    const k = Math.floor(cell / (nx * ny));
    const [ux, uy, uz] = normals[n] as Vec3;
    let total = 0;
    for (const [dx, dy, dz] of DIRECTIONS) {
      const cosine = ux * dx + uy * dy + uz * dz;
      if (cosine <= 0.05) continue;
      total += cosine;
      // Start off the stairs of the cell's own neighbourhood; x is mirrored at the mid-plane.
      let x = i - 0.5 + 1.3 * ux;
      let y = j + 1.3 * uy;
      let z = k + 1.3 * uz;
      let blocked = false;
      for (;;) {
        const a = Math.floor(Math.abs(x)) + 1;
        const b = Math.round(y);
        const c = Math.round(z);
        if (a >= nx || b < 0 || b >= ny || c < 0 || c >= nz) break;
        if (tissue[a + nx * (b + ny * c)] !== OUTSIDE) {
          blocked = true;
          break;
        }
        x += dx;
        y += dy;
        z += dz;
      }
      if (blocked) continue;
      let seesPan = false;
      if (dz < 0) {
        const more = (trayK - z) / dz;
        const atX = Math.abs(x + dx * more);
        const atY = y + dy * more;
        seesPan = more >= 0 ? atX < nx + reach && atY > -reach && atY < ny + reach : false;
      }
      if (seesPan) pan[n] = (pan[n] as number) + cosine;
      else open[n] = (open[n] as number) + cosine;
    }
    open[n] = (open[n] as number) / total;
    pan[n] = (pan[n] as number) / total;
  });
  return { open, pan };
}
