/** Thawing: fridge air, cold water with changes, or brine, until the last ice in the meat is gone. */
import { sizeOfM } from "../bird/body";
import { requireBetween } from "../errors";
import { bathSurroundings, fridgeSurroundings } from "../heat/surroundings";
import { constant } from "../sources";
import type { HistoryPoint, LivingBird } from "./bird";

export type ThawMedium = "fridge" | "water" | "brine";

export interface ThawOptions {
  readonly medium: ThawMedium;
  /** Fridge air, tap water at each change, or brine, °C. */
  readonly mediumC: number;
  /** Minutes between changes of water; brine is not changed. */
  readonly changeEveryMin?: number;
  readonly everyMin?: number;
  readonly longestMin?: number;
}

export interface ThawDone {
  readonly kind: "thawed";
  readonly hours: number;
  /** The longest that the warmest part of the skin was above 4 °C, min. */
  readonly surfaceWarmMin: number;
  readonly changes: number;
}
/** An expected failure: the medium is too cold, or the time ran out. */
export interface StillFrozen {
  readonly kind: "still-frozen";
  readonly coldestC: number;
  readonly afterHours: number;
}

const LONGEST_MIN = 14 * 24 * 60;
const WATER_HEAT_J_PER_KG_K = 4186;
/** How far the air on the shelf goes towards its balance in one step: it follows in minutes, damped for steadiness. */
const SHELF_SHARE = 0.5;
const EVERY_MIN = { fridge: 60, water: 10, brine: 20 } as const;

/**
 * Thaws the bird from the state it is in, yielding each history point.
 * @throws QuantityError for a medium outside its range
 */
export function* thawing(bird: LivingBird, options: ThawOptions): Generator<HistoryPoint, ThawDone | StillFrozen> {
  const { medium, mediumC, everyMin = EVERY_MIN[medium], longestMin = LONGEST_MIN } = options;
  if (medium === "fridge") requireBetween("fridge temperature", mediumC, -2, 8, "°C");
  else if (medium === "water") requireBetween("water temperature", mediumC, 0, 21, "°C");
  else requireBetween("brine temperature", mediumC, -6, 8, "°C");
  const changeEvery = options.changeEveryMin ?? constant("waterChangeMin");
  requireBetween("minutes between changes of water", changeEvery, 5, 24 * 60, "min");
  const { solver, body } = bird;
  const copies = body.unit.grid.mirrored ? 2 : 1;
  const bathHeat = body.massKg * constant("bathPerBirdKgPerKg") * WATER_HEAT_J_PER_KG_K;
  const from = bird.minute;
  // Ice is gone where the temperature has left the freezing point behind; the table's own step is 0.1 K.
  const thawedC = constant("freezingPointC") - 0.02;
  let bathC = mediumC;
  // A frozen bird makes its own corner of the fridge colder than the dial says.
  let shelfC = mediumC;
  let sinceChange = 0;
  let changes = 0;
  let surfaceWarmMin = 0;
  let last = bird.note(mediumC);
  yield last;
  while (last.coldestC < thawedC) {
    if (bird.minute - from >= longestMin) {
      return { kind: "still-frozen", coldestC: last.coldestC, afterHours: longestMin / 60 };
    }
    const before = solver.heatInJ;
    const around =
      medium === "fridge"
        ? fridgeSurroundings(shelfC, false, solver.surface.meanFrontC("cavity"), sizeOfM(body))
        : bathSurroundings(bathC, medium === "water");
    last = bird.advance(everyMin, around, medium === "fridge" ? shelfC : bathC);
    const takenJ = copies * (solver.heatInJ - before);
    bathC -= takenJ / bathHeat;
    const balanceC = mediumC - takenJ / (everyMin * 60) / constant("shelfAirWPerK");
    shelfC += SHELF_SHARE * (Math.max(balanceC, last.coldestC) - shelfC);
    sinceChange += everyMin;
    if (medium === "water" && sinceChange >= changeEvery - 1e-9) {
      bathC = mediumC;
      sinceChange = 0;
      changes++;
    } else if (medium === "brine") {
      // A brine stands in the fridge or on ice, which hold it where it was.
      bathC = mediumC;
    }
    if (solver.surface.hottestFrontC() > constant("zoneLowC")) surfaceWarmMin += everyMin;
    yield last;
  }
  return { kind: "thawed", hours: (bird.minute - from) / 60, surfaceWarmMin, changes };
}
