/** What a roast is called until the cook names it: its birds, their weight and the day. */
import type { Plan } from "../../core/plan/schema";
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

export function titleOf({ bird, serveAt, zone }: Pick<Plan, "bird" | "serveAt" | "zone">, units: UnitSystem): string {
  const { species, cut, count, massKg } = bird;
  const birds = `${count > 1 ? `${count} ` : ""}${species}${count > 1 ? "s" : ""}`;
  return `${CUT_WORDS[cut]} ${birds}, ${formatMass(massKg, units)}, ${dayName(Date.parse(serveAt), zone)}`;
}
