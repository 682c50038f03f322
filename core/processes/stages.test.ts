import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { CUTS } from "../bird/form";
import { type Condition, isMet, type Seen } from "./conditions";
import { Oven } from "./oven";
import { fullStages, nextStage } from "./stages";

const seeing =
  (seen: Seen) =>
  (sign: Condition): boolean =>
    isMet(sign, seen);

describe("oven stages", () => {
  it("carry on what the next one leaves out, and pieces lie on the tray where nothing is said", () => {
    const [first, second] = fullStages(
      [
        { fromMin: 0, airC: 220, shield: "breast", surface: "hot-stone" },
        { fromMin: 20, airC: 160, shield: "none" },
      ],
      "whole",
    );
    expect(first).toMatchObject({ side: "up", wrap: "none", surface: "hot-stone", towardsHot: "legs" });
    expect(second).toMatchObject({ shield: "none", surface: "hot-stone" });
    expect(fullStages([{ fromMin: 0, airC: 180 }], "parts")[0]?.surface).toBe("pan");
    expect(fullStages([{ fromMin: 0, airC: 180 }], "whole")[0]?.surface).toBe("rack");
  });

  it("must begin at minute 0 and come in order, unless they wait for a temperature", () => {
    expect(() => fullStages([], "whole")).toThrow("first oven stage");
    const twice = [
      { fromMin: 0, airC: 160 },
      { fromMin: 0, airC: 180 },
    ];
    expect(() => fullStages(twice, "whole")).toThrow("start of an oven stage");
    const waiting = [
      { fromMin: 0, airC: 160 },
      { fromMin: 0, airC: 180, when: { centre: "breast" as const, reachesC: 55 } },
    ];
    expect(() => fullStages(waiting, "whole")).not.toThrow();
    expect(() => fullStages([{ fromMin: 0, airC: Number.NaN }], "whole")).toThrow("oven temperature: got NaN");
  });

  it("of a heat can be done with every piece in it, one after the other", () => {
    const sign = { centre: "breast" as const, reachesC: 60 };
    const close = [
      { fromMin: 0, airC: 120 },
      { fromMin: 60, airC: 130 },
      { fromMin: 60, when: sign, airC: 160 },
      { fromMin: 61, airC: 170 },
    ];
    expect(fullStages(close, "legs").map(({ fromMin }) => fromMin)).toEqual([0, 60, 60.5, 61]);
    expect(fullStages([...close.slice(0, 3), { fromMin: 60.25, airC: 170 }], "legs").at(-1)?.fromMin).toBe(61);
    fc.assert(
      fc.property(ANY_PLAN, fc.constantFrom(...CUTS), ({ stages }, cut) => {
        const clock = fullStages(stages, cut).filter(({ when }) => !when);
        clock.forEach(({ fromMin }, n) => {
          expect(fromMin).toBeGreaterThan(clock[n - 1]?.fromMin ?? -1);
        });
      }),
    );
  });

  it("follow time and temperature", () => {
    const stages = fullStages(
      [
        { fromMin: 0, airC: 160 },
        { fromMin: 30, airC: 180, when: { centre: "breast", reachesC: 55 } },
      ],
      "whole",
    );
    expect(nextStage(stages, 0, 20, seeing({ centresC: { breast: 60 } }))).toBe(0);
    expect(nextStage(stages, 0, 40, seeing({ centresC: { breast: 50 } }))).toBe(0);
    expect(nextStage(stages, 0, 40, seeing({ centresC: { breast: 55 } }))).toBe(1);
    const byColour = fullStages(
      [
        { fromMin: 0, airC: 220 },
        { fromMin: 20, when: { colour: "golden" }, airC: 160 },
      ],
      "whole",
    );
    expect(nextStage(byColour, 0, 40, seeing({ centresC: {}, browning: 0.9 }))).toBe(0);
    expect(nextStage(byColour, 0, 40, seeing({ centresC: {}, browning: 1 }))).toBe(1);
    expect(nextStage(byColour, 0, 40, seeing({ centresC: {} }))).toBe(0);
    expect(nextStage(stages, 1, 400, seeing({ centresC: { breast: 80 } }))).toBe(1);
  });
});

describe("the oven", () => {
  const meanAfter = (oven: Oven, from: number, to: number, dialC: number): number => {
    oven.advance(from, dialC, 1, 0);
    oven.advance(to, dialC, 1, 0);
    return oven.airC;
  };

  it("swings about its dial and holds it on average", () => {
    expect(meanAfter(new Oven(180), 30, 120, 180)).toBeCloseTo(180, 0);
  });

  it("follows a dial that is turned up with its lag: about 63 % of it in the lag's time", () => {
    const oven = new Oven(160);
    oven.advance(8, 220, 1, 0);
    oven.advance(9, 220, 1, 0);
    // 220 − 60/e is 198; the air follows the thermostat by a minute or two, and the swing is 4 K.
    expect(oven.airC).toBeGreaterThan(186);
    expect(oven.airC).toBeLessThan(208);
  });

  it("cools from 260 to 160 °C in 20 to 40 min with its door shut (common practice), and no further", () => {
    const oven = new Oven(260);
    let minute = 0;
    while (oven.airC > 165) oven.advance(++minute, 160, 1, 0);
    expect(minute).toBeGreaterThan(20);
    expect(minute).toBeLessThan(40);
    expect(meanAfter(oven, 90, 150, 160)).toBeCloseTo(160, 0);
  });

  it("loses its air through an open door, and its walls bring it back", () => {
    const oven = new Oven(180);
    oven.advance(1, 180, 1, 1);
    oven.advance(1.25, 180, 1, 0);
    expect(oven.airC).toBeLessThan(120);
    expect(oven.wallC).toBeGreaterThan(165);
    oven.advance(9, 180, 1, 0);
    oven.advance(10, 180, 1, 0);
    expect(oven.airC).toBeGreaterThan(170);
  });

  it("follows more slowly with more in it", () => {
    const heated = (load: number): number => {
      const oven = new Oven(100);
      oven.advance(8, 200, load, 0);
      return oven.airC;
    };
    expect(heated(3)).toBeLessThan(heated(1));
  });
});
