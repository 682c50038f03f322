import { expect, it } from "vitest";
import type { HistoryPoint } from "../processes/bird";
import { asShown } from "./asShown";
import type { Member } from "./member";

const usual: readonly HistoryPoint[] = [0, 50, 100].map((minute) => ({
  minute,
  airC: 180,
  centresC: { breast: minute, thigh: minute },
  coldestC: minute - 5,
  browning: minute / 100,
}));
/** Straight lines to so many degrees at minute 120. */
const member = (breast: number, thigh: number): Member => ({
  draw: [],
  minutes: Float64Array.of(0, 120),
  shown: { breast: Float64Array.of(0, breast), thigh: Float64Array.of(0, thigh) },
  further: {},
});

it("has each centre as the middle bird shows it, on to the last of them, and the rest as the usual one has it", () => {
  const shown = asShown(usual, [member(60, 90), member(48, 72), member(72, 120)]);
  expect(shown.at(1)).toEqual({
    minute: 50,
    airC: 180,
    centresC: { breast: 25, thigh: 37.5 },
    coldestC: 45,
    browning: 0.5,
  });
  expect(shown.at(-1)).toMatchObject({ minute: 120, centresC: { breast: 60, thigh: 90 }, browning: 1 });
  expect(shown.map(({ minute }) => minute)).toEqual([0, 50, 100, 102, 104, 106, 108, 110, 112, 114, 116, 118, 120]);
});

it("has a centre that those birds do not have as the usual one has it: it may be cut otherwise by now", () => {
  const crown = { ...member(60, 90), shown: { breast: Float64Array.of(0, 60) } };
  expect(asShown(usual, [crown]).at(1)?.centresC).toEqual({ breast: 25, thigh: 50 });
});

it("leaves it as it is where nothing has been read, or nothing simulated", () => {
  expect(asShown(usual, [])).toBe(usual);
  expect(asShown([], [member(60, 90)])).toEqual([]);
});
