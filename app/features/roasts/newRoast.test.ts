import { describe, expect, it } from "vitest";
import { CUTS } from "../../../core/bird/form";
import { METHOD_IDS } from "../../../core/plan/methods";
import { usualKitchen } from "../../../core/plan/usualKitchen";
import { READERS } from "../../../tests/helpers/readers";
import { sampleRoast } from "../../../tests/helpers/sampleRoast";
import { answersSchema } from "./answers";
import { newRoast } from "./newRoast";

const setting = {
  id: "r1",
  nowMs: Date.UTC(2026, 8, 1),
  zone: "UTC",
  reader: READERS.metric,
  equipment: usualKitchen(),
  favourite: null,
} as const;
const answers = {
  known: "mass",
  guests: "",
  mass: "14 lb",
  species: "turkey",
  cut: "whole",
  state: "frozen",
  serveAt: "2026-09-27T13:30",
  method: "steady",
  asLiked: true,
} as const;

describe("three answers", () => {
  it("are salted, done and rested as the one that was liked best, unless the cook says otherwise", () => {
    const sample = sampleRoast("liked");
    const salt = { ...sample.plan.salt, percent: 1.2 };
    const favourite = { ...sample, plan: { ...sample.plan, salt, targetC: { breast: 76, thigh: 82 } } };
    const liked = newRoast(answers, { ...setting, favourite }).plan;
    expect(liked).toMatchObject({ salt: { percent: 1.2 }, targetC: { breast: 76, thigh: 82 } });
    expect(newRoast({ ...answers, asLiked: false }, { ...setting, favourite }).plan.salt.percent).not.toBe(1.2);
  });

  it("are judged by the cut that the way decides: what the form lets pass becomes a roast", () => {
    const roll = { ...answers, cut: "leg-roll", method: "breast-down", mass: "1.2 kg" } as const;
    expect(answersSchema("metric").safeParse(roll).success).toBe(false);
    for (const method of METHOD_IDS) {
      for (const cut of CUTS) {
        for (const mass of ["0.3 kg", "1.2 kg", "5 kg", "14 kg"]) {
          const asked = { ...answers, method, cut, mass };
          if (answersSchema("metric").safeParse(asked).success) expect(() => newRoast(asked, setting)).not.toThrow();
        }
      }
    }
  });

  it("become a roast with the usual values", () => {
    const { plan } = newRoast(answers, setting);
    expect(plan.bird.massKg).toBeCloseTo(6.35, 2);
    expect(plan.serveAt).toBe("2026-09-27T13:30:00.000Z");
    expect(plan.stages).toEqual([{ fromMin: 0, airC: 160 }]);
    expect(plan.targetC).toEqual({ breast: 74, thigh: 74 });
  });

  it("flatten the bird when the method is for flat birds", () => {
    expect(newRoast({ ...answers, method: "hot-flat" }, setting).plan.bird.cut).toBe("spatchcock");
  });

  it("turn guests into what to buy, and remember who eats", () => {
    const { plan, title } = newRoast({ ...answers, known: "guests", mass: "", guests: "11" }, setting);
    expect(plan.bird.massKg).toBe(5.5);
    expect(plan.table.guests.usual).toBe(11);
    expect(title).toContain("turkey, 5.5 kg");
    const chickens = newRoast({ ...answers, species: "chicken", known: "guests", guests: "11" }, setting);
    expect(chickens.plan.bird.count).toBeGreaterThan(1);
    expect(chickens.title).toContain("chickens");
    const { error } = answersSchema("metric").safeParse({ ...answers, known: "guests", guests: "none" });
    expect(error?.issues[0]?.message).toBe("guests: got none, allowed is 1 to 60 people");
    expect(error?.issues[0]?.path).toEqual(["guests"]);
  });

  it("start from the kitchen as it was measured", () => {
    const equipment = { ...usualKitchen(), potL: 20 };
    expect(newRoast(answers, { ...setting, equipment }).plan.equipment).toEqual(equipment);
  });

  it("read local time in the roast's own zone", () => {
    const ahead = newRoast(answers, { ...setting, zone: "Etc/GMT-2" });
    expect(ahead.plan.serveAt).toBe("2026-09-27T11:30:00.000Z");
  });

  it.each([
    ["a heap", "mass: got a heap"],
    ["1 lb", "weight of the turkey: got 0.45"],
    ["", "mass: got"],
  ])("refuse the weight %j and say what is allowed", (mass, says) => {
    const result = answersSchema("metric").safeParse({ ...answers, mass });
    expect(result.error?.issues[0]?.message).toContain(says);
    expect(result.error?.issues[0]?.message).toContain("allowed is");
  });
});
