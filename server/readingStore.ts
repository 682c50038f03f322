/**
 * Readings on disk: files of JSON lines in a folder, written one after the other and only ever added to. Files and not a
 * database, because readings are read in order and must outlive a power cut: what was acknowledged has been written whole
 * and flushed before. A post that cannot be is as if it had never come.
 *
 * A reading's number is its line, counted over all files (a file is named by its first). Numbers belong to one epoch: a
 * folder that was emptied, or a file that had to be mended, begins a new one.
 */

import { randomBytes } from "node:crypto";
import {
  closeSync,
  constants,
  existsSync,
  ftruncateSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
} from "node:fs";
import { join } from "node:path";
import * as z from "zod/mini";
import { messageOf } from "../words/faults";
import type { Arrived } from "./arrival";
import { flushFolder, replaceFile, writeWhole } from "./durable";
import { mend, readingIn, slicesOf, tailOf } from "./readingFile";

const HeaderSchema = z.object({
  format: z.literal("bruma-readings"),
  version: z.literal(1),
  epoch: z.string().check(z.minLength(1)),
});
const HEADER = "store.json";

/** Kept in memory: five hours of four probes every four seconds. What is older is read from disk for those who ask. */
const KEPT = 20_000;
/** Lines of a file: the next one begins a new file. */
const LONGEST_FILE = 50_000;

interface Segment {
  readonly path: string;
  /** Number of its first line. */
  readonly first: number;
  /** Newest instant in it, epoch milliseconds; known once it was read through. */
  newestMs?: number;
}

interface Waiting {
  readonly lines: readonly Arrived[];
  done(stored: readonly Numbered[]): void;
  failed(error: unknown): void;
}

/** A reading with its place in the order of arrival. */
export type Numbered = Arrived & { readonly seq: number };

/** When a reading was taken, epoch milliseconds. */
export const takenMs = ({ at, placedAt }: Arrived): number => Date.parse(placedAt ?? at);

const keyOf = ({ at, probe, device = "", celsius }: Arrived): string => `${device} ${probe} ${at} ${celsius}`;
const nameOf = (first: number): string => `${String(first).padStart(9, "0")}.jsonl`;

export class ReadingStore {
  readonly epoch: string;
  private readonly kept: Numbered[] = [];
  private readonly known = new Set<string>();
  private readonly segments: Segment[];
  private file: number;
  /** Bytes of the newest file that are whole. */
  private length = 0;
  /** Something may stand behind them that was never acknowledged. */
  private torn = false;
  private lastSeq = 0;
  private waiting: Waiting[] = [];
  private writing = false;

  /**
   * @param write how bytes come to disk; another one in tests of what a disk may do
   * @param folder made when it is not there; a file of that name and `.jsonl`, of older versions, becomes its first
   * @throws Error when the folder can be neither made nor read
   */
  constructor(
    private readonly folder: string,
    private readonly write = writeWhole,
  ) {
    mkdirSync(folder, { recursive: true });
    const older = `${folder}.jsonl`;
    this.segments = this.listed();
    if (this.segments.length === 0 && existsSync(older)) {
      renameSync(older, join(folder, nameOf(1)));
      this.segments = this.listed();
    }
    const wasMended = this.load();
    this.epoch = this.header(wasMended);
    if (this.segments.length === 0) this.segments.push({ path: join(folder, nameOf(1)), first: 1 });
    const { path } = this.segments.at(-1) as Segment;
    // Opened for writing at a place, and not for appending: what was torn is written over.
    this.file = openSync(path, constants.O_RDWR | constants.O_CREAT);
    this.torn = true;
  }

  private listed(): Segment[] {
    return readdirSync(this.folder)
      .filter((name) => /^\d{9,}\.jsonl$/.test(name))
      .sort()
      .map((name) => ({ path: join(this.folder, name), first: Number.parseInt(name, 10) }));
  }

  /** The folder's epoch; a new one where it has none yet, or its numbers count no more. */
  private header(isNew: boolean): string {
    const path = join(this.folder, HEADER);
    try {
      const told = HeaderSchema.safeParse(JSON.parse(readFileSync(path, "utf8")));
      if (told.success && !isNew) return told.data.epoch;
    } catch {
      // Not there yet, or damaged: a new epoch makes every listener ask for all of it again.
    }
    const epoch = randomBytes(6).toString("hex");
    try {
      replaceFile(path, Buffer.from(`${JSON.stringify({ format: "bruma-readings", version: 1, epoch })}\n`));
    } catch (error) {
      console.warn(
        `${path} cannot be written (${messageOf(error)}): listeners are told everything again after a restart`,
      );
    }
    return epoch;
  }

  /** The newest lines, over as many files as it takes. @returns whether numbers count no more, since one had to be mended */
  private load(): boolean {
    let wasMended = false;
    const tails: Numbered[][] = [];
    let missing = KEPT;
    for (const { path, first } of this.segments.toReversed()) {
      if (missing <= 0) break;
      const found = tailOf(path, missing);
      const isNewest = tails.length === 0;
      const mended = isNewest && (found.damaged > 0 || found.isTorn) ? mend(path, found) : null;
      if (mended && found.damaged > 0) wasMended = true;
      const { lines, before, length } = mended ?? found;
      const firstSeq = first + before;
      if (isNewest) {
        this.lastSeq = firstSeq + lines.length - 1;
        this.length = length;
      }
      tails.unshift(lines.flatMap((line, n) => (line ? [{ ...line, seq: firstSeq + n }] : [])));
      missing -= lines.length;
    }
    for (const numbered of tails.flat()) this.remember(numbered);
    return wasMended;
  }

