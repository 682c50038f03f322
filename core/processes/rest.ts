/** A bird at rest, from the state the oven has left it in. */
import type { Centre, CentreTemperatures } from "../bird/solid";
import { constant } from "../constants";
import { requireBetween } from "../errors";
import type { Cover } from "../heat/covers";
import { restSurroundings } from "../heat/surroundings";
import type { HistoryPoint, LivingBird } from "./bird";

export interface RestOptions {
  readonly minutes: number;
  readonly cover: Cover;
  readonly dryingShare?: number;
  readonly everyMin?: number;
}

export interface Peak {
  readonly celsius: number;
  readonly minute: number;
}

export interface RestDone {
  readonly peak: Partial<Record<Centre, Peak>>;
  readonly atEnd: HistoryPoint;
}

/** Highest of each centre, °C. */
export const peakTemperatures = (peak: RestDone["peak"]): CentreTemperatures =>
  Object.fromEntries(Object.entries(peak).map(([centre, { celsius }]) => [centre, celsius]));

const PIECE_KG = 0.8;
const SMALL_KG = 3;
const LARGE_KG = 8;
/**
 * Rest that even a late bird gets, and the rest aimed at, min: a small bird cools faster, a piece at once.
 * @param boughtKg of one bird
 */
export function restFor(boughtKg: number): { readonly shortestMin: number; readonly usualMin: number } {
  if (boughtKg < PIECE_KG) return { shortestMin: 5, usualMin: constant("pieceRestMin") };
  if (boughtKg < SMALL_KG) return { shortestMin: 15, usualMin: constant("smallRestMin") };
  if (boughtKg > LARGE_KG) return { shortestMin: 30, usualMin: constant("largeRestMin") };
  return { shortestMin: constant("shortestRestMin"), usualMin: constant("usualRestMin") };
}

/** Rests step by step, yielding each history point. @throws QuantityError for a rest outside 0 to 240 min */
export function* resting(bird: LivingBird, options: RestOptions): Generator<HistoryPoint, RestDone> {
  const { minutes, cover, dryingShare = 1, everyMin = 1 } = options;
  requireBetween("rest", minutes, 0, 240, "min");
  const { surface } = bird.solver;
  const until = bird.minute + minutes;
  bird.followColdest();
  let last = bird.history.at(-1) ?? bird.note(constant("kitchenC"));
  const peak = Object.fromEntries(
    bird.centres.map((centre) => [centre, { celsius: last.centresC[centre] as number, minute: last.minute }]),
  ) as Partial<Record<Centre, Peak>>;
  while (bird.minute < until - 1e-9) {
    const skinC = surface.meanFrontC("skin", "breast", "tips");
    const kitchenC = constant("kitchenC");
    // Light air in a closed box comes to a balance at once between the bird and the box's own losses.
    const boxC = skinC - constant("boxLossShare") * (skinC - kitchenC);
    const around = restSurroundings(cover, surface.meanFrontC("cavity"), boxC, dryingShare);
    const step = Math.min(everyMin, until - bird.minute);
    last = bird.advance(step, around, kitchenC);
    for (const centre of bird.centres) {
      const celsius = last.centresC[centre] as number;
      if (celsius > (peak[centre]?.celsius ?? 0)) peak[centre] = { celsius, minute: last.minute };
    }
    yield last;
  }
  return { peak, atEnd: last };
}
