/** Stock and gravy: how much of what, and whether this bird's drippings are too salty for it. */
import { SPECIES_RECORDS, type Species } from "../bird/species";
import { constant } from "../constants";
import { requireBetween } from "../errors";
import { MOST_HEADS } from "./guests";

/** Flour as a roux that takes the liquid, or that goes into the hot liquid; starch as a slurry that is put in cold. */
export const THICKENERS = ["flour", "flour-into-liquid", "starch"] as const;
export type Thickener = (typeof THICKENERS)[number];

/** How a table has its gravy: thickened so, or none is made. */
export const GRAVIES = [...THICKENERS, "none"] as const;

/** What a roux is made with: the fat of the drippings, or butter. */
export const ROUX_FATS = ["skimmed", "butter"] as const;
export type RouxFat = (typeof ROUX_FATS)[number];

/** Where the stock comes from: up to two days ahead, a day-long broth, in a pot while the bird roasts, out of the drip tray, or bought. */
export const STOCKS = ["ahead", "long", "while-roasting", "tray", "bought"] as const;
export type Stock = (typeof STOCKS)[number];

/** Those that simmer in a pot of their own. */
export const POTS = ["ahead", "long", "while-roasting"] as const satisfies readonly Stock[];
export type Pot = (typeof POTS)[number];

export interface GravyInput {
  readonly heads: number;
  readonly species: Species;
  /** Mass as it goes into the oven, kg. */
  readonly ovenKg: number;
  readonly thickener: Thickener;
  /** Salt in the bird's meat, % by mass: what its drippings carry. */
  readonly saltPercent: number;
}

export interface Gravy {
  /** Finished gravy, mL. */
  readonly finishedMl: number;
  readonly thickener: Thickener;
  /** What of it is weighed. */
  readonly thickenedWith: "flour" | "starch";
  readonly thickenerGrams: number;
  readonly fatGrams: number;
  /** Drippings without their fat, mL, and salt in them, g. */
  readonly drippingsMl: number;
  readonly drippingsSaltGrams: number;
  /** What the rest of the liquid should be. */
  readonly liquid: "stock" | "half stock" | "water";
  readonly liquidMl: number;
  /** Salt in the finished gravy before any is added, % by mass, with unsalted stock. */
  readonly saltPercent: number;
}

/**
 * Gravy for a table. Flour: about a tablespoon and a half a cup of finished liquid with as much fat; half as much of
 * starch, put in cold (common practice).
 * @throws QuantityError for more heads than a table has, or salt outside 0 to 10 %
 */
export function gravyFor({ heads, species, ovenKg, thickener, saltPercent }: GravyInput): Gravy {
  requireBetween("people at the table", heads, 1, MOST_HEADS);
  requireBetween("salt in the meat", saltPercent, 0, 10, "%");
  const finishedMl = heads * constant("gravyMlAHead");
  const flour = (finishedMl / constant("cupMl")) * constant("flourGramsACup");
  const starch = thickener === "starch";
  const drippingsMl = Math.min(0.7 * finishedMl, 1000 * ovenKg * constant("drippingsShare"));
  // Juice that runs out is as salty as the meat's own water, which holds about three quarters of its mass.
  const drippingsSaltGrams = (drippingsMl * saltPercent) / 75;
  const alone = (100 * drippingsSaltGrams) / finishedMl;
  const limit = constant("gravySaltPercent");
  return {
    finishedMl,
    thickener,
    thickenedWith: starch ? "starch" : "flour",
    thickenerGrams: starch ? flour / 2 : flour,
    fatGrams: starch ? 0 : flour,
    drippingsMl,
    drippingsSaltGrams,
    liquid:
      alone > limit ? "water" : alone > 0.5 * limit || SPECIES_RECORDS[species].rendersFat ? "half stock" : "stock",
    liquidMl: finishedMl - drippingsMl,
    saltPercent: alone,
  };
}

/** Stock in a gravy's liquid, mL. */
export const stockMl = ({ liquid, liquidMl }: Pick<Gravy, "liquid" | "liquidMl">): number =>
  ({ stock: liquidMl, "half stock": liquidMl / 2, water: 0 })[liquid];

/** Stock that simmers for it, mL: no less than a pot of neck and giblets needs to be covered. */
export const simmeredMl = (gravy: Pick<Gravy, "liquid" | "liquidMl">): number =>
  gravy.liquid === "water"
    ? 0
    : Math.max(stockMl(gravy), constant("leastStockWaterMl") * (1 - constant("stockLossShare")));

/** Water to start a stock with, so that so much is left after simmering an hour, mL: a quarter is lost. */
export const stockWaterMl = (wantedMl: number): number => wantedMl / (1 - constant("stockLossShare"));
