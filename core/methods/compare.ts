/** Ways to cook this very bird, side by side: each a change of the plan, and what its simulation gives and costs. */
import { type Cut, centresOf } from "../bird/form";
import type { Centre } from "../bird/solid";
import type { PlannedDone } from "../forecast/planned";
import type { Plan } from "../formats/roast";
import { CLEAN_MIN, CUT_MIN } from "../kitchen/cutting";
import type { OvenStage } from "../processes/stages";
import { constant } from "../sources";
import { type MethodId, methodById } from "./methods";

export interface Way {
  readonly id: string;
  readonly name: string;
  readonly cut: Cut;
  readonly method: MethodId;
  readonly stages: readonly OvenStage[];
}

const SHIELDED: readonly OvenStage[] = [
  { fromMin: 0, airC: 218, shield: "breast" },
  { fromMin: 20, airC: 163 },
  { fromMin: 40, when: { centre: "breast", reachesC: 60 }, airC: 163, shield: "none" },
];
const TURNED: readonly OvenStage[] = [
  { fromMin: 0, airC: 190, side: "down" },
  { fromMin: 50, airC: 163, side: "up" },
];
const MODERATE_FLAT: readonly OvenStage[] = [{ fromMin: 0, airC: 175 }];

/** The ways in the order a cook would think of them; temperatures are common practice. */
export const WAYS: readonly Way[] = [
  { id: "whole-steady", name: "Whole, steady", cut: "whole", method: "steady", stages: methodById("steady").stages },
  {
    id: "whole-hot",
    name: "Whole, hot start",
    cut: "whole",
    method: "hot-start",
    stages: methodById("hot-start").stages,
  },
  { id: "whole-shield", name: "Whole, breast shielded", cut: "whole", method: "hot-start", stages: SHIELDED },
  { id: "whole-turned", name: "Whole, breast down first", cut: "whole", method: "hot-start", stages: TURNED },
  { id: "flat-hot", name: "Flat, hot", cut: "spatchcock", method: "hot-flat", stages: methodById("hot-flat").stages },
  { id: "flat-moderate", name: "Flat, moderate", cut: "spatchcock", method: "steady", stages: MODERATE_FLAT },
  { id: "parts-hot", name: "In parts, hot", cut: "parts", method: "hot-flat", stages: methodById("hot-flat").stages },
];

/** A crown or a boned piece is bought as it is: it can be heated otherwise, not cut otherwise. */
export const waysFor = (plan: Plan): readonly Way[] => {
  const { cut } = plan.bird;
  if (cut === "whole" || cut === "spatchcock" || cut === "parts") return WAYS;
  return (["steady", "hot-start"] as const)
    .map(methodById)
    .filter((method) => method.cuts.includes(cut))
    .map(({ id, name, stages }) => ({ id: `${cut}-${id}`, name, cut, method: id, stages }));
};

/** The plan with a way taken: the cut, its centres and targets, the heat. */
export function planByWay(plan: Plan, way: Way): Plan {
  const bird = { ...plan.bird, cut: way.cut, cavity: way.cut === "whole" ? plan.bird.cavity : ("empty" as const) };
  const guideline = constant("guidelineC");
  return {
    ...plan,
    bird,
    method: way.method,
    stages: way.stages.map((stage) => ({ ...stage })),
    targetC: Object.fromEntries(centresOf(bird).map((centre) => [centre, plan.targetC[centre] ?? guideline])),
  };
}

export interface Comparison {
  readonly roastMin: number;
  /** Minutes between the first and the last centre at 70 °C; positive where the breast is first. */
  readonly breastAheadMin: number | null;
  readonly juicesBreast: number | null;
  readonly juicesLeg: number | null;
  /** 1 is golden. */
  readonly browning: number;
  readonly ovenMin: number;
  readonly boardMin: number;
  readonly wholeAtTable: boolean;
}

const COMPARED_C = 70;

/** Minute at which a centre first shows a temperature, straight between two points; null when it never does. */
function minuteAt({ history }: PlannedDone, centre: Centre, celsius: number): number | null {
  const n = history.findIndex((point) => (point.centresC[centre] ?? Number.NaN) >= celsius);
  const [before, after] = [history[n - 1], history[n]];
  if (!after) return null;
  if (!before) return after.minute;
  const [from, to] = [before.centresC[centre] as number, after.centresC[centre] as number];
  return before.minute + ((celsius - from) / (to - from)) * (after.minute - before.minute);
}

export function comparisonOf(cook: PlannedDone, cut: Cut): Comparison {
  const [breast, thigh] = [minuteAt(cook, "breast", COMPARED_C), minuteAt(cook, "thigh", COMPARED_C)];
  const kept = cook.indices?.juicesKept;
  return {
    roastMin: cook.pullMinute,
    breastAheadMin: breast === null || thigh === null ? null : thigh - breast,
    juicesBreast: kept?.breast ?? null,
    juicesLeg: kept?.thigh ?? null,
    browning: cook.indices?.browning ?? 0,
    ovenMin: cook.pullMinute + constant("preheatMin"),
    boardMin: CLEAN_MIN + CUT_MIN[cut],
    wholeAtTable: cut === "whole",
  };
}
