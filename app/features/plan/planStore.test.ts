import { beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { withChange } from "../../../core/formats/merge";
import { sampleRoast } from "../../../tests/helpers/sampleRoast";
import { database, openShelf } from "../../shell/database";
import { usePlanStore } from "./planStore";

const { plan } = sampleRoast();
const heavier = (massKg: number) => (before: typeof plan) => ({ ...before, bird: { ...before.bird, massKg } });
const store = () => usePlanStore.getState();
const mass = (): number | undefined => store().history?.present.bird.massKg;

describe("the plan under the hand", () => {
  beforeAll(async () => {
    await openShelf();
  });
  beforeEach(() => {
    usePlanStore.setState({ roastId: null, history: null });
    store().open({ ...sampleRoast(), id: "one", plan }, false);
  });

  it("is not thrown back by its own writes coming back late", () => {
    store().settle(heavier(6));
    store().settle(heavier(7));
    store().open({ ...sampleRoast(), id: "one", plan: heavier(6)(plan) }, false);
    expect(mass()).toBe(7);
    store().open({ ...sampleRoast(), id: "one", plan: heavier(7)(plan) }, false);
    expect(mass()).toBe(7);
  });

  it("takes up what was changed elsewhere, and can undo it", () => {
    store().settle(heavier(6));
    store().open({ ...sampleRoast(), id: "one", plan: heavier(6)(plan) }, false);
    store().open({ ...sampleRoast(), id: "one", plan: heavier(9)(plan) }, false);
    expect(mass()).toBe(9);
    store().open({ ...sampleRoast(), id: "one", plan }, false);
    expect(mass()).toBe(plan.bird.massKg);
    store().undo();
    expect(mass()).toBe(9);
  });

  it("takes up a change made elsewhere while its own last write was never handed back", () => {
    store().settle(heavier(6));
    store().open({ ...sampleRoast(), id: "one", plan: heavier(9)(plan) }, false);
    expect(mass()).toBe(9);
    store().open({ ...sampleRoast(), id: "one", plan: heavier(6)(plan) }, false);
    expect(mass()).toBe(6);
  });

  it("starts a new history with another roast", () => {
    store().settle(heavier(6));
    store().open({ ...sampleRoast(), id: "two", plan }, false);
    expect(store().history?.past).toEqual([]);
    expect(mass()).toBe(plan.bird.massKg);
  });

  it("is undone by one press, in whatever order a stored plan has its keys", () => {
    const reordered = (value: unknown): unknown =>
      Array.isArray(value)
        ? value.map(reordered)
        : value && typeof value === "object"
          ? Object.fromEntries(
              Object.entries(value)
                .reverse()
                .map(([key, each]) => [key, reordered(each)]),
            )
          : value;
    store().settle(heavier(6));
    store().settle(heavier(7));
    store().open({ ...sampleRoast(), id: "one", plan: reordered(heavier(7)(plan)) as typeof plan }, false);
    store().undo();
    expect(mass()).toBe(6);
  });

  it("has back with an edit that is undone, or made again the other way round, what that took from what had happened", async () => {
    const happened = { ticked: ["thaw", "salt"], thawBegunAt: "2026-09-24T09:00:00.000Z" };
    const roast = { ...sampleRoast(), id: "one", happened };
    await database().roasts.put(roast);
    const stored = async () => (await database().roasts.get("one"))?.happened;
    const thawIn = (place: typeof plan.thawIn) => () => store().settle((before) => ({ ...before, thawIn: place }));
    for (const back of [() => store().undo(), thawIn(plan.thawIn)]) {
      thawIn("water")();
      await vi.waitFor(async () => expect(await stored()).toEqual({ ticked: ["salt"] }));
      back();
      await vi.waitFor(async () =>
        expect(await stored()).toEqual({ ...happened, ticked: expect.arrayContaining(happened.ticked) }),
      );
    }
  });

  it("has that back too where the edit was made elsewhere", async () => {
    const happened = { ticked: ["thaw", "salt"], thawBegunAt: "2026-09-24T09:00:00.000Z" };
    const roast = { ...sampleRoast(), id: "one", happened };
    const elsewhere = withChange(roast, plan, { ...plan, thawIn: "water" });
    expect(elsewhere.happened).toEqual({ ticked: ["salt"] });
    store().open(roast, false);
    await database().roasts.put(elsewhere);
    store().open(elsewhere, false);
    store().undo();
    await vi.waitFor(async () =>
      expect((await database().roasts.get("one"))?.happened).toEqual({
        ...happened,
        ticked: expect.arrayContaining(happened.ticked),
      }),
    );
  });

  it("is left alone while its record is closed", () => {
    store().open({ ...sampleRoast(), id: "one", plan }, true);
    store().settle(heavier(9));
    store().drag(heavier(9));
    expect(mass()).toBe(plan.bird.massKg);
  });
});
