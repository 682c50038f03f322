import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { withHeat } from "../plan/edits";
import { UNDERLAYS } from "./covers";
import { BARE_SKIN, type OvenMoment, ovenSurroundings, USUAL_OVEN } from "./ovens";
import { FUELS, HEAT_SOURCES, isFire, SOURCE_TRAITS, takes } from "./sources";

const moment: OvenMoment = {
  source: "spit",
  burns: true,
  traits: USUAL_OVEN,
  airC: 180,
  wallC: 180,
  shield: "none",
  wrap: "none",
  dressing: BARE_SKIN,
  weather: null,
  underlay: "rack",
  underlayC: 180,
  cavityC: 20,
  skinC: 60,
  birds: 1,
  sizeM: 0.17,
};

describe("sources of heat", () => {
  it("burn something or nothing: an oven has no fuel, a fire any", () => {
    expect(HEAT_SOURCES.filter((source) => !isFire(source))).toEqual(["oven", "fan-oven"]);
    for (const source of HEAT_SOURCES) expect([[], FUELS]).toContainEqual(SOURCE_TRAITS[source].fuels);
  });

  it("hold a whole bird all of them, and a flat one all but the spit", () => {
    for (const source of HEAT_SOURCES) expect(takes(source, "whole")).toBe(true);
    expect(HEAT_SOURCES.filter((source) => !takes(source, "spatchcock"))).toEqual(["spit"]);
  });
});

describe("a spit", () => {
  it("has the bird lie on nothing and turns every side to the fire, whatever is said of a tray or a hot side", () => {
    const bare = ovenSurroundings(moment);
    for (const underlay of UNDERLAYS) expect(ovenSurroundings({ ...moment, underlay })).toEqual(bare);
    expect(ovenSurroundings({ ...moment, traits: { ...USUAL_OVEN, hotSideK: 30 } })).toEqual(bare);
    const inOven = { ...moment, source: "oven" as const };
    expect(ovenSurroundings({ ...inOven, underlay: "pan" })).not.toEqual(ovenSurroundings(inOven));
  });

  it("has no lid: one that was on in the oven is off", () => {
    const { plan } = sampleRoast();
    const lidded = { ...plan, stages: plan.stages.map((stage) => ({ ...stage, wrap: "lid" as const })) };
    expect(withHeat("spit")(lidded).stages.every(({ wrap }) => wrap !== "lid")).toBe(true);
    expect(withHeat("covered-grill")(lidded).stages).toEqual(lidded.stages);
  });
});
