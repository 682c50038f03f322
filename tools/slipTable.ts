/**
 * What a tip that slips costs a forecast, half an hour before, on the roasts of `foreign.ts` in which one does: with what it
 * shows since left out; read on where it lies; pushed in again by the cook, and with that said at the stove.
 * `npm run slips [-- COUNT [FIRST_SEED [keep]]]`; with "keep" the rows go to tools/slips.json, for the science page.
 */
import { writeFileSync } from "node:fs";
import { loadKernel } from "../cli/loadKernel";
import { fitting, type Simulated } from "../core/forecast/assimilate";
import type { EnsembleOptions } from "../core/forecast/ensemble";
import { forecastFrom } from "../core/forecast/forecast";
import type { Reading } from "../core/forecast/reading";
import { drain } from "../core/processes/cook";
import { rounded, share } from "./figures";
import { foreignRoast } from "./foreign";
import { answerPart, answersOfAll, isRun, toolArguments } from "./shareOut";

loadKernel();

const FIRST_SEED = 110_001;
const COUNT = 400;
const LEAD_MIN = 30;
/** Since when a tip has to be in again, to be asked about, min. */
const AGAIN_MIN = 8;

const WAYS = ["left out", "read on", "pushed in again", "pushed in again, and said"] as const;
type Way = (typeof WAYS)[number];
interface Answer {
  readonly way: Way;
  /** Forecast less truth, of the whole and of the breast, min. */
  readonly pullMin: number;
  readonly breastMin: number;
  readonly inside: boolean;
}

function answersFor(seed: number): Answer[] {
  const { options, putAgain, log, shownMin } = foreignRoast(seed);
  if (!putAgain) return [];
  const { slipsAtMin, againAtMin } = putAgain;
  let prior: Simulated | undefined;
  const answer = (way: Way, readings: readonly Reading[], breastMin: number, told: EnsembleOptions): Answer[] => {
    const doneMin = Math.max(breastMin, shownMin.thigh);
    const atMin = doneMin - LEAD_MIN;
    if (!Number.isFinite(doneMin) || atMin < againAtMin + AGAIN_MIN) return [];
    const known = readings.filter(({ minute }) => minute <= atMin);
    const fit = drain(fitting(told, known, prior));
    ({ prior } = fit);
    const { pull, targets } = forecastFrom(told, fit.members, known);
    return [
      {
        way,
        pullMin: pull.p50 - doneMin,
        breastMin: (targets.breast?.p50 ?? Number.NaN) - breastMin,
        inside: doneMin >= pull.p10 && doneMin <= pull.p90,
      },
    ];
  };
  const unread = log.filter(({ part, minute }) => part !== "breast" || minute <= slipsAtMin);
  const said = { ...options, seated: [{ minute: againAtMin, probe: "breast" }] } as const;
  return [
    ...answer("left out", unread, shownMin.breast, options),
    ...answer("read on", log, shownMin.breast, options),
    ...answer("pushed in again", putAgain.log, putAgain.breastMin, options),
    ...answer("pushed in again, and said", putAgain.log, putAgain.breastMin, said),
  ];
}

export interface SlipRow {
  readonly way: Way;
  readonly roasts: number;
  readonly medianMin: number;
  readonly p90Min: number;
  readonly insideShare: number;
  readonly breastMedianMin: number;
  readonly breastP90Min: number;
}

export function rowsOf(answers: readonly Answer[]): SlipRow[] {
  return WAYS.map((way) => {
    const own = answers.filter((each) => each.way === way);
    const off = (of: (answer: Answer) => number, at: number): number =>
      rounded(
        share(
          own.map((each) => Math.abs(of(each))),
          at,
        ),
      );
    return {
      way,
      roasts: own.length,
      medianMin: off(({ pullMin }) => pullMin, 0.5),
      p90Min: off(({ pullMin }) => pullMin, 0.9),
      insideShare: rounded(own.filter(({ inside }) => inside).length / own.length),
      breastMedianMin: off(({ breastMin }) => breastMin, 0.5),
      breastP90Min: off(({ breastMin }) => breastMin, 0.9),
    };
  });
}

if (isRun(import.meta.url)) {
  const asked = toolArguments();
  if (!asked) answerPart(answersFor);
  else {
    const [count = COUNT, first = FIRST_SEED, keep] = asked;
    const answers = await answersOfAll<Answer[]>(import.meta.url, Number(count), Number(first));
    const rows = rowsOf(answers.flat());
    if (keep === "keep") writeFileSync("tools/slips.json", `${JSON.stringify(rows, null, 2)}\n`);
    console.table(rows);
  }
}
