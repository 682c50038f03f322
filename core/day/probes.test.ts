import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { PROBES } from "../bird/probe";
import type { ThermometerLine } from "../formats/thermometer";
import type { Roast } from "../plan/roast";
import { type InNone, routeOf } from "./probes";

const IN = "2026-09-27T08:00:00.000Z";
const roast = (id: string, devices: readonly string[] = [], inAt = IN): Roast => ({
  ...sampleRoast(id),
  happened: { inAt },
  thermometer: "bridge",
  probes: devices.flatMap((device) => PROBES.map((probe) => ({ device, probe, sits: probe }))),
});
const line = (device: string, at = "2026-09-27T09:00:00.000Z"): ThermometerLine => ({
  at,
  probe: "left breast",
  celsius: 41,
  ...(device && { device }),
});
const route = (said: ThermometerLine, all: readonly Roast[], inKitchen = all, inNone: readonly InNone[] = []) =>
  routeOf(said, all, inKitchen, inNone);

describe("a probe's reading", () => {
  it("is of the only bird there is, and is remembered as such", () => {
    expect(route(line(""), [roast("a")])).toEqual({ kind: "bird", roastId: "a", sits: "left breast", fresh: true });
    expect(route(line("", "2026-09-27T07:59:00.000Z"), [roast("a")])).toEqual({ kind: "nobody" });
  });

  it("is of the bird its thermometer is in, also where it sits elsewhere than it is called", () => {
    const a = { ...roast("a"), probes: [{ device: "one", probe: "left breast", sits: "right thigh" } as const] };
    expect(route(line("one"), [a, roast("b", ["two"])])).toMatchObject({ roastId: "a", sits: "right thigh" });
    expect(route(line("two"), [a, roast("b", ["two"])])).toMatchObject({ roastId: "b", sits: "left breast" });
  });

  it("is asked about where there are two birds, and where its thermometer was in another one lately", () => {
    expect(route(line(""), [roast("a"), roast("b")])).toEqual({ kind: "unclaimed" });
    expect(route(line("one"), [roast("a", ["one"]), roast("b")], [roast("b")])).toEqual({ kind: "unclaimed" });
    expect(route(line("two"), [roast("a", ["one"])])).toEqual({ kind: "unclaimed" });
    const inNone = [{ device: "two", birds: ["a"] }];
    expect(route(line("two"), [roast("a", ["one"])], undefined, inNone)).toEqual({ kind: "nobody" });
    // A bird that came later was not meant.
    expect(route(line("two"), [roast("a", ["one"]), roast("b")], undefined, inNone)).toEqual({ kind: "unclaimed" });
  });

  it("never lands in a bird whose thermometer is another", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("", "one", "two", "three"),
        fc.subarray(["", "one", "two"]),
        fc.boolean(),
        (device, ofA, bIsIn) => {
          const a = roast("a", ofA);
          const b = roast(
            "b",
            ["", "one", "two"].filter((each) => !ofA.includes(each)),
          );
          const found = route(line(device), [a, b], bIsIn ? [a, b] : [a]);
          if (found.kind !== "bird") return;
          const owner = [a, b].find(({ probes }) => probes?.some((each) => each.device === device));
          // What nobody has said anything of goes to a bird that has no thermometer yet.
          if (owner) expect(found.roastId).toBe(owner.id);
          else expect(ofA).toEqual([]);
        },
      ),
    );
  });
});
