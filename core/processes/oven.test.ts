import { describe, expect, it } from "vitest";
import { constant } from "../constants";
import { Oven } from "./oven";

/** Mean air over an hour in stretches of so many minutes, the door opened at its beginning. */
function meanAirC(stretchMin: number, openMin: number): number {
  const oven = new Oven(180);
  let sum = 0;
  for (let minute = 0; minute < 60; minute += stretchMin) {
    oven.advance(minute + stretchMin, 180, 1, minute === 0 ? openMin : 0);
    sum += oven.airC * stretchMin;
  }
  return sum / 60;
}

describe("an oven whose door stands open", () => {
  it("is cold for as long as that, however coarse the stretches it is followed in", () => {
    expect(meanAirC(1, 10)).toBeLessThan(meanAirC(1, 2) - 10);
    expect(meanAirC(4, 10)).toBeCloseTo(meanAirC(1, 10), 6);
    expect(meanAirC(5, 30)).toBeCloseTo(meanAirC(1, 30), 6);
  });

  it("comes back to its dial once it is shut", () => {
    const oven = new Oven(180);
    oven.advance(10, 180, 1, 10);
    expect(oven.airC).toBeLessThan(60);
    oven.advance(40, 180, 1, 0);
    oven.advance(50, 180, 1, 0);
    expect(Math.abs(oven.airC - 180)).toBeLessThan(6);
  });
});

describe("an oven that is off", () => {
  it("cools behind its shut door as one does that is turned down, and is on its dial again soon after it is on", () => {
    const [off, down] = [new Oven(200), new Oven(200)];
    for (const oven of [off, down]) oven.advance(10, 200, 1, 0);
    off.advance(30, null, 1, 0);
    down.advance(30, 25, 1, 0);
    expect(Math.abs(off.airC - down.airC)).toBeLessThan(4);
    expect(off.airC).toBeGreaterThan(100);
    off.advance(600, null, 1, 0);
    off.advance(601, null, 1, 0);
    expect(off.airC).toBeCloseTo(constant("kitchenC"), 1);
    off.advance(660, 200, 1, 0);
    off.advance(700, 200, 1, 0);
    expect(Math.abs(off.airC - 200)).toBeLessThan(4);
  });
});
