import { describe, expect, it } from "vitest";
import { begunAt } from "../core/day/lateStage";
import { eventsOf } from "../core/log/events";
import type { Mattered } from "../core/log/mattered";
import { OTHERWISES } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { againstWords, doneWords, eventWords, killedWords, otherwiseWords, wouldWords } from "./record";

const METRIC = { units: "metric", clock: "24h", dates: "day", weekStart: 1, year: 2026 } as const;
const sample = sampleRoast();
const roast = {
  plan: {
    ...sample.plan,
    stages: [
      { fromMin: 0, airC: 220 },
      { fromMin: 20, airC: 160, shield: "breast" as const },
    ],
  },
  happened: {
    inAt: "2026-09-27T08:00:00Z",
    pulledAt: "2026-09-27T10:00:00Z",
    carvedAt: "2026-09-27T10:30:00Z",
    heatOffs: [{ offAt: "2026-09-27T09:20:00Z", onAt: "2026-09-27T09:45:00Z" }, { offAt: "2026-09-27T09:55:00Z" }],
    doors: [{ at: "2026-09-27T08:40:00Z", openMin: 3 }],
    outs: [{ outAt: "2026-09-27T09:00:00Z", backAt: "2026-09-27T09:12:00Z" }],
    left: [{ at: "2026-09-27T09:50:00Z", piece: "breast" as const }],
  },
};

