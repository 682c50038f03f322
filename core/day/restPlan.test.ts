import { describe, expect, it } from "vitest";
import type { RestOutlook } from "./present";
import { restPlan } from "./restPlan";

const rested = { boughtKg: 5, allSeen: false, heldMin: 0, isRead: true, plannedMin: null, isForDinner: true };
const outlook: RestOutlook = { peak: {}, seenMin: 12, shortK: 0, hotUntilMin: null, backInMin: null };

describe("the rest as a plan of its own", () => {
  it("waits for the shortest rest, and for the last centre to show what has to be seen", () => {
    expect(restPlan({ ...rested, outlook }).earliestMin).toBe(20);
    expect(restPlan({ ...rested, outlook: { ...outlook, seenMin: 34 } }).earliestMin).toBe(34);
    expect(restPlan({ ...rested, outlook: { ...outlook, seenMin: 34 }, allSeen: true }).earliestMin).toBe(20);
    expect(restPlan({ ...rested, boughtKg: 1.8, outlook }).earliestMin).toBe(15);
    // And to show it still, by a guideline that wants it held.
    const held = { ...rested, heldMin: 2, outlook: { ...outlook, seenMin: 34 } };
    expect(restPlan(held).earliestMin).toBe(36);
    expect(restPlan({ ...held, allSeen: true }).earliestMin).toBe(20);
    expect(restPlan({ ...held, outlook: null }).earliestMin).toBe(20);
  });

  it("ends when it cools, or when it has rested long enough", () => {
    expect(restPlan({ ...rested, outlook, allSeen: true })).toMatchObject({
      latestMin: 90,
      latestBecause: "long-enough",
    });
    expect(restPlan({ ...rested, outlook: { ...outlook, hotUntilMin: 55 }, allSeen: true })).toMatchObject({
      latestMin: 55,
      latestBecause: "cools",
    });
  });

  it("goes back in where the rest falls short, unless it was seen after all", () => {
    const short = { ...outlook, seenMin: null, shortK: 0.7, backInMin: 16 };
    expect(restPlan({ ...rested, outlook: short }).backInMin).toBe(16);
    expect(restPlan({ ...rested, outlook: short }).fallsShort).toBe(true);
    expect(restPlan({ ...rested, outlook: short, allSeen: true })).toMatchObject({
      fallsShort: false,
      backInMin: null,
    });
    expect(restPlan({ ...rested, outlook: { ...short, backInMin: null } })).toMatchObject({
      fallsShort: true,
      backInMin: null,
    });
    // Of a bird that was never read so little is not known; what is far off is.
    expect(restPlan({ ...rested, outlook: short, isRead: false })).toMatchObject({
      fallsShort: false,
      backInMin: null,
      earliestMin: 20,
    });
    expect(restPlan({ ...rested, outlook: { ...short, shortK: 9 }, isRead: false })).toMatchObject({
      fallsShort: true,
      backInMin: 16,
    });
    expect(restPlan({ ...rested, outlook: null })).toMatchObject({ earliestMin: 20, latestMin: 90, fallsShort: false });
  });

  it("is carved as planned, no sooner than it may be and as long as it is good; past that only where dinner waits", () => {
    const cools = { ...rested, outlook: { ...outlook, hotUntilMin: 55 }, allSeen: true };
    const carved = (plannedMin: number, isForDinner = true) => restPlan({ ...cools, plannedMin, isForDinner });
    expect(restPlan(cools)).toMatchObject({ carveMin: null, overMin: 0 });
    expect(carved(5)).toMatchObject({ carveMin: 20, overMin: 0 });
    expect(carved(45)).toMatchObject({ carveMin: 45, overMin: 0 });
    expect(carved(58)).toMatchObject({ carveMin: 55, overMin: 0 });
    expect(carved(90)).toMatchObject({ carveMin: 90, overMin: 35 });
    expect(carved(90, false)).toMatchObject({ carveMin: 55, overMin: 0 });
  });
});
