import { describe, expect, it } from "vitest";
import { isTied } from "./tied";
import { usualPlan } from "./usualPlan";

type Bird = Parameters<typeof usualPlan>[0]["bird"];
const planOf = (bird: Partial<Bird> & Pick<Bird, "species">) =>
  usualPlan({
    bird: { massKg: 1, state: "fresh", cut: "whole", ...bird } as Bird,
    method: "steady",
    serveAt: "2026-09-26T13:30:00+02:00",
    zone: "Europe/Berlin",
  });

describe("what string holds", () => {
  it.each([
    ["turkey", "boneless-breast", 1.4, true],
    ["chicken", "boneless-breast", 0.24, false],
    ["duck", "boneless-breast", 0.4, false],
    ["goose", "boneless-breast", 0.9, false],
    ["duck", "leg-roll", 0.3, true],
    ["turkey", "spatchcock", 6, false],
    ["turkey", "crown", 3, false],
  ] as const)("%s, %s of %s kg: %s", (species, cut, massKg, tied) => {
    expect(isTied(planOf({ species, cut, massKg }))).toBe(tied);
  });

  it("holds a small breast where it turns, and no leg that is still hard", () => {
    const breast = planOf({ species: "chicken", cut: "boneless-breast", massKg: 0.24 });
    expect(isTied({ ...breast, heat: "spit" })).toBe(true);
    const frozen = planOf({ species: "turkey", massKg: 5, state: "frozen" });
    expect([
      isTied(frozen),
      isTied({ ...frozen, thawIn: "none" }),
      isTied({ ...frozen, bird: { ...frozen.bird, legs: "open" } }),
    ]).toEqual([true, false, false]);
  });
});
