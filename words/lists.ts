/** The plan on paper: what to buy, weigh and lay out, and what fits. Data with plain words. */

import { hasCavity } from "../core/bird/form";
import { ovenMassKg } from "../core/bird/mass";
import { SPECIES_RECORDS } from "../core/bird/species";
import { bathFor, SALT_SHARES } from "../core/kitchen/brining";
import { hasGiblets } from "../core/kitchen/cutting";
import { briquettesPerHour, briquettesToStart, pelletsKg } from "../core/kitchen/fuel";
import { stockMl, stockWaterMl } from "../core/kitchen/gravy";
import type { Spooned } from "../core/kitchen/spoons";
import { usesFire } from "../core/plan/heats";
import { sears } from "../core/plan/methods";
import { saltEach } from "../core/plan/saltPlan";
import type { Plan } from "../core/plan/schema";
import { glazePasses, startsShielded } from "../core/plan/season";
import { fullStages } from "../core/processes/stages";
import type { DerivedPlan } from "../core/schedule/derive";
import { fireHours } from "../core/schedule/places";
import { givesGiblets, gravyPotOf, potsOf, simmersGiblets } from "../core/schedule/stock";
import { formatMass, type UnitSystem } from "../core/units/quantity";
import { additionAmount } from "./additions";
import {
  COLD_LIMIT,
  formatSpoons,
  ice,
  liquid,
  PINCH,
  roomFor,
  roughly,
  sides,
  small,
  spooned,
  strength,
  stringLength,
} from "./amounts";
import { heatWords, SALT_NAMES } from "./names";
import { underWords } from "./tasks";

export interface ListItem {
  readonly what: string;
  /** How much, as the cook weighs or counts it; empty where one is meant. */
  readonly amount: string;
  /** What the amount says, g, where it may be added to that of another roast. */
  readonly grams?: number;
  /** What it is measured as, where that may be by spoons. */
  readonly as?: Spooned;
  /** Of the dinner, whichever roast it is made with. */
  readonly isShared?: boolean;
  readonly why?: string;
}

/** Something that is bought once for all that wants it. */
const weighed = (what: string, grams: number, units: UnitSystem): ListItem => ({
  what,
  amount: small(grams, units),
  grams,
});
const measured = (as: Spooned, what: string, grams: number, units: UnitSystem): ListItem => ({
  what,
  amount: spooned(as, grams, units),
  grams,
  as,
});

/** What is not divided among several birds: said by each for itself. */
export type Company = "alone" | "of-a-dinner";

export interface Lists {
  readonly buy: readonly ListItem[];
  readonly weigh: readonly ListItem[];
  readonly kit: readonly ListItem[];
}

const CUT_WORD: Record<Plan["bird"]["cut"], string> = {
  whole: "whole",
  spatchcock: "whole, to be spatchcocked",
  parts: "whole, to be cut in parts",
  crown: "crown",
  legs: "whole legs, a pair",
  "boneless-breast": "boneless breast",
  "leg-roll": "boned and rolled leg",
};
const FAT_WORD: Record<Exclude<Plan["season"]["fat"], "none">, string> = {
  before: "oil or soft butter over the skin",
  "under-skin": "soft butter under the skin",
  "none-at-first": "oil for the skin, once it has coloured",
};

/** Whether the gravy is made of this roast: another one of the dinner may make it. */
const makesGravy = (chores: DerivedPlan["chores"]): boolean => chores.some(({ kind }) => kind === "thicken");

type Part = readonly ListItem[];
const when = (holds: boolean, ...items: ListItem[]): Part => (holds ? items : []);

export function listsOf(plan: Plan, derived: DerivedPlan, units: UnitSystem, company: Company = "alone"): Lists {
  return {
    buy: toBuy(plan, derived, units, company),
    weigh: toWeigh(plan, derived, units),
    kit: toLayOut(plan, derived, units),
  };
}

