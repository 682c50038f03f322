// `npm run audit`: known holes in what is shipped, where the registry tells of them; where it does not, that is said.
import { spawnSync } from "node:child_process";

const SERIOUS = ["high", "critical"];

const { stdout } = spawnSync("npm", ["audit", "--json", "--omit=dev"], { encoding: "utf8", timeout: 30_000 });
let told;
try {
  told = JSON.parse(stdout ?? "");
} catch {
  // No answer, or none that is one: the registry of this machine knows nothing of it.
}
const counts = told?.metadata?.vulnerabilities;
if (!counts) {
  console.log("audit: skipped, the registry does not say what is known of these packages");
} else {
  const serious = SERIOUS.reduce((sum, level) => sum + (counts[level] ?? 0), 0);
  console.log(`audit: ${counts.total ?? 0} known holes in what is shipped, ${serious} of them serious`);
  if (serious > 0) process.exit(1);
}
