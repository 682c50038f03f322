/** Killing of Salmonella at one point of the bird, integrated over its temperature history. */
import { SPECIES, SPECIES_RECORDS, type Species } from "../bird/species";

/** A column of the published tables: minutes for a 7-log reduction at each temperature. */
export interface HoldingTable {
  readonly fatPercent: number;
  /** °F as printed, ascending. */
  readonly rows: readonly (readonly [fahrenheit: number, minutes: number])[];
}

/**
 * USDA FSIS cooking guideline for meat and poultry products, time–temperature tables for 7-log reduction (from memory).
 * Leanest and fattest columns; in between, log-linear in fat. Cells not remembered with confidence hold the slower
 * neighbour's value.
 */
export const HOLDING_TABLES: Record<"chicken" | "turkey", readonly [lean: HoldingTable, fat: HoldingTable]> = {
  chicken: [
    {
      fatPercent: 1,
      rows: [
        [136, 63.3],
        [137, 50.1],
        [138, 39.7],
        [139, 31.6],
        [140, 25.2],
        [145, 8.4],
        [150, 2.7],
        [155, 44.2 / 60],
        [160, 13.7 / 60],
        [165, 10 / 60],
      ],
    },
    {
      fatPercent: 12,
      rows: [
        [136, 81.4],
        [137, 65.5],
        [138, 52.9],
        [139, 43],
        [140, 35],
        [145, 13],
        [150, 4.2],
        [155, 54.4 / 60],
        [160, 16.9 / 60],
        [165, 10 / 60],
      ],
    },
  ],
  turkey: [
    {
      fatPercent: 1,
      rows: [
        [136, 64],
        [137, 51.9],
        [138, 42.2],
        [139, 34.4],
        [140, 28.1],
        [145, 10.5],
        [150, 3.8],
        [155, 1.2],
        [160, 25.6 / 60],
        [165, 10 / 60],
      ],
    },
    {
      fatPercent: 12,
      rows: [
        [136, 81.4],
        [137, 65.5],
        [138, 52.9],
        [139, 43],
        [140, 35],
        [145, 13.8],
        [150, 4.9],
        [155, 1.3],
        [160, 30.8 / 60],
        [165, 10 / 60],
      ],
    },
  ],
};

/** Fat of the coldest meat, by species. */
export const FAT_PERCENT = Object.fromEntries(
  SPECIES.map((species) => [species, SPECIES_RECORDS[species].leanFatPercent.value]),
) as Readonly<Record<Species, number>>;

/** Decimal reductions that the tables hold for. */
export const LOGS = 7;
/** Below the tables' first row no credit is taken. */
export const LOWEST_C = (136 - 32) / 1.8;

/** Minutes for a 7-log reduction in one column, log-linear between rows and held beyond the last. */
function minutesIn({ rows }: HoldingTable, celsius: number): number {
  const fahrenheit = celsius * 1.8 + 32;
  const last = rows[rows.length - 1] as readonly [number, number];
  // Past the last row the table says "under ten seconds"; no more credit is taken than it gives.
  if (fahrenheit >= last[0]) return last[1];
  const n = rows.findIndex(([top]) => top > fahrenheit);
  const [lowF, low] = rows[Math.max(0, n - 1)] as readonly [number, number];
  const [highF, high] = rows[Math.max(1, n)] as readonly [number, number];
  return low * (high / low) ** ((fahrenheit - lowF) / (highF - lowF));
}

/** Minutes at a temperature for a 7-log reduction, by species and fat; infinite below the tables. */
export function sevenLogMinutes(species: Species, fatPercent: number, celsius: number): number {
  if (!(celsius >= LOWEST_C)) return Number.POSITIVE_INFINITY;
  const between = ([lean, fat]: readonly [HoldingTable, HoldingTable]): number => {
    const share = Math.min(1, Math.max(0, (fatPercent - lean.fatPercent) / (fat.fatPercent - lean.fatPercent)));
    return minutesIn(lean, celsius) ** (1 - share) * minutesIn(fat, celsius) ** share;
  };
  const { holding } = SPECIES_RECORDS[species];
  if (holding !== "slower-of-both") return between(HOLDING_TABLES[holding]);
  return Math.max(between(HOLDING_TABLES.chicken), between(HOLDING_TABLES.turkey));
}

/** Decimal reductions a minute at a temperature. */
export const logReductionPerMin = (species: Species, fatPercent: number, celsius: number): number =>
  LOGS / sevenLogMinutes(species, fatPercent, celsius);

export interface LethalityTable {
  readonly lowestC: number;
  /** Mean decimal reductions a minute while the temperature goes straight from one value to the other. */
  between(fromC: number, toC: number): number;
}

const STEP_K = 0.1;
const HIGHEST_C = 76;
const tables = new Map<Species, LethalityTable>();

/** Rates of a species as a table whose integral is exact: the rate is exponential, so its end points would overstate it. */
export function lethalityTable(species: Species): LethalityTable {
  const known = tables.get(species);
  if (known) return known;
  const count = Math.round((HIGHEST_C - LOWEST_C) / STEP_K) + 1;
  const rate = Float64Array.from({ length: count }, (_, n) =>
    logReductionPerMin(species, FAT_PERCENT[species], LOWEST_C + n * STEP_K),
  );
  const integral = new Float64Array(count);
  for (let n = 1; n < count; n++) {
    integral[n] = (integral[n - 1] as number) + (((rate[n - 1] as number) + (rate[n] as number)) / 2) * STEP_K;
  }
  const at = (values: Float64Array, celsius: number, beyond: number): number => {
    const place = (celsius - LOWEST_C) / STEP_K;
    if (place <= 0) return 0;
    if (place >= count - 1) return (values[count - 1] as number) + (place - count + 1) * STEP_K * beyond;
    const n = Math.floor(place);
    return (values[n] as number) + (place - n) * ((values[n + 1] as number) - (values[n] as number));
  };
  const top = rate[count - 1] as number;
  const made: LethalityTable = {
    lowestC: LOWEST_C,
    between(fromC, toC) {
      if (Math.abs(toC - fromC) < 0.05) return at(rate, (fromC + toC) / 2, 0);
      return (at(integral, toC, top) - at(integral, fromC, top)) / (toC - fromC);
    },
  };
  tables.set(species, made);
  return made;
}
