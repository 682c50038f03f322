/** What is left of a carved bird: cooled in its tray, and heated again under cover. */
import { constant } from "../constants";
import { type Dial, onDialC } from "../units/dial";
import { drain } from "./cook";
import { type ChillDone, chilling, type ReheatDone, reheating, Tray } from "./tray";

export interface LeftoversAsked {
  /** In one tray, kg. */
  readonly massKg: number;
  readonly depthM: number;
  readonly fridgeC: number;
  /** Warmth of the meat as it goes into the tray. */
  readonly startC: number;
  readonly coveredInFridge: boolean;
}

export interface Leftovers {
  readonly chill: ChillDone;
  readonly reheat: ReheatDone;
}

/** What the dial is turned to, to heat them again, °C. */
export const reheatDialC = (dial: Dial): number => onDialC(constant("reheatOvenC"), dial);

/** @throws QuantityError for meat, depth or a fridge outside the range of a tray */
export function leftovers({ massKg, depthM, fridgeC, startC, coveredInFridge }: LeftoversAsked): Leftovers {
  const chill = drain(chilling(new Tray({ massKg, depthM, covered: coveredInFridge }), { startC, fridgeC }));
  const again = new Tray({ massKg, depthM, covered: true });
  return { chill, reheat: drain(reheating(again, { startC: fridgeC, ovenC: constant("reheatOvenC") })) };
}
