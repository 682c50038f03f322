/** What is done around the bird, in words. */

import { hasCavity, holdsJuice } from "../core/bird/form";
import { hasGiblets } from "../core/bird/mass";
import { SPECIES_RECORDS } from "../core/bird/species";
import type { Wrap } from "../core/heat/covers";
import { isFire, isLidded } from "../core/heat/sources";
import { briquettesPerHour, briquettesToStart, wantsSmokeWood } from "../core/kitchen/fuel";
import type { Thickener } from "../core/kitchen/gravy";
import { isHeatedAgain } from "../core/plan/dayBefore";
import { heatsOf, usesFire, usesOven } from "../core/plan/heats";
import { thawPlaceOf } from "../core/plan/ice";
import { saltEach } from "../core/plan/saltPlan";
import type { Plan } from "../core/plan/schema";
import { fatForTheWrap, startsShielded } from "../core/plan/season";
import { isTied } from "../core/plan/tied";
import { fullStages } from "../core/processes/stages";
import { taskOf } from "../core/schedule/backward";
import type { Chore } from "../core/schedule/chore";
import { EVE_HOURS } from "../core/schedule/choresBeforehand";
import type { DerivedPlan } from "../core/schedule/derive";
import { isBare, stuffingOf } from "../core/schedule/dressing";
import { heatedSpans } from "../core/schedule/places";
import { potsOf, simmersItsBones } from "../core/schedule/stock";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";
import { HOUR_MS } from "../core/units/time";
import { additionAmount, additionsIn } from "./additions";
import { aboutThreeCm, ice, liquid, roughly, small, spooned } from "./amounts";
import { basteWords, isMisted } from "./basting";
import { conditionWords } from "./conditions";
import { allOf } from "./listing";
import { HEAT_NAMES, quickly } from "./names";
import type { Words } from "./row";
import { stageWords } from "./stages";
import { inThePot } from "./stock";
import { underWords } from "./tasks";
import { birdOrBirds, forAll, forEachBird, itOrEach, itOrThem, theBirds } from "./titles";

/** What a fire wants to have the evening before. */
const FIRE_CHECK: Record<Plan["fuel"], string> = {
  charcoal: "fuel and lighter to hand, ashes out",
  wood: "fuel and lighter to hand, ashes out",
  pellets: "pellets enough and dry, ashes out",
  gas: "gas enough, burners clear",
};

/** What is opened so soon after the eve's check is opened before anybody sleeps. */
const TONIGHT_MS = 6 * HOUR_MS;
/** Straight from where it was salted. */
const OUT_OF_BRINE = "out of the brine, drained and patted dry";
const PATTED_DRY = "patted dry; what has run out is thrown away";

/** Right before the heat, in this order: what hands touch it for first has it out of where it was salted. */
const BEFORE_THE_HEAT: readonly Chore["kind"][] = ["counter", "fill", "season"];

/** Nothing of what is not first, nor where it dried in the fridge between: that says so. */
function fromTheSalt({ salt, schedule, chores }: DerivedPlan, kind: Chore["kind"]): string | false {
  const isFirst = chores.find((chore) => BEFORE_THE_HEAT.includes(chore.kind))?.kind === kind;
  if (!isFirst || taskOf(schedule, "dry") || salt.hours === 0) return false;
  return salt.bath ? OUT_OF_BRINE : PATTED_DRY;
}

/** What a pass has of the cook's own glaze, by how many there are. */
const GLAZE_PARTS: readonly string[] = ["", "half of: ", "a third of: ", "a quarter of: ", "a fifth of: "];

function fillWords(plan: Plan, { stuffingGrams }: DerivedPlan["seasoning"], units: UnitSystem): Words {
  const { bird, season } = plan;
  const stuffing = `${roughly(stuffingGrams, units)}${bird.cut === "leg-roll" ? " of stuffing" : ""}${forAll(bird)}`;
  if (bird.cut === "leg-roll") {
    return [
      "Fill, roll and tie",
      `${stuffing}, cold; loops of string ${aboutThreeCm[units]} apart; at once into the heat`,
    ];
  }
  return bird.cavity === "stuffed"
    ? [
        `Stuff ${itOrEach(bird)} loosely`,
        `${stuffingGrams > 0 ? `${stuffing}; ` : ""}${STUFFING_WORDS[season.stuffing]}`,
      ]
    : ["Aromatics in, loosely", "in the cavity; they season what is near, and the juices"];
}

