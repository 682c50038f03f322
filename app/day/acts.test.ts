import "fake-indexeddb/auto";
import type { ExternalToast } from "sonner";
import { beforeAll, beforeEach, describe, expect, it } from "vitest";
import { countedReadings } from "../../core/day/counted";
import { type Remedy, saltedLess } from "../../core/schedule/remedy";
import { changeRoast, saveRoast } from "../../storage/roasts";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { database, openShelf } from "../shell/database";
import { toastsDrawnBy } from "../ui/toast";
import { actsOf } from "./acts";

const roast = { ...sampleRoast(), notes: "The bird of the year." };
const acts = actsOf(roast.id);
const kept = () => database().roasts.get(roast.id);

let undo: (() => void) | undefined;
const draws = (_text: string, options?: ExternalToast): string => {
  const action = options?.action as { onClick(): void } | undefined;
  undo = action?.onClick;
  return "";
};

beforeAll(async () => {
  toastsDrawnBy({ message: draws, info: draws, success: draws, error: draws } as never);
  await openShelf();
});
beforeEach(async () => {
  undo = undefined;
  await saveRoast(database(), roast);
});

describe("an act at the stove taken back", () => {
  it("leaves what was done since as it is", async () => {
    await acts.happens({ inAt: new Date(Date.now() - 90 * 60_000).toISOString() });
    await acts.whatIf("Legs out", "legs-off");
    expect((await kept())?.happened.left).toHaveLength(2);
    const isLegsBack = undo;
    await acts.whatIf("Foil over the breast", "cover-breast");
    expect((await kept())?.plan.stages.at(-1)).toEqual({ fromMin: 90, airC: 160, shield: "breast" });
    expect((await kept())?.notes).toContain("Minute 90: Foil over the breast.");
    // Tapped twice, or on another device meanwhile, it is done once.
    const once = await kept();
    const isFoilOff = undo;
    await acts.whatIf("Foil over the breast", "cover-breast");
    expect(await kept()).toEqual(once);
    const serveAt = "2026-09-27T17:00:00.000Z";
    await changeRoast(database(), roast.id, (before) => ({
      ...before,
      plan: { ...before.plan, serveAt },
      notes: `${before.notes}\nGuests late.`,
    }));
    isFoilOff?.();
    await expect.poll(async () => (await kept())?.plan.stages).toEqual(roast.plan.stages);
    isLegsBack?.();
    await expect.poll(async () => (await kept())?.happened.left).toBeUndefined();
    const back = await kept();
    expect(back?.plan.serveAt).toBe(serveAt);
    expect(back?.notes).toBe("The bird of the year.\nGuests late.");
  });

  it("is a heat that went off, and one that came on again", async () => {
    const offs = async () => (await kept())?.happened.heatOffs;
    acts.heatIsOff();
    await expect.poll(() => undo).toBeDefined();
    const [off] = (await offs()) ?? [];
    expect(off).toEqual({ offAt: expect.any(String) });
    const isNotOff = undo;
    acts.heatIsOn();
    await expect.poll(() => undo).not.toBe(isNotOff);
    expect(await offs()).toEqual([{ ...off, onAt: expect.any(String) }]);
    undo?.();
    await expect.poll(offs).toEqual([off]);
    isNotOff?.();
    await expect.poll(offs).toBeUndefined();
  });

  it("is on again where the bird is moved into another heat, by what if or as planned", async () => {
    const heatOffs = [{ offAt: "2026-09-27T10:00:00.000Z" }];
    const smoked = { ...roast.plan, heat: "smoker" as const, stages: [{ fromMin: 0, airC: 120 }] };
    const inAt = new Date(Date.now() - 60 * 60_000).toISOString();
    const stages = [...smoked.stages, { fromMin: 60, airC: 160, movedTo: "oven" as const }];
    const offs = async () => (await kept())?.happened.heatOffs;
    await saveRoast(database(), {
      ...roast,
      plan: smoked,
      happened: { inAt, heatOffs },
    });
    await acts.whatIf("Into the oven", "into-oven");
    expect((await kept())?.plan.stages).toEqual(stages);
    expect(await offs()).toEqual([{ ...heatOffs[0], onAt: expect.any(String) }]);
    undo?.();
    await expect.poll(offs).toEqual(heatOffs);
    await changeRoast(database(), roast.id, (before) => ({ ...before, plan: { ...before.plan, stages } }));
    undo = undefined;
    acts.changesHeat({ kind: "stage", n: 1, after: 0, sinceMin: 2 });
    await expect.poll(() => undo).toBeDefined();
    expect(await offs()).toEqual([{ ...heatOffs[0], onAt: expect.any(String) }]);
  });

  it("is ice that was found on the morning: in water from now, though its thaw was ticked off days ago", async () => {
    const ticked = ["thaw", "salt"];
    await saveRoast(database(), { ...roast, happened: { ticked, thawBegunAt: "2026-09-24T09:00:00.000Z" } });
    acts.hasIce("middle", "water", true);
    await expect.poll(() => undo).toBeDefined();
    const found = await kept();
    expect(found?.plan).toMatchObject({ thawIn: "water", bird: { state: "part-frozen", ice: "middle" } });
    expect(found?.happened.ticked).toEqual(["salt", "thaw"]);
    expect(Date.parse(found?.happened.thawBegunAt ?? "")).toBeGreaterThan(Date.parse("2026-09-25"));
    undo?.();
    await expect.poll(async () => (await kept())?.plan).toEqual(roast.plan);
    expect((await kept())?.happened.thawBegunAt).toBe("2026-09-24T09:00:00.000Z");
    undo = undefined;
    acts.hasIce("most", "none", true);
    await expect.poll(() => undo).toBeDefined();
    // Straight into the heat nothing thaws before.
    expect((await kept())?.happened).toEqual({ ticked: ["salt"] });
    await saveRoast(database(), { ...roast, happened: { ticked } });
    undo = undefined;
    // Found on the eve, it is not in the water yet: the timetable says when.
    acts.hasIce("cavity", "water", false);
    await expect.poll(() => undo).toBeDefined();
    expect((await kept())?.happened).toEqual({ ticked: ["salt"] });
  });

  it("is off no longer once it has been out and back in", async () => {
    const [inAt, offAt, pulledAt] = [
      "2026-09-27T09:00:00.000Z",
      "2026-09-27T10:00:00.000Z",
      "2026-09-27T10:30:00.000Z",
    ];
    await acts.happens({ inAt, heatOffs: [{ offAt }], pulledAt });
    acts.backIn();
    await expect.poll(async () => (await kept())?.happened.outs).toHaveLength(1);
    expect((await kept())?.happened.heatOffs).toEqual([{ offAt, onAt: pulledAt }]);
  });

  it("says when the heat was on: before the bird went in, or only after it", async () => {
    const inAt = "2026-09-27T09:00:00.000Z";
    await acts.happens({ inAt });
    void acts.heatWasOnAt(Date.parse(inAt) + 20 * 60_000);
    await expect
      .poll(async () => (await kept())?.happened.heatOffs)
      .toEqual([{ offAt: inAt, onAt: "2026-09-27T09:20:00.000Z" }]);
    void acts.heatWasOnAt(Date.parse(inAt) - 20 * 60_000);
    await expect.poll(async () => (await kept())?.happened.heatOnAt).toBe("2026-09-27T08:40:00.000Z");
    // On before it went in, it was not off as it did.
    expect((await kept())?.happened.heatOffs).toBeUndefined();
  });

  it("is a row long since ticked off, and what began with it", async () => {
    acts.ticks("preheat");
    acts.ticks("salt");
    await expect.poll(async () => (await kept())?.happened.ticked).toEqual(["preheat", "salt"]);
    acts.unticks("preheat");
    await expect.poll(async () => (await kept())?.happened.ticked).toEqual(["salt"]);
    expect((await kept())?.happened.heatOnAt).toBeUndefined();
  });

  it("is a tick of what was turned on in time, told late", async () => {
    acts.ticks("preheat", Date.parse("2026-09-27T08:40:00.000Z"));
    await expect.poll(async () => (await kept())?.happened.heatOnAt).toBe("2026-09-27T08:40:00.000Z");
    expect((await kept())?.happened.ticked).toEqual(["preheat"]);
  });

  it("is a tick, and what it turned on", async () => {
    acts.ticks("preheat");
    await expect.poll(() => undo).toBeDefined();
    expect((await kept())?.happened).toMatchObject({ ticked: ["preheat"], heatOnAt: expect.any(String) });
    undo?.();
    await expect.poll(async () => (await kept())?.happened.ticked).toBeUndefined();
    expect((await kept())?.happened.heatOnAt).toBeUndefined();
  });

  it("is a thaw that begins now, with its hour", async () => {
    acts.thaws();
    await expect.poll(() => undo).toBeDefined();
    expect((await kept())?.happened).toMatchObject({ ticked: ["thaw"], thawBegunAt: expect.any(String) });
    undo?.();
    await expect.poll(async () => (await kept())?.happened.ticked).toBeUndefined();
    expect((await kept())?.happened.thawBegunAt).toBeUndefined();
  });

  it("is a thermometer that is in no bird of its own: its probes are back, and what they read counts", async () => {
    const probes = [{ device: "one", probe: "left breast", sits: "left breast" } as const];
    await changeRoast(database(), roast.id, (before) => ({ ...before, probes: [...probes] }));
    acts.noneOfThem();
    await expect.poll(() => undo).toBeDefined();
    expect(await kept()).not.toHaveProperty("probes");
    expect((await kept())?.happened.notItsOwn).toEqual([{ device: "one", until: expect.any(String) }]);
    undo?.();
    await expect.poll(async () => (await kept())?.probes).toEqual(probes);
    expect((await kept())?.happened.notItsOwn).toBeUndefined();
  });

  it("is a tip put right, and no other", async () => {
    acts.seats(["left thigh"]);
    await expect.poll(async () => (await kept())?.happened.seated).toHaveLength(1);
    acts.seats(["breast", "left breast"]);
    await expect.poll(async () => (await kept())?.happened.seated).toHaveLength(3);
    undo?.();
    await expect
      .poll(async () => (await kept())?.happened.seated)
      .toEqual([{ at: expect.any(String), probe: "left thigh" }]);
  });

  it("is a probe that sits elsewhere, and what was told of it before stays", async () => {
    const probes = [{ device: "one", probe: "breast" as const, sits: "left breast" as const }];
    await saveRoast(database(), { ...roast, thermometer: "bridge", probes });
    acts.sitsAt({ device: "one", probe: "breast" }, "right thigh", true);
    await expect.poll(() => undo).toBeDefined();
    expect((await kept())?.probes).toMatchObject([
      { sits: "right thigh", before: [{ sits: "left breast", moved: true }] },
    ]);
    expect((await kept())?.happened.seated).toHaveLength(1);
    undo?.();
    await expect.poll(async () => (await kept())?.probes).toEqual(probes);
    expect((await kept())?.happened.seated).toBeUndefined();
  });

  it("is a reading put right, by what it showed or by when it was read, as often as that takes", async () => {
    const at = "2026-09-27T10:00:05.000Z";
    const reading = { at, part: "breast" as const, celsius: 60, shownC: 61, source: "typed" as const };
    await acts.notes([reading]);
    const counted = async () => {
      const stored = await database().readings.where({ roastId: roast.id }).toArray();
      const struck = (await kept())?.happened.struck;
      return countedReadings(stored, { happened: { struck } }).map(({ at, celsius, shownC }) => ({
        at,
        celsius,
        shownC,
      }));
    };
    await acts.corrects(reading, { celsius: 54, shownC: 55 });
    expect(await counted()).toEqual([{ at: "2026-09-27T10:00:05.001Z", celsius: 54, shownC: 55 }]);
    undo?.();
    await expect.poll(counted).toEqual([{ at, celsius: 60, shownC: 61 }]);
    await acts.readAt(reading, Date.parse("2026-09-27T09:50:00.000Z"));
    const [moved] = await counted();
    expect(moved).toEqual({ at: "2026-09-27T09:50:05.001Z", celsius: 60, shownC: 61 });
    await acts.readAt({ ...reading, ...moved } as typeof reading, Date.parse("2026-09-27T10:00:00.000Z"));
    expect(await counted()).toEqual([{ at: "2026-09-27T10:00:05.002Z", celsius: 60, shownC: 61 }]);
  });

  it("is a change of the heat, made late or in time", async () => {
    const stages = [
      { fromMin: 0, airC: 230 },
      { fromMin: 20, airC: 160 },
    ];
    const inAt = new Date(Date.now() - 40 * 60_000).toISOString();
    await saveRoast(database(), { ...roast, plan: { ...roast.plan, stages }, happened: { inAt } });
    acts.changesHeat({ kind: "stage", n: 1, after: 0, sinceMin: 20 });
    await expect.poll(() => undo).toBeDefined();
    expect((await kept())?.happened.stagesDone).toBe(1);
    expect((await kept())?.plan.stages.map(({ fromMin }) => fromMin)).toEqual([0, 40]);
    undo?.();
    await expect.poll(async () => (await kept())?.plan.stages).toEqual(stages);
    expect((await kept())?.happened.stagesDone).toBeUndefined();
    acts.changesHeat({ kind: "stage", n: 1, after: 0, sinceMin: 2 });
    await expect.poll(async () => (await kept())?.happened.stagesDone).toBe(1);
    expect((await kept())?.plan.stages).toEqual(stages);
    // In time, and told late.
    acts.heatNotChanged(1);
    await expect.poll(async () => (await kept())?.happened.stagesDone).toBe(0);
    acts.changesHeat({ kind: "stage", n: 1, after: 0, sinceMin: 20 }, "in time");
    await expect.poll(async () => (await kept())?.happened.stagesDone).toBe(1);
    expect((await kept())?.plan.stages).toEqual(stages);
    void acts.changedHeatAt(1, Date.parse(inAt) + 31 * 60_000);
    await expect.poll(async () => (await kept())?.plan.stages[1]?.fromMin).toBe(31);
  });

  it("is a change of the heat that was made before its time", async () => {
    const stages = [
      { fromMin: 0, airC: 230 },
      { fromMin: 60, airC: 160 },
    ];
    const inAt = new Date(Date.now() - 40 * 60_000).toISOString();
    await saveRoast(database(), { ...roast, plan: { ...roast.plan, stages }, happened: { inAt } });
    acts.changesHeat({ kind: "stage", n: 1, after: 0, sinceMin: 0 });
    await expect.poll(async () => (await kept())?.happened.stagesDone).toBe(1);
    expect((await kept())?.plan.stages.map(({ fromMin }) => fromMin)).toEqual([0, 40]);
  });

  it("is a change of the heat at its sign: it has its minute from then on, until it is taken back", async () => {
    const when = { centre: "breast" as const, reachesC: 57 };
    const stages = [
      { fromMin: 0, airC: 110 },
      { fromMin: 20, airC: 145, when, wrap: "foil" as const },
      { fromMin: 300, airC: 120 },
    ];
    const inAt = new Date(Date.now() - 90 * 60_000).toISOString();
    await saveRoast(database(), { ...roast, plan: { ...roast.plan, stages }, happened: { inAt } });
    const second = async () => (await kept())?.plan.stages[1];
    acts.changesHeat({ kind: "stage", n: 1, after: 0, sinceMin: 0 });
    await expect.poll(second).toEqual({ fromMin: 90, airC: 145, wrap: "foil", waitedFor: { fromMin: 20, when } });
    void acts.changedHeatAt(1, Date.parse(inAt) + 84 * 60_000);
    await expect.poll(async () => (await second())?.fromMin).toBe(84);
    acts.heatNotChanged(1);
    await expect.poll(async () => (await kept())?.plan.stages).toEqual(stages);
    expect((await kept())?.happened.stagesDone).toBe(0);
    acts.changesHeat({ kind: "stage", n: 1, after: 0, sinceMin: 30 }, "in time");
    await expect.poll(async () => (await second())?.fromMin).toBe(60);
  });

  it("is a bird that came out, or was outside, at another time", async () => {
    const at = (minutes: number): string => new Date(Date.UTC(2026, 8, 27, 9, minutes)).toISOString();
    await acts.happens({
      inAt: at(0),
      outs: [{ outAt: at(60), backAt: at(70) }],
      pulledAt: at(100),
      carvedAt: at(130),
    });
    void acts.wasAt("pulledAt", Date.parse(at(90)));
    await expect.poll(() => undo).toBeDefined();
    expect((await kept())?.happened).toMatchObject({ pulledAt: at(90), carvedAt: at(130) });
    undo?.();
    await expect.poll(async () => (await kept())?.happened.pulledAt).toBe(at(100));
    // Both of its ends, the second before the first is stored; and a time without heat likewise.
    await Promise.all([acts.wasOutside(0, { outAt: at(55) }), acts.wasOutside(0, { backAt: at(68) })]);
    expect((await kept())?.happened.outs).toEqual([{ outAt: at(55), backAt: at(68) }]);
    await acts.heatWasOff({ offAt: at(20), onAt: at(30) });
    await Promise.all([acts.heatOffWas(0, { offAt: at(22) }), acts.heatOffWas(0, { onAt: at(28) })]);
    expect((await kept())?.happened.heatOffs).toEqual([{ offAt: at(22), onAt: at(28) }]);
    // And when its heat was changed, while when it went in is being put right.
    const stages = [
      { fromMin: 0, airC: 220 },
      { fromMin: 20, airC: 160 },
    ];
    await changeRoast(database(), roast.id, (before) => ({
      ...before,
      plan: { ...before.plan, stages },
      happened: { ...before.happened, stagesDone: 1 },
    }));
    await Promise.all([acts.goesIn(Date.parse(at(10))), acts.changedHeatAt(1, Date.parse(at(35)))]);
    expect((await kept())?.plan.stages[1]?.fromMin).toBe(25);
  });

  it("is a salting that begins only now, with its hours as they were", async () => {
    const fromNow = saltedLess(roast.plan, 2);
    expect(fromNow).not.toBeNull();
    acts.salts("salt", fromNow as Remedy);
    await expect.poll(() => undo).toBeDefined();
    const begun = await kept();
    expect(begun?.happened.ticked).toEqual(["salt"]);
    expect(begun?.plan.salt).not.toEqual(roast.plan.salt);
    undo?.();
    await expect.poll(async () => (await kept())?.plan.salt).toEqual(roast.plan.salt);
    expect((await kept())?.happened.ticked).toBeUndefined();
  });

  it("is a door that stood open", async () => {
    acts.opened("door", 5);
    await expect.poll(() => undo).toBeDefined();
    expect((await kept())?.happened.doors).toEqual([{ at: expect.any(String), openMin: 5 }]);
    undo?.();
    await expect.poll(async () => (await kept())?.happened.doors).toBeUndefined();
  });
});
