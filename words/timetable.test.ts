import fc from "fast-check";
import { expect, it } from "vitest";
import { taskOf } from "../core/schedule/backward";
import { HOUR_MS } from "../core/units/time";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../tests/helpers/anyPlan";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { listsOf } from "./lists";
import { timetableOf } from "./timetable";

it("has no bird thaw in a brine that is never made, and tells of every brine that is", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (plan, cook) => {
      const derived = deriveAny(plan, cook);
      const rows = timetableOf(plan, derived, "metric");
      const inBrine = rows.filter(({ what }) => /the brine: | its brine/.test(what) && !what.startsWith("Mix"));
      expect(inBrine.length > 0).toBe(derived.salt.bath !== null);
      expect(rows.some(({ what }) => what.startsWith("Mix the brine"))).toBe(derived.salt.bath !== null);
      const listed = Object.values(listsOf(plan, derived, "metric")).flat();
      const ofBrine = listed.some(({ what, why = "" }) => /\bbrine\b/.test(`${what} ${why}`));
      expect(ofBrine).toBe(derived.salt.bath !== null);
    }),
    plansAsked(300),
  );
});

it("portions on the eve only what is salted after it", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (plan, cook) => {
      const rows = timetableOf(plan, deriveAny(plan, cook), "metric");
      const check = rows.find(({ detail }) => detail.includes("salt portioned"));
      const isSaltedBefore = rows.some(
        ({ id, about, startMs }) =>
          startMs <= (check?.startMs ?? 0) &&
          (id.startsWith("mix-brine") || (about.kind === "task" && about.task === "salt")),
      );
      expect(isSaltedBefore).toBe(false);
    }),
    plansAsked(300),
  );
});

it("leaves ice that is found on the eve to the morning only where the bird is opened then", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (plan, cook) => {
      const derived = deriveAny(plan, cook);
      const check = timetableOf(plan, derived, "metric").find(({ detail }) => detail.includes("is there ice?"));
      const openedMs = taskOf(derived.schedule, "prepare")?.startMs ?? 0;
      if (check) expect(check.detail.includes("in the morning")).toBe(openedMs - check.startMs > 6 * HOUR_MS);
    }),
    plansAsked(300),
  );
});

it("a dish is started where it is made: in the oven, on a ring, or at the board", () => {
  const { plan } = sampleRoast();
  const dish = { minutes: 20, slot: "auto" as const, ring: false, ovenC: null };
  const sides = [
    { ...dish, id: "a", name: "Bread", ovenC: 160 },
    { ...dish, id: "b", name: "Sprouts", ring: true },
    { ...dish, id: "c", name: "Salad" },
  ];
  const made = { ...plan, sides };
  const rows = timetableOf(made, deriveAny(made, { pullMinute: 180, thawHours: 0 }), "metric");
  const told = (id: string): string => rows.find((row) => row.id === `side-${id}`)?.detail ?? "";
  expect(["a", "b", "c"].map(told)).toEqual(["oven at 160 °C, during the rest", "on a ring", "at the board"]);
});

it("a dish is said to bake during the rest, or the carving, only while that lasts", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (plan, cook) => {
      const derived = deriveAny(plan, cook);
      const [carve, rest] = [taskOf(derived.schedule, "carve"), taskOf(derived.schedule, "rest")];
      for (const { detail, startMs } of timetableOf(plan, derived, "metric")) {
        if (detail.endsWith("during the rest")) expect(startMs).toBeLessThan(rest?.endMs ?? 0);
        if (detail.endsWith("during the carving")) expect(startMs).toBeLessThan(carve?.endMs ?? 0);
      }
    }),
    plansAsked(300),
  );
});
