/** Ways to heat the bird, as data: what a cook chooses by name becomes a source of heat and its stages. */
import { type Cut, centresOf, type FormChoice } from "../bird/form";
import type { HeatSource } from "../heat/ovens";
import { isFire } from "../kitchen/fuel";
import { isColour } from "../processes/conditions";
import type { OvenStage } from "../processes/stages";

export const METHOD_IDS = [
  "steady",
  "hot-start",
  "shielded",
  "breast-down",
  "hot-flat",
  "parts-hot-low",
  "low-smoke",
] as const;
export type MethodId = (typeof METHOD_IDS)[number];

export interface Method {
  readonly id: MethodId;
  readonly name: string;
  /** For tight places. */
  readonly short: string;
  readonly says: string;
  /** What to mind, in a few words. */
  readonly mind: string;
  readonly stages: readonly OvenStage[];
  readonly cuts: readonly Cut[];
  /** Where it is done, when that is part of the method. */
  readonly heat?: HeatSource;
}

const ANY_CUT: readonly Cut[] = ["whole", "spatchcock", "parts", "crown", "legs", "boneless-breast", "leg-roll"];

/** Temperatures: 163 °C is the published minimum oven; all others are common practice. */
export const METHODS: readonly Method[] = [
  {
    id: "steady",
    name: "Steady moderate",
    short: "Steady",
    says: "One temperature from start to end. Gentle, forgiving, pale skin.",
    mind: "little; the skin stays pale",
    stages: [{ fromMin: 0, airC: 163 }],
    cuts: ANY_CUT,
  },
  {
    id: "hot-start",
    name: "Hot start, then lower",
    short: "Hot start",
    says: "Twenty hot minutes for colour, then moderate heat.",
    mind: "turning the heat down",
    stages: [
      { fromMin: 0, airC: 218 },
      { fromMin: 20, airC: 163 },
    ],
    cuts: ["whole", "spatchcock", "crown"],
  },
  {
    id: "shielded",
    name: "Hot start, breast shielded",
    short: "Shielded",
    says: "Foil over the breast from the start; off in time to colour. Holds the breast back for the legs.",
    mind: "taking the foil off in time",
    stages: [
      { fromMin: 0, airC: 218, shield: "breast" },
      { fromMin: 20, airC: 163 },
      { fromMin: 40, when: { centre: "breast", reachesC: 60 }, airC: 163, shield: "none" },
    ],
    cuts: ["whole", "crown"],
  },
  {
    id: "breast-down",
    name: "Breast down, then turned",
    short: "Breast down",
    says: "Fifty minutes on its breast, then turned: the legs get the heat first.",
    mind: "a hot, wet bird is turned by hand",
    stages: [
      { fromMin: 0, airC: 190, side: "down" },
      { fromMin: 50, airC: 163, side: "up" },
    ],
    cuts: ["whole"],
  },
  {
    id: "hot-flat",
    name: "Hot all through",
    short: "Hot",
    says: "High heat from start to end. Quick and crisp; only for a bird pressed flat or in parts.",
    mind: "fat that smokes; water or vegetables under it",
    stages: [{ fromMin: 0, airC: 220 }],
    cuts: ["spatchcock", "parts", "legs"],
  },
  {
    id: "parts-hot-low",
    name: "Hot, then low, piece by piece",
    short: "Hot, then low",
    says: "Fifteen hot minutes for colour, then low; each piece leaves when it is done.",
    mind: "pieces are done one by one",
    stages: [
      { fromMin: 0, airC: 230 },
      { fromMin: 15, airC: 150 },
    ],
    cuts: ["parts", "legs"],
  },
  {
    id: "low-smoke",
    name: "Low smoke, then hotter and wrapped",
    short: "Low smoke",
    says: "Low in clean smoke, then wrapped in hotter air from 60 °C in the breast on. Not for a stuffed bird.",
    mind: "long in the zone: under 4 kg, or flat, unstuffed",
    stages: [
      { fromMin: 0, airC: 120 },
      { fromMin: 60, when: { centre: "breast", reachesC: 60 }, airC: 160, wrap: "foil" },
    ],
    cuts: ["whole", "spatchcock", "parts", "crown"],
    heat: "smoker",
  },
];

/**
 * Stages as they can be done with a bird: what it has not is not waited for or covered, and only a whole one is turned.
 * A later stage that has lost its condition goes.
 */
export function stagesFitting<Stage extends OvenStage>(
  stages: readonly Stage[],
  bird: Pick<FormChoice, "cut" | "cavity">,
): Stage[] {
  const centres = centresOf(bird);
  return stages
    .filter(({ when }, n) => n === 0 || !when || isColour(when) || centres.includes(when.centre))
    .map((stage) => {
      const { side, shield, ...kept } = stage;
      return {
        ...kept,
        ...(side !== undefined && (bird.cut === "whole" || side === "up") && { side }),
        ...(shield !== undefined && (centres.includes("breast") || !shield.startsWith("breast")) && { shield }),
      } as Stage;
    });
}

/** A plan's heat for another bird: as it was where it fits, else the steady way, which takes any. */
export function heatFitting<Stage extends OvenStage>(
  before: { readonly method: MethodId; readonly heat: HeatSource; readonly stages: readonly Stage[] },
  bird: Pick<FormChoice, "cut" | "cavity">,
) {
  const heat = takes(before.heat, bird.cut) ? before.heat : "covered-grill";
  if (!methodById(before.method).cuts.includes(bird.cut)) return heatBy("steady", { ...before, heat });
  return { method: before.method, heat, stages: stagesFitting(before.stages, bird) };
}

/** What heat takes which cut: nothing flat or in pieces turns on a spit. */
export const takes = (source: HeatSource, cut: Cut): boolean =>
  source !== "spit" || (cut !== "spatchcock" && cut !== "parts" && cut !== "legs");

/** How hot it is as the bird goes in, °C: as its first stage, unless it was said otherwise. */
export const preheatedC = ({
  preheat,
  stages,
}: {
  readonly preheat: { readonly airC: number | null };
  readonly stages: readonly Pick<OvenStage, "airC">[];
}): number => preheat.airC ?? (stages[0] as Pick<OvenStage, "airC">).airC;

/** Whether it is browned in a pan first: what lies flat in one. */
export const sears = ({
  sear,
  bird,
}: {
  readonly sear: object | null;
  readonly bird: { readonly cut: Cut };
}): boolean => sear !== null && (bird.cut === "boneless-breast" || bird.cut === "leg-roll" || bird.cut === "parts");

/** Whether a bird may go into this heat with ice in it: whole, and only in an oven. */
export const takesIce = ({
  heat,
  bird,
}: {
  readonly heat: HeatSource;
  readonly bird: { readonly cut: Cut };
}): boolean => !isFire(heat) && bird.cut === "whole";

export function methodById(id: MethodId): Method {
  return METHODS.find((method) => method.id === id) as Method;
}

/** The cut that was asked for, or the one a method is first of all for. */
export const cutFor = (id: MethodId, cut: Cut): Cut => {
  const { cuts } = methodById(id);
  return cuts.includes(cut) ? cut : (cuts[0] as Cut);
};

/** A plan's heat by a method: its stages, and its place where that is part of it. */
export function heatBy(id: MethodId, before: { readonly method: MethodId; readonly heat: HeatSource }) {
  const method = methodById(id);
  // The place that another method had asked for is not the cook's own choice.
  const own = methodById(before.method).heat ? "oven" : before.heat;
  return { method: id, heat: method.heat ?? own, stages: method.stages.map((stage) => ({ ...stage })) };
}
