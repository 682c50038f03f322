import { describe, expect, it } from "vitest";
import { Drag } from "./drag";

const MINUTE = 60_000;
/** A pixel a minute. */
const scale = { toX: (ms: number) => ms / MINUTE, toMs: (x: number) => x * MINUTE };
const from = 812 * MINUTE;
const taken = () => new Drag(scale, 1000, from, 5 * MINUTE);

describe("a handle under a finger", () => {
  it("moves nothing by a tap, though it stands between two steps", () => {
    const tap = taken();
    expect(tap.move(1002)).toBeNull();
    expect(tap.drop(1002)).toBeNull();
    expect(tap.cancel()).toBeNull();
  });

  it("follows the finger by steps and stays where it is dropped", () => {
    const drag = taken();
    expect(drag.move(1030)).toBe(840 * MINUTE);
    expect(drag.drop(1061)).toBe(875 * MINUTE);
    // Back to where it began is a move like any other.
    expect(drag.move(1000)).toBe(810 * MINUTE);
  });

  it("is where it was when the system takes the finger away", () => {
    const drag = taken();
    drag.move(1100);
    expect(drag.cancel()).toBe(from);
  });
});
