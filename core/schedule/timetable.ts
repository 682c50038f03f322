/** Everything that is done, in order, in plain words: for the list, the calendar, the command line and the stove. */

import { briquettesPerHour, briquettesToStart } from "../kitchen/fuel";
import { formatSpoons, SALT_NAMES } from "../kitchen/salt";
import type { Plan } from "../plan/schema";
import { glazeAtC } from "../plan/season";
import { fullStages } from "../processes/stages";
import { formatTemperature, type UnitSystem } from "../units/quantity";
import { COLD_LIMIT, ice, liquid, restRange, small } from "./amounts";
import type { Lane, TaskId } from "./backward";
import type { Chore, ChoreKind } from "./chores";
import type { DerivedPlan } from "./derive";

export interface TimetableRow {
  /** Stable, so that a calendar that is fetched again moves its events. */
  readonly id: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly lane: Lane;
  readonly what: string;
  readonly detail: string;
  /** Minutes before the start at which an alarm is wanted; none for what takes care of itself. */
  readonly alarmMin?: number;
}

type Words = readonly [what: string, detail: string];

const ALARMS: Partial<Record<TaskId | ChoreKind, number>> = {
  thaw: 0,
  prepare: 10,
  salt: 0,
  dry: 0,
  preheat: 0,
  roast: 10,
  rest: 15,
  carve: 5,
  chill: 0,
  "water-change": 0,
  "mix-brine": 5,
  "eve-check": 0,
  stock: 0,
  season: 5,
  counter: 0,
  stage: 0,
  baste: 0,
  glaze: 2,
  fuel: 2,
  loosen: 0,
  thicken: 0,
};

const thawWords = (units: UnitSystem): Record<Plan["thawIn"], Words> => ({
  fridge: ["Thaw in the fridge", `in its wrapping, in a tray, at ${COLD_LIMIT[units]} or below`],
  water: ["Thaw in cold water", "in a closed bag, water changed every 30 minutes; cook at once after"],
  brine: ["Thaw in the brine", `the bird unwrapped in the cold brine, at ${COLD_LIMIT[units]} or below`],
  none: ["", ""],
});
const CUT_WORDS: Record<Plan["bird"]["cut"], string> = {
  whole: "Open and clean",
  spatchcock: "Open, clean and flatten",
  parts: "Open, clean and joint",
  crown: "Unwrap and dry the crown",
  "boneless-breast": "Unwrap and tie the breast",
  "leg-roll": "Unwrap and tie the roll",
};

export function taskWords(plan: Plan, { salt, schedule }: DerivedPlan, units: UnitSystem): Record<TaskId, Words> {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const grams = small(salt.grams, units);
  const name = SALT_NAMES[plan.salt.kind];
  const inBath: Words = [
    `Into the brine: ${grams} of salt in ${liquid((salt.bath?.waterL ?? 0) * 1000, units)}`,
    `${salt.coolerIceKg === null ? "in the fridge" : `in a cooler with ${ice(salt.coolerIceKg, units)} of ice outside the bag`}, at ${COLD_LIMIT[units]} or below; thrown away after`,
  ];
  return {
    thaw: thawWords(units)[plan.thawIn],
    prepare: [
      CUT_WORDS[plan.bird.cut],
      "giblets and neck out of both ends, pop-up thermometer out; pat dry, do not wash",
    ],
    salt: {
      dry: [`Salt it all over: ${grams}`, `${formatSpoons(salt.teaspoons)} ${name}`] as Words,
      brine: inBath,
      equilibrium: inBath,
      injection: [
        `Inject: ${grams} of salt in ${liquid(salt.injectionL * 1000, units)} of water`,
        "sites 3 cm apart over breast and legs, slowly, as the needle comes out",
      ] as Words,
      none: ["", ""] as Words,
    }[salt.method],
    dry: [
      "Uncover on a rack in the fridge",
      salt.bath ? "drained and patted dry; for dry skin" : "for dry skin; what has run out is thrown away",
    ],
    preheat: [
      `${plan.heat.includes("oven") ? "Oven" : "Heat"} on at ${t(plan.stages[0]?.airC ?? 0)}`,
      "rack set, oven empty",
    ],
    roast: [
      plan.heat.includes("oven") ? "Bird into the oven" : "Bird onto the heat",
      plan.stages.flatMap(({ fromMin, airC, when }) => (when ? [] : [`${t(airC)} from minute ${fromMin}`])).join(", "),
    ],
    rest: [
      "Expected out: check every centre, then rest",
      `probe left in; ${Object.entries(plan.targetC)
        .map(([centre, celsius]) => `${centre} ${t(celsius)}`)
        .join(", ")} to be seen before carving; rested ${restRange(schedule.restMin)}`,
    ],
    carve: [
      "Carve",
      plan.bird.cut === "parts"
        ? "breasts sliced across the grain; warm platter"
        : "breast off the bone, across the grain; warm platter",
    ],
    chill: [
      "Into shallow trays, into the fridge",
      "no deeper than two fingers, within two hours; drippings over the meat, covered once cold",
    ],
    table: ["To the table", "leftovers into the fridge within two hours"],
  };
}

