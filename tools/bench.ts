/**
 * Figures, no pass or fail: `npm run bench`, with `--json` for one JSON object, with `--log` also those of a log of
 * 2,000 roasts with two million readings (six minutes, most of them to fill it). Timings move with the machine.
 */

import { execFileSync } from "node:child_process";
import { existsSync, mkdtempSync, readdirSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { loadKernel } from "../cli/loadKernel";
import { makeBodyAtGrid } from "../core/bird/body";
import { plannedCook } from "../core/forecast/planned";
import { plannedInput } from "../core/forecast/plannedInput";
import { type Arena, latticeIn, newArena, referenceArena } from "../core/heat/arena";
import { usualPlan } from "../core/plan/usualPlan";
import { cooking, drain } from "../core/processes/cook";
import { worstSlab, worstSphere } from "../tests/helpers/convergence";
import { benchDrag } from "./benchDrag";
import { benchFirstPaint } from "./benchFirstPaint";
import { benchFit } from "./benchFit";
import { benchFollow } from "./benchFollow";
import { benchLog } from "./benchLog";
import { benchSolid } from "./benchSolid";
import { benchTalkative } from "./benchTalkative";
import { share } from "./figures";
import { timed } from "./timed";

const round = (value: number): number => Math.round(value * 10) / 10;

/** The kernel over a masked ball of 40 cells across, as the C reference does it. */
function updatesPerSecond(arena: Arena): number {
  const across = 40;
  const side = across + 2;
  const size = side ** 3;
  const content = arena.float64(size);
  const potential = arena.float64(size);
  const faces = { x: arena.float64(size), y: arena.float64(size), z: arena.float64(size) };
  const inside = new Uint8Array(size);
  const runs: number[] = [];
  let count = 0;
  for (let k = 1; k <= across; k++) {
    for (let j = 1; j <= across; j++) {
      let start = -1;
      for (let i = 1; i <= across + 1; i++) {
        const cell = i + side * (j + side * k);
        const isIn = i <= across && (i - 20.5) ** 2 + (j - 20.5) ** 2 + (k - 20.5) ** 2 < 400;
        if (isIn) {
          inside[cell] = 1;
          potential[cell] = 4 + 0.01 * (cell % 97);
          count++;
          if (start < 0) start = cell;
        } else if (start >= 0) {
          runs.push(start, cell);
          start = -1;
        }
      }
    }
  }
  for (let cell = 0; cell < size; cell++) {
    if (inside[cell] !== 1) continue;
    faces.x[cell] = inside[cell + 1] === 1 ? 0.1 : 0;
    faces.y[cell] = inside[cell + side] === 1 ? 0.1 : 0;
    faces.z[cell] = inside[cell + side * side] === 1 ? 0.1 : 0;
  }
  const lattice = latticeIn(arena, { runs: Int32Array.from(runs), nx: side, ny: side, nz: side });
  const rates: number[] = [];
  for (let turn = 0; turn < 9; turn++) {
    const from = performance.now();
    for (let n = 0; n < 200; n++) arena.conduct(content, potential, faces, lattice, 1e-6);
    rates.push((200 * count * 1000) / (performance.now() - from));
  }
  return Math.round(share(rates, 0.5));
}

/** The same update as a plain C loop at -O3, where a compiler is at hand. */
function referenceInC(): number | null {
  const program = join(mkdtempSync(join(tmpdir(), "bruma-bench-")), "kernel");
  try {
    execFileSync("cc", ["-O3", "-o", program, "tools/kernelReference.c"], { stdio: "ignore" });
    return Number(execFileSync(program, { encoding: "utf8" }));
  } catch {
    // No compiler here: the figure is left out.
    return null;
  }
}

function bundleKilobytes(): Record<string, { raw: number; gzip: number }> {
  if (!existsSync("dist/assets")) return {};
  const kilobytes = (bytes: number): number => round(bytes / 1024);
  return Object.fromEntries(
    readdirSync("dist/assets")
      .filter((name) => /\.(js|css|wasm)$/.test(name))
      .map((name) => {
        const content = readFileSync(join("dist/assets", name));
        return [
          name.replace(/-[\w-]{8}\./, "."),
          { raw: kilobytes(content.length), gzip: kilobytes(gzipSync(content).length) },
        ];
      }),
  );
}

const reference = updatesPerSecond(referenceArena());
const compiled = loadKernel();
const kernel = updatesPerSecond(newArena(42 ** 3 * 8 * 6));
const inC = referenceInC();
const roast = () =>
  drain(
    cooking({
      body: makeBodyAtGrid({ species: "turkey", cut: "whole" }, 5.8, 0.005),
      startC: 4,
      stages: [{ fromMin: 0, airC: 163 }],
      finish: { kind: "until", targetsC: { breast: 74, thigh: 74 } },
      restMin: 30,
      cover: "foil",
      // As the app's own picture of a plan that stands still.
      everyMin: 2,
    }),
  );
const whole = usualPlan({
  bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "fresh" },
  method: "steady",
  serveAt: "2026-09-27T11:30:00.000Z",
  zone: "UTC",
});
const plan = plannedInput(whole);

/** Memory the process holds more after the fine roast than before it, MB. */
function memoryMb(): number {
  const held = (): number => process.memoryUsage().arrayBuffers + process.memoryUsage().heapUsed;
  const before = held();
  roast();
  return round((held() - before) / 1e6);
}
const grids = [0.01, 0.005, 0.0025];
const slabErrorsC = grids.map((cellM) => worstSlab(cellM));

/** Either does, see tests/helpers/headless.sh. */
const BROWSERS = ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"];
/** Null where nothing is built, or no browser is there. */
const inBrowser = async <Figures>(bench: () => Promise<Figures>): Promise<Figures | null> =>
  existsSync("dist/index.html") && BROWSERS.some((path) => existsSync(path)) ? bench() : null;

const figures = {
  updatesPerSecond: kernel,
  compiledKernel: compiled,
  referenceUpdatesPerSecond: reference,
  cUpdatesPerSecond: inC,
  shareOfC: inC && round((kernel / inC) * 100) / 100,
  roast5mmMs: await timed(roast),
  roast5mmMemoryMb: memoryMb(),
  previewMs: await timed(() => drain(plannedCook(plan, "preview"))),
  fit: await benchFit(whole),
  settledMs: await timed(() => drain(plannedCook(plan, "settled"))),
  convergence: {
    cellsMm: grids.map((cellM) => cellM * 1000),
    slabErrorsC: slabErrorsC.map((error) => Math.round(error * 1000) / 1000),
    sphereErrorsC: grids.map((cellM) => Math.round(worstSphere(cellM) * 1000) / 1000),
    slabOrder: slabErrorsC.slice(1).map((error, n) => round(Math.log2((slabErrorsC[n] as number) / error))),
  },
  bundleKilobytes: bundleKilobytes(),
  firstVisit: await inBrowser(benchFirstPaint),
  drag: await inBrowser(benchDrag),
  solid: await inBrowser(benchSolid),
  log: process.argv.includes("--log") ? await benchLog() : null,
  talkative: await inBrowser(benchTalkative),
  follow: await inBrowser(benchFollow),
};

if (process.argv.includes("--json")) console.log(JSON.stringify(figures));
else console.log(JSON.stringify(figures, null, 2));
