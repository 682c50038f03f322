// `npm run fuzz -- --seed N --count M`: as many wrong inputs, the same ones for the same seed.
import { spawnSync } from "node:child_process";
import { parseArgs } from "node:util";

const { values } = parseArgs({
  options: { seed: { type: "string", default: "1" }, count: { type: "string", default: "20000" } },
});
const env = { ...process.env, BRUMA_FUZZ_SEED: values.seed, BRUMA_FUZZ_COUNT: values.count };
const run = ["vitest", "run", "--project", "plans", "tests/plans/fuzz.test.ts"];
process.exit(spawnSync("npx", run, { stdio: "inherit", env }).status ?? 1);
