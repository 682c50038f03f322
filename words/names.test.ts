import { describe, expect, it } from "vitest";
import { colourWords } from "./names";

describe("what skin looks like", () => {
  it("goes by its browning, and is not pale where it was browned in a pan", () => {
    expect([0.1, 0.6, 1, 2.4].map((browning) => colourWords(browning))).toEqual([
      "pale",
      "light gold",
      "golden",
      "dark",
    ]);
    expect([0.1, 1, 2.4].map((browning) => colourWords(browning, true))).toEqual([
      "browned in the pan",
      "golden",
      "dark",
    ]);
  });
});
