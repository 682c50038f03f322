import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CENTRES, type Centre } from "../bird/solid";
import { evenNumbers, normalNumbers } from "../chance";
import type { Reading } from "./reading";
import { screened } from "./screening";

/** A centre that rises along a curve, read every two minutes with the noise of a probe. */
const rising = (noise: readonly number[], from = 0): Reading[] =>
  noise.map((k, n) => ({
    minute: from + 2 * n,
    part: "breast",
    celsius: 4 + 70 * (1 - Math.exp(-(2 * n) / 110)) + 0.4 * k,
  }));
const anyNoise = fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { minLength: 30, maxLength: 60 });

describe("readings that are set aside", () => {
  it("are none of an honest probe's, dense or typed", () => {
    fc.assert(
      fc.property(anyNoise, (noise) => {
        expect(screened(rising(noise)).setAside).toEqual([]);
      }),
    );
    const typed: Reading[] = [30, 75, 110].map((minute) => ({ minute, part: "thigh", celsius: minute / 2 }));
    expect(screened(typed).kept).toEqual(typed);
  });

  it("are none of a small bird's in a hot oven, whose curve begins level and then bends up", () => {
    fc.assert(
      fc.property(anyNoise, fc.integer({ min: 22, max: 60 }), (noise, bendMin) => {
        const bent = rising(noise).map((reading, n) => {
          const share = (2 * n) / bendMin;
          return { ...reading, celsius: 4 + 75 * (1 - Math.exp(-share) * (1 + share)) + 0.25 * (noise[n] as number) };
        });
        expect(screened(bent).setAside.filter(({ why }) => why !== "spike")).toEqual([]);
      }),
      { numRuns: 500 },
    );
  });

  it("are all since a tip slipped, and only the one of a spike; the other probe's are kept", () => {
    fc.assert(
      fc.property(anyNoise, fc.integer({ min: 12, max: 24 }), fc.constantFrom(-8, 6, 12), (noise, at, by) => {
        const honest = rising(noise);
        const other = honest.map((reading) => ({ ...reading, part: "thigh" as const }));
        const slipped = honest.map((reading, n) => (n >= at ? { ...reading, celsius: reading.celsius + by } : reading));
        const { kept, setAside } = screened([...slipped, ...other]);
        expect(setAside.map(({ reading }) => reading.minute)).toEqual(honest.slice(at).map(({ minute }) => minute));
        expect(setAside.every(({ why }) => why === "slipped")).toBe(true);
        expect(kept.filter(({ part }) => part === "thigh")).toHaveLength(other.length);
        const spiked = honest.map((reading, n) =>
          n === at ? { ...reading, celsius: reading.celsius + 2 * by } : reading,
        );
        expect(screened(spiked).setAside).toMatchObject([{ reading: { minute: 2 * at }, why: "spike" }]);
      }),
    );
  });

  it("are all since a tip slipped where readings are lost, too: a third of them, up to three in a row", () => {
    const anyLost = fc.array(fc.constantFrom(true, false, false), { minLength: 60, maxLength: 60 });
    fc.assert(
      fc.property(
        anyNoise,
        anyLost,
        fc.integer({ min: 12, max: 24 }),
        fc.constantFrom(-8, 8, 13),
        (noise, lost, at, by) => {
          const got = rising(noise)
            .map((reading, n) => (n >= at ? { ...reading, celsius: reading.celsius + by } : reading))
            .filter((_, n) => !lost[n] || (lost[n - 1] && lost[n - 2] && lost[n - 3]));
          const after = got.filter(({ minute }) => minute >= 2 * at);
          const [first] = after;
          // Two are no slip yet, and after a longer silence there is no line to have left.
          fc.pre(first !== undefined && after.length >= 3);
          fc.pre(got.filter(({ minute }) => minute < 2 * at && minute >= (first?.minute ?? 0) - 16).length >= 4);
          const { kept } = screened(got, 4);
          expect(kept.filter(({ minute }) => minute >= 2 * at)).toEqual([]);
        },
      ),
      { numRuns: 500 },
    );
  });

  it("are found by the third in 95 of 100 slips of four degrees", () => {
    const normal = normalNumbers(evenNumbers(17));
    const found = Array.from({ length: 300 }, (_, roast) => {
      const at = 14 + (roast % 20);
      const readings = rising(Array.from({ length: at + 3 }, normal)).map((reading, n) =>
        n >= at ? { ...reading, celsius: reading.celsius + (roast % 2 ? 4 : -4) } : reading,
      );
      return screened(readings, 4).lost.length > 0;
    });
    expect(found.filter(Boolean).length / found.length).toBeGreaterThanOrEqual(0.95);
  });

  it("are by hand what no bird shows after the one before, until another agrees", () => {
    const hand = (...celsius: number[]): Reading[] =>
      celsius.map((value, n) => ({ minute: 60 + 20 * n, part: "breast", celsius: value }));
    const asideOf = (...celsius: number[]): number[] =>
      screened(hand(...celsius), 4).setAside.map(({ reading }) => reading.celsius);
    expect(asideOf(40, 55, 7)).toEqual([7]);
    expect(asideOf(40, 55, 7, 63)).toEqual([7]);
    expect(asideOf(40, 55, 207, 63)).toEqual([207]);
    expect(asideOf(-20)).toEqual([-20]);
    expect(asideOf(97 + 2)).toEqual([99]);
    // The first was wrong: two that agree say so.
    expect(asideOf(70, 31, 38)).toEqual([70]);
    // Put in a little elsewhere, it may show somewhat less.
    expect(asideOf(40, 55, 51)).toEqual([]);
    expect(asideOf(207, 210)).toEqual([207, 210]);
  });

  it("are by hand none of a bird's own, however it is cooked and however seldom it is read", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 12 }),
        // At 20 min it rises by 4 K in its first minute, which is more than a centre does.
        fc.integer({ min: 20, max: 200 }),
        // Two and a half deviations of a probe's noise: of 2.5 K, one series in some 50,000 has a slip.
        fc.array(fc.double({ min: -1.25, max: 1.25, noNaN: true }), { minLength: 12, maxLength: 12 }),
        (gaps, timeMin, noise) => {
          let minute = 0;
          const readings = gaps.map((gap, n): Reading => {
            minute += gap;
            return {
              minute,
              part: "thigh",
              celsius: 4 + 80 * (1 - Math.exp(-minute / timeMin)) + (noise[n] as number),
            };
          });
          expect(screened(readings, 4).setAside.filter(({ why }) => why !== "spike")).toEqual([]);
          if (Math.min(...gaps) > 5) expect(screened(readings, 4).kept).toHaveLength(readings.length);
        },
      ),
      // A thin piece in a hot oven, read by the minute and then not for a third of an hour.
      { examples: [[[1, 1, 1, 1, 4, 1, 19, 2], 15, Array.from({ length: 12 }, () => 0)]] },
    );
  });

  it("are none since the cook has put the tip right, whatever it jumped by, and what lies before is of another place", () => {
    fc.assert(
      fc.property(
        anyNoise,
        fc.integer({ min: 10, max: 14 }),
        fc.integer({ min: 4, max: 10 }),
        fc.constantFrom(-8, 6, 15),
        fc.integer({ min: -6, max: 6 }),
        (noise, at, for_, by, then) => {
          const own = rising(noise).map((reading, n) => {
            const offK = n < at ? 0 : n < at + for_ ? by : then;
            return { ...reading, celsius: reading.celsius + offK };
          });
          const minute = 2 * (at + for_);
          const { kept, lost, stays } = screened(own, 4, CENTRES, [{ minute, probe: "breast" }]);
          const since = own.filter((reading) => reading.minute >= minute);
          expect(kept.filter((reading) => reading.minute >= minute)).toEqual(since);
          expect(lost).toEqual([]);
          expect(stays.at(-1)).toEqual(since);
          for (const stay of stays.slice(0, -1)) for (const each of stay) expect(each.since).toBeDefined();
          // Told as soon as it is done, before it has shown anything there.
          const before = own.filter((reading) => reading.minute < minute);
          expect(screened(before, 4, CENTRES, [{ minute, probe: "breast" }]).lost).toEqual([]);
        },
      ),
    );
  });

  it("lose nothing: every reading is kept or set aside", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            minute: fc.integer({ min: 0, max: 300 }),
            part: fc.constantFrom("breast", "thigh" as const),
            celsius: fc.double({ min: -30, max: 110, noNaN: true }),
          }),
        ),
        (readings) => {
          const { kept, setAside } = screened(readings);
          expect(kept.length + setAside.length).toBe(readings.length);
        },
      ),
    );
  });

  it("are found by work that grows with the readings, and not with their square: one every second, all day", () => {
    const looks = (hours: number): number => {
      let count = 0;
      const readings = Array.from({ length: 3600 * hours }, (_, s) => ({
        part: "breast" as const,
        minute: s / 60,
        get celsius() {
          count++;
          return 4 + 60 * (1 - Math.exp(-s / 9000)) + 0.3 * Math.sin(7 * s);
        },
      }));
      expect(screened(readings, 4).setAside).toEqual([]);
      return count / readings.length;
    };
    expect(looks(3)).toBeLessThan(40);
    expect(looks(3)).toBeLessThan(1.2 * looks(1));
  });

  it("are told apart however many they are: more than a call takes, of a probe that lay in the oven's air", () => {
    const many = (celsiusOf: (n: number) => number): Reading[] =>
      Array.from({ length: 200_000 }, (_, n) => ({ part: "breast", minute: n / 60, celsius: celsiusOf(n) }));
    const [never, later] = [many(() => 150), many((n) => (n > 3000 ? 150 : 20 + n / 100))];
    expect(screened(never, 4).setAside).toHaveLength(never.length);
    const { kept, setAside } = screened(later, 4);
    expect(kept.length + setAside.length).toBe(later.length);
    expect(setAside.length).toBeGreaterThan(190_000);
  });
});

describe("a reading of meat that a bird does not have", () => {
  it("is set aside as that, and leaves the others as they are without it", () => {
    fc.assert(
      fc.property(fc.subarray([...CENTRES], { minLength: 1 }), anyNoise, (own, noise) => {
        const readings = rising(noise).map((reading, n): Reading => ({ ...reading, part: CENTRES[n % 3] as Centre }));
        const [has, hasNot] = [true, false].map((is) => readings.filter(({ part }) => own.includes(part) === is));
        const { setAside, ...rest } = screened(readings, 4, own);
        const absent = setAside.flatMap(({ reading, why }) => (why === "absent" ? [reading] : []));
        expect(absent.sort((a, b) => a.minute - b.minute)).toEqual(hasNot);
        const alone = screened(has ?? [], 4);
        expect({ ...rest, setAside: setAside.filter(({ why }) => why !== "absent") }).toEqual(alone);
      }),
    );
  });
});
