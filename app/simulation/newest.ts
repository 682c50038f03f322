/**
 * One question of which only the newest wording counts. The last answer stands until the next is there; that it is of an
 * older wording, and that the newest has failed, are told beside it, never instead of it.
 */

import { messageOf } from "../../words/faults";
import { Superseded } from "../../workers/pool";
import { soon } from "../shell/clock";

export interface Asked<Answer> {
  readonly answer: Answer | null;
  /** What the answer was given to; null before the first. */
  readonly answered: string | null;
  /** Something newer has been asked, and is not answered yet. */
  readonly stale: boolean;
  readonly fault: string | null;
}

/** Where an answer may be had again without asking. */
export interface Kept {
  recall(key: string): Promise<unknown>;
  keep(key: string, answer: unknown): void;
}

export interface Manner {
  readonly kept?: Kept | undefined;
  /** Waits until the question has stood still for so long, in life's time. */
  readonly settleMs?: number;
  /** Whether what is under way is let finish, and the newest taken next: for a picture that keeps moving. */
  follows?(running: string, next: string): boolean;
  /** What is under way is not wanted any more. */
  drop?(): void;
}

export class Newest<Answer> {
  private state: Asked<Answer> = { answer: null, answered: null, stale: false, fault: null };
  private readonly listeners = new Set<() => void>();
  private wanted: { readonly key: string; ask(): Promise<Answer> } | null = null;
  private running: string | null = null;
  private settle = (): void => undefined;

  constructor(private readonly manner: Manner = {}) {}

  readonly get = (): Asked<Answer> => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private put(change: Partial<Asked<Answer>>): void {
    const { state } = this;
    // Whoever listens draws a page anew.
    if (Object.entries(change).every(([name, value]) => state[name as keyof Asked<Answer>] === value)) return;
    this.state = { ...state, ...change };
    for (const listener of this.listeners) listener();
  }

  /** @param key stays the same while it is the same question; null while there is nothing to ask */
  want(key: string | null, ask: () => Promise<Answer>): void {
    if (key === (this.wanted?.key ?? null)) return;
    this.wanted = key === null ? null : { key, ask };
    this.settle();
    if (this.running !== null && !(key !== null && this.manner.follows?.(this.running, key))) {
      this.running = null;
      this.manner.drop?.();
    }
    if (key === null || key === this.state.answered) {
      this.put({ stale: false, fault: null });
      return;
    }
    this.put({ stale: true, fault: null });
    if (this.running !== null) return;
    if (this.manner.settleMs === undefined) void this.run();
    else this.settle = soon(this.manner.settleMs, () => void this.run());
  }

  /** Nobody looks any more. */
  stop(): void {
    this.wanted = null;
    this.settle();
    if (this.running === null) return;
    this.running = null;
    this.manner.drop?.();
  }

  /** What follows a hand looks for what was kept until it has its first answer: each look takes milliseconds. */
  private recalled(key: string): Promise<Answer | undefined> | undefined {
    const { kept, follows } = this.manner;
    if (!kept || (follows && this.state.answered !== null)) return undefined;
    return kept.recall(key) as Promise<Answer | undefined>;
  }

  private async run(): Promise<void> {
    const asked = this.wanted;
    if (!asked) return;
    this.running = asked.key;
    const isCurrent = (): boolean => this.running === asked.key;
    try {
      const recalling = this.recalled(asked.key);
      const known = recalling && (await recalling);
      if (!isCurrent()) return;
      const answer = known ?? (await asked.ask());
      if (!isCurrent()) return;
      this.running = null;
      if (known === undefined) this.manner.kept?.keep(asked.key, answer);
      this.put({ answer, answered: asked.key, stale: this.wanted !== null && this.wanted.key !== asked.key });
    } catch (error) {
      if (!isCurrent()) return;
      this.running = null;
      // Something else took this one's place in its lane: its own answer is on the way.
      if (!(error instanceof Superseded)) this.put({ stale: false, fault: messageOf(error) });
    }
    if (this.wanted && this.wanted.key !== asked.key) void this.run();
  }
}
