import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Keeping } from "./answers";
import { type How, JOBS_OF_ALL, Superseded, URGENCIES, type WorkerLike, WorkerPool } from "./pool";
import type { FromWorker, Job, ToWorker } from "./protocol";

/** A worker that answers when it is told to. */
class Stand implements WorkerLike {
  readonly heard: ToWorker[] = [];
  dead = false;
  onmessage: WorkerLike["onmessage"] = null;
  onerror: WorkerLike["onerror"] = null;
  postMessage(message: ToWorker): void {
    this.heard.push(message);
  }
  terminate(): void {
    this.dead = true;
  }
  answer(message: FromWorker): void {
    this.onmessage?.({ data: message } as MessageEvent<FromWorker>);
  }
  die(message: string): void {
    this.onerror?.({ message } as ErrorEvent);
  }
  /** The job it was given last. */
  get job(): Extract<ToWorker, { kind: "job" }> | undefined {
    return this.heard.findLast((message) => message.kind === "job");
  }
  get last(): ToWorker | undefined {
    return this.heard.at(-1);
  }
}

const job = (boughtKg = 5) =>
  ({
    kind: "members",
    options: { form: { species: "turkey", cut: "whole" }, boughtKg, startC: 4, stages: [], shownC: {} },
    draws: [],
  }) as const satisfies Job;

async function pool(size = 2, keeping: Keeping = {}, kept = 0) {
  const workers: Stand[] = [];
  const made = new WorkerPool({
    size,
    kept,
    start: () => {
      const worker = new Stand();
      workers.push(worker);
      return worker;
    },
    kernel: Promise.resolve(null),
    keeping,
  });
  await Promise.resolve();
  const ask = (how: How = {}) => made.ask<"members">(job(), how);
  return { workers, ask, made };
}

