/**
 * Roasts that the forecast does not know: each cooked on a finer grid by a bird and an oven drawn outside the forecast's own
 * family: other proportions of every part (a shape table of its own), other mass, other legs than said, another drying
 * law, emissivity, conductivity and cavity, another draught, an oven that is not where its dial is, misplaced tips, noise,
 * gaps, a probe that slips, a door left open.
 */
import type { Anatomy, Limb, Lobe } from "../core/bird/anatomy";
import { coarseCellM, makeBody } from "../core/bird/body";
import type { FormChoice } from "../core/bird/form";
import { ANATOMY, type Species } from "../core/bird/species";
import { evenNumbers, normalNumbers } from "../core/chance";
import { constant, withConstants } from "../core/constants";
import { type EnsembleOptions, tipStencil } from "../core/forecast/ensemble";
import type { Reading } from "../core/forecast/reading";
import type { OvenTraits } from "../core/heat/ovens";
import { colderAt } from "../core/heat/stencil";
import type { Subject } from "../core/log/relive";
import { LivingBird } from "../core/processes/bird";
import { roasting } from "../core/processes/roast";
import type { RoastEvent } from "../core/processes/stages";
import { KG_PER_POUND } from "../core/units/quantity";

function chance(seed: number) {
  const next = evenNumbers(seed);
  return {
    next,
    normal: normalNumbers(next),
    pick: <Item>(items: readonly Item[]): Item => items[Math.floor(next() * items.length)] as Item,
  };
}

export type Trouble = "none" | "door left open" | "probe slips" | "half an hour without readings";

export interface ForeignRoast {
  readonly options: EnsembleOptions;
  readonly trouble: Trouble;
  readonly log: readonly Reading[];
  /** The same by a hand thermometer, which is put in anew each time: it does not slip. */
  readonly byHand: readonly Reading[];
  /** Where a tip slips: as it would be read had the cook pushed it in again, not quite where it was. Null where none does. */
  readonly putAgain: PutAgain | null;
  /** When each thermometer, where it was put and without noise, has shown its target. */
  readonly shownMin: { readonly breast: number; readonly thigh: number };
  /** When both have. */
  readonly doneMin: number;
  /** What truly happens in it when something else is done: birds are made anew, its own constants hold meanwhile. */
  truly<Result>(run: (make: () => Subject) => Result): Result;
}

interface PutAgain {
  readonly slipsAtMin: number;
  readonly againAtMin: number;
  readonly log: readonly Reading[];
  /** When the breast's shows its target, where it sits then. */
  readonly breastMin: number;
}

/** So long a tip that has slipped is left so, min. */
const LEFT_SLIPPED_MIN = 12;
/** Seeds of what was drawn later than all else: the roasts of before stay what they were. */
const LATER_SEEDS = 1_000_000;
const PROBE_M = { mean: 0.003, sd: 0.007 };
const SLIP_M = 0.014;

/** What no member of the forecast's own ensemble varies, with the spread it is drawn from, as a share. */
const OUTSIDE = {
  skinEmissivity: 0.07,
  crustVapourDiffusivityM2PerS: 0.3,
  crustDepthPerVapourM3PerKg: 0.5,
  crustDepthMostM: 0.4,
  cavityWPerM2K: 0.35,
  panSideShare: 0.25,
  crevicedConvectionShare: 0.3,
  ovenVapourPa: 0.5,
  ovenLagMin: 0.3,
} as const;
/** Every size of every part of the true bird is off by its own share of so much. */
const PROPORTION_SD = 0.06;
const TRUTH_CELL_M = 0.0095;
const STEP_MIN = 2;

/** Proportions of another flock: no part is as thick, as long or as wide as the table has it. */
function otherAnatomy(usual: Anatomy, normal: () => number): Anatomy {
  const off = (): number => Math.exp(PROPORTION_SD * normal());
  const lobe = (each: Lobe): Lobe => ({
    ...each,
    radii: [each.radii[0] * off(), each.radii[1] * off(), each.radii[2] * off()],
  });
  const limb = (each: Limb): Limb => ({
    ...each,
    radiusFrom: each.radiusFrom * off(),
    radiusTo: each.radiusTo * off(),
  });
  return {
    ...usual,
    breast: lobe(usual.breast),
    tenderloin: lobe(usual.tenderloin),
    thigh: lobe(usual.thigh),
    drumstick: limb(usual.drumstick),
    upperWing: limb(usual.upperWing),
    ribCage: lobe(usual.ribCage),
    cavity: lobe(usual.cavity),
    skinM: usual.skinM * off() ** 3,
    blendM: usual.blendM * off() ** 2,
  };
}

