import { useRef, useState } from "react";
import type { Fault } from "../../../core/faults";
import type { RoastFile } from "../../../core/formats/file";
import { type Chosen, type Review, reviewFile, takeFile } from "../../../storage/files";
import { messageOf } from "../../../words/faults";
import { roastsWords, wrongWords } from "../../../words/incoming";
import { readRoastFile } from "../../../workers/roastFile";
import { clockNow } from "../../shell/clock";
import { writeCopy } from "../../shell/copy";
import { database } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { FilePicker } from "../../ui/FilePicker";
import { FileReview } from "./FileReview";
import { StorageWords } from "./StorageWords";
import { TakenIn } from "./TakenIn";

type Said =
  | { readonly kind: "quiet" }
  | { readonly kind: "done" | "failed"; readonly text: string }
  | { readonly kind: "writing"; readonly done: number; readonly of: number }
  | { readonly kind: "reading"; readonly name: string; readonly megabytes: number }
  | { readonly kind: "review"; readonly name: string; readonly file: RoastFile; readonly review: Review }
  | {
      readonly kind: "refused";
      readonly name: string;
      readonly faults: readonly Fault[];
      readonly more: number;
    };

/** What was taken of a file, and what of it was not. */
function takenWords(taken: number, { roasts }: Review, name: string): string {
  const same = roasts.filter(({ standing }) => standing === "same").length;
  const left = roasts.length - same - taken;
  return [
    `${roastsWords(taken)} taken in from ${name}.`,
    same > 0 && `${roastsWords(same)} here already, the same.`,
    left > 0 && `${roastsWords(left)} of the file left out, as you said.`,
  ]
    .filter(Boolean)
    .join(" ");
}

/** All of the cook's own as one file, out and in. A file that is not right is refused whole, with what is wrong and where. */
export function DataInOut() {
  const [said, setSaid] = useState<Said>({ kind: "quiet" });
  /** What is under way, in or out. */
  const underWay = useRef<AbortController | null>(null);
  const { set } = usePreferences();
  const failed = (what: string) => (error: unknown) =>
    setSaid({ kind: "failed", text: `${what}: ${messageOf(error)}` });
  const write = async (): Promise<void> => {
    underWay.current?.abort();
    const abort = new AbortController();
    underWay.current = abort;
    const name = await writeCopy({
      progress: (done, of) => setSaid({ kind: "writing", done, of }),
      signal: abort.signal,
    });
    if (underWay.current === abort)
      setSaid(name === null ? { kind: "quiet" } : { kind: "done", text: `Written to ${name}.` });
  };
  const read = async (file: File): Promise<void> => {
    underWay.current?.abort();
    const abort = new AbortController();
    underWay.current = abort;
    setSaid({ kind: "reading", name: file.name, megabytes: file.size / 1e6 });
    const check = await readRoastFile(file, abort.signal);
    // Another one was chosen meanwhile.
    if (underWay.current !== abort) return;
    if (check === null) setSaid({ kind: "quiet" });
    else if (check.valid) {
      const review = await reviewFile(database(), check.file);
      setSaid({ kind: "review", name: file.name, file: check.file, review });
    } else setSaid({ kind: "refused", name: file.name, faults: check.faults, more: check.more });
  };
  const take = async (name: string, file: RoastFile, review: Review, choice: Chosen): Promise<void> => {
    const taken = await takeFile(database(), file, choice, { name, nowMs: clockNow() });
    if (choice.preferences && file.preferences) await set(file.preferences);
    setSaid({ kind: "done", text: takenWords(taken, review, name) });
  };
  return (
    <section className="grid gap-3" aria-label="Your data">
      <h2 className="text-xl">Your data</h2>
      <p className="text-soft">
        Roasts and readings live in this browser, on this device, and nowhere else, but for a roast that you have in
        common through your own server. One file carries all of it out, with pictures, kitchen and preferences, as a
        copy or to another device.
      </p>
      <StorageWords />
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => void write().catch(failed("Nothing was written"))}>Write everything to a file</Button>
        <FilePicker
          label="File of roasts"
          accept="application/json,.json"
          onFile={(file) => read(file).catch(failed("The file was not read; nothing stored has changed"))}
        >
          Take roasts in from a file
        </FilePicker>
      </div>
      {said.kind === "review" && (
        <FileReview
          name={said.name}
          review={said.review}
          onTake={(choice) =>
            void take(said.name, said.file, said.review, choice).catch(
              failed("Nothing was taken in, and nothing stored has changed"),
            )
          }
          onLeave={() => setSaid({ kind: "quiet" })}
        />
      )}
      <TakenIn />
      <div role="status">
        {said.kind === "done" && <p>{said.text}</p>}
        {said.kind === "failed" && <p className="rounded-2xl bg-caution px-4 py-3 text-caution-ink">{said.text}</p>}
        {said.kind === "writing" && (
          <div className="flex flex-wrap items-center gap-3">
            <span>
              {said.done} of {said.of} readings written …
            </span>
            <progress
              aria-label="Writing everything to a file"
              value={said.done}
              max={Math.max(1, said.of)}
              className="h-2 w-40 accent-ember"
            />
            <Button size="small" onClick={() => underWay.current?.abort()}>
              Stop
            </Button>
          </div>
        )}
        {said.kind === "reading" && (
          <div className="flex flex-wrap items-center gap-3">
            <span>
              Reading {said.name}, {said.megabytes < 1 ? "less than 1" : Math.round(said.megabytes)} MB …
            </span>
            <progress aria-label={`Reading ${said.name}`} className="h-2 w-40 accent-ember" />
            <Button size="small" onClick={() => underWay.current?.abort()}>
              Stop
            </Button>
          </div>
        )}
        {said.kind === "refused" && (
          <div className="rounded-2xl bg-caution px-4 py-3 text-caution-ink">
            <p className="font-semibold">{said.name} was refused; nothing stored has changed.</p>
            <ul className="mt-1 list-disc pl-5">
              {said.faults.map((fault) => (
                <li key={fault.where + fault.wrong.kind}>
                  {fault.where ? <code>{fault.where}</code> : "The file"}: {wrongWords(fault.wrong)}
                </li>
              ))}
              {said.more > 0 && <li>and {said.more} more</li>}
            </ul>
          </div>
        )}
      </div>
    </section>
  );
}
