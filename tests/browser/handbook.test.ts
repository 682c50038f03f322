import type { WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import { startApp } from "../helpers/app";
import { fill, press, pressAt, resize, STOVE, seeText, TABLE, visit, WAIT_MS } from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp({ demo: "past" });
  ({ server, driver } = app);
  await driver.get(`${server.url}/roast/demo-open-day/plan`);
  await seeText(driver, "Out, expected");
  return app.end;
});

/** Whether a section stands where the eye falls after its address was opened. */
const isAt = (id: string): Promise<boolean> =>
  driver.executeScript<boolean>(
    "const top = document.getElementById(arguments[0])?.getBoundingClientRect().top; return top >= -1 && top < innerHeight / 2",
    id,
  );

describe("a reader who has never roasted", () => {
  const ASKED = [
    { chapter: "The thermometer", answer: "Push until the tip is past the middle" },
    { chapter: "When something is not as planned", answer: "Take the legs off at the joint and keep them in foil" },
    { chapter: "Opening and cleaning", answer: "Do not wash it" },
  ];

  it.each(ASKED)("finds in two taps from the plan: $answer", async ({ chapter, answer }) => {
    await press(driver, "Handbook");
    await press(driver, chapter);
    await seeText(driver, answer);
    await press(driver, "Back to the plan");
    await seeText(driver, "Out, expected");
  });

  it("finds them on a phone, too", async () => {
    await resize(driver, STOVE);
    await pressAt(driver, 'a[aria-label="Handbook"]');
    await press(driver, "The thermometer");
    await seeText(driver, "Push until the tip is past the middle");
    await resize(driver, TABLE);
  });

  it("searches all of it, and lands on the answer", async () => {
    await visit(driver, `${server.url}/handbook`);
    await fill(driver, "Search the handbook", "pink");
    await press(driver, "Pink");
    await driver.wait(() => isAt("pink"), WAIT_MS, "the section was not scrolled to");
    expect(await driver.getCurrentUrl()).toContain("/handbook/trouble/pink");
  });

  it("is told how long, computed for each bird, and every number behind it", async () => {
    await visit(driver, `${server.url}/handbook/heating`);
    await seeText(driver, "Goose");
    await visit(driver, `${server.url}/handbook/numbers`);
    await seeText(driver, "Goose: ", "kg");
  });
});
