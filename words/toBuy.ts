/** What a plan makes one buy. */
import { hasGiblets } from "../core/bird/mass";
import { briquettesPerHour, briquettesToStart, pelletsKg, wantsSmokeWood } from "../core/kitchen/fuel";
import { type Gravy, simmeredMl, stockMl, stockWaterMl } from "../core/kitchen/gravy";
import type { Spooned } from "../core/kitchen/spoons";
import { hasOwnGlaze } from "../core/plan/additions";
import { heatsOf, usesFire } from "../core/plan/heats";
import type { Plan } from "../core/plan/schema";
import { glazePasses } from "../core/plan/season";
import { fullStages } from "../core/processes/stages";
import type { DerivedPlan } from "../core/schedule/derive";
import { isStuffed } from "../core/schedule/dressing";
import { fireHours } from "../core/schedule/places";
import { givesBones, gravyPotOf } from "../core/schedule/stock";
import { formatMass, type UnitSystem } from "../core/units/quantity";
import { additionSaid, additionTotal, ownAdditions } from "./additions";
import { COLD_LIMIT, ice, liquid, roughly, small, spooned } from "./amounts";
import { isMisted } from "./basting";
import { laterFatWords } from "./chores";
import { gravyHere, type ListItem, type Part, summed, when } from "./listItem";
import { allOf } from "./listing";
import { SALT_NAMES } from "./names";
import { inThePot } from "./stock";
import { theBirds } from "./titles";

/** What is not divided among several birds: said by each for itself. */
export type Company = "alone" | "of-a-dinner";

/** @param as where it may be measured by spoons */
const weighed = (what: string, grams: number, units: UnitSystem, as?: Spooned): ListItem =>
  summed(what, grams, (total) => (as ? spooned(as, total, units) : small(total, units)));

const CUT_WORD: Record<Plan["bird"]["cut"], string> = {
  whole: "whole",
  spatchcock: "whole, to be spatchcocked",
  parts: "whole, to be cut in parts",
  crown: "crown",
  legs: "whole legs, a pair",
  "boneless-breast": "boneless breast",
  "leg-roll": "boned and rolled leg",
};
/** The bird itself. A roll that the cook fills is bought without what goes into it. */
function theBird(plan: Plan, { seasoning }: DerivedPlan, units: UnitSystem): ListItem {
  const { bird } = plan;
  const filled = bird.cut === "leg-roll" && isStuffed(plan);
  const eachKg = bird.massKg - (filled ? seasoning.stuffingGrams / 1000 / bird.count : 0);
  return {
    what: `${bird.species}, ${filled ? "boned leg, to be filled and rolled" : CUT_WORD[bird.cut]}, ${bird.state === "fresh" ? "fresh" : "frozen"}${bird.preSalted ? ", sold salted" : ""}`,
    amount: `${bird.count > 1 ? `${bird.count} of ` : ""}${formatMass(eachKg, units)}`,
    ...(filled && { why: `${formatMass(bird.massKg, units)} with its filling` }),
  };
}
const FAT_WORD: Record<Exclude<Plan["season"]["fat"], "none">, (plan: Plan) => string> = {
  before: () => "oil or soft butter over the skin",
  "under-skin": () => "soft butter under the skin",
  "none-at-first": (plan) => `oil or soft butter over the skin, ${laterFatWords(plan)}`,
};

/** Flour or starch, and what a roux has of fat. */
const thickening = ({ rouxFat }: Plan, gravy: Gravy, units: UnitSystem): Part => [
  { what: `${gravy.thickenedWith} for the gravy`, amount: spooned(gravy.thickenedWith, gravy.thickenerGrams, units) },
  ...when(gravy.fatGrams > 0, {
    ...(rouxFat === "butter"
      ? { what: "butter for the roux, unsalted" }
      : { what: "fat for the roux", why: "skimmed from the drippings; butter where they have too little" }),
    amount: spooned("fat", gravy.fatGrams, units),
  }),
];

