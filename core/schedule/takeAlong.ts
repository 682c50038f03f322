/** The plan on paper: what to buy, weigh and lay out, and the day's timetable. Data with plain words; no dates are written here. */
import { ovenMassKg } from "../bird/body";
import type { Plan } from "../formats/roast";
import { bathFor, SALT_SHARES } from "../kitchen/brining";
import { stockWaterMl } from "../kitchen/gravy";
import { formatSpoons, SALT_NAMES } from "../kitchen/salt";
import { formatMass, formatTemperature, type UnitSystem } from "../units/quantity";
import type { Lane, TaskId } from "./backward";
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

const SPECIES_WORD = { turkey: "turkey", chicken: "chicken", duck: "duck" } as const;
const CUT_WORD: Record<Plan["bird"]["cut"], string> = {
  whole: "whole",
  spatchcock: "whole, to be spatchcocked",
  parts: "whole, to be jointed",
  crown: "crown",
  "boneless-breast": "boneless breast",
  "leg-roll": "boned and rolled leg",
};
const tens = (value: number): number => Math.round(value / 10) * 10;
const liquid = (ml: number, units: UnitSystem): string =>
  units === "us" ? `${(ml / 236.6).toFixed(1)} cups` : ml < 1000 ? `${tens(ml)} mL` : `${(ml / 1000).toFixed(1)} L`;
const small = (grams: number, units: UnitSystem): string =>
  units === "us" ? `${(grams / 28.35).toFixed(1)} oz` : `${Math.round(grams)} g`;

export function listsOf(plan: Plan, { salt, gravy, toBuyKg, portions }: DerivedPlan, units: UnitSystem): Lists {
  const { bird } = plan;
  const forTable = `for ${portions.heads} at the table about ${formatMass(toBuyKg, units)}; this one gives ${small(portions.eachKg * 1000, units)} of cooked meat a head`;
  const stockMl = gravy.liquid === "water" ? 0 : gravy.liquid === "stock" ? gravy.liquidMl : gravy.liquidMl / 2;
  const ovenKg = ovenMassKg(bird.massKg, bird.species, bird.cut);
  const starch = plan.gravy === "starch";
  return {
    buy: [
      {
        what: `${SPECIES_WORD[bird.species]}, ${CUT_WORD[bird.cut]}, ${bird.state}`,
        amount: formatMass(bird.massKg, units),
        why: forTable,
      },
      ...(salt.grams > 0 ? [{ what: SALT_NAMES[salt.kind], amount: small(salt.grams, units) }] : []),
      { what: "oil or soft butter for the skin", amount: small(ovenKg * 8, units) },
      { what: starch ? "starch for the gravy" : "flour for the gravy", amount: small(gravy.thickenerGrams, units) },
      ...(gravy.fatGrams > 0
        ? [
            {
              what: "fat for the roux",
              amount: small(gravy.fatGrams, units),
              why: "skimmed from the drippings, or butter",
            },
          ]
        : []),
      ...(stockMl > 0
        ? [
            {
              what: "stock, unsalted",
              amount: liquid(stockMl, units),
              why: `from neck, giblets and bones with ${liquid(stockWaterMl(stockMl), units)} of water, simmered an hour`,
            },
          ]
        : []),
      ...plan.sides.map(({ name }) => ({ what: name, amount: `for ${portions.heads}` })),
    ],
    weigh: [
      ...(salt.grams > 0
        ? [
            {
              what: `${SALT_NAMES[salt.kind]} for the bird`,
              amount: `${small(salt.grams, units)}, ${formatSpoons(salt.teaspoons)}`,
              why: `portioned before raw hands touch anything: ${SALT_SHARES.map(({ where, share }) => `${where} ${small(salt.grams * share, units)}`).join(", ")}`,
            },
          ]
        : [{ what: "no salt: the bird was sold salted", amount: "" }]),
      { what: starch ? "starch, put in cold" : "flour, with as much fat", amount: small(gravy.thickenerGrams, units) },
      {
        what: `liquid for the gravy: ${gravy.liquid}`,
        amount: liquid(gravy.liquidMl, units),
        why: `with about ${liquid(gravy.drippingsMl, units)} of drippings; taste before salting`,
      },
    ],
    kit: [
      { what: "thermometer, checked in ice water", amount: "" },
      { what: bird.cut === "whole" || bird.cut === "spatchcock" ? "rack over a low tray" : "low tray", amount: "" },
      { what: "foil, two towels, warm platter and jug", amount: "" },
      ...(bird.cut === "spatchcock" || bird.cut === "parts"
        ? [{ what: "poultry shears and a heavy knife", amount: "" }]
        : []),
      ...(bird.state === "frozen" && plan.thawIn === "water"
        ? [{ what: "tub for the thaw, at least", amount: liquid(bathFor(ovenKg, true).containerL * 1000, units) }]
        : []),
      { what: "carving knife, sharpened; board with a groove", amount: "" },
      { what: "room in the fridge: the bird on its rack, uncovered", amount: "" },
    ],
  };
}

