/**
 * The bird in which the demo's simulated thermometer stands, cooked as its roast is. A real thermometer feels what is done
 * at the stove; of this one's bird a page tells it.
 */
import { existsSync, readFileSync } from "node:fs";
import express, { Router } from "express";
import { judgedBy } from "../core/formats/judged";
import { type Roast, RoastSchema } from "../core/plan/roast";
import { hiddenOptions } from "../core/practice/practice";
import { messageOf } from "../words/faults";
import { firstFault } from "../words/incoming";
import { replaceFile } from "./durable";
import type { HiddenBird, ReadBird } from "./thermometer";

const LARGEST_ROAST = "1mb";

interface Begun {
  /** As it went in. */
  readonly roast: Roast;
  readonly inAtMs: number;
  readonly seed: string;
  /** File in which what was told last is kept, so that a server that starts again goes on with it. */
  readonly keptIn?: string | undefined;
}

export class SimulatedBird implements ReadBird {
  private now: HiddenBird;

  get inAtMs(): number {
    return this.begun.inAtMs;
  }

  constructor(private readonly begun: Begun) {
    this.now = this.hiddenOf(this.kept() ?? begun.roast);
  }

  /** What was told it before this server began; null where that is nothing, of another bird, or cannot be read. */
  private kept(): Roast | null {
    const { keptIn } = this.begun;
    if (!keptIn || !existsSync(keptIn)) return null;
    try {
      const kept = judgedBy(RoastSchema, JSON.parse(readFileSync(keptIn, "utf8")));
      return kept.success && this.isIts(kept.data) ? kept.data : null;
    } catch (error) {
      console.error(`${keptIn} cannot be read, and its bird is as it went in: ${messageOf(error)}`);
      return null;
    }
  }

  asked(): HiddenBird {
    return this.now;
  }

  /** @returns whether it is this bird's roast: a page that was left open may still have the one before */
  hear(roast: Roast): boolean {
    if (!this.isIts(roast)) return false;
    const next = this.hiddenOf(roast);
    // Notes and ticks heat no bird.
    if (JSON.stringify(next) === JSON.stringify(this.now)) return true;
    this.now = next;
    if (this.begun.keptIn) replaceFile(this.begun.keptIn, Buffer.from(JSON.stringify(roast)));
    return true;
  }

  private isIts({ id, createdAt }: Roast): boolean {
    const { roast } = this.begun;
    return id === roast.id && createdAt === roast.createdAt;
  }

  /** It is in since it is read, whatever the cook corrects. */
  private hiddenOf({ plan, happened }: Roast): HiddenBird {
    const { inAtMs, seed } = this.begun;
    const inAt = new Date(inAtMs).toISOString();
    return hiddenOptions({ plan, happened: { ...happened, inAt } }, { seed, difficulty: "usual" });
  }
}

/** PUT tells what its roast is now. */
export function simulatedBirdRouter(bird: SimulatedBird): Router {
  const router = Router();
  router.put("/", express.json({ limit: LARGEST_ROAST }), (request, response) => {
    const checked = judgedBy(RoastSchema, request.body);
    if (checked.success) response.json({ heard: bird.hear(checked.data) });
    else response.status(400).json({ why: firstFault(checked.faults) });
  });
  return router;
}
