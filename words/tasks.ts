/** The bird's own tasks, in words. */

import { centresOf, isJointed } from "../core/bird/form";
import { hasGiblets, isSoldCut } from "../core/bird/mass";
import type { Centre } from "../core/bird/solid";
import { SPECIES_RECORDS } from "../core/bird/species";
import type { Cover, Underlay } from "../core/heat/covers";
import { isFire, isLidded, turnsItself } from "../core/heat/sources";
import { goesInCold } from "../core/kitchen/broughtUp";
import { slicesFromBone } from "../core/plan/carving";
import { isHeatedAgain } from "../core/plan/dayBefore";
import { saltsOnRack } from "../core/plan/fits";
import { movedInto } from "../core/plan/heats";
import { goesInWithIce, thawPlaceOf, thawsInBrine } from "../core/plan/ice";
import { preheatedC } from "../core/plan/methods";
import { saltEach } from "../core/plan/saltPlan";
import type { Plan } from "../core/plan/schema";
import { targetsOf } from "../core/plan/targets";
import { isTied } from "../core/plan/tied";
import { drippingsBurn } from "../core/plan/tray";
import { fullStages } from "../core/processes/stages";
import { type TaskId, taskOf } from "../core/schedule/backward";
import type { DerivedPlan } from "../core/schedule/derive";
import { givesBones, roastsStock } from "../core/schedule/stock";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";
import { additionsIn } from "./additions";
import {
  aboutThreeCm,
  COLD_LIMIT,
  formatSpoons,
  ice,
  iceGoes,
  liquid,
  PINCH,
  restRange,
  small,
  spooned,
} from "./amounts";
import { capital } from "./capital";
import { holdWords } from "./guideline";
import { gravyHere } from "./listItem";
import { allOf } from "./listing";
import { HEAT_NAMES, MOVED_INTO, PART_NAMES, SALT_NAMES } from "./names";
import { whereRead } from "./readIn";
import type { Words } from "./row";
import { goesInWords, minuteWords } from "./stages";
import { inThePot } from "./stock";
import { eachBird, forEachBird, inEach, itOrEach, itOrThem, theBirds } from "./titles";

const CUT_WORDS: Record<Plan["bird"]["cut"], (plan: Plan) => string> = {
  whole: () => "Open and clean",
  spatchcock: () => "Open, clean and flatten",
  parts: () => "Open, clean, cut in parts",
  crown: ({ bird }) => `Unwrap and dry the ${oneOrMore("crown", bird)}`,
  legs: () => "Unwrap and dry the legs",
  "boneless-breast": (plan) => `Unwrap and ${isTied(plan) ? "tie" : "dry"} the ${oneOrMore("breast", plan.bird)}`,
  "leg-roll": ({ bird }) => `Unwrap and open out the ${oneOrMore("leg", bird)}`,
};
const oneOrMore = (piece: string, { count }: Plan["bird"]): string => (count > 1 ? `${piece}s` : piece);

/** Its going in, as it is called. @param when a word after the place */
export function birdIn(plan: Plan, units: UnitSystem, when: "" | " now" = ""): string {
  const birds = plan.bird.count > 1 ? capital(theBirds(plan.bird)) : "Bird";
  if (!goesInCold(plan)) return `${birds} ${MOVED_INTO[plan.heat]}${when}`;
  return `${birds} into the cold ${HEAT_NAMES[plan.heat].toLowerCase()}${when}, and on at ${formatTemperature(preheatedC(plan), units)}`;
}

