import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CENTRES } from "../../../core/bird/solid";
import { COLOURS } from "../../../core/processes/conditions";
import { cToFahrenheit, fahrenheitToC } from "../../../core/units/quantity";
import { conditionWords } from "../../../words/conditions";
import { type Moment, momentShown, parseMoment } from "./parseMoment";

const ABOUT = { what: "glaze", centres: CENTRES, lowC: 0, highC: 95 };
const whole = (celsius: number, units: "metric" | "us"): number =>
  units === "us" ? fahrenheitToC(Math.round(cToFahrenheit(celsius))) : celsius;
const anyMoment = fc.oneof(
  fc.record({ atMin: fc.integer({ min: 0, max: 960 }) }),
  fc.record({ when: fc.record({ colour: fc.constantFrom(...COLOURS) }) }),
  fc.record({
    when: fc.record({ centre: fc.constantFrom(...CENTRES), reachesC: fc.integer({ min: 1, max: 94 }) }),
  }),
);

describe("a moment of the roast that is typed", () => {
  it("may be what the field shows, and what a sentence says of it, in both habits", () => {
    fc.assert(
      fc.property(anyMoment, fc.constantFrom("metric" as const, "us" as const), (any, units) => {
        const moment: Moment =
          "when" in any && "centre" in any.when
            ? { when: { ...any.when, reachesC: whole(any.when.reachesC, units) } }
            : any;
        const read = (text: string): Moment => parseMoment(text, units, ABOUT);
        const texts = [momentShown(moment, units), momentShown(moment, units).toUpperCase()];
        if ("when" in moment) {
          const write = (celsius: number): string =>
            momentShown({ when: { centre: "breast", reachesC: celsius } }, units).slice(7);
          texts.push(`when ${conditionWords(moment.when, write)}`);
          if ("centre" in moment.when && moment.when.centre !== "filling")
            texts.push(`${write(moment.when.reachesC)} in the ${moment.when.centre}`);
        }
        for (const text of texts) {
          const again = read(text);
          if ("when" in again && "reachesC" in again.when && "when" in moment && "reachesC" in moment.when) {
            expect(again.when.centre, text).toBe(moment.when.centre);
            expect(again.when.reachesC, text).toBeCloseTo(moment.when.reachesC, 6);
          } else expect(again, text).toEqual(moment);
        }
      }),
    );
  });

  it("is of the first centre where none is named, and of none that the bird does not have", () => {
    const crown = { ...ABOUT, centres: ["breast"] as const };
    expect(parseMoment("65 °C in the first centre", "metric", crown)).toEqual({
      when: { centre: "breast", reachesC: 65 },
    });
    expect(() => parseMoment("thigh 65 °C", "metric", crown)).toThrow();
    expect(() => parseMoment("when it is done", "metric", crown)).toThrow();
    expect(() => parseMoment("breast 99 °C", "metric", crown)).toThrow();
  });
});
