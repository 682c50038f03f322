/** The solid on a graphics processor: made once a bird; looked at, cut and moved through the cook by numbers alone. */
import {
  BackSide,
  BoxGeometry,
  BufferAttribute,
  BufferGeometry,
  type Data3DTexture,
  GLSL3,
  Matrix4,
  Mesh,
  PerspectiveCamera,
  PlaneGeometry,
  Quaternion,
  Raycaster,
  Scene,
  ShaderMaterial,
  Vector2,
  Vector3,
  Vector4,
  WebGLRenderer,
} from "three";
import { type Kept, type Look, towardsEye } from "../../../core/bird/look";
import type { Mesh as Triangles } from "../../../core/bird/mesh";
import type { Vec3 } from "../../../core/bird/sdf";
import { MOST_DISTANCE_M, type SolidGeometry } from "../../../core/bird/solidGeometry";
import { VOLUME_HIGH_C, VOLUME_LOW_C, VOLUME_MOST_BROWNING, volumeByte } from "../../../core/bird/volume";
import { labFromLch } from "../../ui/oklab";
import { blockOf, type Moment, rowOf, smooth, twoChannels } from "./blocks";
import { Lines, type SolidLine } from "./lines";
import { BONES, FACE, SKIN, UNDER_TARGET, VERTEX } from "./shaders";
import { bandRow, screenTone, skinRow } from "./tones";

export interface Shown {
  readonly look: Look;
  readonly kept: Kept | null;
  readonly inside: boolean;
  readonly targetC: number;
  readonly lines: readonly SolidLine[];
  readonly dark: boolean;
}

const FIELD_OF_VIEW_DEG = 28;
/** Of outlines on any tone of meat, in light and dark. */
const INK = { light: labFromLch(0.25, 0.03, 235), dark: labFromLch(0.12, 0.02, 235) } as const;
/** Of a raw bird from the fridge, before anything was simulated. */
const COLD_C = 4;
/** Room around it, and how many of the skin's points say how large it is. */
const AROUND = 1.04;
const EVERY_VERTEX = 12;
/** Drawn twice as fine each way where nothing moves: its edges are then smooth. */
const STILL_SHARE = 2;
const MOVING_SHARE = 0.5;
/** Steps through the meat, of half the bird's size. */
const STILL_MARCH = 1 / 48;
const MOVING_MARCH = 1 / 9;

const geometryOf = ({ positions, normals, triangles }: Triangles): BufferGeometry => {
  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new BufferAttribute(positions, 3));
  geometry.setAttribute("normal", new BufferAttribute(normals, 3));
  geometry.setIndex(new BufferAttribute(triangles, 1));
  return geometry;
};

/** @throws Error where there is no WebGL 2 */
export class SolidScene {
  private readonly renderer: WebGLRenderer;
  private readonly camera = new PerspectiveCamera(FIELD_OF_VIEW_DEG, 1, 0.05, 5);
  private readonly scene = new Scene();
  private readonly middle: Vector3;
  private readonly reachM: number;
  private readonly shared;
  private readonly skin: Mesh<BufferGeometry, ShaderMaterial>;
  private readonly cavity: Mesh<BufferGeometry, ShaderMaterial>;
  private readonly face: Mesh<PlaneGeometry, ShaderMaterial>;
  private readonly underTarget: Mesh<BoxGeometry, ShaderMaterial>;
  private readonly lines = new Lines();
  private block: Data3DTexture | null = null;
  private bytes = new Uint8Array(0);
  private held: Moment | null = null;
  private isSmooth = false;
  /** Drawn by the processor: where there is no graphics card. */
  readonly isSlow: boolean;

