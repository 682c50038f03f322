import { describe, expect, it } from "vitest";
import type { SaltMethod } from "../core/kitchen/salt";
import { PLAIN_REMEDIES } from "../core/schedule/remedy";
import { remedyWords } from "./remedies";

describe("the words of remedies", () => {
  it("are of one voice: short, a capital first, no full stop, no two alike", () => {
    const all = PLAIN_REMEDIES.map((kind) => remedyWords({ kind }, "metric"));
    for (const words of all) expect(words).toMatch(/^[A-Z][^.]{4,44}$/);
    expect(new Set(all).size).toBe(all.length);
  });

  it("say by how much dinner is moved", () => {
    expect(remedyWords({ kind: "eat-later", hours: 3.25 }, "metric")).toBe("Eat 3 h 15 min later, and be in time");
    expect(remedyWords({ kind: "eat-later-and-sleep", hours: 6 }, "us")).toBe("Eat 6 h later, and sleep");
  });

  it("say for how long it is salted and dried, where it begins late", () => {
    const says = (method: SaltMethod, saltHours: number, dryHours: number | null) =>
      remedyWords({ kind: "salt-less", method, saltHours, dryHours }, "metric");
    expect(says("dry", 21.5, null)).toBe("Salt 21 h 30 min");
    expect(says("brine", 8, 0)).toBe("Brine 8 h, no drying");
    expect(says("injection", 3, 6)).toBe("Inject, then wait 3 h, dry 6 h");
    expect(says("none", 24, 10)).toBe("Dry 10 h");
  });

  it("have degrees in the cook's own unit", () => {
    expect(remedyWords({ kind: "bake-at", celsius: 163 }, "us")).toBe("Bake at 325 °F, with more time");
    expect(remedyWords({ kind: "and-bland", first: { kind: "salt-percent", percent: 1 } }, "metric")).toBe(
      "Back to 1 %, and nothing salty besides",
    );
  });
});
