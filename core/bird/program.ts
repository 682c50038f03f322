/**
 * Distance fields as programs: numbers that one loop runs through, with the values that wait on a stack. A solid asks its
 * fields a hundred thousand times, of every thickness anew; as functions within functions each bird's would have to be
 * made quick by the engine again, which took longer than the birds.
 *
 * `run` is the reference; where the compiled kernel is installed its twin `wasm/field.as.ts` runs, bit for bit alike.
 */
import { compiledKernel, FIRST_ADDRESS, kernelOver } from "../compiled";
import type { DistanceField } from "./sdf";

/** What a step does, followed by its numbers. The twin has the same list: change both together. */
export const STEP = {
  /** The value on the stack is the field's. */
  end: 0,
  /** centre, half-axes, the least of them, matrix into its frame row by row. */
  ellipsoid: 1,
  /** from, way to the other end, its length squared, radius, widening. */
  cone: 2,
  /** centre, half-sizes without the rounding, rounding. */
  box: 3,
  /** by y, by z, at zero. */
  slope: 4,
  /** From here on the left half is taken for its mirror image, until… */
  mirror: 5,
  unmirror: 6,
  /** Of two values one: the lesser, the greater, the first without the second, flowing into one another by a blend. */
  least: 7,
  most: 8,
  lacking: 9,
  flow: 10,
  /** The surface so much further out. */
  grow: 11,
  /** At this height or lower another value. */
  keepAbove: 12,
} as const;

/** A step and its numbers. */
export type Step = readonly number[];

/** Values that wait to be combined; no program is nested as deeply. */
const waiting = new Float64Array(32);

/** The value of a program at a point. */
export function run(program: Float64Array, ownX: number, y: number, z: number): number {
  const p = program;
  let x = ownX;
  let top = -1;
  for (let n = 0; ; ) {
    switch (p[n]) {
      case STEP.ellipsoid: {
        const dx = x - (p[n + 1] as number);
        const dy = y - (p[n + 2] as number);
        const dz = z - (p[n + 3] as number);
        const [rx, ry, rz] = [p[n + 4] as number, p[n + 5] as number, p[n + 6] as number];
        const u = ((p[n + 8] as number) * dx + (p[n + 9] as number) * dy + (p[n + 10] as number) * dz) / rx;
        const v = ((p[n + 11] as number) * dx + (p[n + 12] as number) * dy + (p[n + 13] as number) * dz) / ry;
        const w = ((p[n + 14] as number) * dx + (p[n + 15] as number) * dy + (p[n + 16] as number) * dz) / rz;
        const k0 = Math.sqrt(u * u + v * v + w * w);
        if (k0 < 1) {
          // Inside, a bound that is deepest at the centre: the outside formula would wander along the long axis.
          waiting[++top] = (k0 - 1) * (p[n + 7] as number);
        } else {
          const a = u / rx;
          const b = v / ry;
          const c = w / rz;
          waiting[++top] = (k0 * (k0 - 1)) / Math.sqrt(a * a + b * b + c * c);
        }
        n += 17;
        break;
      }
      case STEP.cone: {
        const px = x - (p[n + 1] as number);
        const py = y - (p[n + 2] as number);
        const pz = z - (p[n + 3] as number);
        const [bx, by, bz] = [p[n + 4] as number, p[n + 5] as number, p[n + 6] as number];
        const along = Math.min(1, Math.max(0, (px * bx + py * by + pz * bz) / (p[n + 7] as number)));
        const gx = px - along * bx;
        const gy = py - along * by;
        const gz = pz - along * bz;
        const gap = Math.sqrt(gx * gx + gy * gy + gz * gz);
        waiting[++top] = gap - ((p[n + 8] as number) + (p[n + 9] as number) * along);
        n += 10;
        break;
      }
      case STEP.box: {
        const qx = Math.abs(x - (p[n + 1] as number)) - (p[n + 4] as number);
        const qy = Math.abs(y - (p[n + 2] as number)) - (p[n + 5] as number);
        const qz = Math.abs(z - (p[n + 3] as number)) - (p[n + 6] as number);
        const [ox, oy, oz] = [Math.max(qx, 0), Math.max(qy, 0), Math.max(qz, 0)];
        const outside = Math.sqrt(ox * ox + oy * oy + oz * oz);
        waiting[++top] = outside + Math.min(Math.max(qx, Math.max(qy, qz)), 0) - (p[n + 7] as number);
        n += 8;
        break;
      }
      case STEP.slope:
        waiting[++top] = (p[n + 1] as number) * y + (p[n + 2] as number) * z + (p[n + 3] as number);
        n += 4;
        break;
      case STEP.mirror:
        x = Math.abs(ownX);
        n++;
        break;
      case STEP.unmirror:
        x = ownX;
        n++;
        break;
      case STEP.least: {
        const b = waiting[top--] as number;
        waiting[top] = Math.min(waiting[top] as number, b);
        n++;
        break;
      }
      case STEP.most: {
        const b = waiting[top--] as number;
        waiting[top] = Math.max(waiting[top] as number, b);
        n++;
        break;
      }
      case STEP.lacking: {
        const b = waiting[top--] as number;
        waiting[top] = Math.max(waiting[top] as number, -b);
        n++;
        break;
      }
      case STEP.flow: {
        const b = waiting[top--] as number;
        const a = waiting[top] as number;
        const blend = p[n + 1] as number;
        const share = Math.max(blend - Math.abs(a - b), 0) / blend;
        waiting[top] = Math.min(a, b) - (share * share * blend) / 4;
        n += 2;
        break;
      }
      case STEP.grow:
        waiting[top] = (waiting[top] as number) - (p[n + 1] as number);
        n += 2;
        break;
      case STEP.keepAbove:
        if (z <= (p[n + 1] as number)) waiting[top] = p[n + 2] as number;
        n += 3;
        break;
      default:
        return waiting[0] as number;
    }
  }
}

