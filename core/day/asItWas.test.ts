import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { FIRST_SHARES } from "../forecast/shares";
import { derivePlan } from "../schedule/derive";
import { rowsOf } from "../schedule/rows";
import { DAY_MS, MINUTE_MS } from "../units/time";
import { asItWas } from "./asItWas";

const dayAfter = {
  chill: { to21Min: 60, to5Min: 240, keepsTheRule: true },
  reheat: { kind: "hot", minutes: 35 },
} as const;
const plan = { ...sampleRoast().plan, roasted: "day-before" as const };
const rows = rowsOf(derivePlan(plan, simulated({ dayAfter }), FIRST_SHARES, Date.parse(plan.serveAt) - 20 * DAY_MS));
const startOf = (all: typeof rows | ReturnType<typeof asItWas>, id: string): number =>
  all.find((row) => row.id === id)?.startMs ?? Number.NaN;

describe("a day as it was", () => {
  it("has the bird out and carved when it was, its tray and its fridge with it, and dinner where it stands", () => {
    const pulledMs = startOf(rows, "rest") - 34 * MINUTE_MS;
    const carvedMs = startOf(rows, "carve") - 20 * MINUTE_MS;
    const was = asItWas(rows, {
      pulledAt: new Date(pulledMs).toISOString(),
      carvedAt: new Date(carvedMs).toISOString(),
    });
    expect(startOf(was, "rest")).toBe(pulledMs);
    expect(startOf(was, "loosen-1")).toBe(startOf(rows, "loosen-1") - 34 * MINUTE_MS);
    expect(startOf(was, "carve")).toBe(carvedMs);
    expect(startOf(was, "chill")).toBe(startOf(rows, "chill") - 20 * MINUTE_MS);
    for (const id of ["roast", "side-reheat", "thicken-1", "table", "leftovers"]) {
      expect(startOf(was, id), id).toBe(startOf(rows, id));
    }
    const starts = was.map(({ startMs }) => startMs);
    expect(starts).toEqual([...starts].sort((one, other) => one - other));
  });

  it("is as planned until something has happened", () => {
    expect(asItWas(rows, {})).toBe(rows);
  });
});
