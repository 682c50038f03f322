/** A plan that is made late: what of its salting and its thaw there is still time for. */

import { FIRST_SHARES } from "../forecast/shares";
import { roughThawHours } from "../kitchen/thaw";
import { unstuffed, withSalt } from "../plan/edits";
import { takesIce } from "../plan/methods";
import type { Plan } from "../plan/schema";
import type { Conflict } from "./conflicts";
import { derivePlan, plainRuleMin, type Simulated } from "./derive";

/** What is reckoned with before anything is simulated: the plain rule, the published thaw, a size that fits anywhere. */
function rough({ bird, thawIn }: Plan): Simulated {
  const pullMinute = Math.max(30, plainRuleMin(bird.massKg));
  return {
    pullMinute,
    history: [],
    thawHours: bird.state === "frozen" ? roughThawHours(bird.massKg, thawIn) : 0,
    sizeCm: { length: 1, width: 1, height: 1 },
    thawsCm: null,
    saltPercent: 0,
    fillingKg: 0,
    dayAfter: null,
  };
}

/** Salting with less and less time, the last of them at the oven. */
const SALTINGS: readonly Partial<Plan["salt"]>[] = [
  {},
  { saltHours: 24, dryHours: 0 },
  { saltHours: 12, dryHours: 0 },
  { saltHours: 6, dryHours: 0 },
  { saltHours: 3, dryHours: 0 },
  { saltHours: 0, dryHours: 0 },
];
/** Thawing with less and less time; with its ice only into an oven. */
const THAWS: readonly Plan["thawIn"][] = ["fridge", "water", "none"];

/** Conflicts that come of too little time. */
const OF_TIME = new Set<Conflict["kind"]>(["too-late", "thawed-in-water-waits", "ice-waits"]);

/**
 * The plan with the longest salting, and the gentlest thaw, that can still begin; the quickest of all where none can.
 * @param nowMs when it is made
 */
export function inTime(plan: Plan, nowMs: number): Plan {
  const thaws =
    plan.bird.state === "fresh" ? [plan.thawIn] : THAWS.filter((thawIn) => thawIn !== "none" || takesIce(plan));
  let made = plan;
  for (const thawIn of thaws) {
    for (const salting of plan.salt.method === "none" ? SALTINGS.slice(-1) : SALTINGS) {
      const thawed = { ...plan, thawIn };
      made = withSalt(salting)(thawIn === "none" ? unstuffed(thawed) : thawed);
      const { conflicts } = derivePlan(made, rough(made), FIRST_SHARES, nowMs);
      if (!conflicts.some(({ kind }) => OF_TIME.has(kind))) return made;
    }
  }
  return made;
}
