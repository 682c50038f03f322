/** One file of readings: a JSON line each. Its end, its lines a slice at a time, and what is done with damage. */

import { copyFileSync, createReadStream, readFileSync } from "node:fs";
import * as z from "zod/mini";
import { ThermometerLineSchema } from "../core/formats/thermometer";
import { messageOf } from "../words/faults";
import type { Arrived } from "./arrival";
import { replaceFile } from "./durable";

/** As it is stored; lines of older files lack when they came. */
const StoredSchema = z.extend(ThermometerLineSchema, {
  arrivedAt: z.optional(z.iso.datetime({ offset: true })),
  placedAt: z.optional(z.iso.datetime({ offset: true })),
});

/** What is read and judged in one go while others wait: some hundred lines. */
const SLICE_BYTES = 64 * 1024;
const NEWLINE = 10;

/** The reading of a line; null where there is none. */
export function readingIn(line: string): Arrived | null {
  try {
    const parsed = StoredSchema.safeParse(JSON.parse(line));
    if (!parsed.success) return null;
    return { ...parsed.data, arrivedAt: parsed.data.arrivedAt ?? parsed.data.at };
  } catch {
    // No JSON: the caller counts it as damaged, and says so.
    return null;
  }
}

/** The end of a file. */
export interface Tail {
  /** Lines that stand before it. */
  readonly before: number;
  /** Its readings; null where a line is none. */
  readonly lines: readonly (Arrived | null)[];
  /** Pieces of it that are no readings and were never written as ones. */
  readonly damaged: number;
  /** Behind its last whole line stands the beginning of one that was never acknowledged. */
  readonly isTorn: boolean;
  /** Bytes before it. */
  readonly head: Buffer;
  /** Bytes of the file up to the end of its last whole line. */
  readonly length: number;
}

/** What was begun to be written, and not something else. */
const isBegun = (bytes: Buffer): boolean => bytes[0] === "{".charCodeAt(0) && !bytes.includes(0);

/** Where the last lines of a file begin that ends with one. @param most so many of them */
function tailAt(bytes: Buffer, most: number): number {
  let at = bytes.length;
  for (let n = 0; n < most && at > 0; n++) at = at < 2 ? 0 : bytes.lastIndexOf(NEWLINE, at - 2) + 1;
  return at;
}

function countLines(bytes: Buffer): number {
  let count = 0;
  for (let at = bytes.indexOf(NEWLINE); at >= 0; at = bytes.indexOf(NEWLINE, at + 1)) count++;
  return count;
}

/** @param most lines that are wanted @throws Error of the file system */
export function tailOf(path: string, most: number): Tail {
  const bytes = readFileSync(path);
  const whole = bytes.subarray(0, bytes.lastIndexOf(NEWLINE) + 1);
  const at = tailAt(whole, most);
  const head = whole.subarray(0, at);
  const texts = whole.subarray(at).toString("utf8").split("\n").slice(0, -1);
  const lines = texts.map((text) => readingIn(text.replace(/^\uFEFF/, "")));
  const rest = bytes.subarray(whole.length);
  const isOther = rest.length > 0 && !isBegun(rest);
  return {
    before: countLines(head),
    lines,
    damaged: lines.filter((line) => line === null).length + (isOther ? 1 : 0),
    isTorn: rest.length > 0 && !isOther,
    head,
    length: whole.length,
  };
}

/**
 * The file without what cannot be read; as it was, it is kept beside. A line that was torn is only cut off.
 * @returns the end of the file as it is now; null when it could not be, and damage is passed over
 */
export function mend(path: string, tail: Tail): Tail | null {
  const { head, damaged } = tail;
  try {
    const aside = `${path}.damaged-${new Date().toISOString().replaceAll(/[:.]/g, "-")}`;
    if (damaged > 0) copyFileSync(path, aside);
    const lines = tail.lines.filter((line) => line !== null);
    const bytes = Buffer.concat([head, Buffer.from(lines.map((line) => `${JSON.stringify(line)}\n`).join(""))]);
    replaceFile(path, bytes);
    if (damaged > 0) console.warn(`${path}: ${damaged} damaged lines are left out; as it was, it is kept as ${aside}`);
    return { ...tail, lines, damaged: 0, isTorn: false, length: bytes.length };
  } catch (error) {
    console.warn(`${path}: ${damaged} damaged lines are passed over; it cannot be mended (${messageOf(error)})`);
    return null;
  }
}

/** Whole lines of a file, a slice at a time. */
export async function* slicesOf(path: string): AsyncGenerator<readonly string[]> {
  let rest = "";
  for await (const chunk of createReadStream(path, { encoding: "utf8", highWaterMark: SLICE_BYTES })) {
    const lines = (rest + chunk).split("\n");
    rest = lines.pop() ?? "";
    yield lines;
  }
}
