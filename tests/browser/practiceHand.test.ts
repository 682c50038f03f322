/** A roast practised with a thermometer in the hand: read as deep as one pushes, what is said answered, played on from a moment. */
import { Key, type WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { Roast, RoastReading } from "../../core/plan/roast";
import { startApp } from "../helpers/app";
import { press, see, seeText, storedRows, WAIT_MS } from "../helpers/browser";
import { beginPractising, carveAndSee } from "../helpers/practice";
import type { RunningServer } from "../helpers/server";

let driver: WebDriver;
let server: RunningServer;
beforeAll(async () => {
  const app = await startApp({ demo: "past" });
  ({ server, driver } = app);
  return app.end;
});

const PRACTICE = "bruma-practice";
const readings = (): Promise<RoastReading[]> => storedRows<RoastReading>(driver, "readings", PRACTICE);
const roasts = (): Promise<Roast[]> => storedRows<Roast>(driver, "roasts", PRACTICE);
const pace = (rate: string): Promise<void> =>
  driver.executeScript(
    `const select = [...document.querySelectorAll("select")].find((each) => each.closest("label")?.innerText.includes("Practice clock"));
     Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set.call(select, arguments[0]);
     select.dispatchEvent(new Event("change", { bubbles: true }));`,
    rate,
  );
const shown = async (): Promise<number> =>
  Number.parseInt(await (await see(driver, 'output[aria-label="It shows"]')).getText(), 10);

describe("a roast practised by hand", () => {
  it("begins with a thermometer in the hand", async () => {
    await driver.get(server.url);
    await seeText(driver, "Winter chicken in parts");
    await beginPractising(driver, server.url, ["One in the hand"]);
  });

  it("is told what somebody wants, once, and the plan heeds it", async () => {
    const before = (await roasts())[0];
    const call = await see(driver, 'section[aria-label="Somebody says"]');
    await pace("0");
    const says = await call.getText();
    await driver.executeScript(`document.querySelector('section[aria-label="Somebody says"] button').click()`);
    await driver.wait(
      async () => (await driver.findElements({ css: 'section[aria-label="Somebody says"]' })).length === 0,
      WAIT_MS,
    );
    const after = (await roasts())[0];
    if (says.includes("guests")) {
      expect(Date.parse(after?.plan.serveAt ?? "") - Date.parse(before?.plan.serveAt ?? "")).toBe(40 * 60_000);
    } else expect(after?.plan.stages.length).toBe((before?.plan.stages.length ?? 0) + 2);
  });

  it("reads less the deeper it is pushed, while the clock is held, and keeps what is written down", async () => {
    await see(driver, 'section[aria-label="Thermometer in the hand"] output');
    await driver.wait(async () => (await shown()) > 10, WAIT_MS);
    const outside = await shown();
    await driver.executeScript(
      `document.querySelector('section[aria-label="Thermometer in the hand"] [role="slider"]').focus()`,
    );
    await driver.switchTo().activeElement().sendKeys(Key.END);
    await driver.wait(async () => (await shown()) < outside - 5, WAIT_MS);
    await press(driver, "Write it down");
    await driver.wait(async () => (await readings()).length === 1, WAIT_MS);
    const [reading] = await readings();
    expect(reading?.source).toBe("typed");
    // As it is shown then: what was answered before may have changed its heat meanwhile.
    expect(Math.abs((reading?.celsius ?? 0) - (await shown()))).toBeLessThanOrEqual(0.5);
  });

  it("is told of afterwards, decision by decision, and played on from a moment", async () => {
    await carveAndSee(driver);
    await seeText(driver, "What you decided", "It came out", "too early");
    await press(driver, "Play on from");
    await seeText(driver, "Practice clock");
    await see(driver, 'section[aria-label="Thermometer in the hand"]');
    const all = await roasts();
    expect(all).toHaveLength(2);
    expect(all.filter(({ happened }) => happened.carvedAt)).toHaveLength(1);
  });
});
