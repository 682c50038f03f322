/** Ovens by name: what their roasts have taught, a new one, a plan in it; and a file that was taken in, undone. */
import { Key, type WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { Oven } from "../../core/plan/kitchen";
import type { Roast } from "../../core/plan/roast";
import { startApp } from "../helpers/app";
import { press, pressAt, see, seeText, storedRows, visit, WAIT_MS } from "../helpers/browser";
import { sampleFile } from "../helpers/sampleRoast";
import type { RunningServer } from "../helpers/server";
import { takeIn } from "../helpers/takeIn";

let driver: WebDriver;
let server: RunningServer;
beforeAll(async () => {
  const app = await startApp({ demo: "past" });
  ({ server, driver } = app);
  return app.end;
});

const ovens = (): Promise<Oven[]> => storedRows<Oven>(driver, "ovens", "bruma-demo");
const roasts = (): Promise<Roast[]> => storedRows<Roast>(driver, "roasts", "bruma-demo");
const of = (name: string): Promise<string> =>
  see(driver, `article[aria-label="${name}"]`).then((article) => article.getText());

describe("ovens and fires by name", () => {
  it("say what their roasts have taught, and from how many", async () => {
    await driver.get(`${server.url}/kitchen`);
    await seeText(driver, "Your ovens and fires");
    expect(await of("Old kitchen")).toMatch(/hotter than its dial says, give or take \d+ °C, from three roasts/);
  });

  it("listen to the roasts that the cook lets them", async () => {
    await pressAt(driver, 'article[aria-label="Old kitchen"] summary');
    await pressAt(driver, 'input[aria-label="Learn from Keepers\' supper"]');
    await seeText(driver, "from two roasts");
    await driver.wait(async () => (await ovens()).some(({ leftOut }) => leftOut.includes("demo-supper")), WAIT_MS);
  });

  it("start afresh, and go back from there", async () => {
    await press(driver, "Start afresh: Old kitchen");
    await driver.wait(async () => (await of("Old kitchen")).includes("Nothing is known of it yet"), WAIT_MS);
    await press(driver, "Undo");
    await driver.wait(async () => (await of("Old kitchen")).includes("from two roasts"), WAIT_MS);
  });

  it("are tested of an evening: five readings of a thermometer, told before they are kept", async () => {
    await press(driver, "Test it: Old kitchen");
    const fields = await driver.wait(async () => {
      const all = await driver.findElements({ css: '[role="dialog"] input[inputmode="decimal"]' });
      return all.length === 5 ? all : null;
    }, WAIT_MS);
    for (const [n, field] of (fields ?? []).entries()) await field.sendKeys(String(188 + n));
    await seeText(driver, "hotter than its dial says", "from one test");
    await press(driver, "Keep what it says");
    await seeText(driver, "from two roasts and one test", "Tested with a thermometer");
  });

  it("are added by name, by keyboard, and offered in a plan of their heat", async () => {
    const name = await see(driver, 'input[aria-label="Name of another oven or fire"]');
    await name.sendKeys("Boat shed", Key.ENTER);
    await of("Boat shed");
    await visit(driver, `${server.url}/roast/demo-open-day/plan`);
    await seeText(driver, "Out, expected");
    await pressAt(driver, 'button[role="tab"][id*="heat"]');
    await press(driver, "Old kitchen");
    await seeText(driver, "hotter than its dial says");
    await driver.wait(async () => {
      const plan = (await roasts()).find(({ id }) => id === "demo-open-day")?.plan;
      return plan?.oven?.name === "Old kitchen" && (plan.oven.learned?.hotterK ?? 0) > 0;
    }, WAIT_MS);
  });
});

describe("a file that was taken in", () => {
  it("is undone by one tap, and what it brought waits in the bin", async () => {
    const before = (await roasts()).length;
    await takeIn(driver, server.url, "autumn", sampleFile());
    expect(await roasts()).toHaveLength(before + 1);
    await press(driver, "Undo autumn.json");
    await driver.wait(async () => (await roasts()).length === before, WAIT_MS);
    await press(driver, "Log");
    await seeText(driver, "Deleted, kept for a week");
  });
});
