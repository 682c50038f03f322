/** Plain solids of one constant material, in still dry air: what exact solutions know. */
import { voxelise } from "../../core/bird/body";
import type { DistanceField } from "../../core/bird/sdf";
import { HeatSolver, pointStencil, readAt } from "../../core/heat/solver";
import type { Surroundings } from "../../core/heat/surroundings";
import { constantTissue } from "../../core/heat/tissue";

export const MATERIAL = { conductivityWPerMK: 0.5, heatJPerM3K: 3.6e6 };

/** Convection alone: no radiation, no vapour, every face alike. */
export const convectionOnly = (airC: number, convectionWPerM2K: number): Surroundings => ({
  airC,
  wallC: airC,
  vapourPa: 0,
  convectionWPerM2K,
  emissivity: 0,
  vapourShare: 0,
  underShare: 1,
  cavityWPerM2K: 0,
  dryingShare: 0,
});

type Point = readonly [number, number, number];

/** A solver over a solid given by its field in a box around it. */
export function solidSolver(field: DistanceField, low: Point, high: Point, cellM: number) {
  const unit = voxelise({ parts: [{ name: "breast", field }], body: field, bounds: { low, high } }, cellM);
  const solver = new HeatSolver({ unit, cellSizeM: cellM }, [
    constantTissue("check", MATERIAL.conductivityWPerMK, MATERIAL.heatJPerM3K),
  ]);
  const at = (point: Point): number => readAt(solver.temperatureC, pointStencil({ unit }, point));
  return { solver, at, unit };
}
