import type { Centre } from "../../../core/bird/solid";
import { requireBetween } from "../../../core/errors";
import type { Plan } from "../../../core/plan/schema";
import { isDuration, parseMinutes, parseTemperatureC, type UnitSystem } from "../../../core/units/quantity";

export type Moment = Plan["season"]["glazeAt"][number];

interface About {
  readonly what: string;
  /** Whose temperature is waited for. */
  readonly centre: Centre;
  readonly lowC: number;
  readonly highC: number;
}

const LAST_MIN = 960;

/** A minute of the roast, or what a centre shows. @throws QuantityError for what is neither */
export function parseMoment(text: string, units: UnitSystem, { what, centre, lowC, highC }: About): Moment {
  if (isDuration(text)) return { atMin: parseMinutes(`minute of the ${what}`, text, 0, LAST_MIN) };
  const reachesC = requireBetween(`temperature of the ${what}`, parseTemperatureC(text, units), lowC, highC, "°C");
  return { when: { centre, reachesC } };
}
