import { expect, it } from "vitest";
import { deriveAny } from "../tests/helpers/anyPlan";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { timetableOf } from "./timetable";

it("a hand works at what the bird is in by then: under a lid at first, behind a door once it was moved", () => {
  const { plan } = sampleRoast();
  const moved = {
    ...plan,
    heat: "smoker" as const,
    stages: [
      { fromMin: 0, airC: 120 },
      { fromMin: 100, airC: 180, movedTo: "oven" as const },
    ],
    season: { ...plan.season, basteEveryMin: 60, glazeAt: [{ atMin: 90 }, { atMin: 150 }] },
  };
  const rows = timetableOf(moved, deriveAny(moved, { pullMinute: 200, thawHours: 0 }), "metric");
  const details = (id: string): string[] => rows.filter((row) => row.id.startsWith(id)).map(({ detail }) => detail);
  expect(details("baste")).toEqual(["lid", "door", "door"].map((door) => `quickly, ${door} shut again at once`));
  expect(details("glaze")).toEqual(["lid", "door"].map((door) => `thin, ${door} shut again at once`));
});
