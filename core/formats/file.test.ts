import { describe, expect, it } from "vitest";
import { sampleFile } from "../../tests/helpers/sampleRoast";
import { checkRoastFile } from "./file";

const faultsOf = (text: string): readonly { where: string; what: string }[] => {
  const result = checkRoastFile(text);
  return result.valid ? [] : result.faults;
};

describe("the roast file", () => {
  it("takes what it wrote", () => {
    const result = checkRoastFile(JSON.stringify(sampleFile()));
    expect(result).toMatchObject({ valid: true, format: "bruma-roasts", version: 1 });
    expect(result.valid && result.file).toEqual(sampleFile());
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
