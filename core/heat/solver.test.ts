import { describe, expect, it } from "vitest";
import { makeBody, viewIn } from "../bird/body";
import { HeatSolver } from "./solver";
import { pointStencil, readAt } from "./stencil";
import { everywhere, kitchenAir, type Patch } from "./surroundings";

const OVEN: Patch = { ...kitchenAir(230), convectionWPerM2K: 12 };
const KITCHEN = kitchenAir(21);

/**
 * Centres of a chicken, in stretches of so many seconds: out of the fridge into a hot oven for an hour, then half an hour
 * on the board.
 * @param isAllAnew whether nothing is held from one stretch to the next: conductivities, the balance at the skin
 */
function roasted(
  startC: number,
  stretchS: number,
  isAllAnew = false,
): { readonly inOven: number[]; readonly atRest: number[] } {
  const body = makeBody({ species: "chicken", cut: "whole" }, 1.8, 0.0055);
  const solver = new HeatSolver(body);
  solver.surface.look(viewIn(body.unit, { side: "up", neighbours: 0 }));
  solver.startAt(startC);
  const centres = Object.values(body.unit.centres).map((point) => pointStencil(body, point));
  const read = () => centres.map((stencil) => readAt(solver.temperatureC, stencil));
  const through = (patch: Patch, minutes: number): number[] => {
    for (let s = 0; s < minutes * 60; s += stretchS) {
      if (isAllAnew) solver.restore(solver.snapshot());
      solver.advance(stretchS, everywhere(patch));
    }
    return read();
  };
  const done = { inOven: through(OVEN, 60), atRest: through(KITCHEN, 30) };
  solver.release();
  return done;
}

describe("conductivities and a balance at the skin that are held for a while", () => {
  it.each([4, -4])("are as good as those of each step, of a bird that goes in at %i °C", (startC) => {
    const held = roasted(startC, 120);
    for (const [each, withinK] of [
      [roasted(startC, 20), 0.15],
      [roasted(startC, 20, true), 0.25],
    ] as const) {
      held.inOven.forEach((celsius, n) => {
        expect(Math.abs(celsius - (each.inOven[n] as number))).toBeLessThan(withinK);
      });
      held.atRest.forEach((celsius, n) => {
        expect(Math.abs(celsius - (each.atRest[n] as number))).toBeLessThan(withinK);
      });
    }
  });
});