function toBuy(plan: Plan, derived: DerivedPlan, units: UnitSystem, company: Company): Part {
  const { salt, seasoning, gravy, toBuyKg, portions, chores } = derived;
  const { bird } = plan;
  const forTable = `for ${portions.heads} at the table about ${formatMass(toBuyKg, units)}; this gives ${small(portions.eachKg * 1000, units)} of cooked meat a head`;
  const gravyHere = makesGravy(chores);
  const simmeredMl = gravyHere ? stockMl(gravy) : 0;
  const others = potsOf(plan, gravy).filter((pot) => pot !== gravyPotOf(plan, gravy)).length;
  // Common practice: for a litre, or a pot of bones, one of each.
  const vegetables =
    (simmeredMl > 0 && plan.stock !== "bought" ? Math.max(1, Math.round(simmeredMl / 1000)) : 0) +
    (gravyHere ? others : 0);
  const iceKg = (salt.bath ? salt.bath.iceKg * salt.bath.vessels : 0) + (salt.coolerIceKg ?? 0);
  return [
    {
      what: `${bird.species}, ${CUT_WORD[bird.cut]}, ${bird.state === "fresh" ? "fresh" : "frozen"}${bird.preSalted ? ", sold salted" : ""}`,
      amount: `${bird.count > 1 ? `${bird.count} of ` : ""}${formatMass(bird.massKg, units)}`,
      ...(company === "alone" && { why: forTable }),
    },
    ...when(salt.grams > 0, weighed(SALT_NAMES[plan.salt.kind], salt.grams + (salt.injected?.grams ?? 0), units)),
    ...when(salt.sugarGrams > 0, measured("sugar", "sugar", salt.sugarGrams, units)),
    ...when(iceKg > 0, {
      what: "ice",
      amount: ice(iceKg, units),
      why: `to cool the brine, and to keep it at ${COLD_LIMIT[units]} or under`,
    }),
    ...(plan.season.fat === "none" ? [] : [measured("fat", FAT_WORD[plan.season.fat], seasoning.fatGrams, units)]),
    ...when(
      seasoning.pasteGrams > 0,
      measured("baking powder", "baking powder for the skin", seasoning.pasteGrams, units),
    ),
    ...when(seasoning.baconGrams > 0, {
      what: "bacon in thin slices",
      amount: roughly(seasoning.baconGrams, units),
    }),
    ...when(seasoning.glazeMl > 0, {
      what: "glaze",
      amount: liquid(seasoning.glazeMl * glazePasses(plan), units),
      why: glazePasses(plan) === 1 ? "one thin pass" : `${glazePasses(plan)} thin passes`,
    }),
    ...when(seasoning.stuffingGrams > 0, {
      what: "stuffing for the cavity",
      amount: roughly(seasoning.stuffingGrams, units),
      why: "loosely filled; what there is more of is baked beside it",
    }),
    ...when(bird.cavity === "aromatics", { what: "onion, lemon or herbs for the cavity", amount: "loosely full" }),
    ...when(gravyHere, {
      what: `${plan.gravy} for the gravy`,
      amount: spooned(plan.gravy, gravy.thickenerGrams, units),
    }),
    ...when(gravyHere && gravy.fatGrams > 0, {
      what: "fat for the roux",
      amount: spooned("fat", gravy.fatGrams, units),
      why: "skimmed from the drippings, or butter",
    }),
    ...when(simmeredMl > 0, {
      what: plan.stock === "bought" ? "stock, unsalted, bought" : "stock, unsalted",
      amount: liquid(simmeredMl, units),
      ...(plan.stock !== "bought" && {
        why: `from ${givesGiblets(plan) ? "neck, giblets and bones" : "bones or wings"} with ${liquid(stockWaterMl(simmeredMl), units)} of water, simmered ${plan.stock === "long" ? "all day" : "an hour"}`,
      }),
    }),
    ...when(simmeredMl > 0 && !simmersGiblets(plan, gravy) && plan.stock !== "tray" && plan.stock !== "bought", {
      what: "bones or wings of poultry for the stock",
      amount: roughly(stockWaterMl(simmeredMl) / 2, units),
      why: "what would come out of this bird is not there in time",
    }),
    ...when(vegetables > 0, {
      what: "onion, carrot and a stick of celery for the stock",
      amount: vegetables > 1 ? `${vegetables} of each` : "one of each",
    }),
    ...when(gravyHere && others > 0, {
      what: "bones or wings of poultry for the other stock",
      amount: `${others} ${others > 1 ? "pots" : "pot"} full`,
    }),
    ...when(plan.season.basteEveryMin > 0 && plan.season.basteWith !== "", {
      what: `${plan.season.basteWith}, to baste with`,
      amount: "",
    }),
    ...when(usesFire(plan), fuelItem(plan, fireHours(plan, derived), units)),
    ...plan.additions.map((each) => ({ what: each.name, amount: additionAmount(each, plan, units) })),
    ...when(
      fullStages(plan.stages, bird.cut).some(({ surface }) => surface === "vegetables"),
      {
        what: "vegetables for under the bird",
        amount: "a layer two fingers deep",
      },
    ),
    ...(company === "alone" ? dishesToBuy(plan, portions.heads) : []),
  ];
}

