/** Ways to heat a bird, in words. */
import type { MethodId } from "../core/plan/methods";
import { formatMass, formatTemperature, type UnitSystem } from "../core/units/quantity";

interface MethodWords {
  readonly name: string;
  /** For tight places. */
  readonly short: string;
  says(units: UnitSystem): string;
  /** What to mind, in a few words. */
  mind(units: UnitSystem): string;
}

export const METHOD_WORDS: Readonly<Record<MethodId, MethodWords>> = {
  steady: {
    name: "Steady moderate",
    short: "Steady",
    says: () => "One temperature from start to end. Gentle and forgiving, with the least colour.",
    mind: () => "little",
  },
  "hot-start": {
    name: "Hot start, then lower",
    short: "Hot start",
    says: () => "Twenty hot minutes for colour, then moderate heat.",
    mind: () => "turning the heat down",
  },
  shielded: {
    name: "Hot start, breast shielded",
    short: "Shielded",
    says: () => "Foil over the breast from the start; off in time to colour. Holds the breast back for the legs.",
    mind: () => "taking the foil off in time",
  },
  "breast-down": {
    name: "Breast down, then turned",
    short: "Breast down",
    says: () => "Fifty minutes on its breast, then turned: the legs get the heat first.",
    mind: () => "a hot, wet bird is turned by hand",
  },
  "hot-flat": {
    name: "Hot all through",
    short: "Hot",
    says: () => "High heat from start to end. Quick and crisp; only for a bird spatchcocked or in parts.",
    mind: () => "fat that smokes; water or vegetables under it",
  },
  "parts-hot-low": {
    name: "Hot, then low, piece by piece",
    short: "Hot, then low",
    says: () => "Fifteen hot minutes for colour, then low; each piece leaves when it is done.",
    mind: () => "pieces are done one by one",
  },
  "low-smoke": {
    name: "Low smoke, then hotter and wrapped",
    short: "Low smoke",
    says: (units) =>
      `Low in clean smoke, then wrapped in hotter air from ${formatTemperature(60, units)} in the breast on. Not for a stuffed bird.`,
    mind: (units) => `long in the zone: under ${formatMass(4, units)}, or spatchcocked, unstuffed`,
  },
};
