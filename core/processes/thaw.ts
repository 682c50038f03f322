/** Thawing: fridge air, cold water with changes, or brine, until the last ice in the meat is gone. */
import { sizeOfM } from "../bird/mass";
import { constant } from "../constants";
import { requireBetween } from "../errors";
import { bathSurroundings, fridgeSurroundings } from "../heat/surroundings";
import { DAY_MIN } from "../units/time";
import type { HistoryPoint, LivingBird } from "./bird";
import type { ThawPlace } from "./ice";

export type ThawMedium = Exclude<ThawPlace, "none">;

export interface ThawOptions {
  readonly medium: ThawMedium;
  /** Fridge air, tap water at each change, or brine, °C. */
  readonly mediumC: number;
  /** Minutes between changes of water; brine is not changed. */
  readonly changeEveryMin?: number;
  readonly everyMin?: number;
  readonly longestMin?: number;
  /** Stops while so much of the bird is still ice; 0 goes on to the last of it. */
  readonly untilIceShare?: number;
}

export interface ThawDone {
  readonly kind: "thawed";
  readonly hours: number;
  /** The longest that the warmest part of the skin was above 4 °C, min. */
  readonly surfaceWarmMin: number;
  readonly changes: number;
}

/** Share of a bird's freezable water that is ice: Schwartzberg's 1 − Tf/T in every cell. */
export function iceShareOf({ solver, body }: LivingBird): number {
  const { runs } = body.unit.grid;
  const freezingC = constant("freezingPointC");
  let ice = 0;
  let cells = 0;
  for (let r = 0; r < runs.length; r += 2) {
    for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) {
      const celsius = solver.temperatureC[cell] as number;
      if (celsius < freezingC) ice += 1 - freezingC / celsius;
      cells++;
    }
  }
  return ice / cells;
}
/** One temperature at which a whole bird holds so much ice: what coarse birds start from. */
export const meanFrozenC = (iceShare: number): number => constant("freezingPointC") / (1 - iceShare);

/** An expected failure: the medium is too cold, or the time ran out. */
export interface StillFrozen {
  readonly kind: "still-frozen";
  readonly coldestC: number;
  readonly afterHours: number;
}

const LONGEST_MIN = 14 * DAY_MIN;
/**
 * In a fortnight a seventh of what frozen meat needs to thaw (some 200 kJ/kg): where a day brings no more than this, the
 * days after it bring less still.
 */
const SETTLED_J_PER_KG_DAY = 2000;
const WATER_HEAT_J_PER_KG_K = 4186;
/** How far the air on the shelf goes towards its balance in one step: it follows in minutes, damped for steadiness. */
const SHELF_SHARE = 0.5;
const EVERY_MIN = { fridge: 60, water: 10, brine: 20 } as const;

/**
 * Thaws the bird from the state it is in, yielding each history point.
 * @throws QuantityError for a medium outside its range
 */
export function* thawing(bird: LivingBird, options: ThawOptions): Generator<HistoryPoint, ThawDone | StillFrozen> {
  const { medium, mediumC, everyMin = EVERY_MIN[medium], longestMin = LONGEST_MIN, untilIceShare = 0 } = options;
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
  let dayFrom = { minute: from, heatInJ: solver.heatInJ };
  let last = bird.note(mediumC);
  yield last;
  const stillFrozen = (): StillFrozen => ({
    kind: "still-frozen",
    coldestC: last.coldestC,
    afterHours: (bird.minute - from) / 60,
  });
  while (last.coldestC < thawedC && (untilIceShare === 0 || iceShareOf(bird) > untilIceShare)) {
    if (bird.minute - dayFrom.minute >= DAY_MIN) {
      const dayJ = copies * (solver.heatInJ - dayFrom.heatInJ);
      if (dayJ < SETTLED_J_PER_KG_DAY * body.massKg) return stillFrozen();
      dayFrom = { minute: bird.minute, heatInJ: solver.heatInJ };
    }
    if (bird.minute - from >= longestMin) return stillFrozen();
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
