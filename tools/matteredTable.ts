/**
 * Whether what the record says would have mattered did: `npm run mattered [-- COUNT [FIRST [keep]]]`. Foreign roasts,
 * pulled up to half an hour beside their goal; what would have mattered is computed from their readings, and held
 * against the same changes cooked with the true bird. With "keep" the table goes to tools/mattered.json.
 */
import { writeFileSync } from "node:fs";
import { loadKernel } from "../cli/loadKernel";
import { evenNumbers } from "../core/chance";
import { drawsOf } from "../core/day/whatIf";
import { fitting } from "../core/forecast/assimilate";
import { forecastFrom } from "../core/forecast/forecast";
import { roastOptions } from "../core/forecast/plannedInput";
import { LEAST_GAIN, type Otherwise, weighed } from "../core/log/mattered";
import { subjectOf } from "../core/log/relive";
import type { OtherwiseId } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { usualPlan } from "../core/plan/usualPlan";
import { drain } from "../core/processes/cook";
import { rounded } from "./figures";
import { foreignRoast } from "./foreign";
import { answerPart, answersOfAll, isRun, toolArguments } from "./shareOut";

loadKernel();

/** Nothing was chosen on these. */
const FIRST_SEED = 80_001;
const BESIDE_MIN = 30;
const REST_MIN = 30;
const NAMED = 3;

interface Answer {
  readonly kind: string;
  /** What would truly have mattered most, and how much; null where nothing would have. */
  readonly best: OtherwiseId | null;
  readonly bestGain: number;
  /** What was named first, second, third. */
  readonly named: readonly OtherwiseId[];
  /** What each of the changes truly gave less what it was said to give, in points. */
  readonly off: readonly number[];
}

function answerFor(seed: number): Answer | null {
  const foreign = foreignRoast(seed);
  const { form, boughtKg, stages, shownC: goalsC } = foreign.options;
  if (!Number.isFinite(foreign.doneMin)) return null;
  const usual = usualPlan({
    bird: { species: form.species, cut: form.cut, massKg: boughtKg, state: "fresh" },
    method: form.cut === "whole" ? "steady" : "hot-flat",
    serveAt: "2026-11-26T18:00:00.000Z",
    zone: "UTC",
  });
  const plan: Plan = {
    ...usual,
    stages: stages as Plan["stages"],
    salt: { ...usual.salt, method: "none", dryHours: 0, saltHours: 0 },
  };
  const outMin = Math.max(20, foreign.doneMin + BESIDE_MIN * (2 * evenNumbers(seed)() - 1));
  const roast = { plan, happened: {} };
  const asked = { roast, goalsC, went: { outMin, restMin: REST_MIN }, saltPercent: 0 };
  const options = { ...roastOptions(roast, goalsC), atLeastMin: outMin };
  const readings = foreign.log.filter(({ minute }) => minute <= outMin);
  const { members } = drain(fitting(options, readings));
  const forecast = forecastFrom(options, members, readings);
  const birds = drawsOf(forecast).map(
    (draw) => (changed: Plan) => subjectOf(roastOptions({ plan: changed, happened: {} }, forecast.aimC), draw, goalsC),
  );
  const said = drain(weighed(asked, birds)).all;
  const truth = foreign.truly((make) => drain(weighed(asked, [make])).all);
  const [best] = truth;
  const gainOf = (all: readonly Otherwise[], id: OtherwiseId): number =>
    all.find((each) => each.id === id)?.gain ?? Number.NaN;
  return {
    kind: `${form.species}, ${form.cut}`,
    best: best && best.gain >= LEAST_GAIN ? best.id : null,
    bestGain: best?.gain ?? 0,
    named: said.slice(0, NAMED).map(({ id }) => id),
    off: truth.map(({ id, gain }) => gain - gainOf(said, id)).filter(Number.isFinite),
  };
}

export interface MatteredRow {
  readonly kind: string;
  readonly roasts: number;
  /** Of them, those where something would truly have mattered. */
  readonly mattered: number;
  readonly firstShare: number;
  readonly amongThreeShare: number;
  /** Half of all changes were said to give so many points too much or too little. */
  readonly medianOff: number;
}

function rowOf(kind: string, answers: readonly Answer[]): MatteredRow {
  const those = answers.filter(({ best }) => best !== null);
  const share = (holds: (answer: Answer) => boolean): number => rounded(those.filter(holds).length / those.length);
  const off = answers.flatMap((answer) => answer.off.map(Math.abs)).sort((a, b) => a - b);
  return {
    kind,
    roasts: answers.length,
    mattered: those.length,
    firstShare: share(({ best, named }) => named[0] === best),
    amongThreeShare: share(({ best, named }) => named.includes(best as OtherwiseId)),
    medianOff: rounded(off[off.length >> 1] ?? Number.NaN),
  };
}

if (isRun(import.meta.url)) {
  const asked = toolArguments();
  if (!asked) answerPart(answerFor);
  else {
    const [count = "60", first = String(FIRST_SEED), keep] = asked;
    const answers = (await answersOfAll<Answer | null>(import.meta.url, Number(count), Number(first))).filter(
      (answer) => answer !== null,
    );
    const kinds = [...new Set(answers.map(({ kind }) => kind))].sort();
    const rows = ["all", ...kinds].map((kind) =>
      rowOf(
        kind,
        answers.filter((answer) => kind === "all" || answer.kind === kind),
      ),
    );
    if (keep === "keep") writeFileSync("tools/mattered.json", `${JSON.stringify(rows, null, 2)}\n`);
    console.table(rows);
    for (const { best, bestGain, named } of answers.filter(({ best, named }) => best && !named.includes(best))) {
      console.log(`${best} (${bestGain.toFixed(1)}), said: ${named.join(", ")}`);
    }
  }
}
