import { expect, it } from "vitest";
import { HOUR_MS } from "../units/time";
import { isLongOver } from "./over";

it("a dinner that is an hour late is waited for, and one of yesterday is not", () => {
  const serveAt = "2026-09-27T11:30:00.000Z";
  const at = (hours: number): boolean => isLongOver({ serveAt }, Date.parse(serveAt) + hours * HOUR_MS);
  expect([-100, 0, 1, 11].map(at)).toEqual([false, false, false, false]);
  expect([13, 500].map(at)).toEqual([true, true]);
});