/** Of a few hundred programs; when it is full, it is begun anew. */
const MEMORY_PAGES = 8;

/** The compiled kernel over the programs that were run lately. */
class Compiled {
  private readonly memory = new WebAssembly.Memory({ initial: MEMORY_PAGES });
  readonly fieldAt: (address: number, x: number, y: number, z: number) => number;
  private top = FIRST_ADDRESS;
  /** A program that was put there in an earlier round is not there any more. */
  round = 0;

  constructor(readonly module: WebAssembly.Module) {
    this.fieldAt = kernelOver<Pick<Compiled, "fieldAt">>(module, this.memory).fieldAt;
  }

  /** @returns its address */
  put(program: Float64Array): number {
    if (this.top + program.byteLength > this.memory.buffer.byteLength) {
      this.top = FIRST_ADDRESS;
      this.round++;
    }
    const address = this.top;
    new Float64Array(this.memory.buffer, address, program.length).set(program);
    this.top += program.byteLength;
    return address;
  }
}

let compiled: Compiled | undefined;

/** A field that is a program. */
export class ProgramField implements DistanceField {
  /** Made when it is first asked: most fields are only put together into others. */
  private numbers: Float64Array | undefined;
  private home: Compiled | undefined;
  private round = 0;
  private address = 0;

  /** @param steps in the order in which they are done, without the end */
  constructor(readonly steps: readonly Step[]) {}

  private get program(): Float64Array {
    this.numbers ??= Float64Array.from([...this.steps.flat(), STEP.end]);
    return this.numbers;
  }

  at(x: number, y: number, z: number): number {
    const module = compiledKernel();
    if (module === undefined) return run(this.program, x, y, z);
    if (compiled?.module !== module) compiled = new Compiled(module);
    if (this.home !== compiled || this.round !== compiled.round) {
      this.address = compiled.put(this.program);
      this.home = compiled;
      this.round = compiled.round;
    }
    return compiled.fieldAt(this.address, x, y, z);
  }
}
