/** What is kept of a bird at a moment, to be looked at: its cuts, its solid, its coldest point. */
import type { Vec3 } from "../bird/sdf";
import { cellCentre, sectionSampler } from "../bird/section";
import { volumeOf } from "../bird/volume";
import type { LivingBird } from "./bird";

/** How much is kept: the cuts, or the whole of it too, which is megabytes a cook. */
export type Pictured = "cuts" | "solid";

export interface Frame {
  readonly minute: number;
  /** Temperatures on each section, see `bird/section.ts`. */
  readonly sections: readonly Float32Array[];
  /** The whole of it, see `bird/volume.ts`; where a solid is pictured. */
  readonly volume?: Uint8Array;
  readonly coldestAt: Vec3;
}

/** Takes pictures of one bird. */
export function photographer(bird: LivingBird, pictured: Pictured): () => Frame {
  const sampler = sectionSampler(bird.body);
  return () => ({
    minute: bird.minute,
    sections: sampler.sample(bird.solver.temperatureC),
    ...(pictured === "solid" && {
      volume: volumeOf(bird.body.unit, bird.solver.temperatureC, bird.watch?.browningOfSkin()),
    }),
    coldestAt: cellCentre(bird.body, bird.coldest().cell),
  });
}
