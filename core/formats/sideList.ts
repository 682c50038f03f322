/** A list of side dishes as a CSV table, such as a spreadsheet writes it: what can be taken in, and what is wrong with the rest. */
import { type Allowed, QuantityError, requireBetween } from "../errors";
import type { RejectedRow } from "../faults";
import { DISH_C, type Plan, SIDE_SLOTS } from "../plan/schema";
import { formatTemperature, parseDurationS, parseTemperatureC, type UnitSystem } from "../units/quantity";
import { line, typedName } from "../units/text";
import { namedRowsIn, toCsv } from "./csv";

export type Dish = Omit<Plan["sides"][number], "id">;

/** Columns of the list, in the order they are written; only the first two must be there. */
export const SIDE_COLUMNS = ["name", "minutes", "oven", "ring", "slot", "amount"] as const;

const Amount = line(1, 60);
const ONE_LINE: Allowed = { kind: "rule", rule: "letters-on-one-line" };
const YES = new Set(["yes", "y", "true", "1"]);
const NO = new Set(["no", "n", "false", "0"]);

/** @returns what can be taken in, and every line that cannot with the reason */
export function sidesFromCsv(text: string, places: number, units: UnitSystem): Sides {
  const { rows, columns } = namedRowsIn(text);
  const missing = SIDE_COLUMNS.slice(0, 2).find((column) => !columns.includes(column));
  if (missing === undefined) return readSideRows(rows, places, units);
  return {
    dishes: [],
    rejected: [{ line: 1, where: "", wrong: { kind: "no-column", columns: [missing], got: columns } }],
  };
}

export const sidesToCsv = (sides: readonly Dish[], units: UnitSystem): string =>
  toCsv(sideRows(sides, units), SIDE_COLUMNS);

interface Sides {
  readonly dishes: Dish[];
  readonly rejected: RejectedRow[];
}

/**
 * @param rows by column name, in lower case
 * @param places how many dishes the plan still holds
 */
function readSideRows(rows: readonly Readonly<Record<string, string>>[], places: number, units: UnitSystem): Sides {
  const dishes: Dish[] = [];
  const rejected: RejectedRow[] = [];
  rows.forEach((row, n) => {
    const at = n + 2;
    if (dishes.length >= places) {
      rejected.push({ line: at, where: "", wrong: { kind: "rule", rule: "room-for-more-dishes" } });
      return;
    }
    try {
      dishes.push(readRow(row, units));
    } catch (error) {
      if (!(error instanceof QuantityError)) throw error;
      const { quantity, value, allowed } = error;
      rejected.push({ line: at, where: quantity, wrong: { kind: "value", value, allowed } });
    }
  });
  return { dishes, rejected };
}

function readRow(row: Readonly<Record<string, string>>, units: UnitSystem): Dish {
  const cell = (column: (typeof SIDE_COLUMNS)[number]): string => (row[column] ?? "").trim();
  const name = typedName.safeParse(cell("name"));
  if (!name.success) throw new QuantityError("name", cell("name"), ONE_LINE);
  const minutes = requireBetween("minutes", parseDurationS(cell("minutes")) / 60, 1, 600, "min");
  const oven = cell("oven");
  const ovenC =
    oven === "" ? null : requireBetween("oven", parseTemperatureC(oven, units), DISH_C.least, DISH_C.most, "°C");
  const said = cell("ring").toLowerCase();
  if (said !== "" && !YES.has(said) && !NO.has(said)) {
    throw new QuantityError("ring", cell("ring"), { kind: "one-of", values: ["yes", "no"] });
  }
  const slot = SIDE_SLOTS.find((known) => known === (cell("slot").toLowerCase() || "auto"));
  if (!slot) throw new QuantityError("slot", cell("slot"), { kind: "one-of", values: SIDE_SLOTS });
  const amount = cell("amount");
  if (amount !== "" && !Amount.safeParse(amount).success) {
    throw new QuantityError("amount", amount, ONE_LINE);
  }
  const ring = said === "" ? ovenC === null : YES.has(said);
  return { name: name.data, minutes, ovenC, ring, slot, ...(amount !== "" && { amount }) };
}

/** The same list, to be written. */
const sideRows = (sides: readonly Dish[], units: UnitSystem): Record<(typeof SIDE_COLUMNS)[number], string>[] =>
  sides.map(({ name, minutes, ovenC, ring, slot, amount = "" }) => ({
    name,
    minutes: String(minutes),
    oven: ovenC === null ? "" : formatTemperature(ovenC, units, 1),
    ring: ring ? "yes" : "no",
    slot,
    amount,
  }));
