import { describe, expect, it } from "vitest";
import { type Abilities, withheldFrom } from "./withheld";

const ALL: Abilities = { isSecure: true, wakeLock: true, notifications: "granted", vibration: true, offline: true };
const lacks = (change: Partial<Abilities>): string[] => withheldFrom({ ...ALL, ...change }).map(({ what }) => what);

describe("what a browser withholds", () => {
  it("is nothing where it gives all, or has not been asked yet", () => {
    expect(lacks({})).toEqual([]);
    expect(lacks({ notifications: "default" })).toEqual([]);
  });

  it("is named one by one, with the way round it", () => {
    expect(lacks({ vibration: false })).toEqual(["the buzz"]);
    expect(lacks({ notifications: "denied" })).toEqual(["notifications"]);
    // A plain http address of the home network.
    const plain = { isSecure: false, wakeLock: false, notifications: "default", offline: false } as const;
    expect(lacks(plain)).toEqual(["keeping the screen awake", "notifications", "opening without the server"]);
    for (const { instead } of withheldFrom({ ...ALL, ...plain })) expect(instead.length).toBeGreaterThan(10);
  });
});
