/** The day: probes that post to the bridge, advice, what if, and the app without its server. */
import type { WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { Roast } from "../../core/plan/roast";
import { startApp } from "../helpers/app";
import {
  fill,
  pageText,
  press,
  pressAt,
  STOVE,
  seeText,
  storedRows,
  typeTime,
  WAIT_MS,
  wentInAgo,
} from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp({ size: STOVE, offline: true });
  ({ server, driver } = app);
  await driver.get(server.url);
  await press(driver, "Chicken");
  await fill(driver, "Weight as bought", "1.8 kg");
  await press(driver, "Shielded");
  await press(driver, "Plan it");
  await seeText(driver, "Out, expected");
  await pressAt(driver, 'nav a[href$="/cook"]');
  await seeText(driver, "The bird is in the oven");
  return app.end;
});

const bodyText = (): Promise<string> => pageText(driver);
const post = (probe: string, celsius: number, minutesAgo: number): Promise<Response> =>
  fetch(`${server.url}/api/readings`, {
    method: "POST",
    body: JSON.stringify({ at: new Date(Date.now() - 60_000 * minutesAgo).toISOString(), probe, celsius }),
  });

describe("the day", () => {
  it("hears probes that post to the bridge: what they said before it listened, and what they say now", async () => {
    await press(driver, "The bird is in the oven");
    await wentInAgo(driver, 40);
    await post("breast", 38, 10);
    await post("thigh", 41, 10);
    await press(driver, "probes that post to Bruma");
    await pressAt(driver, 'button[aria-label="Close"]');
    await driver.wait(
      async () => {
        const text = await bodyText();
        return text.includes("\n38\n") && text.includes("\n41\n");
      },
      WAIT_MS,
      "what was posted before was not heard",
    );
    await post("breast", 42, 0);
    await driver.wait(async () => (await bodyText()).includes("\n42\n"), WAIT_MS, "a fresh reading was not heard");
    await seeText(driver, "refitted to your readings");
  });

  it("calls the change of the heat that is due, and is quiet once it is done", async () => {
    await seeText(driver, "Heat to 160 °C");
    // By now it is twenty minutes late: that is when it began.
    await press(driver, "Done just now");
    await driver.wait(async () => !(await bodyText()).includes("Heat to 160 °C"), WAIT_MS);
    const [{ plan }] = (await storedRows<Roast>(driver, "roasts")) as [Roast];
    expect(Math.abs((plan.stages[1]?.fromMin ?? 0) - 40)).toBeLessThan(3);
  });

  it("cooks on what if, and makes what was done the plan", async () => {
    await press(driver, "What if …");
    await seeText(driver, "As it is:", "Oven down 20 °C", "later");
    await press(driver, "Done: oven down 20 °C");
    await seeText(driver, "it is the plan now", "It is out of the oven");
  });

  it("is told that the oven is off, says what that comes to, and when it was is put right afterwards", async () => {
    const closes = (): Promise<void> => pressAt(driver, 'button[aria-label="Close"]');
    await press(driver, "Correct something");
    await press(driver, "The oven is off now");
    await seeText(driver, "Noted: without heat from now on");
    // At once: the word in passing, which stands for seconds, does not lie over it.
    await pressAt(driver, 'button[aria-label="Close"]');
    await seeText(driver, "The oven is off: leave the door shut", "so far", "On again now, it is out at");
    // Cooked on elsewhere it has heat again, and comes out of that; taken back, the oven is off as before.
    await press(driver, "Moved onto the covered grill");
    await seeText(driver, "it is the plan now", "It is off the heat");
    await press(driver, "Undo");
    await press(driver, "It is on again");
    await seeText(driver, "Take it out in", "It is out of the oven");
    const nowMs = Date.now();
    await press(driver, "Correct something");
    await typeTime(driver, "The oven was off from", nowMs - 15 * 60_000);
    // It was not on again before that, and nothing is changed.
    await typeTime(driver, "On again at", nowMs - 20 * 60_000);
    await seeText(driver, "On again at: not before it was off. Nothing was changed.");
    await closes();
    const [{ happened }] = (await storedRows<Roast>(driver, "roasts")) as [Roast];
    const [{ offAt, onAt = "" }, ...others] = happened.heatOffs as [{ offAt: string; onAt?: string }];
    expect(others).toEqual([]);
    expect(nowMs - Date.parse(offAt)).toBeLessThan(16 * 60_000);
    expect(nowMs - Date.parse(offAt)).toBeGreaterThanOrEqual(15 * 60_000);
    expect(Math.abs(nowMs - Date.parse(onAt))).toBeLessThan(60_000);
  });

  it("goes on without its server: the app opens, and readings are typed", async () => {
    await driver.executeAsyncScript(
      "const done = arguments[arguments.length - 1]; navigator.serviceWorker.ready.then(() => done());",
    );
    // Taken in by the worker from the next load on.
    await driver.navigate().refresh();
    await seeText(driver, "What if …");
    server.close();
    await driver.navigate().refresh();
    await seeText(driver, "Correct something");
    await seeText(driver, "No word from the bridge");
    await press(driver, "Correct something");
    await press(driver, "my thermometer, typed in");
    await pressAt(driver, 'button[aria-label="Close"]');
    await fill(driver, "breast", "47");
    await press(driver, "Note the reading");
    await driver.wait(async () => (await bodyText()).includes("\n47\n"), WAIT_MS, "the typed reading was not kept");
    await driver.get(`${server.url}/handbook`);
    await seeText(driver, "Every number");
    expect(await driver.executeScript("return !!navigator.serviceWorker.controller")).toBe(true);
  });
});
