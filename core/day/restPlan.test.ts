import { describe, expect, it } from "vitest";
import type { RestOutlook } from "./present";
import { restPlan } from "./restPlan";

const outlook: RestOutlook = { peak: {}, seenMin: 12, shortK: 0, hotUntilMin: null, backInMin: null };

describe("the rest as a plan of its own", () => {
  it("waits for the shortest rest, and for the last centre to show what has to be seen", () => {
    expect(restPlan(5, outlook, false).earliestMin).toBe(20);
    expect(restPlan(5, { ...outlook, seenMin: 34 }, false).earliestMin).toBe(34);
    expect(restPlan(5, { ...outlook, seenMin: 34 }, true).earliestMin).toBe(20);
    expect(restPlan(1.8, outlook, false).earliestMin).toBe(15);
  });

  it("ends when it cools, or when it has rested long enough", () => {
    expect(restPlan(5, outlook, true)).toMatchObject({ latestMin: 90, latestBecause: "long-enough" });
    expect(restPlan(5, { ...outlook, hotUntilMin: 55 }, true)).toMatchObject({ latestMin: 55, latestBecause: "cools" });
  });

  it("goes back in where the rest falls short, unless it was seen after all", () => {
    const short = { ...outlook, seenMin: null, shortK: 0.7, backInMin: 16 };
    expect(restPlan(5, short, false).backInMin).toBe(16);
    expect(restPlan(5, short, false).fallsShort).toBe(true);
    expect(restPlan(5, short, true)).toMatchObject({ fallsShort: false, backInMin: null });
    expect(restPlan(5, { ...short, backInMin: null }, false)).toMatchObject({ fallsShort: true, backInMin: null });
    // Of a bird that was never read so little is not known; what is far off is.
    expect(restPlan(5, short, false, false)).toMatchObject({ fallsShort: false, backInMin: null, earliestMin: 20 });
    expect(restPlan(5, { ...short, shortK: 9 }, false, false)).toMatchObject({ fallsShort: true, backInMin: 16 });
    expect(restPlan(5, null, false)).toMatchObject({ earliestMin: 20, latestMin: 90, fallsShort: false });
  });
});