export function toBuy(plan: Plan, derived: DerivedPlan, units: UnitSystem, company: Company): Part {
  const { salt, seasoning, toBuyKg, portions, chores } = derived;
  const { bird } = plan;
  const bastings = chores.filter(({ kind }) => kind === "baste").length;
  /** In the heat of another piece, which has its fire. */
  const isLed = derived.beside.piece?.follows === true;
  const itself = theBird(plan, derived, units);
  const forTable = `for ${portions.heads} at the table about ${formatMass(toBuyKg, units)}; this gives ${small(portions.eachKg * 1000, units)} of cooked meat a head`;
  const gravy = gravyHere(derived);
  const gravyStockMl = !gravy ? 0 : plan.stock === "bought" ? stockMl(gravy) : simmeredMl(gravy);
  const others = chores.filter(({ kind }) => kind === "stock").length - (gravyPotOf(plan, gravy) === null ? 0 : 1);
  // Common practice: for a litre, or a pot of bones, one of each.
  const vegetables =
    (gravyStockMl > 0 && plan.stock !== "bought" ? Math.max(1, Math.round(gravyStockMl / 1000)) : 0) + others;
  const iceKg = (salt.bath ? salt.bath.iceKg * salt.bath.vessels : 0) + (salt.coolerIceKg ?? 0);
  return [
    { ...itself, ...(company === "alone" && { why: [itself.why, forTable].filter(Boolean).join("; ") }) },
    ...when(
      salt.grams > 0,
      weighed(SALT_NAMES[plan.salt.kind], salt.grams + bird.count * (salt.injected?.grams ?? 0), units),
    ),
    ...when(salt.sugarGrams > 0, weighed("sugar", salt.sugarGrams, units, "sugar")),
    ...when(
      iceKg > 0,
      summed(
        "ice",
        iceKg,
        (kg) => ice(kg, units),
        [salt.bath && "to cool the brine", salt.coolerIceKg !== null && `to keep it at ${COLD_LIMIT[units]} or under`]
          .filter(Boolean)
          .join(", and "),
      ),
    ),
    ...(plan.season.fat === "none" ? [] : [weighed(FAT_WORD[plan.season.fat](plan), seasoning.fatGrams, units, "fat")]),
    ...when(
      seasoning.pasteGrams > 0,
      weighed("baking powder for the skin", seasoning.pasteGrams, units, "baking powder"),
    ),
    ...when(
      seasoning.baconGrams > 0,
      summed("bacon in thin slices", seasoning.baconGrams, (grams) => roughly(grams, units)),
    ),
    ...when(
      seasoning.glazeMl > 0 && !hasOwnGlaze(plan),
      summed(
        "glaze",
        seasoning.glazeMl * glazePasses(plan),
        (ml) => liquid(ml, units),
        glazePasses(plan) === 1 ? "one thin pass" : `${glazePasses(plan)} thin passes`,
      ),
    ),
    ...when(
      seasoning.stuffingGrams > 0 && isStuffed(plan),
      summed(
        `stuffing for ${bird.cut === "leg-roll" ? "the roll" : "the cavity"}`,
        seasoning.stuffingGrams,
        (grams) => roughly(grams, units),
        `${bird.cut === "leg-roll" ? "rolled into it" : "loosely filled"}; what there is more of is baked beside it`,
      ),
    ),
    ...when(bird.cavity === "aromatics", { what: "onion, lemon or herbs for the cavity", amount: "loosely full" }),
    ...(gravy ? thickening(plan, gravy, units) : []),
    ...when(gravyStockMl > 0, {
      what: plan.stock === "bought" ? "stock, unsalted, bought" : "stock, unsalted",
      amount: liquid(gravyStockMl, units),
      ...(plan.stock !== "bought" && {
        why: stockFrom(plan, stockWaterMl(gravyStockMl), units),
      }),
    }),
    ...when(gravyStockMl > 0 && !givesBones(plan) && plan.stock !== "bought", {
      what: "bones or wings of poultry for the stock",
      amount: roughly(stockWaterMl(gravyStockMl) / 2, units),
      why: hasGiblets(bird) ? "the giblets come out too late for it" : "yours brings none of its own",
    }),
    ...when(vegetables > 0, {
      what: "onion, carrot and a stick of celery for the stock",
      amount: vegetables > 1 ? `${vegetables} of each` : "one of each",
    }),
    ...when(others > 0, {
      what: `bones or wings of poultry for the ${gravyStockMl > 0 ? "other stock" : "stock"}`,
      amount: `${others} ${others > 1 ? "pots" : "pot"} full`,
    }),
    ...when(
      seasoning.basteMl > 0 && bastings > 0 && !isMisted(plan.season),
      summed(
        `${plan.season.basteWith}, to baste with`,
        seasoning.basteMl * bastings,
        (ml) => liquid(ml, units),
        bastings === 1 ? "for one basting" : `for ${bastings} bastings`,
      ),
    ),
    ...when(usesFire(plan) && !isLed, fuelItem(plan, fireHours(plan, derived), units)),
    ...when(!isLed && heatsOf(plan).some((heat) => wantsSmokeWood(heat, plan.fuel)), {
      what: "dry hardwood for the smoke, in pieces as large as a fist",
      amount: "3 or 4",
      why: "one at a time: little smoke, and clean",
    }),
    ...ownAdditions(plan, derived).map((each) =>
      summed(each.name, additionTotal(each, plan), (total) => additionSaid(each, total, units)),
    ),
    ...when(
      fullStages(plan.stages, bird.cut).some(({ surface }) => surface === "vegetables"),
      {
        what: `vegetables for under ${theBirds(bird)}`,
        amount: "a layer two fingers deep",
      },
    ),
    ...(company === "alone" ? dishesToBuy(plan, portions.heads) : []),
  ];
}

export const dishesToBuy = ({ sides: dishes }: Pick<Plan, "sides">, heads: number): Part =>
  dishes.map(({ name, amount }) => ({ what: name, amount: amount ?? `for ${heads}` }));

/** What stock is made of, and how. */
function stockFrom(plan: Plan, waterMl: number, units: UnitSystem): string {
  const bones = allOf(inThePot(plan, givesBones(plan)));
  return plan.stock === "tray"
    ? `from ${bones} that roast in the tray, loosened with water`
    : `from ${bones} with ${liquid(waterMl, units)} of water, simmered ${plan.stock === "long" ? "all day" : "an hour"}`;
}

/** What burns, for so many hours. */
function fuelItem(plan: Plan, hours: number, units: UnitSystem): ListItem {
  const wholeHours = Math.ceil(hours + 1);
  const forHours = (total: number): string => `for ${total} ${total === 1 ? "hour" : "hours"}`;
  switch (plan.fuel) {
    case "charcoal":
      return summed(
        "charcoal briquettes",
        briquettesToStart(plan) + Math.ceil(hours) * briquettesPerHour(plan),
        String,
        `${briquettesToStart(plan)} to start, ${briquettesPerHour(plan)} more each hour`,
      );
    case "wood":
      return summed("dry hardwood in small splits", wholeHours, forHours);
    case "pellets":
      return summed("wood pellets", pelletsKg(plan, hours + 1), (kg) => ice(kg, units));
    case "gas":
      return summed("gas", wholeHours, forHours, "a full bottle, or a second one");
  }
}
