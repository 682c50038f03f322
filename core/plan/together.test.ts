/** What roasts have together goes with every change, and nothing else does. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { LEFTOVERS_ROW, type Roast, RoastSchema } from "./roast";
import type { Plan } from "./schema";
import { targetsFor } from "./targets";
import { apart, forDinner, forFire, handedOn, isSameDinner, isSameFire, joinedTo, ownFire } from "./together";

const roast = (id: string, plan: Plan, of: Partial<Roast> = {}): Roast => ({ ...sampleRoast(id), plan, ...of });
const OWN = ["bird", "thawIn", "sear", "finish"] as const;

describe("what roasts have together", () => {
  it("goes with a change, whatever the plans; each keeps what is its own", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, ANY_PLAN, fc.boolean(), (before, after, others, inOneHeat) => {
        const together = { dinner: "d", fire: "f" };
        const one = roast("one", before, together);
        const plan = inOneHeat ? forFire(others, before) : forDinner(others, before);
        const other = roast("other", plan, inOneHeat ? together : { dinner: "d", fire: "own" });
        const handed = handedOn(one, { ...one, plan: after }, other);
        expect(RoastSchema.safeParse(handed).error).toBeUndefined();
        const { targetC } = handed.plan;
        expect(handed.plan).toEqual({ ...(inOneHeat ? forFire(others, after) : forDinner(others, after)), targetC });
        for (const name of OWN) expect(handed.plan[name]).toEqual(others[name]);
        // Its targets are its own, but for those that are the guideline of the kitchen.
        expect(targetC).toEqual(targetsFor({ ...plan, equipment: after.equipment }, plan));
      }),
      { numRuns: 200 },
    );
  });

  it("goes to no roast of another dinner, and a change of one's own to none", () => {
    const one = roast("one", sampleRoast().plan);
    const after = { ...one, plan: { ...one.plan, serveAt: "2026-10-04T11:30:00.000Z" } };
    const stranger = roast("two", one.plan);
    expect(handedOn(one, after, stranger)).toBe(stranger);
    const piece = roast("three", one.plan, { dinner: one.dinner, fire: one.fire });
    const heavier = { ...one, plan: { ...one.plan, bird: { ...one.plan.bird, massKg: 7 } } };
    expect(handedOn(one, heavier, piece)).toBe(piece);
  });

  it("happens to all that is in one heat: in, the door, stages done; out and carved each by itself", () => {
    const one = roast("one", sampleRoast().plan);
    const piece = roast("two", one.plan, { dinner: one.dinner, fire: one.fire });
    const inAt = "2026-09-27T08:00:00.000Z";
    const wentIn: Roast = { ...one, happened: { inAt, stagesDone: 1 } };
    const handed = handedOn(one, wentIn, piece);
    expect(handed.happened).toEqual({ inAt, stagesDone: 1 });
    const out: Roast = { ...wentIn, happened: { ...wentIn.happened, pulledAt: "2026-09-27T10:00:00.000Z" } };
    expect(handedOn(wentIn, out, handed)).toBe(handed);
    // Taken back, it is taken back for all.
    expect(handedOn(wentIn, one, handed).happened).toEqual({});
  });

  it("is eaten at one table: what is left of all that was carved is in the fridge with one tick, and out again without it", () => {
    const one = roast("one", sampleRoast().plan);
    const two = roast("two", one.plan, { dinner: one.dinner });
    const at = (hour: number) => `2026-09-27T${hour}:00:00.000Z`;
    const carved = (of: Roast, more: Partial<Roast["happened"]> = {}): Roast => ({
      ...of,
      happened: { inAt: at(10), pulledAt: at(12), carvedAt: at(13), ...more },
    });
    const away = carved(one, { ticked: ["season-1", LEFTOVERS_ROW], hotTable: true });
    const handed = handedOn(carved(one), away, carved(two, { ticked: ["fill-1"] }));
    expect(RoastSchema.safeParse(handed).error).toBeUndefined();
    expect(handed.happened).toMatchObject({ ticked: ["fill-1", LEFTOVERS_ROW], hotTable: true });
    const out = handedOn(away, carved(one), handed).happened;
    expect(out.ticked).toEqual(["fill-1"]);
    expect(out.hotTable).toBeUndefined();
    // Of one that is still to be carved nothing is put away, though its table is as hot.
    expect(handedOn(carved(one), away, two).happened).toEqual({ hotTable: true });
  });

  it("is joined with every dish of both, and left with none of the others' ids", () => {
    const dish = (id: string) => ({ id, name: id, minutes: 30, ovenC: 180, ring: false, slot: "auto" as const });
    const { plan } = sampleRoast();
    const one = roast("one", { ...plan, sides: [dish("a"), dish("b")] });
    const two = roast("two", { ...plan, serveAt: "2026-09-27T12:00:00.000Z", sides: [dish("b"), dish("c")] });
    const joined = joinedTo(one, two);
    expect(isSameDinner(joined, one)).toBe(true);
    expect(joined.plan.serveAt).toBe(one.plan.serveAt);
    expect(joined.plan.sides.map(({ id }) => id)).toEqual(["a", "b", "c"]);
    const piece = roast("three", plan, { dinner: one.dinner, fire: one.fire });
    // The one whose id the others are together by may go too.
    expect(isSameFire(ownFire(one, "new"), piece)).toBe(false);
    expect(isSameDinner(ownFire(one, "new"), piece)).toBe(true);
    expect(isSameDinner(apart(one, "new"), piece)).toBe(false);
  });
});
