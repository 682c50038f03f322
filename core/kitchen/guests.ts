/** From the number of guests to what to buy, and from the bird to the portions. */

import type { Cut } from "../bird/form";
import { mostOf, soldRangeKg } from "../bird/mass";
import { SPECIES_RECORDS, type Species } from "../bird/species";
import { constant } from "../constants";
import { requireBetween } from "../errors";

export const APPETITES = ["light", "usual", "hearty"] as const;
export type Appetite = (typeof APPETITES)[number];

/** Of each appetite. */
export const MOST_GUESTS = 60;
export const MOST_HEADS = APPETITES.length * MOST_GUESTS;

export interface Table {
  /** People at the table, by appetite. */
  readonly guests: Readonly<Record<Appetite, number>>;
  /** Meals a head wanted from what is left over. */
  readonly leftoverMeals: number;
}

const APPETITE_SHARE = { light: "lightAppetiteShare", usual: null, hearty: "heartyAppetiteShare" } as const;

const headsOf = (guests: Table["guests"]): number => guests.light + guests.usual + guests.hearty;

/** A table at which nobody sits is reckoned for one, of a usual appetite. */
const seatedAt = ({ guests }: Table): Table["guests"] =>
  headsOf(guests) === 0 ? { light: 0, usual: 1, hearty: 0 } : guests;

export const headsAt = (table: Table): number => headsOf(seatedAt(table));

/** Usual portions that a table eats, leftovers counted. */
export function portionsAt(table: Table): number {
  const { leftoverMeals } = table;
  const guests = seatedAt(table);
  for (const appetite of APPETITES)
    requireBetween(`guests with a ${appetite} appetite`, guests[appetite], 0, MOST_GUESTS);
  requireBetween("meals of leftovers a head", leftoverMeals, 0, 5);
  const eaten = APPETITES.reduce((sum, appetite) => {
    const share = APPETITE_SHARE[appetite];
    return sum + guests[appetite] * (share ? constant(share) : 1);
  }, 0);
  return eaten + headsOf(guests) * leftoverMeals * constant("leftoverPortionShare");
}

/** Mass to buy a usual portion of, by what is bought; whole birds by species, since a duck is half bone and fat. */
export function portionKg(species: Species, cut: Cut): number {
  if (cut === "crown") return constant("crownPortionKg");
  if (cut === "boneless-breast" || cut === "leg-roll") return constant("bonelessPortionKg");
  return SPECIES_RECORDS[species].portionKg.value;
}

/**
 * What to buy for a table, kg.
 * @throws QuantityError for numbers of guests or leftovers outside their range
 */
export const massToBuyKg = (table: Table, species: Species, cut: Cut): number =>
  portionsAt(table) * portionKg(species, cut);

/** What to ask for in a shop: so many birds or pieces, of one mass that is sold; and whether the table has enough of them. */
export interface ToBuy {
  readonly count: number;
  readonly massKg: number;
  readonly isEnough: boolean;
}

/** At most as many as one roast has. */
export function birdsToBuy(table: Table, species: Species, cut: Cut): ToBuy {
  const [smallestKg, largestKg] = soldRangeKg(species, cut);
  const neededKg = massToBuyKg(table, species, cut);
  const count = Math.min(mostOf(cut), Math.max(1, Math.ceil(neededKg / largestKg)));
  // To the tenth upwards: nobody goes hungry for a rounding.
  const eachKg = Math.ceil((10 * neededKg) / count) / 10;
  const massKg = Math.min(largestKg, Math.max(smallestKg, eachKg));
  return { count, massKg, isEnough: count * massKg > neededKg - 0.001 };
}

/** Cooked meat without skin or bone that a bought bird gives, kg. */
export function cookedMeatKg(boughtKg: number, species: Species, cut: Cut): number {
  if (cut === "boneless-breast" || cut === "leg-roll") return boughtKg * constant("bonelessCookedShare");
  if (cut === "crown") return boughtKg * constant("crownCookedShare");
  return boughtKg * SPECIES_RECORDS[species].edibleShare.value;
}

export interface Portions {
  readonly heads: number;
  /** Cooked meat a head at this table, kg. */
  readonly eachKg: number;
  readonly lightKg: number;
  readonly darkKg: number;
}

/** Light and dark meat for a table, from a bought bird. */
export function portionsOf(table: Table, boughtKg: number, species: Species, cut: Cut): Portions {
  const heads = headsAt(table);
  const meatKg = cookedMeatKg(boughtKg, species, cut);
  const lightShare =
    cut === "crown" || cut === "boneless-breast"
      ? 1
      : cut === "leg-roll" || cut === "legs"
        ? 0
        : constant("lightMeatShare");
  return { heads, eachKg: meatKg / heads, lightKg: meatKg * lightShare, darkKg: meatKg * (1 - lightShare) };
}
