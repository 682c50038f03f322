/**
 * What if, stove side: the bird that the readings point to, cooked again with one thing changed from now on. Up to now
 * both cooks are the same, so what differs is what the change does.
 */

import { centresOf, type Facing } from "../bird/form";
import type { Centre, CentreTemperatures, Piece } from "../bird/solid";
import { constant } from "../constants";
import { type EnsembleOptions, runMember, targetsStillIn } from "../forecast/ensemble";
import type { Forecast } from "../forecast/forecast";
import { type Member, minuteAllShown, minuteShown } from "../forecast/member";
import type { Draw } from "../forecast/prior";
import { isUpright } from "../heat/covers";
import { canShield, canWrap, type HeatSource, heatsByStage, inBagsPlace, isFire, turnsItself } from "../heat/sources";
import { median } from "../median";
import { offSince } from "../plan/happened";
import { holdDialC } from "../plan/holding";
import type { Roast } from "../plan/roast";
import { LATEST_STAGE_MIN, MOST_STAGES, type Plan } from "../plan/schema";
import { STAGES_APART_MIN } from "../processes/apart";
import { isMet } from "../processes/conditions";
import { fullStages, type OvenStage, type RoastEvent } from "../processes/stages";
import { dialTurnK, onDialC } from "../units/dial";
import { MINUTE_MS } from "../units/time";
import { begunAt } from "./lateStage";

export const WHAT_IFS = [
  "cover-breast",
  "cover-all",
  "uncover",
  "oven-up",
  "oven-down",
  "turn-over",
  "wrap",
  "into-oven",
  "onto-grill",
  "rotate",
  "legs-off",
  "breast-off",
  "hold",
] as const;
export type WhatIfId = (typeof WHAT_IFS)[number];

/** Beyond these a turn of the dial is no way to roast a bird, °C (common practice). */
const HOTTEST_C = 260;
const MILDEST_C = 110;

export interface Changed {
  readonly stages: Plan["stages"];
  /** Number of the stage that is on then: what was to be done before is not called again. */
  readonly done: number;
  readonly leaves: readonly Piece[];
}

/**
 * Number of the stage that is on: later ones that wait for a temperature have begun once it was read, for a colour once
 * the bird of the estimate has it.
 * @param browning of that bird; where it is not known, a colour is looked for from the stage's own minute on
 */
export function stageNow(
  stages: readonly OvenStage[],
  nowMin: number,
  readC: CentreTemperatures,
  browning = Number.POSITIVE_INFINITY,
): number {
  return stages.findLastIndex(
    ({ fromMin, when }) => fromMin <= nowMin && (!when || isMet(when, { centresC: readC, browning })),
  );
}

/**
 * Number of the stage that a change is held against: the last that the cook has said to be done. Until the next is, though
 * its time or its sign has come, everything is as it was before it.
 */
const stageChanged = ({ plan: { stages }, stagesDone = 0 }: Pick<Changeable, "plan" | "stagesDone">): number =>
  Math.min(stagesDone, stages.length - 1);

/**
 * The stages with something else from now on; what is still to come keeps its own settings, and is not before it. What is
 * changed within one minute is one change. Null where a plan has no more room.
 */
function fromNow(asked: Changeable, change: Partial<OvenStage>, endsThere: boolean): Changed | null {
  const { plan, nowMin } = asked;
  const { stages, bird, heat } = plan;
  const at = stageChanged(asked);
  const holds = fullStages(stages, bird.cut)[at];
  const begun = stages.slice(0, at + 1);
  const last = begun.at(-1);
  // What is still to come finds its place after it.
  if (!holds || !last || Math.max(nowMin, last.fromMin) > LATEST_STAGE_MIN - MOST_STAGES) return null;
  const later = endsThere ? [] : stages.slice(at + 1);
  if (!last.when && last.fromMin >= nowMin) {
    return { stages: changedAt(at, [...begun.slice(0, -1), { ...last, ...change }, ...later]), done: at, leaves: [] };
  }
  const kept = begun.slice(0, Math.max(1, MOST_STAGES - 1 - later.length));
  if (kept.length + later.length >= MOST_STAGES) return null;
  // Where there are too many, one that is left out may be the one that moved it, or covered it.
  const isIn = heatsByStage(heat, begun).at(-1);
  const moved = isIn !== heatsByStage(heat, kept).at(-1) && { movedTo: isIn };
  const known = fullStages(kept, bird.cut).at(-1);
  const { shield, wrap, side, surface, towardsHot } = holds;
  const held = Object.entries({ shield, wrap, side, surface, towardsHot }).filter(
    ([name, value]) => value !== known?.[name as keyof typeof known],
  );
  const next: Plan["stages"][number] = {
    fromMin: Math.max(nowMin, last.fromMin + STAGES_APART_MIN),
    airC: holds.airC,
    ...moved,
    ...Object.fromEntries(held),
    ...change,
  };
  return { stages: changedAt(kept.length, [...kept, next, ...later]), done: kept.length, leaves: [] };
}

