/** Two roasts of one dinner: one kitchen, whose oven both want, one list and one timetable. */
import type { WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import { startApp } from "../helpers/app";
import { field, press, pressAt, see, seeText } from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp();
  ({ server, driver } = app);
  return app.end;
});

const bodyText = (): Promise<string> => driver.executeScript<string>("return document.body.innerText");

describe("a second roast for one dinner", () => {
  it("is eaten when the first is, and both say that they want one oven at two heats", async () => {
    await driver.get(server.url);
    await (await field(driver, "Weight as bought")).sendKeys("5 kg");
    await press(driver, "Fresh");
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected");
    expect(await bodyText()).not.toMatch(/dinner of its own|same dinner|Add a roast/);
    await (await see(driver, 'button[role="tab"][id*="table"]')).click();
    await press(driver, "Another roast for this dinner");
    await seeText(driver, "One more roast", "its table and its kitchen");
    expect(await bodyText()).not.toContain("When do you want to eat?");
    await press(driver, "Chicken");
    await (await field(driver, "Weight as bought")).sendKeys("1.8 kg");
    await press(driver, "Fresh");
    await press(driver, "Hot");
    await press(driver, "Plan it");
    await seeText(driver, "Add a roast", "want one oven at", "the bird (Whole turkey)");
  });

  it("has one table: a guest more at one is a guest more at the other, fed by both birds", async () => {
    await (await see(driver, 'button[role="tab"][id*="table"]')).click();
    await seeText(driver, "All that is roasted for this dinner gives these 10");
    await press(driver, "More: hearty");
    await seeText(driver, "gives these 11");
    await pressAt(driver, 'nav[aria-label="Roasts of this dinner"] a:not([aria-current])');
    await seeText(driver, "Whole turkey, 5 kg");
    await (await see(driver, 'button[role="tab"][id*="table"]')).click();
    await seeText(driver, "gives these 11");
    await pressAt(driver, 'nav[aria-label="Roasts of this dinner"] a:not([aria-current])');
  });

  it("finds its place by a remedy, and stands on one list with the first", async () => {
    await press(driver, "This one on the covered grill");
    await driver.wait(async () => !(await bodyText()).includes("want one oven at"), 20_000, "they still want one oven");
    await pressAt(driver, 'nav a[href$="/list"]');
    await seeText(
      driver,
      "Timetable",
      "Dinner,",
      "Whole turkey, Whole chicken",
      "Whole chicken: Bird onto the heat",
      "Whole turkey: Bird into the oven",
    );
  });

  it("says at the stove which it is, and leads to the other", async () => {
    await pressAt(driver, 'nav a[href$="/cook"]');
    await seeText(driver, "Whole chicken, 1.8 kg", "For the same dinner");
    await pressAt(driver, 'nav[aria-label="Other roasts of this dinner"] a');
    await seeText(driver, "Whole turkey, 5 kg", "The bird is in the oven");
  });
});

describe("another kind of piece in one heat", () => {
  it("is salted and heated with the first, and goes in with it by one tap", async () => {
    await driver.get(server.url);
    await (await field(driver, "Weight as bought")).sendKeys("2.6 kg");
    await press(driver, "Crown");
    await press(driver, "Fresh");
    await press(driver, "Plan it");
    await seeText(driver, "Crown of turkey");
    await (await see(driver, 'button[role="tab"][id*="bird"]')).click();
    await press(driver, "Another kind of piece in the same oven");
    await seeText(driver, "One more piece", "out when it is done itself");
    expect(await bodyText()).not.toContain("How do you want to cook it?");
    await (await field(driver, "Weight as bought")).sendKeys("1.4 kg");
    await press(driver, "Rolled leg");
    await press(driver, "Fresh");
    await press(driver, "Plan it");
    await seeText(driver, "Rolled leg of turkey", "with", "In by itself");
    await pressAt(driver, 'nav a[href$="/list"]');
    await seeText(
      driver,
      "Timetable",
      "Rolled leg of turkey: Bird into the oven",
      "Crown of turkey: Bird into the oven",
    );
    // The oven is lit once, and both go in at one time.
    const rows = await driver.executeScript<string[]>(
      'return [...document.querySelectorAll("tbody tr")].map((row) => row.innerText)',
    );
    expect(rows.filter((row) => row.includes("Oven on"))).toHaveLength(1);
    const times = rows.filter((row) => row.includes("into the oven")).map((row) => /\d\d:\d\d/.exec(row)?.[0]);
    expect(new Set(times).size).toBe(1);
    await pressAt(driver, 'nav a[href$="/cook"]');
    await press(driver, "The bird is in the oven");
    await seeText(driver, "Take it out in", "In with it");
    await pressAt(driver, 'nav[aria-label="Other roasts of this dinner"] a');
    await seeText(driver, "Crown of turkey", "Take it out in");
  });
});
