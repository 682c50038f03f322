import { describe, expect, it } from "vitest";
import { Superseded, type WorkerLike, WorkerPool } from "./pool";
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
}

const job = {
  kind: "members",
  options: { form: { species: "turkey", cut: "whole" }, boughtKg: 5, startC: 4, stages: [], shownC: {} },
  draws: [],
} as const satisfies Job;

function pool() {
  const workers: Stand[] = [];
  const made = new WorkerPool(() => {
    const worker = new Stand();
    workers.push(worker);
    return worker;
  }, Promise.resolve(null));
  const ask = (lane: string) => made.request<"members">(lane, job);
  return { workers, ask, made };
}

const nextTurn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

describe("the worker pool", () => {
  it("answers the job that was asked", async () => {
    const { workers, ask } = pool();
    const answer = ask("a");
    await nextTurn();
    const result: never[] = [];
    workers[0]?.answer({ kind: "done", id: 1, result });
    expect(await answer).toBe(result);
  });

  it("cancels what a newer request in the lane supersedes, and leaves other lanes alone", async () => {
    const { workers, ask } = pool();
    const first = ask("a");
    const other = ask("b");
    await nextTurn();
    const second = ask("a");
    await expect(first).rejects.toBeInstanceOf(Superseded);
    expect(workers[0]?.heard.at(-2)).toEqual({ kind: "cancel", id: 1 });
    workers[1]?.answer({ kind: "failed", id: 2, message: "why" });
    await expect(other).rejects.toThrow("why");
    workers[0]?.answer({ kind: "failed", id: 3, message: "second's own" });
    await expect(second).rejects.toThrow("second's own");
  });

  it("drops what is not wanted any more, and answers the next request in its lane", async () => {
    const { workers, ask, made } = pool();
    const first = ask("a");
    await nextTurn();
    made.drop("a");
    made.drop("nothing there");
    await expect(first).rejects.toBeInstanceOf(Superseded);
    expect(workers[0]?.heard.at(-1)).toEqual({ kind: "cancel", id: 1 });
    const second = ask("a");
    await nextTurn();
    workers[0]?.answer({ kind: "failed", id: 2, message: "answered" });
    await expect(second).rejects.toThrow("answered");
  });

  it("rejects what was pending when a worker dies, and starts another for the next request", async () => {
    const { workers, ask } = pool();
    const lost = ask("a");
    await nextTurn();
    workers[0]?.onerror?.({ message: "out of memory" } as ErrorEvent);
    await expect(lost).rejects.toThrow("out of memory");
    expect(workers[0]?.dead).toBe(true);
    void ask("a").catch(() => undefined);
    await nextTurn();
    expect(workers).toHaveLength(2);
  });
});
