/** What a timetable says: every task, chore and dish in plain words. */

import { centresOf, hasCavity, holdsJuice, isJointed } from "../core/bird/form";
import type { Centre } from "../core/bird/solid";
import { SPECIES_RECORDS } from "../core/bird/species";
import { constant } from "../core/constants";
import type { Replanned } from "../core/day/replan";
import type { Shield, Underlay } from "../core/heat/covers";
import { isFire, isLidded, turnsItself } from "../core/heat/sources";
import { hasGiblets } from "../core/kitchen/cutting";
import { briquettesPerHour, briquettesToStart, goesInCold } from "../core/kitchen/fuel";
import { isOnBird } from "../core/plan/additions";
import { goesInWithIce } from "../core/plan/ice";
import { preheatedC } from "../core/plan/methods";
import type { Addition, Plan } from "../core/plan/schema";
import { glazeMoments, glazePasses, startsShielded } from "../core/plan/season";
import { fullStages } from "../core/processes/stages";
import { type TaskId, taskOf } from "../core/schedule/backward";
import { type Chore, potsOf, simmersGiblets } from "../core/schedule/chores";
import { type DerivedPlan, REHEAT_ID } from "../core/schedule/derive";
import { type Row, rowsOf } from "../core/schedule/rows";
import type { PlacedSide } from "../core/schedule/sides";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";
import { aboutThreeCm, COLD_LIMIT, formatSpoons, ice, liquid, PINCH, restRange, small } from "./amounts";
import { capital } from "./capital";
import { conditionWords } from "./conditions";
import { dishName } from "./dishes";
import { LEFTOVERS, leftoversDetail } from "./leftovers";
import { facingName, heatWords, PART_NAMES, quickly, SALT_NAMES } from "./names";

/** A row with what it says. */
export interface TimetableRow extends Row {
  readonly what: string;
  readonly detail: string;
}

type Words = readonly [what: string, detail: string];

const thawWords = (units: UnitSystem): Record<Plan["thawIn"], Words> => ({
  fridge: ["Thaw in the fridge", `in its wrapping, in a tray, at ${COLD_LIMIT[units]} or below`],
  water: ["Thaw in cold water", "in a closed bag, water changed every 30 minutes; cook at once after"],
  brine: ["Thaw in the brine", `the bird unwrapped in the cold brine, at ${COLD_LIMIT[units]} or below`],
  none: ["", ""],
});
const CUT_WORDS: Record<Plan["bird"]["cut"], string> = {
  whole: "Open and clean",
  spatchcock: "Open, clean and flatten",
  parts: "Open, clean, cut in parts",
  crown: "Unwrap and dry the crown",
  legs: "Unwrap and dry the legs",
  "boneless-breast": "Unwrap and tie the breast",
  "leg-roll": "Unwrap and tie the roll",
};

/** Its going in, as it is called. @param when a word after the place */
export function birdIn(plan: Plan, units: UnitSystem, when: "" | " now" = ""): string {
  if (!goesInCold(plan)) return `Bird ${heatWords(plan.heat).into}${when}`;
  return `Bird into the cold oven${when}, and on at ${formatTemperature(preheatedC(plan), units)}`;
}

