import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import type { Roast } from "../core/plan/roast";
import { bruma, fileOf } from "../tests/helpers/command";
import { sampleFile } from "../tests/helpers/sampleRoast";

describe("plan", () => {
  const folder = mkdtempSync(join(tmpdir(), "bruma-plan-"));

  it("prints the tasks in order, what they use, and what conflicts", () => {
    const file = sampleFile();
    const dish = { minutes: 45, ring: false, slot: "with" as const };
    // Late enough that nobody has to be up at night.
    file.roasts[0].roast.plan.serveAt = "2026-09-27T13:30:00Z";
    file.roasts[0].roast.plan.sides = [
      { ...dish, id: "a", name: "Potatoes", ovenC: 220 },
      { ...dish, id: "b", name: "Roots", ovenC: 165 }, // finds room beside the bird
    ];
    const path = join(folder, "plan.json");
    writeFileSync(path, JSON.stringify(file));
    const { status, stdout } = bruma("plan", path);
    expect(status).toBe(0);
    const [answer] = JSON.parse(stdout).plans;
    const starts = answer.tasks.map((task: { start: string }) => task.start);
    expect(starts).toEqual([...starts].sort());
    expect(answer.tasks.map((task: { id: string }) => task.id)).toEqual(
      expect.arrayContaining([
        "salt",
        "dry",
        "preheat",
        "roast",
        "rest",
        "carve",
        "table",
        "eve-check-1",
        "thicken-1",
        "side-a",
        "side-b",
      ]),
    );
    expect(answer.conflicts).toMatchObject([{ kind: "oven-two-temperatures", tasks: ["bird", "Potatoes"] }]);
    expect(answer.resources.length).toBeGreaterThan(2);
  });

  it("counts what happened to a roast that is on: half an hour without heat", () => {
    const inAt = "2026-09-27T08:00:00.000Z";
    const heatOffs = [{ offAt: "2026-09-27T09:00:00.000Z", onAt: "2026-09-27T09:30:00.000Z" }];
    const of = (happened: Roast["happened"]): number =>
      JSON.parse(bruma("plan", fileOf(folder, happened)).stdout).plans[0].roastMinutes.p50;
    expect(of({ inAt, heatOffs }) - of({ inAt })).toBeGreaterThan(8);
  });

  it("places the roasts of one dinner together: one gravy, each dish once, and what they want of one oven", () => {
    const file = sampleFile();
    const [turkey] = file.roasts;
    turkey.roast.plan.serveAt = "2026-09-27T15:30:00Z";
    turkey.roast.plan.sides = [{ id: "a", name: "Roots", minutes: 40, ovenC: 200, ring: false, slot: "rest" }];
    const bird = { ...turkey.roast.plan.bird, species: "chicken" as const, massKg: 2 };
    const hot = { ...turkey.roast.plan, bird, stages: [{ fromMin: 0, airC: 230 }] };
    const chicken = { ...turkey.roast, id: "other", fire: "other", title: "A chicken", plan: hot };
    file.roasts.push({ roast: { ...chicken, createdAt: "2026-09-02T08:00:00.000Z" }, readings: [] });
    const path = join(folder, "dinner.json");
    writeFileSync(path, JSON.stringify(file));
    const { plans } = JSON.parse(bruma("plan", path).stdout);
    const ids: string[] = plans.flatMap(({ tasks }: { tasks: { id: string }[] }) => tasks.map(({ id }) => id));
    for (const once of ["thicken-1", "side-a", "eve-check-1"]) expect(ids.filter((id) => id === once)).toHaveLength(1);
    expect(ids.filter((id) => id === "roast")).toHaveLength(2);
    const [, other] = plans;
    expect(other.conflicts).toContainEqual(
      expect.objectContaining({
        kind: "oven-two-temperatures",
        tasks: expect.arrayContaining(["bird (Whole turkey)"]),
      }),
    );
  });

  it("refuses what is no roast file, saying where", () => {
    const path = join(folder, "bad.json");
    writeFileSync(path, JSON.stringify(sampleFile()).replace('"steady"', '"warm"'));
    expect(bruma("plan", path)).toMatchObject({ status: 2 });
    expect(bruma("plan", path).stderr).toContain("roasts.0.roast.plan.method");
  });
});