export const dishesToBuy = ({ sides: dishes }: Pick<Plan, "sides">, heads: number): Part =>
  dishes.map(({ name, amount }) => ({ what: name, amount: amount ?? `for ${heads}` }));

/** What burns, for so many hours. */
function fuelItem(plan: Plan, hours: number, units: UnitSystem): ListItem {
  const whole = Math.ceil(hours + 1);
  const forHours = `for ${whole} ${whole === 1 ? "hour" : "hours"}`;
  switch (plan.fuel) {
    case "charcoal":
      return {
        what: "charcoal briquettes",
        amount: `${briquettesToStart(plan) + Math.ceil(hours) * briquettesPerHour(plan)}`,
        why: `${briquettesToStart(plan)} to start, ${briquettesPerHour(plan)} more each hour`,
      };
    case "wood":
      return { what: "dry hardwood in small splits", amount: forHours };
    case "pellets":
      return { what: "wood pellets", amount: ice(pelletsKg(plan, hours + 1), units) };
    case "gas":
      return { what: "gas", amount: forHours, why: "a full bottle, or a second one" };
  }
}

const SALTED_WHERE: Record<(typeof SALT_SHARES)[number]["where"], string> = {
  breast: "breast, both sides",
  legs: "thighs and drumsticks",
  rest: "wings and back",
  inside: "cavity",
};
/** Of a bird that is cut flat or up. */
const INSIDE_OF_CUT = "bone side";

function toWeigh(plan: Plan, { salt, gravy, chores }: DerivedPlan, units: UnitSystem): Part {
  const { bath } = salt;
  const { count } = plan.bird;
  const each = bath && bath.vessels > 1 ? ", for each bird" : "";
  const { grams, teaspoons } = saltEach(salt);
  const spoons = formatSpoons(teaspoons, units);
  const isWhole = hasGiblets(plan.bird.cut);
  const part = (share: number): string =>
    units === "us" ? formatSpoons(teaspoons * share, units) : small(grams * share, units);
  const shares = SALT_SHARES.map(
    ({ where, share }) =>
      `${where === "inside" && !hasCavity(plan.bird.cut) ? INSIDE_OF_CUT : SALTED_WHERE[where]} ${part(share)}`,
  ).join(", ");
  return [
    ...(salt.grams > 0
      ? [
          {
            what: `${SALT_NAMES[plan.salt.kind]} for ${bath ? `the brine${each}` : count > 1 ? "each bird" : "the bird"}`,
            amount: spoons === PINCH ? PINCH : `${small(grams, units)}, ${spoons}`,
            why: bath
              ? strength(bath.gramsPerLitre, units)
              : salt.injectionL > 0
                ? `dissolved in ${liquid((salt.injectionL / count) * 1000, units)} of water, injected in an even pattern`
                : `portioned before raw hands touch anything${isWhole ? `: ${shares}` : ""}`,
          },
        ]
      : [
          {
            what: plan.bird.preSalted
              ? "no salt: the bird was sold salted"
              : `no salt before it goes ${heatWords(plan.heat).into}`,
            amount: "",
          },
        ]),
    ...(salt.injected
      ? [
          {
            what: `${SALT_NAMES[plan.salt.kind]} to inject${count > 1 ? " into each bird" : ""}`,
            amount: small(salt.injected.grams / count, units),
            why: `dissolved in ${liquid((salt.injected.waterL / count) * 1000, units)} of water, in an even pattern, before the rest`,
          },
        ]
      : []),
    ...(bath
      ? [
          {
            what: `water for the brine${each}`,
            amount: liquid(bath.waterL * 1000, units),
            why: `${liquid(bath.hotL * 1000, units)} of it hot, to dissolve; then cold water and ${ice(bath.iceKg, units)} of ice, so that it is cold before the bird goes in`,
          },
        ]
      : []),
    ...when(makesGravy(chores), {
      isShared: true,
      what: plan.gravy === "starch" ? "starch, put in cold" : "flour for the roux",
      amount: spooned(plan.gravy, gravy.thickenerGrams, units),
      ...(gravy.fatGrams > 0 && { why: `with ${spooned("fat", gravy.fatGrams, units)} of fat` }),
    }),
    ...when(makesGravy(chores), {
      isShared: true,
      what: `liquid for the gravy: ${gravy.liquid}`,
      amount: liquid(gravy.liquidMl, units),
      why: `with about ${liquid(gravy.drippingsMl, units)} of drippings; taste before salting`,
    }),
  ];
}

