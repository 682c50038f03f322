import { cToFahrenheit, fahrenheitToC, type UnitSystem } from "../../core/units/quantity";

const STEP_C = 20;
const STEP_F = 50;

interface TemperatureTick {
  readonly celsius: number;
  /** "100°", whole in the cook's own unit. */
  readonly label: string;
}

/** Round temperatures of an axis in the cook's own unit, from the lowest to the highest of it. */
export function temperatureTicks(lowC: number, highC: number, units: UnitSystem): readonly TemperatureTick[] {
  const [own, back, step] =
    units === "us" ? [cToFahrenheit, fahrenheitToC, STEP_F] : [(c: number) => c, (c: number) => c, STEP_C];
  const first = Math.ceil(own(lowC) / step - 1e-9);
  const count = Math.max(0, Math.floor(own(highC) / step + 1e-9) - first + 1);
  return Array.from({ length: count }, (_, n) => (first + n) * step).map((mark) => ({
    celsius: back(mark),
    label: `${mark}°`,
  }));
}
