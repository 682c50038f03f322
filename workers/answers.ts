/**
 * What workers have answered: a simulation depends on nothing but its job, and the next screen asks what the last one
 * asked. Of each kind the answers that were wanted last are kept; nobody may change them.
 */
import type { Job, Results } from "./protocol";

type Kind = Job["kind"];
/** How many answers of a kind are kept; none of a kind that is not named. */
export type Keeping = Partial<Record<Kind, number>>;

export class Answers {
  private readonly kept = new Map<Kind, Map<string, Results[Kind]>>();

  constructor(private readonly keeping: Keeping) {}

  /** The answer, if it is still there; it is then the one wanted last. */
  recall(job: Job): Results[Kind] | undefined {
    const ofKind = this.kept.get(job.kind);
    if (!ofKind) return undefined;
    const key = JSON.stringify(job);
    const answer = ofKind.get(key);
    if (answer !== undefined) {
      ofKind.delete(key);
      ofKind.set(key, answer);
    }
    return answer;
  }

  keep(job: Job, answer: Results[Kind]): void {
    const most = this.keeping[job.kind] ?? 0;
    if (most === 0) return;
    const ofKind = this.kept.get(job.kind) ?? new Map<string, Results[Kind]>();
    this.kept.set(job.kind, ofKind);
    const key = JSON.stringify(job);
    ofKind.delete(key);
    ofKind.set(key, answer);
    // A map keeps the order in which its keys came: the first is the one that was not wanted for longest.
    for (const oldest of ofKind.keys()) {
      if (ofKind.size <= most) break;
      ofKind.delete(oldest);
    }
  }
}
