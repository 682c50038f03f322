/** What cannot fit, in words. */

import { constant } from "../core/constants";
import type { Plan } from "../core/plan/schema";
import type { NeverMet } from "../core/processes/cook";
import { LONGEST_ROAST_MIN } from "../core/processes/roast";
import type { Conflict } from "../core/schedule/conflicts";
import { type DerivedPlan, REHEAT_ID } from "../core/schedule/derive";
import { COLD, type ResourceConflict, type Use } from "../core/schedule/resources";
import { formatDuration, formatTemperature, formatVolume, type UnitSystem } from "../core/units/quantity";
import { potFor, roomFor, sides } from "./amounts";
import { capital } from "./capital";
import { conditionWords } from "./conditions";
import { REHEATED } from "./dishes";
import { PART_NAMES, TASK_NAMES } from "./names";
import { minuteWords } from "./stages";
import { theBirds } from "./titles";

/** Where a bird does not fit. */
export const FIT_PLACES = {
  pan: "pan",
  oven: "oven",
  shelf: "fridge shelf",
  thaw: "fridge shelf, whole as it thaws",
  pot: "pot",
} as const;
const WAITS = {
  stage: "A change of the heat waits",
  glaze: "The glaze waits",
  bacon: "The bacon stays on",
  fat: "The fat waits",
} as const;
const passesWait = (passes: number): string =>
  passes === 1 ? "One pass of the glaze waits" : `${passes} passes of the glaze wait`;

/** What a place has, and what it would take: its sides, or the volume of a pot. */
const sizes = (values: readonly number[], units: UnitSystem): string =>
  values.length === 1 ? formatVolume(values[0] as number, units) : sides(values, units);
const sizesNeeded = (values: readonly number[], units: UnitSystem): string =>
  values.length === 1 ? potFor(values[0] as number, units) : roomFor(values, units);

/** Where a bird stands in mild air is computed to so much (chosen: hours on, its skin goes on drying, which no case here shows). */
const STANDS_WITHIN_K = 3;

/** A target that this heat does not reach. */
export function neverMetWords({ centre, targetC, highestC, afterMin, airC }: NeverMet, units: UnitSystem): string {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const [part, target, air] = [PART_NAMES[centre], t(targetC), t(airC)];
  const highest = t(highestC) === target ? `just below ${target}` : `at ${t(highestC)}`;
  if (afterMin >= LONGEST_ROAST_MIN) {
    return `At this heat the ${part} is not at ${target} after ${formatDuration(afterMin * 60)}: it is ${highest} by then, in air of ${air}.`;
  }
  if (targetC - highestC <= STANDS_WITHIN_K) {
    return `At this heat the ${part} hardly comes to ${target}, if at all: computed, it stands ${highest} in air of ${air}.`;
  }
  return `At this heat the ${part} never comes to ${target}: it stands ${highest} in air of ${air}.`;
}

/** @param at an instant as the cook reads it */
export function conflictWords(conflict: Conflict, units: UnitSystem, at: (ms: number) => string): string {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  switch (conflict.kind) {
    case "too-late":
      return conflict.isAsked
        ? `${TASK_NAMES[conflict.task]} was to begin ${at(conflict.startMs)}. Has it? Where it has not: eat later, or shorten what comes before the heat.`
        : `${TASK_NAMES[conflict.task]} should have begun ${at(conflict.startMs)}, ${formatDuration(conflict.byMs / 1000)} ago. Eat later, or shorten what comes before the heat.`;
    case "thaws-late":
      return `Thawing since ${at(conflict.begunMs)}, its last ice is gone ${at(conflict.readyMs)}: ${formatDuration(conflict.byMs / 1000)} after it is to be opened. ${conflict.inWater ? "Eat later, or shorten what comes before the heat." : "Eat later, shorten what comes before the heat, or thaw the rest of it in water."}`;
    case "never-thaws":
      return `At ${t(conflict.mediumC)} it would hardly thaw: meat melts just below freezing.`;
    case "thawed-in-water-waits":
      return `A bird thawed in water is cooked at once; it cannot lie in salt or dry for ${formatDuration(conflict.hours * 3600)} after.`;
    case "ice-waits":
      return `A bird that goes in with its ice does not lie in salt or dry for ${formatDuration(conflict.hours * 3600)} first.`;
    case "waits-too-long-raw":
      return `${formatDuration(conflict.hours * 3600)} raw in the fridge is longer than the usual guidance of ${conflict.limitDays} days. Follow your local food-safety authority.`;
    case "brined-too-long":
      return `${conflict.hours} hours in brine is longer than the usual guidance of ${conflict.limitHours}.`;
    case "frozen-outside-an-oven":
      return conflict.why === "heat"
        ? "With ice in it, a bird is for the oven only: never for a smoker, a grill or a spit."
        : "With ice in it, a bird is not stuffed: the middle would be in the warm for hours.";
    case "bag-melts":
      return conflict.airC === null
        ? "A roasting bag is for the oven: near a fire its film melts."
        : `A roasting bag is made for ${formatTemperature(constant("bagMostC"), units)} at most: at ${formatTemperature(conflict.airC, units)} its film may give way.`;
    case "not-on-a-spit":
      return "A spatchcocked bird, or one in parts, does not turn on a spit.";
    case "salted-twice":
      return `Sold salted, and to be salted again${conflict.percent === null ? "" : `: it comes to ${conflict.percent.toFixed(1)} %`}. None is usual, since the drippings get too salty for gravy; some brine it all the same, for the flavour of the brine on the skin.`;
    case "too-salty":
      return `The meat comes to ${conflict.percent.toFixed(1)} % of salt, simulated; 0.7 to 1.5 % is usual.`;
    case "at-night":
      return `${TASK_NAMES[conflict.task]} begins in the night, ${at(conflict.startMs)}.`;
    case "done-too-soon":
      return `It goes in with what takes longer, and is done ${formatDuration(conflict.minutes * 60)} before it is carved.`;
    case "sugar-burns":
      return `The sugar in “${conflict.name}” burns over the skin at this heat, before the roast is done.`;
    case "no-gravy-for":
      return `“${conflict.name}” goes into the gravy, and none is made.`;
    case "never-comes": {
      const waits =
        conflict.for === null && conflict.open.length > 0 ? passesWait(conflict.times) : WAITS[conflict.what];
      const awaited = !conflict.for
        ? "nothing covers it any more"
        : "when" in conflict.for
          ? conditionWords(conflict.for.when, t)
          : `minute ${minuteWords(conflict.for.atMin)}`;
      return `${waits} until ${awaited}, and the roast is over before that.`;
    }
    case "late-never":
      return "At this heat one such bird in ten never gets there, however long it stays. The times count on half as long again at most; have more heat ready, or take it now.";
    case "does-not-fit": {
      const { where, needs, has } = conflict.fit;
      return `Too ${conflict.fit.most > 0 ? "many" : "large"} for your ${FIT_PLACES[where]}: ${sizesNeeded(needs, units)} wanted, there are ${sizes(has, units)}. Your measures are under Kitchen.`;
    }
  }
}