export function taskWords(plan: Plan, { salt, schedule }: DerivedPlan, units: UnitSystem): Record<TaskId, Words> {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const grams = small(salt.grams, units);
  const name = SALT_NAMES[plan.salt.kind];
  const spoons = formatSpoons(salt.teaspoons, units);
  const { bath } = salt;
  const first = salt.injected
    ? [`first ${small(salt.injected.grams, units)} injected in ${liquid(salt.injected.waterL * 1000, units)} of water`]
    : [];
  const inBath: Words = [
    `Into the brine: ${small(bath?.saltGrams ?? 0, units)} of salt in ${liquid((bath?.waterL ?? 0) * 1000, units)}${bath && bath.vessels > 1 ? ", for each bird" : ""}`,
    [
      ...first,
      `${salt.coolerIceKg === null ? "in the fridge" : `in a cooler with ${ice(salt.coolerIceKg, units)} of ice outside the bag`}, at ${COLD_LIMIT[units]} or below; thrown away after`,
    ].join("; "),
  ];
  const hasBreast = centresOf(plan.bird).includes("breast");
  const withSalt = [...first, ...additionWords(plan, "with-the-salt", units)];
  const fire = isFire(plan.heat);
  const preheatC = preheatedC(plan);
  return {
    thaw: thawWords(units)[plan.thawIn],
    prepare: goesInWithIce(plan)
      ? [
          "Unwrap it",
          `with its ice it goes straight in${hasGiblets(plan.bird.cut) ? "; what is inside comes out as soon as it lets go" : ""}`,
        ]
      : [
          CUT_WORDS[plan.bird.cut],
          [
            [hasGiblets(plan.bird.cut) && "giblets and neck out of both ends", hasBreast && "pop-up thermometer out"]
              .filter(Boolean)
              .join(", "),
            "pat dry, do not wash",
            SPECIES_RECORDS[plan.bird.species].rendersFat &&
              hasBreast &&
              "the skin scored through the fat, never the meat",
          ]
            .filter(Boolean)
            .join("; "),
        ],
    salt: {
      dry: [
        `Salt it all over: ${grams}`,
        [`${spoons}${spoons === PINCH ? " of" : ""} ${name}`, ...withSalt].join("; "),
      ] as Words,
      brine: inBath,
      equilibrium: inBath,
      injection: [
        `Inject: ${grams} of salt in ${liquid(salt.injectionL * 1000, units)} of water`,
        [`sites ${aboutThreeCm[units]} apart all over the meat, slowly, as the needle comes out`, ...withSalt].join(
          "; ",
        ),
      ] as Words,
      none: ["", ""] as Words,
    }[salt.method],
    dry: [
      "Uncover on a rack in the fridge",
      salt.bath ? "drained and patted dry; for dry skin" : "for dry skin; what has run out is thrown away",
    ],
    preheat: fire
      ? [
          `Bring the heat to ${t(preheatC)}`,
          `${underWords(plan)} set; ${isLidded(plan.heat) ? "the lid's own thermometer checked against yours" : "your thermometer beside it"}`,
        ]
      : [
          `Oven on at ${t(preheatC)}`,
          preheatC === plan.stages[0]?.airC
            ? `${underWords(plan)} set, oven empty`
            : `${underWords(plan)} set, oven empty; turned to ${t(plan.stages[0]?.airC ?? 0)} as the bird goes in`,
        ],
    roast: [
      birdIn(plan, units),
      plan.stages.flatMap(({ fromMin, airC, when }) => (when ? [] : [`${t(airC)} from minute ${fromMin}`])).join(", "),
    ],
    rest: [
      "Expected out: check every centre, then rest",
      [
        finishWords(plan, units),
        // What goes on last goes on with the glaze, or as it comes out.
        ...(glazePasses(plan) > 0 ? [] : additionWords(plan, "at-the-end", units)),
        `rested ${restRange(schedule.restMin)}`,
      ].join("; "),
    ],
    carve: [
      "Carve",
      `${plan.bird.cavity === "stuffed" ? "all of the stuffing out first; " : ""}${CARVE_WORDS[plan.bird.cut]}`,
    ],
    chill: [
      "Into shallow trays, into the fridge",
      "no deeper than two fingers, within two hours; drippings over the meat, covered once cold",
    ],
    table: ["To the table", ""],
  };
}

const CARVE_WORDS: Record<Plan["bird"]["cut"], string> = {
  whole: "breast off the bone, across the grain; warm platter",
  spatchcock: "breast off the bone, across the grain; warm platter",
  parts: "breasts sliced across the grain; warm platter",
  crown: "breast off the bone, across the grain; warm platter",
  legs: "thigh from drumstick, through the knee; warm platter",
  "boneless-breast": "strings off; sliced across the grain; warm platter",
  "leg-roll": "strings off; sliced as thick as a finger; warm platter",
};

/** What the bird lies on as it goes in. */
export const underWords = (plan: Pick<Plan, "stages" | "bird" | "heat">): string =>
  turnsItself(plan.heat) ? "spit" : UNDER_WORDS[fullStages(plan.stages, plan.bird.cut)[0]?.surface ?? "rack"];
const UNDER_WORDS: Record<Underlay, string> = {
  rack: "rack over a low tray",
  pan: "bare tray",
  "hot-stone": "stone or steel",
  grate: "grate with a tray under it",
  vegetables: "low tray with a bed of vegetables",
};

/** What is looked for by who goes by no thermometer. */
export const signWords = (cut: Plan["bird"]["cut"]): string =>
  isJointed(cut) ? "juices of the thigh clear, the leg loose in its joint" : "its juices clear";

