/** What the cook does to the heat, as data: stages of the dial with their arrangement, and events on the way. */
import type { Side } from "../bird/exposure";
import { type Cut, centresOf, type Facing, hasTips } from "../bird/form";
import type { Piece } from "../bird/solid";
import { QuantityError, requireBetween } from "../errors";
import { isUpright, SHIELDS, type Shield, UNDERLAYS, type Underlay, WRAPS, type Wrap } from "../heat/covers";
import { HEAT_SOURCES, type HeatSource } from "../heat/sources";
import { STAGES_APART_MIN } from "./apart";
import { type Condition, isColour, type Moment } from "./conditions";

/** The dial from a minute on, or from when a centre has come so far; what is left out goes on as it was. */
export interface OvenStage {
  readonly fromMin: number;
  /** Begins when this is met, not before `fromMin`. */
  readonly when?: Condition | undefined;
  readonly airC: number;
  readonly shield?: Shield | undefined;
  readonly wrap?: Wrap | undefined;
  readonly side?: Side | undefined;
  readonly surface?: Underlay | undefined;
  /** What points to the oven's hot side. */
  readonly towardsHot?: Facing | undefined;
  /** Into another heat, which is as hot as this stage by then. */
  readonly movedTo?: HeatSource | undefined;
}

/** A stage with everything said. */
export interface FullStage {
  readonly fromMin: number;
  readonly when?: OvenStage["when"];
  readonly movedTo?: OvenStage["movedTo"];
  readonly airC: number;
  readonly shield: Shield;
  readonly wrap: Wrap;
  readonly side: Side;
  readonly surface: Underlay;
  readonly towardsHot: Facing;
}

export interface HeatOff {
  readonly kind: "off";
  readonly atMin: number;
  readonly untilMin: number;
}

export type RoastEvent =
  | { readonly kind: "door"; readonly atMin: number; readonly openMin: number }
  /** A hand feeds the fire, for which a lid is lifted; in an oven there is none. */
  | { readonly kind: "feed"; readonly atMin: number }
  /** No heat for a while: the oven dark, the fire out, what shuts it shut. */
  | HeatOff
  /** Spooned over, brushed or misted: the door is open a while and the skin wet again. */
  | ({ readonly kind: "baste" } & Moment)
  /** The same with a glaze, which waits where it is wrapped. */
  | ({ readonly kind: "glaze" } & Moment)
  | ({ readonly kind: "bacon-off" } & Moment)
  /** Fat over a skin that went in bare; as it is wrapped, or once nothing covers it any more. */
  | ({ readonly kind: "oil" } & Moment)
  | ({ readonly kind: "leave"; readonly piece: Piece } & Moment);

/** What a bird lies on where the cook has not said: pieces on the tray itself, anything larger on a rack over it. */
export const usualSurface = (cut: Cut): Underlay =>
  cut === "parts" || cut === "legs" || cut === "boneless-breast" || cut === "leg-roll" ? "pan" : "rack";

/**
 * Stages in order, each with everything said.
 * @throws QuantityError when a stage is out of order or out of range
 */
export function fullStages(stages: readonly OvenStage[], cut: Cut): FullStage[] {
  if (stages[0]?.fromMin !== 0 || stages[0].when) {
    throw new QuantityError("first oven stage", stages[0]?.fromMin, { kind: "rule", rule: "first-stage-at-zero" });
  }
  const full: FullStage[] = [];
  /** It comes by a clock that it was not planned by, and what follows it comes after it. */
  let isMoved = false;
  for (const asked of stages) {
    const beforeMin = full.at(-1)?.fromMin ?? 0;
    const its = fitted(asked, cut);
    isMoved = !its.when && (isMoved || asked.when !== undefined) && its.fromMin <= beforeMin;
    const stage = isMoved ? { ...its, fromMin: beforeMin + STAGES_APART_MIN } : its;
    requireBetween("oven temperature", stage.airC, 60, 320, "°C");
    requireBetween("start of an oven stage", its.fromMin, 0, 24 * 60, "min");
    const before = full.at(-1);
    if (before && !stage.when && stage.fromMin <= before.fromMin) {
      throw new QuantityError("start of an oven stage", stage.fromMin, {
        kind: "above",
        than: before.fromMin,
        unit: "min",
      });
    }
    if (stage.when && !isColour(stage.when)) {
      requireBetween("temperature a stage waits for", stage.when.reachesC, 0, 95, "°C");
    }
    full.push({
      shield: before?.shield ?? "none",
      wrap: before?.wrap ?? "none",
      side: before?.side ?? "up",
      surface: before?.surface ?? usualSurface(cut),
      towardsHot: before?.towardsHot ?? "legs",
      ...Object.fromEntries(Object.entries(stage).filter(([, value]) => value !== undefined)),
    } as FullStage);
  }
  return full;
}

/** Of a foil what covers something: no breast is covered where there is none, and no tips. */
export function shieldFitting(shield: Shield, cut: Cut): Shield {
  if (shield === "none" || shield === "all") return shield;
  const breast = shield !== "tips" && centresOf({ cut }).includes("breast");
  const tips = shield !== "breast" && hasTips(cut);
  if (breast && tips) return "breast-and-tips";
  return breast ? "breast" : tips ? "tips" : "none";
}

/**
 * As it can be done with a piece: one heat has other pieces too, for which it is meant as well. What the piece has not is
 * not covered, and a stage that waits for it comes at its own minute; only a whole bird is turned, or stands.
 */
function fitted(stage: OvenStage, cut: Cut): OvenStage {
  const centres = centresOf({ cut, cavity: cut === "whole" ? "stuffed" : "empty" });
  const { shield, side, surface, when } = stage;
  return {
    ...stage,
    ...(when && !isColour(when) && !centres.includes(when.centre) && { when: undefined }),
    ...(side === "down" && cut !== "whole" && { side: "up" as const }),
    ...(isUpright(surface) && cut !== "whole" && { surface: usualSurface(cut) }),
    ...(shield && { shield: shieldFitting(shield, cut) }),
  };
}

/** When a stage begins, as it is planned: by its sign, or by its minute. */
export const momentOf = ({ fromMin, when }: OvenStage): Moment => (when ? { when } : { atMin: fromMin });

/** The stage after the present one, if its time and its condition have come. */
export function nextStage(
  stages: readonly FullStage[],
  present: number,
  minute: number,
  sees: (sign: Condition) => boolean,
): number {
  const next = stages[present + 1];
  if (!next || minute < next.fromMin - 1e-9) return present;
  if (next.when && !sees(next.when)) return present;
  return present + 1;
}

export const STAGE_CHOICES = {
  shield: SHIELDS,
  wrap: WRAPS,
  side: ["up", "down"],
  surface: UNDERLAYS,
  movedTo: HEAT_SOURCES,
} as const;
