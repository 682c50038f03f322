import { expect, it } from "vitest";
import { HOUR_MS } from "../units/time";
import { isLongOver, isOfThePast } from "./over";

it("a dinner that is an hour late is waited for, and one of yesterday is not", () => {
  const serveAt = "2026-09-27T11:30:00.000Z";
  const at = (hours: number): boolean => isLongOver({ serveAt }, Date.parse(serveAt) + hours * HOUR_MS);
  expect([-100, 0, 1, 11].map(at)).toEqual([false, false, false, false]);
  expect([13, 500].map(at)).toEqual([true, true]);
});

it("a roast is of the past once it was eaten and its dinner is days over, and never where that cannot be read", () => {
  const at = (hours: number): string =>
    new Date(Date.parse("2026-09-27T11:30:00.000Z") + hours * HOUR_MS).toISOString();
  const past = (plan: object, happened: object): boolean => isOfThePast({ plan, happened }, Date.parse(at(50)));
  expect(past({ serveAt: at(0) }, { carvedAt: at(1) })).toBe(true);
  expect(past({ serveAt: at(0) }, {})).toBe(false);
  expect(past({ serveAt: at(0) }, { carvedAt: at(3) })).toBe(false);
  expect(past({ serveAt: at(200) }, { carvedAt: at(0) })).toBe(false);
  expect(past({ serveAt: "soon" }, { carvedAt: at(0) })).toBe(false);
  expect(isOfThePast({}, Date.parse(at(50)))).toBe(false);
});
