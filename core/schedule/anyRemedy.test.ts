/** Every conflict of random plans has an answer, and each answer takes it away. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, type AnyCook, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { simulated } from "../../tests/helpers/simulated";
import { remedyWords } from "../../words/remedies";
import { roughThawHours } from "../kitchen/thaw";
import { withForm } from "../plan/edits";
import { takesIce } from "../plan/methods";
import { saltPlan } from "../plan/saltPlan";
import { type Plan, PlanSchema } from "../plan/schema";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import type { DerivedPlan } from "./derive";
import { remediesOf } from "./remedies";
import { type Remedy, ROAST_FROZEN, WATER_NOW } from "./remedy";
import { resourceRemedies } from "./resourceRemedies";
import { thawedOtherwise } from "./thawedOtherwise";
import { AT_TABLE, isWithin } from "./waking";

/** A changed plan derived as a screen does before it is simulated, where it thaws otherwise. */
const deriveThawed = (cook: AnyCook, plan: Plan, changed: Plan, nowMs?: number): DerivedPlan =>
  deriveAny(changed, thawedOtherwise(simulated(cook), plan, changed), undefined, nowMs);

describe("a conflict of any plan", () => {
  it("that its thaw comes too late is answered by what brings it in time, or at least nearer", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.double({ min: 1, max: 140, noNaN: true }), (plan, cook, hoursAhead) => {
        const frozen: Plan = { ...plan, bird: { ...plan.bird, state: "frozen" }, thawIn: "fridge" };
        const nowMs = Date.parse(plan.serveAt) - hoursAhead * HOUR_MS;
        const thaws = { ...cook, thawHours: roughThawHours(plan.bird.massKg, "fridge") };
        const conflictsOf = (changed: Plan) => deriveThawed(thaws, frozen, changed, nowMs).conflicts;
        const lateBy = (changed: Plan): number =>
          Math.max(0, ...conflictsOf(changed).map((each) => (each.kind === "too-late" ? each.byMs : 0)));
        const conflict = conflictsOf(frozen).find((each) => each.kind === "too-late" && each.task === "thaw");
        if (!conflict) return;
        const [first, ...others] = remediesOf(conflict, frozen, conflictsOf);
        expect(lateBy((first as Remedy).change(frozen))).toBeLessThan(lateBy(frozen));
        // Where nothing brings it in time, no other way is less late.
        if (first && lateBy(first.change(frozen)) > 0)
          for (const { does, change } of [WATER_NOW, ...(takesIce(frozen) ? [ROAST_FROZEN] : [])])
            expect(lateBy(change(frozen)), does.kind).toBeGreaterThanOrEqual(lateBy(first.change(frozen)));
        for (const { does, change } of others) expect(lateBy(change(frozen)), does.kind).toBe(0);
        // Sold salted, or not to be salted, it stays so.
        expect((first as Remedy).change(frozen).salt.method === "none").toBe(frozen.salt.method === "none");
      }),
      plansAsked(120),
    );
  });

  it("has no word of salting in its answers where the bird is not salted", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        anyCook,
        fc.double({ min: 1, max: 140, noNaN: true }),
        fc.boolean(),
        (any, cook, ahead, isNone) => {
          const salt: Plan["salt"] = {
            ...any.salt,
            injectPercent: 0,
            ...(isNone ? { method: "none" } : { percent: 0 }),
          };
          const plan: Plan = { ...any, salt, thawIn: any.thawIn === "brine" ? "fridge" : any.thawIn, additions: [] };
          if (saltPlan(plan).grams > 0) return;
          const nowMs = Date.parse(plan.serveAt) - ahead * HOUR_MS;
          const conflictsOf = (changed: Plan) => deriveThawed(cook, plan, changed, nowMs).conflicts;
          for (const conflict of conflictsOf(plan))
            for (const { does } of remediesOf(conflict, plan, conflictsOf))
              expect(remedyWords(does, "metric"), conflict.kind).not.toMatch(/salt|brine|inject/i);
        },
      ),
      plansAsked(150),
    );
  });

  it("that it is too late is not answered by a dinner, or a bird into the oven, in the night", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.double({ min: 1, max: 30, noNaN: true }), (plan, cook, hoursAhead) => {
        // Of a roast that leaves room for it between one night and the next.
        if (cook.pullMinute > 480) return;
        const fresh: Plan = { ...plan, bird: { ...plan.bird, state: "fresh" }, roasted: "same-day" };
        const nowMs = Date.parse(fresh.serveAt) - hoursAhead * HOUR_MS;
        const conflictsOf = (changed: Plan) => deriveAny(changed, cook, undefined, nowMs).conflicts;
        const conflict = conflictsOf(fresh).find(({ kind }) => kind === "too-late");
        if (!conflict) return;
        const later = remediesOf(conflict, fresh, conflictsOf).find(({ does }) => does.kind === "eat-later");
        if (!later) return;
        const changed = later.change(fresh);
        expect(conflictsOf(changed).map(({ kind }) => kind)).not.toContain("at-night");
        expect(isWithin(Date.parse(changed.serveAt), changed.zone, AT_TABLE)).toBe(true);
        // And by no more than it takes, with a quarter of an hour to begin in.
        const hours = later.does.kind === "eat-later" ? later.does.hours : 0;
        if (hours <= 0.5 || hours > 24) return;
        const sooner = {
          ...fresh,
          serveAt: new Date(Date.parse(fresh.serveAt) + (hours - 1.25) * HOUR_MS).toISOString(),
        };
        const left = conflictsOf(sooner).map(({ kind }) => kind);
        const isByDay = isWithin(Date.parse(sooner.serveAt), sooner.zone, AT_TABLE);
        if (isByDay && !left.includes("at-night")) expect(left).toContain("too-late");
      }),
      plansAsked(60),
    );
  });

  it("that its salt comes too late is answered by salting it less, by no more than it takes, where that leaves enough", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        anyCook,
        fc.integer({ min: 6, max: 40 }),
        fc.double({ min: 0.2, max: 30, noNaN: true }),
        (plan, cook, saltHours, hoursLate) => {
          const fresh: Plan = {
            ...plan,
            bird: { ...plan.bird, state: "fresh", preSalted: false },
            salt: { ...plan.salt, method: "dry", percent: Math.max(0.5, plan.salt.percent), saltHours },
          };
          const at = (nowMs: number) => (changed: Plan) => deriveAny(changed, cook, undefined, nowMs).conflicts;
          const begins = deriveAny(fresh, cook).schedule.tasks.find(({ id }) => id === "salt")?.startMs ?? Number.NaN;
          const nowMs = begins + hoursLate * HOUR_MS;
          const conflictsOf = at(nowMs);
          const conflict = conflictsOf(fresh).find((each) => each.kind === "too-late" && each.task !== "roast");
          if (conflict?.kind !== "too-late" || conflict.task === "thaw") return;
          const less = remediesOf(conflict, fresh, conflictsOf).find(({ does }) => does.kind === "salt-less");
          const hours = ({ salt }: Plan): number => salt.saltHours + salt.dryHours;
          if (!less) {
            // Nothing shorter that is worth its salt would do.
            const least = { ...fresh, salt: { ...fresh.salt, saltHours: 3, dryHours: 0 } };
            if (hoursLate < saltHours - 4) expect(conflictsOf(least).map(({ kind }) => kind)).toContain("too-late");
            return;
          }
          const salted = less.change(fresh);
          expect(conflictsOf(salted).map(({ kind }) => kind)).not.toContain("too-late");
          expect(salted.salt.saltHours).toBeGreaterThanOrEqual(3);
          // What is dried gives way first.
          if (salted.salt.saltHours < saltHours) expect(salted.salt.dryHours).toBe(0);
          expect(hours(salted)).toBeLessThan(hours(fresh));
          const more = { ...salted.salt, saltHours: salted.salt.saltHours + 0.5 };
          if (hours(salted) + 0.5 < hours(fresh) && more.saltHours <= saltHours)
            expect(conflictsOf({ ...fresh, salt: more }).map(({ kind }) => kind)).toContain("too-late");
        },
      ),
      plansAsked(80),
    );
  });

  it("of a thaw in water is answered by the fridge only where there is time for it", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.double({ min: 10, max: 250, noNaN: true }), (plan, cook, hoursAhead) => {
        const thawed: Plan = { ...plan, bird: { ...plan.bird, state: "frozen" }, thawIn: "water" };
        const nowMs = Date.parse(plan.serveAt) - hoursAhead * HOUR_MS;
        const thaws = { ...cook, thawHours: roughThawHours(plan.bird.massKg, "water") };
        const conflictsOf = (changed: Plan) => deriveThawed(thaws, thawed, changed, nowMs).conflicts;
        const before = conflictsOf(thawed);
        if (before.some(({ kind }) => kind === "too-late")) return;
        for (const conflict of before.filter(({ kind }) => kind === "thawed-in-water-waits" || kind === "at-night")) {
          const remedies = remediesOf(conflict, thawed, conflictsOf);
          for (const { does, change } of remedies.filter((each) => each.does.kind === "thaw-in-fridge"))
            if (remedies.length > 1)
              expect(
                conflictsOf(change(thawed)).map(({ kind }) => kind),
                does.kind,
              ).not.toContain("too-late");
        }
      }),
      plansAsked(60),
    );
  });

  it("that it thaws in the night is answered by an oven that takes it frozen, where that leaves the night alone", () => {
    let answered = 0;
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.double({ min: 10, max: 60, noNaN: true }), (plan, cook, hoursAhead) => {
        const whole = withForm({ cut: "whole" })(plan);
        const thawed: Plan = {
          ...whole,
          bird: { ...whole.bird, state: "frozen" },
          heat: "oven",
          thawIn: "water",
          roasted: "same-day",
          salt: { ...plan.salt, saltHours: 0, dryHours: 0 },
        };
        const nowMs = Date.parse(plan.serveAt) - hoursAhead * HOUR_MS;
        const thaws = { ...cook, thawHours: roughThawHours(whole.bird.massKg, "water") };
        const conflictsOf = (changed: Plan) => deriveThawed(thaws, thawed, changed, nowMs).conflicts;
        const conflict = conflictsOf(thawed).find((each) => each.kind === "at-night" && each.task === "thaw");
        if (!conflict) return;
        const frozen = remediesOf(conflict, thawed, conflictsOf).find(({ does }) => does.kind === "roast-frozen");
        const changed = frozen && PlanSchema.parse(frozen.change(thawed));
        if (!changed) return;
        answered++;
        expect(takesIce(changed)).toBe(true);
        const left = conflictsOf(changed).map(({ kind }) => kind);
        for (const kind of ["at-night", "too-late", "ice-waits", "frozen-outside-an-oven"])
          expect(left).not.toContain(kind);
        // Half as long again: it goes in that much sooner.
        const inAtMs = (of: Plan): number => deriveThawed(thaws, thawed, of, nowMs).schedule.inAtMs;
        expect(inAtMs(thawed) - inAtMs(changed)).toBeGreaterThan(0.2 * cook.pullMinute * MINUTE_MS);
      }),
      plansAsked(200),
    );
    expect(answered).toBeGreaterThan(0);
  });

  it("of the bird's own tasks has an answer, which is a plan and takes it away", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        for (const conflict of deriveAny(plan, cook).conflicts) {
          const remedies = remediesOf(conflict, plan, (changed) => deriveAny(changed, cook).conflicts);
          // What is too large by itself has its measures told, where no other form or place helps.
          const isTooLarge = conflict.kind === "does-not-fit" && conflict.fit.most === 0;
          if (!isTooLarge) expect(remedies.length, conflict.kind).toBeGreaterThan(0);
          for (const { does, change } of remedies) {
            const changed = PlanSchema.parse(change(plan));
            // Whether another form finds room is known only once it is shaped.
            if (conflict.kind === "does-not-fit" && changed.bird.cut !== plan.bird.cut) continue;
            const left = deriveAny(changed, cook).conflicts.filter(
              (other) => other.kind === conflict.kind && JSON.stringify(other) === JSON.stringify(conflict),
            );
            expect(left, `${conflict.kind}: ${does.kind}`).toEqual([]);
          }
        }
      }),
      plansAsked(120),
    );
  });

  it("over a part of the kitchen has an answer, which is a plan and takes it away", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const key = ({ kind, uses }: ReturnType<typeof deriveAny>["resourceConflicts"][number]) =>
          `${kind} ${uses.map(({ id }) => id).join(" ")}`;
        for (const conflict of deriveAny(plan, cook).resourceConflicts) {
          const after = (changed: typeof plan) => deriveAny(changed, cook).resourceConflicts;
          const remedies = resourceRemedies(conflict, plan, after);
          expect(remedies.length, conflict.kind).toBeGreaterThan(0);
          for (const { does, change } of remedies) {
            const changed = PlanSchema.parse(change(plan));
            const left = deriveAny(changed, cook).resourceConflicts.filter((other) => key(other) === key(conflict));
            expect(
              left.map(({ fromMs }) => fromMs),
              `${key(conflict)}: ${does.kind}`,
            ).not.toContain(conflict.fromMs);
          }
        }
      }),
      plansAsked(120),
    );
  });
});
