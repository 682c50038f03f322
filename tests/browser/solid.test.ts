/** The bird as a solid: turned, cut and scrubbed by keys, a thermometer placed in it without pointing; and no WebGL. */
import { Key, type WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import { startApp } from "../helpers/app";
import { pageText, press, see, seeText, visit, WAIT_MS } from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let driver: WebDriver;
let server: RunningServer;
beforeAll(async () => {
  const app = await startApp({ demo: "past" });
  ({ server, driver } = app);
  return app.end;
});

const canvas = () => see(driver, 'canvas[role="application"][data-drawn]');
const said = async (): Promise<string> => (await (await canvas()).getAttribute("aria-label")) ?? "";
const until = (what: string, holds: (said: string) => boolean): Promise<boolean> =>
  driver.wait(async () => holds(await said()), WAIT_MS, `never said: ${what}`) as Promise<boolean>;
const slider = (label: string) =>
  driver.executeScript<string>(
    `return [...document.querySelectorAll('[role="slider"]')].find((each) =>
       document.getElementById(each.getAttribute("aria-labelledby"))?.textContent === arguments[0])?.getAttribute("aria-valuetext")`,
    label,
  );
const onSlider = (label: string, ...keys: string[]): Promise<void> =>
  driver
    .executeScript(
      `[...document.querySelectorAll('[role="slider"]')].find((each) =>
         document.getElementById(each.getAttribute("aria-labelledby"))?.textContent === arguments[0]).focus()`,
      label,
    )
    .then(() =>
      driver
        .switchTo()
        .activeElement()
        .sendKeys(...keys),
    );
const choose = (label: string, value: string): Promise<void> =>
  driver.executeScript(
    `const select = document.querySelector('select[aria-label="' + arguments[0] + '"]');
     Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set.call(select, arguments[1]);
     select.dispatchEvent(new Event("change", { bubbles: true }));`,
    label,
    value,
  );

describe("the solid", () => {
  it("is there beside the cuts, and says what is seen", async () => {
    await driver.get(server.url);
    await seeText(driver, "Open-day lunch");
    await visit(driver, `${server.url}/roast/demo-open-day/plan`);
    await seeText(driver, "give or take");
    await press(driver, "Solid, to turn");
    await until("the bird, cut", (text) =>
      /^Spatchcocked turkey, seen from its side, cut lengthwise, .* breast \d+ °C; thigh \d+ °C/.test(text),
    );
  });

  it("is turned by keys", async () => {
    await (await canvas()).sendKeys(...Array.from({ length: 7 }, () => Key.ARROW_LEFT));
    await until("another side", (text) => text.includes("seen from the tail end"));
    await (await canvas()).sendKeys(Key.HOME);
    await until("its side again", (text) => text.includes("seen from its side"));
  });

  it("is cut elsewhere and tilted, and told so", async () => {
    await choose("Cut", "across");
    await until("cut across", (text) => text.includes("cut across"));
    const before = await slider("Where it is cut");
    await onSlider("Where it is cut", Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    expect(await slider("Where it is cut")).not.toBe(before);
    await onSlider("Tilt of the cut", Key.ARROW_RIGHT);
    await until("tilted", (text) => text.includes("tilted 3°"));
  });

  it("moves with the clock", async () => {
    const before = await said();
    const handle = await see(driver, '[role="slider"][aria-label="Moment shown"]');
    await handle.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    await until("warmer meat", (text) => text !== before);
    const c = (text: string): number => Number(/breast (\d+) °C/.exec(text)?.[1]);
    expect(c(await said())).toBeGreaterThan(c(before));
  });
});

describe("a thermometer on the solid", () => {
  const reading = async (): Promise<string> =>
    (await see(driver, '[role="dialog"] p[role="status"].text-lg')).getText();

  it("sits first where it belongs, and says what it would show", async () => {
    await press(driver, "Cut open");
    await press(driver, "Where the probes go");
    await until("where it is", (text) => text.includes("with a thermometer"));
    expect(await reading()).toMatch(/^The tip is in the breast, .* under the skin, 0\.\d cm from the deepest breast/);
    expect(await reading()).toContain("the same as the deepest meat");
    // On the plan's own clock.
    const [planned, shown] = await driver.executeScript<(string | undefined)[]>(
      `return [/Out, expected\\s+(\\d\\d:\\d\\d)/.exec(document.body.innerText)?.[1], [...document.querySelectorAll("[role=dialog] text")].map(({ textContent }) => /^out (\\d\\d:\\d\\d)/.exec(textContent)?.[1]).find(Boolean)]`,
    );
    expect(planned).toMatch(/^\d\d:\d\d$/);
    expect(shown).toBe(planned);
    await press(driver, "In the thigh");
    await driver.wait(async () => (await reading()).includes("from the deepest thigh"), WAIT_MS);
  });

  it("is moved by millimetres with keys alone, and says how far off it is", async () => {
    await press(driver, "In the breast");
    await driver.wait(async () => (await reading()).includes("from the deepest breast"), WAIT_MS);
    const before = await slider("Depth in the bird");
    await onSlider("Depth in the bird", ...Array.from({ length: 50 }, () => Key.ARROW_LEFT));
    const millimetres = (text: string): number => Math.round(10 * Number.parseFloat(text));
    const moved = millimetres(before) - millimetres(await slider("Depth in the bird"));
    expect(moved).toBeGreaterThan(40);
    await driver.wait(async () => /\d+ °C more than the deepest meat/.test(await reading()), WAIT_MS);
    expect(await driver.executeScript("return document.querySelector('[role=dialog] input[value=own]').checked")).toBe(
      true,
    );
  });

  it("is said to pass beside the bird where it does", async () => {
    await choose("Pushed in", "tail");
    await onSlider("Beside the middle line", Key.HOME);
    await driver.wait(async () => (await reading()).includes("passes beside the bird"), WAIT_MS);
  });
});

describe("a graphics card that lets go of everything", () => {
  const lose =
    "window.lost = document.querySelector('canvas[data-drawn]').getContext('webgl2').getExtension('WEBGL_lose_context');";

  it("is told of for as long as it lasts, and the bird is there again after it", async () => {
    await press(driver, "Close");
    await press(driver, "Solid, to turn");
    await until("the bird", (text) => text.startsWith("Spatchcocked turkey"));
    await driver.executeScript(`${lose} lost.loseContext();`);
    await seeText(driver, "has let go of the solid");
    const before = Number(await (await canvas()).getAttribute("data-drawn"));
    await driver.executeScript("lost.restoreContext();");
    await driver.wait(
      async () => Number(await (await canvas()).getAttribute("data-drawn")) > before,
      WAIT_MS,
      "never drawn again",
    );
    expect(await pageText(driver)).not.toContain("has let go of the solid");
    await press(driver, "Cut open");
  });
});

describe("without WebGL", () => {
  it("says why, and the cuts stay", async () => {
    await driver.executeScript(
      "const own = HTMLCanvasElement.prototype.getContext; HTMLCanvasElement.prototype.getContext = function (kind, ...rest) { return kind.startsWith('webgl') ? null : own.call(this, kind, ...rest); };",
    );
    await press(driver, "Solid, to turn");
    await seeText(driver, "cannot draw the solid here");
    await press(driver, "Cut open");
    await see(driver, 'svg[aria-label^="Spatchcocked turkey, cut open"]');
  });
});

describe("a guide on the solid", () => {
  it("goes through the carving step by step, turned to the side that is worked on", async () => {
    // Loaded anew: a page of before has had its WebGL taken away.
    await driver.get(`${server.url}/roast/demo-late/carve`);
    await seeText(driver, "Legs off");
    await press(driver, "One at a time, to turn");
    await until("the first step", (text) => text.startsWith("String off: Each loop cut"));
    await press(driver, "The next step");
    await until("the second", (text) => text.startsWith("Legs off: Knife into the crease"));
    await seeText(driver, "Step 2 of 6");
    await press(driver, "The step before");
    await seeText(driver, "Step 1 of 6");
  });
});
