import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { compiledKernel, installKernel } from "../compiled";
import { coarseCellM, unitBody } from "./body";
import { viewOf } from "./exposure";
import { birdForm, CUTS } from "./form";
import { SPECIES } from "./species";

describe("compiled rays", () => {
  it("end where the reference's do, to the last bit: every species and cut, either way up, with others beside it", () => {
    const kernel = compiledKernel();
    expect(kernel).toBeDefined();
    const posture = fc.record({
      side: fc.constantFrom("up", "down" as const),
      neighbours: fc.constantFrom(0, 1, 2 as const),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.constantFrom(...CUTS),
        fc.boolean(),
        posture,
        (species, cut, bothHalves, lies) => {
          const { grid, surface } = unitBody(birdForm({ species, cut }), coarseCellM({ species }, 0.015), bothHalves);
          const compiled = viewOf(grid, surface, lies);
          installKernel(undefined);
          const reference = viewOf(grid, surface, lies);
          installKernel(kernel);
          expect(compiled).toEqual(reference);
        },
      ),
      { numRuns: 40 },
    );
  });
});
