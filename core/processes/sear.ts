/** A hot-pan sear before the oven: one side, then the other, each lying on the pan. */

import { constant } from "../constants";
import { QuantityError, requireBetween } from "../errors";
import { everywhere, kitchenAir, type Patch } from "../heat/surroundings";
import type { HistoryPoint, LivingBird } from "./bird";

export interface SearOptions {
  readonly panC: number;
  readonly minutesPerSide: number;
}

const STEP_MIN = 0.5;

/**
 * Sears both sides, skin side first.
 * @throws QuantityError for a cut that does not lie in a pan, or a pan outside 120 to 280 °C
 */
export function* searing(bird: LivingBird, { panC, minutesPerSide }: SearOptions): Generator<HistoryPoint, void> {
  const { cut } = bird.body.unit.shape.form;
  if (cut !== "boneless-breast" && cut !== "leg-roll" && cut !== "parts") {
    throw new QuantityError("cut to sear in a pan", cut, {
      kind: "one-of",
      values: ["boneless-breast", "leg-roll", "parts"],
    });
  }
  requireBetween("pan temperature", panC, 120, 280, "°C");
  requireBetween("searing time a side", minutesPerSide, 0.5, 20, "min");
  const above = kitchenAir();
  const pan: Patch = {
    ...above,
    airC: panC,
    wallC: panC,
    convectionWPerM2K: constant("panContactWPerM2K"),
    still: 1,
    emissivity: 0,
    vapourShare: constant("contactVapourShare"),
  };
  for (const side of ["down", "up"] as const) {
    bird.turn(side);
    for (let minute = 0; minute < minutesPerSide - 1e-9; minute += STEP_MIN) {
      yield bird.advance(Math.min(STEP_MIN, minutesPerSide - minute), everywhere(above, { contact: pan }), panC);
    }
  }
}
