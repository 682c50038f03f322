import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import type { RoastEntry } from "../core/formats/file";
import type { Roast } from "../core/plan/roast";
import { bruma } from "../tests/helpers/command";
import { sampleFile, sampleRoast } from "../tests/helpers/sampleRoast";

describe("learn", () => {
  const path = join(mkdtempSync(join(tmpdir(), "bruma-learn-")), "roasts.json");
  const in_ = (id: string, day: number, says?: Roast["says"]): RoastEntry => {
    const at = (minute: number): string => new Date(Date.UTC(2026, 8, day, 8, minute)).toISOString();
    const sample = sampleRoast(id);
    const oven = { id: "old", name: "Old kitchen", heat: "oven" as const, learned: null };
    const happened = { inAt: at(0), pulledAt: at(150), carvedAt: at(180), closedAt: at(181) };
    return {
      roast: { ...sample, plan: { ...sample.plan, oven }, happened, ...(says !== undefined && { says }) },
      readings: [60, 90, 120, 148].flatMap((minute, n) => [
        { at: at(minute), part: "breast" as const, celsius: 30 + 14 * n, source: "typed" as const },
        { at: at(minute), part: "thigh" as const, celsius: 34 + 14 * n, source: "typed" as const },
      ]),
    };
  };
  const by = [-0.06, -0.05, 0, -0.04];
  const file = { ...sampleFile(), roasts: [in_("one", 1, { slower: -0.2, doubt: 0.1, by }), in_("two", 8)] };
  writeFileSync(path, JSON.stringify(file));

  it("prints what roasts teach of their oven, asked of their readings where they have not been, and what it changes", () => {
    const { ovens, roastsWithoutOven } = JSON.parse(bruma("learn", path).stdout);
    expect(roastsWithoutOven).toBe(0);
    expect(ovens).toMatchObject([{ name: "Old kitchen", learned: { roasts: 2 }, looksChanged: false }]);
    expect(ovens[0].learned.hotterC).toBeGreaterThan(0);
    const [one, two] = ovens[0].roasts;
    expect(one).toMatchObject({ heard: true, slowerShare: -0.18, saidByThoseBefore: null, tookMin: 150 });
    expect(two.slowerShare).toBeLessThan(0);
    // By a roast that was quick the next one is said to be quicker, and by less doubt.
    expect(two.saidByThoseBefore.p50).toBeLessThan(two.saidKnowingNothing.p50);
    const width = ({ p10, p90 }: { p10: number; p90: number }): number => p90 - p10;
    expect(width(two.saidByThoseBefore)).toBeLessThan(width(two.saidKnowingNothing));
  });
});
