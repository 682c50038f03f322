/** A page that is left while something is typed on it: the phone's own way back lets go of no field. */
import type { WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import { startApp } from "../helpers/app";
import { fill, heldIn, press, pressAt, STOVE, see, seeText, visit, WAIT_MS } from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp({ size: STOVE });
  ({ server, driver } = app);
  return app.end;
});

describe("a page that is left", () => {
  it("keeps what was typed into a field of the kitchen", async () => {
    await visit(driver, server.url);
    await see(driver, 'nav a[href="/kitchen"]');
    await pressAt(driver, 'nav a[href="/kitchen"]');
    // Not every browser tells a field that is taken away under the hand that it was let go of.
    await driver.executeScript("addEventListener('focusout', (event) => event.stopImmediatePropagation(), true)");
    await fill(driver, "Largest pot", "9 L");
    await driver.navigate().back();
    await seeText(driver, "Nothing planned yet");
    await pressAt(driver, 'nav a[href="/kitchen"]');
    expect(await heldIn(driver, "Largest pot")).toBe("9 L");
  });

  it("has what was answered of a roast still, until it is planned", async () => {
    await visit(driver, server.url);
    await press(driver, "Duck");
    await fill(driver, "Weight as bought", "2.3 kg");
    await pressAt(driver, 'nav a[href="/handbook"]');
    await see(driver, 'input[type="search"]');
    await driver.navigate().back();
    await seeText(driver, "Nothing planned yet");
    expect(await heldIn(driver, "Weight as bought")).toBe("2.3 kg");
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected", "duck");
    await visit(driver, server.url);
    expect(await heldIn(driver, "Weight as bought")).toBe("");
  });

  it("leads to the top of the next one, and the stove to what is next there", async () => {
    const scrolled = (): Promise<number> => driver.executeScript<number>("return scrollY");
    await press(driver, "Chicken");
    await fill(driver, "Weight as bought", "1.8 kg");
    await press(driver, "Fresh");
    expect(await scrolled()).toBeGreaterThan(100);
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected", "chicken");
    expect(await scrolled()).toBe(0);
    await pressAt(driver, 'nav a[href$="/cook"]');
    await seeText(driver, "Readings come from");
    await driver.executeScript("scrollTo(0, 400)");
    await driver.wait(async () => (await scrolled()) > 100, WAIT_MS);
    await press(driver, "The bird is in the oven");
    await seeText(driver, "It is out of the oven");
    await driver.wait(async () => (await scrolled()) === 0, WAIT_MS, "what is next is out of sight");
  });
});
