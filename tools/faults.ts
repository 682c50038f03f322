/**
 * `npm run faults [-- --kills 1000 --seconds 60]`: the server under faults that a unit test cannot make: killed while it is
 * posted to, its disk full, two of it on one folder, listeners that do not read. Writes docs/reliability.md; ends with 1
 * when anything that was acknowledged is missing or a bound is broken.
 */
import { mkdtempSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { parseArgs } from "node:util";
import { benchBridge } from "./benchBridge";
import { fullDisk } from "./faults/fullDisk";
import { kills } from "./faults/kills";
import { listeners, silentListeners } from "./faults/listeners";
import { oldReadings } from "./faults/oldReadings";
import { startServer } from "./faults/server";

const { values } = parseArgs({
  options: { kills: { type: "string", default: "1000" }, seconds: { type: "string", default: "60" } },
});

interface Row {
  readonly what: string;
  readonly figures: string;
  readonly holds: boolean;
}
const rows: Row[] = [];
const note = (what: string, figures: string, holds: boolean): void => {
  rows.push({ what, figures, holds });
  console.log(`${holds ? "held" : "BROKEN"}: ${what}: ${figures}`);
};

const killed = await kills(Number(values.kills));
note(
  `killed ${killed.kills} times while it was posted to`,
  `${killed.acknowledged} readings acknowledged, ${killed.missing} missing; ${killed.changes} changes of a roast, ${killed.lostChanges} lost; started again in ${killed.slowestStartMs} ms at the slowest`,
  killed.missing === 0 && killed.lostChanges === 0,
);

const full = await fullDisk();
if (full === null) note("a full disk", "skipped: this machine lets no small disk be made", true);
else {
  note(
    "a full disk of 256 kB",
    `${full.acknowledged} readings acknowledged before, then ${full.refused} posts answered with 507; ${full.missing} missing after a restart; the roast in common ${full.roastStays ? "stays" : "is gone"}; ${full.after} more taken once there was room`,
    full.missing === 0 && full.refused > 0 && full.roastStays && full.after > 0,
  );
}

const folder = mkdtempSync(join(tmpdir(), "bruma-two-"));
const first = await startServer(folder);
const second = await startServer(folder).then(
  () => "started too",
  (error: Error) => error.message,
);
await first.stop();
note("a second server on one folder", second.slice(0, 120), second.includes(first.url));

const old = await oldReadings(1_000_000);
note(
  "one million old readings",
  `starts in ${old.startMs} ms; read through by one listener in ${old.readMs} ms, meanwhile the longest wait of another request was ${old.longestMs} ms`,
  old.startMs < 1000 && old.longestMs < 250 && old.read === 1_000_000,
);

const silent = await silentListeners(200, 25);
note(
  "200 listeners that do not read, 25 changes of 1 MB",
  `memory ${silent.beforeMb} MB before, ${silent.mostMb} MB at most; longest wait ${silent.longestMs} ms`,
  silent.mostMb - silent.beforeMb < 150 && silent.longestMs < 1000,
);

const many = await listeners(2000, 200, 10);
note(
  "2000 listeners, 200 readings a second",
  `${many.acknowledged} acknowledged, ${many.lost} lost over all listeners; longest wait ${many.longestMs} ms`,
  many.lost === 0,
);

const load = await benchBridge(500, 2000, Number(values.seconds));
note(
  `500 listeners, 2000 readings a second for ${values.seconds} s`,
  `${load.acknowledged} acknowledged, ${load.lost} lost, ${load.outOfOrder} out of order; memory ${load.memoryMb.join(", ")} MB`,
  load.lost === 0 && load.outOfOrder === 0,
);

const path = "docs/reliability.md";
const intro = `# What is acknowledged is on disk

Figures of \`npm run faults\` on a machine with two processors; a post is acknowledged after \`fdatasync\`. A kill is SIGKILL: what a power cut does to a disk's own cache is not tried. Damaged and torn files, clocks that are wrong and posts of every wrong kind are tried by the unit tests (\`server/readingStore.test.ts\`, \`server/arrival.test.ts\`) and by \`npm run fuzz\`.

| what | figures | holds |
|---|---|---|
`;
const table = rows.map(({ what, figures, holds }) => `| ${what} | ${figures} | ${holds ? "yes" : "no"} |`).join("\n");
writeFileSync(path, `${intro}${table}\n`);
console.log(`${path}: ${statSync(path).size} bytes, ${readFileSync(path, "utf8").split("\n").length} lines`);
process.exit(rows.every(({ holds }) => holds) ? 0 : 1);
