/** Tables of the science page that cook the same bird again with one thing different: what covers it, what is left out of the model. */

import { simulateAlone } from "../cli/simulate";
import { type ConstantName, constant, withConstants } from "../core/constants";
import type { Policy } from "../core/practice/policies";
import { holdsMiddle, isTimed, type KnownCase, readOf, type Simulated } from "../tests/outside/cases";
import type { MatteredRow } from "./matteredTable";
import type { OvenRow } from "./ovenTable";
import type { PracticeRow } from "./practiceTable";
import type { SlipRow } from "./slipTable";

/** Coarser than the cases: differences are read here, not finishes. */
const GRID = ["--grid", "8mm"];
const cooked = (args: string): Simulated => simulateAlone([...args.split(" "), ...GRID]) as Simulated;

const BOTH = "--until breast=74C,thigh=74C";
const BARE = `--mass 12lb --stage 325F@0m ${BOTH}`;

const FIRE = /--heat (smoker|covered-grill|spit)/;
const COVERED = /shield=breast|wrap=(?!bag)|hot-stone/;
const IN_BAG = /wrap=bag/;
const UPRIGHT = /surface=stand/;
const CUT = /--cut/;
const HOT = /--stage (4[0-9]{2}|3[6-9][0-9])F/;
const isPlain = ({ args }: KnownCase): boolean =>
  ![FIRE, COVERED, IN_BAG, UPRIGHT, CUT].some((special) => special.test(args));

/** Kinds of method: a case counts with each that it is of, and a whole bird in an oven with one. */
const KINDS: readonly { readonly kind: string; holds(known: KnownCase): boolean }[] = [
  { kind: "at a fire", holds: ({ args }) => FIRE.test(args) && !UPRIGHT.test(args) },
  { kind: "shielded, covered or on something hot", holds: ({ args }) => COVERED.test(args) },
  { kind: "in a roasting bag", holds: ({ args }) => IN_BAG.test(args) },
  { kind: "upright on a stand", holds: ({ args }) => UPRIGHT.test(args) },
  { kind: "spatchcocked, in parts, a crown", holds: ({ args }) => CUT.test(args) },
  { kind: "whole, started hot or hot throughout", holds: (known) => isPlain(known) && HOT.test(known.args) },
  { kind: "whole, steady", holds: (known) => isPlain(known) && !HOT.test(known.args) },
];

export interface Answered {
  readonly known: KnownCase;
  readonly error: number;
  readonly miss: number;
  readonly band: { readonly p10: number; readonly p90: number };
}

/** A row a kind of method: bias, root mean square of what is missed, how many ranges were met to 15 %, how often the band holds the middle. */
export function kindRows(answered: readonly Answered[]): string[] {
  const timed = answered.filter(({ known }) => isTimed(known));
  return KINDS.flatMap(({ kind, holds }) => {
    const own = timed.filter(({ known }) => holds(known));
    if (own.length === 0) return [];
    const bias = own.reduce((sum, { error }) => sum + error, 0) / own.length;
    const missed = Math.sqrt(own.reduce((sum, { error }) => sum + error ** 2, 0) / own.length);
    const met = own.filter(({ miss }) => Math.abs(miss) <= 0.15).length;
    const held = own.filter(({ known, band }) => holdsMiddle(band, known)).length;
    return [
      `| ${kind} | ${own.length} | ${(100 * bias).toFixed(1)} % | ${(100 * missed).toFixed(1)} % | ${met} | ${held} |`,
    ];
  });
}

/** What covers the bird, what lies on its skin or cools the lid over it. */
interface Cover {
  readonly what: string;
  /** Of its one stage; and the command's own options. */
  readonly stage?: string;
  readonly options?: string;
  /** The number that says how much it holds off, and between what it may lie. */
  readonly number: ConstantName;
  readonly low: number;
  readonly high: number;
}

const COVERS: readonly Cover[] = [
  { what: "loose tent over all of it", stage: "shield=all", number: "tentVentShare", low: 0.1, high: 0.5 },
  {
    what: "foil lying on the upper breast, fitted",
    stage: "shield=breast",
    number: "shieldGapWPerM2K",
    low: 15,
    high: 60,
  },
  { what: "foil on tips of wings and legs", stage: "shield=tips", number: "shieldGapWPerM2K", low: 15, high: 60 },
  { what: "wrapped tight in foil", stage: "wrap=foil", number: "wrapGapWPerM2K", low: 12, high: 40 },
  {
    what: "dish with its lid on, or foil sealed over it",
    stage: "wrap=lid",
    number: "dishAreaShare",
    low: 0.7,
    high: 1.5,
  },
  { what: "in a roasting bag", stage: "wrap=bag", number: "bagAreaShare", low: 0.8, high: 1.2 },
];

