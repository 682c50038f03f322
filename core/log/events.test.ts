import { expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { eventsOf, keyOf } from "./events";

it("each thing that was done to a roast is one, also what was done in one go", () => {
  const at = (minute: number): string => new Date(Date.UTC(2026, 8, 27, 8, minute)).toISOString();
  const events = eventsOf({
    plan: {
      ...sampleRoast().plan,
      stages: [
        { fromMin: 0, airC: 200 },
        { fromMin: 60, airC: 160 },
      ],
    },
    happened: {
      inAt: at(0),
      left: [
        { at: at(90), piece: "thigh" },
        { at: at(90), piece: "drumstick" },
      ],
      pulledAt: at(120),
    },
  });
  expect(events.map(({ kind }) => kind)).toEqual(["in", "stage", "left", "left", "pulled"]);
  expect(new Set(events.map(keyOf)).size).toBe(events.length);
});
