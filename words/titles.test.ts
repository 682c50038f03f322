import { describe, expect, it } from "vitest";
import { SPECIES } from "../core/bird/species";
import { READERS } from "../tests/helpers/readers";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { SPECIES_PLURAL } from "./species";
import { birdsAre, birdWords, forAll, inEach, itOrEach, theBirds, theseBirds, titleOf } from "./titles";

const { plan } = sampleRoast();

describe("birds in words", () => {
  it("are one, or so many of each weight, of every species", () => {
    for (const species of SPECIES) {
      const bird = { ...plan.bird, species, cut: "whole", massKg: 4, count: 2 } as const;
      expect(birdWords(bird, "metric")).toBe(`2 ${SPECIES_PLURAL[species]}, whole, 4 kg each`);
      expect(theseBirds(bird, "metric")).toBe(`these 2 ${SPECIES_PLURAL[species]} of 4 kg`);
      expect(theseBirds({ ...bird, count: 1 }, "metric")).toBe(`this 4 kg ${species}`);
      expect(titleOf({ ...plan, bird }, READERS.metric)).toMatch(
        new RegExp(`^2 whole ${SPECIES_PLURAL[species]}, 4 kg each, `),
      );
    }
  });

  it("that were bought cut are called by what there is of them", () => {
    const cut = { ...plan.bird, species: "duck", massKg: 0.4, count: 4 } as const;
    expect(theseBirds({ ...cut, cut: "boneless-breast" }, "metric")).toBe("4 boneless breasts of duck, 400 g each");
    expect(birdWords({ ...cut, cut: "crown", massKg: 1, count: 2 }, "metric")).toBe("2 crowns of duck, 1 kg each");
    expect(theseBirds({ ...cut, cut: "legs" }, "metric")).toBe("legs of 4 ducks, 400 g each");
    expect(theseBirds({ ...cut, cut: "legs", count: 1 }, "metric")).toBe("legs of duck, 400 g");
  });

  it("are all to be looked at, where there are several", () => {
    const { count: _, ...bird } = plan.bird;
    expect([1, 2, 3].map((count) => inEach({ ...bird, count }))).toEqual(["", " in both birds", " in all 3 birds"]);
    expect([1, 2, 3].map((count) => itOrEach({ ...bird, count }))).toEqual(["it", "each bird", "each bird"]);
    expect([1, 2].map((count) => forAll({ ...bird, count }))).toEqual(["", ", for both"]);
    expect([1, 2].map((count) => theBirds({ ...bird, count }))).toEqual(["the bird", "both birds"]);
    expect([1, 2].map((count) => birdsAre({ ...bird, count }))).toEqual(["The bird is", "Both birds are"]);
  });
});
