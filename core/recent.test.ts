import fc from "fast-check";
import { describe, expect, it, vi } from "vitest";
import { Recent } from "./recent";

describe("what was wanted lately", () => {
  it("is made once while it is kept, and forgotten when it was not wanted for longest", () => {
    const recent = new Recent<number>(2);
    const make = vi.fn(() => 1);
    for (const key of ["a", "b", "a", "c", "a"]) recent.get(key, make);
    expect(make).toHaveBeenCalledTimes(3);
    expect(recent.recall("b")).toBeUndefined();
  });

  it("is a law: the last few that were wanted are there, and no more", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 60 }), fc.nat(5), (wanted, most) => {
        const recent = new Recent<number>(most);
        for (const n of wanted) recent.get(`${n}`, () => n);
        const last = [...new Set(wanted.toReversed())].slice(0, most);
        for (let n = 0; n <= 9; n++) expect(recent.recall(`${n}`) === n).toBe(last.includes(n));
      }),
    );
  });
});