export function choreWords(
  plan: Plan,
  derived: DerivedPlan,
  { kind, n, startMs, at }: Chore,
  units: UnitSystem,
): Words {
  const { salt, seasoning, gravy, schedule, chores } = derived;
  /** What the bird is in by then. */
  const heat = heatedSpans(plan, derived).findLast((span) => span.startMs <= startMs)?.heat ?? plan.heat;
  const t = (celsius: number): string => formatTemperature(celsius, units);
  switch (kind) {
    case "water-change":
      return ["Change the water", `cold from the tap; ${theBirds(plan.bird)} turned over`];
    case "mix-brine":
      return [
        `Mix the brine: ${small(salt.bath?.saltGrams ?? 0, units)} of salt${salt.sugarGrams > 0 ? `, ${spooned("sugar", saltEach(salt).sugarGrams, units)} of sugar` : ""}${forEachBird(plan.bird, salt.portions)}`,
        [
          `dissolved in ${liquid((salt.bath?.hotL ?? 0) * 1000, units)} of hot water`,
          ...additionsIn("brine", plan, derived, units),
          `then the cold water and ${ice(salt.bath?.iceKg ?? 0, units)} of ice`,
        ].join("; "),
      ];
    case "make": {
      const made = plan.additions.filter(({ makeMin }) => makeMin > 0)[n - 1];
      return made ? [`Make: ${made.name}`, additionAmount(made, plan, units)] : ["", ""];
    }
    case "stuffing":
      return [
        `Make the stuffing${seasoning.stuffingGrams > 0 ? `: ${roughly(seasoning.stuffingGrams, units)}${forAll(plan.bird)}` : ""}`,
        MADE_WORDS[stuffingOf(plan)],
      ];
    case "eve-check": {
      const thaw = taskOf(schedule, "thaw");
      // In water it is not left to the morning.
      const thaws =
        thawPlaceOf(plan) === "fridge" && thaw !== undefined && thaw.endMs > startMs && hasCavity(plan.bird.cut);
      const isOpenedTonight = thaw !== undefined && thaw.endMs - startMs <= TONIGHT_MS;
      const weighed = chores.find((chore) => chore.kind === "mix-brine") ?? taskOf(schedule, "salt");
      const isSalted = weighed !== undefined && weighed.startMs <= startMs;
      return [
        startMs > schedule.inAtMs - EVE_HOURS * HOUR_MS ? "Check what is to hand" : "The eve's check",
        [
          thaws &&
            `a hand in the cavity: is there ice? then ${isOpenedTonight ? "into cold water now" : "time for cold water in the morning"}`,
          usesFire(plan) && `${FIRE_CHECK[plan.fuel]}, weather looked at`,
          usesOven(plan) && "oven empty and working",
          `${underWords(plan)} tried with the cold ${birdOrBirds(plan.bird)}`,
          "knives, thermometer in ice water",
          plan.bird.cut === "whole" && "which side is the breast",
          salt.grams > 0 && !isSalted ? "salt portioned and packets opened" : "packets opened",
        ]
          .filter(Boolean)
          .join("; "),
      ];
    }
    case "stock": {
      const pot = potsOf(plan, gravy)[n - 1];
      const itsOwn = n === 1 && simmersItsBones(plan, gravy);
      const liver =
        itsOwn && hasGiblets(plan.bird)
          ? `; ${plan.liver ? "the liver in for the last minutes only" : "liver left out"}`
          : "";
      return [
        n > 1 ? "Another pot of stock on" : "Stock on",
        `${allOf([...inThePot(plan, itsOwn), "vegetables"])}, simmered ${pot === "long" ? "all day, hardly moving, and topped up" : "an hour"}${liver}; no salt`,
      ];
    }
    case "fill": {
      const [what, how] = fillWords(plan, seasoning, units);
      return [what, [fromTheSalt(derived, kind), how].filter(Boolean).join("; ")];
    }
    case "season": {
      const onIt = [
        seasoning.pasteGrams > 0 &&
          `${spooned("baking powder", seasoning.pasteGrams, units)} of baking powder with as much water on the skin`,
        seasoning.baconGrams > 0 && "bacon over the breast",
        ...additionsIn("season", plan, derived, units),
        startsShielded(plan) &&
          `the breast shield moulded on ${plan.bird.count > 1 ? "each" : "the"} cold bird and oiled`,
      ].filter(Boolean);
      return [
        `${isBare(plan) && onIt.length === 0 ? "Lay out" : "Dress"} ${theBirds(plan.bird)}: ${FAT_WORDS[plan.season.fat](spooned("fat", seasoning.fatGrams, units))}`,
        [
          fromTheSalt(derived, kind),
          ...onIt,
          plan.bird.cut === "whole" && isTied(plan) && "legs tied, wings tucked",
          (salt.grams > 0 || plan.bird.preSalted) && "no more salt",
        ]
          .filter(Boolean)
          .join("; "),
      ];
    }
    case "counter":
      return [
        "Onto the counter",
        [fromTheSalt(derived, kind) || "out of the fridge", "the two hours in the warm count from here"].join("; "),
      ];
    case "stage": {
      const when = plan.stages[n]?.when;
      return [stageWords(plan, n, units), when ? `when ${conditionWords(when, t)}; expected about this time` : ""];
    }
    case "baste":
      return [
        basteWords(plan.season),
        `${seasoning.basteMl > 0 && !isMisted(plan.season) ? `about ${liquid(seasoning.basteMl, units)}; ` : ""}quickly, ${quickly(heat)}`,
      ];
    case "oil":
      return [
        `Fat over the skin: ${spooned("fat", seasoning.fatGrams, units)}`,
        `once the skin has coloured; expected about this time; ${quickly(heat)}`,
      ];
    case "sear":
      return [
        `Sear ${itOrThem(plan.bird)}: ${Number((plan.sear?.minutesPerSide ?? 0).toFixed(1))} min a side`,
        [
          plan.bird.count > 1 && "as many at once as lie flat in the pan",
          `skin side first, in a pan of about ${t(plan.sear?.panC ?? 0)}`,
          `then ${plan.bird.count > 1 ? "all together" : "at once"} into the heat`,
        ]
          .filter(Boolean)
          .join("; "),
      ];
    case "glaze": {
      const how =
        at && "when" in at
          ? `thin, when ${conditionWords(at.when, t)}; expected about this time`
          : `thin, ${quickly(heat)}`;
      const own = additionsIn("glaze", plan, derived, units);
      if (own.length === 0) return [`Glaze, pass ${n}: ${liquid(seasoning.glazeMl, units)}`, how];
      const passes = chores.filter((chore) => chore.kind === "glaze").length;
      return [`Glaze, pass ${n}`, `${how}; ${GLAZE_PARTS[passes - 1] ?? ""}${own.join("; ")}`];
    }
    case "ice-gone": {
      const isFilled = hasGiblets(plan.bird) && hasCavity(plan.bird.cut);
      return [
        isFilled ? "Giblets out, thermometer in" : "Thermometer in",
        [
          "about now the last ice is gone",
          isFilled && "what is still in the cavity comes out with tongs, and the bag it is in",
          "the meat takes the tip now",
          salt.grams > 0 &&
            `salt that did not hold on the frozen skin goes on${isFilled ? ", and the cavity's into it" : ""}`,
        ]
          .filter(Boolean)
          .join("; "),
      ];
    }
    case "bacon-off": {
      const off = plan.season.baconOff;
      const when = off && "when" in off ? `when ${conditionWords(off.when, t)}; expected about this time; ` : "";
      return ["Bacon off", `${when}so that the skin under it colours; it is good by itself`];
    }
    case "fuel":
      return fuelWords(plan, n, n === 1 ? plan.heat : heatsOf(plan).find(isFire));
    case "bring-up": {
      const [into = plan.heat, stage] = [heatsOf(plan)[n], plan.stages[n]];
      const airC = t(stage?.airC ?? 0);
      if (!isFire(into)) return [`${HEAT_NAMES[into]} on at ${airC}`, "hot by the time of the move"];
      const [does, why] = fuelWords(plan, 1, into);
      return [does, `at ${airC} by the time of the move; ${why}`];
    }
    case "loosen":
      return loosenWords(plan, derived);
    case "thicken":
      return gravy
        ? [
            `Gravy: ${liquid(gravy.finishedMl, units)}`,
            `${[gravy.liquid, ...additionsIn("thicken", plan, derived, units)].join(", ")}; ${THICKENED[gravy.thickener]}; bring to the boil; taste, only then salt; warm jug`,
          ]
        : ["", ""];
    case "platter":
      return [
        "The cold meat out of the fridge",
        "so that its chill is off by dinner; onto a platter meanwhile; two hours out are the most",
      ];
  }
}