/** What comes after a stage that was just made is not before it. */
const changedAt = (n: number, stages: Plan["stages"]): Plan["stages"] => begunAt(stages, n, n, stages[n]?.fromMin ?? 0);

/**
 * A plan with a stage of its own from now on, the heat as the plan has it by then, to be changed from there; as it was where
 * it has no room.
 */
export function withStageFromNow<Of extends Changeable["plan"]>(plan: Of, nowMin: number, stagesDone = 0): Of {
  const begun = Math.max(stagesDone, stageNow(plan.stages, nowMin, {}));
  return { ...plan, stages: fromNow({ plan, nowMin, stagesDone: begun }, {}, false)?.stages ?? plan.stages };
}

/** Cuts that have both breast and legs, so that one of them can go first. */
const JOINTED: ReadonlySet<string> = new Set(["parts", "spatchcock", "whole"]);
const OPPOSITE: Record<Facing, Facing> = { legs: "breast", breast: "legs", left: "right", right: "left" };

/** What of a roast decides what can be changed. */
export interface Changeable {
  readonly plan: Pick<Plan, "stages" | "bird" | "equipment" | "heat">;
  readonly nowMin: number;
  /** The last stage that the cook has said to be done. */
  readonly stagesDone?: number | undefined;
  /** Pieces that are out. */
  readonly left?: readonly Piece[];
  /** Its heat gives none now. */
  readonly isOff?: boolean;
}

/** What can be changed of a roast that is in, at a moment of the clock. */
export function changeableAt(
  { plan, happened }: Pick<Roast, "plan" | "happened">,
  atMs: number,
): Changeable & Required<Pick<Changeable, "left" | "isOff">> {
  const { inAt = "", left = [], stagesDone } = happened;
  return {
    plan,
    nowMin: Math.max(1, Math.round((atMs - Date.parse(inAt)) / MINUTE_MS)),
    stagesDone,
    left: left.map(({ piece }) => piece),
    isOff: offSince(happened) !== undefined,
  };
}

/** The plan with one thing changed now; null where it would change nothing, or cannot be. */
export function changedNow(id: WhatIfId, asked: Changeable): Changed | null {
  const { plan, nowMin, left = [], isOff = false, stagesDone = 0 } = asked;
  const { stages, bird, equipment } = plan;
  const holdC = holdDialC(equipment.dial);
  const at = stageChanged(asked);
  const holds = fullStages(stages, bird.cut)[at];
  const heat = heatsByStage(plan.heat, stages)[at];
  if (!holds || !heat) return null;
  const set = (change: Partial<OvenStage>, endsThere = false): Changed | null => fromNow(asked, change, endsThere);
  // While the plan's own turn of the dial is due, another says nothing: that comes first.
  const isDue = stages.some(({ fromMin, when }, n) => n > at && !when && fromMin <= nowMin);
  const turned = (way: 1 | -1): Changed | null => {
    if (isDue) return null;
    const airC = onDialC(holds.airC + way * dialTurnK(equipment.dial), equipment.dial);
    return airC > HOTTEST_C || airC < MILDEST_C ? null : set({ airC });
  };
  // What is out is out, and the last of it is the pull.
  const leave = (...leaves: Piece[]): Changed | null =>
    JOINTED.has(bird.cut) && left.length === 0 ? { stages, done: stagesDone, leaves } : null;
  const moved = (movedTo: HeatSource): Changed | null => {
    const leastC = onDialC(constant("minimumOvenC"), equipment.dial);
    const wrap = !canWrap(movedTo, holds.wrap) && { wrap: inBagsPlace(movedTo) };
    return set({ movedTo, airC: Math.max(holds.airC, leastC), ...wrap });
  };
  const hasBreastUp = centresOf(bird).includes("breast") && !left.includes("breast") && holds.side === "up";
  switch (id) {
    case "cover-breast":
      return hasBreastUp && holds.shield === "none" && holds.wrap === "none" && bird.cut !== "parts"
        ? set({ shield: "breast" })
        : null;
    case "cover-all":
      return holds.shield !== "all" && holds.wrap === "none" && canShield(heat, "all") ? set({ shield: "all" }) : null;
    case "uncover":
      return holds.shield === "none" && holds.wrap === "none" ? null : set({ shield: "none", wrap: "none" });
    case "oven-up":
      return turned(1);
    case "oven-down":
      return turned(-1);
    case "turn-over":
      return bird.cut === "whole" && !turnsItself(heat) && !isUpright(holds.surface)
        ? set({ side: holds.side === "up" ? "down" : "up" })
        : null;
    case "wrap":
      return holds.wrap === "none" ? set({ wrap: "foil" }) : null;
    case "into-oven":
      return isFire(heat) ? moved("oven") : null;
    case "onto-grill":
      // Nobody carries a bird out of an oven that works.
      return isOff && !isFire(heat) ? moved("covered-grill") : null;
    case "rotate":
      return equipment.hotSideK === 0 || turnsItself(heat) ? null : set({ towardsHot: OPPOSITE[holds.towardsHot] });
    case "legs-off":
      return leave("thigh", "drumstick");
    case "breast-off":
      return leave("breast", "wing");
    case "hold":
      return holds.airC <= holdC ? null : set({ airC: holdC }, true);
  }
}

