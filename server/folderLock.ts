/** One folder, one server: two that wrote to the same files would each lose what the other has kept. */

import { mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import * as z from "zod/mini";
import { messageOf } from "../words/faults";

const LockSchema = z.object({ pid: z.int().check(z.positive()), url: z.string() });
const NAME = "in-use.json";

export type Locked =
  | { readonly kind: "mine"; tell(url: string): void; release(): void }
  /** Another server works there. */
  | { readonly kind: "taken"; readonly pid: number; readonly url: string };

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // Not allowed to be asked is alive, and somebody else's.
    return (error as NodeJS.ErrnoException).code === "EPERM";
  }
}

function holder(path: string): z.infer<typeof LockSchema> | null {
  try {
    const told = LockSchema.safeParse(JSON.parse(readFileSync(path, "utf8")));
    return told.success ? told.data : null;
  } catch {
    // Torn by a power cut or a full disk: nobody holds it.
    return null;
  }
}

/** @param folder made when it is not there */
export function lockFolder(folder: string): Locked {
  mkdirSync(folder, { recursive: true });
  const path = join(folder, NAME);
  const known = holder(path);
  if (known && known.pid !== process.pid && isAlive(known.pid)) return { kind: "taken", ...known };
  rmSync(path, { force: true });
  const write = (url: string, flag: "w" | "wx"): void =>
    writeFileSync(path, JSON.stringify({ pid: process.pid, url }), { flag });
  const tell = (url: string): void => {
    try {
      write(url, "w");
    } catch (error) {
      console.warn(`${path} cannot be written: ${messageOf(error)}; do not start a second server here`);
    }
  };
  try {
    // Of two that start at one moment, one makes the file.
    write("", "wx");
  } catch (error) {
    const first = holder(path);
    if ((error as NodeJS.ErrnoException).code === "EEXIST")
      return { kind: "taken", pid: first?.pid ?? 0, url: first?.url ?? "" };
    console.warn(`${path} cannot be made: ${messageOf(error)}; do not start a second server here`);
  }
  return { kind: "mine", tell, release: () => rmSync(path, { force: true }) };
}
