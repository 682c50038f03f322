// Holds the import rule, and the core's ban on clocks and chance. Counts what it saw, so that seeing nothing fails.
import { execFileSync } from "node:child_process";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const FOLDERS = ["core", "workers", "storage", "app", "server", "cli", "demo"];
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

const BANNED = /\b(Date\.now|Math\.random|new Date\(\))/;
for (const entry of readdirSync("core", { recursive: true, withFileTypes: true })) {
  const path = join(entry.parentPath ?? entry.path, entry.name);
  if (!entry.isFile() || !path.endsWith(".ts") || path.endsWith(".test.ts")) continue;
  const match = BANNED.exec(readFileSync(path, "utf8"));
  if (match) faults.push(`core-has-no-clock: ${path} uses ${match[1]}`);
}
if (modules.length < LEAST_MODULES) faults.push(`the check saw only ${modules.length} modules`);
for (const fault of faults) console.error(fault);
console.log(`import rule: ${modules.length} modules, ${faults.length} faults`);
process.exit(faults.length > 0 ? 1 : 0);
