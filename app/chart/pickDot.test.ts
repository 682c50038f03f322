import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dotAt } from "./pickDot";

const place = fc.integer({ min: 0, max: 300 });

describe("a tap on a chart", () => {
  it("means the nearest dot within a fingertip, and none where there is none", () => {
    fc.assert(
      fc.property(fc.array(fc.record({ x: place, y: place })), place, place, (dots, x, y) => {
        const away = dots.map((dot) => Math.hypot(dot.x - x, dot.y - y));
        const least = Math.min(...away);
        const picked = dotAt(dots, x, y);
        if (least > 22) expect(picked).toBeUndefined();
        else expect(picked && Math.hypot(picked.x - x, picked.y - y)).toBe(least);
      }),
    );
  });
});
