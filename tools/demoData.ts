/** `npm run demo-data`: simulates the demo's roasts and writes what they came to into demo/computed.json. */
import { writeFileSync } from "node:fs";
import { loadKernel } from "../cli/loadKernel";
import { computeDemo } from "../demo/compute";

loadKernel();
writeFileSync("demo/computed.json", `${JSON.stringify(computeDemo())}\n`);
