import fc from "fast-check";
import { expect, it } from "vitest";
import { nameFromPx } from "./barName";

it("stands at the bar's beginning, or behind the handle that would cover it", () => {
  expect(nameFromPx(200, 40, [])).toBe(0);
  expect(nameFromPx(200, 40, [46])).toBe(54);
  expect(nameFromPx(200, 40, [60])).toBe(0);
  expect(nameFromPx(200, 40, [30, 70, 150])).toBe(78);
});

it("has room wherever it stands, is under no handle, and is left out only where no gap takes it", () => {
  const bar = fc.record({
    widthPx: fc.integer({ min: 10, max: 400 }),
    namePx: fc.integer({ min: 20, max: 90 }),
    shares: fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 4 }),
  });
  fc.assert(
    fc.property(bar, ({ widthPx, namePx, shares }) => {
      const handles = shares.map((share) => share * widthPx);
      const fromPx = nameFromPx(widthPx, namePx, handles);
      if (fromPx === null) {
        const ends = [-8, ...handles].sort((a, b) => a - b);
        ends.forEach((px, n) => {
          expect((ends[n + 1] ?? widthPx + 8) - px).toBeLessThan(namePx + 17);
        });
        return;
      }
      expect(fromPx + namePx).toBeLessThan(widthPx);
      for (const px of handles) expect(px < fromPx || px > fromPx + namePx).toBe(true);
    }),
  );
});
