/** Bytes that stay: written whole and flushed, or not at all. */

import {
  close as closeFile,
  closeSync,
  fdatasync,
  fsync,
  fsyncSync,
  open,
  openSync,
  renameSync,
  rmSync,
  write,
  writeSync,
} from "node:fs";
import { dirname } from "node:path";
import { promisify } from "node:util";
import { LONGEST_REASON, oneLine } from "../core/units/text";
import { messageOf } from "../words/faults";

const writeTo = promisify(write);
const flush = promisify(fdatasync);
const openFile = promisify(open);
const flushAll = promisify(fsync);
const close = promisify(closeFile);

/** What a disk says when there is no room, or no more is allowed. */
const NO_ROOM = new Set(["ENOSPC", "EDQUOT", "EFBIG"]);
export const isFull = (error: unknown): boolean => NO_ROOM.has((error as NodeJS.ErrnoException)?.code ?? "");

/** What is answered when a write has failed. @param meanwhile what became of what was to be written */
export const diskWords = (error: unknown, meanwhile: string): string =>
  oneLine(
    isFull(error)
      ? `the disk of the machine that runs Bruma is full: ${meanwhile}; make room there`
      : `the disk of the machine that runs Bruma cannot be written (${messageOf(error)}): ${meanwhile}`,
    LONGEST_REASON,
  );

/** Writes all of it at a place and flushes it: a system may take less than it was given, and says so. */
export async function writeWhole(file: number, bytes: Uint8Array, place: number): Promise<void> {
  for (let done = 0; done < bytes.length; ) {
    const { bytesWritten } = await writeTo(file, bytes, done, bytes.length - done, place + done);
    if (bytesWritten === 0) throw Object.assign(new Error("the disk takes no more"), { code: "ENOSPC" });
    done += bytesWritten;
  }
  await flush(file);
}

/** A name in a folder outlives a power cut once the folder itself is flushed. */
export async function flushFolder(folder: string): Promise<void> {
  const opened = await openFile(folder, "r");
  try {
    await flushAll(opened);
  } finally {
    await close(opened);
  }
}

/** Puts a file in place in one step: whoever reads finds the old one or the new one. */
export function replaceFile(path: string, bytes: Uint8Array): void {
  const beside = `${path}.new`;
  const file = openSync(beside, "w");
  try {
    for (let done = 0; done < bytes.length; ) done += writeSync(file, bytes, done, bytes.length - done);
    fsyncSync(file);
  } catch (error) {
    rmSync(beside, { force: true });
    throw error;
  } finally {
    closeSync(file);
  }
  renameSync(beside, path);
  const folder = openSync(dirname(path), "r");
  try {
    fsyncSync(folder);
  } finally {
    closeSync(folder);
  }
}
