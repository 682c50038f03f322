import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { closedRecord, reopened } from "./closing";
import { isUnasked } from "./ovens";

const happened = {
  inAt: "2026-09-27T08:00:00.000Z",
  pulledAt: "2026-09-27T10:00:00.000Z",
  carvedAt: "2026-09-27T10:30:00.000Z",
};
const says = { slower: 0.1, doubt: 0.05, by: [0, 0, 0, 0] };

describe("a record", () => {
  it("that is opened again has not been asked what it says of its oven: it is, once it is closed", () => {
    const closed = { ...closedRecord({ ...sampleRoast(), happened }, "2026-09-27T12:00:00.000Z"), says };
    expect(isUnasked(closed)).toBe(false);
    const open = reopened(closed);
    expect(open.happened).toEqual(happened);
    expect(open).not.toHaveProperty("says");
    expect(isUnasked(closedRecord(open, "2026-09-28T12:00:00.000Z"))).toBe(true);
  });
});
