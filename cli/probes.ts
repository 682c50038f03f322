/**
 * A simulated thermometer that speaks the bridge's own protocol, so that the app cannot tell it from a real one:
 * `npm run thermometer -- --plan roast.json [--speed 60] [--seed anything] [--url http://127.0.0.1:4173]`.
 * The roast file comes from the list screen. Its bird is hidden: cooked on a finer grid than the forecast's, in an oven
 * that is not where its dial is, read by tips that are not where they should be, with noise and gaps; the breast's slips
 * once, and the door is left open for a while.
 */
import { parseArgs } from "node:util";
import { coarseCellM, makeBody } from "../core/bird/body";
import type { Centre } from "../core/bird/solid";
import { tipStencil } from "../core/forecast/ensemble";
import { ensembleOptions } from "../core/forecast/planned";
import { traitsOf } from "../core/forecast/prior";
import { hiddenDraw, noiseOf } from "../core/forecast/simulatedThermometer";
import type { ThermometerLine } from "../core/formats/thermometer";
import { readAt } from "../core/heat/stencil";
import { LivingBird } from "../core/processes/bird";
import { roasting } from "../core/processes/roast";
import { loadKernel } from "./loadKernel";
import { readText, roastsIn } from "./readFile";

const { values } = parseArgs({
  options: {
    plan: { type: "string" },
    speed: { type: "string", default: "1" },
    seed: { type: "string", default: "hidden" },
    url: { type: "string", default: "http://127.0.0.1:4173" },
    code: { type: "string", default: "" },
  },
});
const planPath = values.plan ?? "roast.json";
const roast = roastsIn("--plan", planPath, readText("--plan", planPath))[0]?.roast;
if (!roast) throw new Error(`${planPath}: there is no roast in it`);
const speed = Number(values.speed);
if (!(speed >= 1 && speed <= 240)) throw new Error(`speed: got ${values.speed}, allowed is 1 to 240`);

loadKernel();
const CELL_M = 0.009;
/** Readings of every probe each so many seconds of the roast. */
const EVERY_S = 5;
const SLIP_M = 0.012;
const { seed } = values;
const traits = traitsOf(hiddenDraw(seed));
const { form, boughtKg, startC, stages, source } = ensembleOptions(roast.plan, {});
const body = makeBody({ ...form, breastThickness: traits.breastThickness }, boughtKg, coarseCellM(form, CELL_M));
const bird = new LivingBird(body, { watched: false });
bird.startAt(startC + traits.startOffsetK);
const chance = (what: string): number => (noiseOf(`${seed}/${what}`) + 1) / 2;
const slipsAtMin = 45 + 40 * chance("slip");
const door = { kind: "door", atMin: 30 + 50 * chance("door"), openMin: 4 } as const;

const offM = (centre: Centre): number => (centre === "filling" ? 0 : traits.probeM[centre]);
const tips = bird.centres.map((centre) => ({
  centre,
  sits: tipStencil(body, centre, offM(centre)),
  slipped: tipStencil(body, centre, offM(centre) + (centre === "breast" ? SLIP_M : 0)),
}));

async function post(lines: readonly ThermometerLine[]): Promise<void> {
  try {
    const response = await fetch(`${values.url}/api/readings`, {
      method: "POST",
      headers: { "X-Pairing-Code": values.code },
      body: JSON.stringify(lines),
    });
    if (!response.ok) console.error(`${response.status}: ${await response.text()}`);
  } catch (error) {
    // The server may be starting again: a real probe would go on too.
    console.error(`not heard: ${error instanceof Error ? error.message : String(error)}`);
  }
}

const inAtMs = roast.happened.inAt ? Date.parse(roast.happened.inAt) : Date.now();
console.log(
  `The hidden bird went in ${new Date(inAtMs).toISOString()}; what lies behind is told ${speed} times as fast as life.`,
);
for (const { minute } of roasting(bird, {
  stages,
  events: [door],
  traits: traits.oven,
  ...(source && { source }),
  everyMin: EVERY_S / 60,
})) {
  // What lies behind is told faster than life; from now on a second is a second.
  const atMs = inAtMs + 60_000 * minute;
  const wait = Math.max((EVERY_S * 1000) / speed, atMs - Date.now());
  await new Promise((resolve) => setTimeout(resolve, wait));
  const lines = tips.flatMap(({ centre, sits, slipped }): ThermometerLine[] => {
    // One reading in twenty is lost on its way.
    if (chance(`lost ${centre} ${minute}`) < 0.05) return [];
    const celsius =
      readAt(bird.solver.temperatureC, minute > slipsAtMin ? slipped : sits) +
      0.3 * noiseOf(`${seed}/${centre}/${minute}`);
    return [{ at: new Date(atMs).toISOString(), probe: centre, celsius: Math.round(10 * celsius) / 10 }];
  });
  if (lines.length > 0) await post(lines);
}
