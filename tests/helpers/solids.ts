/** Plain solids of one constant material, in still dry air: what exact solutions know. */
import { viewOf } from "../../core/bird/exposure";
import type { DistanceField } from "../../core/bird/sdf";
import { voxelise } from "../../core/bird/voxelise";
import { HeatSolver } from "../../core/heat/solver";
import { pointStencil, readAt } from "../../core/heat/stencil";
import { everywhere, type Patch, type Surroundings } from "../../core/heat/surroundings";
import { constantTissue, type Tissue } from "../../core/heat/tissue";

export const MATERIAL = { conductivityWPerMK: 0.5, heatJPerM3K: 3.6e6 };

/** Convection alone: no radiation, no vapour, every face alike. */
export const convectionPatch = (airC: number, convectionWPerM2K: number): Patch => ({
  airC,
  wallC: airC,
  hotK: 0,
  vapourPa: 0,
  convectionWPerM2K,
  still: 1,
  emissivity: 0,
  vapourShare: 0,
  underShare: 1,
  dryingShare: 0,
  crustShare: 1,
  permeabilityShare: 1,
});
export const convectionOnly = (airC: number, convectionWPerM2K: number): Surroundings =>
  everywhere(convectionPatch(airC, convectionWPerM2K));

type Point = readonly [number, number, number];

const CHECK_MATERIAL = constantTissue("check", MATERIAL.conductivityWPerMK, MATERIAL.heatJPerM3K);

/** A solver over a solid given by the distance to it in a box around it, of one tissue: the constant material if none is named. */
export function solidSolver(distance: DistanceField["at"], low: Point, high: Point, cellM: number, tissue?: Tissue) {
  const field = { at: distance };
  const unit = voxelise(
    { parts: [{ name: "breast", tissue: "leanBreast", field }], body: field, bounds: { low, high } },
    cellM,
  );
  const solver = new HeatSolver({ unit, cellSizeM: cellM }, [tissue ?? CHECK_MATERIAL]);
  solver.surface.look(viewOf(unit.grid, unit.surface, { side: "up", neighbours: 0 }));
  const at = (point: Point): number => readAt(solver.temperatureC, pointStencil({ unit }, point));
  return { solver, at, unit };
}
