import { By, Key, type WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { Roast } from "../../core/plan/roast";
import { startApp } from "../helpers/app";
import {
  fill,
  fitsTheScreen,
  OVER,
  pageText,
  press,
  pressAt,
  refined,
  see,
  seeText,
  storedRows,
  WAIT_MS,
} from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp();
  ({ server, driver } = app);
  return app.end;
});

const text = (css: string): Promise<string> => driver.findElement(By.css(css)).getText();
const answers = (): Promise<string> => text('section[aria-label="What to do when"]');
/** The finer picture and the doubt have been computed: nothing moves any more. */
const settled = (): Promise<void> => refined(driver);
const expectedOut = async (): Promise<string> =>
  (await answers()).split("Out, expected")[1]?.match(/\d\d:\d\d/)?.[0] ?? "";

describe("planning evening", () => {
  it("starts a roast from three answers, in the units the cook types", async () => {
    await driver.get(server.url);
    await seeText(driver, "Nothing planned yet");
    const bird = await see(driver, 'img[alt^="A whole bird cut lengthwise"]');
    const isDrawn = () => driver.executeScript<boolean>("return arguments[0].naturalWidth > 0", bird);
    await driver.wait(isDrawn, WAIT_MS, "the bird is never drawn");
    await fill(driver, "Weight as bought", "a heap");
    await press(driver, "Plan it");
    await seeText(driver, "mass: got a heap");
    await fill(driver, "Weight as bought", "14 lb");
    await press(driver, "Hot start");
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected", "give or take", "33 minutes a kilogram would say 3 h");
    expect(await answers()).toContain("64 g");
  });

  it("draws the bird with its coldest point and both thermal centres", async () => {
    const main = await see(driver, 'svg[aria-label^="Whole turkey, cut open"]');
    expect(await main.getText()).toMatch(/breast \d+ °C/);
    expect(await main.getText()).toMatch(/coldest \d+ °C/);
    // The bands are painted: a scan across the middle meets several colours.
    const colours = await driver.executeScript<number>(`
      const canvas = document.querySelector('section[aria-label="The bird"] canvas');
      const { data } = canvas.getContext("2d").getImageData(0, canvas.height / 2, canvas.width, 1);
      const seen = new Set();
      for (let n = 0; n < data.length; n += 4) if (data[n + 3] === 255) seen.add(data[n] + "," + data[n + 1] + "," + data[n + 2]);
      return seen.size;`);
    expect(colours).toBeGreaterThan(4);
  });

  it("answers a hotter oven typed in Fahrenheit on clock and bird, and takes it back", async () => {
    await settled();
    const before = await expectedOut();
    const ovens = await driver.findElements(By.xpath('//label[contains(., "Oven from")]/following-sibling::input'));
    await ovens[0]?.sendKeys(OVER, "400f", Key.ENTER);
    await driver.wait(async () => (await expectedOut()) !== before, WAIT_MS, "the expected finish did not move");
    await settled();
    const hot = await expectedOut();
    await press(driver, "Undo");
    await driver.wait(async () => (await expectedOut()) !== hot, WAIT_MS, "undo did not move the finish back");
  });

  it("follows the hand that drags the oven: what is said beside it changes with the answer, and nothing is kept before it lets go", async () => {
    await settled();
    const before = await answers();
    const kept = async (): Promise<number | undefined> =>
      (await storedRows<Roast>(driver, "roasts"))[0]?.plan.stages[0]?.airC;
    const keptC = await kept();
    const slider = await see(driver, '[role="slider"][aria-valuetext*="°C"]');
    const pairs = (): Promise<string[]> => driver.executeScript<string[]>("return window.pairs");
    // Every state that is drawn, by the heat it says and when the bird is to go in.
    await driver.executeScript(`
      const line = document.querySelector('section[aria-label="What to do when"]');
      const pair = () => line.innerText.match(/at \\d+/)?.[0] + ", " + line.innerText.match(/\\bIn\\s+(\\d\\d:\\d\\d)/)?.[1];
      window.pairs = [pair()];
      new MutationObserver(() => window.pairs.at(-1) !== pair() && window.pairs.push(pair()))
        .observe(line, { subtree: true, characterData: true, childList: true });`);
    await driver.actions().move({ origin: slider }).press().move({ origin: slider, x: 30 }).perform();
    await driver.wait(async () => (await pairs()).length > 1, WAIT_MS, "nothing followed the hand");
    const dragged = await slider.getAttribute("aria-valuetext");
    await driver.wait(async () => (await answers()).includes(`at ${dragged}`), WAIT_MS, "the heat did not follow");
    expect(await kept()).toBe(keptC);
    await driver.actions().release().perform();
    await driver.wait(async () => `${await kept()} °C` === dragged, WAIT_MS, "what was let go was not kept");
    await settled();
    // Never the new heat with the bird of the old one.
    const [first, ...later] = (await pairs()).map((pair) => pair.split(", "));
    expect(later.filter(([heat, goesIn]) => heat !== first?.[0] && goesIn === first?.[1])).toEqual([]);
    await press(driver, "Undo");
    await driver.wait(async () => (await answers()) === before, WAIT_MS, "undo did not take the whole drag back");
  });

  it("refuses an oven no kitchen has, in one sentence, and changes nothing", async () => {
    await settled();
    const before = await expectedOut();
    const oven = (await driver.findElements(By.xpath('//label[contains(., "Oven from")]/following-sibling::input')))[0];
    await oven?.sendKeys(OVER, "900", Key.ENTER);
    await seeText(driver, "oven temperature: got 900 °C, allowed is 100 to 300 °C");
    await oven?.sendKeys(Key.ESCAPE);
    expect(await expectedOut()).toBe(before);
  });

  it("scrubs by keyboard: the bird grows cold again towards its start", async () => {
    const handle = await see(driver, '[role="slider"][aria-label="Moment shown"]');
    const breast = async (): Promise<number> =>
      Number(/breast (\d+)/.exec(await text('svg[aria-label^="Whole turkey, cut open"]'))?.[1]);
    const before = await breast();
    await handle.sendKeys(Key.PAGE_DOWN);
    await driver.wait(async () => (await breast()) < before, WAIT_MS, "the bird did not change with the scrubber");
  });

  it("moves the whole clock with the serving time, by keyboard", async () => {
    const carve = async (): Promise<string> => (await answers()).split("Carve")[1]?.match(/\d\d:\d\d/)?.[0] ?? "";
    expect(await carve()).toBe("13:10");
    const serve = await see(driver, '[role="slider"][aria-label="On the table"]');
    await serve.sendKeys(Key.ARROW_RIGHT);
    await driver.wait(async () => (await carve()) === "13:15", WAIT_MS);
  });

  it("shows every number in the other units after one press", async () => {
    await press(driver, "°C, kg");
    await seeText(driver, "target 165 °F");
    await press(driver, "°F, lb");
  });

  it("keeps all of it over a reload", async () => {
    await settled();
    const before = await answers();
    await driver.navigate().refresh();
    await seeText(driver, "Out, expected");
    await driver.wait(async () => (await answers()).includes("13:15"), WAIT_MS);
    await settled();
    expect((await answers()).split("Oven on")[0]).toBe(before.split("Oven on")[0]);
  });

  it("opens the stage of a task that is chosen on the clock", async () => {
    await driver.findElement(By.css('button[aria-label^="Salt"]')).click();
    await seeText(driver, "Salt for the bird");
    await press(driver, "light hollow flake");
    await driver.wait(async () => (await answers()).includes("light hollow flake"), WAIT_MS);
  });

  it("shows another bird when one is chosen: a duck's outline, its weight in range, one centre for a crown", async () => {
    await pressAt(driver, 'button[role="tab"][id*="bird"]');
    await press(driver, "Duck");
    await see(driver, 'svg[aria-label^="Whole duck, cut open"]');
    await press(driver, "Crown");
    const label = await (await see(driver, 'svg[aria-label^="Crown duck, cut open"]')).getAttribute("aria-label");
    expect(label).toContain("breast");
    expect(label).not.toContain("thigh");
    await press(driver, "Turkey");
    await press(driver, "Whole");
    await see(driver, 'svg[aria-label^="Whole turkey, cut open"]');
  });

  it("can be scrubbed back to the days before: the salt that has crept in", async () => {
    await pressAt(driver, 'button[aria-label^="Dry, uncovered:"]');
    await pressAt(driver, 'label:has(input[type="radio"][value="salt"])');
    await seeText(driver, "in the outer centimetre", "It goes in slowly");
    await pressAt(driver, 'label:has(input[type="radio"][value="temperature"])');
  });

  it("feeds more guests, and fits two dishes into the rest in three taps", async () => {
    await pressAt(driver, 'button[role="tab"][id*="table"]');
    await see(driver, 'button[aria-label="Fewer: hearty"][aria-disabled="true"]');
    await pressAt(driver, 'button[aria-label="More: hearty"]');
    await see(driver, 'button[aria-label="Fewer: hearty"]:not([aria-disabled])');
    await seeText(driver, "of cooked meat each");
    await press(driver, "Add a dish");
    for (const dish of ["Roast potatoes", "Warm rolls"]) await press(driver, dish);
    await seeText(driver, "during the rest");
    await see(driver, '[role="img"][aria-label^="Roast potatoes:"]');
  });

  it("goes onto paper: what to buy, and a timetable that has the dishes in it", async () => {
    await pressAt(driver, 'nav a[href$="/list"]');
    await seeText(driver, "Buy", "Lay out", "Timetable", "Roast potatoes: start", "Bird into the oven", "Gravy:");
  });

  it("makes no gravy where none is wanted: paper says nothing of it, and one press takes that back", async () => {
    await pressAt(driver, 'nav a[href$="/plan"]');
    await pressAt(driver, 'button[role="tab"][id*="gravy"]');
    await press(driver, "No gravy");
    await seeText(driver, "None is made, and nothing is bought for it");
    await pressAt(driver, 'nav a[href$="/list"]');
    await seeText(driver, "Timetable", "To the table");
    expect(await pageText(driver)).not.toMatch(/gravy|jug|roux/i);
    await pressAt(driver, 'nav a[href$="/plan"]');
    await press(driver, "Undo");
    await pressAt(driver, 'button[role="tab"][id*="gravy"]');
    await seeText(driver, "of drippings");
  });

  it("arranges a stage: foil over the breast, and says so", async () => {
    await pressAt(driver, 'button[role="tab"][id*="heat"]');
    await pressAt(driver, "details summary");
    await pressAt(driver, 'details label:has(input[type="radio"][value="breast"])');
    await seeText(driver, "foil over the breast");
  });

  it("has a change that is for long after the bird is out at its clock's end, says so, and takes it away", async () => {
    await press(driver, "Add a stage");
    await pressAt(driver, "div:has(> details):has(+ button) summary");
    await fill(driver, "Begins, minutes after going in", "600", Key.TAB);
    const vain = "A change of the heat waits until minute 600, and the roast is over before that";
    await seeText(driver, vain);
    await fitsTheScreen(driver, "with a change after its dinner");
    await press(driver, "Without that change of the heat");
    await driver.wait(async () => !(await pageText(driver)).includes(vain), WAIT_MS);
  });

  it("compares ways to cook this very bird, and takes one with a tap", async () => {
    const read = (): Promise<string> => pageText(driver);
    await driver.wait(async () => !/refining/.test(await read()), WAIT_MS, "still being refined");
    await pressAt(driver, 'button[role="tab"][id*="rest"]');
    const told = await read();
    const minutes = /This bird, simulated: ([\d hmin]+)\./.exec(told)?.[1] ?? "no time";
    const juices = ["breast", "leg"].map((part) => new RegExp(`Juices kept, ${part}\\s+(\\d+ %)`).exec(told)?.[1]);
    await pressAt(driver, 'nav a[href$="/compare"]');
    await seeText(driver, "Ways to cook this", "Juices kept", "Room for error", "Whole at the table");
    // What the plan says of itself the comparison says too, its salt counted.
    await seeText(driver, minutes, juices.join(", "));
    // Any other way can be put on the sheet beside them.
    await pressAt(driver, "details summary");
    // Beside a smoker it is not the oven's time any more.
    await seeText(driver, "Oven taken");
    await pressAt(driver, 'button[aria-label="Whole, low smoke"]');
    await seeText(driver, "Heat taken", "At the heat");
    await pressAt(driver, 'button[aria-label="Whole, low smoke"]');
    await pressAt(driver, 'button[aria-label="Spatchcocked, steady"]');
    await driver.wait(async () => !(await pageText(driver)).includes("simulating …"), WAIT_MS);
    await pressAt(driver, 'button[aria-label="Take it: Spatchcocked, steady"]');
    await see(driver, 'svg[aria-label^="Spatchcocked turkey, cut open"]');
    await press(driver, "Undo");
  });

  it("says and draws where this bird's probes go", async () => {
    await pressAt(driver, 'button[role="tab"][id*="heat"]');
    await press(driver, "Where the probes go");
    await seeText(driver, "1. Breast", "2. Thigh", "above the board", "mark that on the stem");
    await see(driver, '[role="dialog"] svg[role="img"] circle');
    await pressAt(driver, 'button[aria-label="Close"]');
  });
});