  private remember(line: Numbered): void {
    this.kept.push(line);
    this.known.add(keyOf(line));
    if (this.kept.length > KEPT) {
      for (const old of this.kept.splice(0, KEPT / 10)) this.known.delete(keyOf(old));
    }
  }

  /**
   * Keeps what is new of them, in the order of arrival; answered once it is on disk. What is stored already is not kept
   * twice.
   * @throws Error of the file system; then nothing of these is kept, and they may be sent again
   */
  add(lines: readonly Arrived[]): Promise<readonly Numbered[]> {
    return new Promise((done, failed) => {
      this.waiting.push({ lines, done, failed });
      if (!this.writing) void this.drain();
    });
  }

  /** Several posts share one flush. */
  private async drain(): Promise<void> {
    this.writing = true;
    while (this.waiting.length > 0) {
      const posts = this.waiting;
      this.waiting = [];
      try {
        const stored = await this.append(posts.map(({ lines }) => lines));
        posts.forEach(({ done }, n) => {
          done(stored[n] ?? []);
        });
      } catch (error) {
        for (const { failed } of posts) failed(error);
      }
    }
    this.writing = false;
  }

  private async append(posts: readonly (readonly Arrived[])[]): Promise<readonly (readonly Numbered[])[]> {
    const seen = new Set<string>();
    let seq = this.lastSeq;
    const fresh = posts.map((lines) =>
      lines.flatMap((line): Numbered[] => {
        const key = keyOf(line);
        if (this.known.has(key) || seen.has(key)) return [];
        seen.add(key);
        return [{ ...line, seq: ++seq }];
      }),
    );
    const text = fresh.flat().map(({ seq: _, ...line }) => `${JSON.stringify(line)}\n`);
    if (text.length === 0) return fresh;
    await this.turnPage();
    const bytes = Buffer.from(text.join(""));
    this.cutTorn();
    try {
      await this.write(this.file, bytes, this.length);
    } catch (error) {
      this.torn = true;
      // Tried again before the next is written, should it fail now.
      this.cutTorn();
      throw error;
    }
    this.length += bytes.length;
    this.lastSeq = seq;
    for (const line of fresh.flat()) this.remember(line);
    return fresh;
  }

  /** What was begun and not acknowledged must not stand before what comes next. */
  private cutTorn(): void {
    if (!this.torn) return;
    ftruncateSync(this.file, this.length);
    this.torn = false;
  }

  /** A full file is closed, and the next one begun. */
  private async turnPage(): Promise<void> {
    const newest = this.segments.at(-1) as Segment;
    if (this.lastSeq - newest.first + 1 < LONGEST_FILE) return;
    const next: Segment = { path: join(this.folder, nameOf(this.lastSeq + 1)), first: this.lastSeq + 1 };
    const file = openSync(next.path, "w+");
    try {
      await flushFolder(this.folder);
    } catch (error) {
      closeSync(file);
      throw error;
    }
    closeSync(this.file);
    this.file = file;
    this.length = 0;
    this.torn = false;
    this.segments.push(next);
  }

  /** Those in memory after a number: the newest, in the order of arrival. */
  keptAfter(seq: number): readonly Numbered[] {
    const from = this.kept.findIndex((line) => line.seq > seq);
    return from < 0 ? [] : this.kept.slice(from);
  }

  /** Number of the oldest reading in memory. */
  get firstKept(): number {
    return this.kept[0]?.seq ?? this.lastSeq + 1;
  }

  /**
   * Those after a number that are on disk only, a slice at a time, so that who listens from the beginning keeps nobody
   * else waiting.
   * @param sinceMs older ones are left out, epoch milliseconds
   */
  async *olderAfter(seq: number, sinceMs: number): AsyncGenerator<readonly Numbered[]> {
    const until = this.firstKept;
    for (const [n, segment] of this.segments.entries()) {
      const next = this.segments[n + 1]?.first ?? Number.POSITIVE_INFINITY;
      if (segment.first >= until) return;
      if (next <= seq + 1 || (segment.newestMs ?? Number.POSITIVE_INFINITY) < sinceMs) continue;
      let at = segment.first;
      let newestMs = Number.NEGATIVE_INFINITY;
      for await (const texts of slicesOf(segment.path)) {
        const slice = texts.flatMap((text): Numbered[] => {
          const line = readingIn(text);
          const own = at++;
          if (!line) return [];
          const ms = takenMs(line);
          newestMs = Math.max(newestMs, ms);
          return own > seq && own < until && ms >= sinceMs ? [{ ...line, seq: own }] : [];
        });
        if (slice.length > 0) yield slice;
        if (at >= until) return;
      }
      if (Number.isFinite(next)) segment.newestMs = newestMs;
    }
  }

  get last(): number {
    return this.lastSeq;
  }

  close(): void {
    closeSync(this.file);
  }
}
