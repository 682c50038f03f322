/**
 * Ensembles fitted to readings, over the pool: the page asks for what each pass wants simulated and does the little
 * arithmetic in between, so that all workers fit, and a hand that drags waits for a handful of birds and not for a fit.
 */

import { fitSteps, type Simulated, simulatedBy } from "../core/forecast/assimilate";
import type { EnsembleOptions } from "../core/forecast/ensemble";
import type { Member } from "../core/forecast/member";
import type { Reading } from "../core/forecast/reading";
import { Recent } from "../core/recent";
import { dropMembers, membersOver } from "./members";
import { Superseded, type Urgency, type WorkerPool } from "./pool";

/** A dinner's birds in turn: the prior's members of so many plans are there for their next fit. */
const PRIORS = 3;

export class Fits {
  private readonly priors = new Recent<Simulated>(PRIORS);
  /** The fit that is under way in a lane. */
  private readonly running = new Map<string, symbol>();

  constructor(private readonly pool: Pick<WorkerPool, "ask" | "drop">) {}

  /** What is under way in a lane is not wanted any more. */
  drop(lane: string): void {
    this.running.delete(lane);
    dropMembers(this.pool, lane);
  }

  /** @throws Superseded when it was dropped, or a newer one was asked for in the same lane */
  async ask(
    lane: string,
    options: EnsembleOptions,
    readings: readonly Reading[],
    urgency: Urgency = "screen",
  ): Promise<readonly Member[]> {
    this.drop(lane);
    const own = Symbol(lane);
    this.running.set(lane, own);
    const plan = simulatedBy(options);
    const isWanted = (): boolean => this.running.get(lane) === own;
    try {
      const steps = fitSteps(options, readings, this.priors.recall(plan));
      let step = steps.next();
      while (!step.done) {
        const { options: asked, draws } = step.value;
        // No two fits ask for the same birds: what is remembered for the next screen is not pushed out by them.
        const members = await membersOver(this.pool, lane, asked, draws, { urgency, once: true, spread: true });
        if (!isWanted()) throw new Superseded();
        step = steps.next(members);
      }
      this.priors.keep(plan, step.value.prior);
      return step.value.members;
    } finally {
      if (isWanted()) this.running.delete(lane);
    }
  }
}