/** What is waited for before it leaves the heat, and what is to be seen after. */
function finishWords({ bird, finish, targetC }: Plan, units: UnitSystem): string {
  const goals = Object.entries(targetC)
    .map(([centre, celsius]) => `${PART_NAMES[centre as Centre]} ${formatTemperature(celsius, units)}`)
    .join(", ");
  switch (finish.kind) {
    case "after-rest":
      return `probe left in; ${goals} to be seen before carving`;
    case "at-pull":
      return `out when they show it: ${goals}`;
    case "time":
      return `by time alone, after ${finish.minutes} min: nothing tells whether the guideline is reached but a thermometer`;
    case "signs":
      return `by signs: ${signWords(bird.cut)}; ${isJointed(bird.cut) ? "neither tells" : "they do not tell"} whether the guideline (${goals}) is reached, a thermometer does`;
  }
}

/** Where on the bird it goes. */
export const ADDITION_WHERE: Record<Addition["where"], string> = {
  over: "over the skin",
  "under-the-skin": "under the skin",
  inside: "inside",
  "in-slits": "into slits",
};

/** How much of it, for all the birds. */
export function additionAmount({ amount, unit }: Addition, { bird }: Pick<Plan, "bird">, units: UnitSystem): string {
  switch (unit) {
    case "g/kg":
      return small(amount * bird.massKg * bird.count, units);
    case "g":
      return small(amount, units);
    case "mL":
      return liquid(amount, units);
    case "tsp":
      return formatSpoons(amount, units);
    case "pieces":
      return `${Number(amount.toFixed(2))}`;
  }
}

/** The cook's own lines for a moment: what, how much, where. */
function additionWords(plan: Plan, moment: Addition["when"], units: UnitSystem): string[] {
  const onBird = isOnBird({ when: moment });
  return plan.additions
    .filter(({ when }) => when === moment)
    .map(
      (each) => `${each.name}, ${additionAmount(each, plan, units)}${onBird ? ` ${ADDITION_WHERE[each.where]}` : ""}`,
    );
}

const SHIELD_WORDS: Record<Exclude<Shield, "none">, string> = {
  breast: "breast",
  tips: "tips of wings and drumsticks",
  "breast-and-tips": "breast and the tips",
  all: "whole bird",
};

const WRAP_WORDS: Readonly<Record<string, string>> = {
  "on foil": "wrap it tight",
  "on lid": "lid on",
  "off foil": "unwrap it",
  "off lid": "lid off",
};

/** What changes as a stage begins: what the hand does to the oven and the bird. */
export function stageWords({ stages, bird }: Pick<Plan, "stages" | "bird">, n: number, units: UnitSystem): string {
  const full = fullStages(stages, bird.cut);
  const [before, stage] = [full[n - 1], full[n]];
  if (!before || !stage) return "";
  const heat = formatTemperature(stage.airC, units);
  const changes = [
    stage.airC !== before.airC && `heat to ${heat}`,
    stage.shield !== before.shield &&
      (stage.shield === "none" ? "foil off" : `foil over the ${SHIELD_WORDS[stage.shield]}`),
    stage.wrap !== before.wrap && WRAP_WORDS[stage.wrap === "none" ? `off ${before.wrap}` : `on ${stage.wrap}`],
    stage.side !== before.side && `turn it breast ${stage.side}`,
    stage.surface !== before.surface && `onto the ${stage.surface.replace("-", " ")}`,
    stage.towardsHot !== before.towardsHot && `tray turned, ${facingName(bird.cut, stage.towardsHot)} to the hot side`,
  ].filter((change) => typeof change === "string");
  const text = changes.join(", ") || `heat stays at ${heat}`;
  return capital(text);
}

