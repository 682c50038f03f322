/** What the numbers of the species' records are, for the page behind the numbers. */
import { SPECIES, SPECIES_RECORDS, type Species } from "../core/bird/species";
import type { SpeciesRecord } from "../core/bird/species/record";
import type { Constant } from "../core/origin";
import { originWords } from "./constants";

type Numbered = {
  [Trait in keyof SpeciesRecord]: SpeciesRecord[Trait] extends Constant ? Trait : never;
}[keyof SpeciesRecord];

/** What each number of a record is; a chosen one says why it has that value. */
const TRAITS: Record<Numbered, { readonly what: string; readonly why?: Partial<Record<Species, string>> }> = {
  smallestSoldKg: { what: "the smallest that is commonly sold" },
  largestSoldKg: { what: "the largest that is commonly sold" },
  gibletShare: { what: "neck and giblets, of the bird as bought" },
  edibleShare: {
    what: "cooked meat without skin or bone, of the bird as bought",
    why: {
      duck: "less than a chicken's: a third of it is fat",
      goose: "a little less than a duck's: more fat, heavier bones",
    },
  },
  portionKg: { what: "bird to buy for one usual appetite" },
  waterShare: {
    what: "water that salt is shared out in",
    why: {
      turkey: "what the tissues of the model hold: 0.67 to 0.72 by cut",
      chicken: "what the tissues of the model hold: 0.67 to 0.72 by cut",
      duck: "what the tissues of the model hold: its fat holds none",
      goose: "as a duck's",
    },
  },
  leanFatPercent: {
    what: "fat of the coldest meat, which chooses the column of the holding tables",
    why: {
      turkey: "breast without its skin",
      chicken: "breast without its skin",
      duck: "the fattest column there is: no table was made for it",
      goose: "as a duck's",
    },
  },
};

/** Every number of the species' records, as the page of numbers shows it. */
export const SPECIES_NUMBERS = (Object.keys(TRAITS) as Numbered[]).map((trait) => ({
  trait,
  what: TRAITS[trait].what,
  of: SPECIES.map((species) => {
    const number = SPECIES_RECORDS[species][trait];
    return { species, number, origin: originWords(number.origin, TRAITS[trait].why?.[species]) };
  }),
}));