/** What changes as a stage begins: what the hand does to the oven and the bird. */
export function stageWords({ stages, bird }: Pick<Plan, "stages" | "bird">, n: number, units: UnitSystem): string {
  const full = fullStages(stages, bird.cut);
  const [before, stage] = [full[n - 1], full[n]];
  if (!before || !stage) return "";
  const heat = formatTemperature(stage.airC, units);
  const changes = [
    stage.airC !== before.airC && `heat to ${heat}`,
    stage.shield !== before.shield &&
      (stage.shield === "none" ? "foil off" : `foil over the ${stage.shield === "all" ? "whole bird" : stage.shield}`),
    stage.wrap !== before.wrap && (stage.wrap === "foil" ? "wrap it tight" : "unwrap it"),
    stage.side !== before.side && `turn it breast ${stage.side}`,
    stage.surface !== before.surface && `onto the ${stage.surface.replace("-", " ")}`,
    stage.towardsHot !== before.towardsHot && `${stage.towardsHot} to the hot side`,
  ].filter((change) => change !== false);
  const text = changes.join(", ") || `heat stays at ${heat}`;
  return `${text[0]?.toUpperCase()}${text.slice(1)}`;
}

function choreWords(plan: Plan, { salt, seasoning, gravy }: DerivedPlan, { kind, n }: Chore, units: UnitSystem): Words {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  switch (kind) {
    case "water-change":
      return ["Change the water", "cold from the tap; the bird turned over"];
    case "mix-brine":
      return [
        `Mix the brine: ${small(salt.grams, units)} of salt${salt.sugarGrams > 0 ? `, ${small(salt.sugarGrams, units)} of sugar` : ""}`,
        `dissolved in ${liquid((salt.bath?.hotL ?? 0) * 1000, units)} of hot water; then the cold water and ${ice(salt.bath?.iceKg ?? 0, units)} of ice`,
      ];
    case "eve-check":
      return [
        "The eve's check",
        `${plan.bird.state === "fresh" ? "" : "a hand in the cavity: is there ice? then cold water tonight; "}oven empty and working, shelf set with the cold bird in its pan, knives, thermometer in ice water, which side is the breast, salt portioned and packets opened`,
      ];
    case "stock":
      return [
        "Stock on",
        `neck, giblets${plan.bird.cut === "spatchcock" || plan.bird.cut === "parts" ? ", backbone" : ""} and vegetables, simmered an hour; liver left out; no salt`,
      ];
    case "season":
      return [
        `Dress the bird: ${small(seasoning.fatGrams, units)} of fat${plan.season.fat === "under-skin" ? " under the skin" : plan.season.fat === "before" ? " over the skin" : " kept for later"}`,
        [
          seasoning.pasteGrams > 0 &&
            `${small(seasoning.pasteGrams, units)} of baking powder with as much water on the skin`,
          seasoning.baconGrams > 0 && "bacon over the breast",
          plan.bird.cavity === "stuffed" && "stuffing in, hot and loose, just before the oven",
          plan.bird.cavity === "aromatics" && "aromatics in, loosely",
          fullStages(plan.stages, plan.bird.cut)[0]?.shield === "breast" &&
            "the breast shield moulded on the cold bird and oiled",
          "no more salt",
        ]
          .filter(Boolean)
          .join("; "),
      ];
    case "counter":
      return ["Onto the counter", "out of the fridge; the two hours in the warm count from here"];
    case "stage": {
      const when = plan.stages[n]?.when;
      return [
        stageWords(plan, n, units),
        when ? `when the ${when.centre} shows ${t(when.reachesC)}; expected now` : "",
      ];
    }
    case "baste":
      return ["Baste", "quickly, door shut again at once"];
    case "glaze": {
      const at = glazeAtC(plan)[n - 1];
      return [
        `Glaze, pass ${n}: ${liquid(seasoning.glazeMl, units)}`,
        at ? `thin, when the ${at.centre} shows ${t(at.reachesC)}; expected now` : "",
      ];
    }
    case "fuel":
      return n === 1
        ? [`Light ${briquettesToStart(plan)} briquettes`, "bird on when the smoke is thin and blue"]
        : [`${briquettesPerHour(plan)} more briquettes`, "half on each side; lid shut again at once"];
    case "loosen":
      return [
        plan.roasted === "day-before"
          ? "Loosen the tray, strain and keep the drippings"
          : "Loosen the tray with water, strain",
        "cavity juices tipped in; hot juice and hot fat are a hazard; let the fat rise",
      ];
    case "thicken":
      return [
        `Gravy: ${liquid(gravy.finishedMl, units)}`,
        `${gravy.liquid}; ${plan.gravy === "starch" ? "starch stirred in cold" : "liquid into the roux slowly"}; bring to the boil; taste, only then salt; warm jug`,
      ];
  }
}

