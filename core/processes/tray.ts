/**
 * Carved meat in a tray: cooling it in the fridge against the cooling rule, and heating it again under cover.
 * A tray is a slab of cooked meat, solved like any other body.
 */

import { viewOf } from "../bird/exposure";
import { roundBox } from "../bird/fields";
import { sizeOfM } from "../bird/mass";
import type { Solid } from "../bird/solid";
import { voxelise } from "../bird/voxelise";
import { constant } from "../constants";
import { QuantityError, requireBetween } from "../errors";
import { HeatSolver } from "../heat/solver";
import { type PointStencil, pointStencil, readAt } from "../heat/stencil";
import { everywhere, fridgeSurroundings, kitchenAir, type Surroundings, wrapped } from "../heat/surroundings";

export interface TrayPoint {
  readonly minute: number;
  readonly airC: number;
  readonly middleC: number;
}

export interface TrayOptions {
  readonly massKg: number;
  /** Depth of the meat in the tray, m. */
  readonly depthM: number;
  readonly covered: boolean;
  readonly everyMin?: number;
}

const CELL_M = 0.005;
/** A tray is half as wide again as it is deep from front to back. */
const PROPORTION = 1.5;
const DENSITY_KG_PER_M3 = 1050;

/** A tray of carved meat with its temperatures. */
export class Tray {
  readonly solver: HeatSolver;
  readonly history: TrayPoint[] = [];
  readonly covered: boolean;
  readonly sizeM: number;
  minute = 0;
  private readonly middle: PointStencil;

  /** @throws QuantityError for a mass outside 0.2 to 8 kg or a depth outside 1 to 12 cm */
  constructor({ massKg, depthM, covered }: TrayOptions) {
    requireBetween("meat in the tray", massKg, 0.2, 8, "kg");
    requireBetween("depth of the meat in the tray", depthM * 100, 1, 12, "cm");
    const area = massKg / DENSITY_KG_PER_M3 / depthM;
    const halfX = Math.sqrt(area * PROPORTION) / 2;
    const halfY = halfX / PROPORTION;
    const box = roundBox([0, 0, depthM / 2], [halfX, halfY, depthM / 2], Math.min(0.008, depthM / 4));
    const solid: Solid = {
      parts: [{ name: "breast", tissue: "cookedMeat", field: box }],
      body: box,
      bounds: { low: [0, -halfY, 0], high: [halfX, halfY, depthM] },
    };
    const cellM = Math.min(CELL_M, depthM / 6);
    const unit = voxelise(solid, cellM);
    this.solver = new HeatSolver({ unit, cellSizeM: cellM });
    this.solver.surface.look(viewOf(unit.grid, unit.surface, { side: "up", neighbours: 0 }));
    this.middle = pointStencil({ unit }, [0, 0, depthM / 2]);
    this.covered = covered;
    this.sizeM = sizeOfM({ massKg });
  }

  middleC(): number {
    return readAt(this.solver.temperatureC, this.middle);
  }

  advance(minutes: number, around: Surroundings, airC: number): TrayPoint {
    this.solver.advance(minutes * 60, around);
    this.minute += minutes;
    const point = { minute: this.minute, airC, middleC: this.middleC() };
    this.history.push(point);
    return point;
  }
}

export interface ChillDone {
  /** Minutes from 57 to 21 °C, and from 57 to 5 °C; null while not reached in a day. */
  readonly to21Min: number | null;
  readonly to5Min: number | null;
  /** Two hours to 21 °C and six in all to 5 °C. */
  readonly keepsTheRule: boolean;
}

const LONGEST_CHILL_MIN = 24 * 60;

/**
 * Carved and set to cool.
 * @param startC temperature of the meat as it is put into the tray
 * @param onCounterMin minutes on the counter before the fridge
 */
export function* chilling(
  tray: Tray,
  {
    startC,
    fridgeC,
    onCounterMin = 20,
    everyMin = 5,
  }: { startC: number; fridgeC: number; onCounterMin?: number; everyMin?: number },
): Generator<TrayPoint, ChillDone> {
  requireBetween("fridge temperature", fridgeC, -2, 8, "°C");
  requireBetween("minutes on the counter", onCounterMin, 0, 24 * 60, "min");
  tray.solver.startAt(startC);
  const from = tray.minute;
  const crossed = { from: constant("coolingFromC"), first: constant("coolingFirstC"), last: constant("coolingLastC") };
  let startMin: number | null = startC <= crossed.from ? 0 : null;
  let to21Min: number | null = null;
  let to5Min: number | null = null;
  while (tray.minute - from < LONGEST_CHILL_MIN && to5Min === null) {
    const onCounter = tray.minute - from < onCounterMin - 1e-9;
    const around = onCounter
      ? everywhere(kitchenAir())
      : fridgeSurroundings(fridgeC, !tray.covered, Number.NaN, tray.sizeM);
    const point = tray.advance(everyMin, around, onCounter ? constant("kitchenC") : fridgeC);
    const minute = point.minute - from;
    if (startMin === null && point.middleC <= crossed.from) startMin = minute;
    if (startMin !== null && to21Min === null && point.middleC <= crossed.first) to21Min = minute - startMin;
    if (startMin !== null && point.middleC <= crossed.last) to5Min = minute - startMin;
    yield point;
  }
  return {
    to21Min,
    to5Min,
    keepsTheRule:
      to21Min !== null &&
      to21Min <= constant("coolingFirstMin") &&
      to5Min !== null &&
      to5Min <= constant("coolingAllMin"),
  };
}

export type ReheatDone =
  | { readonly kind: "hot"; readonly minutes: number }
  | { readonly kind: "never-met"; readonly targetC: number; readonly highestC: number };

const LONGEST_REHEAT_MIN = 4 * 60;

/** Covered with foil in a hot oven, until its middle is hot. @throws QuantityError for an oven outside 60 to 300 °C */
export function* reheating(
  tray: Tray,
  {
    startC,
    ovenC,
    targetC = constant("guidelineC"),
    everyMin = 1,
  }: { startC: number; ovenC: number; targetC?: number; everyMin?: number },
): Generator<TrayPoint, ReheatDone> {
  requireBetween("oven temperature", ovenC, 60, 300, "°C");
  if (!(targetC > startC))
    throw new QuantityError("target of reheating", targetC, { kind: "above", than: startC, unit: "°C" });
  tray.solver.startAt(startC);
  const from = tray.minute;
  let highestC = startC;
  while (tray.minute - from < LONGEST_REHEAT_MIN) {
    const open = {
      ...kitchenAir(ovenC),
      vapourPa: constant("ovenVapourPa"),
      convectionWPerM2K: constant("ovenConvectionWPerM2K"),
      underShare: 1,
    };
    const skin = tray.covered ? wrapped(open, tray.solver.surface.meanFrontC("skin", "breast")) : open;
    // The tray's bottom is metal: it heats the meat through a film of juice.
    const bottom = {
      ...open,
      convectionWPerM2K: constant("trayBottomWPerM2K"),
      still: 1 as const,
      emissivity: 0,
      vapourShare: 0,
    };
    const point = tray.advance(everyMin, everywhere(skin, { contact: bottom }), ovenC);
    highestC = Math.max(highestC, point.middleC);
    yield point;
    if (point.middleC >= targetC) return { kind: "hot", minutes: point.minute - from };
  }
  return { kind: "never-met", targetC, highestC };
}
