/** How long a frozen bird thaws, by the published tables (arithmetic, not simulation). */
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

export interface Thaw {
  /** What the row says for this weight, straight between its ends. */
  readonly hours: number;
  /** The row's own range. */
  readonly fromHours: number;
  readonly toHours: number;
}

/**
 * Hours to thaw; beyond the table's ends its last hours are carried on in proportion to the weight.
 * @throws QuantityError for a mass outside 0.1 to 16 kg
 */
export function thawTime(boughtKg: number, where: ThawIn): Thaw {
  requireBetween("mass of the bird", boughtKg, 0.1, 16, "kg");
  const pounds = boughtKg / KG_PER_POUND;
  const row = THAW_TABLE.find(({ toLb }) => pounds <= toLb) ?? (THAW_TABLE.at(-1) as ThawRow);
  const [low, high] = where === "fridge" ? row.fridgeDays.map((days) => days * 24) : row.waterHours;
  const fromHours = low as number;
  const toHours = high as number;
  const share = (pounds - row.fromLb) / (row.toLb - row.fromLb);
  return { hours: Math.max(fromHours / 2, fromHours + share * (toHours - fromHours)), fromHours, toHours };
}
