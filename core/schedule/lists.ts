/** The plan on paper: what to buy, weigh and lay out, and what fits. Data with plain words. */
import { ovenMassKg } from "../bird/body";
import { bathFor, SALT_SHARES } from "../kitchen/brining";
import { briquettesPerHour, briquettesToStart, burnsCharcoal } from "../kitchen/fuel";
import { stockWaterMl } from "../kitchen/gravy";
import { formatSpoons, SALT_NAMES } from "../kitchen/salt";
import type { Plan } from "../plan/schema";
import { formatMass, type UnitSystem } from "../units/quantity";
import { COLD_LIMIT, ice, liquid, small } from "./amounts";
import type { DerivedPlan } from "./derive";

export interface ListItem {
  readonly what: string;
  /** How much, as the cook weighs or counts it; empty where one is meant. */
  readonly amount: string;
  readonly why?: string;
}

export interface Lists {
  readonly buy: readonly ListItem[];
  readonly weigh: readonly ListItem[];
  readonly kit: readonly ListItem[];
}

const CUT_WORD: Record<Plan["bird"]["cut"], string> = {
  whole: "whole",
  spatchcock: "whole, to be spatchcocked",
  parts: "whole, to be jointed",
  crown: "crown",
  "boneless-breast": "boneless breast",
  "leg-roll": "boned and rolled leg",
};
const FAT_WORD = {
  before: "oil or soft butter over the skin",
  "under-skin": "soft butter under the skin",
  "none-at-first": "oil for the skin, once it has coloured",
} as const;

type Part = readonly ListItem[];
const when = (holds: boolean, ...items: ListItem[]): Part => (holds ? items : []);

export function listsOf(plan: Plan, derived: DerivedPlan, units: UnitSystem): Lists {
  return {
    buy: toBuy(plan, derived, units),
    weigh: toWeigh(plan, derived, units),
    kit: toLayOut(plan, derived, units),
  };
}

function toBuy(
  plan: Plan,
  { salt, seasoning, gravy, toBuyKg, portions, schedule }: DerivedPlan,
  units: UnitSystem,
): Part {
  const { bird } = plan;
  const forTable = `for ${portions.heads} at the table about ${formatMass(toBuyKg, units)}; this gives ${small(portions.eachKg * 1000, units)} of cooked meat a head`;
  const stockMl = gravy.liquid === "water" ? 0 : gravy.liquid === "stock" ? gravy.liquidMl : gravy.liquidMl / 2;
  const roastH = (schedule.latePullMs - schedule.inAtMs) / 3_600_000;
  const iceKg = (salt.bath ? salt.bath.iceKg * bird.count : 0) + (salt.coolerIceKg ?? 0);
  return [
    {
      what: `${bird.species}, ${CUT_WORD[bird.cut]}, ${bird.state === "fresh" ? "fresh" : "frozen"}${bird.preSalted ? ", sold salted" : ""}`,
      amount: `${bird.count > 1 ? `${bird.count} of ` : ""}${formatMass(bird.massKg, units)}`,
      why: forTable,
    },
    ...when(salt.grams > 0, { what: SALT_NAMES[plan.salt.kind], amount: small(salt.grams, units) }),
    ...when(salt.sugarGrams > 0, { what: "sugar", amount: small(salt.sugarGrams, units) }),
    ...when(iceKg > 0, {
      what: "ice",
      amount: ice(iceKg, units),
      why: `to cool the brine, and to keep it at ${COLD_LIMIT[units]} or under`,
    }),
    { what: FAT_WORD[plan.season.fat], amount: small(seasoning.fatGrams, units) },
    ...when(seasoning.pasteGrams > 0, {
      what: "baking powder for the skin",
      amount: small(seasoning.pasteGrams, units),
    }),
    ...when(seasoning.baconGrams > 0, { what: "bacon in thin slices", amount: small(seasoning.baconGrams, units) }),
    ...when(seasoning.glazeMl > 0, {
      what: "glaze",
      amount: liquid(seasoning.glazeMl * plan.season.glazePasses, units),
      why: `${plan.season.glazePasses} thin passes`,
    }),
    ...when(bird.cavity === "aromatics", { what: "onion, lemon or herbs for the cavity", amount: "loosely full" }),
    {
      what: plan.gravy === "starch" ? "starch for the gravy" : "flour for the gravy",
      amount: small(gravy.thickenerGrams, units),
    },
    ...when(gravy.fatGrams > 0, {
      what: "fat for the roux",
      amount: small(gravy.fatGrams, units),
      why: "skimmed from the drippings, or butter",
    }),
    ...when(stockMl > 0, {
      what: plan.stock === "bought" ? "stock, unsalted, bought" : "stock, unsalted",
      amount: liquid(stockMl, units),
      ...(plan.stock !== "bought" && {
        why: `from neck, giblets and bones with ${liquid(stockWaterMl(stockMl), units)} of water, simmered an hour`,
      }),
    }),
    ...when(burnsCharcoal(plan.heat), {
      what: "charcoal briquettes",
      amount: `${briquettesToStart(plan) + Math.ceil(roastH) * briquettesPerHour(plan)}`,
      why: `${briquettesToStart(plan)} to start, ${briquettesPerHour(plan)} more each hour`,
    }),
    ...plan.sides.map(({ name }) => ({ what: name, amount: `for ${portions.heads}` })),
  ];
}

