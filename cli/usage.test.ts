import { describe, expect, it } from "vitest";
import { CUTS } from "../core/bird/form";
import { SPECIES } from "../core/bird/species";
import { COVERS } from "../core/heat/covers";
import { DRAUGHTS, FUELS, HEAT_SOURCES } from "../core/heat/sources";
import { STAGE_CHOICES } from "../core/processes/stages";
import { bruma } from "../tests/helpers/command";
import { USAGES } from "./usage";

describe("help", () => {
  it("tells every command, and every option that it takes", () => {
    const { status, stdout } = bruma("--help");
    expect(status).toBe(0);
    for (const [name, usage] of Object.entries(USAGES)) {
      expect(stdout).toContain(usage);
      expect(bruma(name, "--help")).toEqual({ status: 0, stdout: `${usage}\n`, stderr: "" });
      const [, allowed = ""] = /allowed is (.*)\n/.exec(bruma(name, "--nonsense").stderr) ?? [];
      for (const option of allowed.split(", ").filter((word) => word.startsWith("--")))
        expect(stdout).toContain(option);
    }
  });

  it("has its choices: every one there is, and no other", () => {
    const told = (option: string): readonly string[] =>
      new RegExp(`${option}[ =]([a-z|-]+)`).exec(USAGES.simulate)?.[1]?.split("|") ?? [];
    expect(told("--species")).toEqual(SPECIES);
    expect(new Set(told("--cut"))).toEqual(new Set(CUTS));
    expect(new Set(told("--heat"))).toEqual(new Set(HEAT_SOURCES));
    expect(new Set(told("--fuel"))).toEqual(new Set(FUELS));
    expect(new Set(told("--draught"))).toEqual(new Set(DRAUGHTS));
    expect(new Set(told("cover"))).toEqual(new Set(COVERS));
    for (const name of ["shield", "wrap", "side", "surface"] as const) {
      expect(new Set(told(` ${name}`))).toEqual(new Set(STAGE_CHOICES[name]));
    }
  });

  it("refuses a second file, and options where there are none", () => {
    expect(bruma("plan", "one.json", "two.json")).toMatchObject({
      status: 2,
      stderr: "plan: got two.json besides one.json, allowed is one file\n",
    });
    expect(bruma("check", "--csv", "one.json")).toMatchObject({
      status: 2,
      stderr: "option: got --csv, allowed is a file\n",
    });
  });
});
