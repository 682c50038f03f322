/** One roast with readings, as the file and the database hold it. */
import { FILE_VERSION, type RoastFile } from "../../core/formats/file";
import type { Roast } from "../../core/formats/roast";

export function sampleRoast(id = "sample"): Roast {
  return {
    id,
    title: "A Sunday turkey",
    createdAt: "2026-09-01T08:00:00.000Z",
    plan: {
      bird: {
        species: "turkey",
        cut: "whole",
        legs: "tied",
        cavity: "empty",
        massKg: 5.8,
        state: "fresh",
        preSalted: false,
      },
      thawIn: "fridge",
      serveAt: "2026-09-27T11:30:00.000Z",
      zone: "UTC",
      heat: "oven",
      method: "steady",
      stages: [{ fromMin: 0, airC: 163 }],
      targetC: { breast: 74, thigh: 74 },
      salt: { kind: "table", percent: 1, saltHours: 24, dryHours: 12 },
      cover: "foil",
      table: { guests: { light: 0, usual: 12, hearty: 0 }, leftoverMeals: 0 },
      sides: [],
      equipment: { ovens: 1, dishesInOven: 2, rings: 4 },
      gravy: "flour",
    },
    happened: {},
    notes: "",
    thermometer: "typed",
  };
}

type Mutable = RoastFile & { roasts: [RoastFile["roasts"][number], ...RoastFile["roasts"]] };

export const sampleFile = (): Mutable => ({
  format: "bruma-roasts",
  version: FILE_VERSION,
  exportedAt: "2026-09-28T10:00:00.000Z",
  roasts: [
    {
      roast: sampleRoast(),
      readings: [{ at: "2026-09-27T09:00:00.000Z", part: "breast", celsius: 41.5, source: "typed" }],
    },
  ],
});
