import { describe, expect, it } from "vitest";
import type { Roast } from "../../../core/plan/roast";
import { sampleRoast } from "../../../tests/helpers/sampleRoast";
import { withoutCopy } from "./withoutCopy";

const carved = (at: string): Roast => ({
  ...sampleRoast(at),
  happened: { inAt: "2026-09-01T08:00:00Z", pulledAt: "2026-09-01T09:00:00Z", carvedAt: at },
});
const NOW = Date.parse("2026-10-01T00:00:00Z");
const two = [carved("2026-09-10T12:00:00Z"), carved("2026-09-20T12:00:00Z"), sampleRoast("planned")];

describe("records that are in no copy", () => {
  it.each([
    ["all of them, when there never was one", "", false, 2],
    ["those after the last one", "2026-09-15T00:00:00Z", false, 1],
    ["none, when all are in it", "2026-09-25T00:00:00Z", false, 0],
    ["none for a while, where the browser keeps them", "2026-09-15T00:00:00Z", true, 0],
    ["all of them there too, when there never was a copy", "", true, 2],
  ])("are %s", (_, lastCopyAt, isKept, count) =>
    expect(withoutCopy(two, lastCopyAt, isKept, new Set(), NOW)).toHaveLength(count),
  );

  it("are not those that the server's shelf has too", () => {
    const shared = new Set(["2026-09-10T12:00:00Z"]);
    expect(withoutCopy(two, "", false, shared, NOW).map(({ id }) => id)).toEqual(["2026-09-20T12:00:00Z"]);
  });
});
