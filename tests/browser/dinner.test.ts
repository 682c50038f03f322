/** Two roasts of one dinner: one kitchen, whose oven both want, one list and one timetable. */
import type { WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import { startApp } from "../helpers/app";
import { fill, pageText, pickMoment, press, pressAt, refined, seeText, WAIT_MS } from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp();
  ({ server, driver } = app);
  return app.end;
});

const bodyText = (): Promise<string> => pageText(driver);

describe("a second roast for one dinner", () => {
  it("is eaten when the first is, and both say that they want one oven at two heats", async () => {
    await driver.get(server.url);
    await fill(driver, "Weight as bought", "5 kg");
    await press(driver, "Fresh");
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected");
    expect(await bodyText()).not.toMatch(/dinner of its own|same dinner|Add a roast/);
    await pressAt(driver, 'button[role="tab"][id*="table"]');
    await press(driver, "Another roast to eat with it");
    await seeText(driver, "One more roast", "its table and its kitchen");
    expect(await bodyText()).not.toContain("When do you want to eat?");
    await press(driver, "Chicken");
    await fill(driver, "Weight as bought", "1.8 kg");
    await press(driver, "Fresh");
    await press(driver, "Hot");
    await press(driver, "Plan it");
    await seeText(driver, "Add a roast", "want one oven at", "the bird (Whole turkey)");
  });

  it("has one table: a guest more at one is a guest more at the other, fed by both birds", async () => {
    await pressAt(driver, 'button[role="tab"][id*="table"]');
    await seeText(driver, "All that is roasted for this dinner gives these 10");
    await press(driver, "More: hearty");
    await seeText(driver, "gives these 11");
    await pressAt(driver, 'nav[aria-label="Roasts of this dinner"] a:not([aria-current])');
    await seeText(driver, "Whole turkey, 5 kg");
    await pressAt(driver, 'button[role="tab"][id*="table"]');
    await seeText(driver, "gives these 11");
    await pressAt(driver, 'nav[aria-label="Roasts of this dinner"] a:not([aria-current])');
  });

  it("finds its place by a remedy, and stands on one list with the first", async () => {
    await press(driver, "This one on the covered grill");
    await driver.wait(
      async () => !(await bodyText()).includes("want one oven at"),
      WAIT_MS,
      "they still want one oven",
    );
    await pressAt(driver, 'nav a[href$="/list"]');
    await seeText(
      driver,
      "Timetable",
      "Dinner,",
      "Whole turkey, Whole chicken",
      "Whole chicken: Bird onto the covered grill",
      "Whole turkey: Bird into the oven",
    );
  });

  it("says the same of both birds on the list of either", async () => {
    const rows = async (): Promise<string[]> => {
      await seeText(driver, "Whole chicken: Bird onto the covered grill", "Whole turkey: Bird into the oven");
      await refined(driver);
      const timetable = await driver.executeScript<string[]>(
        'return [...document.querySelectorAll("tbody tr")].map((row) => row.innerText)',
      );
      return timetable.filter((row) => /Bird into the oven|Bird onto the covered grill|Expected out/.test(row));
    };
    const ofChicken = await rows();
    expect(ofChicken).toHaveLength(4);
    await press(driver, "Plan");
    await pressAt(driver, 'nav[aria-label="Roasts of this dinner"] a:not([aria-current])');
    await seeText(driver, "Whole turkey, 5 kg");
    await pressAt(driver, 'nav a[href$="/list"]');
    expect(await rows()).toEqual(ofChicken);
    await press(driver, "Plan");
    await pressAt(driver, 'nav[aria-label="Roasts of this dinner"] a:not([aria-current])');
    await seeText(driver, "Whole chicken, 1.8 kg");
  });

  it("says at the stove which it is, and leads to the other", async () => {
    await pressAt(driver, 'nav a[href$="/cook"]');
    await seeText(driver, "Whole chicken, 1.8 kg", "For the same dinner");
    await pressAt(driver, 'nav[aria-label="Other roasts of this dinner"] a');
    await seeText(driver, "Whole turkey, 5 kg", "The bird is in the oven");
  });

  it("waits for the one that is late: the chicken's day moves with the turkey's, and says why", async () => {
    // In now, it is not done for hours: dinner in half an hour is not to be.
    await pressAt(driver, 'nav a[href*="/plan"]');
    await pressAt(driver, 'button[role="tab"][id*="table"]');
    await pickMoment(driver, "On the table", Date.now() + 30 * 60_000);
    await pressAt(driver, 'nav a[href$="/cook"]');
    await press(driver, "The bird is in the oven");
    await seeText(driver, "Take it out in");
    await pressAt(driver, 'nav[aria-label="Other roasts of this dinner"] a');
    await seeText(driver, "Whole chicken, 1.8 kg", "it waits for Whole turkey");
    expect(await bodyText()).not.toMatch(/should have (gone in|been on)/);
    await pressAt(driver, 'nav a[href*="/plan"]');
    await seeText(driver, "it waits for Whole turkey", "The times here are moved by it");
  });
});