/** What is still around it is opened over the tray; under what was there all along, nothing has dried on. */
function loosenWords(plan: Plan, { chores }: DerivedPlan): Words {
  if (plan.gravy === "none" && !isHeatedAgain(plan)) {
    return ["Pour off the fat", "hot fat is a hazard; through a strainer into a jar, and kept"];
  }
  const changes = chores.filter(({ kind }) => kind === "stage").length;
  const wraps = fullStages(plan.stages, plan.bird.cut)
    .slice(0, 1 + changes)
    .map(({ wrap }) => wrap);
  return [
    STRAINED[wraps.includes("none") ? "from the tray" : "from the wrap"][plan.roasted],
    [
      OPENED[wraps.at(-1) ?? "none"](plan.bird),
      holdsJuice(plan.bird) && "cavity juices tipped in",
      "hot juice and hot fat are a hazard",
      SPECIES_RECORDS[plan.bird.species].rendersFat
        ? "the fat poured off into a jar first, and kept"
        : "let the fat rise",
    ]
      .filter(Boolean)
      .join("; "),
  ];
}

const STRAINED = {
  "from the tray": {
    "same-day": "Loosen the tray with water, strain",
    "day-before": "Loosen the tray, strain and keep the drippings",
  },
  "from the wrap": { "same-day": "Strain the juices", "day-before": "Strain and keep the juices" },
} as const;

