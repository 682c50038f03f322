/**
 * What each surface cell sees: the oven, the tray below, a neighbour or the bird's own skin. Rays over the half space
 * above the cell, weighted by the cosine (Lambert), are walked through the voxels until they leave or hit.
 */
import { OUTSIDE, type VoxelGrid } from "./grid";
import { REGION } from "./regions";
import type { Vec3 } from "./sdf";
import type { SurfaceCells } from "./surfaceCells";

export type Side = "up" | "down";

/** How the bird lies and what stands beside it. */
export interface Posture {
  readonly side: Side;
  /** Birds of the same size beside it: one at its x > 0 side, which needs the whole grid; or one on either side. */
  readonly neighbours: 0 | 1 | 2;
}

export interface View {
  /** Shares of the half space above each cell: open to the oven, and looking at the tray; the rest is skin. */
  readonly open: Float64Array;
  readonly pan: Float64Array;
  /** Region of each cell, the cavity's mouth and what lies on the tray told apart. */
  readonly region: Uint8Array;
}

const DIRECTION_COUNT = 48;
/** Height of the rack over the tray, and how far the tray reaches past the bird, as shares of the box. */
const TRAY_BELOW_SHARE = 0.06;
const TRAY_REACH_SHARE = 0.08;
/** A neighbour stands this share of the bird's width away: room for the air, a hand's breadth between large ones (common practice). */
const NEIGHBOUR_GAP_SHARE = 0.3;
/** At the mouth of the cavity the oven is in full view: those cells are skin, not cavity. */
const MOUTH_VIEW = 0.25;
/** Soft meat settles: what lies within this share of the height above the lowest point touches the pan. */
const SETTLED_SHARE = 0.045;

/**
 * Evenly spread directions, x, y and z in turn: the golden-angle spiral, its right half and that half's mirror image, so
 * that left and right see alike.
 */
const DIRECTIONS = Float64Array.from(
  Array.from({ length: DIRECTION_COUNT }, (_, n): Vec3 => {
    const z = 1 - (2 * n + 1) / DIRECTION_COUNT;
    const radius = Math.sqrt(1 - z * z);
    const angle = n * Math.PI * (3 - Math.sqrt(5));
    return [radius * Math.cos(angle), radius * Math.sin(angle), z];
  })
    .filter(([x]) => x > 0)
    .flatMap(([x, y, z]) => [x, y, z, -x, y, z]),
);

export function viewOf(grid: VoxelGrid, surface: SurfaceCells, { side, neighbours }: Posture): View {
  const { nx, ny, nz, tissue, mirrored } = grid;
  const { cell: cells, normals, depth } = surface;
  const count = cells.length;
  const open = new Float64Array(count);
  const pan = new Float64Array(count);
  const region = surface.region.slice();
  const up = side === "up" ? 1 : -1;
  const reach = TRAY_REACH_SHARE * ny;
  const lowX = mirrored ? 0 : -reach;
  // Of a half the mid-plane is between its cells 0 and 1, and what leaves it there is looked up in its mirror image.
  const middleX = mirrored ? 0.5 : (nx - 1) / 2;
  const besideX = (mirrored ? 2 * (nx - 2) : nx - 2) * (0.5 + NEIGHBOUR_GAP_SHARE);
  const heightOf = (k: number): number => (up > 0 ? k : nz - 1 - k);
  // Of the skin itself: by whole cells what lies on the tray would depend on where the grid happens to fall.
  const skinHeights = Float64Array.from(
    cells,
    (cell, n) => heightOf(Math.floor(cell / (nx * ny))) + up * (depth[n] as number) * (normals[n] as Vec3)[2],
  );
  const lowest = skinHeights.reduce((least, each) => Math.min(least, each), nz);
  const highest = skinHeights.reduce((most, each) => Math.max(most, each), 0);
  const trayHeight = lowest - TRAY_BELOW_SHARE * nz;
  const settled = lowest + SETTLED_SHARE * (highest - lowest);
  for (let n = 0; n < count; n++) {
    const cell = cells[n] as number;
    const i = cell % nx;
    const j = Math.floor(cell / nx) % ny;
    const k = Math.floor(cell / (nx * ny));
    const [ux, uy, uz] = normals[n] as Vec3;
    let total = 0;
    for (let at = 0; at < DIRECTIONS.length; at += 3) {
      const dx = DIRECTIONS[at] as number;
      const dy = DIRECTIONS[at + 1] as number;
      const dz = DIRECTIONS[at + 2] as number;
      const cosine = ux * dx + uy * dy + uz * dz;
      if (cosine <= 0.05) continue;
      total += cosine;
      // Start off the stairs of the cell's own neighbourhood; a half is mirrored at the mid-plane, between cells 0 and 1.
      let x = i + 1.3 * ux;
      let y = j + 1.3 * uy;
      let z = k + 1.3 * uz;
      let blocked = false;
      for (;;) {
        const a = mirrored ? Math.floor(Math.abs(x - 0.5)) + 1 : Math.round(x);
        const b = Math.round(y);
        const c = Math.round(z);
        if (a < 0 || a >= nx || b < 0 || b >= ny || c < 0 || c >= nz) break;
        if (tissue[a + nx * (b + ny * c)] !== OUTSIDE) {
          blocked = true;
          break;
        }
        x += dx;
        y += dy;
        z += dz;
      }
      if (!blocked && (neighbours === 2 || (neighbours === 1 && dx > 0))) {
        const more = (middleX + Math.sign(dx) * besideX - x) / dx;
        const atY = y + dy * more;
        const atZ = z + dz * more;
        blocked = more >= 0 && atY > 0 && atY < ny && atZ > 0 && atZ < nz;
      }
      if (blocked) continue;
      let seesPan = false;
      if (dz * up < 0) {
        const more = Math.max(0, (heightOf(z) - trayHeight) / Math.abs(dz));
        const atX = mirrored ? Math.abs(x + dx * more) : x + dx * more;
        const atY = y + dy * more;
        seesPan = atX > lowX - 1 && atX < nx + reach && atY > -reach && atY < ny + reach;
      }
      if (seesPan) pan[n] = (pan[n] as number) + cosine;
      else open[n] = (open[n] as number) + cosine;
    }
    open[n] = (open[n] as number) / total;
    pan[n] = (pan[n] as number) / total;
    if (region[n] === REGION.cavity && (open[n] as number) + (pan[n] as number) >= MOUTH_VIEW) region[n] = REGION.skin;
    if (region[n] !== REGION.cavity && (skinHeights[n] as number) <= settled && uz * up < -0.4)
      region[n] = REGION.contact;
  }
  return { open, pan, region };
}
