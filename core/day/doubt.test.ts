import { describe, expect, it } from "vitest";
import { simulated } from "../../tests/helpers/simulated";
import type { Reading } from "../forecast/reading";
import { doubtedAtRest, doubtedOf, expectedC } from "./doubt";

const at = (minute: number, celsius: number): Reading => ({ minute, part: "breast", celsius });
const none = () => null;

describe("a typed reading", () => {
  it.each([7, 207, -20])("of %s after 55 is asked about", (celsius) => {
    const fresh = [at(100, celsius)];
    expect(doubtedOf(fresh, [at(60, 38), at(80, 55)], 4, [], none)).toMatchObject([{ reading: { celsius } }]);
  });

  it("that a bird does show is not, whichever came before", () => {
    expect(doubtedOf([at(100, 61)], [at(60, 38), at(80, 55)], 4, [], none)).toEqual([]);
    expect(doubtedOf([at(100, 61)], [], 4, [], none)).toEqual([]);
    // After a wrong one that was kept, the next right one is believed.
    expect(doubtedOf([at(100, 62)], [at(60, 38), at(80, 55), at(90, 7)], 4, [], none)).toEqual([]);
  });

  it("is held against the plan's own bird until there are fitted ones", () => {
    const { history } = simulated();
    expect(expectedC("breast", 100, null, history)).toEqual({ lowC: 30, highC: 46 });
    expect(expectedC("filling", 100, null, history)).toBeNull();
    const member = (celsius: number) => ({
      draw: [],
      minutes: Float64Array.of(0, 200),
      shown: { breast: Float64Array.of(celsius, celsius) },
      further: {},
    });
    expect(expectedC("breast", 100, [member(50), member(60)], history)).toEqual({ lowC: 51, highC: 59 });
  });
});

describe("a reading at rest", () => {
  const inOven = [at(60, 38), at(100, 72)];

  it.each([68, 74, 90])("of %s is carry-over or cooling, and is kept", (celsius) => {
    expect(doubtedAtRest([at(110, celsius)], inOven, 4)).toEqual([]);
  });

  it.each([165, 91, -1])("of %s is asked about, with what was to be expected", (celsius) => {
    const [asked] = doubtedAtRest([at(110, celsius)], inOven, 4);
    expect(asked).toMatchObject({ reading: { celsius }, expected: { lowC: 57, highC: 77 } });
  });

  it("of a bird that was hotter in the oven may be hotter at rest", () => {
    expect(doubtedAtRest([at(110, 94)], [...inOven, at(105, 80)], 4)).toEqual([]);
  });
});
