/**
 * `npm run first-bird`: draws what a cook with no roast yet sees beside the form, a turkey half way through its roast,
 * as it is computed: app/features/roasts/firstBird.svg. Run again where the model or its colours change.
 */
import { writeFileSync } from "node:fs";
import { pathAbove, pathInside } from "../app/bird-view/isolines";
import { BAND_EDGES_C, bandColour } from "../app/ui/temperatureScale";
import { loadKernel } from "../cli/loadKernel";
import { birdForm } from "../core/bird/form";
import { formGeometry } from "../core/bird/section";
import { usualPlan } from "../core/plan/usualPlan";
import { plannedDone } from "../tests/helpers/plannedDone";

/** Around it, in samples of the cut. */
const MARGIN = 2;
/** The moment at which its meat shows most shades. */
const SHARE_OF_ROAST = 0.5;
/** Seen on a light page and on a dark one. */
const LINE = "#6b838f";
const BEHIND = "#8fa5af55";

loadKernel();
const plan = usualPlan({
  bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "fresh" },
  method: "steady",
  serveAt: "2026-12-20T12:00:00.000Z",
  zone: "UTC",
});
const { form, frames, pullMinute } = plannedDone(plan, "settled");
const [main] = formGeometry(birdForm(form)).sections;
if (!main) throw new Error("a turkey has its main cut");
const { columns, rows } = main.plane;
const outline = pathInside(main.distanceM, columns, rows);

/** Isotherm bands, the coldest first and each over the one before. */
function bandsOf(field: Float32Array): string {
  const least = Math.min(...field.filter((value) => !Number.isNaN(value)));
  const first = BAND_EDGES_C.findLast((edge) => edge <= least) ?? (BAND_EDGES_C[0] as number);
  const bands = BAND_EDGES_C.filter((edge) => edge > first).map(
    (edge) => `<path fill="${bandColour(edge)}" d="${pathAbove(field, columns, rows, edge)}"/>`,
  );
  return `<path fill="${bandColour(first)}" d="${outline}"/><g clip-path="url(#inside)">${bands.join("")}</g>`;
}

const shown = frames.find(({ minute }) => minute >= SHARE_OF_ROAST * pullMinute);
const room = 2 * MARGIN;
const box = `${-MARGIN} ${-MARGIN} ${columns - 1 + room} ${rows - 1 + room}`;
const lines = [main.distanceM, ...(main.limbsM ?? [])].map((field) => pathInside(field, columns, rows)).join("");
const drawing = [
  `<clipPath id="inside"><path d="${outline}"/></clipPath>`,
  `<path fill="${BEHIND}" d="${main.silhouetteM ? pathInside(main.silhouetteM, columns, rows) : ""}"/>`,
  bandsOf(shown?.sections[0] as Float32Array),
  `<path fill="none" stroke="${LINE}" stroke-width="0.5" d="${lines}"/>`,
].join("");
/** A tenth of a sample is less than can be seen. */
const short = drawing.replace(/\d+\.\d+/g, (number) => String(Math.round(10 * Number(number)) / 10));
writeFileSync(
  "app/features/roasts/firstBird.svg",
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}">${short}</svg>\n`,
);
