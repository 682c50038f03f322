import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { drain } from "./cook";
import { firstEnough } from "./firstEnough";

describe("the first that is enough", () => {
  const ROW = fc.integer({ min: 0, max: 200 }).chain((last) =>
    fc.record({
      last: fc.constant(last),
      first: fc.integer({ min: 0, max: last }),
      likely: fc.integer({ min: 0, max: last }),
    }),
  );

  /** @param said of one that is not enough, how far on the first that is may be */
  function sought(
    { last, first, likely }: { readonly last: number; readonly first: number; readonly likely: number },
    said: (missing: number) => number,
  ): { readonly found: number; readonly asked: number } {
    let asked = 0;
    const found = drain(
      firstEnough(last, likely, function* (at) {
        asked++;
        yield at;
        return at >= first ? null : said(first - at);
      }),
    );
    return { found, asked };
  }

  it("is found wherever it is, whatever is guessed of the way to it", () => {
    fc.assert(
      fc.property(ROW, fc.constantFrom(0, 0.3, 1, 4), (row, share) => {
        expect(sought(row, (missing) => Math.ceil(share * missing)).found).toBe(row.first);
      }),
    );
  });

  it("is found by two asks where the guess is right, and by few where nothing is known of the way", () => {
    fc.assert(
      fc.property(ROW, (row) => {
        expect(sought({ ...row, likely: row.first }, (missing) => missing).asked).toBeLessThanOrEqual(2);
        expect(sought(row, (missing) => missing).asked).toBeLessThanOrEqual(2 * Math.log2(row.last + 1) + 3);
        expect(sought(row, () => 0).asked).toBeLessThanOrEqual(Math.log2(row.last + 1) ** 2 + 4);
      }),
    );
  });
});