interface Seen {
  readonly minutes: number;
  readonly breastC: number;
  readonly thighC: number;
  readonly browning: number;
}
const seen = (args: string): Seen => {
  const { pullMinutes, atPull, indices } = cooked(args) as Simulated & {
    readonly indices: { readonly browning: number };
  };
  return { minutes: pullMinutes, breastC: atPull.breastC, thighC: atPull.thighC, browning: indices.browning };
};

const DRESSINGS: readonly Cover[] = [
  { what: "oil or butter", options: "--on-skin oil", number: "oilVapourShare", low: 0.7, high: 1 },
  { what: "alkaline paste", options: "--on-skin paste", number: "pasteGramsPerKg", low: 2, high: 5 },
  { what: "bacon over the breast", options: "--on-skin bacon", number: "baconVapourShare", low: 0.6, high: 1 },
  {
    what: "dried uncovered for two days",
    options: "--skin dried,hours=48",
    number: "fridgeHumidity",
    low: 0.8,
    high: 0.4,
  },
];

const AT_A_FIRE = `${BARE} --heat covered-grill`;
const WEATHERS: readonly Cover[] = [
  { what: "−10 °C, calm", options: "--weather=-10C", number: "lidViewShare", low: 0.3, high: 0.7 },
  { what: "15 °C, windy", options: "--weather=15C,windy", number: "lidViewShare", low: 0.3, high: 0.7 },
  { what: "−10 °C, windy", options: "--weather=-10C,windy", number: "lidViewShare", low: 0.3, high: 0.7 },
  { what: "charcoal, fed by the hour", options: "--fuel charcoal", number: "charcoalSwingK", low: 5, high: 20 },
];

export const coverRows = (): string[] => rowsOf(BARE, "bare", COVERS);
export const dressingRows = (): string[] => rowsOf(BARE, "as it comes out of the bag", DRESSINGS);
export const weatherRows = (): string[] => rowsOf(AT_A_FIRE, "15 °C, calm, gas", WEATHERS);

/** A row each: the same bird in the same heat, so from first to last, and with its number at either end of its range. */
function rowsOf(plain: string, plainName: string, covers: readonly Cover[]): string[] {
  const row = (what: string, { minutes, breastC, thighC, browning }: Seen, number = "", ends = ""): string =>
    `| ${what} | ${minutes.toFixed(0)} | ${breastC.toFixed(0)} / ${thighC.toFixed(0)} | ${browning.toFixed(2)} | ${number} | ${ends} |`;
  return [
    row(plainName, seen(plain)),
    ...covers.map(({ what, stage, options, number, low, high }) => {
      const staged = stage ? plain.replace("@0m", `@0m,${stage}`) : plain;
      const args = options ? `${staged} ${options}` : staged;
      const ends = [low, high].map((value) => withConstants({ [number]: value }, () => seen(args)).minutes.toFixed(0));
      return row(what, seen(args), `${number}: ${constant(number)} (${low} to ${high})`, ends.join(" to "));
    }),
  ];
}

/** What a bird gets from each mechanism: the model without it. */
const MECHANISMS: readonly { readonly without: string; readonly change: Partial<Record<ConstantName, number>> }[] = [
  { without: "radiation", change: { skinEmissivity: 0.01 } },
  { without: "the crust: the front stays at the surface", change: { crustDepthMostM: 1e-6 } },
  {
    without: "half of what the crust holds back of the vapour",
    change: { crustVapourDiffusivityM2PerS: 2 * constant("crustVapourDiffusivityM2PerS") },
  },
  { without: "vapour in the oven's air", change: { ovenVapourPa: 1000, smokeVapourPa: 1000 } },
  { without: "the tray's shade", change: { panSideShare: 1 } },
  { without: "stillness in crevices", change: { crevicedConvectionShare: 1 } },
  { without: "heat through the cavity", change: { cavityWPerM2K: 0.01 } },
  { without: "the oven's lag", change: { ovenLagMin: 0.1 } },
  { without: "a breast that is thicker in heavier birds", change: { breastThicknessPower: 0 } },
];

