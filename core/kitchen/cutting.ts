/** Minutes at the board by cut (common practice): before the oven, and of carving after it. */
import type { Cut } from "../bird/form";
import { isPiece } from "../bird/mass";

/** Opening both ends, giblets out, drying it with paper: before any cut. */
const CLEAN_MIN = 10;

const CUT_MIN: Record<Cut, number> = {
  whole: 5,
  spatchcock: 15,
  parts: 30,
  crown: 0,
  legs: 5,
  "boneless-breast": 5,
  "leg-roll": 5,
};

/** Minutes of carving one that is so heavy as bought. */
const CARVED: Record<Cut, { readonly minutes: number; readonly ofKg: number }> = {
  whole: { minutes: 20, ofKg: 5 },
  spatchcock: { minutes: 20, ofKg: 5 },
  parts: { minutes: 10, ofKg: 5 },
  crown: { minutes: 15, ofKg: 2.5 },
  legs: { minutes: 10, ofKg: 1.5 },
  "boneless-breast": { minutes: 10, ofKg: 1.5 },
  "leg-roll": { minutes: 10, ofKg: 1.5 },
};
/** No knife is planned finer than this, min, nor in less: board, platter and plates want their time too. */
const CARVED_TO_MIN = 5;
const LEAST_CARVING_MIN = 10;

/** String for one, m: round the legs of a whole bird; of a piece as heavy as below, in loops three fingers apart. */
const STRING_M: Partial<Record<Cut, number>> = { whole: 1, "boneless-breast": 2, "leg-roll": 3 };
export const TIED_KG = 1.5;

/** In half metres: a smaller piece takes fewer loops, and shorter ones. */
export function stringM(cut: Cut, massKg: number): number {
  const metres = STRING_M[cut] ?? 0;
  if (metres === 0 || cut === "whole") return metres;
  return Math.max(0.5, Math.ceil(2 * metres * (massKg / TIED_KG) ** (2 / 3) - 1e-9) / 2);
}

/** With the hands already at it the next one takes so much of the first: a bird, or a piece, of which many lie in a row. */
const NEXT_SHARE = { bird: 0.5, piece: 0.2 } as const;

/** Minutes of the same work on several. */
export const ofSeveralMin = (minutes: number, cut: Cut, count: number): number =>
  minutes * (1 + NEXT_SHARE[isPiece(cut) ? "piece" : "bird"] * (count - 1));

/** Opening, cleaning and cutting so many birds, each from its beginning; pieces are patted dry in a row. */
export const boardMin = (cut: Cut, count: number): number =>
  CLEAN_MIN + (isPiece(cut) ? Math.ceil(ofSeveralMin(CUT_MIN[cut], cut, count)) : CUT_MIN[cut] * count);

/** In the kitchen, the breast off in one piece and sliced across the grain; or slice by slice where it lies, at the table. */
export const CARVINGS = ["off-the-bone", "from-the-bone"] as const;
export type Carving = (typeof CARVINGS)[number];
export const canSliceFromBone = (cut: Cut): boolean => cut === "whole" || cut === "crown";

/** At the table a knife is slower (common practice). */
const FROM_BONE_TIMES = 1.5;

/** A knife goes as long as the bird is: a small one is carved sooner. @param massKg of one, as bought */
export function carvingMin(cut: Cut, massKg: number, birds: number, carving: Carving): number {
  const { minutes, ofKg } = CARVED[cut];
  const oneMin = minutes * Math.cbrt(massKg / ofKg) * (carving === "from-the-bone" ? FROM_BONE_TIMES : 1);
  return Math.max(LEAST_CARVING_MIN, CARVED_TO_MIN * Math.round(ofSeveralMin(oneMin, cut, birds) / CARVED_TO_MIN));
}
