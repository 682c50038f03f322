/** A planning evening from nothing to paper, with as few steps as it takes, and what the cook meets on the way. */
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { Key, type WebDriver, type WebElement } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { beforeAll, describe, expect, it } from "vitest";
import { startApp } from "../helpers/app";
import {
  button,
  field,
  fill,
  newProfile,
  OVER,
  openBrowser,
  pageText,
  press,
  pressAt,
  STOVE,
  see,
  seeText,
  US_LANGUAGE,
  WAIT_MS,
} from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp();
  ({ server, driver } = app);
  await driver.get(server.url);
  await seeText(driver, "Nothing planned yet");
  return app.end;
});

/** What the cook does: each tap and each field filled counts once. */
const did: string[] = [];
async function tap(what: string, element: Promise<WebElement>): Promise<void> {
  did.push(what);
  await (await element).click();
}
async function type(label: string, text: string): Promise<void> {
  did.push(`${label}: ${text}`);
  await fill(driver, label, text, Key.TAB);
}
const tab = (id: string): Promise<WebElement> => see(driver, `button[role="tab"][id*="${id}"]`);
const bodyText = (): Promise<string> => pageText(driver);

describe("from a fresh start to a plan on paper", () => {
  it("takes at most ten steps, side dishes and all", async () => {
    await tap("guests are known", button(driver, "I know how many eat"));
    await type("People at the table", "11");
    await seeText(driver, "Buy about 5.5 kg");
    await tap("method", button(driver, "Hot start"));
    await tap("plan it", button(driver, "Plan it"));
    await seeText(driver, "Out, expected");
    await tap("the table", tab("table"));
    await tap("a dish", button(driver, "Add a dish"));
    await tap("potatoes", button(driver, "Roast potatoes"));
    await tap("greens", button(driver, "Green vegetables"));
    await tap("the list", see(driver, 'nav a[href$="/list"]'));
    await seeText(driver, "Timetable", "Roast potatoes: start", "The eve's check", "Gravy:");
    await driver.executeScript("window.print = () => { window.printed = true; };");
    // Printing waits for the times.
    const print = await button(driver, "Print");
    await driver.wait(() => print.isEnabled(), WAIT_MS, "the times were not refined");
    await tap("print", button(driver, "Print"));
    expect(await driver.executeScript("return window.printed")).toBe(true);
    expect(did.length, did.join("; ")).toBeLessThanOrEqual(10);
  });

  it("prints the lists on one page and the timetable from the second on", async () => {
    const { data } = (await (driver as ChromeDriver).sendAndGetDevToolsCommand("Page.printToPDF", {
      paperWidth: 8.27,
      paperHeight: 11.69,
    })) as unknown as { data: string };
    const pages = Buffer.from(data, "base64")
      .toString("latin1")
      .match(/\/Type\s*\/Page\b/g)?.length;
    expect(pages).toBe(2);
  });
});

describe("on the way", () => {
  it("steps at the board are drawn on this bird", async () => {
    await pressAt(driver, 'nav a[href$="/plan"]');
    await (await tab("bird")).click();
    await press(driver, "Spatchcocked");
    await press(driver, "Spatchcock it: how");
    await see(driver, 'svg[aria-label^="Cut out the backbone"] path');
    await seeText(driver, "To the stock pot:");
    await pressAt(driver, 'button[aria-label="Close"]');
    await press(driver, "Whole");
  });

  it("a kitchen that is too small is a conflict with a remedy, which is undone as easily", async () => {
    await pressAt(driver, 'nav a[href$="/kitchen"]');
    const label = "height";
    const height = await field(driver, label);
    await height.sendKeys(OVER, "8 in", Key.ENTER);
    await driver.wait(
      async () => (await height.getAttribute("value")) === "20.3 cm",
      WAIT_MS,
      "the height was not kept",
    );
    await pressAt(driver, 'nav a[href="/"]');
    await pressAt(driver, 'main a[href$="/plan"]');
    await seeText(driver, "Too large for your oven");
    await press(driver, "Spatchcocked instead");
    await driver.wait(async () => !(await bodyText()).includes("Too large for your oven"), WAIT_MS);
    await press(driver, "Undo");
    await seeText(driver, "Too large for your oven");
    await press(driver, "Spatchcocked instead");
  });

  it("brine: the amounts, the pot and the ice, and what a bag saves", async () => {
    await (await tab("salt")).click();
    await press(driver, "Brine, by the hour");
    await seeText(driver, "Salt for the brine", "of ice. It takes");
    await press(driver, "In a closed bag");
    await press(driver, "In a cooler with ice");
    await seeText(driver, "of ice outside the bag for");
    await press(driver, "Dry salt");
  });

  it("stuffing: what it costs this bird, simulated", async () => {
    await (await tab("bird")).click();
    await press(driver, "Whole");
    await (await tab("skin")).click();
    await press(driver, "Stuffed");
    await seeText(driver, "Against an empty cavity:");
    await driver.wait(
      async () => /empty cavity: \d+ min more/.test(await bodyText()),
      WAIT_MS,
      "the cost was not simulated",
    );
    await press(driver, "Cavity empty");
  });

  it("ice on the morning: both ways out, with what they cost", async () => {
    await (await tab("bird")).click();
    await press(driver, "Still ice");
    await seeText(driver, "Cold water first, then roast", "Roast it as it is");
    await driver.wait(async () => !/simulating/.test(await bodyText()), WAIT_MS, "the ways out were not simulated");
    await pressAt(driver, 'button[aria-label="Close"]');
  });

  it("side dishes from a CSV file: the good rows come in, the others are named with their line", async () => {
    await (await tab("table")).click();
    const path = join(newProfile(), "dishes.csv");
    writeFileSync(path, "name,minutes,oven\nGratin,40,180 C\nBeans,soon,\n");
    await (await see(driver, 'input[aria-label="CSV file of side dishes"]')).sendKeys(path);
    await seeText(driver, "1 dish taken in from dishes.csv; 1 rejected:", "line 3: duration: got soon");
    await see(driver, '[role="img"][aria-label^="Gratin:"]');
  });

  it("the day before: carved, chilled, and heated again as one more dish", async () => {
    await press(driver, "The day before");
    await seeText(driver, "Covered in the oven at 190 °C", "The carved meat, covered");
    await press(driver, "Roasted that day");
  });

  it("goes to another device as an address, asks there, and is taken in", async () => {
    await pressAt(driver, 'nav a[href$="/list"]');
    await press(driver, "To a phone");
    await see(driver, 'svg[aria-label="This roast, to be scanned"] path');
    const address = await (await button(driver, "The same as a link")).getAttribute("href");
    // Of a cook with other habits: there it is called in their own.
    const phone = await openBrowser(STOVE, undefined, [US_LANGUAGE]);
    try {
      await phone.get(address ?? "");
      await seeText(phone, "Take this roast in", "turkey", " lb ");
      expect(await pageText(phone)).not.toMatch(/\d.kg/);
      await press(phone, "Take this roast in");
      await seeText(phone, "The bird is in the oven");
      await phone.get(`${server.url}/take#broken`);
      await seeText(phone, "This is no roast", "scan it again", "Nothing stored has changed");
    } finally {
      await phone.quit();
    }
  });
});
