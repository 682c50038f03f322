/** A device whose storage fails: full, of a newer version, held by another tab. */
import { By, type WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { faultsInLog, networkOf, openBrowser, pageText, press, see, seeText, TABLE, visit } from "../helpers/browser";
import { type RunningServer, serve } from "../helpers/server";

/** Puts the database into a version of its own making. */
const STORE = (version: number): string => `
  const done = arguments[arguments.length - 1];
  const opening = indexedDB.open("bruma", ${version});
  opening.onupgradeneeded = () => opening.result.createObjectStore("roasts", { keyPath: "id" }).put({ id: "kept" });
  opening.onsuccess = () => { opening.result.close(); done(); };`;

describe("a device whose storage fails", () => {
  let server: RunningServer;
  let driver: WebDriver;
  beforeAll(async () => {
    server = await serve(false);
    driver = await openBrowser(TABLE);
  });
  afterAll(async () => {
    await driver?.quit();
    server?.close();
  });

  it("says it when there is no room, and keeps what was typed", async () => {
    await driver.get(server.url);
    await seeText(driver, "Start a roast");
    const mass = await see(driver, 'input[name="mass"]');
    await mass.sendKeys("5.8 kg");
    await (driver as ChromeDriver).sendDevToolsCommand("Storage.overrideQuotaForOrigin", {
      origin: server.url,
      quotaSize: 1,
    });
    await press(driver, "Plan it");
    await seeText(driver, "The roast was not stored: this device has no room left for Bruma");
    expect(await mass.getAttribute("value")).toBe("5.8 kg");
    await (driver as ChromeDriver).sendDevToolsCommand("Storage.overrideQuotaForOrigin", { origin: server.url });
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected");
  });

  it("says whether the browser keeps it, and when there was a copy", async () => {
    await visit(driver, `${server.url}/kitchen`);
    await seeText(driver, "No copy has been written to a file on this device yet.");
    const text = await pageText(driver);
    expect(text).toMatch(/The browser (keeps it until you delete it|may clear it)/);
    await press(driver, "Write everything to a file");
    await seeText(driver, "Last copy to a file:");
  });

  it("holds and keeps what is chosen before the database is open, beside what was kept before", async () => {
    const themeOf = (): Promise<string> => driver.executeScript("return document.documentElement.dataset.theme");
    const shown = (label: string) => see(driver, `button[aria-label="${label}"]`);
    await press(driver, "°C, kg");
    await seeText(driver, "°F, lb");
    await visit(driver, `${server.url}/log`);
    // The server is asked how it was started before anything is opened: it takes its time.
    await networkOf(driver, { offline: false, latency: 1500 });
    await driver.navigate().refresh();
    await (await shown("Dark colours")).click();
    await shown("Light colours");
    await networkOf(driver, { offline: false, latency: 0 });
    await seeText(driver, "°F, lb");
    expect(await themeOf()).toBe("dark");
    await driver.navigate().refresh();
    await shown("Light colours");
    await seeText(driver, "°F, lb");
    expect(await faultsInLog(driver)).toEqual([]);
    await (await shown("Light colours")).click();
    await press(driver, "°F, lb");
    await seeText(driver, "°C, kg");
  });

  it("says what to do about a database of a newer version, and hands out what is in it", async () => {
    await driver.get(`${server.url}/favicon.svg`);
    await driver.executeAsyncScript(`
      const done = arguments[0];
      indexedDB.deleteDatabase("bruma").onsuccess = () => done();`);
    await driver.executeAsyncScript(STORE(99_000));
    await driver.get(server.url);
    await seeText(driver, "Your roasts are of a newer Bruma", "Load it anew");
    await press(driver, "Write what is stored to a file");
    await seeText(driver, "Written to bruma-as-stored.json.");
    expect(await driver.findElements(By.css("form"))).toEqual([]);
  });
});
