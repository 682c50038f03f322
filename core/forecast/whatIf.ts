/**
 * What if, stove side: the bird that the readings point to, cooked again with one thing changed from now on. Up to now
 * both cooks are the same, so what differs is what the change does.
 */
import type { Centre, CentreTemperatures, Piece } from "../bird/solid";
import type { Plan } from "../formats/roast";
import type { Facing, OvenStage, RoastEvent } from "../processes/stages";
import { fullStages } from "../processes/stages";
import { type EnsembleOptions, type Member, minuteShown, runMember, targetsStillIn } from "./ensemble";
import type { Draw } from "./prior";

export const WHAT_IFS = [
  "cover-breast",
  "uncover",
  "oven-up",
  "oven-down",
  "turn-over",
  "wrap",
  "rotate",
  "legs-off",
  "breast-off",
  "hold",
] as const;
export type WhatIfId = (typeof WHAT_IFS)[number];

/** A turn of the dial that is worth a tap, K. */
export const DIAL_STEP_K = 20;
/** An oven that keeps a bird without cooking it on by much, °C (common practice). */
export const HOLD_C = 90;

export interface Changed {
  readonly stages: Plan["stages"];
  readonly leaves: readonly Piece[];
}

const MOST_STAGES = 8;

/** Number of the stage that is on: later ones that wait for a temperature have begun once it was read. */
export function stageNow(stages: readonly OvenStage[], nowMin: number, readC: CentreTemperatures): number {
  return stages.findLastIndex(
    ({ fromMin, when }) =>
      fromMin <= nowMin && (!when || (readC[when.centre] ?? Number.NEGATIVE_INFINITY) >= when.reachesC),
  );
}

/** The stages with something else from now on; what comes later by itself stays, moved by the same turn of the dial. */
function fromNow(
  { stages, bird }: Pick<Plan, "stages" | "bird">,
  nowMin: number,
  readC: CentreTemperatures,
  change: Partial<OvenStage>,
): Plan["stages"] {
  const at = Math.max(0, stageNow(stages, nowMin, readC));
  const holds = fullStages(stages, bird.cut)[at];
  if (!holds) return stages;
  const begun = stages.slice(0, at + 1);
  const turnK = (change.airC ?? holds.airC) - holds.airC;
  const later = stages.slice(at + 1).map((stage) => ({ ...stage, airC: stage.airC + turnK }));
  const last = begun.at(-1) as Plan["stages"][number];
  const next = { fromMin: Math.max(nowMin, last.fromMin + 0.5), airC: holds.airC, ...change };
  const room = MOST_STAGES - 1 - later.length;
  return [...begun.slice(0, Math.max(1, room)), next, ...later];
}

/** Cuts that have both breast and legs, so that one of them can go first. */
const JOINTED: ReadonlySet<string> = new Set(["parts", "spatchcock", "whole"]);
const OPPOSITE: Record<Facing, Facing> = { legs: "breast", breast: "legs", left: "right", right: "left" };

/** The plan with one thing changed now; null where it would change nothing, or cannot be. */
export function changedNow(
  id: WhatIfId,
  plan: Pick<Plan, "stages" | "bird" | "equipment">,
  nowMin: number,
  readC: CentreTemperatures,
): Changed | null {
  const { stages, bird, equipment } = plan;
  const holds = fullStages(stages, bird.cut)[Math.max(0, stageNow(stages, nowMin, readC))];
  if (!holds) return null;
  const set = (change: Partial<OvenStage>): Changed => ({ stages: fromNow(plan, nowMin, readC, change), leaves: [] });
  const leave = (...leaves: Piece[]): Changed | null => (JOINTED.has(bird.cut) ? { stages, leaves } : null);
  switch (id) {
    case "cover-breast":
      return holds.shield === "none" && holds.wrap === "none" && bird.cut !== "parts"
        ? set({ shield: "breast" })
        : null;
    case "uncover":
      return holds.shield === "none" && holds.wrap === "none" ? null : set({ shield: "none", wrap: "none" });
    case "oven-up":
      return holds.airC + DIAL_STEP_K > 260 ? null : set({ airC: holds.airC + DIAL_STEP_K });
    case "oven-down":
      return holds.airC - DIAL_STEP_K < 110 ? null : set({ airC: holds.airC - DIAL_STEP_K });
    case "turn-over":
      return bird.cut === "whole" ? set({ side: holds.side === "up" ? "down" : "up" }) : null;
    case "wrap":
      return holds.wrap === "foil" ? null : set({ wrap: "foil" });
    case "rotate":
      return equipment.hotSideK === 0 ? null : set({ towardsHot: OPPOSITE[holds.towardsHot] });
    case "legs-off":
      return leave("thigh", "drumstick");
    case "breast-off":
      return leave("breast", "wing");
    case "hold":
      return holds.airC <= HOLD_C ? null : set({ airC: HOLD_C });
  }
}

export interface WhatIfAnswer {
  readonly id: WhatIfId | "as-is";
  /** Minute at which each centre shows its target; infinite where it would not. */
  readonly doneMin: Partial<Record<Centre, number>>;
  readonly juicesBreast: number | null;
  readonly browning: number;
}

/** Long enough to see what holding does; a bird that is not there by then will not be at this heat. */
const LOOK_AHEAD_MIN = 5 * 60;

function answerOf(id: WhatIfAnswer["id"], member: Member, shownC: CentreTemperatures): WhatIfAnswer {
  const centres = Object.keys(shownC) as Centre[];
  return {
    id,
    doneMin: Object.fromEntries(
      centres.map((centre) => [centre, minuteShown(member, centre, shownC[centre] as number)]),
    ),
    juicesBreast: member.indices?.juicesKept.breast ?? null,
    browning: member.indices?.browning ?? 0,
  };
}

/**
 * Every change that can be made now, and none, in turn; yields after each.
 * @param estimate unknowns of the bird that the readings point to
 */
export function* whatIfs(
  options: EnsembleOptions,
  estimate: Draw,
  nowMin: number,
  changes: readonly (readonly [WhatIfId, Changed])[],
): Generator<number, WhatIfAnswer[]> {
  const answers: WhatIfAnswer[] = [];
  const run = (id: WhatIfAnswer["id"], { stages, leaves }: Changed): void => {
    const leaving = leaves.map((piece): RoastEvent => ({ kind: "leave", piece, atMin: nowMin }));
    const changed = {
      ...options,
      stages,
      events: [...(options.events ?? []), ...leaving],
      shownC: targetsStillIn(options.shownC, leaves),
      longestMin: nowMin + LOOK_AHEAD_MIN,
      watched: true,
    };
    answers.push(answerOf(id, runMember(changed, estimate), changed.shownC));
  };
  run("as-is", { stages: options.stages as Plan["stages"], leaves: [] });
  yield answers.length;
  for (const [id, changed] of changes) {
    run(id, changed);
    yield answers.length;
  }
  return answers;
}
