/** What a roast is called until the cook names it: its birds, their weight and the day. */
import type { Plan, Roast } from "../../core/plan/schema";
import { formatMass, type UnitSystem } from "../../core/units/quantity";
import { dayName } from "./time";

const CUT_WORDS: Record<Plan["bird"]["cut"], string> = {
  whole: "Whole",
  spatchcock: "Flat",
  parts: "Jointed",
  crown: "Crown of",
  "boneless-breast": "Boneless breast of",
  "leg-roll": "Rolled leg of",
};

const birdsOf = ({ bird: { species, cut, count } }: Pick<Plan, "bird">): string =>
  `${CUT_WORDS[cut]} ${count > 1 ? `${count} ` : ""}${species}${count > 1 ? "s" : ""}`;

/** For tight places, beside others of the same dinner. */
export const shortTitleOf = ({ plan, named, title }: Pick<Roast, "plan" | "named" | "title">): string =>
  named ? title : birdsOf(plan);

export function titleOf({ bird, serveAt, zone }: Pick<Plan, "bird" | "serveAt" | "zone">, units: UnitSystem): string {
  return `${birdsOf({ bird })}, ${formatMass(bird.massKg, units)}, ${dayName(Date.parse(serveAt), zone)}`;
}
