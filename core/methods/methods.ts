/** Ways to heat the bird, as data: what a cook chooses by name becomes oven stages. */
import type { Cut } from "../bird/form";
import type { OvenStage } from "../processes/stages";

export const METHOD_IDS = ["steady", "hot-start", "hot-flat"] as const;
export type MethodId = (typeof METHOD_IDS)[number];

export interface Method {
  readonly id: MethodId;
  readonly name: string;
  /** For tight places. */
  readonly short: string;
  readonly says: string;
  readonly stages: readonly OvenStage[];
  readonly cuts: readonly Cut[];
}

const ANY_CUT: readonly Cut[] = ["whole", "spatchcock", "parts", "crown", "boneless-breast", "leg-roll"];

/** Temperatures: 163 °C is the published minimum oven; the hot ones are common practice. */
export const METHODS: readonly Method[] = [
  {
    id: "steady",
    name: "Steady moderate",
    short: "Steady",
    says: "One temperature from start to end. Gentle, forgiving, pale skin.",
    stages: [{ fromMin: 0, airC: 163 }],
    cuts: ANY_CUT,
  },
  {
    id: "hot-start",
    name: "Hot start, then lower",
    short: "Hot start",
    says: "Twenty hot minutes for colour, then moderate heat.",
    stages: [
      { fromMin: 0, airC: 218 },
      { fromMin: 20, airC: 163 },
    ],
    cuts: ["whole", "spatchcock", "crown"],
  },
  {
    id: "hot-flat",
    name: "Hot, for a flat bird or parts",
    short: "Hot, flat",
    says: "High heat all through. Quick and crisp; only for a bird pressed flat or in parts.",
    stages: [{ fromMin: 0, airC: 220 }],
    cuts: ["spatchcock", "parts"],
  },
];

export function methodById(id: MethodId): Method {
  return METHODS.find((method) => method.id === id) as Method;
}