export interface WhatIfAnswer {
  readonly id: WhatIfId | "as-is";
  /** Minute at which each centre shows its target; infinite where it would not. */
  readonly doneMin: Partial<Record<Centre, number>>;
  /** Against leaving everything as it is, on the same birds: minutes, infinite where it is not done any more; null for as-is. */
  readonly laterMin: number | null;
  /** Of the breast's juice, more than as it is; null where it is not known. */
  readonly juicesMore: number | null;
  readonly browning: number;
}

/** Less is no difference to speak of: the computer's own steps are no finer. */
export const SAME_WITHIN_MIN = 3;

/** Long enough to see what holding does; a bird that is not there by then will not be at this heat. */
const LOOK_AHEAD_MIN = 5 * 60;

/** Difference of two finishes of one bird; what is done neither way does not differ. */
const laterBy = (done: number, asIs: number): number => (done === asIs ? 0 : done - asIs);

/**
 * The bird of the estimate, and one quicker and one slower of those that fit the readings: a change is held against
 * "as it is" on each of them, so that a slip of the fit is in both and falls out.
 */
export function drawsOf({ estimate, members, aimC }: Pick<Forecast, "estimate" | "members" | "aimC">): readonly Draw[] {
  const byFinish = [...members].sort((a, b) => minuteAllShown(a, aimC) - minuteAllShown(b, aimC));
  const at = (share: number): Draw => (byFinish[Math.floor(share * (byFinish.length - 1))] as Member).draw;
  return [estimate, at(0.2), at(0.8)];
}

/**
 * Every change that can be made now, and none, in turn; yields after each.
 * @param draws unknowns of the birds that the readings point to, the likeliest first (see {@link drawsOf})
 */
export function* whatIfs(
  options: EnsembleOptions,
  draws: readonly Draw[],
  nowMin: number,
  changes: readonly (readonly [WhatIfId, Changed])[],
): Generator<number, WhatIfAnswer[]> {
  const answers: WhatIfAnswer[] = [];
  let asIs: readonly Ran[] = [];
  function* run(id: WhatIfAnswer["id"], { stages, leaves }: Omit<Changed, "done">): Generator<number, void> {
    const leaving = leaves.map((piece): RoastEvent => ({ kind: "leave", piece, atMin: nowMin }));
    const changed = {
      ...options,
      stages,
      events: [...(options.events ?? []), ...leaving],
      shownC: targetsStillIn(options.shownC, leaves),
      longestMin: nowMin + LOOK_AHEAD_MIN,
      watched: true,
    };
    const ran: Ran[] = [];
    for (const draw of draws) {
      ran.push(ranOf(runMember(changed, draw), changed.shownC));
      yield answers.length;
    }
    const likeliest = ran[0] as Ran;
    if (id === "as-is") asIs = ran;
    const differences = ran.map(({ allMin }, n) => laterBy(allMin, asIs[n]?.allMin ?? Number.NaN));
    const juices = ran.flatMap(({ juicesBreast }, n) => {
      const before = asIs[n]?.juicesBreast ?? null;
      return juicesBreast === null || before === null ? [] : [juicesBreast - before];
    });
    answers.push({
      id,
      doneMin: likeliest.doneMin,
      laterMin: id === "as-is" ? null : median(differences),
      juicesMore: juices.length === 0 ? null : median(juices),
      browning: likeliest.browning,
    });
  }
  yield* run("as-is", { stages: options.stages as Plan["stages"], leaves: [] });
  for (const [id, changed] of changes) yield* run(id, changed);
  return answers;
}

/**
 * Minute at which it is there: as late as it will be as it is, moved by what the change does to it; where it is never there
 * as it is, what the likeliest bird does. Infinite where it is not done any more.
 * @param asIsMin as it is, by the forecast
 */
export function finishMin({ id, doneMin, laterMin }: WhatIfAnswer, asIsMin: number): number {
  if (id === "as-is" || laterMin === null) return asIsMin;
  if (Number.isFinite(asIsMin) && Number.isFinite(laterMin)) return asIsMin + laterMin;
  return laterMin > 0 ? Number.POSITIVE_INFINITY : Math.max(...Object.values(doneMin));
}

interface Ran {
  readonly doneMin: WhatIfAnswer["doneMin"];
  readonly allMin: number;
  readonly juicesBreast: number | null;
  readonly browning: number;
}

function ranOf(member: Member, shownC: CentreTemperatures): Ran {
  const centres = Object.keys(shownC) as Centre[];
  return {
    doneMin: Object.fromEntries(
      centres.map((centre) => [centre, minuteShown(member, centre, shownC[centre] as number)]),
    ),
    allMin: minuteAllShown(member, shownC),
    juicesBreast: member.indices?.juicesKept.breast ?? null,
    browning: member.indices?.browning ?? 0,
  };
}
