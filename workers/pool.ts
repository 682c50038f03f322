/**
 * The pool: as many workers as there are processors to spare, one queue before them. What a hand waits for goes first,
 * and takes the place of what is only prepared behind. In one lane only the newest request counts: an older one is
 * cancelled and its promise rejects with {@link Superseded}. A job that fails is tried once more on the reference
 * kernel, and a worker that dies is replaced. What was answered lately is answered again without a worker.
 *
 * A worker that has nothing to do never tidies up what its jobs have let go of: after many jobs it is let go itself, once
 * nothing waits, and the next job begins in a new one.
 */
import { Answers, type Keeping } from "./answers";
import type { FromWorker, Job, Results, ToWorker } from "./protocol";

export class Superseded extends Error {
  constructor() {
    super("a newer request took this one's place");
    this.name = "Superseded";
  }
}

/** Most urgent first: a hand that drags, a screen that waits, what is only prepared. */
export const URGENCIES = ["hand", "screen", "behind"] as const;
export type Urgency = (typeof URGENCIES)[number];
const rank = (urgency: Urgency): number => URGENCIES.indexOf(urgency);

export interface How {
  /** Of one name only the newest counts; what has no lane is always answered. */
  readonly lane?: string;
  readonly urgency?: Urgency;
  /** It will not be asked again: its answer is not remembered. */
  readonly once?: boolean;
  /** One of many that are waited for together: worth a worker that is kept for that. */
  readonly spread?: boolean;
}

