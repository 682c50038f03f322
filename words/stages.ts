/** What changes in the heat, in words. */

import type { Shield, Wrap } from "../core/heat/covers";
import { hasFan, turnsItself } from "../core/heat/sources";
import { wrapsAt } from "../core/plan/additions";
import { heatsOf, movedInto } from "../core/plan/heats";
import type { Plan } from "../core/plan/schema";
import { fatForTheWrap, seasoningFor } from "../core/plan/season";
import { fullStages } from "../core/processes/stages";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";
import { additionWords } from "./additions";
import { spooned } from "./amounts";
import { capital } from "./capital";
import { conditionName } from "./conditions";
import { facingName, MOVED_INTO, UNDERLAY_NAMES } from "./names";
import { itOrThem } from "./titles";

const SHIELD_WORDS: Record<Exclude<Shield, "none">, (bird: Plan["bird"]) => string> = {
  breast: () => "breast",
  tips: ({ cut }) => (cut === "legs" ? "ends of the drumsticks" : "tips of wings and drumsticks"),
  "breast-and-tips": () => "breast and the tips",
  all: (bird) => `whole of ${itOrThem(bird)}`,
};

const WRAPPED_WORDS: Record<Wrap, (bird: Plan["bird"]) => string> = {
  none: () => "",
  foil: (bird) => `wrap ${itOrThem(bird)} tight`,
  lid: () => "lid on",
  bag: ({ count }) => (count > 1 ? "each into a bag" : "into its bag"),
};
const OPENED_WORDS: Record<Wrap, (bird: Plan["bird"]) => string> = {
  none: () => "",
  foil: (bird) => `unwrap ${itOrThem(bird)}, away from you`,
  lid: () => "lid off, away from you",
  bag: ({ count }) => `cut the bag${count > 1 ? "s" : ""} open, away from you`,
};

/** Whether the oven's fan is turned from one stage to another; empty where it is not. */
function fanWords(plan: Pick<Plan, "stages" | "heat">, n: number, after: number): string {
  const [before, now] = [heatsOf(plan)[after], heatsOf(plan)[n]];
  if (!before || !now || hasFan(before) === hasFan(now)) return "";
  return hasFan(now) ? "fan on" : "fan off";
}

/** What becomes of the bird's place with a stage: it is moved, or the oven's fan is turned; empty where neither. */
export function placeWords(plan: Pick<Plan, "stages" | "heat">, n: number): string {
  const into = movedInto(plan, n);
  return into ? `moved ${MOVED_INTO[into]}` : fanWords(plan, n, n - 1);
}

/** A minute since it went in. */
export const minuteWords = (minute: number): string => `${Math.round(minute)}`;

/** When a stage is on. */
export function stageName({ stages }: Pick<Plan, "stages">, n: number, units: UnitSystem): string {
  const [stage, next] = [stages[n], stages[n + 1]];
  if (stage?.when) return conditionName(stage.when, (celsius) => formatTemperature(celsius, units));
  if (n > 0) return `from ${minuteWords(stage?.fromMin ?? 0)} min`;
  if (!next) return "all through";
  return next.when ? "at first" : `first ${minuteWords(next.fromMin)} min`;
}

/** What goes into the wrap that a stage, or one before it that was not made, puts on; first the fat that was kept for it. */
function withTheWrap(
  plan: Pick<Plan, "stages" | "bird" | "additions" | "season">,
  after: number,
  n: number,
  units: UnitSystem,
): readonly string[] {
  const at = wrapsAt(plan);
  if (at === null || at <= after || at > n) return [];
  const fat = fatForTheWrap(plan) === at ? [`${spooned("fat", seasoningFor(plan, 0).fatGrams, units)} of fat`] : [];
  const own = plan.additions.filter(({ when }) => when === "into-the-wrap");
  return [...fat, ...own.map((each) => additionWords(each, plan, units))].map((what) => `with ${what}`);
}

/** What changes as a stage begins: what the hand does to the oven and the bird. @param after the stage that was done last */
export function stageWords(
  plan: Pick<Plan, "stages" | "bird" | "heat" | "additions" | "season">,
  n: number,
  units: UnitSystem,
  after = n - 1,
): string {
  const { stages, bird } = plan;
  const full = fullStages(stages, bird.cut);
  const [before, stage] = [full[after], full[n]];
  if (!before || !stage) return "";
  const heat = formatTemperature(stage.airC, units);
  const into = movedInto(plan, n, after);
  const changes = [
    into ? `move ${itOrThem(bird)} ${MOVED_INTO[into]}, at ${heat}` : fanWords(plan, n, after),
    !into && stage.airC !== before.airC && `heat to ${heat}`,
    stage.shield !== before.shield &&
      (stage.shield === "none" ? "foil off" : `foil over the ${SHIELD_WORDS[stage.shield](bird)}`),
    stage.wrap !== before.wrap &&
      (stage.wrap === "none" ? OPENED_WORDS[before.wrap](bird) : WRAPPED_WORDS[stage.wrap](bird)),
    ...withTheWrap(plan, after, n, units),
    stage.side !== before.side && `turn ${itOrThem(bird)} breast ${stage.side}`,
    stage.surface !== before.surface && `onto ${UNDERLAY_NAMES[stage.surface]}`,
    stage.towardsHot !== before.towardsHot && `tray turned, ${facingName(bird.cut, stage.towardsHot)} to the hot side`,
  ].filter(Boolean);
  const text = changes.join(", ") || `heat stays at ${heat}`;
  return capital(text);
}

const GOES_IN_WRAPPED: Record<Wrap, (bird: Plan["bird"]) => string> = {
  none: () => "",
  foil: () => "wrapped tight in foil",
  lid: () => "lid on, or foil sealed over the dish",
  bag: ({ count }) => `${count > 1 ? "each in a" : "in its"} bag with a spoonful of flour, six slits cut in the top`,
};

/** How it lies, which way it faces and what covers it as it goes in; what its tray and its shield are is told before. */
export function goesInWords({
  stages,
  bird,
  heat,
  equipment,
}: Pick<Plan, "stages" | "bird" | "heat" | "equipment">): string {
  const full = fullStages(stages, bird.cut);
  const [first] = full;
  if (!first) return "";
  const isTurned = full.some(({ towardsHot }) => towardsHot !== first.towardsHot);
  const faces = !turnsItself(heat) && (equipment.hotSideK > 0 || isTurned);
  return [
    first.side === "down" && "breast down",
    faces && `${facingName(bird.cut, first.towardsHot)} to the hot side`,
    GOES_IN_WRAPPED[first.wrap](bird) ||
      (first.shield !== "none" && `foil over the ${SHIELD_WORDS[first.shield](bird)}`),
  ]
    .filter(Boolean)
    .join(", ");
}
