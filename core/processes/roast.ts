/** A bird in an oven, from the state it is in to a target or a time, with its history. */
import type { Body } from "../bird/body";
import type { CentrePart } from "../bird/shape";
import { CENTRE_PARTS } from "../bird/shape";
import { QuantityError, requireBetween } from "../errors";
import { HeatSolver, type PointStencil, pointStencil, readAt } from "../heat/solver";
import {
  type HeatSource,
  type OvenTraits,
  ovenSurroundings,
  type Surroundings,
  USUAL_OVEN,
} from "../heat/surroundings";
import { Lethality } from "../safety/lethality";
import { constant } from "../sources";

/** The dial from a minute on. */
export interface OvenStage {
  readonly fromMin: number;
  readonly airC: number;
}

export interface HistoryPoint {
  readonly minute: number;
  readonly airC: number;
  readonly breastC: number;
  readonly thighC: number;
  readonly coldestC: number;
}

/** @throws QuantityError when a stage is out of order or out of range. */
export function checkStages(stages: readonly OvenStage[]): void {
  if (stages[0]?.fromMin !== 0)
    throw new QuantityError("first oven stage", stages[0]?.fromMin, "a stage that starts at minute 0");
  stages.forEach((stage, n) => {
    requireBetween("oven temperature", stage.airC, 60, 300, "°C");
    requireBetween("start of an oven stage", stage.fromMin, 0, 24 * 60, "min");
    const before = stages[n - 1];
    if (before && stage.fromMin <= before.fromMin) {
      throw new QuantityError(
        "start of an oven stage",
        stage.fromMin,
        `later than ${before.fromMin} min, the stage before it`,
      );
    }
  });
}

/** Air in a preheated oven at a minute: each change of the dial is followed with the oven's lag. */
export function ovenAirC(stages: readonly OvenStage[], minute: number): number {
  const lag = constant("ovenLagMin");
  let airC = stages[0]?.airC ?? Number.NaN;
  stages.forEach(({ fromMin, airC: dialC }, n) => {
    if (fromMin > minute) return;
    const until = Math.min(minute, stages[n + 1]?.fromMin ?? minute);
    airC = dialC + (airC - dialC) * Math.exp(-(until - fromMin) / lag);
  });
  return airC;
}

/** A solver with what is watched on the way: both thermal centres, the coldest point and its lethality. */
export class WatchedBird {
  readonly solver: HeatSolver;
  readonly history: HistoryPoint[] = [];
  readonly lethality = new Lethality();
  private readonly stencils: Record<CentrePart, PointStencil>;
  minute = 0;
  /** Followed instead of the coldest cell; −1 while the coldest is sought anew each time. */
  followedCell = -1;

  constructor(readonly body: Body) {
    this.solver = new HeatSolver(body);
    this.stencils = Object.fromEntries(
      CENTRE_PARTS.map((part) => [part, pointStencil(body, body.unit.centres[part])]),
    ) as Record<CentrePart, PointStencil>;
  }

  centreC(part: CentrePart): number {
    return readAt(this.solver.temperatureC, this.stencils[part]);
  }

  /** The coldest cell, or the one that was coldest when {@link followColdest} was called. */
  coldest(): { cell: number; celsius: number } {
    if (this.followedCell < 0) return this.solver.coldest();
    return { cell: this.followedCell, celsius: this.solver.temperatureC[this.followedCell] as number };
  }

  /** From here on the skin cools, and the coldest cell would soon be skin that was long done: follow the least done. */
  followColdest(): void {
    this.followedCell = this.solver.coldest().cell;
  }

  /** Adds the present state to the history. */
  note(airC: number): HistoryPoint {
    const point = {
      minute: this.minute,
      airC,
      breastC: this.centreC("breast"),
      thighC: this.centreC("thigh"),
      coldestC: this.coldest().celsius,
    };
    this.history.push(point);
    return point;
  }

  advance(minutes: number, surroundings: Surroundings): HistoryPoint {
    this.solver.advance(minutes * 60, surroundings);
    this.minute += minutes;
    const point = this.note(surroundings.airC);
    this.lethality.add(point.coldestC, minutes);
    return point;
  }
}

export interface RoastOptions {
  readonly stages: readonly OvenStage[];
  readonly traits?: OvenTraits;
  readonly source?: HeatSource;
  /** Minutes between points of the history. */
  readonly everyMin?: number;
  readonly longestMin?: number;
}

export const LONGEST_ROAST_MIN = 16 * 60;

/**
 * Roasts step by step, yielding the history point after each; the caller stops when it has seen enough.
 * Ends by itself after `longestMin`.
 */
export function* roasting(bird: WatchedBird, options: RoastOptions): Generator<HistoryPoint, void> {
  const { stages, traits = USUAL_OVEN, source = "oven", everyMin = 1, longestMin = LONGEST_ROAST_MIN } = options;
  checkStages(stages);
  if (bird.history.length === 0) yield bird.note(ovenAirC(stages, 0) + traits.offsetK);
  while (bird.minute < longestMin) {
    const air = ovenAirC(stages, bird.minute + everyMin / 2);
    yield bird.advance(everyMin, ovenSurroundings(air, traits, source));
  }
}
