// AssemblyScript, not TypeScript: compiled by tools/buildKernel.mjs. `../program.ts` is the reference that the tests hold
// this against; change both together, its list of steps too. The address is one of bytes in the imported memory.

/** Values that wait to be combined. */
const STACK: usize = 1024;

// @ts-expect-error: decorator
@inline
function squared(x: f64, y: f64, z: f64): f64 {
  return x * x + y * y + z * z;
}

/** The value of a program of distances at a point. */
export function fieldAt(program: usize, ownX: f64, y: f64, z: f64): f64 {
  let x = ownX;
  let top = STACK - 8;
  let p = program;
  for (let step = <i32>load<f64>(p); step != 0; step = <i32>load<f64>(p)) {
    switch (step) {
      case 1: {
        const dx = x - load<f64>(p, 8);
        const dy = y - load<f64>(p, 16);
        const dz = z - load<f64>(p, 24);
        const rx = load<f64>(p, 32);
        const ry = load<f64>(p, 40);
        const rz = load<f64>(p, 48);
        const u = (load<f64>(p, 64) * dx + load<f64>(p, 72) * dy + load<f64>(p, 80) * dz) / rx;
        const v = (load<f64>(p, 88) * dx + load<f64>(p, 96) * dy + load<f64>(p, 104) * dz) / ry;
        const w = (load<f64>(p, 112) * dx + load<f64>(p, 120) * dy + load<f64>(p, 128) * dz) / rz;
        const k0 = Math.sqrt(squared(u, v, w));
        top += 8;
        if (k0 < 1) store<f64>(top, (k0 - 1) * load<f64>(p, 56));
        else store<f64>(top, (k0 * (k0 - 1)) / Math.sqrt(squared(u / rx, v / ry, w / rz)));
        p += 136;
        break;
      }
      case 2: {
        const px = x - load<f64>(p, 8);
        const py = y - load<f64>(p, 16);
        const pz = z - load<f64>(p, 24);
        const bx = load<f64>(p, 32);
        const by = load<f64>(p, 40);
        const bz = load<f64>(p, 48);
        const along = min<f64>(1, max<f64>(0, (px * bx + py * by + pz * bz) / load<f64>(p, 56)));
        const gap = Math.sqrt(squared(px - along * bx, py - along * by, pz - along * bz));
        top += 8;
        store<f64>(top, gap - (load<f64>(p, 64) + load<f64>(p, 72) * along));
        p += 80;
        break;
      }
      case 3: {
        const qx = abs<f64>(x - load<f64>(p, 8)) - load<f64>(p, 32);
        const qy = abs<f64>(y - load<f64>(p, 16)) - load<f64>(p, 40);
        const qz = abs<f64>(z - load<f64>(p, 24)) - load<f64>(p, 48);
        const outside = Math.sqrt(squared(max<f64>(qx, 0), max<f64>(qy, 0), max<f64>(qz, 0)));
        top += 8;
        store<f64>(top, outside + min<f64>(max<f64>(qx, max<f64>(qy, qz)), 0) - load<f64>(p, 56));
        p += 64;
        break;
      }
      case 4:
        top += 8;
        store<f64>(top, load<f64>(p, 8) * y + load<f64>(p, 16) * z + load<f64>(p, 24));
        p += 32;
        break;
      case 5:
        x = abs<f64>(ownX);
        p += 8;
        break;
      case 6:
        x = ownX;
        p += 8;
        break;
      case 7:
        top -= 8;
        store<f64>(top, min<f64>(load<f64>(top), load<f64>(top, 8)));
        p += 8;
        break;
      case 8:
        top -= 8;
        store<f64>(top, max<f64>(load<f64>(top), load<f64>(top, 8)));
        p += 8;
        break;
      case 9:
        top -= 8;
        store<f64>(top, max<f64>(load<f64>(top), -load<f64>(top, 8)));
        p += 8;
        break;
      case 10: {
        top -= 8;
        const a = load<f64>(top);
        const b = load<f64>(top, 8);
        const blend = load<f64>(p, 8);
        const share = max<f64>(blend - abs<f64>(a - b), 0) / blend;
        store<f64>(top, min<f64>(a, b) - (share * share * blend) / 4);
        p += 16;
        break;
      }
      case 11:
        store<f64>(top, load<f64>(top) - load<f64>(p, 8));
        p += 16;
        break;
      default:
        if (z <= load<f64>(p, 8)) store<f64>(top, load<f64>(p, 16));
        p += 24;
    }
  }
  return load<f64>(STACK);
}
