/** Every species, by its record. A new one is a file, a line here and a record of words. */
import type { Anatomy } from "../anatomy";
import { CHICKEN } from "./chicken";
import { DUCK } from "./duck";
import { GOOSE } from "./goose";
import type { SpeciesRecord } from "./record";
import { TURKEY } from "./turkey";

const RECORDS = { turkey: TURKEY, chicken: CHICKEN, duck: DUCK, goose: GOOSE } as const satisfies Record<
  string,
  SpeciesRecord
>;
export type Species = keyof typeof RECORDS;

export const SPECIES = Object.keys(RECORDS) as [Species, ...Species[]];
export const SPECIES_RECORDS: Readonly<Record<Species, SpeciesRecord>> = RECORDS;

/** Proportions by species. */
export const ANATOMY = Object.fromEntries(SPECIES.map((species) => [species, RECORDS[species].anatomy])) as Record<
  Species,
  Anatomy
>;
