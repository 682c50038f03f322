import { describe, expect, it } from "vitest";
import { bruma } from "../tests/helpers/command";

describe("practice", () => {
  it("plays roasts without a screen, and prints what they truly came to", () => {
    const { day, policies } = JSON.parse(
      bruma("practice", "--seed", "1", "--policy", "no-thermometer", "--day", "calm").stdout,
    );
    expect(day).toBe("calm");
    expect(policies).toMatchObject([{ policy: "no-thermometer", roasts: 1, onTimeShare: 1, medianOffMin: 0 }]);
    expect(policies[0].played).toHaveLength(1);
    const { status, stderr } = bruma("practice", "--seed", "1", "--policy", "by-luck");
    expect(status).toBe(2);
    expect(stderr).toContain("--policy: got by-luck, allowed is no-thermometer, by-the-book, bruma");
  });
});
