/**
 * Fits the few surface parameters to the cases marked for it, and writes what it found and what is left to
 * `tools/fitted.json`; the declarations in `core/constants.ts` carry those values (a test holds them together).
 *
 * Levenberg–Marquardt on the logarithms of the parameters; each has a plausible value and spread, which enter as
 * residuals too, so that the cases cannot push one where physics would not have it.
 */
import { writeFileSync } from "node:fs";
import { Matrix, solve } from "ml-matrix";
import { loadKernel } from "../cli/loadKernel";
import { simulateAlone } from "../cli/simulate";
import { type ConstantName, constant, withConstants } from "../core/constants";
import { CASES, errorOf, isTemperature, type KnownCase, missOf, readOf, type Simulated } from "../tests/outside/cases";

interface Parameter {
  readonly name: ConstantName;
  readonly plausible: number;
  /** One standard deviation of the plausible value, as a factor. */
  readonly factor: number;
}

export const PARAMETERS: readonly Parameter[] = [
  { name: "ovenConvectionWPerM2K", plausible: 10, factor: 1.3 },
  { name: "crustVapourDiffusivityM2PerS", plausible: 3e-6, factor: 2 },
  { name: "crustDepthPerVapourM3PerKg", plausible: 5e-3, factor: 2 },
  { name: "crustDepthMostM", plausible: 2.2e-3, factor: 1.4 },
  { name: "panSideShare", plausible: 0.4, factor: 1.4 },
  { name: "cavityWPerM2K", plausible: 1.5, factor: 1.6 },
  { name: "crevicedConvectionShare", plausible: 0.3, factor: 1.5 },
];

/** Smaller birds want smaller cells. */
const gridFor = ({ args }: KnownCase): string => (args.includes("chicken") ? "5mm" : "7mm");
const used = CASES.filter((known) => known.fit);
/** The table's rows are slow (innermost meat, cautious ovens): the middle of the band is aimed at their quicker half. */
const AIM_SHARE = { published: 0.42, practice: 0.5 } as const;

/** Tables come from one hand; what cooks say is known as well as its own range is narrow. As a share of the time. */
const deviationOf = ({ origin, low, high }: KnownCase): number =>
  origin === "published" ? 0.03 : Math.max(0.03, (high - low) / (high + low));

const isTabled = ({ origin, read }: KnownCase): boolean => origin === "published" && read === "pull minutes";
const LEAVES_A_TABLE = 0.001;

/** Minute at which the slowest target is crossed, between two points of the series: whole minutes would be too coarse to differentiate. */
function crossing(known: KnownCase, { series, pullMinutes }: Simulated): number {
  const [before, after] = series.filter(({ minute }) => minute <= pullMinutes).slice(-2);
  if (!before || !after) return pullMinutes;
  const shares = (["breast", "thigh"] as const).flatMap((centre) => {
    const target = new RegExp(`${centre}=([\\d.]+)C`).exec(known.args)?.[1];
    const from = before[`${centre}C`];
    const to = after[`${centre}C`];
    return target && Number(target) > from ? [(Number(target) - from) / (to - from)] : [];
  });
  return before.minute + Math.min(1, Math.max(0, ...shares)) * (after.minute - before.minute);
}

function answerOf(known: KnownCase): number {
  const simulated = simulateAlone([...known.args.split(" "), "--grid", gridFor(known)]) as Simulated;
  return known.read === "pull minutes" ? crossing(known, simulated) : readOf(known, simulated);
}

function residuals(logs: readonly number[]): number[] {
  const values = Object.fromEntries(PARAMETERS.map(({ name }, n) => [name, Math.exp(logs[n] as number)]));
  const answers = withConstants(values, () => used.map((known) => ({ known, answer: answerOf(known) })));
  return [
    ...answers.map(({ known, answer }) => {
      const aim = known.low + AIM_SHARE[known.origin] * (known.high - known.low);
      return isTemperature(known)
        ? (answer - aim) / 2
        : Math.log(answer / aim) / (known.read === "vapour share" ? 0.12 : deviationOf(known));
    }),
    // No table's range is left for the sake of what cooks say.
    ...answers
      .filter(({ known }) => isTabled(known))
      .map(({ known, answer }) => missOf(known, answer) / LEAVES_A_TABLE),
    ...PARAMETERS.map(({ plausible, factor }, n) => ((logs[n] as number) - Math.log(plausible)) / Math.log(factor)),
  ];
}

const sumOfSquares = (values: readonly number[]): number => values.reduce((sum, value) => sum + value * value, 0);

function fitted(): number[] {
  // From where it stands: the cases hardly tell some of them apart, and a search from afar ends now here, now there.
  let logs = PARAMETERS.map(({ name }) => Math.log(constant(name)));
  let now = residuals(logs);
  let damping = 0.1;
  for (let turn = 0; turn < 12; turn++) {
    const step = 0.1;
    const columns = logs.map((_, n) => {
      const moved = residuals(logs.map((value, k) => (k === n ? value + step : value)));
      return moved.map((value, r) => (value - (now[r] as number)) / step);
    });
    const slopes = new Matrix(columns).transpose();
    const normal = slopes.transpose().mmul(slopes);
    for (let n = 0; n < logs.length; n++) normal.set(n, n, normal.get(n, n) * (1 + damping));
    const gradient = slopes.transpose().mmul(Matrix.columnVector(now)).neg();
    const change = solve(normal, gradient)
      .to1DArray()
      .map((value) => Math.min(0.5, Math.max(-0.5, value)));
    const tried = logs.map((value, n) => value + (change[n] as number));
    const next = residuals(tried);
    const better = sumOfSquares(next) < sumOfSquares(now);
    console.log(`turn ${turn}: ${sumOfSquares(now).toFixed(2)} → ${sumOfSquares(next).toFixed(2)}`);
    if (!better) {
      damping *= 4;
      if (damping > 50) break;
      continue;
    }
    const gained = sumOfSquares(now) - sumOfSquares(next);
    logs = tried;
    now = next;
    damping /= 3;
    console.log(PARAMETERS.map(({ name }, n) => `${name} ${Math.exp(logs[n] as number).toPrecision(3)}`).join(", "));
    if (gained < 0.02) break;
  }
  return logs;
}

loadKernel();
/** With `--residuals` nothing is fitted: the cases are answered anew with the declared values. */
const logs = process.argv.includes("--residuals") ? PARAMETERS.map(({ name }) => Math.log(constant(name))) : fitted();
const values = Object.fromEntries(
  PARAMETERS.map(({ name }, n) => [name, Number(Math.exp(logs[n] as number).toPrecision(3))]),
);
const cases = withConstants(values, () =>
  CASES.map((known) => {
    const answer = answerOf(known);
    const round = (value: number): number => Number(value.toPrecision(3));
    return {
      id: known.id,
      fitted: known.fit === true,
      known: [known.low, known.high],
      model: round(answer),
      errorAgainstMiddle: round(errorOf(known, answer)),
      outsideBy: round(missOf(known, answer)),
    };
  }),
);
writeFileSync("tools/fitted.json", `${JSON.stringify({ parameters: values, cases }, null, 2)}\n`);
console.log(values);
for (const each of cases)
  console.log(each.id.padEnd(22), each.fitted ? "fit" : "   ", each.known.join("–"), each.model, each.outsideBy);