describe("the worker pool", () => {
  it("answers the job that was asked", async () => {
    const { workers, ask } = await pool();
    const answer = ask();
    const result: never[] = [];
    workers[0]?.answer({ kind: "done", id: 1, result });
    expect(await answer).toBe(result);
  });

  it("opens no more workers than it may, and gives the next job to the first that is free", async () => {
    const { workers, ask, made } = await pool(2);
    const asked = [ask(), ask(), ask()];
    expect(made.workers).toBe(2);
    workers[1]?.answer({ kind: "done", id: 2, result: [] });
    await asked[1];
    expect(workers[1]?.job?.id).toBe(3);
  });

  it("lets a worker go that has done many jobs, but only when nothing waits", async () => {
    const { workers, ask, made } = await pool(1);
    const asked = Array.from({ length: JOBS_OF_ALL + 1 }, () => ask());
    for (const [n, answer] of asked.entries()) {
      expect(workers).toHaveLength(1);
      expect(workers[0]?.dead).toBe(false);
      workers[0]?.answer({ kind: "done", id: n + 1, result: [] });
      await answer;
    }
    expect(workers[0]?.dead).toBe(true);
    expect(made.workers).toBe(0);
    const next = ask();
    expect(made.workers).toBe(1);
    expect(workers[1]?.heard[0]).toEqual({ kind: "start", kernel: null });
    workers[1]?.answer({ kind: "done", id: JOBS_OF_ALL + 2, result: [] });
    await next;
  });

  it("cancels what a newer request in the lane supersedes, and leaves other lanes alone", async () => {
    const { workers, ask } = await pool();
    const first = ask({ lane: "a" });
    const other = ask({ lane: "b" });
    const second = ask({ lane: "a" });
    await expect(first).rejects.toBeInstanceOf(Superseded);
    expect(workers[0]?.last).toEqual({ kind: "cancel", id: 1 });
    // Both are still at work: the new one waits until one of them is free.
    workers[0]?.answer({ kind: "ended", id: 1 });
    expect(workers[0]?.job?.id).toBe(3);
    workers[1]?.answer({ kind: "done", id: 2, result: [] });
    workers[0]?.answer({ kind: "done", id: 3, result: [] });
    await Promise.all([other, second]);
  });

  it("drops what waits in the queue as well", async () => {
    const { workers, ask, made } = await pool(1);
    const running = ask();
    const waiting = ask({ lane: "a" });
    made.drop("a");
    made.drop("nothing there");
    await expect(waiting).rejects.toBeInstanceOf(Superseded);
    workers[0]?.answer({ kind: "done", id: 1, result: [] });
    await running;
    expect(workers[0]?.job?.id).toBe(1);
  });

  it("lets a hand go first, and begins what was only prepared again after it", async () => {
    const { workers, ask } = await pool(1);
    const prepared = ask({ urgency: "behind" });
    const hand = ask({ urgency: "hand" });
    expect(workers[0]?.last).toEqual({ kind: "cancel", id: 1 });
    workers[0]?.answer({ kind: "ended", id: 1 });
    expect(workers[0]?.job?.id).toBe(2);
    workers[0]?.answer({ kind: "done", id: 2, result: [] });
    await hand;
    expect(workers[0]?.job?.id).toBe(1);
    workers[0]?.answer({ kind: "done", id: 1, result: [] });
    await prepared;
  });

  it("takes nothing away from a screen that waits", async () => {
    const { workers, ask } = await pool(1);
    void ask({ urgency: "screen" });
    void ask({ urgency: "hand" });
    expect(workers[0]?.last?.kind).toBe("job");
  });

  it("keeps a worker for what is spread, which begins nothing while a hand drags", async () => {
    const { workers, ask } = await pool(2, {}, 1);
    const done = (worker: number, id: number): void => workers[worker]?.answer({ kind: "done", id, result: [] });
    const asked = [ask({ urgency: "hand" }), ask(), ask({ spread: true }), ask({ spread: true })];
    expect(workers.map((worker) => worker.job?.id)).toEqual([1]);
    done(0, 1);
    // The hand has let go: the screen is answered by the worker there was, beside it goes what is spread.
    expect(workers.map((worker) => worker.job?.id)).toEqual([2, 3]);
    done(1, 3);
    expect(workers[1]?.job?.id).toBe(4);
    asked.push(ask({ urgency: "hand" }), ask({ spread: true }));
    done(0, 2);
    expect(workers[0]?.job?.id).toBe(5);
    done(1, 4);
    expect(workers[1]?.job?.id).toBe(4);
    done(0, 5);
    expect(workers[0]?.job?.id).toBe(6);
    done(0, 6);
    await Promise.all(asked);
  });

  it("tries a job that failed once more on the reference kernel, and then says why", async () => {
    const { workers, ask } = await pool(1);
    const answer = ask();
    expect(workers[0]?.job?.reference).toBe(false);
    workers[0]?.answer({ kind: "failed", id: 1, message: "could not allocate memory", refused: false });
    expect(workers[0]?.job).toMatchObject({ id: 1, reference: true });
    workers[0]?.answer({ kind: "failed", id: 1, message: "again", refused: false });
    await expect(answer).rejects.toThrow("again");
  });

  it("answers from memory what was asked lately, and forgets what was not wanted for longest", async () => {
    const { workers, made } = await pool(1, { members: 2 });
    let asked = 0;
    async function isAskedAnew(kg: number): Promise<boolean> {
      const before = workers[0]?.job?.id;
      const answer = made.ask<"members">(job(kg), { lane: "a" });
      const given = workers[0]?.job;
      const isNew = given !== undefined && given.id !== before;
      if (isNew) workers[0]?.answer({ kind: "done", id: ++asked, result: [] });
      await answer;
      return isNew;
    }
    const anew: boolean[] = [];
    for (const kg of [4, 5, 4, 6, 4, 5]) anew.push(await isAskedAnew(kg));
    // With two kept, the 6 takes the place of the 5: the 4 had been wanted since.
    expect(anew).toEqual([true, true, false, true, false, true]);
  });

  it("keeps nothing of what failed, and supersedes an older request in the lane by a known answer too", async () => {
    const { workers, made } = await pool(1, { members: 2 });
    const failed = made.ask<"members">(job(4));
    workers[0]?.answer({ kind: "failed", id: 1, message: "mass: got 4", refused: true });
    await expect(failed).rejects.toThrow("mass: got 4");
    const first = made.ask<"members">(job(4), { lane: "a" });
    workers[0]?.answer({ kind: "done", id: 2, result: [] });
    await first;
    const older = made.ask<"members">(job(5), { lane: "a" });
    const known = made.ask<"members">(job(4), { lane: "a" });
    await expect(older).rejects.toBeInstanceOf(Superseded);
    expect(await known).toEqual([]);
  });

  it("does not try again what was refused", async () => {
    const { workers, ask } = await pool(1);
    const answer = ask();
    workers[0]?.answer({ kind: "failed", id: 1, message: "mass: got 99", refused: true });
    await expect(answer).rejects.toThrow("mass: got 99");
    expect(workers[0]?.heard.filter(({ kind }) => kind === "job")).toHaveLength(1);
  });

  it("replaces a worker that dies, and tries its job once more", async () => {
    const { workers, ask, made } = await pool(1);
    const answer = ask();
    workers[0]?.die("out of memory");
    expect(workers[0]?.dead).toBe(true);
    expect(workers[1]?.job).toMatchObject({ id: 1, reference: true });
    workers[1]?.die("out of memory");
    await expect(answer).rejects.toThrow("out of memory");
    expect(made.workers).toBe(0);
  });

  it("answers or supersedes every request, whatever comes in what order, and never has more workers", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 4 }),
        fc.array(
          fc.oneof(
            fc.record({
              urgency: fc.constantFrom(...URGENCIES),
              lane: fc.constantFrom("a", "b", undefined),
              spread: fc.boolean(),
            }),
            fc.constantFrom("answer", "fail", "die" as const),
          ),
          { maxLength: 60 },
        ),
        async (size, few, acts) => {
          const { workers, made } = await pool(size, {}, Math.min(size, few) - 1);
          const ends: Promise<unknown>[] = [];
          /** One worker does what a real one would: what was cancelled ends, the rest is answered as told. */
          const turn = (how: "answer" | "fail" | "die"): boolean => {
            const busy = workers.find((worker) => !worker.dead && worker.job && !done.has(worker.job));
            if (!busy?.job) return false;
            const { id } = busy.job;
            const cancelled = busy.heard.slice(busy.heard.indexOf(busy.job)).some(({ kind }) => kind === "cancel");
            done.add(busy.job);
            if (how === "die") busy.die("gone");
            else if (cancelled) busy.answer({ kind: "ended", id });
            else if (how === "fail") busy.answer({ kind: "failed", id, message: "no", refused: false });
            else busy.answer({ kind: "done", id, result: [] });
            return true;
          };
          const done = new Set<ToWorker>();
          for (const act of acts) {
            if (typeof act === "string") turn(act);
            else {
              const { lane, ...how } = act;
              ends.push(made.ask<"members">(job(), lane ? { lane, ...how } : how).catch((error) => error));
            }
            expect(made.workers).toBeLessThanOrEqual(size);
          }
          while (turn("answer"));
          expect(await Promise.all(ends)).toHaveLength(ends.length);
        },
      ),
      { numRuns: 200 },
    );
  });
});
