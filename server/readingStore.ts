/**
 * Readings on disk: an append-only file of JSON lines. A file and not a database, because readings are only ever added,
 * read in order, and must outlive a power cut: what was acknowledged has been flushed before.
 */
import { closeSync, existsSync, fdatasync, mkdirSync, openSync, readFileSync, truncateSync, write } from "node:fs";
import { dirname } from "node:path";
import { promisify } from "node:util";
import { type ThermometerLine, ThermometerLineSchema } from "../core/formats/thermometer";

const writeTo = promisify(write);
const flush = promisify(fdatasync);

/** A reading with its place in the order of arrival. */
export type Numbered = ThermometerLine & { readonly seq: number };

/** Kept in memory: five hours of four probes every four seconds. What is older is read from disk for those who ask. */
const KEPT = 20_000;

export class ReadingStore {
  private readonly kept: Numbered[] = [];
  private readonly known = new Set<string>();
  private readonly file: number;
  private lastSeq = 0;
  private waiting: { readonly text: string; done(): void; failed(error: unknown): void }[] = [];
  private writing = false;

  /** @param path of the file; made when it is not there, and cut back to its last whole line */
  constructor(private readonly path: string) {
    mkdirSync(dirname(path), { recursive: true });
    if (existsSync(path)) this.load(path);
    this.file = openSync(path, "a");
  }

  private load(path: string): void {
    const text = readFileSync(path, "utf8");
    const whole = text.lastIndexOf("\n") + 1;
    // A power cut in the middle of a line: it was never acknowledged.
    if (whole < text.length) truncateSync(path, Buffer.byteLength(text.slice(0, whole)));
    for (const line of linesIn(text)) this.keep(line);
  }

  private keep(line: ThermometerLine): Numbered {
    const numbered = { ...line, seq: ++this.lastSeq };
    this.kept.push(numbered);
    this.known.add(keyOf(line));
    if (this.kept.length > KEPT) {
      for (const old of this.kept.splice(0, KEPT / 10)) this.known.delete(keyOf(old));
    }
    return numbered;
  }

  /** Keeps what is new of them; answered once they are on disk. What was posted before is not kept twice. */
  async add(lines: readonly ThermometerLine[]): Promise<readonly Numbered[]> {
    const fresh: ThermometerLine[] = [];
    const seen = new Set<string>();
    for (const line of lines) {
      const key = keyOf(line);
      if (this.known.has(key) || seen.has(key)) continue;
      seen.add(key);
      fresh.push(line);
    }
    if (fresh.length === 0) return [];
    // Numbered now, so that two posts at once keep their order.
    const numbered = fresh.map((line) => this.keep(line));
    await this.append(`${fresh.map((line) => JSON.stringify(line)).join("\n")}\n`);
    return numbered;
  }

  /** Several posts share one flush. */
  private append(text: string): Promise<void> {
    return new Promise((done, failed) => {
      this.waiting.push({ text, done, failed });
      if (!this.writing) void this.drain();
    });
  }

  private async drain(): Promise<void> {
    this.writing = true;
    while (this.waiting.length > 0) {
      const batch = this.waiting;
      this.waiting = [];
      try {
        await writeTo(this.file, batch.map(({ text }) => text).join(""));
        await flush(this.file);
        for (const { done } of batch) done();
      } catch (error) {
        for (const { failed } of batch) failed(error);
      }
    }
    this.writing = false;
  }

  /** In the order of arrival, after a number. */
  after(seq: number): readonly Numbered[] {
    const first = this.kept[0]?.seq ?? 1;
    if (seq + 1 >= first) return this.kept.slice(seq + 1 - first);
    const older = linesIn(readFileSync(this.path, "utf8")).map((line, n): Numbered => ({ ...line, seq: n + 1 }));
    return [...older.slice(Math.max(0, seq), first - 1), ...this.kept];
  }

  get last(): number {
    return this.lastSeq;
  }

  close(): void {
    closeSync(this.file);
  }
}

/** Whole lines that can be read: what a line is numbered by. */
const linesIn = (text: string): ThermometerLine[] =>
  text
    .slice(0, text.lastIndexOf("\n") + 1)
    .split("\n")
    .flatMap((line) => {
      const parsed = line === "" ? null : ThermometerLineSchema.safeParse(JSON.parse(line));
      return parsed?.success ? [parsed.data] : [];
    });

const keyOf = ({ at, probe, device = "" }: ThermometerLine): string => `${device} ${probe} ${at}`;
