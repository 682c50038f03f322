/** Where this bird's thermometers go in, and what a slip of the hand would show as it comes out. */

import { type ProbePath, probePath } from "../bird/probePath";
import type { Vec3 } from "../bird/sdf";
import type { Centre } from "../bird/solid";
import { between, distanceBetween } from "../bird/vector";
import { pointStencil, readAt } from "../heat/stencil";
import { roasting } from "../processes/roast";
import { type EnsembleOptions, memberBird, priorOf, roastingOf } from "./ensemble";
import { traitsOf } from "./prior";

export interface ProbeGuide extends ProbePath {
  readonly centre: Centre;
  /** A tip a centimetre too far in or out shows so much more as the bird comes out, K. */
  readonly moreKPerCm: number;
}

const STEP_MIN = 5;
const CM = 0.01;

/** @param options its targets say when it comes out. Yields now and then. */
export function* probeGuides(options: EnsembleOptions): Generator<number, readonly ProbeGuide[]> {
  const { bird, oven } = memberBird(options, traitsOf([], priorOf(options)), false);
  try {
    const paths = bird.centres.flatMap((centre) => {
      const path = probePath(bird.body, centre);
      return path ? [{ centre, path }] : [];
    });
    const { shownC } = options;
    for (const { minute } of roasting(bird, roastingOf(options, oven, STEP_MIN))) {
      if (bird.centres.every((centre) => bird.centreC(centre) >= (shownC[centre] ?? Number.NEGATIVE_INFINITY))) break;
      yield minute;
    }
    const at = (point: Vec3): number => readAt(bird.solver.temperatureC, pointStencil(bird.body, point));
    return paths.map(({ centre, path }): ProbeGuide => {
      const { tip, entry } = path;
      const length = distanceBetween(entry, tip);
      const beside = (sign: number): Vec3 => between(tip, entry, (sign * CM) / bird.body.scale / length);
      const moreKPerCm = Math.max(0, ...[-1, 1].map((sign) => at(beside(sign)) - at(tip)));
      return { centre, ...path, moreKPerCm: Number.isFinite(moreKPerCm) ? moreKPerCm : 0 };
    });
  } finally {
    bird.release();
  }
}
