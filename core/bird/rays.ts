/**
 * Where the rays of a bird's skin end: in the oven, on the tray, or at a neighbour's or its own skin.
 *
 * `cast` is the reference; where the compiled kernel is installed its twin `wasm/rays.as.ts` runs, bit for bit alike: every
 * thickness of a breast has its own million of steps through the voxels.
 */
import { compiledKernel, FIRST_ADDRESS, kernelOver, PAGE_BYTES } from "../compiled";
import { OUTSIDE, type VoxelGrid } from "./grid";
import type { Vec3 } from "./sdf";

/** What stands around a bird; lengths in cells of its grid. */
export interface Scene {
  readonly grid: VoxelGrid;
  /** 1 as it stands in the grid, −1 turned over. */
  readonly up: 1 | -1;
  readonly neighbours: 0 | 1 | 2;
  /** From the middle of the bird to the middle of a neighbour's near side. */
  readonly besideX: number;
  /** Height of the tray; how far it reaches past the box. */
  readonly trayHeight: number;
  readonly reach: number;
}

/** Cells of the skin, each with its outward normal, x, y and z in turn. */
export interface Eyes {
  readonly cells: Int32Array;
  readonly normals: Float64Array;
}

/** Shares of the half space above each cell: open to the oven, and looking at the tray. */
export interface Sight {
  readonly open: Float64Array;
  readonly pan: Float64Array;
}

const DIRECTION_COUNT = 48;

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

/** Places along a ray are whole numbers of this share of a cell: its cell is then one shift away. */
const FRACTION_BITS = 20;
const WHOLE = 1 << FRACTION_BITS;

/** Of a half the mid-plane is between its cells 0 and 1. */
const middleOf = ({ mirrored, nx }: VoxelGrid): number => (mirrored ? 0.5 : (nx - 1) / 2);

/** Rays over the half space above each cell, weighted by the cosine (Lambert). */
export function cast(scene: Scene, { cells, normals }: Eyes): Sight {
  const { grid, up, neighbours, besideX, trayHeight, reach } = scene;
  const { nx, ny, nz, tissue, mirrored } = grid;
  const count = cells.length;
  const open = new Float64Array(count);
  const pan = new Float64Array(count);
  const lowX = mirrored ? 0 : -reach;
  const middleX = middleOf(grid);
  // Beside a cell's middle its corner; of a half, which is mirrored at its mid-plane, the corner there.
  const cornerX = mirrored ? -0.5 : 0.5;
  for (let n = 0; n < count; n++) {
    const cell = cells[n] as number;
    const i = cell % nx;
    const j = Math.floor(cell / nx) % ny;
    const k = Math.floor(cell / (nx * ny));
    const ux = normals[3 * n] as number;
    const uy = normals[3 * n + 1] as number;
    const uz = normals[3 * n + 2] as number;
    // Off the stairs of the cell's own neighbourhood.
    const startX = ((i + 1.3 * ux + cornerX) * WHOLE) | 0;
    const startY = ((j + 1.3 * uy + 0.5) * WHOLE) | 0;
    const startZ = ((k + 1.3 * uz + 0.5) * WHOLE) | 0;
    let total = 0;
    let toOven = 0;
    let toPan = 0;
    for (let at = 0; at < DIRECTIONS.length; at += 3) {
      const dx = DIRECTIONS[at] as number;
      const dy = DIRECTIONS[at + 1] as number;
      const dz = DIRECTIONS[at + 2] as number;
      const cosine = ux * dx + uy * dy + uz * dz;
      if (cosine <= 0.05) continue;
      total += cosine;
      const stepX = (dx * WHOLE) | 0;
      const stepY = (dy * WHOLE) | 0;
      const stepZ = (dz * WHOLE) | 0;
      let fixedX = startX;
      let fixedY = startY;
      let fixedZ = startZ;
      let blocked = false;
      for (;;) {
        const a = mirrored ? (Math.abs(fixedX) >> FRACTION_BITS) + 1 : fixedX >> FRACTION_BITS;
        const b = fixedY >> FRACTION_BITS;
        const c = fixedZ >> FRACTION_BITS;
        if (a < 0 || a >= nx || b < 0 || b >= ny || c < 0 || c >= nz) break;
        if (tissue[a + nx * (b + ny * c)] !== OUTSIDE) {
          blocked = true;
          break;
        }
        fixedX += stepX;
        fixedY += stepY;
        fixedZ += stepZ;
      }
      if (blocked) continue;
      const x = fixedX / WHOLE - cornerX;
      const y = fixedY / WHOLE - 0.5;
      const z = fixedZ / WHOLE - 0.5;
      // What leaves a half at its mid-plane is looked up in its mirror image.
      if (neighbours === 2 || (neighbours === 1 && dx > 0)) {
        const more = (middleX + Math.sign(dx) * besideX - x) / dx;
        const atY = y + dy * more;
        const atZ = z + dz * more;
        if (more >= 0 && atY > 0 && atY < ny && atZ > 0 && atZ < nz) continue;
      }
      let seesPan = false;
      if (dz * up < 0) {
        const height = up > 0 ? z : nz - 1 - z;
        const more = Math.max(0, (height - trayHeight) / Math.abs(dz));
        const atX = mirrored ? Math.abs(x + dx * more) : x + dx * more;
        const atY = y + dy * more;
        seesPan = atX > lowX - 1 && atX < nx + reach && atY > -reach && atY < ny + reach;
      }
      if (seesPan) toPan += cosine;
      else toOven += cosine;
    }
    open[n] = toOven / total;
    pan[n] = toPan / total;
  }
  return { open, pan };
}