describe("the record in words", () => {
  it("tells what was done, in its order, with units as they are written", () => {
    expect(eventsOf(roast).map((event) => eventWords(event, roast.plan, METRIC))).toEqual([
      "in, at 220 °C",
      "heat to 160 °C, foil over the breast",
      "door open for 3 min",
      "back in, after 12 min outside",
      "oven off for 25 min",
      "breast taken out",
      "oven off",
      "out",
      "carved",
    ]);
    expect(eventsOf({ plan: sample.plan, happened: {} })).toEqual([]);
    const { inAt, pulledAt } = roast.happened;
    // When what still waits for its sign was made nobody wrote down; made, it has its minute.
    const when = { centre: "breast" as const, reachesC: 57 };
    const waiting = {
      ...roast.plan,
      stages: [
        { fromMin: 0, airC: 110 },
        { fromMin: 60, airC: 145, when },
      ],
    };
    const made = { ...waiting, stages: begunAt(waiting.stages, 0, 1, 95) };
    const minutes = (plan: Plan) =>
      eventsOf({ plan, happened: { inAt, pulledAt, stagesDone: 1 } }).map(
        ({ atMs }) => (atMs - Date.parse(inAt)) / 60_000,
      );
    expect(minutes(waiting)).toEqual([0, 120]);
    expect(minutes(made)).toEqual([0, 95, 120]);
    const heatOffs = [
      { offAt: "2026-09-27T07:00:00Z", onAt: "2026-09-27T07:30:00Z" },
      { offAt: "2026-09-27T07:50:00Z", onAt: "2026-09-27T08:15:00Z" },
      { offAt: "2026-09-27T09:00:00Z", onAt: "2026-09-27T08:50:00Z" },
    ];
    const offs = eventsOf({ plan: sample.plan, happened: { inAt, pulledAt, heatOffs } });
    expect(offs.filter(({ kind }) => kind === "off")).toEqual([
      { heat: "oven", kind: "off", atMs: Date.parse(inAt), offMin: 15 },
    ]);
  });

  it("gives the verdict first, and calls nothing done that was not", () => {
    expect(doneWords({ breast: 75, thigh: 79 }, sampleRoast().plan, METRIC)).toBe(
      "Breast and thigh came to the guideline of 74 °C, as computed.",
    );
    expect(doneWords({ breast: 72, thigh: 79 }, sampleRoast().plan, METRIC)).toContain(
      "Not all of it came to the guideline of 74 °C",
    );
    expect(doneWords({ breast: 72 }, sampleRoast().plan, METRIC)).toBe(
      "The breast came to 72 °C, as computed, not to the guideline of 74 °C.",
    );
    expect(doneWords({}, sampleRoast().plan, METRIC)).toContain("not known");
  });

  it("believes the thermometer before what is computed, and tells where that is hotter", () => {
    const { plan } = sampleRoast();
    const read = (part: "breast" | "thigh", celsius: number, side?: "left" | "right") => ({
      minute: 150,
      part,
      celsius,
      ...(side && { side }),
    });
    const sides = ["left", "right"] as const;
    const everywhere = sides.flatMap((side) => [read("breast", 75, side), read("thigh", 80, side)]);
    expect(doneWords({ breast: 72, thigh: 79 }, plan, METRIC, everywhere)).toBe(
      "Breast and thigh were seen at the guideline of 74 °C.",
    );
    const crown = { ...plan, bird: { ...plan.bird, cut: "crown" as const }, targetC: { breast: 74 } };
    expect(
      doneWords(
        { breast: 72 },
        crown,
        METRIC,
        sides.map((side) => read("breast", 74, side)),
      ),
    ).toBe("The breast was seen at the guideline of 74 °C.");
    // One side of it alone is not all of it.
    expect(doneWords({ breast: 72 }, crown, METRIC, [read("breast", 75)])).toBe(
      "The breast came to 72 °C, as computed, not to the guideline of 74 °C; 75 °C was read there.",
    );
    expect(doneWords({ breast: 72, thigh: 79 }, plan, METRIC, [read("breast", 75)])).toMatch(
      /came to 72 °C, as computed; 75 °C was read in the breast\.$/,
    );
    expect(doneWords({ breast: 72 }, crown, METRIC, [read("breast", 71)])).toMatch(/guideline of 74 °C\.$/);
  });

  it("of what came to nothing says so", () => {
    expect(doneWords({}, sampleRoast().plan, METRIC)).toContain("not known");
  });

  it("says of which bird it is computed: of one that was read, or of the plan's", () => {
    expect(killedWords(8, true)).toContain("of the bird that the readings point to: ");
    expect(killedWords(8, false)).toContain("of the plan's bird, since nothing was read: ");
  });

  it("has words for everything that might be done otherwise", () => {
    for (const id of OTHERWISES) expect(otherwiseWords(id, sample.plan, METRIC)).toMatch(/^[A-Z]/);
    expect(otherwiseWords("hotter", { ...sample.plan, stages: [{ fromMin: 0, airC: 160 }] }, METRIC)).toBe(
      "The dial at 180 °C instead of 160 °C",
    );
    const smoked = { ...sample.plan, heat: "smoker" as const, stages: [{ fromMin: 0, airC: 120 }] };
    expect(otherwiseWords("hotter", smoked, METRIC)).toBe("The fire at 140 °C instead of 120 °C");
  });

  it("says of a change only what a guest could tell", () => {
    const was = { outMin: 120, peakC: { breast: 78, thigh: 80 }, juicesBreast: 0.62, browning: 0.8, logReduction: 9 };
    const would = { ...was, outMin: 132, peakC: { breast: 75, thigh: 80.2 }, juicesBreast: 0.66, browning: 1.1 };
    expect(wouldWords({ outcome: would, against: was }, METRIC)).toBe(
      "Breast at most 75 °C instead of 78 °C; skin golden instead of light gold; 4 % more of the breast's juice; 12 min longer in the heat.",
    );
    expect(wouldWords({ outcome: was, against: was }, METRIC)).toBe("Hardly anything a guest could tell.");
  });

  it("says what changes of the plan are told against, where the bird did not come out as its plan asks", () => {
    const asItWas = {
      outMin: 50,
      peakC: { breast: 75, thigh: 81 },
      juicesBreast: 0.77,
      browning: 0.4,
      logReduction: 9,
    };
    const atGoals = (outMin: number) => ({ ...asItWas, outMin, peakC: { breast: 72, thigh: 79 } });
    const mattered = (outMin: number): Mattered => ({
      asItWas,
      would: [
        { id: "out-at-goal", outcome: atGoals(outMin), against: asItWas, gain: 2 },
        { id: "out-warmer", outcome: asItWas, against: atGoals(outMin), gain: 1 },
      ],
    });
    expect(againstWords(mattered(46), METRIC)).toBe(
      "Out 4 min after it showed what the plan asks. Changes of the plan are set against the same bird, out then: breast at most 72 °C, thigh at most 79 °C.",
    );
    expect(againstWords(mattered(62), METRIC)).toMatch(/^Out 12 min before it would have shown what the plan asks\. /);
    expect(againstWords(mattered(52), METRIC)).toBeNull();
    expect(againstWords({ asItWas, would: [] }, METRIC)).toBeNull();
  });
});
