import { CENTRES, type Centre } from "../../../core/bird/solid";
import { QuantityError, requireBetween } from "../../../core/errors";
import type { Plan } from "../../../core/plan/schema";
import { COLOURS } from "../../../core/processes/conditions";
import {
  formatTemperature,
  isDuration,
  parseMinutes,
  parseTemperatureC,
  type UnitSystem,
} from "../../../core/units/quantity";
import { conditionName } from "../../../words/conditions";
import { PART_NAMES } from "../../../words/names";

export type Moment = Plan["season"]["glazeAt"][number];

interface About {
  readonly what: string;
  /** Whose temperature is waited for: of the first, where none is named. */
  readonly centres: readonly Centre[];
  readonly lowC: number;
  readonly highC: number;
}

const LAST_MIN = 960;
/** What stands around it in a sentence: "when the breast shows 60 °C", "60 °C in the first centre". */
const AROUND = /\b(?:when|once|at|in|the|it|is|shows?|first centre)\b/g;

/** As a field has it: "60 min", "breast 60 °C", "first gold". */
export const momentShown = (moment: Moment, units: UnitSystem): string =>
  "when" in moment ? conditionName(moment.when, (celsius) => formatTemperature(celsius, units)) : `${moment.atMin} min`;

/** A minute of the roast, what a centre shows, or a colour. @throws QuantityError for what is none of them */
export function parseMoment(text: string, units: UnitSystem, { what, centres, lowC, highC }: About): Moment {
  const clean = text.toLowerCase().replace(AROUND, " ").replace(/\s+/g, " ").trim();
  const colour = COLOURS.find((each) => conditionName({ colour: each }, String) === clean);
  if (colour) return { when: { colour } };
  const named = CENTRES.find((each) => clean.includes(PART_NAMES[each]));
  if (!named && isDuration(clean)) return { atMin: parseMinutes(`minute of the ${what}`, clean, 0, LAST_MIN) };
  if (named && !centres.includes(named)) {
    throw new QuantityError(`place of the ${what}`, named, { kind: "one-of", values: centres });
  }
  const centre = named ?? centres[0] ?? "breast";
  const celsius = parseTemperatureC(named ? clean.replace(PART_NAMES[named], "") : clean, units);
  return { when: { centre, reachesC: requireBetween(`temperature of the ${what}`, celsius, lowC, highC, "°C") } };
}
