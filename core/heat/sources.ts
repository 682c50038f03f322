/** Where a bird is heated. What is computed, planned or offered asks a source's traits, never its name. */
import { CUTS, type Cut } from "../bird/form";
import { constant } from "../constants";
import type { Shield, Wrap } from "./covers";
import { saturationPa } from "./moistAir";

export const HEAT_SOURCES = ["oven", "fan-oven", "smoker", "covered-grill", "spit"] as const;
export type HeatSource = (typeof HEAT_SOURCES)[number];

/** What a fire outdoors burns. */
export const FUELS = ["charcoal", "wood", "pellets", "gas"] as const;
export type Fuel = (typeof FUELS)[number];

/** How well a smoker or a covered grill draws hot air past the bird, as far as the cook has seen. */
export const DRAUGHTS = ["weak", "usual", "good"] as const;
export type Draught = (typeof DRAUGHTS)[number];

/** Fall of a natural-convection coefficient with the size of the body, Nu ∝ Ra^(1/4): h ∝ L^(−1/4). */
export const NATURAL_SIZE_POWER = 0.25;

export interface SourceTraits {
  /** Convective heat-transfer coefficient on a body of the reference size, W/m²K. */
  readonly convection: () => number;
  /** Spread of its logarithm from one such place to another. */
  readonly convectionSd: () => number;
  /** Power of the bird's size that the film falls with: 1/4 in natural convection, 2/5 in a stream (Nu ∝ Re^0.6). */
  readonly sizePower: number;
  readonly vapourPa: (birds: number) => number;
  /** Exchange of a face that looks down, as a share of an open one; null: what the tray leaves. */
  readonly under: number | null;
  /** Share of the surroundings that is open fire. */
  readonly fireShare: () => number;
  /** What is opened to get at the bird: a door, or a lid that stands in the weather; null: its fire is open. */
  readonly shutBy: "door" | "lid" | null;
  /** Time constant of its air after its setting is changed, min. */
  readonly lagMin: () => number;
  /** What it can burn: none is an oven, indoors; any is a fire outdoors, with its weather. */
  readonly fuels: readonly Fuel[];
  /** It is chosen for its smoke. */
  readonly smokes: boolean;
  /** A fan drives its air. */
  readonly fan: boolean;
  /** It turns the bird by itself: on nothing, no side nearer the heat, and no lid over it. */
  readonly turns: boolean;
  /** Cuts that it holds. */
  readonly cuts: readonly Cut[];
}

const lagMin = (): number => constant("ovenLagMin");

/** What the skin gives its vapour off at for most of a roast, °C (chosen): so moist, the air takes up no more of it. */
const WET_SKIN_C = 70;

/**
 * Vapour in an oven's air, which each of its birds adds to, the less the moister it is already: what an exchange of air
 * takes away, n · (p_skin − p) gives.
 */
function shutInPa(birds: number): number {
  const alonePa = constant("ovenVapourPa");
  const skinPa = saturationPa(WET_SKIN_C);
  return (birds * alonePa * skinPa) / (skinPa + (birds - 1) * alonePa);
}

const OVEN: SourceTraits = {
  convection: () => constant("ovenConvectionWPerM2K"),
  convectionSd: () => constant("convectionSdShare"),
  sizePower: NATURAL_SIZE_POWER,
  vapourPa: shutInPa,
  under: null,
  fireShare: () => 0,
  shutBy: "door",
  lagMin,
  fuels: [],
  smokes: false,
  fan: false,
  turns: false,
  cuts: CUTS,
};

/** A fire whose smoke is drawn past the bird, under a lid that stays shut. */
const COVERED_FIRE: SourceTraits = {
  convection: () => constant("draughtConvectionWPerM2K"),
  convectionSd: () => constant("draughtSdShare"),
  sizePower: 0.4,
  vapourPa: () => constant("smokeVapourPa"),
  under: 0.8,
  fireShare: () => 0,
  shutBy: "lid",
  lagMin,
  fuels: FUELS,
  smokes: false,
  fan: false,
  turns: false,
  cuts: CUTS,
};

export const SOURCE_TRAITS: Record<HeatSource, SourceTraits> = {
  oven: OVEN,
  "fan-oven": { ...OVEN, convection: () => constant("fanConvectionWPerM2K"), sizePower: 0.4, fan: true },
  smoker: { ...COVERED_FIRE, smokes: true },
  "covered-grill": COVERED_FIRE,
  spit: {
    ...COVERED_FIRE,
    vapourPa: () => constant("kitchenVapourPa"),
    under: 1,
    fireShare: () => constant("spitFireShare"),
    shutBy: null,
    turns: true,
    // Nothing flat or in pieces turns on a spit.
    cuts: ["whole", "crown", "boneless-breast", "leg-roll"],
  },
};

/** Whether the heat is a fire: outdoors, with fuel and weather. */
export const isFire = (source: HeatSource): boolean => SOURCE_TRAITS[source].fuels.length > 0;

/** Whether two are one oven, with its fan on and with its fan off. */
export const areOneOven = (one: HeatSource, other: HeatSource): boolean => !isFire(one) && !isFire(other);

/** What is opened to get at the bird: a door, or a lid that stands in the weather; null: its fire is open. */
export const shutBy = (source: HeatSource): SourceTraits["shutBy"] => SOURCE_TRAITS[source].shutBy;

/** Whether a lid shuts it, which stands in the weather. */
export const isLidded = (source: HeatSource): boolean => shutBy(source) === "lid";

/** Whether it is chosen for its smoke. */
export const smokes = (source: HeatSource): boolean => SOURCE_TRAITS[source].smokes;

/** Whether a fan drives its air. */
export const hasFan = (source: HeatSource): boolean => SOURCE_TRAITS[source].fan;

/** Whether it turns the bird by itself. */
export const turnsItself = (source: HeatSource): boolean => SOURCE_TRAITS[source].turns;

/** Whether it holds such a cut. */
export const takes = (source: HeatSource, cut: Cut): boolean => SOURCE_TRAITS[source].cuts.includes(cut);

/** Whether it can be wrapped so: nothing is put over a bird that turns, and the film of a bag melts near a fire. */
export const canWrap = (source: HeatSource, wrap: Wrap): boolean =>
  wrap === "bag" ? !isFire(source) : wrap !== "lid" || !turnsItself(source);

/** Whether foil can lie so: from what turns it falls, unless it is tied. */
export const canShield = (source: HeatSource, shield: Shield): boolean => shield !== "all" || !turnsItself(source);

/** What does the work of a bag there. */
export const inBagsPlace = (source: HeatSource): Wrap => (canWrap(source, "lid") ? "lid" : "none");

/** A stage of the heat, as far as it may move the bird. */
interface Moving {
  readonly movedTo?: HeatSource | undefined;
}

/** What a bird is heated in, stage by stage. @param first what it goes into */
export function heatsByStage(first: HeatSource, stages: readonly Moving[]): readonly [HeatSource, ...HeatSource[]] {
  const heats: [HeatSource, ...HeatSource[]] = [first];
  for (const { movedTo } of stages.slice(1)) heats.push(movedTo ?? (heats.at(-1) as HeatSource));
  return heats;
}

/** The first heat that it is moved into; undefined where it stays in the one it went into. */
export const elsewhereOf = (first: HeatSource, stages: readonly Moving[]): HeatSource | undefined =>
  heatsByStage(first, stages).find((heat) => heat !== first);
