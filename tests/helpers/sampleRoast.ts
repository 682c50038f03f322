/** One roast with readings, as the file and the database hold it. */

import type { RoastFile } from "../../core/formats/file";
import { FILE_VERSION } from "../../core/formats/migrations";
import type { Roast } from "../../core/plan/roast";
import { alone } from "../../core/plan/together";
import { usualPlan } from "../../core/plan/usualPlan";

export function sampleRoast(id = "sample"): Roast {
  return alone({
    id,
    title: "A Sunday turkey",
    createdAt: "2026-09-01T08:00:00.000Z",
    plan: usualPlan({
      bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "fresh" },
      method: "steady",
      serveAt: "2026-09-27T11:30:00.000Z",
      zone: "UTC",
    }),
    happened: {},
    notes: "",
    thermometer: "typed",
  });
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
