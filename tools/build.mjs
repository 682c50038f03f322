// Builds the app when its sources are newer than the build.
import { spawnSync } from "node:child_process";
import { existsSync, readdirSync, rmSync, statSync } from "node:fs";
import { join } from "node:path";

const SOURCES = ["app", "core", "words", "workers", "storage", "demo", "vite.config.ts", "package-lock.json"];

function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

export function buildApp() {
  const built = existsSync("dist/index.html") ? statSync("dist/index.html").mtimeMs : 0;
  if (built > Math.max(...SOURCES.map(newest))) return;
  console.log("Building the app …");
  const { status, stdout, stderr } = spawnSync("npx", ["vite", "build", "--logLevel", "warn"], { encoding: "utf8" });
  const said = `${stdout}${stderr}`;
  process.stdout.write(said);
  // A rule that no browser can read would be missing from the screens, and nothing else would say so.
  const isMissingRules = said.includes("while optimizing generated CSS");
  if (isMissingRules) rmSync("dist/index.html", { force: true });
  if (status !== 0 || isMissingRules) process.exit(status || 1);
}

if (process.argv[1]?.endsWith("build.mjs")) buildApp();
