import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { type Probe, placeOf } from "../bird/probe";
import { ThermometerLineSchema } from "../formats/thermometer";
import { type HiddenPoint, hiddenRoast } from "./hiddenRoast";
import { ensembleOptions } from "./plannedInput";
import { screened } from "./screening";

const options = ensembleOptions(sampleRoast().plan, {});
const roast = (change: Partial<Parameters<typeof hiddenRoast>[0]> = {}): HiddenPoint[] => [
  ...hiddenRoast({ options, seed: "one", everyMin: 2, trouble: true, longestMin: 130, ...change }),
];
const shown = (points: readonly HiddenPoint[], probe: Probe): number[] =>
  points.flatMap(({ shownC }) => shownC[probe] ?? []);

describe("the roast behind the simulated thermometer", () => {
  const points = roast();

  it("is the same for the same seed, and another for another", () => {
    expect(roast({ longestMin: 20 })).toEqual(points.filter(({ minute }) => minute <= 20));
    expect(roast({ seed: "two", longestMin: 20 })).not.toEqual(points.filter(({ minute }) => minute <= 20));
  });

  it("speaks the protocol from four places that are not one another's", () => {
    const probes = new Set(points.flatMap(({ shownC }) => Object.keys(shownC)));
    expect([...probes].sort()).toEqual(["left breast", "left thigh", "right breast", "right thigh"]);
    for (const { shownC } of points) {
      for (const [probe, celsius] of Object.entries(shownC)) {
        expect(ThermometerLineSchema.safeParse({ at: "2026-09-27T09:00:00Z", probe, celsius }).success).toBe(true);
      }
    }
    const clean = roast({ trouble: false });
    const meanC = (probe: Probe): number => shown(clean, probe).reduce((sum, each) => sum + each, 0) / clean.length;
    expect(Math.abs(meanC("left thigh") - meanC("right thigh"))).toBeGreaterThan(0.2);
  });

  it("is cooked as its plan says: what is said of bird and oven reaches it", () => {
    const at = (more: Partial<typeof options>): unknown =>
      roast({ options: { ...options, ...more }, longestMin: 40, trouble: false }).at(-1)?.shownC;
    const usual = at({});
    const [stage] = options.stages;
    const turned = (towardsHot: "left" | "breast") => [{ ...(stage as (typeof options.stages)[number]), towardsHot }];
    const said: Record<string, Partial<typeof options>> = {
      weight: { boughtKg: options.boughtKg + 0.5 },
      "doubt about the weight": { massOffKg: 0.5 },
      start: { startC: 12 },
      "several birds": { birds: 3 },
      "a hot side": { hotSideK: 30 },
      "a hot side at its left": { hotSideK: 30, stages: turned("left") },
      preheating: { preheatC: 120 },
      "an open door": { events: [{ kind: "door", atMin: 5, openMin: 20 }] },
    };
    for (const [what, more] of Object.entries(said)) expect(at(more), what).not.toEqual(usual);
    const leftC = at({ hotSideK: 30, stages: turned("left") }) as Record<Probe, number>;
    const evenC = at({ stages: turned("left") }) as Record<Probe, number>;
    expect(leftC["left thigh"] - evenC["left thigh"]).toBeGreaterThan(leftC["right thigh"] - evenC["right thigh"]);
  });

  it("is browned in a pan first where its plan is", () => {
    const parts = { ...options, form: { species: "turkey", cut: "parts" } } as const;
    const at = (more: Partial<typeof options>): unknown =>
      roast({ options: { ...parts, ...more }, longestMin: 20, trouble: false }).at(-1)?.shownC;
    expect(at({ sear: { panC: 220, minutesPerSide: 5 } })).not.toEqual(at({}));
  });

  it("has gaps and a tip that slips, which the forecast sees for what it is", () => {
    expect(shown(points, "right breast").length).toBeLessThan(points.length);
    const readings = points.flatMap(({ minute, shownC }) =>
      Object.entries(shownC).map(([probe, celsius]) => ({ minute, celsius, ...placeOf(probe as Probe) })),
    );
    const slipped = screened(readings).setAside.filter(({ why }) => why === "slipped");
    expect(new Set(slipped.map(({ reading }) => `${reading.side} ${reading.part}`))).toEqual(new Set(["left breast"]));
    const clean = roast({ trouble: false });
    expect(shown(clean, "right breast")).toHaveLength(clean.length);
  });

  it("shows what it would have shown where a tip that slipped, or sat on the bone, has been put right", () => {
    const [slips, bone] = ["left breast", "right thigh"] as const;
    const at = (
      tip: Probe,
      seatedMin: number | null,
      more: Partial<Parameters<typeof hiddenRoast>[0]>,
    ): (number | undefined)[] => {
      const seated = seatedMin === null ? [] : [{ minute: seatedMin, probe: tip }];
      return roast({ ...more, options: { ...options, seated } }).map(({ shownC }) => shownC[tip]);
    };
    const never = at(slips, null, { trouble: false });
    const righted = at(slips, 100, { trouble: true });
    points.forEach(({ minute, shownC }, n) => {
      const [shownNow, ownC] = [righted[n], never[n]];
      if (minute < 100) expect(shownNow).toBe(shownC[slips]);
      // A door was left open in the other: not quite as warm.
      else if (shownNow !== undefined) expect(Math.abs(shownNow - (ownC ?? Number.NaN))).toBeLessThan(2);
    });
    const onBone = { trouble: false, tipOnBone: true };
    expect(at(bone, 0.5, onBone)).not.toEqual(at(bone, null, onBone));
    expect(at(bone, 0.5, onBone)).toEqual(at(bone, null, { trouble: false }));
  });
});
