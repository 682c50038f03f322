/** What each surface cell sees: the oven, the tray below, a neighbour or the bird's own skin; and what lies on the tray. */
import type { VoxelGrid } from "./grid";
import { type Scene, type Sight, seen } from "./rays";
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

/** What is neither open to the oven nor tray is skin. */
export interface View extends Sight {
  /** Region of each cell, the cavity's mouth and what lies on the tray told apart. */
  readonly region: Uint8Array;
}

/** Height of the rack over the tray, and how far the tray reaches past the bird, as shares of the box. */
const TRAY_BELOW_SHARE = 0.06;
const TRAY_REACH_SHARE = 0.08;
/** A neighbour stands this share of the bird's width away: room for the air, a hand's breadth between large ones (common practice). */
const NEIGHBOUR_GAP_SHARE = 0.3;
/** At the mouth of the cavity the oven is in full view: those cells are skin, not cavity. */
const MOUTH_VIEW = 0.25;
/** Soft meat settles: what lies within this share of the height above the lowest point touches the pan. */
const SETTLED_SHARE = 0.045;

export function viewOf(grid: VoxelGrid, surface: SurfaceCells, { side, neighbours }: Posture): View {
  const { nx, ny, nz, mirrored } = grid;
  const { cell: cells, normals, depth } = surface;
  const up = side === "up" ? 1 : -1;
  const heightOf = (k: number): number => (up > 0 ? k : nz - 1 - k);
  // Of the skin itself: by whole cells what lies on the tray would depend on where the grid happens to fall.
  const skinHeights = Float64Array.from(
    cells,
    (cell, n) => heightOf(Math.floor(cell / (nx * ny))) + up * (depth[n] as number) * (normals[n] as Vec3)[2],
  );
  const lowest = skinHeights.reduce((least, each) => Math.min(least, each), nz);
  const highest = skinHeights.reduce((most, each) => Math.max(most, each), 0);
  const settled = lowest + SETTLED_SHARE * (highest - lowest);
  const width = mirrored ? 2 * (nx - 2) : nx - 2;
  const scene: Scene = {
    grid,
    up,
    neighbours,
    besideX: width * (0.5 + NEIGHBOUR_GAP_SHARE),
    trayHeight: lowest - TRAY_BELOW_SHARE * nz,
    reach: TRAY_REACH_SHARE * ny,
  };
  const { open, pan } = seen(scene, { cells, normals: Float64Array.from(normals.flat()) });
  const region = surface.region.map((home, n) => {
    const isMouth = home === REGION.cavity && (open[n] as number) + (pan[n] as number) >= MOUTH_VIEW;
    const own = isMouth ? REGION.skin : home;
    const isOnTray = (skinHeights[n] as number) <= settled && (normals[n] as Vec3)[2] * up < -0.4;
    return own !== REGION.cavity && isOnTray ? REGION.contact : own;
  });
  return { open, pan, region };
}
