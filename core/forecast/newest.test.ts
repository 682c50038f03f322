import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Probe } from "../bird/probe";
import { allReached, behind, lowestC, newestByProbe } from "./newest";
import type { Reading } from "./reading";

const at = (minute: number, part: Reading["part"], celsius: number, side?: Reading["side"]): Reading => ({
  minute,
  part,
  celsius,
  ...(side && { side }),
});

describe("what the thermometers show now", () => {
  it("is the newest of each probe, in whatever order they came", () => {
    const newest = newestByProbe([at(20, "breast", 30, "left"), at(10, "breast", 20, "left"), at(5, "thigh", 9)]);
    expect(newest.get("left breast")?.celsius).toBe(30);
    expect(newest.get("thigh")?.celsius).toBe(9);
  });

  it("of a pair is the side that is behind, unless it was read long before, or its probe is lost", () => {
    const pair = [at(60, "breast", 61, "left"), at(61, "breast", 58, "right")];
    expect(lowestC(pair)).toEqual({ breast: 58 });
    expect(lowestC([...pair, at(90, "breast", 66, "left")])).toEqual({ breast: 66 });
    expect(behind(pair, ["right breast"]).breast?.side).toBe("left");
  });

  it("is of both sides once both were read, whatever was read before without saying which", () => {
    const before = [at(60, "breast", 70), at(60, "thigh", 70)];
    const sides = [at(63, "breast", 75, "left"), at(64, "breast", 76, "right")];
    expect(lowestC([...before, ...sides])).toEqual({ breast: 75, thigh: 70 });
    expect(allReached({ breast: 74 }, [...before, ...sides])).toBe(true);
    // It may have been the other side; and a third probe that goes on speaking is one of its own.
    expect(lowestC([...before, ...sides.slice(0, 1)]).breast).toBe(70);
    expect(lowestC([...before, ...sides, at(65, "breast", 71)]).breast).toBe(71);
  });

  it("is reached when each probe is there, or was and has hardly fallen back, whatever the others show", () => {
    const anyTimed = fc.record({
      minute: fc.integer({ min: 0, max: 5 }),
      part: fc.constantFrom("breast", "thigh" as const),
      side: fc.constantFrom("left", "right" as const),
      celsius: fc.integer({ min: 40, max: 90 }),
    });
    fc.assert(
      fc.property(fc.array(anyTimed, { minLength: 1 }), (readings) => {
        const byHand = (part: "breast" | "thigh", goal: number): boolean => {
          const probes = (["left", "right"] as const)
            .map((side) => readings.filter((each) => each.part === part && each.side === side))
            .filter(({ length }) => length > 0);
          return (
            probes.length > 0 &&
            probes.every((own) => {
              const newest = own.findLast(({ minute }) => own.every((other) => other.minute <= minute));
              const highest = Math.max(...own.map(({ celsius }) => celsius));
              return (newest?.celsius ?? 0) >= goal - (highest >= goal - 0.5 ? 2.5 : 0.5);
            })
          );
        };
        expect(allReached({ breast: 70, thigh: 74 }, readings)).toBe(byHand("breast", 70) && byHand("thigh", 74));
      }),
      {
        numRuns: 1000,
        // Two sides that show the same, of which one was there before.
        examples: [
          [
            [
              { minute: 0, part: "breast", side: "right", celsius: 69 },
              { minute: 0, part: "breast", side: "left", celsius: 70 },
              { minute: 0, part: "breast", side: "left", celsius: 69 },
              { minute: 0, part: "thigh", side: "left", celsius: 74 },
            ],
          ],
        ],
      },
    );
    expect(allReached({ breast: 70 }, [], [] satisfies Probe[])).toBe(false);
  });

  it("stays reached while a probe trembles about its goal, and is not where it falls back", () => {
    const trembling = [69.4, 69.6, 69.2, 68.4, 69.9, 68.9].map((celsius, n) => at(100 + n, "breast", celsius, "left"));
    const told = trembling.map((_, n) => allReached({ breast: 70 }, trembling.slice(0, n + 1)));
    expect(told).toEqual([false, true, true, true, true, true]);
    expect(allReached({ breast: 70 }, [...trembling, at(106, "breast", 66, "left")])).toBe(false);
    // Back in the heat at minute 110: what was shown before the rest does not count.
    expect(allReached({ breast: 70 }, [...trembling, at(112, "breast", 68, "left")], [], 110)).toBe(false);
    expect(allReached({ breast: 70 }, [...trembling, at(115, "breast", 70, "left")], [], 110)).toBe(true);
  });
});