const ALARMS: Partial<Record<TaskId, number>> = { thaw: 0, salt: 0, dry: 0, preheat: 0, roast: 10, rest: 15, carve: 5 };

/** Everything that is to be done, in order. */
export function timetableOf(
  plan: Plan,
  { schedule, salt, sides, gravy }: DerivedPlan,
  units: UnitSystem,
): TimetableRow[] {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const words: Record<TaskId, readonly [what: string, detail: string]> = {
    thaw:
      plan.thawIn === "fridge"
        ? ["Thaw in the fridge", "in its wrapping, in a tray, at 4 °C or below"]
        : ["Thaw in cold water", "in a closed bag, water changed every 30 minutes; cook at once after"],
    salt: [
      `Salt it all over: ${Math.round(salt.grams)} g`,
      `${formatSpoons(salt.teaspoons)} ${SALT_NAMES[salt.kind]}; giblets out of both ends, pat dry, do not wash`,
    ],
    dry: ["Uncover on a rack in the fridge", "for dry skin"],
    preheat: [`Oven on at ${t(plan.stages[0]?.airC ?? 0)}`, "rack set, oven empty"],
    roast: [
      "Bird into the oven",
      plan.stages.map(({ fromMin, airC }) => `${t(airC)} from minute ${fromMin}`).join(", "),
    ],
    rest: [
      "Expected out: check every centre, then rest",
      `probe left in; ${Object.entries(plan.targetC)
        .map(([centre, celsius]) => `${centre} ${t(celsius)}`)
        .join(", ")} to be seen before carving`,
    ],
    carve: ["Carve", "breast off the bone, across the grain; warm platter"],
    table: ["To the table", "leftovers into the fridge within two hours"],
  };
  const own = schedule.tasks.map(({ id, lane, startMs, endMs }): TimetableRow => {
    const [what, detail] = words[id];
    const alarmMin = ALARMS[id];
    return { id, startMs, endMs, lane, what, detail, ...(alarmMin !== undefined && { alarmMin }) };
  });
  const turns = plan.stages.slice(1).flatMap(({ fromMin, airC, when }, n): TimetableRow[] => {
    if (when) return [];
    const startMs = schedule.inAtMs + fromMin * 60_000;
    return [
      {
        id: `stage-${n + 1}`,
        startMs,
        endMs: startMs,
        lane: "heat",
        what: `Oven to ${t(airC)}`,
        detail: "",
        alarmMin: 0,
      },
    ];
  });
  const dishes = sides.map(
    ({ id, name, startMs, endMs, ovenC, slot }): TimetableRow => ({
      id: `side-${id}`,
      startMs,
      endMs,
      lane: ovenC === null ? "board" : "heat",
      what: `${name}: start`,
      detail:
        ovenC === null
          ? "on a ring"
          : `oven at ${t(ovenC)}${slot === "before" ? ", before the bird; warm it up at the end" : slot === "with" ? ", beside the bird" : ", while the bird rests"}`,
      alarmMin: 5,
    }),
  );
  const gravyStart = schedule.carveAtMs - 20 * 60_000;
  const gravyRow: TimetableRow = {
    id: "gravy",
    startMs: gravyStart,
    endMs: schedule.carveAtMs,
    lane: "board",
    what: `Gravy: ${liquid(gravy.finishedMl, units)}`,
    detail: `loosen the tray, strain, let fat rise; ${gravy.liquid}; bring to the boil; taste, only then salt`,
    alarmMin: 0,
  };
  return [...own, ...turns, ...dishes, gravyRow].sort((a, b) => a.startMs - b.startMs);
}
