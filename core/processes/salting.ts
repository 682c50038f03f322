/**
 * Salting, in the fridge: dry salt that dissolves in the moisture it draws, a brine that gives up its salt, or brine
 * injected at sites; and the uncovered drying that follows. The bird's temperature goes on meanwhile.
 */
import { sizeOfM } from "../bird/mass";
import { REGION } from "../bird/regions";
import { PART_NAMES } from "../bird/solid";
import { constant } from "../constants";
import { QuantityError, requireBetween } from "../errors";
import { bathSurroundings, fridgeSurroundings } from "../heat/surroundings";
import { isBath } from "./bath";
import type { HistoryPoint, LivingBird } from "./bird";
import type { SaltShares } from "./saltField";

export const SALTING_METHODS = ["dry", "brine", "equilibrium", "injection"] as const;
export type SaltingMethod = (typeof SALTING_METHODS)[number];

export interface SaltingOptions {
  readonly method: SaltingMethod;
  /** Salt, kg: rubbed on, in the bath, or injected. */
  readonly saltKg: number;
  /** Water of the bath, kg; the water injected with the salt. */
  readonly waterKg?: number;
  readonly hours: number;
  readonly fridgeC: number;
  readonly everyMin?: number;
}

export interface SaltingDone {
  readonly shares: SaltShares;
  /** Salt left on the skin or in the bath, kg. */
  readonly leftKg: number;
  /** Salt by mass of the bath's water at the end, where there is a bath. */
  readonly brinePercent?: number;
}

const INJECTION_STEP_M = 0.03;

/** @throws QuantityError for salt, water or hours outside what the model was made for */
export function* salting(bird: LivingBird, options: SaltingOptions): Generator<HistoryPoint, SaltingDone> {
  const { method, saltKg, hours, fridgeC, everyMin = 60 } = options;
  requireBetween("salting time", hours, 0, 96, "h");
  requireBetween("salt", (saltKg / bird.body.massKg) * 100, 0, 40, "% of the bird's mass");
  requireBetween("fridge temperature", fridgeC, -2, 8, "°C");
  const waterKg = options.waterKg ?? 0;
  const inBath = isBath(method);
  if (inBath && !(waterKg >= 0.3 * bird.body.massKg)) {
    throw new QuantityError("water for the brine", waterKg, { kind: "rule", rule: "enough-water-for-the-bird" });
  }
  const { salt } = bird;
  const { surface } = bird.body.unit;
  const { copies } = salt;
  // Dry salt lies on the skin alone, evenly; a bath reaches the cavity too.
  const dry = Float64Array.from(surface.cell).fill(0);
  if (method === "dry") {
    const onSkin = (n: number): boolean => surface.region[n] !== REGION.cavity;
    let area = 0;
    surface.area.forEach((each, n) => {
      if (onSkin(n)) area += each;
    });
    surface.area.forEach((each, n) => {
      if (onSkin(n)) dry[n] = ((saltKg / copies) * each) / area;
    });
  } else if (method === "injection") inject(bird, saltKg / copies);
  const bath = inBath ? new SaltBath(bird, saltKg, waterKg) : null;
  const saturated = constant("brineSaturation");
  const cellArea = bird.body.cellSizeM ** 2;
  const until = bird.minute + hours * 60;
  let last = bird.note(fridgeC);
  yield last;
  while (bird.minute < until - 1e-9) {
    const step = Math.min(everyMin, until - bird.minute);
    const around = inBath
      ? bathSurroundings(fridgeC)
      : fridgeSurroundings(fridgeC, true, bird.solver.surface.meanFrontC("cavity"), sizeOfM(bird.body));
    last = bird.advance(step, around, fridgeC);
    if (bath) {
      bath.advance(step);
      yield last;
      continue;
    }
    salt.advance(
      step * 60,
      (n) => {
        if (method !== "dry") return Number.NaN;
        const left = dry[n] as number;
        if (!(left > 0)) return Number.NaN;
        // Salt that is left makes a brine with the moisture it has drawn, at most a saturated one.
        const moisture = constant("dryMoistureKgPerM2") * (surface.area[n] as number) * cellArea;
        return Math.min(saturated, left / moisture);
      },
      (n, kg) => {
        if (method === "dry") dry[n] = Math.max(0, (dry[n] as number) - kg);
      },
    );
    yield last;
  }
  const leftKg = bath ? bath.saltKg : method === "dry" ? copies * dry.reduce((sum, kg) => sum + kg, 0) : 0;
  return {
    shares: salt.shares(),
    leftKg,
    ...(inBath && { brinePercent: (100 * leftKg) / (leftKg + waterKg) }),
  };
}

/** A brine that gives its salt to a bird and grows weaker. */
export class SaltBath {
  private readonly startKg: number;
  constructor(
    private readonly bird: LivingBird,
    private readonly givenKg: number,
    private readonly waterKg: number,
  ) {
    this.startKg = bird.salt.takenUpKg;
  }
  /** Salt still in it. */
  get saltKg(): number {
    const { salt } = this.bird;
    return this.givenKg - salt.copies * (salt.takenUpKg - this.startKg);
  }
  advance(minutes: number): void {
    this.bird.salt.advance(
      minutes * 60,
      () => Math.max(0, this.saltKg) / this.waterKg,
      () => undefined,
    );
  }
}

/** Puts salt into breast and leg meat at sites a finger's breadth and a half apart. */
function inject(bird: LivingBird, saltKg: number): void {
  const { grid, part } = bird.body.unit;
  const { cellSizeM } = bird.body;
  const stride = Math.max(1, Math.round(INJECTION_STEP_M / cellSizeM));
  const meat = (["breast", "tenderloin", "thigh", "drumstick"] as const).map((name) => PART_NAMES.indexOf(name));
  const sites: number[] = [];
  const { nx, ny, runs } = grid;
  for (let r = 0; r < runs.length; r += 2) {
    for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) {
      const i = cell % nx;
      const j = Math.floor(cell / nx) % ny;
      const k = Math.floor(cell / (nx * ny));
      const onLattice = i % stride === 1 % stride && j % stride === 1 % stride && k % stride === 1 % stride;
      if (onLattice && meat.includes(part[cell] as number)) sites.push(cell);
    }
  }
  for (const cell of sites) bird.salt.addAt(cell, saltKg / sites.length);
}

/** Uncovered in the fridge: the skin dries, what salt there is goes on spreading. */
export function* drying(
  bird: LivingBird,
  { hours, fridgeC, everyMin = 60 }: { hours: number; fridgeC: number; everyMin?: number },
): Generator<HistoryPoint, void> {
  requireBetween("drying time", hours, 0, 96, "h");
  const until = bird.minute + hours * 60;
  yield bird.note(fridgeC);
  while (bird.minute < until - 1e-9) {
    const step = Math.min(everyMin, until - bird.minute);
    const point = bird.advance(
      step,
      fridgeSurroundings(fridgeC, true, bird.solver.surface.meanFrontC("cavity"), sizeOfM(bird.body)),
      fridgeC,
    );
    if (bird.isSalted) {
      bird.salt.advance(
        step * 60,
        () => Number.NaN,
        () => undefined,
      );
    }
    yield point;
  }
}

/**
 * Salt share when a bath has come to rest: the salt spread over the water of bath and meat alike.
 * @returns per cent of the meat's mass
 */
export function equilibriumPercent(meatKg: number, meatWaterKg: number, saltKg: number, waterKg: number): number {
  const inWater = saltKg / (waterKg + meatWaterKg);
  return (100 * inWater * meatWaterKg) / meatKg;
}
