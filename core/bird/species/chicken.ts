/** Rounder than a turkey: a shorter, plumper body on relatively thick legs. Reference: a roaster of about 1.7 kg. */
import { chosen, practice, published } from "../../origin";
import type { SpeciesRecord } from "./record";

export const CHICKEN: SpeciesRecord = {
  anatomy: {
    referenceKg: 1.8,
    breast: { centre: [0.029, 0.026, 0.026], radii: [0.0222, 0.0725, 0.047], turn: { aboutYDeg: -45, aboutXDeg: -5 } },
    tenderloin: {
      centre: [0.015, 0.022, 0.018],
      radii: [0.0095, 0.048, 0.016],
      turn: { aboutYDeg: -40, aboutXDeg: -5 },
    },
    thigh: { centre: [0.049, -0.044, -0.016], radii: [0.0322, 0.047, 0.039], turn: { aboutXDeg: 24, aboutYDeg: -10 } },
    drumstick: { from: [0.064, -0.018, 0.009], to: [0.021, -0.122, 0.018], radiusFrom: 0.0235, radiusTo: 0.0095 },
    upperWing: { from: [0.056, 0.064, 0.002], to: [0.071, 0.01, -0.021], radiusFrom: 0.0165, radiusTo: 0.0125 },
    lowerWing: { from: [0.071, 0.01, -0.021], to: [0.051, 0.084, -0.024], radiusFrom: 0.0115, radiusTo: 0.008 },
    ribCage: { centre: [0, -0.018, -0.008], radii: [0.046, 0.1, 0.043], turn: { aboutXDeg: 4 } },
    cavity: { centre: [0, -0.033, -0.007], radii: [0.0335, 0.088, 0.0335], turn: { aboutXDeg: 4 } },
    neck: { from: [0, 0.076, -0.007], to: [0, 0.096, -0.003], radiusFrom: 0.024, radiusTo: 0.017 },
    tail: { from: [0, -0.102, -0.01], to: [0, -0.126, 0.003], radiusFrom: 0.018, radiusTo: 0.008 },
    keel: { centre: [0, 0.03, 0.025], halfSizes: [0.0027, 0.056, 0.02] },
    wishbone: { from: [0.002, 0.084, 0.027], to: [0.03, 0.077, 0.008], radiusFrom: 0.003, radiusTo: 0.003 },
    femur: { from: [0.035, -0.07, -0.022], to: [0.042, -0.02, -0.006], radiusFrom: 0.0055, radiusTo: 0.006 },
    openLegs: { outM: 0.01, turnDeg: 16 },
    meat: { light: "leanBreast", dark: "darkMeat" },
    skinM: 0.002,
    skin: "skin",
    blendM: 0.015,
  },
  wholeKg: [0.5, 5],
  smallestSoldKg: practice(1, "kg"),
  largestSoldKg: practice(2.6, "kg"),
  gibletShare: practice(0.04, "kg/kg"),
  edibleShare: published(0.39, "kg/kg", "USDA Handbook 102"),
  portionKg: practice(0.5, "kg"),
  waterShare: chosen(0.68, "kg/kg"),
  rendersFat: false,
  holding: "chicken",
  leanFatPercent: chosen(3, "%"),
};
