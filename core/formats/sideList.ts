/** A list of side dishes as rows of text, such as a spreadsheet writes them: what can be taken in, and what is wrong with the rest. */
import { z } from "zod";
import { messageOf, requireBetween } from "../errors";
import type { Plan } from "../plan/schema";
import { SIDE_SLOTS } from "../plan/schema";
import { formatTemperature, parseDurationS, parseTemperatureC, type UnitSystem } from "../units/quantity";
import { LONGEST_REASON, line, oneLine } from "../units/text";

export type Dish = Omit<Plan["sides"][number], "id">;

/** Columns of the list, in the order they are written; only the first two must be there. */
export const SIDE_COLUMNS = ["name", "minutes", "oven", "ring", "slot", "amount"] as const;

export interface RejectedRow {
  /** Line of the file, its header being the first. */
  readonly line: number;
  readonly why: string;
}

const Name = z.string().trim().pipe(line(1, 60));
const Amount = line(1, 60);
/** What is told of a cell that is wrong. */
const LONGEST_WORD = 60;
const word = (cell: string): string => JSON.stringify(cell.slice(0, LONGEST_WORD));
const YES = new Set(["yes", "y", "true", "1"]);
const NO = new Set(["no", "n", "false", "0"]);

/**
 * @param rows by column name, in lower case
 * @param places how many dishes the plan still holds
 */
export function readSideRows(
  rows: readonly Readonly<Record<string, string>>[],
  places: number,
  units: UnitSystem,
): { readonly dishes: Dish[]; readonly rejected: RejectedRow[] } {
  const dishes: Dish[] = [];
  const rejected: RejectedRow[] = [];
  rows.forEach((row, n) => {
    const at = n + 2;
    if (dishes.length >= places) {
      rejected.push({ line: at, why: "no more dishes fit this plan" });
      return;
    }
    try {
      dishes.push(readRow(row, units));
    } catch (error) {
      rejected.push({ line: at, why: oneLine(messageOf(error), LONGEST_REASON) });
    }
  });
  return { dishes, rejected };
}

function readRow(row: Readonly<Record<string, string>>, units: UnitSystem): Dish {
  const cell = (column: (typeof SIDE_COLUMNS)[number]): string => (row[column] ?? "").trim();
  const name = Name.safeParse(cell("name"));
  if (!name.success) throw new RangeError(`name: got ${word(cell("name"))}, allowed is 1 to 60 letters on one line`);
  const minutes = requireBetween("minutes", parseDurationS(cell("minutes")) / 60, 1, 600, "min");
  const oven = cell("oven");
  const ovenC = oven === "" ? null : requireBetween("oven", parseTemperatureC(oven, units), 60, 300, "°C");
  const said = cell("ring").toLowerCase();
  if (said !== "" && !YES.has(said) && !NO.has(said)) {
    throw new RangeError(`ring: got ${word(cell("ring"))}, allowed is yes or no`);
  }
  const slot = SIDE_SLOTS.find((known) => known === (cell("slot").toLowerCase() || "auto"));
  if (!slot) throw new RangeError(`slot: got ${word(cell("slot"))}, allowed is ${SIDE_SLOTS.join(", ")}`);
  const amount = cell("amount");
  if (amount !== "" && !Amount.safeParse(amount).success) {
    throw new RangeError(`amount: got ${word(amount)}, allowed is up to 60 letters on one line`);
  }
  const ring = said === "" ? ovenC === null : YES.has(said);
  return { name: name.data, minutes, ovenC, ring, slot, ...(amount !== "" && { amount }) };
}

/** The same list, to be written. */
export const sideRows = (sides: readonly Dish[], units: UnitSystem): Record<(typeof SIDE_COLUMNS)[number], string>[] =>
  sides.map(({ name, minutes, ovenC, ring, slot, amount = "" }) => ({
    name,
    minutes: String(minutes),
    oven: ovenC === null ? "" : formatTemperature(ovenC, units, 1),
    ring: ring ? "yes" : "no",
    slot,
    amount,
  }));
