import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseTimeOfDay } from "./timeOfDay";

describe("a time of day as typed", () => {
  it.each([
    ["noon", 720],
    [" Midday", 720],
    ["midnight", 0],
    ["24:00", 0],
    ["13:30", 810],
    ["1330", 810],
    ["1:30 pm", 810],
    ["1.30pm", 810],
    ["7 am", 420],
    ["7 p.m.", 1140],
    ["12 am", 0],
    ["12:05 pm", 725],
    ["0:15", 15],
    ["18h", 1080],
    ["18h30", 1110],
  ])("%s", (text, minutes) => expect(parseTimeOfDay(text)).toBe(minutes));

  it("without am or pm is near what was there before, on a 12-hour clock", () => {
    expect(parseTimeOfDay("1:30", 12 * 60)).toBe(810);
    expect(parseTimeOfDay("9:00", 8 * 60)).toBe(540);
    expect(parseTimeOfDay("12:15", 13 * 60)).toBe(735);
    expect(parseTimeOfDay("12:15", 20)).toBe(15);
    expect(parseTimeOfDay("13:30", 20)).toBe(810);
    // Over midnight, too.
    expect(parseTimeOfDay("11:55", 10)).toBe(1435);
    expect(parseTimeOfDay("12:20", 1430)).toBe(20);
  });

  it("comes back from every way of writing it", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1439 }), (minutes) => {
        const [hour, two] = [Math.floor(minutes / 60), String(minutes % 60).padStart(2, "0")];
        expect(parseTimeOfDay(`${hour}:${two}`)).toBe(minutes);
        expect(parseTimeOfDay(`${hour % 12 || 12}:${two} ${hour < 12 ? "am" : "pm"}`, 600)).toBe(minutes);
        expect(parseTimeOfDay(`${hour % 12 || 12}:${two}`, minutes)).toBe(minutes);
      }),
    );
  });

  it.each(["", "teatime", "24:30", "25:00", "13:75", "13 pm", "-1:00", "1:2:3"])("is refused as %j", (text) =>
    expect(() => parseTimeOfDay(text, 0)).toThrow("time: got"),
  );
});