/** Runs with another table for a species; solids are remembered by form, so each truth's form must be its own. */
function withAnatomy<Result>(species: Species, anatomy: Anatomy, run: () => Result): Result {
  const usual = ANATOMY[species];
  ANATOMY[species] = anatomy;
  try {
    return run();
  } finally {
    ANATOMY[species] = usual;
  }
}

/** What belongs to an oven and not to a roast in it: numbers of a fixed spread that every roast in it has alike. */
const OF_THE_OVEN = ["ovenVapourPa", "ovenLagMin"] as const satisfies readonly (keyof typeof OUTSIDE)[];
/** No oven is quite the same on two days, K. */
const DAY_TO_DAY_K = 1.5;

/** An oven that is not where its dial is, its draught, and how dry its air is. */
interface ForeignOven {
  readonly traits: OvenTraits;
  readonly changed: Partial<Record<keyof typeof OUTSIDE, number>>;
}

const ovenOf = (normal: () => number): OvenTraits => ({
  offsetK: 8 * normal(),
  convectionShare: Math.exp(0.2 * normal()),
  dryingShare: Math.exp(0.25 * normal()),
  crustShare: 1,
  permeabilityShare: 1,
  hotSideK: 0,
});

/** One that many roasts can be in. */
export function foreignOven(seed: number): ForeignOven {
  const { normal } = chance(seed);
  return {
    traits: ovenOf(normal),
    changed: Object.fromEntries(OF_THE_OVEN.map((name) => [name, constant(name) * Math.exp(OUTSIDE[name] * normal())])),
  };
}

/** When a series comes to a temperature, straight between its minutes; NaN where it never does. */
function crossingOf(minutes: readonly number[], series: readonly number[], celsius: number): number {
  const n = series.findIndex((each) => each >= celsius);
  if (n <= 0) return Number.NaN;
  const [before, now] = [series[n - 1] as number, series[n] as number];
  return (minutes[n] as number) - STEP_MIN * ((now - celsius) / (now - before));
}

/**
 * One roast: what the cook says of it, what happens, and what is read.
 * @param oven one of its own when left out @param truly what is done to the heat, where that is not what the cook says
 */
