// AssemblyScript, not TypeScript: compiled by tools/buildKernel.mjs. `../rays.ts` is the reference that the tests hold this
// against; change both together. Addresses are bytes in the imported memory; lengths are in cells of the grid.

/** What stands for no tissue in a cell, as in `../grid.ts`. */
const OUTSIDE: u8 = 255;

/** As in `../rays.ts`. */
const FRACTION_BITS = 20;
const WHOLE = <f64>(1 << FRACTION_BITS);

/** For each of `count` cells the shares of its half space that are open to the oven, and that look at the tray. */
export function seen(
  tissue: usize,
  cells: usize,
  normals: usize,
  count: i32,
  directions: usize,
  directionsEnd: usize,
  open: usize,
  pan: usize,
  nx: i32,
  ny: i32,
  nz: i32,
  mirrored: bool,
  up: f64,
  neighbours: i32,
  middleX: f64,
  besideX: f64,
  trayHeight: f64,
  reach: f64,
): void {
  const lowX = mirrored ? 0 : -reach;
  const cornerX: f64 = mirrored ? -0.5 : 0.5;
  for (let n = 0; n < count; n++) {
    const cell = load<i32>(cells + ((<usize>n) << 2));
    const i = <f64>(cell % nx);
    const j = <f64>((cell / nx) % ny);
    const k = <f64>(cell / (nx * ny));
    const normal = normals + <usize>n * 24;
    const ux = load<f64>(normal);
    const uy = load<f64>(normal, 8);
    const uz = load<f64>(normal, 16);
    const startX = <i32>((i + 1.3 * ux + cornerX) * WHOLE);
    const startY = <i32>((j + 1.3 * uy + 0.5) * WHOLE);
    const startZ = <i32>((k + 1.3 * uz + 0.5) * WHOLE);
    let total: f64 = 0;
    let toOven: f64 = 0;
    let toPan: f64 = 0;
    for (let at = directions; at < directionsEnd; at += 24) {
      const dx = load<f64>(at);
      const dy = load<f64>(at, 8);
      const dz = load<f64>(at, 16);
      const cosine = ux * dx + uy * dy + uz * dz;
      if (cosine <= 0.05) continue;
      total += cosine;
      const stepX = <i32>(dx * WHOLE);
      const stepY = <i32>(dy * WHOLE);
      const stepZ = <i32>(dz * WHOLE);
      let fixedX = startX;
      let fixedY = startY;
      let fixedZ = startZ;
      let blocked = false;
      while (true) {
        const a = mirrored ? (abs<i32>(fixedX) >> FRACTION_BITS) + 1 : fixedX >> FRACTION_BITS;
        const b = fixedY >> FRACTION_BITS;
        const c = fixedZ >> FRACTION_BITS;
        if (a < 0 || a >= nx || b < 0 || b >= ny || c < 0 || c >= nz) break;
        if (load<u8>(tissue + <usize>(a + nx * (b + ny * c))) != OUTSIDE) {
          blocked = true;
          break;
        }
        fixedX += stepX;
        fixedY += stepY;
        fixedZ += stepZ;
      }
      if (blocked) continue;
      const x = <f64>fixedX / WHOLE - cornerX;
      const y = <f64>fixedY / WHOLE - 0.5;
      const z = <f64>fixedZ / WHOLE - 0.5;
      if (neighbours == 2 || (neighbours == 1 && dx > 0)) {
        const more = (middleX + (dx > 0 ? besideX : -besideX) - x) / dx;
        const atY = y + dy * more;
        const atZ = z + dz * more;
        if (more >= 0 && atY > 0 && atY < <f64>ny && atZ > 0 && atZ < <f64>nz) continue;
      }
      let seesPan = false;
      if (dz * up < 0) {
        const height = up > 0 ? z : <f64>(nz - 1) - z;
        const more = Math.max(0, (height - trayHeight) / Math.abs(dz));
        const atX = mirrored ? Math.abs(x + dx * more) : x + dx * more;
        const atY = y + dy * more;
        seesPan = atX > lowX - 1 && atX < <f64>nx + reach && atY > -reach && atY < <f64>ny + reach;
      }
      if (seesPan) toPan += cosine;
      else toOven += cosine;
    }
    store<f64>(open + ((<usize>n) << 3), toOven / total);
    store<f64>(pan + ((<usize>n) << 3), toPan / total);
  }
}
