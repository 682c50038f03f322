import { describe, expect, it } from "vitest";
import { plannedDone } from "../../tests/helpers/plannedDone";
import { SPECIES } from "../bird/species";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { bandShares } from "./band";
import { bandAsked } from "./planned";
import { plannedInput } from "./plannedInput";
import { FIRST_SHARES } from "./shares";

/** Of one that is bought now and then. */
const MASS_KG = { turkey: 5.8, chicken: 1.9, duck: 2.3, goose: 4.5 } as const;

describe("the first guess of a band", () => {
  it.each(SPECIES)("is near that of a usual %s: no time moves far once it is simulated", (species) => {
    const plan = usualPlan({
      bird: { species, cut: "whole", massKg: MASS_KG[species], state: "fresh" },
      method: "steady",
      serveAt: "2026-12-20T12:00:00.000Z",
      zone: "UTC",
    });
    const { p10, p90 } = drain(bandShares(bandAsked(plannedInput(plan), plannedDone(plan))));
    expect(Math.abs(p10 - FIRST_SHARES.p10)).toBeLessThan(0.1);
    expect(Math.abs(Number(p90) - Number(FIRST_SHARES.p90))).toBeLessThan(0.1);
  });
});
