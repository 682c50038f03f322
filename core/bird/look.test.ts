import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cutRange, keptBy, LOOKS, nearerTwin, nearestSide, SEEN_FROM, towardsEye, turned, zoomed } from "./look";
import type { Vec3 } from "./sdf";

const BOX = { low: [-0.12, -0.18, -0.1], high: [0.12, 0.18, 0.1] } as const;
const look = fc.record({
  yawDeg: fc.double({ min: 0, max: 359, noNaN: true }),
  pitchDeg: fc.double({ min: -89, max: 89, noNaN: true }),
  zoom: fc.constant(1),
});
const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

describe("looking at the solid", () => {
  it("names the side it is looked at from", () => {
    for (const from of SEEN_FROM) expect(nearestSide(LOOKS[from])).toBe(from);
  });

  it("turns round and round, and never over the top", () => {
    fc.assert(
      fc.property(
        look,
        fc.integer({ min: -800, max: 800 }),
        fc.integer({ min: -300, max: 300 }),
        (from, yaw, pitch) => {
          const to = turned(from, yaw, pitch);
          expect(to.yawDeg).toBeGreaterThanOrEqual(0);
          expect(to.yawDeg).toBeLessThan(360);
          expect(Math.abs(to.pitchDeg)).toBeLessThanOrEqual(89);
          expect(Math.hypot(...towardsEye(to))).toBeCloseTo(1, 9);
        },
      ),
    );
    expect(zoomed(LOOKS.side, 100).zoom).toBe(4);
  });

  it("takes away the nearer part, whatever the cut and the eye", () => {
    const along = fc.constantFrom("lengthwise" as const, "across" as const, "level" as const);
    fc.assert(
      fc.property(
        along,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: -45, max: 45 }),
        look,
        (way, share, tiltDeg, eye) => {
          const [least, most] = cutRange(way, BOX);
          const kept = keptBy({ along: way, atM: least + share * (most - least), tiltDeg }, BOX, eye);
          if (!kept) throw new Error("a cut keeps something");
          expect(dot(kept.normal, towardsEye(eye))).toBeGreaterThanOrEqual(0);
          expect(Math.hypot(...kept.normal)).toBeCloseTo(1, 9);
        },
      ),
    );
    expect(keptBy({ along: "none", atM: 0, tiltDeg: 0 }, BOX, LOOKS.side)).toBeNull();
    // Across, 10 cm from the tail, seen from the tail: what is nearer the tail has gone.
    const kept = keptBy({ along: "across", atM: 0.1, tiltDeg: 0 }, BOX, LOOKS.tail);
    expect(dot(kept?.normal ?? [0, 0, 0], [0, -0.18, 0])).toBeGreaterThan(kept?.offsetM ?? 0);
  });

  it("marks the side that is looked at", () => {
    expect(nearerTwin([0.05, 0, 0], null, LOOKS.side)[0]).toBe(-0.05);
    const right = { ...LOOKS.side, yawDeg: 0 };
    expect(nearerTwin([0.05, 0, 0], null, right)[0]).toBe(0.05);
    const kept = keptBy({ along: "lengthwise", atM: 0.04, tiltDeg: 0 }, BOX, LOOKS.side);
    expect(nearerTwin([0.05, 0, 0], kept, LOOKS.side)[0]).toBe(0.05);
  });
});
