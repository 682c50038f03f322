// First step of `npm run demo`, `npm start` and `npm test` on a fresh machine: Node's own modules only.
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";

const [major, minor] = process.versions.node.split(".").map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Node ${process.versions.node} is too old: Bruma needs 20.19 or newer.`);
  process.exit(1);
}

const lock = createHash("sha256").update(readFileSync("package-lock.json")).digest("hex");
const stamp = "node_modules/.bruma-installed";
if (!existsSync(stamp) || readFileSync(stamp, "utf8") !== lock) {
  console.log("Installing the packages (about a minute) …");
  const { status } = spawnSync("npm", ["ci", "--no-audit", "--no-fund"], { stdio: "inherit" });
  if (status !== 0) process.exit(status ?? 1);
  writeFileSync(stamp, lock);
}

const { buildKernel } = await import("./buildKernel.mjs");
await buildKernel();
