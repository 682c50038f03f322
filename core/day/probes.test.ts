import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { PROBES, type Probe, placeOf, probeOf } from "../bird/probe";
import type { ThermometerLine } from "../formats/thermometer";
import type { Roast, RoastReading } from "../plan/roast";
import { type InNone, rightlyPlaced, routeOf, sittingAt } from "./probes";

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

  it("is not taken again for the only bird's where that was said to be wrong: it is asked about", () => {
    const said = { ...roast("a"), happened: { inAt: IN, notItsOwn: [{ device: "one", until: IN }] } };
    expect(route(line("one"), [said])).toEqual({ kind: "unclaimed" });
    expect(route(line("two"), [said])).toMatchObject({ kind: "bird", fresh: true });
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

describe("a probe that sits elsewhere than was said", () => {
  const at = (minute: number): string => new Date(Date.parse(IN) + minute * 60_000).toISOString();
  const [said, truly] = ["left breast", "right thigh"] as const;
  /** As it is heard of a bird: each line stored where its probe was said to sit then. */
  const heard = (probes: Roast["probes"], lines: readonly ThermometerLine[]): RoastReading[] =>
    lines.map((each) => {
      const to = route(each, [{ ...roast("a"), probes }]);
      if (to.kind !== "bird") throw new Error("it is in no bird");
      return { at: each.at, ...placeOf(to.sits), celsius: each.celsius, source: "bridge" };
    });
  const lines = (probe: Probe, celsius: number): ThermometerLine[] =>
    [10, 20, 30, 40, 50].map((minute) => ({ at: at(minute), probe, celsius: celsius + minute, device: "one" }));
  const sits = (readings: readonly RoastReading[]): string[] => readings.map(probeOf);

  it("has always sat there: what was read before counts there, and is heard again as it was", () => {
    const before = { device: "one", probe: said, sits: said } as const;
    const first = heard([before], lines(said, 0).slice(0, 3));
    const probes = [sittingAt(before, truly, at(35), false)];
    const all = heard(probes, lines(said, 0));
    expect(all.slice(0, 3)).toEqual(first);
    expect(sits(rightlyPlaced(all, probes))).toEqual(all.map(() => truly));
    expect(rightlyPlaced(all, probes).map(({ celsius }) => celsius)).toEqual(all.map(({ celsius }) => celsius));
  });

  it("was moved there: what was read before stays where it was", () => {
    const probes = [sittingAt({ device: "one", probe: said, sits: said }, truly, at(35), true)];
    const all = heard(probes, lines(said, 0));
    expect(sits(rightlyPlaced(all, probes))).toEqual([said, said, said, truly, truly]);
  });

  it("sat there, and was moved later: each of the two counts from its own moment", () => {
    const wrong = sittingAt({ device: "one", probe: said, sits: said }, truly, at(25), false);
    const probes = [sittingAt(wrong, "left thigh", at(45), true)];
    expect(sits(rightlyPlaced(heard(probes, lines(said, 0)), probes))).toEqual([
      truly,
      truly,
      truly,
      truly,
      "left thigh",
    ]);
  });

  it("and another have been taken for one another: both are put right", () => {
    const swapped = ([one, other]: readonly [Probe, Probe]) =>
      sittingAt({ device: "one", probe: one, sits: one }, other, at(35), false);
    const probes = [swapped([said, truly]), swapped([truly, said])];
    const all = heard(probes, [...lines(said, 0), ...lines(truly, 100)]);
    const placed = rightlyPlaced(all, probes);
    expect(placed.filter((each) => probeOf(each) === truly).map(({ celsius }) => celsius)).toEqual([
      10, 20, 30, 40, 50,
    ]);
    expect(placed.filter((each) => probeOf(each) === said).map(({ celsius }) => celsius)).toEqual([
      110, 120, 130, 140, 150,
    ]);
  });
});
