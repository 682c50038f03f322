/** How long a heat is brought up before a bird goes into it. */
import { constant } from "../constants";
import { type HeatSource, isFire } from "../heat/sources";

/** A fire is lit so long before it is brought to its heat (common practice). */
export const LIGHTING_MIN = 10;

/** Heat that is brought up before the bird goes in, or none. */
export interface BroughtUp {
  readonly heat: HeatSource;
  readonly preheat: { readonly minutes: number };
}

/** From a cold heat to the bird's going in, min. */
export const heatLeadMin = ({ heat, preheat }: BroughtUp): number =>
  preheat.minutes + (isFire(heat) ? LIGHTING_MIN : 0);

/** And to its being moved into another one. */
export const bringUpMin = (heat: HeatSource): number =>
  heatLeadMin({ heat, preheat: { minutes: constant("preheatMin") } });

/** Into a cold oven, which is turned on as the bird goes in. A fire burns before anything lies over it. */
export const goesInCold = (plan: BroughtUp): boolean => heatLeadMin(plan) === 0;
