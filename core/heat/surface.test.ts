import { describe, expect, it } from "vitest";
import { referenceArena } from "./arena";
import { saturationPa } from "./moistAir";
import { SurfaceExchange } from "./surface";
import { everywhere, type Patch } from "./surroundings";

const one = (value: number): Float64Array => Float64Array.of(value);

/** One wet cell over meat at 20 °C; with no contact its front settles where evaporation takes all that arrives. */
function settledFrontC(
  change: Partial<Patch>,
  minutes = 1,
  contactWPerMK = 1e-12,
): { front: number; skin: number; lost: number } {
  const surface = new SurfaceExchange(
    referenceArena(),
    {
      cell: Int32Array.of(0),
      area: one(1),
      inverseDepth: one(2),
      depth: one(0.5),
      normals: [[0, 0, 1]],
      region: Uint8Array.of(0),
    },
    0.005,
    1,
  );
  surface.startAt(20);
  surface.look({ open: one(1), pan: one(0), region: Uint8Array.of(0) });
  surface.prepare(
    everywhere({
      airC: 60,
      wallC: 60,
      hotK: 0,
      vapourPa: 4000,
      convectionWPerM2K: 10,
      still: 0,
      emissivity: 0,
      vapourShare: 1,
      underShare: 1,
      dryingShare: 0,
      crustShare: 1,
      permeabilityShare: 1,
      ...change,
    }),
  );
  surface.refresh(one(contactWPerMK), one(0));
  for (let second = 0; second < minutes * 60; second++) surface.exchange(one(20), 1);
  const { frontC, skinC, vapourLostKgPerM2 } = surface.arrays;
  return { front: frontC[0] as number, skin: skinC[0] as number, lost: vapourLostKgPerM2[0] as number };
}

/** Psychrometric wet bulb (ASHRAE Fundamentals, from memory): p = p_s(T_wb) − 66.5 Pa/K·(1 + 0.00115 T_wb)·(T − T_wb). */
function wetBulbC(airC: number, vapourPa: number): number {
  let low = 0;
  let high = airC;
  for (let n = 0; n < 60; n++) {
    const middle = (low + high) / 2;
    const pressure = saturationPa(middle) - 66.5 * (1 + 0.00115 * middle) * (airC - middle);
    if (pressure > vapourPa) high = middle;
    else low = middle;
  }
  return low;
}

describe("the skin", () => {
  it.each([
    [60, 4000],
    [80, 6000],
    [100, 6000],
  ])("while wet holds near the wet bulb of air at %i °C and %i Pa", (airC, vapourPa) => {
    // Latent heat and air are taken at oven values, which costs up to 2.5 °C in cooler air.
    const { front } = settledFrontC({ airC, wallC: airC, vapourPa });
    expect(Math.abs(front - wetBulbC(airC, vapourPa))).toBeLessThan(2.5);
  });

  it("warms up as it dries, and its outside before its wet front", () => {
    const wet = settledFrontC({ airC: 160, wallC: 160, dryingShare: 1 }, 1);
    const dry = settledFrontC({ airC: 160, wallC: 160, dryingShare: 1 }, 90);
    expect(dry.skin).toBeGreaterThan(wet.skin + 5);
    expect(dry.skin).toBeGreaterThan(dry.front);
    expect(dry.front).toBeLessThan(101);
  });

  it("gains water from the air when it is colder than the dew point", () => {
    // Meat at 20 °C in a kitchen whose dew point is 29 °C.
    expect(settledFrontC({ airC: 30, wallC: 30, vapourPa: 4000 }, 5, 0.5).lost).toBeLessThan(0);
  });

  it("takes the air's temperature when nothing can evaporate", () => {
    expect(settledFrontC({ vapourShare: 0 }, 5).front).toBeCloseTo(60, 1);
  });
});
