/**
 * How good plan and forecast are on roasts whose truth they do not know (`foreign.ts`): `npm run forecasts [-- COUNT
 * [FIRST_SEED [keep]]]` prints the tables; with "keep" they go to tools/forecasts.json, from where the science page has
 * them. Beside the forecast, on the same roasts: a straight line through the last readings, and minutes per pound.
 */
import { writeFileSync } from "node:fs";
import { loadKernel } from "../cli/loadKernel";
import { constant } from "../core/constants";
import { fitting, type Simulated } from "../core/forecast/assimilate";
import { bandDraws, bandOf } from "../core/forecast/band";
import { runEnsemble } from "../core/forecast/ensemble";
import { forecastFrom } from "../core/forecast/forecast";
import { type Member, minuteAllShown, minuteShown } from "../core/forecast/member";
import type { Reading } from "../core/forecast/reading";
import type { Quantiles } from "../core/forecast/shares";
import { drain } from "../core/processes/cook";
import { KG_PER_POUND } from "../core/units/quantity";
import { rounded, share } from "./figures";
import { type ForeignRoast, foreignRoast, type Trouble } from "./foreign";
import { answerPart, answersOfAll, isRun, toolArguments } from "./shareOut";

loadKernel();

/** A straight line through the last twenty minutes of each centre's readings, on to its target. */
function straightLine({ options }: ForeignRoast, readings: readonly Reading[]): number {
  const ends = (["breast", "thigh"] as const).map((part) => {
    const own = readings.filter((reading) => reading.part === part);
    const last = own.at(-1);
    const before = own.findLast(({ minute }) => last && minute <= last.minute - 20) ?? own[0];
    const target = options.shownC[part] ?? 0;
    if (!last || !before || last === before || last.celsius <= before.celsius) return Number.POSITIVE_INFINITY;
    return last.minute + ((target - last.celsius) * (last.minute - before.minute)) / (last.celsius - before.celsius);
  });
  return Math.max(...ends);
}

/** Nothing was chosen on these; on those from 5001, 9001 and 20001 on much was. */
const FIRST_SEED = 30_001;

interface Question {
  readonly name: string;
  readonly aim: string;
  /** Before the true end; null: before any reading. */
  readonly leadMin: number | null;
  readonly typed: boolean;
}
const QUESTIONS: readonly Question[] = [
  { name: "the plan, before any reading", leadMin: null, typed: false, aim: "" },
  { name: "one hour before, probes", leadMin: 60, typed: false, aim: "3.5 and 9" },
  { name: "half an hour before, probes", leadMin: 30, typed: false, aim: "2 and 5" },
  { name: "one hour before, three typed readings", leadMin: 60, typed: true, aim: "4.5 and 12" },
];

type Ends = "pull" | "breast" | "thigh";
interface Answer {
  readonly question: string;
  readonly kind: string;
  readonly trouble: Trouble;
  /** Forecast less truth, min. */
  readonly errorMin: Record<Ends, number>;
  /** Whether the truth is inside the band, before it or after it. */
  readonly side: Record<Ends, "early" | "inside" | "late">;
  readonly halfWidthShare: number;
  readonly setAside: number;
  readonly lineMin: number;
  readonly poundMin: number;
}

/** Three readings by hand, to the degree: the thigh once, the breast twice, the last just now. */
function typedOf(readings: readonly Reading[], atMin: number): Reading[] {
  const near = (part: "breast" | "thigh", minute: number): Reading[] => {
    const own = readings.filter((reading) => reading.part === part);
    const nearest = own.reduce<Reading | undefined>(
      (best, each) => (!best || Math.abs(each.minute - minute) < Math.abs(best.minute - minute) ? each : best),
      undefined,
    );
    return nearest ? [nearest] : [];
  };
  return [...near("breast", 0.5 * atMin), ...near("thigh", 0.8 * atMin), ...near("breast", atMin)];
}

