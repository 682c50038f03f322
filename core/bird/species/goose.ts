/**
 * The goose, from memory: built as a duck is, twice as heavy. Its sizes are the duck's at the goose's mass, for want of a
 * yield chart of geese; the fat under its skin is as much thicker. Yields are common practice.
 */
import { chosen, practice } from "../../origin";
import type { SpeciesRecord } from "./record";

export const GOOSE: SpeciesRecord = {
  anatomy: {
    referenceKg: 4.8,
    breast: {
      centre: [0.0454, 0.0441, 0.034],
      radii: [0.0265, 0.126, 0.0554],
      turn: { aboutYDeg: -36, aboutXDeg: -3 },
    },
    tenderloin: {
      centre: [0.0227, 0.0378, 0.0239],
      radii: [0.0101, 0.0756, 0.0189],
      turn: { aboutYDeg: -36, aboutXDeg: -3 },
    },
    thigh: {
      centre: [0.0731, -0.0945, -0.0126],
      radii: [0.034, 0.0592, 0.0428],
      turn: { aboutXDeg: 24, aboutYDeg: -10 },
    },
    drumstick: { from: [0.0882, -0.063, 0.0101], to: [0.0328, -0.1865, 0.0151], radiusFrom: 0.0252, radiusTo: 0.0113 },
    upperWing: { from: [0.0882, 0.1071, 0], to: [0.1046, 0.0189, -0.0277], radiusFrom: 0.0214, radiusTo: 0.0164 },
    lowerWing: { from: [0.1046, 0.0189, -0.0277], to: [0.0781, 0.126, -0.0328], radiusFrom: 0.0151, radiusTo: 0.0101 },
    ribCage: { centre: [0, -0.0252, -0.0101], radii: [0.0756, 0.1827, 0.058], turn: { aboutXDeg: 3 } },
    cavity: { centre: [0, -0.0504, -0.0076], radii: [0.0529, 0.1512, 0.0403], turn: { aboutXDeg: 3 } },
    neck: { from: [0, 0.1386, -0.0076], to: [0, 0.189, 0], radiusFrom: 0.034, radiusTo: 0.0252 },
    tail: { from: [0, -0.1764, -0.0101], to: [0, -0.2167, 0.0025], radiusFrom: 0.0277, radiusTo: 0.0126 },
    keel: { centre: [0, 0.0504, 0.0302], halfSizes: [0.0038, 0.1008, 0.0202] },
    wishbone: { from: [0.0025, 0.1411, 0.0353], to: [0.0454, 0.131, 0.0076], radiusFrom: 0.004, radiusTo: 0.004 },
    femur: { from: [0.0529, -0.126, -0.0176], to: [0.0605, -0.0655, -0.005], radiusFrom: 0.0069, radiusTo: 0.0076 },
    openLegs: { outM: 0.0101, turnDeg: 14 },
    meat: { light: "waterfowlBreast", dark: "waterfowlLeg" },
    skinM: 0.0095,
    skin: "waterfowlFat",
    blendM: 0.0202,
  },
  wholeKg: [2.2, 8],
  smallestSoldKg: practice(3, "kg"),
  largestSoldKg: practice(6, "kg"),
  gibletShare: practice(0.08, "kg/kg"),
  edibleShare: chosen(0.29, "kg/kg"),
  portionKg: practice(0.7, "kg"),
  waterShare: chosen(0.4, "kg/kg"),
  rendersFat: true,
  holding: "slower-of-both",
  leanFatPercent: chosen(12, "%"),
};