/** What the pool needs of a worker; a real one or, in tests, a stand-in. */
export interface WorkerLike {
  postMessage(message: ToWorker): void;
  terminate(): void;
  onmessage: ((event: MessageEvent<FromWorker>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
}

interface Task {
  readonly id: number;
  readonly job: Job;
  readonly lane: string | undefined;
  readonly urgency: Urgency;
  readonly once: boolean;
  readonly spread: boolean;
  /** Its first try has failed. */
  again: boolean;
  resolve(result: never): void;
  reject(error: Error): void;
}

interface Slot {
  readonly worker: WorkerLike;
  /** What it works at; cancelled, until it says that it has ended. */
  busyWith: number | undefined;
  task: Task | undefined;
  /** Whose job it had last: it still has what that job's next one begins from. */
  lane: string | undefined;
  /** How many it has had. */
  jobs: number;
}

/**
 * What all workers together let lie is bounded by the jobs they have had since they began: some eight roasts with plan,
 * comparison, list and stove. Beginning anew costs the next job a quarter of a second.
 */
export const JOBS_OF_ALL = 300;

interface PoolOptions {
  /** Never more workers than these. */
  readonly size: number;
  /** Of them, so many for what is spread alone, and not while a hand drags; none when left out. */
  readonly kept?: number;
  start(): WorkerLike;
  /** Sent to each worker before its first job; null where only the reference is to be had. */
  readonly kernel: Promise<WebAssembly.Module | null>;
  /** What is answered from memory when it is asked again; nothing is where this is left out. */
  readonly keeping?: Keeping;
}

export class WorkerPool {
  private readonly slots: Slot[] = [];
  private queue: Task[] = [];
  private nextId = 1;
  private kernel: WebAssembly.Module | null | undefined;
  private readonly answers: Answers;

  constructor(private readonly options: PoolOptions) {
    this.answers = new Answers(options.keeping ?? {});
    void options.kernel.then((module) => {
      this.kernel = module;
      this.fill();
    });
  }

  /** Workers that are alive. */
  get workers(): number {
    return this.slots.length;
  }

  /** @throws Superseded when a newer request comes in the same lane; Error when the job fails twice, or is refused */
  ask<Kind extends Job["kind"]>(job: Extract<Job, { kind: Kind }>, how: How = {}): Promise<Results[Kind]> {
    const { lane, urgency = "screen", once = false, spread = false } = how;
    if (lane !== undefined) this.drop(lane);
    const known = once ? undefined : (this.answers.recall(job) as Results[Kind] | undefined);
    if (known !== undefined) return Promise.resolve(known);
    return new Promise<Results[Kind]>((resolve, reject) => {
      const id = this.nextId++;
      this.queue.push({
        id,
        job,
        lane,
        urgency,
        once,
        spread,
        again: false,
        resolve: resolve as Task["resolve"],
        reject,
      });
      this.fill();
    });
  }

  /** What is asked in a lane is not wanted any more: its promise rejects with {@link Superseded}. */
  drop(lane: string): void {
    for (const task of this.queue.filter((each) => each.lane === lane)) task.reject(new Superseded());
    this.queue = this.queue.filter((each) => each.lane !== lane);
    for (const slot of this.slots) {
      if (slot.task?.lane !== lane) continue;
      slot.task.reject(new Superseded());
      this.cancel(slot);
    }
  }

  private cancel(slot: Slot): void {
    if (slot.task) slot.worker.postMessage({ kind: "cancel", id: slot.task.id });
    slot.task = undefined;
  }

  private fill(): void {
    if (this.kernel === undefined) return;
    this.queue.sort((a, b) => rank(a.urgency) - rank(b.urgency) || a.id - b.id);
    const isByHand = [...this.queue, ...this.slots.map(({ task }) => task)].some((each) => each?.urgency === "hand");
    for (const task of [...this.queue]) {
      const slot = this.placeFor(task, isByHand);
      if (!slot) continue;
      this.queue.splice(this.queue.indexOf(task), 1);
      this.give(slot, task);
    }
    const [first] = this.queue;
    if (first?.urgency === "hand") this.makeRoom();
  }

  /** A free worker, or a new one. Those that are kept for what is spread begin nothing while a hand drags. */
  private placeFor({ lane, spread }: Task, isByHand: boolean): Slot | undefined {
    const most = spread && !isByHand ? this.options.size : this.forAll;
    const free = this.slots.slice(0, most).filter(({ busyWith }) => busyWith === undefined);
    const known = free.find((each) => lane !== undefined && each.lane === lane) ?? free[0];
    return known ?? (this.slots.length < most ? this.open() : undefined);
  }

  /** Workers that take whatever comes. */
  private get forAll(): number {
    return this.options.size - (this.options.kept ?? 0);
  }

  /** Something that is only prepared behind is begun again later, so that a hand does not wait. */
  private makeRoom(): void {
    const slots = this.slots.slice(0, this.forAll);
    // One that is ending anyway makes room by itself.
    if (slots.some(({ task, busyWith }) => task === undefined && busyWith !== undefined)) return;
    const [least] = slots.sort((a, b) => rank(b.task?.urgency ?? "hand") - rank(a.task?.urgency ?? "hand"));
    if (least?.task?.urgency !== "behind") return;
    this.queue.push(least.task);
    this.cancel(least);
  }

  private give(slot: Slot, task: Task): void {
    slot.task = task;
    slot.busyWith = task.id;
    slot.lane = task.lane;
    slot.jobs++;
    slot.worker.postMessage({ kind: "job", id: task.id, job: task.job, reference: task.again });
  }

  private close(slot: Slot): void {
    slot.worker.terminate();
    this.slots.splice(this.slots.indexOf(slot), 1);
  }

  private failed(task: Task, message: string, refused: boolean): void {
    if (refused || task.again) task.reject(new Error(message));
    else {
      task.again = true;
      this.queue.push(task);
    }
  }

  private open(): Slot {
    const worker = this.options.start();
    const slot: Slot = { worker, busyWith: undefined, task: undefined, lane: undefined, jobs: 0 };
    worker.postMessage({ kind: "start", kernel: this.kernel ?? null });
    worker.onmessage = ({ data }) => {
      if (slot.busyWith !== data.id) return;
      const { task } = slot;
      slot.busyWith = undefined;
      slot.task = undefined;
      if (task?.id === data.id) {
        if (data.kind === "done") {
          if (!task.once) this.answers.keep(task.job, data.result);
          task.resolve(data.result as never);
        } else if (data.kind === "failed") this.failed(task, data.message, data.refused);
      }
      this.fill();
      if (slot.busyWith === undefined && slot.jobs >= JOBS_OF_ALL / this.options.size) this.close(slot);
    };
    worker.onerror = (event) => {
      this.close(slot);
      if (slot.task) this.failed(slot.task, `the simulation stopped: ${event.message}`, false);
      this.fill();
    };
    this.slots.push(slot);
    return slot;
  }
}