  constructor(
    canvas: HTMLCanvasElement,
    readonly geometry: SolidGeometry,
  ) {
    this.renderer = new WebGLRenderer({ canvas, alpha: true, antialias: false });
    const context = this.renderer.getContext();
    const asks = context.getExtension("WEBGL_debug_renderer_info");
    this.isSlow = /swiftshader|llvmpipe|software/i.test(
      String(context.getParameter(asks?.UNMASKED_RENDERER_WEBGL ?? context.RENDERER)),
    );
    const { low, high } = geometry.bounds;
    this.middle = new Vector3(0, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
    this.reachM = Math.hypot(high[0], (high[1] - low[1]) / 2, (high[2] - low[2]) / 2);
    const { lattice, bytes } = geometry.distances;
    const cold = new Uint8Array([volumeByte(COLD_C), 0]);
    const none = blockOf(cold, [1, 1, 1]);
    this.shared = {
      uHeat: { value: none },
      uHeatOrigin: { value: new Vector3() },
      uHeatSize: { value: new Vector3(1, 1, 1) },
      uHeatStep: { value: 1 },
      uMirrored: { value: true },
      uDistances: { value: blockOf(twoChannels(bytes), lattice.size) },
      uDistanceOrigin: { value: new Vector3(...lattice.origin) },
      uDistanceSize: { value: new Vector3(...lattice.size) },
      uDistanceStep: { value: lattice.stepM },
      uMostDistance: { value: MOST_DISTANCE_M },
      uIsCut: { value: false },
      uKept: { value: new Vector4() },
      uTargetC: { value: 0 },
      uLowC: { value: VOLUME_LOW_C },
      uHighC: { value: VOLUME_HIGH_C },
      uMostBrowning: { value: VOLUME_MOST_BROWNING },
      uBands: { value: rowOf(bandRow(), false) },
      uSkinTones: { value: rowOf(skinRow(), true) },
      uInk: { value: new Vector3() },
    };
    const material = (fragmentShader: string, own: ShaderMaterial["uniforms"] = {}): ShaderMaterial =>
      new ShaderMaterial({
        glslVersion: GLSL3,
        vertexShader: VERTEX,
        fragmentShader,
        uniforms: { ...this.shared, ...own },
      });
    this.skin = new Mesh(geometryOf(geometry.skin), material(SKIN, { uIsGhost: { value: false } }));
    this.skin.renderOrder = 2;
    const bones = new Mesh(geometryOf(geometry.bones), material(BONES));
    this.cavity = new Mesh(
      geometry.cavity ? geometryOf(geometry.cavity) : new BufferGeometry(),
      material(SKIN, { uIsGhost: { value: false } }),
    );
    this.face = new Mesh(new PlaneGeometry(1, 1), material(FACE));
    const box = new BoxGeometry(2 * high[0], high[1] - low[1], high[2] - low[2]);
    box.translate(this.middle.x, this.middle.y, this.middle.z);
    const inside = material(UNDER_TARGET, {
      uMarch: { value: 0 },
      uBoxLow: { value: new Vector3(-high[0], low[1], low[2]) },
      uBoxHigh: { value: new Vector3(...high) },
      uViewProjection: { value: new Matrix4() },
    });
    inside.side = BackSide;
    this.underTarget = new Mesh(box, inside);
    for (const each of [this.skin, this.cavity, bones, this.face, this.underTarget]) each.frustumCulled = false;
    this.scene.add(this.skin, this.cavity, bones, this.face, this.underTarget, this.lines.group);
  }

  /** The temperatures and colours of a moment; null: raw and cold. @param coarse while it moves: not smoothed */
  setMoment(moment: Moment | null, coarse: boolean): void {
    const { shared } = this;
    if (!moment || (moment === this.held && (coarse || this.isSmooth))) return;
    const { lattice, from, to, share } = moment;
    if (this.held?.lattice.size.join() !== lattice.size.join()) {
      this.block?.dispose();
      this.bytes = new Uint8Array(from.length);
      this.block = blockOf(this.bytes, lattice.size);
    }
    const { bytes, block } = this;
    if (!block) return;
    for (let n = 0; n < bytes.length; n++) {
      const byte = from[n] as number;
      bytes[n] = byte + share * ((to[n] as number) - byte) + 0.5;
    }
    if (!coarse) smooth(bytes, lattice.size, 1);
    this.isSmooth = !coarse;
    block.needsUpdate = true;
    this.held = moment;
    shared.uHeat.value = block;
    shared.uHeatOrigin.value.set(...lattice.origin);
    shared.uHeatSize.value.set(...lattice.size);
    shared.uHeatStep.value = lattice.stepM;
    shared.uMirrored.value = lattice.mirrored;
  }

  /** @param coarse while it moves, where there is no graphics card: at least a dozen pictures a second */
  draw({ look, kept, inside, targetC, lines, dark }: Shown, width: number, height: number, coarse: boolean): void {
    const { renderer, camera, shared } = this;
    renderer.setPixelRatio(devicePixelRatio * (coarse ? MOVING_SHARE : STILL_SHARE));
    renderer.setSize(width, height, false);
    const eye = towardsEye(look);
    camera.aspect = width / height;
    camera.up.set(0, 0, 1);
    if (Math.abs(eye[2]) > 0.99) camera.up.set(0, 1, 0);
    camera.position.set(...eye).add(this.middle);
    camera.lookAt(this.middle);
    camera.position
      .set(...eye)
      .multiplyScalar(this.awayM() / look.zoom)
      .add(this.middle);
    camera.updateProjectionMatrix();
    camera.updateMatrixWorld();
    shared.uTargetC.value = targetC;
    shared.uInk.value.set(...screenTone(dark ? INK.dark : INK.light));
    shared.uIsCut.value = kept !== null;
    this.face.visible = kept !== null;
    if (kept) {
      const normal = new Vector3(...kept.normal);
      shared.uKept.value.set(...kept.normal, kept.offsetM);
      const foot = this.middle.clone().addScaledVector(normal, kept.offsetM - this.middle.dot(normal));
      this.placeFace(foot, normal);
    }
    const { uIsGhost } = this.skin.material.uniforms;
    if (uIsGhost) uIsGhost.value = inside;
    this.skin.material.transparent = inside;
    this.skin.material.depthWrite = !inside;
    this.underTarget.visible = inside;
    // Only a cut opens it.
    this.cavity.visible = kept !== null && !inside;
    if (inside) {
      const { uViewProjection, uMarch } = this.underTarget.material.uniforms;
      if (uMarch) uMarch.value = this.reachM * (coarse ? MOVING_MARCH : STILL_MARCH);
      uViewProjection?.value.multiplyMatrices(camera.projectionMatrix, camera.matrixWorldInverse);
      // Cut and seen through at once would show its face twice.
      this.face.visible = false;
    }
    this.lines.show(lines, dark);
    renderer.render(this.scene, camera);
  }

  /** How far off the eye has to be for the whole bird, as it is turned, to fill the picture. */
  private awayM(): number {
    const { camera, middle } = this;
    const { positions } = this.geometry.skin;
    const [across, up, back] = [new Vector3(), new Vector3(), new Vector3()];
    camera.updateMatrixWorld();
    camera.matrixWorld.extractBasis(across, up, back);
    const open = Math.tan((FIELD_OF_VIEW_DEG * Math.PI) / 360);
    let away = 0;
    const point = new Vector3();
    for (let n = 0; n < positions.length; n += 3 * EVERY_VERTEX) {
      point.fromArray(positions, n).sub(middle);
      const needed = Math.max(Math.abs(point.dot(up)), Math.abs(point.dot(across)) / camera.aspect) / open;
      away = Math.max(away, needed + point.dot(back));
    }
    return AROUND * away;
  }

  /** The face is a sheet across the whole bird, its corners in the bird's own metres. */
  private placeFace(foot: Vector3, normal: Vector3): void {
    const turn = new Quaternion().setFromUnitVectors(new Vector3(0, 0, 1), normal);
    const corners = [
      [-1, 1],
      [1, 1],
      [-1, -1],
      [1, -1],
    ] as const;
    const positions = this.face.geometry.attributes.position as BufferAttribute;
    corners.forEach(([x, y], n) => {
      const corner = new Vector3(x, y, 0)
        .multiplyScalar(1.5 * this.reachM)
        .applyQuaternion(turn)
        .add(foot);
      positions.setXYZ(n, corner.x, corner.y, corner.z);
    });
    positions.needsUpdate = true;
  }

  /** Where a point of the bird is on the picture, px; null behind the eye. */
  placeOf(point: Vec3, width: number, height: number): readonly [number, number] | null {
    const at = new Vector3(...point).project(this.camera);
    if (at.z > 1) return null;
    return [((at.x + 1) / 2) * width, ((1 - at.y) / 2) * height];
  }

  /** The skin under a place of the picture, shares of its width and height from the top left, and its normal there. */
  skinAt(across: number, down: number): { readonly point: Vec3; readonly outward: Vec3 } | null {
    const ray = new Raycaster();
    ray.setFromCamera(new Vector2(2 * across - 1, 1 - 2 * down), this.camera);
    const hit = ray.intersectObject(this.skin).find(({ point }) => !this.isCutAway(point));
    if (!hit?.face) return null;
    const { x, y, z } = hit.face.normal;
    return { point: [hit.point.x, hit.point.y, hit.point.z], outward: [x, y, z] };
  }

  private isCutAway(point: Vector3): boolean {
    const { uIsCut, uKept } = this.shared;
    return uIsCut.value && uKept.value.x * point.x + uKept.value.y * point.y + uKept.value.z * point.z > uKept.value.w;
  }

  dispose(): void {
    this.block?.dispose();
    this.shared.uDistances.value.dispose();
    this.scene.traverse((each) => {
      if (each instanceof Mesh) {
        each.geometry.dispose();
        each.material.dispose();
      }
    });
    this.renderer.dispose();
    this.renderer.forceContextLoss();
  }
}
