// Holds the import rule, and the core's ban on clocks and chance. Counts what it saw, so that seeing nothing fails.
import { execFileSync } from "node:child_process";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const FOLDERS = ["core", "words", "workers", "storage", "app", "server", "cli", "demo"];
const LEAST_MODULES = 60;

let report;
try {
  report = execFileSync(
    "npx",
    ["depcruise", "--config", "tools/dependency-rules.cjs", "--output-type", "json", ...FOLDERS],
    { encoding: "utf8", maxBuffer: 1 << 28 },
  );
} catch (error) {
  // It exits with the number of violations; the report is still on its standard output.
  report = error.stdout;
  if (!report) throw error;
}
const { modules, summary } = JSON.parse(report);
const faults = summary.violations
  .filter(({ rule }) => rule.severity === "error")
  .map(({ from, to, rule }) => `${rule.name}: ${from} imports ${to}`);

/** Who reads the time: nobody in the core, one file in the app, and a worker only to know how long its slice is. */
const CLOCKS = [
  {
    name: "core-has-no-clock",
    folders: ["core", "words"],
    banned: /\b(Date\.now|Math\.random|new Date\(\))/,
    except: [],
  },
  {
    name: "one-clock",
    folders: ["app", "storage", "workers", "demo"],
    banned: /\b(Date\.now|new Date\(\)|performance\.now|setTimeout|setInterval|requestAnimationFrame)\b/,
    except: [join("app", "shell", "clock.ts"), join("workers", "slice.ts")],
  },
];
for (const { name, folders, banned, except } of CLOCKS) {
  for (const folder of folders) {
    for (const entry of readdirSync(folder, { recursive: true, withFileTypes: true })) {
      const path = join(entry.parentPath ?? entry.path, entry.name);
      if (!entry.isFile() || !/\.tsx?$/.test(path) || /\.test\.tsx?$/.test(path) || except.includes(path)) continue;
      const match = banned.exec(readFileSync(path, "utf8"));
      if (match) faults.push(`${name}: ${path} uses ${match[1]}`);
    }
  }
}
if (modules.length < LEAST_MODULES) faults.push(`the check saw only ${modules.length} modules`);
for (const fault of faults) console.error(fault);
console.log(`import rule: ${modules.length} modules, ${faults.length} faults`);
process.exit(faults.length > 0 ? 1 : 0);
