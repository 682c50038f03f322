import { expect, it } from "vitest";
import { survivors } from "./safety";

it("tells what is left as a cook reads it", () => {
  expect([12, 7, 6.5, 3.3, 1, 0.1, -1].map(survivors)).toEqual([
    "fewer than one in ten million",
    "fewer than one in ten million",
    "one in 3200000",
    "one in 2000",
    "one in 10",
    "nearly all",
    "nearly all",
  ]);
});
