/** A roast that is practised: a hidden bird on the fast clock, taken out far too early, and what it truly was told after. */
import type { WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { Roast, RoastReading } from "../../core/plan/roast";
import { startApp } from "../helpers/app";
import { seeText, storedRows, WAIT_MS } from "../helpers/browser";
import { beginPractising, carveAndSee } from "../helpers/practice";
import type { RunningServer } from "../helpers/server";

let driver: WebDriver;
let server: RunningServer;
beforeAll(async () => {
  const app = await startApp({ demo: "past" });
  ({ server, driver } = app);
  return app.end;
});

/** The cook's own, which practice must not touch. */
let before: Roast[] = [];
const own = (): Promise<Roast[]> => storedRows<Roast>(driver, "roasts", "bruma-demo");
const PRACTICE = "bruma-practice";
const readings = (): Promise<RoastReading[]> => storedRows<RoastReading>(driver, "readings", PRACTICE);

describe("a roast before the day", () => {
  it("begins with a bird, a kind of day and a pace, on the cook's own screen", async () => {
    await driver.get(server.url);
    await seeText(driver, "Winter chicken in parts");
    before = await own();
    await beginPractising(driver, server.url, ["Calm"]);
  });

  it("is read by the probes of its hidden bird, as the clock comes to it", async () => {
    await driver.wait(async () => (await readings()).length > 20, WAIT_MS);
    for (const { source } of await readings()) expect(source).toBe("simulated");
  });

  it("is pulled and carved by the cook, who then sees what it truly was", async () => {
    await carveAndSee(driver);
    // Not all of them did, unless the machine was slow: the clock runs two hundred times as fast as life.
    await seeText(driver, "every centre came to the guideline", "by minutes a kilogram", "than its dial said");
  });

  it("leaves no trace in the log, and teaches no oven", async () => {
    const closed = (roasts: readonly Roast[]) => roasts.filter(({ happened }) => happened.closedAt);
    expect((await own()).map(({ id }) => id)).toEqual(before.map(({ id }) => id));
    expect(closed(await own())).toEqual(closed(before));
    const all = await storedRows<Roast>(driver, "roasts", PRACTICE);
    expect(all).toHaveLength(1);
    const [practised] = all;
    expect(practised?.plan.oven).toBeNull();
    expect(practised?.happened.carvedAt).toBeDefined();
  });
});
