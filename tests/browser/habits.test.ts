import { By, Key, type WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { UnitSystem } from "../../core/units/quantity";
import { startApp } from "../helpers/app";
import { fill, newProfile, openBrowser, press, seeText, TABLE, US_LANGUAGE, WAIT_MS } from "../helpers/browser";
import { foreignIn } from "../helpers/readers";
import { type RunningServer, serve } from "../helpers/server";

/** All that is read on a page, by eye or by a reader of the screen: fields, hints and labels too. */
const readAll = (driver: WebDriver): Promise<string> =>
  driver.executeScript(`
    const all = [document.body.innerText];
    for (const each of document.querySelectorAll("input, [aria-label], [aria-valuetext], [title], svg text")) {
      all.push(each.value ?? "", each.placeholder ?? "", each.ariaLabel ?? "", each.getAttribute("aria-valuetext") ?? "", each.getAttribute("title") ?? "", each instanceof SVGElement ? each.textContent : "");
    }
    return all.join("\\n").replaceAll("\\u00a0", " ");`);

const CHOICES = ["°C, kg and grams", "°F, pounds and ounces", "14 lb, 6.3 kg, 325f, 163 C", "13:30", "1:30 pm"];

const COOKS = [
  {
    units: "metric" as UnitSystem,
    // What the browser of the other files has.
    language: null,
    mass: "6.3 kg",
    seen: { mass: "6.3 kg", hot: "220 °C", moderate: "160 °C" },
    clock: /\b([01]\d|2[0-3]):[0-5]\d\b/,
  },
  {
    units: "us" as UnitSystem,
    language: US_LANGUAGE,
    mass: "14 lb",
    seen: { mass: "14 lb", hot: "425 °F", moderate: "325 °F" },
    clock: /\b(1[0-2]|[1-9]):[0-5]\d (am|pm)\b/,
  },
];

describe.each(COOKS)("a cook with $units habits", ({ units, language, mass, seen, clock }) => {
  let driver: WebDriver;
  let server: RunningServer;
  beforeAll(async () => {
    if (language === null) {
      const app = await startApp();
      ({ server, driver } = app);
      return app.end;
    }
    server = await serve(false);
    driver = await openBrowser(TABLE, newProfile(), [language]);
    return async () => {
      await driver.quit();
      server.close();
    };
  });
  const readsOwn = async (): Promise<string> => {
    // Where units are chosen, both are named.
    const text = CHOICES.reduce((all, choice) => all.replaceAll(choice, ""), await readAll(driver));
    expect(foreignIn(text, units)).toBe("");
    return text;
  };

  it("starts a roast, and every screen up to the printed list is in them", async () => {
    await driver.get(server.url);
    await fill(driver, "Weight as bought", mass);
    await press(driver, "Hot start");
    await readsOwn();
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected");
    const plan = await readsOwn();
    for (const own of Object.values(seen)) expect(plan).toContain(own);
    expect(plan).toMatch(clock);
    const panels = await driver.findElements(By.css('[role="tab"]'));
    expect(panels.length).toBeGreaterThan(5);
    for (const panel of panels) {
      await panel.click();
      await readsOwn();
    }
    await press(driver, "Compare");
    await seeText(driver, "Juices");
    await readsOwn();
    await press(driver, "List");
    await seeText(driver, "Buy");
    expect(await readsOwn()).toMatch(clock);
    await press(driver, "Cook");
    await seeText(driver, "Readings come from");
    await readsOwn();
    await press(driver, "Carve");
    await readsOwn();
  });

  it("sees the kitchen's measures in them, and says what is wrong in them", async () => {
    await press(driver, "Kitchen");
    await seeText(driver, "What your kitchen has");
    await readsOwn();
    await fill(driver, "Fridge", units === "us" ? "70" : "21", Key.ENTER);
    await seeText(driver, units === "us" ? "got 70 °F, allowed is 32 °F to 44 °F" : "got 21 °C, allowed is 0 to 7 °C");
    const theOther = units === "us" ? /on the table [^\n]*, [012]\d:\d\d/ : /on the table [^\n]* [ap]m/;
    await press(driver, units === "us" ? "13:30" : "1:30 pm");
    await press(driver, "Roasts");
    await driver.wait(async () => theOther.test(await readAll(driver)), WAIT_MS, "the clock is still the old one");
  });
});