/** What became of the roast of one seed under each question it is old enough for. */
function answersFor(seed: number): Answer[] {
  const roast = foreignRoast(seed);
  const { options, doneMin, shownMin, trouble } = roast;
  // Heat that does not suffice: there is no finish to be right about.
  if (!Number.isFinite(doneMin)) return [];
  const kind = `${options.form.species}, ${options.form.cut}`;
  const pounds = options.boughtKg / KG_PER_POUND;
  const truth: Record<Ends, number> = { pull: doneMin, ...shownMin };
  let prior: Simulated | undefined;
  return QUESTIONS.flatMap(({ name, leadMin, typed }): Answer[] => {
    const atMin = leadMin === null ? 0 : doneMin - leadMin;
    // A quick bird is hardly in an hour before it is done: nothing to forecast from yet.
    if (leadMin !== null && atMin < 20) return [];
    const known = roast.log.filter(({ minute }) => minute <= atMin);
    const readings = typed
      ? typedOf(
          roast.byHand.filter(({ minute }) => minute <= atMin),
          atMin,
        )
      : known;
    const bands: Record<Ends, Quantiles> & { setAside?: number } = ((): Record<Ends, Quantiles> & {
      setAside?: number;
    } => {
      if (leadMin === null) {
        const members = drain(runEnsemble(options, bandDraws(options))).slice(1);
        const band = (of: (member: Member) => number): Quantiles => bandOf(members.map(of), options);
        const shown = (part: "breast" | "thigh"): Quantiles =>
          band((member) => minuteShown(member, part, options.shownC[part] ?? 0));
        return {
          pull: band((member) => minuteAllShown(member, options.shownC)),
          breast: shown("breast"),
          thigh: shown("thigh"),
        };
      }
      const fit = drain(fitting(options, readings, prior));
      prior = fit.prior;
      const { pull, targets, setAside } = forecastFrom(options, fit.members, readings);
      return {
        pull,
        breast: targets.breast as Quantiles,
        thigh: targets.thigh as Quantiles,
        setAside: trouble === "probe slips" ? 0 : setAside.filter(({ why }) => why !== "spike").length,
      };
    })();
    const each = <Value>(of: (end: Ends) => Value): Record<Ends, Value> => ({
      pull: of("pull"),
      breast: of("breast"),
      thigh: of("thigh"),
    });
    return [
      {
        question: name,
        kind,
        trouble,
        errorMin: each((end) => bands[end].p50 - truth[end]),
        side: each((end) => (truth[end] < bands[end].p10 ? "early" : truth[end] > bands[end].p90 ? "late" : "inside")),
        halfWidthShare: (bands.pull.p90 - bands.pull.p10) / 2 / bands.pull.p50,
        setAside: bands.setAside ?? 0,
        lineMin: straightLine(roast, known) - doneMin,
        poundMin: constant("minutesPerPound") * pounds - doneMin,
      },
    ];
  });
}

export interface Row {
  readonly name: string;
  readonly aim: string;
  readonly kind: string;
  readonly roasts: number;
  readonly biasMin: number;
  readonly medianMin: number;
  readonly p90Min: number;
  readonly insideShare: number;
  readonly breastInsideShare: number;
  readonly thighInsideShare: number;
  readonly breastBiasMin: number;
  readonly thighBiasMin: number;
  readonly halfWidthShare: number;
  readonly lineMedianMin: number;
  readonly poundMedianMin: number;
}

const mean = (values: readonly number[]): number => values.reduce((sum, each) => sum + each, 0) / values.length;

function rowOf({ name, aim }: Question, kind: string, answers: readonly Answer[]): Row {
  const off = (of: (answer: Answer) => number): number[] => answers.map((answer) => Math.abs(of(answer)));
  const inside = (end: Ends): number => answers.filter(({ side }) => side[end] === "inside").length / answers.length;
  const finite = (values: readonly number[]): number[] => values.filter(Number.isFinite);
  return {
    name,
    aim,
    kind,
    roasts: answers.length,
    biasMin: rounded(mean(finite(answers.map(({ errorMin }) => errorMin.pull)))),
    medianMin: rounded(
      share(
        off(({ errorMin }) => errorMin.pull),
        0.5,
      ),
    ),
    p90Min: rounded(
      share(
        off(({ errorMin }) => errorMin.pull),
        0.9,
      ),
    ),
    insideShare: rounded(inside("pull")),
    breastInsideShare: rounded(inside("breast")),
    thighInsideShare: rounded(inside("thigh")),
    breastBiasMin: rounded(mean(finite(answers.map(({ errorMin }) => errorMin.breast)))),
    thighBiasMin: rounded(mean(finite(answers.map(({ errorMin }) => errorMin.thigh)))),
    halfWidthShare: rounded(share(finite(answers.map(({ halfWidthShare }) => halfWidthShare)), 0.5)),
    lineMedianMin: rounded(
      share(
        off(({ lineMin }) => lineMin),
        0.5,
      ),
    ),
    poundMedianMin: rounded(
      share(
        off(({ poundMin }) => poundMin),
        0.5,
      ),
    ),
  };
}

/** All of them, and each kind of bird by itself. */
export function rowsOf(answers: readonly Answer[]): Row[] {
  const kinds = [...new Set(answers.map(({ kind }) => kind))].sort();
  return QUESTIONS.flatMap((question) => {
    const own = answers.filter((answer) => answer.question === question.name);
    return ["all", ...kinds].flatMap((kind) => {
      const those = own.filter((answer) => kind === "all" || answer.kind === kind);
      return those.length > 0 ? [rowOf(question, kind, those)] : [];
    });
  });
}

if (isRun(import.meta.url)) {
  const asked = toolArguments();
  if (!asked) answerPart(answersFor);
  else {
    const [count = "100", first = String(FIRST_SEED), keep] = asked;
    const answers = (await answersOfAll<Answer[]>(import.meta.url, Number(count), Number(first))).flat();
    const rows = rowsOf(answers);
    if (keep === "keep") writeFileSync("tools/forecasts.json", `${JSON.stringify(rows, null, 2)}\n`);
    console.table(
      rows.map(({ name, aim: _, lineMedianMin: __, poundMedianMin: ___, ...row }) => ({
        name: name.slice(0, 18),
        ...row,
      })),
    );
    const clean = answers.filter(({ trouble, question }) => trouble !== "probe slips" && !question.includes("plan"));
    const alarmed = clean.filter(({ setAside }) => setAside >= 3).length;
    console.log(`readings set aside though no probe slipped: in ${alarmed} of ${clean.length} forecasts`);
  }
}
