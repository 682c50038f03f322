/** How far the solver is from exact conduction at a cell size: shared by the checks and the bench. */
import { slab, sphere } from "./exact";
import { convectionOnly, MATERIAL, solidSolver } from "./solids";

const START_C = 4;
const AIR_C = 160;
const FILM = 20;
const { conductivityWPerMK: k, heatJPerM3K } = MATERIAL;
const fourier = (seconds: number, lengthM: number): number => ((k / heatJPerM3K) * seconds) / lengthM ** 2;
const inC = (share: number): number => AIR_C + (START_C - AIR_C) * share;

/** Largest difference at any cell centre of a column through the slab, over two hours. */
export function worstSlab(cellM: number): number {
  const half = 0.03;
  const edge = 0.02;
  const { solver, at } = solidSolver((_x, _y, z) => Math.abs(z) - half, [0, -edge, -half], [edge, edge, half], cellM);
  solver.startAt(START_C);
  let worst = 0;
  for (let minute = 10; minute <= 120; minute += 10) {
    solver.advance(600, convectionOnly(AIR_C, FILM));
    for (let z = cellM / 2; z < half; z += cellM) {
      const exact = inC(slab((FILM * half) / k, fourier(minute * 60, half), z / half));
      worst = Math.max(worst, Math.abs(at([cellM / 2, cellM / 2, z]) - exact));
    }
  }
  return worst;
}

/** Largest difference at the cells around the centre of the sphere, over two hours. */
export function worstSphere(cellM: number): number {
  const radius = 0.05;
  const edge = Math.ceil(radius / cellM + 1) * cellM;
  const field = (x: number, y: number, z: number): number => Math.hypot(x, y, z) - radius;
  const { solver, at, unit } = solidSolver(field, [0, -edge, -edge], [edge, edge, edge], cellM);
  // The voxels' own volume stands for the sphere's: the exact radius is the one of equal volume.
  const equalRadius = Math.cbrt((3 * 2 * unit.grid.cellCount * cellM ** 3) / (4 * Math.PI));
  const inner = cellM / 2;
  solver.startAt(START_C);
  let worst = 0;
  for (let minute = 10; minute <= 120; minute += 10) {
    solver.advance(600, convectionOnly(AIR_C, FILM));
    const r = (inner * Math.sqrt(3)) / equalRadius;
    const exact = inC(sphere((FILM * equalRadius) / k, fourier(minute * 60, equalRadius), r));
    worst = Math.max(worst, Math.abs(at([inner, inner, inner]) - exact));
  }
  return worst;
}
