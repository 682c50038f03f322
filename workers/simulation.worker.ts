/**
 * A thin shell around the core: runs one job at a time in short slices, so that a cancel is heard between two slices
 * and a superseded job ends there.
 */
import { drawingOf } from "../core/bird/drawing";
import { formGeometry } from "../core/bird/section";
import { fitting, type Simulated } from "../core/forecast/assimilate";
import { runEnsemble } from "../core/forecast/ensemble";
import { hiddenRoast } from "../core/forecast/hiddenRoast";
import { plannedCook } from "../core/forecast/planned";
import { presentBird } from "../core/forecast/present";
import { whatIfs } from "../core/forecast/whatIf";
import { installKernel } from "../core/heat/arena";
import { leftovers } from "../core/processes/leftovers";
import { beforeOven } from "../core/processes/life";
import type { FromWorker, Job, Results, ToWorker } from "./protocol";

const SLICE_MS = 30;
const cancelled = new Set<number>();
let queue: Promise<void> = Promise.resolve();
/** The prior's members of the plan that was fitted last. */
let prior: Simulated | undefined;

function* running(job: Job): Generator<unknown, Results[Job["kind"]]> {
  switch (job.kind) {
    case "plan":
      return yield* plannedCook(job.input, job.quality);
    case "life": {
      const { bird: _, ...summary } = yield* beforeOven(job.form, job.massKg, job.before);
      return summary;
    }
    case "members":
      return yield* runEnsemble(job.options, job.draws);
    case "fit": {
      const fit = yield* fitting(job.options, job.readings, prior);
      prior = fit.prior;
      return fit.members;
    }
    case "what-if":
      return yield* whatIfs(job.options, job.estimate, job.nowMin, job.changes);
    case "present":
      return yield* presentBird(job.asked);
    case "leftovers":
      return leftovers(job.asked);
    case "geometry":
      return formGeometry(job.form);
    case "drawing":
      return drawingOf(job.form, job.view);
    case "hidden-roast":
      return yield* gathered(hiddenRoast(job.options));
  }
}

/** All that a generator yields, in turn. */
function* gathered<Item>(items: Iterable<Item>): Generator<number, Item[]> {
  const all: Item[] = [];
  for (const item of items) yield all.push(item);
  return all;
}

/** Lets waiting messages in: a message to oneself comes after those already there. */
function breath(): Promise<void> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
}

function buffersOf(result: Results[Job["kind"]]): Transferable[] {
  if (!("frames" in result)) return [];
  return result.frames.flatMap((frame) =>
    ("sections" in frame ? frame.sections : [...frame.temperatureC, ...frame.saltPercent]).map(({ buffer }) => buffer),
  );
}

async function run(id: number, job: Job): Promise<void> {
  const post = (message: FromWorker, transfer: Transferable[] = []): void => self.postMessage(message, { transfer });
  try {
    const work = running(job);
    let until = performance.now() + SLICE_MS;
    for (;;) {
      if (cancelled.has(id)) return;
      const step = work.next();
      if (step.done) {
        post({ kind: "done", id, result: step.value }, buffersOf(step.value));
        return;
      }
      if (performance.now() > until) {
        await breath();
        until = performance.now() + SLICE_MS;
      }
    }
  } catch (error) {
    post({ kind: "failed", id, message: error instanceof Error ? error.message : String(error) });
  } finally {
    cancelled.delete(id);
  }
}

self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
  if (data.kind === "start") {
    if (data.kernel) installKernel(data.kernel);
  } else if (data.kind === "cancel") {
    cancelled.add(data.id);
  } else {
    const { id, job } = data;
    queue = queue.then(() => run(id, job));
  }
};
