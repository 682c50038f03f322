import { describe, expect, it } from "vitest";
import { MINUTE_MS } from "../../../../core/units/time";
import { axisOf, barsOn } from "./layout";

const IN_MS = Date.parse("2026-12-24T16:00:00Z");
const dish = (name: string, startMin: number, endMin: number) => ({
  name,
  startMs: IN_MS + startMin * MINUTE_MS,
  endMs: IN_MS + endMin * MINUTE_MS,
});

describe("a record's dishes on its axis", () => {
  const axis = axisOf(600, IN_MS, 180);

  it("are those that were on while the axis goes: not one of the day after, nor one that was done before", () => {
    const dishes = [
      dish("Done", -60, -5),
      dish("Beside", 100, 140),
      dish("Late", 170, 230),
      dish("Reheated", 1500, 1560),
    ];
    expect(barsOn(axis, dishes).map(({ dish: { name } }) => name)).toEqual(["Beside", "Late"]);
  });

  it("lie on the axis, their names too", () => {
    const dishes = [dish("Begun before", -20, 30), dish("Late", 170, 230), dish("All the time", -20, 230)];
    const [begunBefore, late, allTheTime] = barsOn(axis, dishes);
    for (const each of [begunBefore, late, allTheTime]) {
      expect(each?.from).toBeGreaterThanOrEqual(axis.x(0));
      expect(each?.to).toBeLessThanOrEqual(axis.x(180));
    }
    expect(begunBefore).toMatchObject({ name: { x: axis.x(30) + 6, anchor: "start" } });
    expect(late).toMatchObject({ name: { x: axis.x(170) - 6, anchor: "end" } });
    const [nearlyAll] = barsOn(axis, [dish("With a name that is longer than there is room", 30, 230)]);
    expect(nearlyAll).toMatchObject({ name: { x: axis.x(180) - 6, anchor: "end" } });
    expect(allTheTime).toMatchObject({ name: { x: axis.x(0) + 6, anchor: "start" } });
  });
});
