// `npm test`: every check, and one plain line over all of them at the end. What needs no browser runs beside the rest.
import { spawn } from "node:child_process";
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, relative } from "node:path";

let passed = 0;
/** What failed, a line each: told once more at the end, which is what a log that is cut short keeps. */
const failures = [];

/** Runs a command. What it prints is shown as it comes, or handed back when it ends, so that two at once can be read. */
function run(command, args, { live = false, env = {} } = {}) {
  return new Promise((resolve) => {
    const stdio = live ? "inherit" : ["ignore", "pipe", "pipe"];
    const child = spawn(command, args, { stdio, env: { ...process.env, ...env } });
    let printed = "";
    for (const stream of [child.stdout, child.stderr]) stream?.on("data", (chunk) => (printed += chunk));
    child.on("error", (error) => resolve({ status: 1, printed: `${printed}${error.message}\n` }));
    child.on("close", (status) => resolve({ status, printed }));
  });
}

async function check(name, command, args) {
  const { status, printed } = await run(command, args);
  console.log(`\n— ${name}\n${printed}`);
  if (status === 0) passed++;
  else failures.push(name);
}

const firstLine = (text = "") => text.split("\n")[0].slice(0, 200);

/** A line for each test of a file that failed, or for the file where it broke by itself. */
function brokenIn({ name, status, message, assertionResults }) {
  const file = relative(process.cwd(), name);
  const tests = assertionResults.filter((test) => test.status === "failed");
  if (tests.length === 0 && status === "failed") return [`${file}: ${firstLine(message)}`];
  return tests.map(({ fullName, failureMessages }) => `${file}: ${fullName}: ${firstLine(failureMessages[0])}`);
}

/**
 * Runs projects of tests and adds up their own counts.
 * @param gently leaves the processors to whatever else runs, and is printed when it ends
 */
async function suite(projects, { gently = false } = {}) {
  const report = `.cache/${projects[0]}.json`;
  mkdirSync(".cache", { recursive: true });
  rmSync(report, { force: true });
  const reporters = ["--reporter", "default", "--reporter", "json", "--outputFile.json", report];
  const named = projects.flatMap((project) => ["--project", project]);
  const heading = `\n— ${projects.join(" and ")} tests`;
  const vitest = ["npx", "vitest", "run", ...named, ...reporters];
  const [command, ...args] = gently && existsSync("/usr/bin/nice") ? ["nice", ...vitest] : vitest;
  if (!gently) console.log(heading);
  const { status, printed } = await run(command, args, { live: !gently, env: { TMPDIR: scratch } });
  if (gently) console.log(`${heading}\n${printed}`);
  const { numPassedTests = 0, testResults = [] } = existsSync(report) ? JSON.parse(readFileSync(report, "utf8")) : {};
  passed += numPassedTests;
  const broken = testResults.flatMap(brokenIn);
  // A suite that breaks before its tests, or runs none, has failed too.
  if (broken.length === 0 && (status !== 0 || numPassedTests === 0)) broken.push(`${projects.join(" and ")} tests`);
  failures.push(...broken);
}

const PACKAGES = ["chromium-headless-shell", "chromium-driver"];
const areThere = (...names) => names.every((name) => existsSync(`/usr/bin/${name}`));
/** The headless shell does with a tenth less work what the whole browser does too. */
const shellIsThere = () => areThere("chromium-headless-shell", "chromedriver");
const browserIsThere = () => shellIsThere() || areThere("chromium", "chromedriver");

/** Debian's browser and its driver: there, or installed where that is allowed. */
async function installBrowser() {
  if (shellIsThere() || process.getuid?.() !== 0 || !existsSync("/usr/bin/apt-get")) return;
  console.log(`Installing ${PACKAGES.join(" and ")} …`);
  const install = `apt-get update -qq && apt-get install -y -qq --no-install-recommends ${PACKAGES.join(" ")}`;
  const { status, printed } = await run("sh", ["-c", install], { env: { DEBIAN_FRONTEND: "noninteractive" } });
  if (status !== 0) console.log(printed);
}

async function quickChecks() {
  await check("format and lint", "npx", ["biome", "check", "."]);
  await check("types", "npm", ["run", "--silent", "types"]);
  await check("import rule", process.execPath, ["tools/importRules.mjs"]);
}

/** In the browser, one after the other: the day's clock goes so fast that it bears no neighbour but one that gives way. */
async function pages() {
  await check("build", process.execPath, ["tools/build.mjs"]);
  await browser;
  if (browserIsThere()) {
    await suite(["day"]);
    await suite(["browser"]);
  } else {
    failures.push(`browser tests: they need Debian's packages ${PACKAGES.join(" and ")}, to be installed first`);
  }
}

const browser = installBrowser();
const { status } = await run(process.execPath, ["tools/setup.mjs"], { live: true });
if (status !== 0) process.exit(1);
// What tests leave lying, browsers' profiles above all, goes with the run.
const scratch = mkdtempSync(join(tmpdir(), "bruma-tests-"));
await Promise.all([pages(), suite(["unit", "plans"], { gently: true }), quickChecks()]);
// A browser may still be on its way out.
rmSync(scratch, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 });
console.log(
  ["", ...failures.map((each) => `failed: ${each}`), `${passed} passed, ${failures.length} failed`].join("\n"),
);
process.exit(failures.length > 0 ? 1 : 0);
