/**
 * What workers have answered: a simulation depends on nothing but its job, and the next screen asks what the last one
 * asked. Of each kind the answers that were wanted last are kept; nobody may change them.
 */
import { Recent } from "../core/recent";
import type { Job, Results } from "./protocol";

type Kind = Job["kind"];
/** How many answers of a kind are kept; none of a kind that is not named. */
export type Keeping = Partial<Record<Kind, number>>;

export class Answers {
  private readonly kept: ReadonlyMap<string, Recent<Results[Kind]>>;

  constructor(keeping: Keeping) {
    this.kept = new Map(Object.entries(keeping).map(([kind, most]) => [kind, new Recent(most)]));
  }

  /** The answer, if it is still there; it is then the one wanted last. */
  recall(job: Job): Results[Kind] | undefined {
    return this.kept.get(job.kind)?.recall(JSON.stringify(job));
  }

  keep(job: Job, answer: Results[Kind]): void {
    this.kept.get(job.kind)?.keep(JSON.stringify(job), answer);
  }
}
