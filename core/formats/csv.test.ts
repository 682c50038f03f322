import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { namedRowsIn, rowsIn, toCsv } from "./csv";

describe("a table as CSV", () => {
  it.each(["=1+1", "+cmd", "-cmd|' /C calc'!A0", "@sum(A1)", "\tx", '=HYPERLINK("x")', "'@!", "''=1"])(
    "lets no spreadsheet take %j for a formula, and reads it again as it was",
    (cell) => {
      const text = toCsv([{ name: cell }], ["name"]);
      expect(rowsIn(text)[1]?.[0]).toBe(cell);
      const [, written] = text.split("\r\n");
      expect(written).toMatch(/^"?'/);
    },
  );

  it("leaves numbers alone, whatever their sign", () => {
    expect(toCsv([{ breast: -5.2, thigh: "+3" }], ["breast", "thigh"])).toBe("breast,thigh\r\n-5.2,+3\r\n");
  });

  it("is a law: what was written is read again", () => {
    const cell = fc.string({ minLength: 1 }).filter((text) => text.trim() !== "");
    fc.assert(
      fc.property(fc.array(fc.record({ a: cell, b: cell }), { minLength: 1 }), (rows) => {
        expect(namedRowsIn(toCsv(rows, ["a", "b"])).rows).toEqual(rows);
      }),
    );
  });
});
