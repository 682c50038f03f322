import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { framesAround } from "./frames";

describe("the kept frames around a moment", () => {
  it("hold it between them, in proportion; before the first and after the last that one stands", () => {
    const minutes = fc.uniqueArray(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(minutes, fc.integer({ min: -20, max: 340 }), (kept, minute) => {
        const frames = kept.sort((a, b) => a - b).map((each) => ({ minute: each }));
        const around = framesAround(frames, minute);
        if (!around) throw new Error("there are frames");
        const { from, to, share } = around;
        const held = Math.min(Math.max(minute, frames[0]?.minute ?? 0), frames.at(-1)?.minute ?? 0);
        expect(from.minute + share * (to.minute - from.minute)).toBeCloseTo(held, 9);
      }),
    );
    expect(framesAround([], 3)).toBeNull();
  });
});
