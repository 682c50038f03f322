/** The kitchen a plan reckons with until the cook has measured their own: common household sizes. */

import { constant } from "../constants";
import type { Equipment } from "./schema";

export const usualKitchen = (): Equipment => ({
  ovens: 1,
  dishesInOven: 2,
  rings: 4,
  hands: 1,
  thermometers: 1,
  fridgeL: 60,
  fridgeC: constant("fridgeC"),
  tapWaterC: 12,
  hotSideK: 0,
  ovenCm: { width: 46, depth: 40, height: 32 },
  panCm: { length: 46, width: 36 },
  shelfCm: { width: 48, depth: 35, height: 28 },
  potL: 12,
});
