/** Lines drawn on the solid: as they lie, and pale where meat hides them. */
import {
  type BufferGeometry,
  CylinderGeometry,
  GLSL3,
  GreaterDepth,
  Group,
  LessEqualDepth,
  Mesh,
  Quaternion,
  ShaderMaterial,
  SphereGeometry,
  Vector3,
  Vector4,
} from "three";
import type { Stem } from "../../../core/bird/placing";
import type { Vec3 } from "../../../core/bird/sdf";
import { along } from "../../../core/bird/vector";
import { labFromLch } from "../../ui/oklab";
import { PLAIN, VERTEX } from "./shaders";
import { screenTone } from "./tones";

/** A line drawn on the bird: a stem, a blade's way, a string. */
export interface SolidLine {
  readonly points: readonly Vec3[];
  readonly radiusM: number;
  readonly tone: "ink" | "ember";
  /** A round end at its last point: a thermometer's tip. */
  readonly tipped: boolean;
}

const STEM_RADIUS_M = 0.0016;
/** So much of a stem is drawn outside. */
const OUTSIDE_M = 0.09;

/** A thermometer that is pushed in. @param tip where another one ends than its stem does; drawn stouter, and as what is doubted */
export const stemLine = ({ entry, tip, way }: Stem, doubted?: Vec3): SolidLine => {
  const outside = along(entry, way, -OUTSIDE_M);
  return doubted
    ? { points: [outside, doubted], radiusM: 1.3 * STEM_RADIUS_M, tone: "ember", tipped: true }
    : { points: [outside, entry, tip], radiusM: STEM_RADIUS_M, tone: "ink", tipped: true };
};

/** As tokens.css has them. */
const TONES = {
  light: { ink: labFromLch(0.25, 0.03, 235), ember: labFromLch(0.5, 0.15, 38) },
  dark: { ink: labFromLch(0.95, 0.01, 215), ember: labFromLch(0.77, 0.13, 52) },
} as const;
/** Of a line where meat hides it: pale, as if the meat were seen through. */
const THROUGH = new Vector4(0.97, 0.98, 1, 0.6);

/** What is drawn now; made anew where other lines are shown. */
export class Lines {
  readonly group = new Group();
  private shown: { readonly lines: readonly SolidLine[]; readonly dark: boolean } | null = null;

  show(lines: readonly SolidLine[], dark: boolean): void {
    if (this.shown?.lines === lines && this.shown.dark === dark) return;
    this.shown = { lines, dark };
    for (const child of this.group.children) {
      const { geometry, material } = child as Mesh<BufferGeometry, ShaderMaterial>;
      geometry.dispose();
      material.dispose();
    }
    this.group.clear();
    for (const line of lines) {
      const tone = screenTone(TONES[dark ? "dark" : "light"][line.tone]);
      for (const piece of piecesOf(line)) {
        // Once as it lies, and once through the meat that hides it.
        for (const isHidden of [true, false]) {
          const mesh = new Mesh(
            piece,
            new ShaderMaterial({
              glslVersion: GLSL3,
              vertexShader: VERTEX,
              fragmentShader: PLAIN,
              uniforms: { uColour: { value: isHidden ? THROUGH : new Vector4(...tone, 1) } },
              transparent: true,
              depthFunc: isHidden ? GreaterDepth : LessEqualDepth,
              depthWrite: !isHidden,
            }),
          );
          mesh.renderOrder = isHidden ? 3 : 4;
          mesh.frustumCulled = false;
          this.group.add(mesh);
        }
      }
    }
  }
}

/** A line's stretches as rods, round at their joints. */
function piecesOf({ points, radiusM, tipped }: SolidLine): BufferGeometry[] {
  const out: BufferGeometry[] = [];
  points.forEach((point, n) => {
    const to = new Vector3(...point);
    const isLast = n === points.length - 1;
    const ball = new SphereGeometry(isLast && tipped ? 2.2 * radiusM : radiusM, 10, 8);
    out.push(ball.translate(to.x, to.y, to.z));
    const before = points[n - 1];
    if (!before) return;
    const from = new Vector3(...before);
    const length = from.distanceTo(to);
    if (length === 0) return;
    const rod = new CylinderGeometry(radiusM, radiusM, length, 8, 1, true);
    rod.applyQuaternion(new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), to.clone().sub(from).normalize()));
    const middle = from.add(to).multiplyScalar(0.5);
    out.push(rod.translate(middle.x, middle.y, middle.z));
  });
  return out;
}
