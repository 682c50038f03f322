import { describe, expect, it } from "vitest";
import { makeBody } from "../../core/bird/body";
import { LivingBird } from "../../core/processes/bird";
import { drain } from "../../core/processes/cook";
import { thawing } from "../../core/processes/thaw";
import { KG_PER_POUND } from "../../core/units/quantity";

/** USDA FSIS, The big thaw (from memory): middle of each row; days in the fridge, hours in cold water. */
const ROWS = [
  { pounds: 8, days: [1, 3], hours: [2, 6] },
  { pounds: 14, days: [3, 4], hours: [6, 8] },
  { pounds: 18, days: [4, 5], hours: [8, 10] },
  { pounds: 22, days: [5, 6], hours: [10, 12] },
] as const;

const CELL_M = 0.01;
function hours(pounds: number, medium: "fridge" | "water", mediumC: number): number {
  const body = makeBody({ species: "turkey", cut: "whole", cavity: "giblets" }, pounds * KG_PER_POUND, CELL_M);
  const bird = new LivingBird(body, { watched: false });
  bird.startAt(-18);
  const done = drain(thawing(bird, { medium, mediumC }));
  if (done.kind !== "thawed") throw new Error("still frozen");
  return done.hours;
}

describe("published thaw tables (USDA FSIS)", () => {
  it.each(ROWS)("$pounds lb in a fridge at 3 °C: inside its row", ({ pounds, days: [low, high] }) => {
    const days = hours(pounds, "fridge", 3) / 24;
    expect(days).toBeGreaterThanOrEqual(low);
    expect(days).toBeLessThanOrEqual(high);
  });

  it.each(ROWS)(
    "$pounds lb in water of 10 °C, changed every 30 min: inside its row",
    ({ pounds, hours: [low, high] }) => {
      const found = hours(pounds, "water", 10);
      expect(found).toBeGreaterThanOrEqual(low);
      expect(found).toBeLessThanOrEqual(high);
    },
  );
});