/** @param isOut whether the bird has left its heat: nothing is expected of that any more */
export function taskWords(plan: Plan, derived: DerivedPlan, units: UnitSystem, isOut: boolean): Record<TaskId, Words> {
  const { salt, schedule } = derived;
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const each = saltEach(salt);
  const grams = small(each.grams, units);
  const name = SALT_NAMES[plan.salt.kind];
  const spoons = formatSpoons(each.teaspoons, units);
  const sugar = each.sugarGrams > 0 ? `${spooned("sugar", each.sugarGrams, units)} of sugar` : "";
  const { bath } = salt;
  const { count } = plan.bird;
  const first = salt.injected
    ? [
        `first ${small(salt.injected.grams, units)} injected${count > 1 ? ` into ${eachBird(plan.bird)}` : ""} in ${liquid(salt.injected.waterL * 1000, units)} of water`,
      ]
    : [];
  const inCooler =
    salt.coolerIceKg !== null &&
    `in a cooler with ${ice(salt.coolerIceKg, units)} of ice ${iceGoes(salt)}, looked at morning and evening`;
  const cold = `at ${COLD_LIMIT[units]} or below`;
  const ofBrine = `${small(bath?.saltGrams ?? 0, units)} of salt in ${liquid((bath?.waterL ?? 0) * 1000, units)}${forEachBird(plan.bird, salt.portions)}`;
  const keptInBrine = `${inCooler || "in the fridge"}, ${cold}`;
  const inBath: Words = [
    thawsInBrine(plan) ? "Back into the brine" : `Into the brine: ${ofBrine}`,
    [...first, `${keptInBrine}; thrown away after`].join("; "),
  ];
  const thaw: Record<Plan["thawIn"], Words> = {
    fridge: ["Thaw in the fridge", `in its wrapping, in a tray, ${cold}`],
    water: ["Thaw in cold water", "in a closed bag, water changed every 30 minutes; cook at once after"],
    brine: [
      `Thaw in the brine: ${ofBrine}`,
      `unwrapped; ${keptInBrine}${taskOf(schedule, "salt") ? "" : "; thrown away after"}`,
    ],
    none: ["", ""],
  };
  const isOnRack = saltsOnRack(salt);
  const away = isOnRack
    ? ["on its rack in the fridge, uncovered"]
    : inCooler
      ? [`in a closed bag, ${inCooler}, ${cold}`]
      : [];
  const hasBreast = centresOf(plan.bird).includes("breast");
  const withSalt = [...first, ...additionsIn("salt", plan, derived, units), ...away];
  const fire = isFire(plan.heat);
  const preheatC = preheatedC(plan);
  const into = (n: number): string => {
    const heat = movedInto(plan, n);
    return heat ? `${MOVED_INTO[heat]} at ` : "";
  };
  return {
    thaw: thaw[thawPlaceOf(plan)],
    prepare: goesInWithIce(plan)
      ? [
          `Unwrap ${itOrThem(plan.bird)}`,
          `straight in, with the ice in ${itOrThem(plan.bird)}${hasGiblets(plan.bird) ? "; what is inside comes out as soon as it lets go" : ""}`,
        ]
      : [
          CUT_WORDS[plan.bird.cut](plan),
          [
            [hasGiblets(plan.bird) && "giblets and neck out of both ends", hasBreast && "pop-up thermometer out"]
              .filter(Boolean)
              .join(", "),
            "pat dry, do not wash",
            SPECIES_RECORDS[plan.bird.species].rendersFat &&
              hasBreast &&
              `${isSoldCut(plan.bird.cut) ? "" : "neck and tail fat trimmed, "}the skin scored through the fat, never the meat`,
          ]
            .filter(Boolean)
            .join("; "),
        ],
    salt: {
      dry: [
        `Salt ${itOrEach(plan.bird)} all over: ${grams}`,
        [`${spoons}${spoons === PINCH ? " of" : ""} ${name}${sugar && `, ${sugar} with it`}`, ...withSalt].join("; "),
      ] as Words,
      brine: inBath,
      equilibrium: inBath,
      injection: [
        `Inject${count > 1 ? ` ${eachBird(plan.bird)}` : ""}: ${grams} of salt${sugar && ` and ${sugar}`} in ${liquid(salt.waterEachL * 1000, units)} of water`,
        [`sites ${aboutThreeCm[units]} apart all over the meat, slowly, as the needle comes out`, ...withSalt].join(
          "; ",
        ),
      ] as Words,
      none: ["", ""] as Words,
    }[salt.method],
    dry: isOnRack
      ? ["Dry on, uncovered in the fridge", "on its rack as before; what has run out is thrown away"]
      : [
          "Uncover on a rack in the fridge",
          [
            ...additionsIn("dry", plan, derived, units),
            salt.bath ? "drained and patted dry; for dry skin" : "for dry skin; what has run out is thrown away",
          ].join("; "),
        ],
    preheat: fire
      ? [
          `Bring the heat to ${t(preheatC)}`,
          `${underWords(plan)} set; ${isLidded(plan.heat) ? "the lid's own thermometer checked against yours" : "your thermometer beside it"}`,
        ]
      : [
          `${HEAT_NAMES[plan.heat]} on at ${t(preheatC)}`,
          preheatC === plan.stages[0]?.airC
            ? `${underWords(plan)} set, oven empty`
            : `${underWords(plan)} set, oven empty; turned to ${t(plan.stages[0]?.airC ?? 0)} with ${theBirds(plan.bird)} in`,
        ],
    roast: [
      birdIn(plan, units),
      [
        goesInWords(plan),
        intoItsTray(plan, derived),
        plan.stages
          .flatMap(({ fromMin, airC, when }, n) =>
            when || (airC === plan.stages[n - 1]?.airC && !into(n))
              ? []
              : [`${into(n)}${t(airC)} from minute ${minuteWords(fromMin)}`],
          )
          .join(", "),
      ]
        .filter(Boolean)
        .join("; "),
    ],
    rest: [
      isOut ? "Out, and at rest" : `Expected out: check ${whereRead(plan)}${inEach(plan.bird)}, then rest`,
      [
        ...(isOut ? [] : [finishWords(plan, units)]),
        // What goes on last goes on with the glaze, or as it comes out.
        ...additionsIn("rest", plan, derived, units),
        `rested ${UNDER_AT_REST[plan.cover]} for ${restRange(schedule.restMin)}`,
      ].join("; "),
    ],
    carve: [
      slicesFromBone(plan) ? "To the table whole, and carve" : "Carve",
      [
        isTied(plan) && "string off",
        plan.bird.cavity === "stuffed" && "all of the stuffing out first",
        slicesFromBone(plan) ? "slices from the bone, down to a level cut above the wing" : CARVE_WORDS[plan.bird.cut],
        // Carved the day before, it goes into trays to be cold.
        plan.roasted === "same-day" && (slicesFromBone(plan) ? "warm plates" : "warm platter"),
      ]
        .filter(Boolean)
        .join("; "),
    ],
    chill: [
      "Into shallow trays, into the fridge",
      `no deeper than two fingers, within two hours; ${isHeatedAgain(plan) ? "drippings over the meat, " : ""}covered once cold`,
    ],
    table: ["To the table", ""],
  };
}

