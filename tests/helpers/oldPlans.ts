/** A plan as an earlier version of the file and the database held it: without what was added since. */
import type { Plan } from "../../core/plan/schema";

type Loose = Record<string, unknown>;
const ADDED: Record<2 | 3 | 7 | 8 | 9 | 10 | 11, Record<string, readonly string[]>> = {
  11: { "": ["draught"] },
  10: { "": ["oven"] },
  9: { equipment: ["dial"] },
  2: { "": ["heat", "table", "sides", "equipment", "gravy"], bird: ["legs", "cavity"] },
  8: { "": ["morePots"], bird: ["massOffKg"], season: ["baconOff"] },
  7: {
    "": ["fuel", "finish", "additions", "restMin", "liver", "sear", "preheat"],
    salt: ["injectPercent"],
    season: ["stuffing", "basteFromMin", "basteUntilMin", "basteWith", "glazeAt"],
  },
  3: {
    "": ["roasted", "season", "weather", "stock"],
    bird: ["count", "ice"],
    salt: ["method", "gramsPerTeaspoon", "brinePercent", "sugarShare", "bath", "keptIn"],
    equipment: [
      "hands",
      "thermometers",
      "fridgeL",
      "fridgeC",
      "tapWaterC",
      "hotSideK",
      "ovenCm",
      "panCm",
      "shelfCm",
      "potL",
    ],
  },
};

export function planOfVersion(version: 1 | 2, plan: Plan): Loose {
  const old = structuredClone(plan) as unknown as Loose;
  for (const since of version === 1 ? ([11, 10, 9, 8, 7, 3, 2] as const) : ([11, 10, 9, 8, 7, 3] as const)) {
    for (const [within, names] of Object.entries(ADDED[since])) {
      const part = within === "" ? old : (old[within] as Loose);
      for (const name of names) delete part[name];
    }
  }
  return old;
}
