/**
 * `npm run faults [-- part … --kills 1000 --seconds 60]`: the server under faults that a unit test cannot make: killed while
 * it is posted to, its disk full, two of it on one folder, listeners that do not read. Writes docs/reliability.md, where a
 * part that is not asked for keeps its last figures; ends with 1 when anything that was acknowledged is missing or a bound
 * is broken.
 */
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { parseArgs } from "node:util";
import { benchBridge } from "./benchBridge";
import { fullDisk } from "./faults/fullDisk";
import { kills } from "./faults/kills";
import { listeners, silentListeners } from "./faults/listeners";
import { oldReadings } from "./faults/oldReadings";
import { startServer } from "./faults/server";

const RESULTS = "tools/faults.json";
const PAGE = "docs/reliability.md";

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: { kills: { type: "string", default: "1000" }, seconds: { type: "string", default: "60" } },
});

interface Row {
  readonly what: string;
  readonly figures: string;
  readonly holds: boolean;
}

async function twoServers(): Promise<Row> {
  const folder = mkdtempSync(join(tmpdir(), "bruma-two-"));
  const first = await startServer(folder);
  const second = await startServer(folder).then(
    () => "started too",
    (error: Error) => error.message,
  );
  await first.stop();
  const figures = second
    .replace(folder, "<folder>")
    .replace(first.url, "<address>")
    .replace(/process \d+/, "process …");
  return { what: "a second server on one folder", figures, holds: second.includes(first.url) };
}

const PARTS: Readonly<Record<string, () => Promise<Row>>> = {
  kills: async () => {
    const {
      kills: count,
      acknowledged,
      missing,
      changes,
      lostChanges,
      slowestStartMs,
    } = await kills(Number(values.kills));
    return {
      what: `killed ${count} times while it was posted to`,
      figures: `${acknowledged} readings acknowledged, ${missing} missing; ${changes} changes of a roast, ${lostChanges} lost; started again in ${slowestStartMs} ms at the slowest`,
      holds: missing === 0 && lostChanges === 0,
    };
  },
  disk: async () => {
    const full = await fullDisk();
    if (!full) return { what: "a full disk", figures: "skipped: this machine lets no small disk be made", holds: true };
    const { acknowledged, refused, missing, roastStays, after } = full;
    return {
      what: "a full disk of 256 kB",
      figures: `${acknowledged} readings acknowledged, ${refused} posts answered with 507; ${missing} missing after a restart; the roast in common ${roastStays ? "stays" : "is gone"}; ${after} more taken once there was room`,
      holds: missing === 0 && refused > 0 && roastStays && after > 0,
    };
  },
  two: twoServers,
  old: async () => {
    const { startMs, readMs, longestMs, read } = await oldReadings(1_000_000);
    return {
      what: "one million old readings",
      figures: `starts in ${startMs} ms; read through by one listener in ${readMs} ms, meanwhile the longest wait of another request was ${longestMs} ms`,
      holds: startMs < 1000 && longestMs < 250 && read === 1_000_000,
    };
  },
  silent: async () => {
    const { beforeMb, mostMb, longestMs } = await silentListeners(200, 25);
    return {
      what: "200 listeners that do not read, 25 changes of 1 MB",
      figures: `memory ${beforeMb} MB before, ${mostMb} MB at most; longest wait ${longestMs} ms`,
      holds: mostMb - beforeMb < 150 && longestMs < 1000,
    };
  },
  many: async () => {
    const { acknowledged, lost, longestMs } = await listeners(2000, 200, 10);
    return {
      what: "2000 listeners, 200 readings a second",
      figures: `${acknowledged} acknowledged, ${lost} lost over all listeners; longest wait ${longestMs} ms`,
      holds: lost === 0,
    };
  },
  load: async () => {
    const { acknowledged, lost, outOfOrder, memoryMb } = await benchBridge(500, 2000, Number(values.seconds));
    return {
      what: `500 listeners, 2000 readings a second for ${values.seconds} s`,
      figures: `${acknowledged} acknowledged, ${lost} lost, ${outOfOrder} out of order; memory ${memoryMb.join(", ")} MB`,
      holds: lost === 0 && outOfOrder === 0,
    };
  },
};

const wanted = positionals.length > 0 ? positionals : Object.keys(PARTS);
const unknown = wanted.find((name) => !PARTS[name]);
if (unknown) {
  console.error(`${unknown}: the parts are ${Object.keys(PARTS).join(", ")}`);
  process.exit(2);
}
const rows: Record<string, Row> = existsSync(RESULTS) ? JSON.parse(readFileSync(RESULTS, "utf8")) : {};
for (const name of wanted) {
  const row = await (PARTS[name] as () => Promise<Row>)();
  rows[name] = row;
  console.log(`${row.holds ? "held" : "BROKEN"}: ${row.what}: ${row.figures}`);
  // Written after each: what is long is not lost by what fails behind it.
  writeFileSync(RESULTS, `${JSON.stringify(rows, null, 2)}\n`);
}

const intro = `# What is acknowledged is on disk

Figures of \`npm run faults\` on a machine with two processors; a post is acknowledged after \`fdatasync\`. A kill is SIGKILL: what a power cut does to a disk's own cache is not tried. Damaged and torn files, clocks that are wrong and posts of every wrong kind are tried by the unit tests (\`server/readingStore.test.ts\`, \`server/arrival.test.ts\`) and by \`npm run fuzz\`.

| what | figures | holds |
|---|---|---|
`;
const table = Object.keys(PARTS).flatMap((name) => {
  const row = rows[name];
  return row ? [`| ${row.what} | ${row.figures} | ${row.holds ? "yes" : "no"} |`] : [];
});
writeFileSync(PAGE, `${intro}${table.join("\n")}\n`);
process.exit(wanted.every((name) => rows[name]?.holds) ? 0 : 1);
