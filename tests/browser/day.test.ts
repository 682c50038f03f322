/** The day: probes that post to the bridge, advice, what if, and the app without its server. */
import { By, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { button, field, openBrowser, STOVE, see, seeText, wentInAgo } from "../helpers/browser";
import { type RunningServer, serve } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  server = await serve(false);
  driver = await openBrowser(STOVE);
  await driver.get(server.url);
  await (await field(driver, "Weight as bought")).sendKeys("5 kg");
  await (await button(driver, "Shielded")).click();
  await (await button(driver, "Plan it")).click();
  await seeText(driver, "Out, expected");
  await (await see(driver, 'nav a[href$="/cook"]')).click();
  await seeText(driver, "The bird is in the oven");
});
afterAll(async () => {
  await driver?.quit();
  server?.close();
});

const bodyText = (): Promise<string> => driver.executeScript<string>("return document.body.innerText");
const post = (probe: string, celsius: number, minutesAgo: number): Promise<Response> =>
  fetch(`${server.url}/api/readings`, {
    method: "POST",
    body: JSON.stringify({ at: new Date(Date.now() - 60_000 * minutesAgo).toISOString(), probe, celsius }),
  });

describe("the day", () => {
  it("hears probes that post to the bridge: what they said before it listened, and what they say now", async () => {
    await (await button(driver, "The bird is in the oven")).click();
    // Ninety minutes ago.
    await wentInAgo(driver, 90);
    await post("breast", 38, 10);
    await post("thigh", 41, 10);
    await (await button(driver, "probes that post to Bruma")).click();
    await driver.findElement(By.css('button[aria-label="Close"]')).click();
    await driver.wait(
      async () => {
        const text = await bodyText();
        return text.includes("\n38\n") && text.includes("\n41\n");
      },
      20_000,
      "what was posted before was not heard",
    );
    await post("breast", 42, 0);
    await driver.wait(async () => (await bodyText()).includes("\n42\n"), 5_000, "a fresh reading was not heard");
    await seeText(driver, "refitted to your readings");
  });

  it("calls the change of the heat that is due, and is quiet once it is done", async () => {
    await seeText(driver, "Heat to 163 °C");
    await (await button(driver, "Done")).click();
    await driver.wait(async () => !(await bodyText()).includes("Heat to 163 °C"), 10_000);
  });

  it("cooks on what if, and makes what was done the plan", async () => {
    await (await button(driver, "What if …")).click();
    await seeText(driver, "As it is:", "Oven down 20 °C", "later");
    await (await button(driver, "Done: oven down 20 °C")).click();
    await seeText(driver, "it is the plan now");
    await driver.findElement(By.css('button[aria-label="Close"]')).click();
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
    await (await button(driver, "Correct something")).click();
    await (await button(driver, "my thermometer, typed in")).click();
    await driver.findElement(By.css('button[aria-label="Close"]')).click();
    await (await field(driver, "breast")).sendKeys("47");
    await (await button(driver, "Note the reading")).click();
    await driver.wait(async () => (await bodyText()).includes("\n47\n"), 10_000, "the typed reading was not kept");
    await driver.get(`${server.url}/handbook`);
    await seeText(driver, "Every number");
    expect(await driver.executeScript("return !!navigator.serviceWorker.controller")).toBe(true);
  });
});
