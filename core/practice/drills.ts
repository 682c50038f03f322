/** Drills of two minutes: questions by a seed, with what is right. Deterministic: the same seed, the same questions. */
import type { DrawingView } from "../bird/drawing";
import type { Cut } from "../bird/form";
import { massRangeKg } from "../bird/mass";
import type { Centre } from "../bird/solid";
import { SPECIES, type Species } from "../bird/species";
import { evenNumbers } from "../chance";
import { type CarveStepId, carveSteps } from "../kitchen/carveGuides";
import { gramsPerTeaspoon, type SaltKind } from "../kitchen/salt";

export const DRILLS = ["thickest", "both-probes", "breast-side", "knife-order", "spoons", "is-it-done"] as const;
export type DrillId = (typeof DRILLS)[number];

/** A bird to push a thermometer into, and where. */
export interface PlaceQuestion {
  readonly species: Species;
  readonly cut: Cut;
  readonly massKg: number;
  readonly centres: readonly Centre[];
}

const PLACED_BIRDS = [
  { species: "turkey", cut: "whole" },
  { species: "chicken", cut: "whole" },
  { species: "duck", cut: "whole" },
  { species: "turkey", cut: "spatchcock" },
  { species: "chicken", cut: "spatchcock" },
  { species: "turkey", cut: "crown" },
  { species: "goose", cut: "whole" },
] as const;

/** @param count of birds @param both breast and thigh of each; else one of them in turn */
export function placeQuestions(seed: number, count: number, both: boolean): readonly PlaceQuestion[] {
  const next = evenNumbers(seed);
  const birds = both ? PLACED_BIRDS.filter(({ cut }) => cut !== "crown") : PLACED_BIRDS;
  return Array.from({ length: count }, (_, n): PlaceQuestion => {
    const { species, cut } = birds[Math.floor(next() * birds.length)] as (typeof PLACED_BIRDS)[number];
    const [least, most] = massRangeKg(species, cut);
    const massKg = Math.round(10 * (least + (0.2 + 0.5 * next()) * (most - least))) / 10;
    const one: Centre = cut === "crown" || n % 2 === 0 ? "breast" : "thigh";
    return { species, cut, massKg, centres: both ? ["breast", "thigh"] : [one] };
  });
}

/** A tip so near the deepest meat is in the right place, mm: a tip's own length. */
export const PLACED_WITHIN_MM = 10;

export interface SideQuestion {
  readonly species: Species;
  readonly view: Extract<DrawingView, "breast" | "back">;
}

export function sideQuestions(seed: number, count: number): readonly SideQuestion[] {
  const next = evenNumbers(seed);
  return Array.from({ length: count }, () => ({
    species: SPECIES[Math.floor(next() * SPECIES.length)] as Species,
    view: next() < 0.5 ? ("breast" as const) : ("back" as const),
  }));
}

function shuffled<Item>(items: readonly Item[], next: () => number): Item[] {
  const left = [...items];
  return items.map(() => left.splice(Math.floor(next() * left.length), 1)[0] as Item);
}

/** Steps of the knife out of their order, and in it. */
export function knifeQuestion(seed: number): {
  readonly mixed: readonly CarveStepId[];
  readonly right: readonly CarveStepId[];
} {
  const right = carveSteps("turkey", "whole").map(({ id }) => id);
  const next = evenNumbers(seed);
  let mixed = shuffled(right, next);
  while (mixed.every((id, n) => id === right[n])) mixed = shuffled(right, next);
  return { mixed, right };
}

export interface SpoonQuestion {
  readonly kind: SaltKind;
  readonly teaspoons: number;
  readonly grams: number;
  /** In rising order; one of them is right, and no other is near it. */
  readonly choices: readonly number[];
}

const SPOONED: readonly SaltKind[] = ["table", "light-flake", "dense-flake"];
/** Teaspoons, and tablespoons of three. */
const SPOONS = [2, 3, 6, 9, 12] as const;
/** Answers that are nearer than this to the right one are not wrong. */
const APART_SHARE = 0.25;
const WRONG_SHARES = [0.5, 0.7, 1.4, 1.9] as const;

export function spoonQuestions(seed: number, count: number): readonly SpoonQuestion[] {
  const next = evenNumbers(seed);
  return Array.from({ length: count }, (_, n) => {
    const kind = SPOONED[n % SPOONED.length] as SaltKind;
    const teaspoons = SPOONS[Math.floor(next() * SPOONS.length)] as number;
    const grams = Math.round(teaspoons * gramsPerTeaspoon(kind));
    const wrong = shuffled(WRONG_SHARES, next)
      .map((share) => Math.round(grams * share))
      .filter((each) => Math.abs(each / grams - 1) > APART_SHARE);
    return { kind, teaspoons, grams, choices: [grams, ...new Set(wrong)].slice(0, 4).sort((a, b) => a - b) };
  });
}

export const VERDICTS = ["done", "not-done", "read-again"] as const;
export type Verdict = (typeof VERDICTS)[number];
export interface DoneQuestion {
  /** Read in these places one after the other, °C. */
  readonly readings: readonly { readonly place: "left breast" | "right breast" | "thigh"; readonly celsius: number }[];
  readonly right: Verdict;
}

/** Two sides of one bird differ by no more than this; a reading beside that is not of the deepest meat (chosen). */
const SIDES_APART_K = 6;

/** @param targetC what the cook's guideline asks of every place */
export function doneQuestions(seed: number, count: number, targetC: number): readonly DoneQuestion[] {
  const next = evenNumbers(seed);
  return Array.from({ length: count }, (_, n): DoneQuestion => {
    const right = VERDICTS[(n + Math.floor(3 * next())) % 3] as Verdict;
    const past = (k: number): number => Math.round(targetC + k);
    const [a, b, c] = [4 * next(), 4 * next(), 4 * next()] as const;
    const celsius: readonly [number, number, number] =
      right === "done"
        ? [past(a), past(b), past(2 + c)]
        : right === "not-done"
          ? [past(a / 2), past(-2 - b / 2), past(2 + c)]
          : [past(1 + a), past(1 - SIDES_APART_K - 4 - b), past(2 + c)];
    const places = ["left breast", "right breast", "thigh"] as const;
    return { readings: places.map((place, k) => ({ place, celsius: celsius[k] as number })), right };
  });
}

/** What a drill came to. */
export interface DrillResult {
  readonly drill: DrillId;
  readonly right: number;
  readonly of: number;
  /** Of thermometers that were placed: the median of how far off, mm, and of what they would have shown too much, K. */
  readonly offMm?: number;
  readonly offK?: number;
}
