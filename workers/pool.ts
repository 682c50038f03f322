/**
 * The pool: a few workers, and lanes. In one lane only the newest request counts: an older one is cancelled and its
 * promise rejects with {@link Superseded}. A worker that dies rejects what was pending and is replaced.
 */
import type { FromWorker, Job, Results, ToWorker } from "./protocol";

export class Superseded extends Error {
  constructor() {
    super("a newer request took this one's place");
    this.name = "Superseded";
  }
}

interface Pending {
  readonly id: number;
  resolve(result: never): void;
  reject(error: Error): void;
}

/** What the pool needs of a worker; a real one or, in tests, a stand-in. */
export interface WorkerLike {
  postMessage(message: ToWorker): void;
  terminate(): void;
  onmessage: ((event: MessageEvent<FromWorker>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
}

export class WorkerPool {
  private readonly slots = new Map<string, { worker: WorkerLike; pending: Pending | undefined }>();
  private nextId = 1;

  /** @param start makes a worker; @param kernel is sent to each before its first job */
  constructor(
    private readonly start: () => WorkerLike,
    private readonly kernel: Promise<WebAssembly.Module | null>,
  ) {}

  /** @throws Superseded when a newer request comes in the same lane; Error when the job or its worker fails */
  async request<Kind extends Job["kind"]>(lane: string, job: Extract<Job, { kind: Kind }>): Promise<Results[Kind]> {
    const id = this.nextId++;
    const module = await this.kernel;
    const slot = this.slots.get(lane) ?? this.open(lane, module);
    if (slot.pending && slot.pending.id > id) throw new Superseded();
    this.drop(lane);
    return new Promise<Results[Kind]>((resolve, reject) => {
      slot.pending = { id, resolve: resolve as Pending["resolve"], reject };
      slot.worker.postMessage({ kind: "job", id, job });
    });
  }

  /** What is under way in a lane is not wanted any more: its promise rejects with {@link Superseded}. */
  drop(lane: string): void {
    const slot = this.slots.get(lane);
    if (!slot?.pending) return;
    slot.worker.postMessage({ kind: "cancel", id: slot.pending.id });
    slot.pending.reject(new Superseded());
    slot.pending = undefined;
  }

  private open(lane: string, kernel: WebAssembly.Module | null) {
    const worker = this.start();
    const slot: { worker: WorkerLike; pending: Pending | undefined } = { worker, pending: undefined };
    worker.postMessage({ kind: "start", kernel });
    worker.onmessage = ({ data }) => {
      if (slot.pending?.id !== data.id) return;
      const { resolve, reject } = slot.pending;
      slot.pending = undefined;
      if (data.kind === "done") resolve(data.result as never);
      else reject(new Error(data.message));
    };
    worker.onerror = (event) => {
      worker.terminate();
      this.slots.delete(lane);
      slot.pending?.reject(new Error(`the simulation stopped: ${event.message}`));
    };
    this.slots.set(lane, slot);
    return slot;
  }
}
