/**
 * `npm run thermometer -- --plan roast.json [--speed 60] [--seed anything] [--url http://127.0.0.1:4173] [--code 123456]`:
 * the simulated thermometer for the cook's own roast, whose file comes from the list screen.
 */
import { parseArgs } from "node:util";
import { loadKernel } from "../cli/loadKernel";
import { readText, roastsIn } from "../cli/readFile";
import { ensembleOptions } from "../core/forecast/planned";
import { runThermometer } from "./thermometer";

const { values } = parseArgs({
  options: {
    plan: { type: "string", default: "roast.json" },
    speed: { type: "string" },
    seed: { type: "string", default: "hidden" },
    url: { type: "string", default: "http://127.0.0.1:4173" },
    code: { type: "string", default: "" },
  },
});
const { plan: path, seed, url, code } = values;
const roast = roastsIn("--plan", path, readText("--plan", path))[0]?.roast;
if (!roast) throw new Error(`${path}: there is no roast in it`);
const speed = values.speed === undefined ? undefined : Number(values.speed);
if (speed !== undefined && !(speed >= 1 && speed <= 240)) {
  throw new Error(`speed: got ${values.speed}, allowed is 1 to 240`);
}
loadKernel();
const inAtMs = roast.happened.inAt ? Date.parse(roast.happened.inAt) : Date.now();
console.log(`The hidden bird went in ${new Date(inAtMs).toISOString()}; its probes post to ${url}.`);
await runThermometer({
  options: ensembleOptions(roast.plan, {}),
  seed,
  inAtMs,
  url,
  code,
  ...(speed !== undefined && { speed }),
});
