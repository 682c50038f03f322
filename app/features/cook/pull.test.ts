import { describe, expect, it } from "vitest";
import { FIRST_SHARES, NEVER } from "../../../core/forecast/shares";
import { HOUR_MS } from "../../../core/units/time";
import { sampleRoast } from "../../../tests/helpers/sampleRoast";
import { simulated } from "../../../tests/helpers/simulated";
import { pullOf } from "./pull";

const IN_MS = Date.parse("2026-12-20T09:00:00Z");
const roast = { ...sampleRoast(), happened: { inAt: new Date(IN_MS).toISOString() } };
const cook = simulated({ pullMinute: 60 });
const planned = { cook, neverMet: null, shares: FIRST_SHARES, refining: false };
const refining = { ...planned, refining: true };
const unread = { forecast: null };

describe("when it will be there", () => {
  it("is the clock's business where the cook goes by time alone, until it has been back in", () => {
    const byTime = { ...roast, plan: { ...roast.plan, finish: { kind: "time" as const, minutes: 90 } } };
    const at = IN_MS + 1.5 * HOUR_MS;
    expect(pullOf({ roast: byTime, forecast: unread, simulated: planned }, IN_MS)).toEqual({
      p10: at,
      p50: at,
      p90: at,
    });
    const outs = [{ outAt: new Date(at).toISOString(), backAt: new Date(at + HOUR_MS).toISOString() }];
    const back = { ...byTime, happened: { ...roast.happened, outs } };
    expect(pullOf({ roast: back, forecast: unread, simulated: planned }, IN_MS)?.p50).toBe(IN_MS + HOUR_MS);
  });

  it("is known the moment the bird goes in: coarsely, by the prediction once that is written, by what is so now", () => {
    expect(pullOf({ roast, forecast: unread, simulated: refining }, IN_MS)).toEqual({
      p10: IN_MS + FIRST_SHARES.p10 * HOUR_MS,
      p50: IN_MS + HOUR_MS,
      p90: IN_MS + Number(FIRST_SHARES.p90) * HOUR_MS,
    });
    const [pullP10At, pullP50At] = ["2026-12-20T09:50:00.000Z", "2026-12-20T10:05:00.000Z"];
    const predicted = { pullP10At, pullP50At, pullP90At: NEVER, pullC: {} };
    const written = { ...roast, happened: { ...roast.happened, predicted } };
    for (const simulated of [refining, { ...refining, cook: null }]) {
      expect(pullOf({ roast: written, forecast: unread, simulated }, IN_MS)).toEqual({
        p10: Date.parse(pullP10At),
        p50: Date.parse(pullP50At),
        p90: Number.POSITIVE_INFINITY,
      });
    }
    // A hotter oven since, or one that was cold then: what was predicted is history.
    expect(pullOf({ roast: written, forecast: unread, simulated: planned }, IN_MS)?.p50).toBe(IN_MS + HOUR_MS);
  });

  it("is when the plan has it out, as the prediction says and the rows do, wherever in its band that lies", () => {
    const skewed = { ...planned, shares: { p10: 0.8, p50: 0.97, p90: 1.15 } };
    expect(pullOf({ roast, forecast: unread, simulated: skewed }, IN_MS)).toEqual({
      p10: IN_MS + 0.8 * HOUR_MS,
      p50: IN_MS + HOUR_MS,
      p90: IN_MS + 1.15 * HOUR_MS,
    });
  });

  it("is not known of a plan that never gets there, nor before anything is simulated", () => {
    const neverMet = {
      kind: "never-met",
      centre: "breast",
      targetC: 74,
      highestC: 60,
      afterMin: 900,
      airC: 80,
    } as const;
    expect(pullOf({ roast, forecast: unread, simulated: { ...planned, neverMet } }, IN_MS)).toBeNull();
    expect(pullOf({ roast, forecast: unread, simulated: { ...refining, cook: null } }, IN_MS)).toBeNull();
  });
});
