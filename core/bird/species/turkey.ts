/** The turkey: the reference of all shapes. */
import { chosen, practice, published } from "../../origin";
import type { SpeciesRecord } from "./record";

export const TURKEY: SpeciesRecord = {
  anatomy: {
    referenceKg: 5.8,
    breast: { centre: [0.041, 0.045, 0.038], radii: [0.0322, 0.116, 0.068], turn: { aboutYDeg: -46, aboutXDeg: -4 } },
    tenderloin: { centre: [0.022, 0.04, 0.026], radii: [0.014, 0.075, 0.024], turn: { aboutYDeg: -40, aboutXDeg: -4 } },
    thigh: { centre: [0.07, -0.066, -0.026], radii: [0.0468, 0.069, 0.0563], turn: { aboutXDeg: 24, aboutYDeg: -10 } },
    drumstick: { from: [0.092, -0.026, 0.012], to: [0.03, -0.184, 0.024], radiusFrom: 0.034, radiusTo: 0.014 },
    upperWing: { from: [0.08, 0.1, 0.004], to: [0.1, 0.02, -0.03], radiusFrom: 0.025, radiusTo: 0.018 },
    lowerWing: { from: [0.1, 0.02, -0.03], to: [0.072, 0.13, -0.034], radiusFrom: 0.017, radiusTo: 0.011 },
    ribCage: { centre: [0, -0.025, -0.012], radii: [0.066, 0.155, 0.062], turn: { aboutXDeg: 4 } },
    cavity: { centre: [0, -0.05, -0.01], radii: [0.048, 0.135, 0.048], turn: { aboutXDeg: 4 } },
    neck: { from: [0, 0.12, -0.01], to: [0, 0.152, -0.004], radiusFrom: 0.036, radiusTo: 0.026 },
    tail: { from: [0, -0.16, -0.014], to: [0, -0.198, 0.004], radiusFrom: 0.026, radiusTo: 0.012 },
    keel: { centre: [0, 0.05, 0.036], halfSizes: [0.004, 0.085, 0.03] },
    wishbone: { from: [0.003, 0.128, 0.04], to: [0.045, 0.118, 0.012], radiusFrom: 0.0045, radiusTo: 0.0045 },
    femur: { from: [0.05, -0.105, -0.034], to: [0.06, -0.03, -0.01], radiusFrom: 0.0085, radiusTo: 0.009 },
    openLegs: { outM: 0.014, turnDeg: 16 },
    meat: { light: "leanBreast", dark: "darkMeat" },
    skinM: 0.0028,
    skin: "skin",
    blendM: 0.022,
  },
  wholeKg: [2, 16],
  smallestSoldKg: practice(2.5, "kg"),
  largestSoldKg: practice(10, "kg"),
  gibletShare: practice(0.06, "kg/kg"),
  edibleShare: published(0.47, "kg/kg", "USDA Food Buying Guide"),
  portionKg: practice(0.5, "kg"),
  waterShare: chosen(0.68, "kg/kg"),
  rendersFat: false,
  holding: "turkey",
  leanFatPercent: chosen(3, "%"),
};