function choreWords(
  plan: Plan,
  { salt, seasoning, gravy, schedule }: DerivedPlan,
  { kind, n, startMs }: Chore,
  units: UnitSystem,
): Words {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  switch (kind) {
    case "water-change":
      return ["Change the water", "cold from the tap; the bird turned over"];
    case "mix-brine":
      return [
        `Mix the brine: ${small(salt.bath?.saltGrams ?? 0, units)} of salt${salt.sugarGrams > 0 ? `, ${small(salt.sugarGrams / (salt.bath?.vessels ?? 1), units)} of sugar` : ""}${salt.bath && salt.bath.vessels > 1 ? ", for each bird" : ""}`,
        `dissolved in ${liquid((salt.bath?.hotL ?? 0) * 1000, units)} of hot water; then the cold water and ${ice(salt.bath?.iceKg ?? 0, units)} of ice`,
      ];
    case "make": {
      const made = plan.additions.filter(({ makeMin }) => makeMin > 0)[n - 1];
      return made ? [`Make: ${made.name}`, additionAmount(made, plan, units)] : ["", ""];
    }
    case "eve-check": {
      const thaw = taskOf(schedule, "thaw");
      const thaws = thaw !== undefined && thaw.endMs > startMs && hasCavity(plan.bird.cut);
      return [
        "The eve's check",
        [
          thaws && "a hand in the cavity: is there ice? then cold water tonight",
          isFire(plan.heat) ? "fuel and lighter to hand, ashes out, weather looked at" : "oven empty and working",
          `${underWords(plan)} tried with the cold bird`,
          "knives, thermometer in ice water",
          plan.bird.cut === "whole" && "which side is the breast",
          salt.grams > 0 ? "salt portioned and packets opened" : "packets opened",
        ]
          .filter(Boolean)
          .join("; "),
      ];
    }
    case "stock": {
      const pot = potsOf(plan)[n - 1];
      const giblets = pot === plan.stock && simmersGiblets(plan);
      return [
        n > 1 ? "Another pot of stock on" : "Stock on",
        `${giblets ? `neck, giblets${plan.bird.cut === "whole" ? "" : ", backbone"}` : "bones or wings of poultry"} and vegetables, simmered ${pot === "long" ? "all day, hardly moving, and topped up" : "an hour"}; ${plan.liver ? "the liver in for the last minutes only" : "liver left out"}; no salt`,
      ];
    }
    case "fill":
      return plan.bird.cavity === "stuffed"
        ? ["Stuff it loosely", STUFFING_WORDS[plan.season.stuffing]]
        : ["Aromatics in, loosely", "in the cavity; they season what is near, and the juices"];
    case "season":
      return [
        DRESS_WORDS[plan.season.fat](small(seasoning.fatGrams, units)),
        [
          seasoning.pasteGrams > 0 &&
            `${small(seasoning.pasteGrams, units)} of baking powder with as much water on the skin`,
          seasoning.baconGrams > 0 && "bacon over the breast",
          ...additionWords(plan, "before-the-heat", units),
          startsShielded(plan) && "the breast shield moulded on the cold bird and oiled",
          plan.bird.cut === "whole" && plan.bird.legs === "tied" && "legs tied, wings tucked",
          ...additionWords(plan, "into-the-tray", units).map((line) => `into the tray: ${line}`),
          (salt.grams > 0 || plan.bird.preSalted) && "no more salt",
        ]
          .filter(Boolean)
          .join("; "),
      ];
    case "counter":
      return ["Onto the counter", "out of the fridge; the two hours in the warm count from here"];
    case "stage": {
      const when = plan.stages[n]?.when;
      return [stageWords(plan, n, units), when ? `when ${conditionWords(when, t)}; expected about this time` : ""];
    }
    case "baste":
      return [
        plan.season.basteWith === "" ? "Baste" : `Baste with ${plan.season.basteWith}`,
        `quickly, ${quickly(plan.heat)}`,
      ];
    case "sear":
      return [
        `Sear it: ${Number((plan.sear?.minutesPerSide ?? 0).toFixed(1))} min a side`,
        `skin side first, in a pan of about ${t(plan.sear?.panC ?? 0)}; then at once into the heat`,
      ];
    case "glaze": {
      const at = glazeMoments(plan)[n - 1];
      const how =
        at && "when" in at
          ? `thin, when ${conditionWords(at.when, t)}; expected about this time`
          : `thin, ${quickly(plan.heat)}`;
      return [
        `Glaze, pass ${n}: ${liquid(seasoning.glazeMl, units)}`,
        [how, ...additionWords(plan, "at-the-end", units)].join("; "),
      ];
    }
    case "bacon-off": {
      const off = plan.season.baconOff;
      const when = off && "when" in off ? `when ${conditionWords(off.when, t)}; expected about this time; ` : "";
      return ["Bacon off", `${when}so that the skin under it colours; it is good by itself`];
    }
    case "fuel":
      return fuelWords(plan, n);
    case "loosen":
      return [
        plan.roasted === "day-before"
          ? "Loosen the tray, strain and keep the drippings"
          : "Loosen the tray with water, strain",
        `${holdsJuice(plan.bird) ? "cavity juices tipped in; " : ""}hot juice and hot fat are a hazard; ${SPECIES_RECORDS[plan.bird.species].rendersFat ? "the fat poured off into a jar first, and kept" : "let the fat rise"}`,
      ];
    case "thicken":
      return [
        `Gravy: ${liquid(gravy.finishedMl, units)}`,
        `${[gravy.liquid, ...additionWords(plan, "into-the-gravy", units)].join(", ")}; ${plan.gravy === "starch" ? "starch stirred in cold" : "liquid into the roux slowly"}; bring to the boil; taste, only then salt; warm jug`,
      ];
  }
}

