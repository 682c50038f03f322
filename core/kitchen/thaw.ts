/** How long a frozen bird thaws by the published table, to set beside the simulation. */
import { requireBetween } from "../errors";
import { KG_PER_POUND } from "../units/quantity";

export type ThawIn = "fridge" | "water";

interface ThawRow {
  readonly fromLb: number;
  readonly toLb: number;
  readonly fridgeDays: readonly [number, number];
  readonly waterHours: readonly [number, number];
}

/** USDA FSIS, "The big thaw" (from memory): fridge at 4.4 °C or below; cold water changed every 30 minutes. */
export const THAW_TABLE: readonly ThawRow[] = [
  { fromLb: 4, toLb: 12, fridgeDays: [1, 3], waterHours: [2, 6] },
  { fromLb: 12, toLb: 16, fridgeDays: [3, 4], waterHours: [6, 8] },
  { fromLb: 16, toLb: 20, fridgeDays: [4, 5], waterHours: [8, 10] },
  { fromLb: 20, toLb: 24, fridgeDays: [5, 6], waterHours: [10, 12] },
];

/** The row's own range. */
export interface PublishedThaw {
  readonly fromHours: number;
  readonly toHours: number;
}

/**
 * What the table says of a weight; beyond its ends, what its nearest row says.
 * @throws QuantityError for a mass outside 0.03 to 16 kg
 */
export function publishedThaw(boughtKg: number, where: ThawIn): PublishedThaw {
  requireBetween("mass of the bird", boughtKg, 0.03, 16, "kg");
  const pounds = boughtKg / KG_PER_POUND;
  const row = THAW_TABLE.find(({ toLb }) => pounds <= toLb) ?? (THAW_TABLE.at(-1) as ThawRow);
  const [fromHours, toHours] = where === "fridge" ? row.fridgeDays.map((days) => days * 24) : row.waterHours;
  return { fromHours: fromHours as number, toHours: toHours as number };
}

/** Hours to reckon with where a thaw has not been simulated: the longest of the row; in a brine as in the fridge. */
export const roughThawHours = (boughtKg: number, where: ThawIn | "brine" | "none"): number =>
  where === "none" ? 0 : publishedThaw(boughtKg, where === "water" ? "water" : "fridge").toHours;

/** Hours for which a bird thaws, lies in its salt and dries before its day, roughly: enough to know which days are its own. */
export const waitsHours = ({
  bird,
  thawIn,
  salt,
}: {
  readonly bird: { readonly massKg: number; readonly state: string };
  readonly thawIn: ThawIn | "brine" | "none";
  readonly salt: { readonly saltHours: number; readonly dryHours: number };
}): number => (bird.state === "fresh" ? 0 : roughThawHours(bird.massKg, thawIn)) + salt.saltHours + salt.dryHours;
