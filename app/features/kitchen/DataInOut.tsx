import { useState } from "react";
import type { FileFault } from "../../../core/formats/file";
import { exportRoasts, importRoasts } from "../../../storage/roasts";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { Button } from "../../ui/Button";
import { FilePicker } from "../../ui/FilePicker";
import { saveFile } from "../../ui/saveFile";

type Said =
  | { readonly kind: "quiet" }
  | { readonly kind: "done"; readonly text: string }
  | { readonly kind: "refused"; readonly name: string; readonly faults: readonly FileFault[] };

const FAULTS_SHOWN = 8;

/** All roasts as one file, out and in. A file that is not right is refused whole, with what is wrong and where. */
export function DataInOut() {
  const [said, setSaid] = useState<Said>({ kind: "quiet" });
  const write = async (): Promise<void> => {
    const now = new Date(clockNow());
    const name = `bruma-roasts-${now.toISOString().slice(0, 10)}.json`;
    saveFile(name, "application/json", await exportRoasts(database(), now));
    setSaid({ kind: "done", text: `Written to ${name}.` });
  };
  const read = async (file: File): Promise<void> => {
    const result = await importRoasts(database(), await file.text());
    setSaid(
      result.kind === "imported"
        ? {
            kind: "done",
            text: `${result.count} ${result.count === 1 ? "roast" : "roasts"} taken in from ${file.name}.`,
          }
        : { kind: "refused", name: file.name, faults: result.faults },
    );
  };
  return (
    <section className="grid gap-3">
      <h2 className="text-xl">Your data</h2>
      <p className="text-soft">
        Roasts and readings live in this browser, on this device, and nowhere else, but for a roast that you have in
        common through your own server. One file carries all of them out, as a copy or to another device.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => void write()}>Write all roasts to a file</Button>
        <FilePicker label="File of roasts" accept="application/json,.json" onFile={read}>
          Take roasts in from a file
        </FilePicker>
      </div>
      <div role="status">
        {said.kind === "done" && <p>{said.text}</p>}
        {said.kind === "refused" && (
          <div className="rounded-2xl bg-caution px-4 py-3 text-caution-ink">
            <p className="font-semibold">{said.name} was refused; nothing stored has changed.</p>
            <ul className="mt-1 list-disc pl-5">
              {said.faults.slice(0, FAULTS_SHOWN).map((fault) => (
                <li key={fault.where + fault.what}>
                  {fault.where ? <code>{fault.where}</code> : "The file"}: {fault.what}
                </li>
              ))}
              {said.faults.length > FAULTS_SHOWN && <li>and {said.faults.length - FAULTS_SHOWN} more</li>}
            </ul>
          </div>
        )}
      </div>
    </section>
  );
}
