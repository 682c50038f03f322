/**
 * A thin shell around the core: runs one job at a time in short slices, so that a cancel is heard between two slices
 * and a superseded job ends there.
 */

import { drawingOf } from "../core/bird/drawing";
import { formGeometry } from "../core/bird/section";
import { solidGeometry } from "../core/bird/solidGeometry";
import { installKernel } from "../core/compiled";
import { presentBird } from "../core/day/present";
import { whatIfs } from "../core/day/whatIf";
import { QuantityError } from "../core/errors";
import { runEnsemble } from "../core/forecast/ensemble";
import { hiddenRoast } from "../core/forecast/hiddenRoast";
import { plannedCook } from "../core/forecast/planned";
import { probeGuides } from "../core/forecast/probeGuide";
import { openKernelScope } from "../core/heat/arena";
import { mattered } from "../core/log/mattered";
import { ovenSays } from "../core/log/ovens";
import { relive, subjectOf } from "../core/log/relive";
import { debrief } from "../core/practice/practice";
import { leftovers } from "../core/processes/leftovers";
import { beforeOven } from "../core/processes/life";
import { faultWords } from "../words/faults";
import type { FromWorker, Job, Results, ToWorker } from "./protocol";
import { Slice } from "./slice";

const slice = new Slice();
let compiled: WebAssembly.Module | undefined;
const cancelled = new Set<number>();
let queue: Promise<void> = Promise.resolve();

function* running(job: Job): Generator<unknown, Results[Job["kind"]]> {
  switch (job.kind) {
    case "plan":
      return yield* plannedCook(job.input, job.quality);
    case "life": {
      const { bird: _, ...summary } = yield* beforeOven(job.form, job.massKg, job.before, job.pictured);
      return summary;
    }
    case "members":
      return yield* runEnsemble(job.options, job.draws);
    case "what-if":
      return yield* whatIfs(job.options, job.draws, job.nowMin, job.changes);
    case "present":
      return yield* presentBird(job.asked);
    case "relive":
      return yield* relive(subjectOf(job.options, job.draw, job.missedC), job.course);
    case "probe-guides":
      return yield* probeGuides(job.options);
    case "oven-says":
      return yield* ovenSays(job.options, job.readings);
    case "mattered":
      return yield* mattered(job.asked);
    case "leftovers":
      return leftovers(job.asked);
    case "geometry":
      return formGeometry(job.form);
    case "solid":
      return solidGeometry(job.form, job.massKg);
    case "drawing":
      return drawingOf(job.form, job.view);
    case "debrief":
      return yield* debrief(job.roast, job.practised, job.cook, job.carveAtMs);
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
  if (result === null || !("frames" in result)) return [];
  return result.frames.flatMap((frame) =>
    [
      ...("sections" in frame ? frame.sections : [...frame.temperatureC, ...frame.saltPercent]),
      ...(frame.volume ? [frame.volume] : []),
    ].map(({ buffer }) => buffer),
  );
}

async function run(id: number, job: Job): Promise<void> {
  const post = (message: FromWorker, transfer: Transferable[] = []): void => self.postMessage(message, { transfer });
  // Whatever becomes of the job, its memory is there for the next one.
  const endScope = openKernelScope();
  try {
    const work = running(job);
    slice.begin();
    for (;;) {
      if (cancelled.has(id)) {
        work.return(undefined as never);
        post({ kind: "ended", id });
        return;
      }
      const step = work.next();
      if (step.done) {
        post({ kind: "done", id, result: step.value }, buffersOf(step.value));
        return;
      }
      if (slice.isOver) {
        await breath();
        slice.begin();
      }
    }
  } catch (error) {
    const message = faultWords(error);
    post({ kind: "failed", id, message, refused: error instanceof QuantityError });
  } finally {
    endScope();
    cancelled.delete(id);
  }
}

self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
  if (data.kind === "start") compiled = data.kernel ?? undefined;
  else if (data.kind === "cancel") cancelled.add(data.id);
  else {
    const { id, job, reference } = data;
    queue = queue.then(() => {
      installKernel(reference ? undefined : compiled);
      return run(id, job);
    });
  }
};
