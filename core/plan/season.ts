/** Fat, paste, bacon, glaze and basting: how much of each, and what each does to the roast as events. */
import { ovenMassKg } from "../bird/body";
import { centresOf } from "../bird/form";
import { LONGEST_ROAST_MIN } from "../processes/roast";
import type { RoastEvent } from "../processes/stages";
import { constant } from "../sources";
import type { Plan } from "./schema";

export interface Seasoning {
  readonly fatGrams: number;
  readonly pasteGrams: number;
  readonly baconGrams: number;
  /** For one pass over all the birds. */
  readonly glazeMl: number;
}

/** Bacon goes over a breast. */
export const wearsBacon = ({ bird, season }: Pick<Plan, "bird" | "season">): boolean =>
  season.bacon && centresOf(bird).includes("breast");

/** A shield over the breast from the start is moulded and oiled on the cold bird. */
export const startsShielded = ({ bird, stages }: Pick<Plan, "bird" | "stages">): boolean =>
  stages[0]?.shield === "breast" && centresOf(bird).includes("breast");

export function seasoningFor({ bird, season }: Pick<Plan, "bird" | "season">): Seasoning {
  const kg = ovenMassKg(bird.massKg, bird.species, bird.cut) * bird.count;
  return {
    fatGrams:
      season.fat === "none" ? 0 : kg * constant(season.fat === "under-skin" ? "underSkinGramsPerKg" : "oilGramsPerKg"),
    pasteGrams: season.paste ? kg * constant("pasteGramsPerKg") : 0,
    baconGrams: wearsBacon({ bird, season }) ? kg * constant("baconGramsPerKg") : 0,
    glazeMl: season.glazePasses > 0 ? kg * constant("glazeMlPerKg") : 0,
  };
}

/** Temperatures of the first centre at which glaze goes on: sugar burns, so all of it is in the last stretch. */
export function glazeAtC({ bird, season, targetC }: Pick<Plan, "bird" | "season" | "targetC">) {
  const centre = centresOf(bird)[0] ?? "breast";
  const target = targetC[centre] ?? constant("guidelineC");
  return Array.from({ length: season.glazePasses }, (_, n) => ({
    centre,
    // Clear of the pull, which comes some degrees before the target.
    reachesC: target - 10 - (season.glazePasses - 1 - n) * constant("glazeStepK"),
  }));
}

/** What seasoning does to the heat: every glaze and every basting opens the door and wets the skin. */
export function seasoningEvents(plan: Pick<Plan, "bird" | "season" | "targetC">): RoastEvent[] {
  const every = plan.season.basteEveryMin;
  const bastings = every > 0 ? Math.floor(LONGEST_ROAST_MIN / every) : 0;
  return [
    ...Array.from({ length: bastings }, (_, n): RoastEvent => ({ kind: "baste", atMin: (n + 1) * every })),
    ...glazeAtC(plan).map((when): RoastEvent => ({ kind: "baste", when })),
  ];
}
