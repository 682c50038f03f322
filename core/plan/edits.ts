/** Changes of a plan that the panels make: each takes the plan as it is and hands back the next one. */

import { hasCavity } from "../bird/form";
import { mostOf, nearestKg } from "../bird/mass";
import { constant } from "../constants";
import { canShield, canWrap, type HeatSource, inBagsPlace, isFire, turnsItself } from "../heat/sources";
import { STAGES_APART_MIN } from "../processes/apart";
import { fullStages } from "../processes/stages";
import { heatsOf } from "./heats";
import { fatFitting, heatBy, heatFitting, type MethodId } from "./methods";
import type { Roast } from "./roast";
import { LATEST_STAGE_MIN, MOST_SIDES, MOST_STAGES, type Plan, type Side } from "./schema";
import { seasonFitting } from "./season";
import { inOrder } from "./stageOrder";
import { targetsFor } from "./targets";

export type Change = (plan: Plan) => Plan;
type Stage = Plan["stages"][number];

/** Dishes more, as many as a plan holds. @param isIn the bird is in: what goes wherever it fits has the rest left for it */
export const withDishes =
  (added: readonly Side[], isIn: boolean): Change =>
  (plan) => {
    const fitting = added.map((dish): Side => (isIn && dish.slot === "auto" ? { ...dish, slot: "rest" } : dish));
    return { ...plan, sides: [...plan.sides, ...fitting].slice(0, MOST_SIDES) };
  };

export const withBird =
  (change: Partial<Plan["bird"]>): Change =>
  (plan) => ({ ...plan, bird: { ...plan.bird, ...change } });
export const withSalt =
  (change: Partial<Plan["salt"]>): Change =>
  (plan) => ({ ...plan, salt: { ...plan.salt, ...change } });
export const withSeason =
  (change: Partial<Plan["season"]>): Change =>
  (plan) => ({ ...plan, season: { ...plan.season, ...change } });
/** Without one of the cook's own lines. */
export const withoutAddition =
  (id: string): Change =>
  (plan) => ({ ...plan, additions: plan.additions.filter((each) => each.id !== id) });
export const withStage =
  (n: number, change: Partial<Stage>): Change =>
  (plan) => ({
    ...plan,
    stages: inOrder(plan.stages.map((stage, m) => (m === n ? { ...forgetting(stage, change), ...change } : stage))),
  });

/** Told what to wait for from now on, it has not waited for anything before. */
function forgetting({ waitedFor, ...stage }: Stage, change: Partial<Stage>): Stage {
  return waitedFor && !("when" in change) ? { ...stage, waitedFor } : stage;
}

/** Between which minutes a stage may begin: neither before nor after its neighbours, where they go by the clock. */
export function stageRoom(
  { stages }: Pick<Plan, "stages">,
  n: number,
): { readonly least: number; readonly most: number } {
  const [before, stage, after] = [stages[n - 1], stages[n], stages[n + 1]];
  return {
    least: !before || stage?.when ? 0 : before.fromMin + STAGES_APART_MIN,
    most: after && !after.when ? after.fromMin - STAGES_APART_MIN : LATEST_STAGE_MIN,
  };
}

const NEXT_STAGE_MIN = 30;

/** A stage after the last: half an hour on, at the same heat, to be changed from there; none where there is no room. */
export function withOneMoreStage(plan: Plan): Plan {
  const { fromMin, airC } = plan.stages.at(-1) as Stage;
  if (plan.stages.length >= MOST_STAGES || fromMin >= LATEST_STAGE_MIN) return plan;
  return { ...plan, stages: [...plan.stages, { fromMin: Math.min(LATEST_STAGE_MIN, fromMin + NEXT_STAGE_MIN), airC }] };
}

export const withoutStage =
  (n: number): Change =>
  (plan) =>
    asHeatsTake({ ...plan, stages: plan.stages.filter((_, m) => m !== n) });

/**
 * Stages as their heats take them: a spit has no tray to put a lid on and holds no loose foil, and a fire melts a bag, for
 * which a lid does. What moves the bird nowhere is no move.
 */
function asHeatsTake(plan: Plan): Plan {
  const heats = heatsOf(plan);
  const holds = fullStages(plan.stages, plan.bird.cut);
  const stages = plan.stages.map(({ movedTo: _, ...stage }, n) => {
    const heat = heats[n] as HeatSource;
    const { wrap = "none", shield = "none" } = holds[n] ?? {};
    return {
      ...stage,
      ...(n > 0 && heat !== heats[n - 1] && { movedTo: heat }),
      ...(!canWrap(heat, wrap) && { wrap: inBagsPlace(heat) }),
      ...(!canShield(heat, shield) && { shield: "none" as const }),
    };
  });
  return { ...plan, stages };
}

