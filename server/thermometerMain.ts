/**
 * `npm run thermometer -- --plan roast.json [--speed 60] [--seed anything] [--url http://127.0.0.1:4173] [--code 123456]`:
 * the simulated thermometer for the cook's own roast, whose file comes from the list screen. It keeps pace with the
 * server's clock, which a practice page sets; `--speed` sets it too.
 */

import { parseArgs } from "node:util";
import { loadKernel } from "../cli/loadKernel";
import { readText, roastsIn } from "../cli/readFile";
import { roastOptions } from "../core/forecast/plannedInput";
import { messageOf } from "../words/faults";
import { PacedClock, PaceSchema } from "./clock";
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
const ASK_EVERY_MS = 1000;
const clock = new PacedClock();

/** Paired once by the code on the machine's screen, it speaks by its cookie from then on. */
async function paired(): Promise<string> {
  if (code === "") return "";
  const answer = await fetch(`${url}/api/pair`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ code, name: "A simulated thermometer" }),
  });
  if (!answer.ok) throw new Error(`--code: ${await answer.text()}`);
  return (answer.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
}
const cookie = await paired();

/** The server's clock, asked now and then; where it has none, life's. */
async function follow(): Promise<void> {
  try {
    const response = await fetch(`${url}/api/clock`, { headers: { Cookie: cookie } });
    const told = response.ok ? PaceSchema.safeParse(await response.json()) : null;
    if (told?.success) clock.set(told.data);
  } catch (error) {
    // Said by the posts as well: the last pace goes on.
    console.error(`thermometer: no clock: ${messageOf(error)}`);
  }
}
await follow();
if (speed !== undefined) {
  clock.set({ rate: speed, now: new Date(clock.now()).toISOString() });
  const set = await fetch(`${url}/api/clock`, {
    method: "PUT",
    headers: { "Content-Type": "application/json", Cookie: cookie },
    body: JSON.stringify(clock.told()),
  });
  if (!set.ok) throw new Error(`the server does not take the speed: ${await set.text()}`);
}
const asking = setInterval(() => void follow(), ASK_EVERY_MS);
loadKernel();
const inAtMs = roast.happened.inAt ? Date.parse(roast.happened.inAt) : clock.now();
console.log(`The hidden bird went in ${new Date(inAtMs).toISOString()}; its probes post to ${url}.`);
const hidden = { options: roastOptions(roast, {}), seed, trouble: true };
await runThermometer({ bird: { inAtMs, asked: () => hidden }, url, cookie, clock });
clearInterval(asking);
