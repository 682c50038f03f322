/** Long and flat: a shallow breast, a wide cavity, small legs, and fat under all of the skin. Reference: about 2.2 kg. */
import { chosen, practice } from "../../origin";
import type { SpeciesRecord } from "./record";

export const DUCK: SpeciesRecord = {
  anatomy: {
    referenceKg: 2.4,
    breast: { centre: [0.036, 0.035, 0.027], radii: [0.021, 0.1, 0.044], turn: { aboutYDeg: -36, aboutXDeg: -3 } },
    tenderloin: { centre: [0.018, 0.03, 0.019], radii: [0.008, 0.06, 0.015], turn: { aboutYDeg: -36, aboutXDeg: -3 } },
    thigh: { centre: [0.058, -0.075, -0.01], radii: [0.027, 0.047, 0.034], turn: { aboutXDeg: 24, aboutYDeg: -10 } },
    drumstick: { from: [0.07, -0.05, 0.008], to: [0.026, -0.148, 0.012], radiusFrom: 0.02, radiusTo: 0.009 },
    upperWing: { from: [0.07, 0.085, 0], to: [0.083, 0.015, -0.022], radiusFrom: 0.017, radiusTo: 0.013 },
    lowerWing: { from: [0.083, 0.015, -0.022], to: [0.062, 0.1, -0.026], radiusFrom: 0.012, radiusTo: 0.008 },
    ribCage: { centre: [0, -0.02, -0.008], radii: [0.06, 0.145, 0.046], turn: { aboutXDeg: 3 } },
    cavity: { centre: [0, -0.04, -0.006], radii: [0.042, 0.12, 0.032], turn: { aboutXDeg: 3 } },
    neck: { from: [0, 0.11, -0.006], to: [0, 0.15, 0], radiusFrom: 0.027, radiusTo: 0.02 },
    tail: { from: [0, -0.14, -0.008], to: [0, -0.172, 0.002], radiusFrom: 0.022, radiusTo: 0.01 },
    keel: { centre: [0, 0.04, 0.024], halfSizes: [0.003, 0.08, 0.016] },
    wishbone: { from: [0.002, 0.112, 0.028], to: [0.036, 0.104, 0.006], radiusFrom: 0.0032, radiusTo: 0.0032 },
    femur: { from: [0.042, -0.1, -0.014], to: [0.048, -0.052, -0.004], radiusFrom: 0.0055, radiusTo: 0.006 },
    openLegs: { outM: 0.008, turnDeg: 14 },
    meat: { light: "waterfowlBreast", dark: "waterfowlLeg" },
    skinM: 0.0075,
    skin: "waterfowlFat",
    blendM: 0.016,
  },
  wholeKg: [0.8, 5],
  smallestSoldKg: practice(1.6, "kg"),
  largestSoldKg: practice(2.8, "kg"),
  gibletShare: practice(0.07, "kg/kg"),
  edibleShare: chosen(0.3, "kg/kg"),
  portionKg: practice(0.65, "kg"),
  waterShare: chosen(0.4, "kg/kg"),
  rendersFat: true,
  holding: "slower-of-both",
  leanFatPercent: chosen(12, "%"),
};
