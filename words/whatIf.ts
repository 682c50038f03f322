/** What can be changed at the stove, as a cook would say it. */
import type { Changed, WhatIfId } from "../core/day/whatIf";
import type { HeatSource } from "../core/heat/sources";
import { holdDialC } from "../core/plan/holding";
import type { Plan } from "../core/plan/schema";
import { dialTurnK } from "../core/units/dial";
import { formatTemperature, formatTemperatureDifference, type UnitSystem } from "../core/units/quantity";
import { capital } from "./capital";
import { heatWords, MOVED_INTO } from "./names";
import { itOrThem } from "./titles";

type Of = Pick<Plan, "bird" | "heat" | "equipment">;

const turned = ({ heat, equipment: { dial } }: Of, way: string, units: UnitSystem): string =>
  `${capital(heatWords(heat).is)} ${way} ${formatTemperatureDifference(dialTurnK(dial), units)}`;

const moved = (heat: HeatSource, { stages }: Changed, units: UnitSystem): string => {
  const airC = stages.findLast(({ movedTo }) => movedTo === heat)?.airC;
  return `${capital(MOVED_INTO[heat])}${airC === undefined ? "" : `, at ${formatTemperature(airC, units)}`}`;
};

const NAMES: Record<WhatIfId, (plan: Of, units: UnitSystem, changed: Changed) => string> = {
  "cover-breast": () => "Foil over the breast",
  "cover-all": () => "Loose foil over all of it",
  uncover: () => "Foil off",
  "oven-up": (plan, units) => turned(plan, "up", units),
  "oven-down": (plan, units) => turned(plan, "down", units),
  "turn-over": ({ bird }) => `Turn ${itOrThem(bird)} over`,
  wrap: ({ bird }) => `Wrap ${itOrThem(bird)} tight`,
  "into-oven": (_, units, changed) => moved("oven", changed, units),
  "onto-grill": (_, units, changed) => moved("covered-grill", changed, units),
  rotate: ({ bird, heat }) => `Turn ${itOrThem(bird)} round ${heatWords(heat).in}`,
  "legs-off": () => "Take the legs out",
  "breast-off": () => "Take the breasts out",
  hold: ({ bird, heat, equipment: { dial } }, units) =>
    `Hold ${itOrThem(bird)}: ${heatWords(heat).is} at ${formatTemperature(holdDialC(dial), units)}`,
};

/** @param plan with the heat that the bird is in now */
export const whatIfName = (id: WhatIfId, plan: Of, changed: Changed, units: UnitSystem): string =>
  NAMES[id](plan, units, changed);