const SLOT_WORDS = {
  before: ", before the bird; warm it up at the end",
  with: ", beside the bird",
  rest: ", while the bird rests",
  tray: "",
} as const;

const STUFFING_WORDS: Record<Plan["season"]["stuffing"], string> = {
  warm: "hot, just before the heat, and at once into it",
  cold: "straight from the fridge; it takes longer to be done than warm",
  raw: "with raw meat in it: cold, mixed at the last minute; its middle must reach the guideline like the bird",
};

const DRESS_WORDS: Record<Plan["season"]["fat"], (fat: string) => string> = {
  before: (fat) => `Dress the bird: ${fat} of fat over the skin`,
  "under-skin": (fat) => `Dress the bird: ${fat} of fat under the skin`,
  "none-at-first": (fat) => `Dress the bird: ${fat} of fat kept for later`,
  none: () => "Dress the bird: no fat on it",
};

/** The fire as its fuel wants it: lit first, fed by the hour where that is a hand's work. */
export function fuelWords(plan: Plan, n: number): Words {
  const clean = "bird on when the smoke is thin and blue";
  const lid = isLidded(plan.heat) ? { fed: `; ${quickly(plan.heat)}`, lit: "lid shut; " } : { fed: "", lit: "" };
  switch (plan.fuel) {
    case "charcoal":
      return n === 1
        ? [`Light ${briquettesToStart(plan)} briquettes`, clean]
        : [`${briquettesPerHour(plan)} more briquettes`, `half on each side${lid.fed}`];
    case "wood":
      return n === 1
        ? ["Light the wood", `small splits, burnt down to embers; ${clean}`]
        : ["A split or two more", `dry, warmed beside the fire${lid.fed}`];
    case "pellets":
      return ["Fill the hopper and light it", `${clean}; the hopper looked at every hour`];
    case "gas":
      return ["Light the burners", `${lid.lit}the bottle weighed or shaken before`];
  }
}

/** Rows in words. @param derived what they are of */
export function worded(rows: readonly Row[], plan: Plan, derived: DerivedPlan, units: UnitSystem): TimetableRow[] {
  const tasks = taskWords(plan, derived, units);
  return rows.map((row) => {
    const { about } = row;
    const [what, detail] =
      about.kind === "task"
        ? tasks[about.task]
        : about.kind === "chore"
          ? choreWords(plan, derived, about.chore, units)
          : about.kind === "side"
            ? sideWords(about.side, plan, units)
            : [LEFTOVERS, leftoversDetail(plan, units)];
    return { ...row, what, detail };
  });
}

function sideWords(side: PlacedSide, { roasted }: Plan, units: UnitSystem): Words {
  const { ovenC, slot } = side;
  const how =
    slot === "tray"
      ? "into the bird's own tray, under the rack"
      : ovenC === null
        ? "on a ring"
        : side.id === REHEAT_ID
          ? `oven at ${formatTemperature(ovenC, units)}, on ${constant("preheatMin")} min before`
          : `oven at ${formatTemperature(ovenC, units)}${roasted === "day-before" && slot === "rest" ? "" : SLOT_WORDS[slot]}`;
  return [`${dishName(side)}: start`, how];
}

/** A day that goes otherwise, in words: what has begun as it was planned, what is coming as it was placed again. */
export const replannedRows = (
  { begun, coming, renewed }: Replanned,
  plan: Plan,
  planned: DerivedPlan,
  units: UnitSystem,
): TimetableRow[] =>
  [...worded(begun, plan, planned, units), ...worded(coming, plan, renewed, units)].sort(
    (one, other) => one.startMs - other.startMs,
  );

/** Everything that is to be done, in order, in words. */
export const timetableOf = (plan: Plan, derived: DerivedPlan, units: UnitSystem): TimetableRow[] =>
  worded(rowsOf(derived), plan, derived, units);
