/** Minutes at the board by cut (common practice): before the oven, and of carving after it. */
import type { Cut } from "../bird/form";

/** Sold with neck and giblets in it: whole birds, whatever becomes of them. */
export const hasGiblets = (cut: Cut): boolean => cut === "whole" || cut === "spatchcock" || cut === "parts";

/** Opening both ends, giblets out, drying it with paper: before any cut. */
const CLEAN_MIN = 10;

const CUT_MIN: Record<Cut, number> = {
  whole: 5,
  spatchcock: 15,
  parts: 30,
  crown: 0,
  legs: 5,
  "boneless-breast": 5,
  "leg-roll": 10,
};

const CARVE_MIN: Record<Cut, number> = {
  whole: 20,
  spatchcock: 20,
  parts: 10,
  crown: 15,
  legs: 10,
  "boneless-breast": 10,
  "leg-roll": 10,
};

/** Opening, cleaning and cutting so many birds. */
export const boardMin = (cut: Cut, birds: number): number => CLEAN_MIN + CUT_MIN[cut] * birds;

/** Minutes of the same work on several birds: with the hands already at it, the next is half as long again. */
export const ofSeveralMin = (minutes: number, birds: number): number => minutes * (1 + 0.5 * (birds - 1));

export const carvingMin = (cut: Cut, birds: number): number => ofSeveralMin(CARVE_MIN[cut], birds);