interface Compiled {
  seen(
    tissue: number,
    cells: number,
    normals: number,
    count: number,
    directions: number,
    directionsEnd: number,
    open: number,
    pan: number,
    nx: number,
    ny: number,
    nz: number,
    mirrored: boolean,
    up: number,
    neighbours: number,
    middleX: number,
    besideX: number,
    trayHeight: number,
    reach: number,
  ): void;
}

function castCompiled(module: WebAssembly.Module, scene: Scene, { cells, normals }: Eyes): Sight {
  const { grid, up, neighbours, besideX, trayHeight, reach } = scene;
  const { nx, ny, nz, tissue, mirrored } = grid;
  const count = cells.length;
  const atNormals = FIRST_ADDRESS + DIRECTIONS.byteLength;
  const atOpen = atNormals + normals.byteLength;
  const atPan = atOpen + 8 * count;
  const atCells = atPan + 8 * count;
  const atTissue = atCells + cells.byteLength;
  const memory = new WebAssembly.Memory({ initial: Math.ceil((atTissue + tissue.byteLength) / PAGE_BYTES) });
  const { buffer } = memory;
  new Float64Array(buffer, FIRST_ADDRESS).set(DIRECTIONS);
  new Float64Array(buffer, atNormals).set(normals);
  new Int32Array(buffer, atCells, count).set(cells);
  new Uint8Array(buffer, atTissue).set(tissue);
  kernelOver<Compiled>(module, memory).seen(
    atTissue,
    atCells,
    atNormals,
    count,
    FIRST_ADDRESS,
    atNormals,
    atOpen,
    atPan,
    nx,
    ny,
    nz,
    mirrored,
    up,
    neighbours,
    middleOf(grid),
    besideX,
    trayHeight,
    reach,
  );
  const read = (address: number): Float64Array => new Float64Array(buffer, address, count).slice();
  return { open: read(atOpen), pan: read(atPan) };
}

/** What each cell of the skin sees. */
export function seen(scene: Scene, eyes: Eyes): Sight {
  const module = compiledKernel();
  return module === undefined ? cast(scene, eyes) : castCompiled(module, scene, eyes);
}
