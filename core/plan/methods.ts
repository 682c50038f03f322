/** Ways to heat the bird, as data: what a cook chooses by name becomes a source of heat and its stages. */
import { CUTS, type Cut, centresOf, type FormChoice } from "../bird/form";
import { SPECIES_RECORDS, type Species } from "../bird/species";
import { isUpright } from "../heat/covers";
import { type HeatSource, isFire, takes } from "../heat/sources";
import { type BroughtUp, goesInCold } from "../kitchen/broughtUp";
import type { Fat } from "../kitchen/fats";
import { canCome } from "../processes/conditions";
import { type OvenStage, shieldFitting } from "../processes/stages";
import { type Dial, onDialC } from "../units/dial";

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
  readonly stages: readonly OvenStage[];
  readonly cuts: readonly Cut[];
  /** Where it is done, when that is part of the method. */
  readonly heat?: HeatSource;
  /** When a lean bird's fat goes on, where it is not before the heat. */
  readonly fat?: Fat;
}

/**
 * Temperatures as a dial in °C has them, see {@link heatBy}: 160 °C and 325 °F stand for the published minimum oven of
 * 163 °C, all others are common practice.
 */
export const METHODS: readonly Method[] = [
  {
    id: "steady",
    stages: [{ fromMin: 0, airC: 160 }],
    cuts: CUTS,
  },
  {
    id: "hot-start",
    stages: [
      { fromMin: 0, airC: 220 },
      { fromMin: 20, airC: 160 },
    ],
    cuts: ["whole", "spatchcock", "crown"],
  },
  {
    id: "shielded",
    stages: [
      { fromMin: 0, airC: 220, shield: "breast" },
      { fromMin: 20, airC: 160 },
      { fromMin: 40, when: { centre: "breast", reachesC: 60 }, airC: 160, shield: "none" },
    ],
    cuts: ["whole", "crown"],
  },
  {
    id: "breast-down",
    stages: [
      { fromMin: 0, airC: 190, side: "down" },
      { fromMin: 50, airC: 160, side: "up" },
    ],
    cuts: ["whole"],
  },
  {
    id: "hot-flat",
    stages: [{ fromMin: 0, airC: 220 }],
    cuts: ["spatchcock", "parts", "legs"],
  },
  {
    id: "parts-hot-low",
    stages: [
      { fromMin: 0, airC: 230 },
      { fromMin: 15, airC: 150 },
    ],
    cuts: ["parts", "legs"],
  },
  {
    id: "low-smoke",
    stages: [
      { fromMin: 0, airC: 120 },
      { fromMin: 60, when: { centre: "breast", reachesC: 60 }, airC: 160, wrap: "foil" },
    ],
    cuts: ["whole", "spatchcock", "parts", "crown"],
    heat: "smoker",
    fat: "none-at-first",
  },
];

/**
 * Stages as they can be done with a bird: what it has not is not waited for or covered, only a whole one is turned or stands,
 * and none goes where it finds no place. A later stage that has lost its condition goes.
 */
export function stagesFitting<Stage extends OvenStage>(
  stages: readonly Stage[],
  bird: Pick<FormChoice, "cut" | "cavity">,
): Stage[] {
  const centres = centresOf(bird);
  return stages
    .filter(({ when }, n) => n === 0 || !when || canCome(when, centres))
    .map((stage) => {
      const { side, shield, surface, movedTo, ...kept } = stage;
      const fits = shieldFitting(shield ?? "none", bird.cut);
      return {
        ...kept,
        ...(movedTo !== undefined && takes(movedTo, bird.cut) && { movedTo }),
        ...(surface !== undefined && (bird.cut === "whole" || !isUpright(surface)) && { surface }),
        ...(side !== undefined && (bird.cut === "whole" || side === "up") && { side }),
        ...(shield && (shield === "none" || fits !== "none") && { shield: fits }),
      } as Stage;
    });
}

/** A plan's heat for another bird: as it was where it fits, else the steady way, which takes any. */
export function heatFitting<Stage extends OvenStage>(
  before: Heated & { readonly stages: readonly Stage[] },
  bird: Pick<FormChoice, "cut" | "cavity">,
) {
  const heat = takes(before.heat, bird.cut) ? before.heat : "covered-grill";
  if (!methodById(before.method).cuts.includes(bird.cut)) return heatBy("steady", { ...before, heat });
  return { method: before.method, heat, stages: stagesFitting(before.stages, bird) };
}

/** What the heat is turned to first, °C: to its first stage, unless it was said otherwise. */
export const preheatedC = (
  plan: BroughtUp & {
    readonly preheat: { readonly airC: number | null };
    readonly stages: readonly Pick<OvenStage, "airC">[];
  },
): number => (goesInCold(plan) ? null : plan.preheat.airC) ?? (plan.stages[0] as Pick<OvenStage, "airC">).airC;

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

interface Heated {
  readonly method: MethodId;
  readonly heat: HeatSource;
  readonly equipment: { readonly dial: Dial };
}

const onDial = ({ stages }: Method, dial: Dial): OvenStage[] =>
  stages.map((stage) => ({ ...stage, airC: onDialC(stage.airC, dial) }));

/** Whether stages are a method's own, as an oven with this dial has them. */
export const areStagesOf = (id: MethodId, stages: readonly OvenStage[], dial: Dial): boolean =>
  JSON.stringify(onDial(methodById(id), dial)) === JSON.stringify(stages);

/** When a bird's fat goes on by a method; a fat bird brings its own. */
export const usualFat = (id: MethodId, species: Species): Fat =>
  SPECIES_RECORDS[species].rendersFat ? "none" : (methodById(id).fat ?? "before");

/** The same of what has become of a plan, where its fat was as usual before. */
export function fatFitting(fat: Fat, before: FattedBy, now: FattedBy): Fat {
  const usual = ({ method, bird }: FattedBy): Fat => usualFat(method, bird.species);
  return fat === usual(before) ? usual(now) : fat;
}
interface FattedBy {
  readonly method: MethodId;
  readonly bird: { readonly species: Species };
}

/** A plan's heat by a method: its stages, at marks of the oven's dial, and its place where that is part of it. */
export function heatBy(id: MethodId, before: Heated) {
  const method = methodById(id);
  // The place that another method had asked for is not the cook's own choice.
  const own = methodById(before.method).heat ? "oven" : before.heat;
  return { method: id, heat: method.heat ?? own, stages: onDial(method, before.equipment.dial) };
}