function toLayOut(plan: Plan, { salt, seasoning, fits }: DerivedPlan, units: UnitSystem): Part {
  const { bird } = plan;
  const ovenKg = ovenMassKg(bird.massKg, bird.species, bird.cut);
  const pan = fits.find(({ where }) => where === "pan");
  const shelf = fits.find(({ where }) => where === "shelf");
  const thaws = fits.find(({ where }) => where === "thaw");
  return [
    { what: "thermometer, checked in ice water", amount: "" },
    {
      what: underWords(plan),
      amount: "",
      ...(pan && { why: `at least ${roomFor(pan.needs, units)}; yours: ${sides(pan.has, units)}` }),
    },
    { what: "foil, two towels, warm platter and jug", amount: "" },
    ...when(seasoning.baconGrams > 0 || startsShielded(plan), {
      what: "skewers or string to hold what covers the breast",
      amount: "",
    }),
    ...when(
      plan.stages.some(({ wrap }) => wrap === "lid"),
      { what: "lid that closes over the bird in its tray", amount: "" },
    ),
    ...when(
      plan.stages.some(({ wrap }) => wrap === "bag"),
      {
        what: `roasting bag that holds ${bird.count > 1 ? "a" : "the"} bird loosely, a spoonful of flour to shake in it`,
        amount: bird.count > 1 ? `${bird.count}` : "",
      },
    ),
    ...when(bird.cut === "spatchcock" || bird.cut === "parts", {
      what: "poultry shears and a heavy knife",
      amount: "",
    }),
    ...when(bird.cut === "whole" && bird.legs === "tied", {
      what: "kitchen string",
      amount: stringLength(bird.count, units),
    }),
    ...when(bird.cut === "leg-roll" || bird.cut === "boneless-breast", {
      what: "kitchen string",
      amount: stringLength(3 * bird.count, units),
    }),
    ...when(bird.state !== "fresh" && plan.thawIn === "water", {
      what: `tub for the thaw${bird.count > 1 ? " of each bird" : ""}, at least`,
      amount: liquid(bathFor(ovenKg, true).containerL * 1000, units),
    }),
    ...(salt.bath
      ? [
          {
            what: `${salt.bath.inBag ? "brining bag in a bowl" : "pot or bucket for the brine"}${salt.bath.vessels > 1 ? " for each bird" : ""}, at least`,
            amount: liquid(salt.bath.containerL * 1000, units),
          },
        ]
      : []),
    ...when(SPECIES_RECORDS[bird.species].rendersFat, { what: "jar for the fat, which keeps", amount: "" }),
    ...when(sears(plan), { what: "heavy pan for the sear", amount: "" }),
    ...when(salt.injectionL > 0 || salt.injected !== null, { what: "injector with a fresh needle", amount: "" }),
    ...when(salt.coolerIceKg !== null, { what: "cooler, the ice outside the bag; a thermometer in it", amount: "" }),
    { what: "carving knife, sharpened; board with a groove", amount: "" },
    ...(thaws
      ? [{ what: "room in the fridge: the bird whole on a tray, while it thaws", amount: roomFor(thaws.needs, units) }]
      : []),
    ...(shelf
      ? [{ what: "room in the fridge: the bird on its rack, uncovered", amount: roomFor(shelf.needs, units) }]
      : []),
  ];
}