function toWeigh(plan: Plan, { salt, gravy }: DerivedPlan, units: UnitSystem): Part {
  const { bath } = salt;
  const each = bath && plan.bird.count > 1 ? ", for each bird" : "";
  const spoons = formatSpoons(salt.teaspoons);
  const shares = SALT_SHARES.map(({ where, share }) => `${where} ${small(salt.grams * share, units)}`).join(", ");
  return [
    ...(salt.grams > 0
      ? [
          {
            what: `${SALT_NAMES[plan.salt.kind]} for the ${bath ? "brine" : "bird"}`,
            amount: `${small(salt.grams, units)}, ${spoons}`,
            why: bath
              ? `${Math.round(bath.gramsPerLitre)} g a litre`
              : salt.injectionL > 0
                ? `dissolved in ${liquid(salt.injectionL * 1000, units)} of water, injected in an even pattern`
                : `portioned before raw hands touch anything: ${shares}`,
          },
        ]
      : [{ what: plan.bird.preSalted ? "no salt: the bird was sold salted" : "no salt before the oven", amount: "" }]),
    ...(bath
      ? [
          {
            what: `water for the brine${each}`,
            amount: liquid(bath.waterL * 1000, units),
            why: `${liquid(bath.hotL * 1000, units)} of it hot, to dissolve; then cold water and ${ice(bath.iceKg, units)} of ice, so that it is cold before the bird goes in`,
          },
        ]
      : []),
    {
      what: plan.gravy === "starch" ? "starch, put in cold" : "flour, with as much fat",
      amount: small(gravy.thickenerGrams, units),
    },
    {
      what: `liquid for the gravy: ${gravy.liquid}`,
      amount: liquid(gravy.liquidMl, units),
      why: `with about ${liquid(gravy.drippingsMl, units)} of drippings; taste before salting`,
    },
  ];
}

function toLayOut(plan: Plan, { salt, fits }: DerivedPlan, units: UnitSystem): Part {
  const { bird } = plan;
  const ovenKg = ovenMassKg(bird.massKg, bird.species, bird.cut);
  const cm = (sides: readonly number[]): string => sides.map((side) => Math.round(side)).join(" × ");
  const pan = fits.find(({ where }) => where === "pan");
  const shelf = fits.find(({ where }) => where === "shelf");
  const flat = bird.cut === "whole" || bird.cut === "spatchcock" || bird.cut === "crown";
  return [
    { what: "thermometer, checked in ice water", amount: "" },
    {
      what: flat ? "rack over a low tray" : "low tray",
      amount: "",
      ...(pan && { why: `at least ${cm(pan.needs)} cm; yours: ${cm(pan.has)} cm` }),
    },
    { what: "foil, two towels, warm platter and jug", amount: "" },
    ...when(bird.cut === "spatchcock" || bird.cut === "parts", {
      what: "poultry shears and a heavy knife",
      amount: "",
    }),
    ...when(bird.cut === "whole" && bird.legs === "tied", { what: "kitchen string", amount: "1 m" }),
    ...when(bird.cut === "leg-roll", { what: "kitchen string", amount: "3 m" }),
    ...when(bird.state !== "fresh" && plan.thawIn === "water", {
      what: "tub for the thaw, at least",
      amount: liquid(bathFor(ovenKg, true).containerL * 1000, units),
    }),
    ...(salt.bath
      ? [
          {
            what: salt.bath.inBag ? "brining bag in a bowl, at least" : "pot or bucket for the brine, at least",
            amount: liquid(salt.bath.containerL * 1000, units),
          },
        ]
      : []),
    ...when(salt.injectionL > 0, { what: "injector with a fresh needle", amount: "" }),
    ...when(salt.coolerIceKg !== null, { what: "cooler, the ice outside the bag; a thermometer in it", amount: "" }),
    { what: "carving knife, sharpened; board with a groove", amount: "" },
    ...(shelf
      ? [{ what: "room in the fridge: the bird on its rack, uncovered", amount: `${cm(shelf.needs)} cm` }]
      : []),
  ];
}
