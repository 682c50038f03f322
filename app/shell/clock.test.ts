import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { backToLife, clock, every, everyInLife, setPace } from "./clock";

const START = Date.UTC(2026, 8, 27, 10);

describe("the page's clock", () => {
  beforeEach(() => {
    vi.useFakeTimers({ now: START });
  });
  afterEach(() => {
    backToLife();
    vi.useRealTimers();
  });

  it("is life until it is set, then runs from where it was set at its rate", () => {
    expect(clock.now()).toBe(START);
    setPace(120, START + 3_600_000);
    vi.advanceTimersByTime(1000);
    expect(clock.now()).toBe(START + 3_600_000 + 120_000);
  });

  it("wakes at a moment of its own, also when the rate changes while it waits", () => {
    let woken = 0;
    clock.wakeAt(START + 3_600_000, () => {
      woken = clock.now();
    });
    vi.advanceTimersByTime(1_800_000);
    expect(woken).toBe(0);
    setPace(60, clock.now());
    vi.advanceTimersByTime(61_000);
    expect(woken).toBeGreaterThanOrEqual(START + 3_600_000);
    // No later than a wait that was under way: a minute of life.
    expect(woken).toBeLessThan(START + 3_600_000 + 60 * 61_000);
  });

  it("does not wake what has been given up, and wakes for what has passed", () => {
    const woken: string[] = [];
    clock.wakeAt(START + 5000, () => woken.push("given up"))();
    clock.wakeAt(START - 5000, () => woken.push("passed"));
    vi.advanceTimersByTime(10_000);
    expect(woken).toEqual(["passed"]);
  });

  it("ticks in its own seconds, within what a page can show", () => {
    setPace(2, START);
    let ticks = 0;
    const end = every(1000, () => ticks++);
    vi.advanceTimersByTime(5000);
    expect(ticks).toBe(10);
    end();
    vi.advanceTimersByTime(5000);
    expect(ticks).toBe(10);
  });

  it("asks a server as often as in life, however fast it runs", () => {
    setPace(60, START);
    let asked = 0;
    const end = everyInLife(15_000, () => asked++);
    vi.advanceTimersByTime(60_000);
    end();
    vi.advanceTimersByTime(60_000);
    expect(asked).toBe(4);
  });

  it("is held at 0, and goes on from there", () => {
    setPace(0, START);
    let wokenAt = Number.NaN;
    clock.wakeAt(START + 1000, () => {
      wokenAt = clock.now();
    });
    vi.advanceTimersByTime(3_600_000);
    expect(clock.now()).toBe(START);
    expect(wokenAt).toBeNaN();
    setPace(60, clock.now());
    vi.advanceTimersByTime(1000);
    expect(wokenAt).toBeGreaterThanOrEqual(START + 1000);
  });

  it.each([-1, 0.5, 241, Number.NaN])("refuses a rate of %s", (rate) => {
    expect(() => setPace(rate, START)).toThrow(`rate: got ${rate}, allowed is 0, or 1 to 240`);
  });
});
