import { describe, expect, it } from "vitest";
import { CUTS, centresOf } from "../core/bird/form";
import { PLACED_FROM } from "../core/bird/placing";
import type { ProbeGuide } from "../core/forecast/probeGuide";
import { placedFromNames, placingNames, probeWords } from "./probing";

const guide: ProbeGuide = {
  centre: "breast",
  entry: [0.03, 0.1, 0.05],
  tip: [0.03, 0, 0.05],
  depthCm: 10.2,
  offCentreCm: 0,
  offBoneCm: 3.3,
  lostPerCm: 0.2,
  aboveBoardCm: 11.8,
  besideMiddleCm: 3.6,
  besideTipCm: 0.2,
  fromNeckCm: 2.8,
  from: "neck",
  downDeg: 0,
  inwardDeg: 0,
  moreKPerCm: 0.3,
};

describe("where a probe goes, in words", () => {
  it("says from where, how high, which way and how deep, in halves that a hand can measure", () => {
    expect(probeWords(guide, "whole", true, "metric")).toEqual({
      does: "Breast, both sides alike",
      how: "From the neck end, 12 cm above the board, 3.5 cm beside the middle line: level with the board, straight along, pushed in 10 cm; mark that on the stem. A centimetre too far in or out hardly shows.",
    });
    expect(probeWords(guide, "whole", true, "us").how).toContain(" in above the board");
    expect(probeWords(guide, "whole", true, "us").how).toContain("Half an inch too far in or out hardly shows.");
  });

  it("speaks of a piece by its own ends and its own middle: it has no neck and no bird's middle line", () => {
    const froms = ["neck", "tail", "side", "above"] as const;
    for (const cut of CUTS) {
      const said = centresOf({ cut }).flatMap((centre) =>
        froms.map((from) => probeWords({ ...guide, centre, from }, cut, true, "metric")),
      );
      const isBird = ["whole", "spatchcock", "crown"].includes(cut);
      for (const { does, how } of said) {
        if (!isBird) expect(`${does} ${how}`).not.toMatch(/neck|tail|middle line|both sides/);
      }
    }
    for (const from of PLACED_FROM) {
      const placed = [placedFromNames("legs")[from], ...Object.values(placingNames(from, "legs"))].join(" ");
      expect(placed).not.toMatch(/neck|tail|middle line/);
    }
    expect([placedFromNames("whole").tail, placingNames("above", "whole").down]).toEqual([
      "From the tail end",
      "Leaning towards the tail",
    ]);
    const { does, how } = probeWords({ ...guide, besideTipCm: 1.9 }, "parts", true, "metric");
    expect(does).toBe("Breast, both alike");
    expect(how).toContain("From its thick end, 12 cm above the board, 2 cm beside its middle: level with the board");
  });

  it("says a slope, a turn, a bone that is near, and what a slip shows", () => {
    const { how } = probeWords(
      { ...guide, centre: "thigh", from: "tail", downDeg: -9, inwardDeg: 12, offBoneCm: 0.9, moreKPerCm: 1.2 },
      "whole",
      true,
      "metric",
    );
    expect(how).toContain("From the tail end");
    expect(how).toContain("10° up, 10° towards the middle");
    expect(how).toContain("The bone is a finger's breadth away");
    expect(how).toContain("about 1 °C too much");
  });

  it("goes straight down from above, from the side without a turn, and through the opening into stuffing", () => {
    expect(
      probeWords({ ...guide, from: "above", downDeg: 90, besideMiddleCm: 0 }, "crown", false, "metric").how,
    ).toMatch(/^From above, 3 cm from the neck end, in the middle: straight down, /);
    expect(probeWords({ ...guide, from: "side" }, "spatchcock", true, "metric").how).toContain(
      "from the neck end: level with the board, pushed in 10",
    );
    const intoStuffing = (cut: "whole" | "leg-roll") =>
      probeWords({ ...guide, centre: "filling" }, cut, false, "metric").how;
    expect(intoStuffing("whole")).toMatch(/^Through the opening, /);
    expect(intoStuffing("leg-roll")).toMatch(/^From one end, along the roll, /);
  });
});
