import { describe, expect, it } from "vitest";
import { MINUTE_MS } from "../../core/units/time";
import { Drag } from "./drag";

/** A pixel a minute. */
const scale = { toX: (ms: number) => ms / MINUTE_MS, toMs: (x: number) => x * MINUTE_MS };
const from = 812 * MINUTE_MS;
const taken = () => new Drag(scale, 1000, from, 5 * MINUTE_MS);

describe("a handle under a finger", () => {
  it("moves nothing by a tap, though it stands between two steps", () => {
    const tap = taken();
    expect(tap.move(1002)).toBeNull();
    expect(tap.drop(1002)).toBeNull();
    expect(tap.cancel()).toBeNull();
  });

  it("follows the finger by steps and stays where it is dropped", () => {
    const drag = taken();
    expect(drag.move(1030)).toBe(840 * MINUTE_MS);
    expect(drag.drop(1061)).toBe(875 * MINUTE_MS);
    // Back to where it began is a move like any other.
    expect(drag.move(1000)).toBe(810 * MINUTE_MS);
  });

  it("is where it was when the system takes the finger away", () => {
    const drag = taken();
    drag.move(1100);
    expect(drag.cancel()).toBe(from);
  });
});