const SLOT_WORDS = {
  before: ", before the bird; warm it up at the end",
  with: ", beside the bird",
  rest: ", while the bird rests",
  tray: "",
} as const;

/** Everything that is to be done, in order. */
export function timetableOf(plan: Plan, derived: DerivedPlan, units: UnitSystem): TimetableRow[] {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const words = taskWords(plan, derived, units);
  const row = (
    key: TaskId | ChoreKind,
    id: string,
    { lane, startMs, endMs }: Pick<TimetableRow, "lane" | "startMs" | "endMs">,
    [what, detail]: Words,
  ): TimetableRow => {
    const alarmMin = ALARMS[key];
    return { id, startMs, endMs, lane, what, detail, ...(alarmMin !== undefined && { alarmMin }) };
  };
  const tasks = derived.schedule.tasks.map((task) => row(task.id, task.id, task, words[task.id]));
  const chores = derived.chores.map((chore) =>
    row(chore.kind, `${chore.kind}-${chore.n}`, chore, choreWords(plan, derived, chore, units)),
  );
  const dishes = derived.sides.map(
    ({ id, name, startMs, endMs, ovenC, slot }): TimetableRow => ({
      id: `side-${id}`,
      startMs,
      endMs,
      lane: ovenC === null && slot !== "tray" ? "board" : "heat",
      what: `${name}: start`,
      detail:
        slot === "tray"
          ? "into the bird's own tray, under the rack"
          : ovenC === null
            ? "on a ring"
            : `oven at ${t(ovenC)}${SLOT_WORDS[slot]}`,
      alarmMin: 5,
    }),
  );
  return [...tasks, ...chores, ...dishes].sort((a, b) => a.startMs - b.startMs);
}