export function foreignRoast(
  seed: number,
  oven?: ForeignOven,
  truly = (stages: EnsembleOptions["stages"]): EnsembleOptions["stages"] => stages,
): ForeignRoast {
  const { next, normal, pick } = chance(seed);
  const species = pick(["turkey", "turkey", "turkey", "chicken", "chicken", "duck"] as const);
  const cut = species === "duck" ? "whole" : pick(["whole", "whole", "spatchcock"] as const);
  const [lightest, spread] = { turkey: [3.5, 5], chicken: [1.4, 1.2], duck: [1.9, 0.9], goose: [4, 1.5] }[species] as [
    number,
    number,
  ];
  const boughtKg = lightest + spread * next();
  const airC = Math.round(cut === "whole" ? 160 + 40 * next() : 190 + 40 * next());
  const stages =
    next() < 0.4
      ? [
          { fromMin: 0, airC: airC + 40 },
          { fromMin: 20, airC },
        ]
      : [{ fromMin: 0, airC }];
  const said: EnsembleOptions = {
    form: { species, cut },
    boughtKg,
    startC: 4,
    stages,
    shownC: { breast: 71, thigh: 74 },
  };
  const form: FormChoice = {
    species,
    cut,
    legs: cut === "whole" && next() < 0.35 ? "open" : "tied",
    breastThickness: Math.min(1.3, Math.max(0.8, 1 + 0.07 * normal())),
  };
  const trouble = pick<Trouble>([
    "none",
    "none",
    "none",
    "door left open",
    "probe slips",
    "half an hour without readings",
  ]);
  const expectedMin = (cut === "whole" ? 16 : 9) * (boughtKg / KG_PER_POUND) ** 0.85 + 20;
  const troubleMin = (0.3 + 0.3 * next()) * expectedMin;
  const events: RoastEvent[] = trouble === "door left open" ? [{ kind: "door", atMin: troubleMin, openMin: 5 }] : [];
  const ownChanged = Object.fromEntries(
    Object.entries(OUTSIDE).map(([name, spread]) => [
      name,
      constant(name as keyof typeof OUTSIDE) * Math.exp(spread * normal()),
    ]),
  );
  const changed = { ...ownChanged, ...oven?.changed };
  const own = ovenOf(normal);
  const traits = oven ? { ...oven.traits, offsetK: oven.traits.offsetK + DAY_TO_DAY_K * normal() } : own;
  const startC = 4 + 1.5 * normal();
  const anyTipM = (drawn: () => number): number => PROBE_M.mean + PROBE_M.sd * drawn();
  const probeM = { breast: anyTipM(normal), thigh: anyTipM(normal) };
  const slips = trouble === "probe slips";
  const trueKg = boughtKg * (1 + 0.04 * normal());
  const minutes: number[] = [];
  const placed = { breast: [] as number[], thigh: [] as number[] };
  const slipped: number[] = [];
  const again: number[] = [];
  const anatomy = otherAnatomy(ANATOMY[species], normal);
  const cellM = coarseCellM(form, TRUTH_CELL_M);
  const body = withAnatomy(species, anatomy, () => makeBody(form, trueKg, cellM));
  withConstants(changed, () => {
    const bird = new LivingBird(body, { watched: false });
    bird.startAt(startC);
    const breast = tipStencil(body, "breast", probeM.breast);
    const thigh = tipStencil(body, "thigh", probeM.thigh);
    const slip = tipStencil(body, "breast", probeM.breast + SLIP_M);
    const anew = tipStencil(body, "breast", anyTipM(chance(LATER_SEEDS + seed).normal));
    for (const { minute } of roasting(bird, {
      stages: truly(stages),
      events,
      traits,
      everyMin: STEP_MIN,
      longestMin: 700,
    })) {
      minutes.push(minute);
      placed.breast.push(colderAt(bird.solver.temperatureC, breast));
      placed.thigh.push(colderAt(bird.solver.temperatureC, thigh));
      slipped.push(colderAt(bird.solver.temperatureC, slip));
      again.push(colderAt(bird.solver.temperatureC, anew));
      const isShown = (series: readonly number[], part: "breast" | "thigh"): boolean =>
        (series.at(-1) as number) >= (said.shownC[part] ?? 0);
      const each = isShown(placed.breast, "breast") && isShown(placed.thigh, "thigh");
      if (each && (!slips || isShown(again, "breast"))) break;
    }
  });
  const log: Reading[] = [];
  const byHand: Reading[] = [];
  const putAgain: Reading[] = [];
  const againAtMin = troubleMin + LEFT_SLIPPED_MIN;
  minutes.forEach((minute, n) => {
    const silent = trouble === "half an hour without readings" && minute > troubleMin && minute < troubleMin + 30;
    for (const part of ["breast", "thigh"] as const) {
      const noise = 0.4 * normal();
      if (silent || next() < 0.1) continue;
      const read = (series: readonly number[]): Reading => {
        return { minute, part, celsius: Math.round(10 * ((series[n] as number) + noise)) / 10 };
      };
      const isOff = part === "breast" && slips && minute > troubleMin;
      log.push(read(isOff ? slipped : placed[part]));
      putAgain.push(read(isOff ? (minute > againAtMin ? again : slipped) : placed[part]));
      byHand.push({ minute, part, celsius: Math.round((placed[part][n] as number) + noise) });
    }
  });
  const shownMin = {
    breast: crossingOf(minutes, placed.breast, said.shownC.breast ?? 0),
    thigh: crossingOf(minutes, placed.thigh, said.shownC.thigh ?? 0),
  };
  return {
    options: said,
    trouble,
    log,
    byHand,
    putAgain: slips
      ? {
          slipsAtMin: troubleMin,
          againAtMin,
          log: putAgain,
          breastMin: crossingOf(minutes, again, said.shownC.breast ?? 0),
        }
      : null,
    shownMin,
    doneMin: Math.max(shownMin.breast, shownMin.thigh),
    truly: (run) =>
      withConstants(changed, () =>
        run(() => {
          const bird = new LivingBird(body);
          bird.startAt(startC);
          const tip = (centre: "breast" | "thigh") => ({
            centre,
            stencil: tipStencil(body, centre, probeM[centre]),
            offK: 0,
          });
          return { bird, oven: traits, tips: [tip("breast"), tip("thigh")] };
        }),
      ),
  };
}
