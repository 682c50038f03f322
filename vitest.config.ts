import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    // Both of two cores: one is left idle otherwise, and the browser tests come after.
    maxWorkers: "100%",
    projects: [
      {
        // Files share their modules, and with them the solids of birds that have been made once: none mocks a module.
        test: {
          name: "unit",
          include: ["{core,words,cli,app,workers,storage,server,demo}/**/*.test.ts", "tests/outside/**/*.test.ts"],
          setupFiles: ["fake-indexeddb/auto", "tests/helpers/withKernel.ts", "tests/helpers/sameNumbers.ts"],
          // They give way to the browser's tests: how long one takes says nothing.
          testTimeout: 300_000,
          expect: { poll: { timeout: 60_000 } },
          isolate: false,
        },
      },
      {
        // Pages without a browser: the pool and what a browser gives are stood in for.
        test: {
          name: "plans",
          include: ["tests/{plans,ways}/**/*.test.ts"],
          setupFiles: ["tests/helpers/pageless.ts"],
          testTimeout: 300_000,
          isolate: false,
        },
      },
      {
        // By itself: a clock that runs so fast leaves no time for a neighbour.
        test: {
          name: "day",
          include: ["tests/day/**/*.test.ts"],
          globalSetup: "tests/helpers/chromedriver.ts",
          testTimeout: 300_000,
          hookTimeout: 300_000,
        },
      },
      {
        test: {
          name: "browser",
          include: ["tests/browser/**/*.test.ts"],
          globalSetup: "tests/helpers/chromedriver.ts",
          isolate: false,
          testTimeout: 300_000,
          hookTimeout: 300_000,
        },
      },
    ],
  },
});
