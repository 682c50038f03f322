import { describe, expect, it } from "vitest";
import { leftovers } from "./leftovers";

const asked = { massKg: 1.2, depthM: 0.03, fridgeC: 4, startC: 62, coveredInFridge: false };

describe("what is left of a bird", () => {
  // FDA Food Code: from 57 to 21 °C within two hours, to 5 °C within six in all; shallow pans are what it advises for it.
  it("keeps the cooling rule in a shallow open tray, and breaks it in a deep covered one", () => {
    expect(leftovers(asked).chill.keepsTheRule).toBe(true);
    expect(leftovers({ ...asked, massKg: 4, depthM: 0.1, coveredInFridge: true }).chill.keepsTheRule).toBe(false);
  });

  it("cools more slowly the deeper it lies, and takes longer to heat again", () => {
    const [shallow, deep] = [leftovers(asked), leftovers({ ...asked, depthM: 0.06 })];
    expect(deep.chill.to21Min ?? 0).toBeGreaterThan(shallow.chill.to21Min ?? 999);
    const minutes = ({ reheat }: typeof deep) => (reheat.kind === "hot" ? reheat.minutes : Number.NaN);
    expect(minutes(deep)).toBeGreaterThan(minutes(shallow));
  });

  it("refuses what is no tray", () => {
    expect(() => leftovers({ ...asked, depthM: 0.3 })).toThrow("depth of the meat in the tray: got 30");
  });
});
