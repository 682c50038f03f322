// `npm test`: every check in turn, and one plain line over all of them at the end.
import { spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { buildApp } from "./start.mjs";

let passed = 0;
let failed = 0;

function step(name, command, args) {
  console.log(`\n— ${name}`);
  const { status } = spawnSync(command, args, { stdio: "inherit" });
  if (status === 0) passed++;
  else {
    failed++;
    console.log(`${name}: failed`);
  }
  return status === 0;
}

/** Runs one project of tests and adds up its own counts. */
function suite(...projects) {
  console.log(`\n— ${projects.join(" and ")} tests`);
  const report = `.cache/${projects[0]}.json`;
  mkdirSync(".cache", { recursive: true });
  rmSync(report, { force: true });
  const reporters = ["--reporter", "default", "--reporter", "json", "--outputFile.json", report];
  const { status } = spawnSync(
    "npx",
    ["vitest", "run", ...projects.flatMap((project) => ["--project", project]), ...reporters],
    { stdio: "inherit" },
  );
  if (!existsSync(report)) {
    failed++;
    return;
  }
  const { numPassedTests, numFailedTests, numTotalTests } = JSON.parse(readFileSync(report, "utf8"));
  passed += numPassedTests;
  // A suite that breaks before its tests, or runs none, has failed too.
  failed += numFailedTests + (numFailedTests === 0 && (status !== 0 || numTotalTests === 0) ? 1 : 0);
}

/** Debian's browser and its driver: there, or installed where that is allowed. */
function browserReady() {
  const there = () => existsSync("/usr/bin/chromium") && existsSync("/usr/bin/chromedriver");
  if (there()) return true;
  if (process.getuid?.() === 0 && existsSync("/usr/bin/apt-get")) {
    console.log("Installing chromium and chromium-driver …");
    spawnSync("apt-get", ["update", "-qq"], { stdio: "inherit" });
    spawnSync("apt-get", ["install", "-y", "-qq", "chromium", "chromium-driver"], {
      stdio: ["ignore", "ignore", "inherit"],
      env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
    });
  }
  if (!there())
    console.log("The browser tests need Debian's packages chromium and chromium-driver: install them and run again.");
  return there();
}

step("format and lint", "npx", ["biome", "check", "."]);
step("types", "npx", ["tsc", "--noEmit"]);
step("import rule", process.execPath, ["tools/importRules.mjs"]);
suite("core", "unit");
buildApp();
if (browserReady()) {
  suite("browser");
  suite("day");
} else failed++;
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
