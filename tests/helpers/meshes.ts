/** What a surface of triangles holds and measures, and whether it is closed. */
import type { Mesh } from "../../core/bird/mesh";
import type { Vec3 } from "../../core/bird/sdf";

const corner = ({ positions }: Mesh, n: number): Vec3 => [
  positions[3 * n] as number,
  positions[3 * n + 1] as number,
  positions[3 * n + 2] as number,
];
function* trianglesOf(mesh: Mesh): Generator<readonly [Vec3, Vec3, Vec3]> {
  for (let n = 0; n < mesh.triangles.length; n += 3) {
    yield [0, 1, 2].map((k) => corner(mesh, mesh.triangles[n + k] as number)) as unknown as [Vec3, Vec3, Vec3];
  }
}
const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** By the divergence theorem: positive only where the triangles look outwards. */
export const volumeOf = (mesh: Mesh): number =>
  [...trianglesOf(mesh)].reduce((sum, [a, b, c]) => sum + dot(a, cross(b, c)) / 6, 0);
export const areaOf = (mesh: Mesh): number =>
  [...trianglesOf(mesh)].reduce((sum, [a, b, c]) => sum + Math.hypot(...cross(minus(b, a), minus(c, a))) / 2, 0);

/** How often each edge is used: twice in a surface without holes. */
export function loneEdges({ triangles }: Mesh): number {
  const used = new Map<string, number>();
  for (let n = 0; n < triangles.length; n += 3) {
    for (let k = 0; k < 3; k++) {
      const ends = [triangles[n + k] as number, triangles[n + ((k + 1) % 3)] as number].sort((a, b) => a - b);
      used.set(ends.join("/"), (used.get(ends.join("/")) ?? 0) + 1);
    }
  }
  return [...used.values()].filter((times) => times % 2 === 1).length;
}
