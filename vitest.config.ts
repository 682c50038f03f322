import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    // Both of two cores: one is left idle otherwise, and the browser tests come after.
    maxWorkers: "100%",
    projects: [
      {
        test: {
          name: "unit",
          include: [
            "{core,app,workers,storage,server,cli,demo}/**/*.test.ts",
            "tests/{outside,plans}/**/*.test.{ts,tsx}",
          ],
          testTimeout: 60_000,
        },
      },
      {
        // By itself: a clock that runs so fast leaves no time for a neighbour.
        test: {
          name: "day",
          include: ["tests/day/**/*.test.ts"],
          testTimeout: 120_000,
          hookTimeout: 120_000,
        },
      },
      {
        test: {
          name: "browser",
          include: ["tests/browser/**/*.test.ts"],
          testTimeout: 120_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