/** Steam comes out first. */
const OPENED: Record<Wrap, (bird: Plan["bird"]) => string> = {
  none: () => "",
  foil: () => "the foil opened over the tray, away from you",
  lid: () => "lid or foil off away from you",
  bag: ({ count }) => `the bag${count > 1 ? "s" : ""} cut open over the tray, away from you`,
};

const THICKENED: Record<Thickener, string> = {
  flour: "liquid into the roux slowly",
  "flour-into-liquid": "hot, and the roux whisked into it by the spoon until it is thick enough",
  starch: "starch stirred in cold",
};

/** How it is made; bread that stands wet overnight spoils (USDA FSIS on stuffing, from memory). */
const MADE_WORDS: Record<Plan["season"]["stuffing"], string> = {
  warm: "kept hot until it goes in",
  cold: "what is cooked for it cold at once, wet and dry apart in the fridge; mixed right before it goes in",
  raw: "all of it cold, its raw meat out of the fridge last",
};
const STUFFING_WORDS: Record<Plan["season"]["stuffing"], string> = {
  warm: "hot, just before the heat, and at once into it",
  cold: "straight from the fridge; it takes longer to be done than warm",
  raw: "with raw meat in it: cold, mixed at the last minute; its middle must reach the guideline like the bird",
};

/** When fat that is kept for later goes on. */
export const laterFatWords = (plan: Plan): string =>
  fatForTheWrap(plan) === null ? "once the skin has coloured" : "as the wrap goes on";

const FAT_WORDS: Record<Plan["season"]["fat"], (fat: string) => string> = {
  before: (fat) => `${fat} of fat over the skin`,
  "under-skin": (fat) => `${fat} of fat under the skin`,
  "none-at-first": (fat) => `${fat} of fat kept for later`,
  none: () => "no fat",
};

/** The fire as its fuel wants it: lit first, fed by the hour where that is a hand's work. @param heat which one it is */
export function fuelWords(plan: Plan, n: number, heat = plan.heat): Words {
  const clean = `${birdOrBirds(plan.bird)} on when the smoke is thin and blue`;
  const wood = wantsSmokeWood(heat, plan.fuel);
  const lid = isLidded(heat) ? { fed: `; ${quickly(heat)}`, lit: "lid shut; " } : { fed: "", lit: "" };
  switch (plan.fuel) {
    case "charcoal":
      return n === 1
        ? [
            `Light ${briquettesToStart(plan)} briquettes`,
            `${wood ? "a piece of dry wood on the embers; " : ""}${clean}`,
          ]
        : [
            `${briquettesPerHour(plan)} more briquettes`,
            `${wood ? "a piece of dry wood with them" : "half on each side"}${lid.fed}`,
          ];
    case "wood":
      return n === 1
        ? ["Light the wood", `small splits, burnt down to embers; ${clean}`]
        : ["A split or two more", `dry, warmed beside the fire${lid.fed}`];
    case "pellets":
      return ["Fill the hopper and light it", `${clean}; the hopper looked at every hour`];
    case "gas":
      return [
        "Light the burners",
        `${lid.lit}${wood ? "a piece of dry wood in its box over the flame; " : ""}the bottle weighed or shaken before`,
      ];
  }
}