/**
 * Every timed case without one mechanism, against the model whole: the mean of the ratios, and the two cases that change
 * the most.
 */
export function ablationRows(cases: readonly KnownCase[]): string[] {
  const timed = cases.filter(({ read }) => read === "pull minutes");
  const minutes = (known: KnownCase): number => {
    try {
      return readOf(known, cooked(known.args));
    } catch {
      // Without it, this one never gets there: that is the answer.
      return Number.POSITIVE_INFINITY;
    }
  };
  const whole = timed.map(minutes);
  return MECHANISMS.map(({ without, change }) => {
    const changed = withConstants(change, () => timed.map(minutes));
    const ratios = timed.map(({ id }, n) => ({ id, ratio: (changed[n] as number) / (whole[n] as number) }));
    const finite = ratios.filter(({ ratio }) => Number.isFinite(ratio));
    const mean = finite.reduce((sum, { ratio }) => sum + ratio, 0) / finite.length;
    const all = finite.length === 0 ? "never done" : `× ${mean.toFixed(2)}`;
    const most = [...ratios].sort((a, b) => Math.abs(Math.log(b.ratio)) - Math.abs(Math.log(a.ratio))).slice(0, 2);
    const told =
      finite.length === 0
        ? []
        : most.map(({ id, ratio }) => `${id} ${Number.isFinite(ratio) ? `× ${ratio.toFixed(2)}` : "never done"}`);
    return `| ${without} | ${all} | ${told.join(", ")} | ${ratios.map(({ ratio }) => (Number.isFinite(ratio) ? ratio.toFixed(2) : "–")).join(" · ")} |`;
  });
}

/** In which order the ratios of {@link ablationRows} stand. */
export const ablatedCases = (cases: readonly KnownCase[]): string =>
  cases
    .filter(({ read }) => read === "pull minutes")
    .map(({ id }) => id)
    .join(", ");

const percentOf = (share: number): string => `${Math.round(100 * share)} %`;

/** What roasts in one oven teach the next plan in it: a row for so many roasts before. */
export function ovenRows(rows: readonly OvenRow[]): string {
  return [...new Set(rows.map(({ before }) => before))]
    .map((before) => {
      const cells = (["nothing", "learned", "all"] as const).map((known) => {
        const row = rows.find((each) => each.before === before && each.known === known);
        if (!row) return "";
        return `${percentOf(row.medianShare)}, ± ${percentOf(row.halfWidthShare)}, ${percentOf(row.insideShare)}`;
      });
      const roasts = rows.find((each) => each.before === before)?.roasts ?? 0;
      return `| ${before} | ${roasts} | ${cells.join(" | ")} |`;
    })
    .join("\n");
}

const POLICY_NAMES: Record<Policy, string> = {
  "no-thermometer": "minutes a pound, no thermometer",
  "by-the-book": "by the book",
  bruma: "as Bruma says",
};

export const practisedRows = (rows: readonly PracticeRow[]): string =>
  rows
    .map(
      ({ birds, policy, roasts, onTimeShare, medianOffMin, guidelineShare, shortK, juices }) =>
        `| ${birds} | ${POLICY_NAMES[policy]} | ${roasts} | ${percentOf(onTimeShare)} | ${medianOffMin} | ${percentOf(guidelineShare)} | ${shortK.toFixed(1)} | ${percentOf(juices)} |`,
    )
    .join("\n");

export const slipRows = (rows: readonly SlipRow[]): string =>
  rows
    .map(
      ({ way, roasts, medianMin, p90Min, insideShare, breastMedianMin, breastP90Min }) =>
        `| ${way} | ${roasts} | ${medianMin.toFixed(1)} | ${p90Min.toFixed(1)} | ${percentOf(insideShare)} | ${breastMedianMin.toFixed(1)} | ${breastP90Min.toFixed(1)} |`,
    )
    .join("\n");

export const matteredRows = (rows: readonly MatteredRow[]): string =>
  rows
    .map(
      ({ kind, roasts, mattered, firstShare, amongThreeShare, medianOff }) =>
        `| ${kind} | ${roasts} | ${mattered} | ${percentOf(amongThreeShare)} | ${percentOf(firstShare)} | ${medianOff.toFixed(1)} |`,
    )
    .join("\n");