const USE_NAMES: Record<string, string> = {
  bird: "the bird",
  [COLD]: "the bird",
  [REHEAT_ID]: REHEATED,
  thaw: "what thaws",
  salt: "salting",
  dry: "the bird on a rack",
  chill: "the carved meat",
  preheat: "preheating",
  "bring-up": "preheating for the bird",
  prepare: "opening and cutting",
  carve: "carving",
  fill: "stuffing the bird",
  season: "dressing the bird",
  stock: "the stock",
  thicken: "the gravy",
  platter: "laying out the cold meat",
  "mix-brine": "mixing the brine",
  make: "making what goes on",
  stuffing: "making the stuffing",
  "eve-check": "the eve's check",
};

/** Two uses of one thing, without the moment. */
export function resourceWords(
  { kind, uses }: ResourceConflict,
  { bird, equipment, sides: dishes }: Plan,
  { sides }: DerivedPlan,
  units: UnitSystem,
): string {
  const nameOf = ({ id, of }: Use): string => {
    // A dish is the dinner's, around whichever roast it bakes.
    const dish = [...sides, ...dishes].find((side) => side.id === id);
    if (dish && id !== REHEAT_ID) return dish.name;
    const name = USE_NAMES[id] ?? (of ? "a dish" : id);
    return of ? `${name} (${of})` : name.replace("the bird", theBirds(bird));
  };
  // One pot is short of a ring by itself, where there is none.
  const named = new Map(uses.map((use) => [`${use.of ?? ""} ${use.id}`, nameOf(use)]));
  const Both = capital([...named.values()].join(" and "));
  const [want, take] = named.size > 1 ? ["want", "take"] : ["wants", "takes"];
  switch (kind) {
    case "oven-full":
      return `${Both} do not find room in one oven together`;
    case "oven-two-temperatures":
      if (uses.some(({ id }) => id === COLD)) {
        const [goesIn, other] = uses[0].id === COLD ? uses : [uses[1], uses[0]];
        return `In the ${constant("ovenCoolMin")} min before ${nameOf(goesIn)} goes into it cold, the oven is on for ${nameOf(other)}`;
      }
      return `${Both} ${want} one oven at ${uses.map(({ ovenC }) => formatTemperature(ovenC ?? 0, units)).join(" and ")}`;
    case "rings-full":
      return `${Both} ${want} more rings than there are`;
    case "hands-short":
      return `${Both} ${want} more hands than there are`;
    case "no-thermometer":
      return `There is no thermometer for ${theBirds(bird)}, and nothing else tells when that is done`;
    case "fridge-full":
      return `${Both} ${take} about ${formatVolume(Math.ceil(uses.reduce((sum, use, n) => (n === 0 || use !== uses[0] ? sum + use.fridgeL : sum), 0)), units)} of fridge; ${formatVolume(equipment.fridgeL, units)} can be made free`;
  }
}
