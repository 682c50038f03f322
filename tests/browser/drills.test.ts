/** Drills, each to its end with a record of its own; and a plan that is rehearsed call by call. */
import { Key, type WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { DrillDone } from "../../storage/database";
import { startApp } from "../helpers/app";
import { fitsTheScreen, press, refined, see, seeText, storedRows, visit, WAIT_MS } from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let driver: WebDriver;
let server: RunningServer;
beforeAll(async () => {
  const app = await startApp({ demo: "past" });
  ({ server, driver } = app);
  return app.end;
});

const drills = (): Promise<DrillDone[]> => storedRows<DrillDone>(driver, "drills", "bruma-practice");
const pressFirst = (css: string): Promise<void> =>
  driver.executeScript("document.querySelector(arguments[0]).click()", css);

describe("drills", () => {
  it("ask one question after the other, say what was right, and keep what it came to", async () => {
    await driver.get(`${server.url}/practice/drills`);
    await press(driver, "Spoons on the scale");
    for (let n = 1; n <= 6; n++) {
      await see(driver, `section[aria-label="Question ${n} of 6"] button`);
      await pressFirst(`section[aria-label="Question ${n} of 6"] button`);
      await driver.wait(
        async () => /Right\.|Not so/.test(await (await see(driver, "section p[role=status]")).getText()),
        WAIT_MS,
      );
      await press(driver, n === 6 ? "What it came to" : "Next");
    }
    await seeText(driver, "of 6 right");
    await driver.wait(async () => (await drills()).length === 1, WAIT_MS);
    const [came] = await drills();
    expect(came).toMatchObject({ drill: "spoons", of: 6 });
  });

  it("put the knife's steps into their order", async () => {
    await press(driver, "All drills");
    await press(driver, "The order of the knife");
    await seeText(driver, "What comes first?");
    for (const step of ["Legs off", "Thigh from drumstick", "Breast off the bone", "Slice", "Wings off"])
      await press(driver, step);
    await press(driver, "What it came to");
    await seeText(driver, "5 of 5 right");
  });

  it("take a thermometer that is placed with keys alone, and say how far off it was", async () => {
    await visit(driver, `${server.url}/practice/drills/thickest`);
    await see(driver, 'canvas[role="application"][data-drawn]');
    await driver.executeScript(`[...document.querySelectorAll('[role="slider"]')].at(-1).focus()`);
    await driver
      .switchTo()
      .activeElement()
      .sendKeys(...Array.from({ length: 8 }, () => Key.ARROW_RIGHT));
    await press(driver, "It is there");
    await seeText(driver, "mm from the deepest meat");
    await press(driver, "Next");
    await seeText(driver, "2 of 10");
  });

  it("are shown with what was found last", async () => {
    await press(driver, "All drills");
    await seeText(driver, "Last: 5 of 5 right");
    expect(await drills()).toHaveLength(2);
  });
});

describe("a plan that is rehearsed", () => {
  it("goes from call to call, plays by itself, and says where hands are short", async () => {
    await visit(driver, server.url);
    await seeText(driver, "Open-day lunch");
    await visit(driver, `${server.url}/roast/demo-open-day/rehearse`);
    await seeText(driver, "Rehearse", "hands are");
    await seeText(driver, "Nothing yet.");
    await press(driver, "To the next call");
    const called = async (): Promise<string> =>
      (await see(driver, 'section[aria-label="The day"] [role="status"]')).getText();
    await driver.wait(async () => (await called()) !== "Nothing yet.", WAIT_MS);
    const first = await called();
    // The next call is days later, and says so.
    await seeText(driver, "Next (Fri 24 Sep");
    await press(driver, "240 times life");
    await press(driver, "Play");
    await driver.wait(async () => (await called()) !== first, WAIT_MS);
    await press(driver, "Hold");
  });
});

describe("a bird that is said to be in months before its dinner", () => {
  it("is told of at the stove and in the plan, whose clock keeps to the screen", async () => {
    await visit(driver, `${server.url}/roast/demo-open-day/cook`);
    await press(driver, "The bird is in the oven");
    await seeText(driver, "before its dinner");
    await visit(driver, `${server.url}/roast/demo-open-day/plan`);
    await seeText(driver, "give or take", "before its dinner");
    await refined(driver);
    await fitsTheScreen(driver, "in months before its dinner");
  });
});
