import { describe, expect, it } from "vitest";
import { fitting } from "../core/forecast/assimilate";
import { runEnsemble } from "../core/forecast/ensemble";
import type { Member } from "../core/forecast/member";
import type { Reading } from "../core/forecast/reading";
import { drain } from "../core/processes/cook";
import { Fits } from "./fits";
import { type How, Superseded, type WorkerPool } from "./pool";
import type { Job } from "./protocol";

const OPTIONS = {
  form: { species: "chicken", cut: "whole" },
  boughtKg: 1.8,
  startC: 4,
  stages: [{ fromMin: 0, airC: 200 }],
  shownC: { breast: 70, thigh: 74 },
} as const;
const READINGS: Reading[] = [
  { minute: 20, celsius: 22, part: "breast" },
  { minute: 30, celsius: 37, part: "breast" },
  { minute: 30, celsius: 41, part: "thigh" },
];

/** A pool that answers when it is let, last job first. */
class Held {
  readonly asked: { readonly draws: number; readonly how: How; answer(): void }[] = [];
  readonly dropped: string[] = [];
  /** Answers as soon as it is asked. */
  quick = false;

  ask(job: Job, how: How = {}): Promise<never> {
    if (job.kind !== "members") throw new RangeError(job.kind);
    return new Promise<readonly Member[]>((resolve) => {
      const answer = (): void => resolve(drain(runEnsemble(job.options, job.draws)));
      this.asked.push({ draws: job.draws.length, how, answer });
      if (this.quick) answer();
    }) as Promise<never>;
  }
  drop(lane: string): void {
    this.dropped.push(lane);
  }
}
const over = (held: Held): Fits => new Fits(held as unknown as Pick<WorkerPool, "ask" | "drop">);

describe("a fit over the pool", () => {
  it("gives what one worker alone gives, in handfuls, and the next of the same plan begins from the same birds", async () => {
    const held = new Held();
    held.quick = true;
    const fits = over(held);
    const members = await fits.ask("a", OPTIONS, READINGS);
    const alone = drain(fitting(OPTIONS, READINGS));
    expect(members.map(({ draw }) => draw)).toEqual(alone.members.map(({ draw }) => draw));
    const first = held.asked.length;
    expect(held.asked.every(({ draws, how }) => draws <= 5 && how.once)).toBe(true);
    await fits.ask("a", OPTIONS, [...READINGS, { minute: 36, celsius: 46, part: "breast" }]);
    expect(held.asked.length - first).toBe((2 * first) / 3);
  });

  it("is given up between two passes where it was dropped: it asks for nothing more", async () => {
    const held = new Held();
    const fits = over(held);
    const end = fits.ask("a", OPTIONS, READINGS).catch((error) => error);
    const first = held.asked.length;
    for (const { answer } of held.asked) answer();
    fits.drop("a");
    expect(await end).toBeInstanceOf(Superseded);
    expect(held.asked).toHaveLength(first);
    expect(held.dropped.some((lane) => lane.startsWith("a"))).toBe(true);
  });
});