const CARVE_WORDS: Record<Plan["bird"]["cut"], string> = {
  whole: "breast off the bone, across the grain",
  spatchcock: "breast off the bone, across the grain",
  parts: "breasts sliced across the grain",
  crown: "breast off the bone, across the grain",
  legs: "thigh from drumstick, through the knee",
  "boneless-breast": "sliced across the grain",
  "leg-roll": "sliced as thick as a finger",
};

const UNDER_AT_REST: Record<Cover, string> = {
  none: "bare",
  foil: "under loose foil",
  towels: "in foil and towels",
  box: "in foil, in an insulated box",
};

/** What goes into the tray with it, so that its drippings are good for gravy. */
function intoItsTray(plan: Plan, derived: DerivedPlan): string {
  if (roastsStock(plan, gravyHere(derived))) {
    return `${allOf([...inThePot(plan, givesBones(plan)), "vegetables"])} in the tray, water on them when that is dry`;
  }
  if (!drippingsBurn(plan)) return "";
  const isWet = plan.additions.some(({ when, unit }) => when === "into-the-tray" && unit === "mL");
  return `water ${isWet ? "besides, in all " : ""}a finger deep in the tray, so that what drips does not burn`;
}

/** What the bird lies on as it goes in. */
export const underWords = (plan: Pick<Plan, "stages" | "bird" | "heat">): string =>
  turnsItself(plan.heat)
    ? "spit with a tray under it"
    : UNDER_WORDS[fullStages(plan.stages, plan.bird.cut)[0]?.surface ?? "rack"];
const UNDER_WORDS: Record<Underlay, string> = {
  rack: "rack over a low tray",
  "deep-pan": "rack in a deep tray",
  pan: "bare tray",
  "hot-stone": "stone or steel with a tray on it",
  grate: "grate with a tray under it",
  vegetables: "low tray with a bed of vegetables",
  stand: "upright stand in a low tray",
};

/** What is looked for by who goes by no thermometer. */
export const signWords = (cut: Plan["bird"]["cut"]): string =>
  isJointed(cut) ? "juices of the thigh clear, the leg loose in its joint" : "its juices clear";

/** What is waited for before it leaves the heat, and what is to be seen after. */
function finishWords(plan: Plan, units: UnitSystem): string {
  const { bird, finish } = plan;
  const goals = Object.entries(targetsOf(plan))
    .map(([centre, celsius]) => `${PART_NAMES[centre as Centre]} ${formatTemperature(celsius, units)}`)
    .join(", ");
  switch (finish.kind) {
    case "after-rest":
      return `probe left in; ${goals} to be seen before carving${holdWords(plan)}`;
    case "at-pull":
      return `out when they show it: ${goals}`;
    case "time":
      return `by time alone, after ${finish.minutes} min: nothing tells whether the guideline is reached but a thermometer`;
    case "signs":
      return `by signs: ${signWords(bird.cut)}; ${isJointed(bird.cut) ? "neither tells" : "they do not tell"} whether the guideline (${goals}) is reached, a thermometer does`;
  }
}
