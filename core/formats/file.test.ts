import { describe, expect, it } from "vitest";
import { planOfVersion } from "../../tests/helpers/oldPlans";
import { sampleFile } from "../../tests/helpers/sampleRoast";
import { checkRoastFile, FILE_VERSION } from "./file";

const faultsOf = (text: string): readonly { where: string; what: string }[] => {
  const result = checkRoastFile(text);
  return result.valid ? [] : result.faults;
};

describe("the roast file", () => {
  it("takes what it wrote", () => {
    const result = checkRoastFile(JSON.stringify(sampleFile()));
    expect(result).toMatchObject({ valid: true, format: "bruma-roasts", version: FILE_VERSION });
    expect(result.valid && result.file).toEqual(sampleFile());
  });

  it("carries a file of version 1 forward: the bird as it was, and what was predicted by centre", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.version = 1;
    const { roast } = file.roasts[0];
    roast.plan = planOfVersion(1, roast.plan);
    const predicted = { pullP10At: roast.createdAt, pullP50At: roast.createdAt, pullP90At: roast.createdAt };
    roast.happened = { inAt: roast.createdAt, predicted: { ...predicted, pullBreastC: 70, pullThighC: 75 } };
    const result = checkRoastFile(JSON.stringify(file));
    expect(result.valid && result.file.roasts[0]?.roast).toMatchObject({
      plan: { heat: "oven", bird: { species: "turkey", cut: "whole", legs: "tied", cavity: "empty" } },
      happened: { predicted: { ...predicted, pullC: { breast: 70, thigh: 75 } } },
    });
    expect(result.valid && result.file.roasts[0]?.roast.happened.predicted).not.toHaveProperty("pullBreastC");
  });

  it("carries a file of version 2 forward: nothing the cook had said is changed, and one sold salted gets no more", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.version = 2;
    const { roast } = file.roasts[0];
    roast.plan = planOfVersion(2, roast.plan);
    const carried = checkRoastFile(JSON.stringify(file));
    expect(carried.valid && carried.file.roasts[0]?.roast).toEqual(sampleFile().roasts[0].roast);
    roast.plan.bird.preSalted = true;
    const salted = checkRoastFile(JSON.stringify(file));
    expect(salted.valid && salted.file.roasts[0]?.roast.plan.salt.method).toBe("none");
  });

  it("carries a file of version 3 forward: its simulated thermometer speaks to the bridge", () => {
    const file = JSON.parse(JSON.stringify(sampleFile()));
    file.version = 3;
    file.roasts[0].roast.thermometer = "simulated";
    const carried = checkRoastFile(JSON.stringify(file));
    expect(carried.valid && carried.file.roasts[0]?.roast.thermometer).toBe("bridge");
  });

  it("leaves what is no roast to the schema, which says what is wrong", () => {
    expect(
      faultsOf(
        '{"format":"bruma-roasts","version":1,"exportedAt":"2026-09-01T08:00:00Z","roasts":[{"roast":7,"readings":[]}]}',
      )[0]?.where,
    ).toBe("roasts.0.roast");
    expect(
      faultsOf('{"format":"bruma-roasts","version":1,"exportedAt":"2026-09-01T08:00:00Z","roasts":7}')[0]?.where,
    ).toBe("roasts");
  });

  it("says where a wrong value stands", () => {
    const file = sampleFile();
    file.roasts[0].roast.plan.bird.massKg = 400;
    const [fault] = faultsOf(JSON.stringify(file));
    expect(fault?.where).toBe("roasts.0.roast.plan.bird.massKg");
    expect(fault?.what).toContain("16");
  });

  it("refuses unknown fields, so that a misspelt one is not lost in silence", () => {
    const file = sampleFile();
    Object.assign(file.roasts[0].roast, { titel: "x" });
    expect(faultsOf(JSON.stringify(file))[0]?.what).toContain("titel");
  });

  it("refuses oven stages out of order", () => {
    const file = sampleFile();
    file.roasts[0].roast.plan.stages = [
      { fromMin: 0, airC: 163 },
      { fromMin: 0, airC: 200 },
    ];
    expect(faultsOf(JSON.stringify(file))[0]?.where).toBe("roasts.0.roast.plan.stages.1.fromMin");
  });

  it.each([
    ["{", "not JSON"],
    ["[]", 'expected "bruma-roasts"'],
    ['{"format":"other","version":1}', 'got "other"'],
    ['{"format":"bruma-roasts","version":99}', "newer Bruma: version 99"],
  ])("refuses %s", (text, says) => expect(faultsOf(text)[0]?.what).toContain(says));
});
