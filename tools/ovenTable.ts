/**
 * What roasts in one oven teach the next plan in it: `npm run ovens [-- COUNT [FIRST [keep]]]`. Hidden ovens outside the
 * model's own family, five foreign roasts in each; each is planned by what those before it have said, and as if nothing
 * were known, and as if the oven's dial, film and drying were known exactly. In the fourth roast every second oven is
 * another one. With "keep" the table goes to tools/ovens.json, from where the science page has it.
 */
import { writeFileSync } from "node:fs";
import { loadKernel } from "../cli/loadKernel";
import { bandDraws, bandOf } from "../core/forecast/band";
import { type EnsembleOptions, runEnsemble } from "../core/forecast/ensemble";
import { priorIn } from "../core/forecast/knownOven";
import { minuteAllShown } from "../core/forecast/member";
import { type Prior, usualPrior } from "../core/forecast/prior";
import type { Quantiles } from "../core/forecast/shares";
import { hasChanged, learned, ovenSays, type Said } from "../core/log/ovens";
import { drain } from "../core/processes/cook";
import { foreignOven, foreignRoast } from "./foreign";
import { answerPart, answersOfAll, isRun, toolArguments } from "./shareOut";

loadKernel();

/** Nothing was chosen on these. */
const FIRST_OVEN = 70_001;
const ROASTS = 5;
/** The roast that is the first in the other oven, where it is changed. */
const CHANGED_AT = 3;

type Known = "nothing" | "learned" | "all";
interface Roast {
  readonly n: number;
  /** In an oven that was exchanged for another before this roast or an earlier one. */
  readonly isAfterChange: boolean;
  readonly band: Readonly<Record<Known, Quantiles>>;
  readonly doneMin: number;
}

interface InOneOven {
  readonly isExchanged: boolean;
  /** After its last roast, the second in the other oven: the last two look as if in another. */
  readonly isCalledChanged: boolean;
  readonly roasts: readonly Roast[];
}

function plannedBand(options: EnsembleOptions, prior: Prior): Quantiles {
  const asked = { ...options, prior };
  const members = drain(runEnsemble(asked, bandDraws(asked))).slice(1);
  return bandOf(
    members.map((member) => minuteAllShown(member, options.shownC)),
    options,
  );
}

function roastsOf(seed: number): InOneOven {
  const isExchanged = seed % 2 === 0;
  const said: Said[] = [];
  const roasts: Roast[] = [];
  for (let n = 0; n < ROASTS; n++) {
    const isAfterChange = isExchanged && n >= CHANGED_AT;
    const oven = foreignOven(isAfterChange ? seed + 500_000 : seed);
    const { options, log, doneMin } = foreignRoast(10 * seed + n, oven);
    if (!Number.isFinite(doneMin)) continue;
    const source = options.source ?? "oven";
    const usual = usualPrior(source);
    const exactly = (value: number) => ({ mean: value, sd: 0 });
    const known = learned(said, 0, usual.ovenOffset.sd);
    roasts.push({
      n,
      isAfterChange,
      doneMin,
      band: {
        nothing: plannedBand(options, usual),
        learned: plannedBand(options, priorIn(source, known ?? undefined)),
        all: plannedBand(options, {
          ...usual,
          ovenOffset: exactly(oven.traits.offsetK),
          convection: exactly(Math.log(oven.traits.convectionShare)),
          drying: exactly(Math.log(oven.traits.dryingShare)),
        }),
      },
    });
    const says = drain(ovenSays(options, log));
    if (says) said.push({ ...says, atMs: 0 });
  }
  return { isExchanged, isCalledChanged: hasChanged(said, 0, usualPrior().ovenOffset.sd), roasts };
}

export interface OvenRow {
  /** Roasts in it before. */
  readonly before: number;
  readonly known: Known;
  readonly roasts: number;
  readonly medianShare: number;
  readonly p90Share: number;
  readonly insideShare: number;
  readonly halfWidthShare: number;
}

const at = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(share * values.length))] ?? Number.NaN;
const rounded = (value: number): number => Math.round(1000 * value) / 1000;

function rowOf(before: number, known: Known, roasts: readonly Roast[]): OvenRow {
  const misses = roasts.map(({ band, doneMin }) => Math.abs(band[known].p50 - doneMin) / doneMin);
  const inside = roasts.filter(({ band, doneMin }) => doneMin >= band[known].p10 && doneMin <= band[known].p90);
  const widths = roasts.map(({ band }) => (band[known].p90 - band[known].p10) / 2 / band[known].p50);
  return {
    before,
    known,
    roasts: roasts.length,
    medianShare: rounded(at(misses, 0.5)),
    p90Share: rounded(at(misses, 0.9)),
    insideShare: rounded(inside.length / roasts.length),
    halfWidthShare: rounded(at(widths.filter(Number.isFinite), 0.5)),
  };
}

if (isRun(import.meta.url)) {
  const asked = toolArguments();
  if (!asked) answerPart(roastsOf);
  else {
    const [count = "40", first = String(FIRST_OVEN), keep] = asked;
    const ovens = await answersOfAll<InOneOven>(import.meta.url, Number(count), Number(first));
    const settled = ovens.flatMap(({ roasts }) => roasts).filter(({ isAfterChange }) => !isAfterChange);
    const rows = [0, 1, 2, 3, 4].flatMap((before) => {
      const roasts = settled.filter(({ n }) => n === before);
      return (["nothing", "learned", "all"] as const).map((known) => rowOf(before, known, roasts));
    });
    const [exchanged, same] = [true, false].map((is) => ovens.filter(({ isExchanged }) => isExchanged === is));
    const called = (those: readonly InOneOven[] = []) => ({
      called: those.filter(({ isCalledChanged }) => isCalledChanged).length,
      of: those.length,
    });
    const changed = { exchanged: called(exchanged), same: called(same) };
    if (keep === "keep") writeFileSync("tools/ovens.json", `${JSON.stringify({ rows, changed }, null, 2)}\n`);
    console.table(rows);
    console.log(changed);
  }
}
