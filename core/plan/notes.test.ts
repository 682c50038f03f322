import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { notesWith } from "./notes";

const text = fc.array(fc.constantFrom("Good.", "Salt longer", "A tray less", "Guests late", ""), { maxLength: 5 });
const anyNotes = text.map((lines) => lines.join("\n"));

describe("notes that are typed", () => {
  it("are as they stand under the hand, where nothing came from elsewhere", () => {
    fc.assert(
      fc.property(anyNotes, anyNotes, (from, to) => {
        expect(notesWith(from, from, to)).toBe(to);
      }),
    );
  });

  it("keep what came from elsewhere, whatever is typed", () => {
    fc.assert(
      fc.property(anyNotes, anyNotes, (from, to) => {
        const stored = `${from}\nMinute 40: oven at 180 °C.`;
        expect(notesWith(stored, from, to)).toContain("Minute 40: oven at 180 °C.");
      }),
    );
  });

  it("are stored again and again as they grow, and no beginning of a line stays", () => {
    const elsewhere = "Minute 40: oven at 180 °C.";
    let [stored, from] = ["", ""];
    for (const to of ["Sal", "Salt a d", "Salt a day", "Salt a day longer\nless heat"]) {
      stored = notesWith(stored, from, to);
      from = to;
      if (to === "Sal") stored = `${stored}\n${elsewhere}`;
    }
    expect(stored).toBe(`${elsewhere}\nSalt a day longer\nless heat`);
  });
});