/** Another way to heat it; what the way before had asked for besides goes with that. */
export const withMethod =
  (method: MethodId): Change =>
  (plan) => {
    const made = { ...plan, ...heatBy(method, plan) };
    return { ...made, season: { ...plan.season, fat: fatFitting(plan.season.fat, plan, made) } };
  };

/** Another heat for it to go into. */
export const withHeat =
  (heat: HeatSource): Change =>
  (plan) =>
    asHeatsTake({ ...plan, heat });

/** Into another heat with a stage, and on in that. */
export const withMove =
  (n: number, movedTo: HeatSource): Change =>
  (plan) =>
    asHeatsTake(withStage(n, { movedTo })(plan));

/** From the beginning to the end in one. */
export const withHeatThroughout =
  (heat: HeatSource): Change =>
  (plan) =>
    withHeat(heat)({ ...plan, stages: plan.stages.map(({ movedTo: _, ...stage }) => stage) });

/** On a grill what was on a spit. */
export const withoutSpit: Change = (plan) => {
  const onGrill = (heat: HeatSource): HeatSource => (turnsItself(heat) ? "covered-grill" : heat);
  const stages = plan.stages.map((stage) => (stage.movedTo ? { ...stage, movedTo: onGrill(stage.movedTo) } : stage));
  return asHeatsTake({ ...plan, heat: onGrill(plan.heat), stages });
};

/**
 * What the cook sees of its skin: the darker side is where it is hotter, so that much the oven is off from side to side
 * from here on; even, it is not.
 * @param n the stage that is on
 */
export const withDarker =
  (side: NonNullable<Roast["happened"]["darker"]>, n: number): Change =>
  (plan) => {
    const hotSideK = side === "even" ? 0 : Math.max(plan.equipment.hotSideK, constant("seenHotSideK"));
    const seen = { ...plan, equipment: { ...plan.equipment, hotSideK } };
    return side === "even" ? seen : withStage(n, { towardsHot: side })(seen);
  };

/**
 * Another bird, cut or filling: its weight and number come into range, its centres get their targets, a method it does not
 * take gives way.
 */
export const withForm =
  (change: Partial<Pick<Plan["bird"], "species" | "cut" | "cavity">>): Change =>
  (plan) => {
    const bird = { ...plan.bird, ...change };
    const massKg = nearestKg(bird.species, bird.cut, bird.massKg);
    const count = Math.min(bird.count, mostOf(bird.cut));
    const cavity = hasCavity(bird.cut) ? bird.cavity : "empty";
    const made = { ...plan, bird: { ...bird, massKg, count, cavity }, ...heatFitting(plan, { ...bird, cavity }) };
    const fat = fatFitting(plan.season.fat, plan, made);
    return {
      ...made,
      targetC: targetsFor({ bird: made.bird, equipment: plan.equipment }, plan),
      season: { ...seasonFitting(plan.season, made.bird), fat },
    };
  };

const intoAnOven: Change = (plan) => (isFire(plan.heat) ? withHeat("oven")(plan) : plan);

/** What a hand in the cavity finds on the morning: there is no more time for salt or drying. */
export const onTheMorning =
  (ice: Plan["bird"]["ice"], thawIn: "water" | "none"): Change =>
  (plan) => ({
    ...withSalt({ saltHours: 0, dryHours: 0 })(
      withBird({ state: "part-frozen", ice })(
        // With its ice it goes into an oven, and not stuffed.
        thawIn === "none" ? intoAnOven(unstuffed(plan)) : plan,
      ),
    ),
    thawIn,
  });

/** Stuffing beside the bird: an empty cavity, and no centre of it to wait for. */
export const unstuffed: Change = (plan) =>
  plan.bird.cavity === "stuffed" ? withForm({ cavity: "empty" })(plan) : plan;

/** Another way of salting, with the hours it usually takes a bird of this size. */
export const withSaltMethod =
  (method: Plan["salt"]["method"]): Change =>
  (plan) => {
    const small = plan.bird.massKg < 2;
    const saltHours = {
      dry: constant("drySaltHours"),
      brine: small ? 5 : constant("brineHours"),
      equilibrium: constant("equilibriumHours"),
      injection: constant("injectionHours"),
      none: 0,
    }[method];
    // A bird out of its bath has been in the fridge long enough: a night of drying would pass two days.
    const dryHours = method === "equilibrium" ? 0 : plan.salt.dryHours;
    return withSalt({ method, saltHours, dryHours })(plan);
  };
