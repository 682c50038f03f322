/** The record of one roast: looked back at by keyboard, one thing taken into next time, cooked again with it; on a phone too. */
import { Key, type WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { beforeAll, describe, expect, it } from "vitest";
import type { Roast } from "../../core/plan/roast";
import { startApp } from "../helpers/app";
import {
  fitsTheScreen,
  OVER,
  pageText,
  press,
  pressAt,
  resize,
  STOVE,
  see,
  seeText,
  storedRows,
  TABLE,
  turnedThereAndBack,
  visit,
  WAIT_MS,
} from "../helpers/browser";
import { sampleFile } from "../helpers/sampleRoast";
import type { RunningServer } from "../helpers/server";
import { takeIn } from "../helpers/takeIn";

let driver: WebDriver;
let server: RunningServer;
beforeAll(async () => {
  const app = await startApp({ demo: "past" });
  ({ server, driver } = app);
  return app.end;
});

const DUCK = "demo-duck";
const COVERED = "Foil over the breast from half way on";
/** What the page asks of its workers. */
const COUNTING = `
  window.asked = [];
  const post = Worker.prototype.postMessage;
  Worker.prototype.postMessage = function (message, ...rest) {
    if (message.kind === "job") window.asked.push(message.job.kind);
    return post.call(this, message, ...rest);
  };`;
const stored = async (id: string): Promise<Roast | undefined> =>
  (await storedRows<Roast>(driver, "roasts", "bruma-demo")).find((roast) => roast.id === id);

describe("the record of a roast", () => {
  it("is opened from the log, and says what was said and what came of it", async () => {
    await driver.get(`${server.url}/log`);
    await press(driver, "Duck in the fan oven");
    await seeText(
      driver,
      "inside what was said",
      "Breast and thigh were seen at the guideline of 74 °C",
      "Follow your local food-safety authority",
    );
    const steps = await (await see(driver, "table")).getText();
    expect(steps).toMatch(/Out\s+\d\d:\d\d\s+\d\d:\d\d/);
    expect(steps).toMatch(/At most, breast \/ thigh\s+\d\d \/ \d\d °C\s+\d\d \/ \d\d °C/);
  });

  it("has a plan that says when it truly was out, and carved", async () => {
    const record = await driver.getCurrentUrl();
    await visit(driver, `${server.url}/roast/${DUCK}/plan`);
    await seeText(driver, "it was to take", "it went in then", "in the heat for", "Carved");
    await visit(driver, record);
    await seeText(driver, "inside what was said");
  });

  it("shows the bird at the moment under the slider, moved by keys", async () => {
    const slider = await see(driver, '[role="slider"]');
    const at = (): Promise<string> =>
      driver.executeScript(`return document.querySelector('section[aria-label^="The bird at"]').ariaLabel`);
    const before = await at();
    await slider.sendKeys(Key.HOME);
    await driver.wait(async () => (await at()) !== before, WAIT_MS);
    await see(driver, 'section[aria-label^="The bird at"] svg[role="img"], section[aria-label^="The bird at"] canvas');
  });

  it("stays as wide as the phone when that is turned", async () => {
    await turnedThereAndBack(driver, "What would have mattered");
    await resize(driver, TABLE);
  });

  it("computes what would have mattered; what is closed is opened on purpose, then one is taken along", async () => {
    // Its skin came out dark: the breast is to be covered half way.
    await seeText(driver, "What would have mattered", COVERED);
    expect((await stored(DUCK))?.happened.closedAt).toBeDefined();
    await press(driver, "Open the record again");
    await press(driver, "Yes, open it");
    const { pulledAt = "", ...was } = (await stored(DUCK))?.happened ?? {};
    expect(was.closedAt).toBeUndefined();
    await press(driver, "Correct when it was in, out and carved");
    const time = await see(driver, 'input[aria-label="Came out of the oven at: time"]');
    const shown = await time.getAttribute("value");
    const [hours = 0, minutes = 0] = (shown ?? "").split(":").map(Number);
    const earlier = new Date(Date.UTC(2000, 0, 1, hours, minutes - 5)).toISOString().slice(11, 16);
    await time.sendKeys(OVER, earlier, Key.TAB);
    await driver.wait(
      async () => (await stored(DUCK))?.happened.pulledAt !== pulledAt,
      WAIT_MS,
      "it was not put right",
    );
    expect(Date.parse(pulledAt) - Date.parse((await stored(DUCK))?.happened.pulledAt ?? "")).toBeGreaterThan(
      4 * 60_000,
    );
    await press(driver, "Undo");
    await driver.wait(async () => (await stored(DUCK))?.happened.pulledAt === pulledAt, WAIT_MS, "it was not undone");
    await pressAt(driver, 'button[aria-label="Close"]');
    await press(driver, `${COVERED}: for next time`);
    await seeText(driver, "Taken into next time");
    expect((await stored(DUCK))?.nextTime).toEqual(["breast-covered"]);
  });

  it("is not fitted anew when its page is opened again: what it came to is kept on the device", async () => {
    const kept = async (): Promise<number> => (await storedRows(driver, "uses", "bruma-answered")).length;
    await driver.wait(async () => (await kept()) >= 3, WAIT_MS, "plan, fit and what mattered were not kept");
    const devTools = driver as ChromeDriver;
    const { identifier } = (await devTools.sendAndGetDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", {
      source: COUNTING,
    })) as unknown as { identifier: string };
    await driver.navigate().refresh();
    const asked = (): Promise<string[]> => driver.executeScript<string[]>("return window.asked");
    await driver.wait(async () => (await asked()).includes("relive"), WAIT_MS, "it was not cooked once more");
    expect((await asked()).filter((kind) => kind === "plan" || kind === "members")).toEqual([]);
    await devTools.sendDevToolsCommand("Page.removeScriptToEvaluateOnNewDocument", { identifier });
  });

  it("keeps what is being written, whatever becomes of the page, and what comes from elsewhere meanwhile", async () => {
    const notes = await see(driver, "textarea");
    await notes.sendKeys(Key.chord(Key.CONTROL, Key.END), "\nThe fan a notch lower");
    const noted = (words: string): Promise<unknown> =>
      driver.wait(async () => (await stored(DUCK))?.notes.includes(words), WAIT_MS, `not noted: ${words}`);
    await noted("The fan a notch lower");
    // In another tab, while the hand is in the field still.
    await driver.executeAsyncScript(
      `const [id, done] = arguments;
       const open = indexedDB.open("bruma-demo");
       open.onsuccess = () => {
         const store = open.result.transaction("roasts", "readwrite").objectStore("roasts");
         store.get(id).onsuccess = ({ target: { result } }) => {
           store.put({ ...result, notes: result.notes + "\\nFrom the phone" }).onsuccess = () => { open.result.close(); done(); };
         };
       };`,
      DUCK,
    );
    await notes.sendKeys(", and ten minutes less");
    // Back, before the hand has let go.
    await driver.executeScript("history.back()");
    await noted("The fan a notch lower, and ten minutes less");
    const written = (await stored(DUCK))?.notes ?? "";
    expect(written.split("\n").filter((line) => line.startsWith("The fan"))).toHaveLength(1);
    expect(written).toContain("From the phone");
    await driver.executeScript("history.forward()");
    await seeText(driver, "What would have mattered");
  });

  it("is cooked again with what was taken along, and says so in its notes", async () => {
    await press(driver, "Cook this again");
    await seeText(driver, "Out, expected");
    const id = /roast\/([^/]+)\/plan/.exec(await driver.getCurrentUrl())?.[1] ?? "";
    const made = await stored(id);
    expect(made?.plan.stages.map(({ shield = "none" }) => shield)).toEqual(["none", "breast"]);
    expect(made?.notes).toContain(COVERED);
    expect(made?.nextTime).toBeUndefined();
  });

  it("fits a phone", async () => {
    await resize(driver, STOVE);
    await visit(driver, `${server.url}/log/${DUCK}`);
    await seeText(driver, "What would have mattered", "Last read");
    await fitsTheScreen(driver, "the record on a phone");
    await resize(driver, TABLE);
  });

  it("has its slider under the moment on the axis, however short the rest was", async () => {
    const file = sampleFile();
    const [{ roast }] = file.roasts;
    const at = (minutes: number): string =>
      new Date(Date.parse("2026-09-27T08:00:00Z") + minutes * 60_000).toISOString();
    const happened = { inAt: at(0), pulledAt: at(150), carvedAt: at(158) };
    await takeIn(driver, server.url, "short", { ...file, roasts: [{ roast: { ...roast, happened }, readings: [] }] });
    await visit(driver, `${server.url}/log/${roast.id}`);
    const slider = await see(driver, '[role="slider"]');
    const apart = (): Promise<number> =>
      driver.executeScript(
        `const middle = (css) => { const { left, right } = document.querySelector(css).getBoundingClientRect(); return (left + right) / 2; };
         return Math.abs(middle('[role="slider"]') - middle('line[data-moment]'));`,
      );
    await see(driver, "line[data-moment]");
    for (const key of [Key.ARROW_LEFT, Key.END, Key.HOME]) {
      await slider.sendKeys(key);
      await driver.wait(async () => (await apart()) < 2, WAIT_MS, "the slider is elsewhere");
    }
  });

  it("of a bird that is at rest says so, and judges nothing yet", async () => {
    const file = sampleFile();
    const [{ roast }] = file.roasts;
    const resting = { ...roast, id: "resting", dinner: "resting", fire: "resting" };
    const happened = { inAt: "2026-09-27T08:00:00Z", pulledAt: "2026-09-27T10:20:00Z" };
    await takeIn(driver, server.url, "resting", {
      ...file,
      roasts: [{ roast: { ...resting, happened }, readings: [] }],
    });
    await visit(driver, `${server.url}/log/resting`);
    await seeText(driver, "Still at rest", "after carving");
    await see(driver, 'section[aria-label^="The bird at"] svg[role="img"], section[aria-label^="The bird at"] canvas');
    const text = await pageText(driver);
    expect(text).not.toMatch(/the guideline of|would be left|Cooking it again/);
    expect(text).toMatch(/At most, breast \/ thigh\s+\d\d \/ \d\d °C\s+(Rested|$)/);
  });

  it("of a roast that has not come out says where to go", async () => {
    await visit(driver, `${server.url}/log/demo-open-day`);
    await seeText(driver, "Not out yet");
  });
});
