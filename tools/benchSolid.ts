/** How often the solid is drawn while a hand turns it and the clock is scrubbed, and how much script it loads. */
import { readdirSync, statSync } from "node:fs";
import { By, type WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { openBrowser, see, seeText } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

export interface SolidFigures {
  /** Pictures a second at 600 × 450, without a graphics card. */
  readonly skinPerS: number;
  readonly insidePerS: number;
  readonly scrubPerS: number;
  /** Script that is loaded for it alone, gzip, kB. */
  readonly scriptKB: number;
}

const MOVES = 60;

/** The hand moves once for every picture that was drawn. */
const PER_SECOND = `
  const done = arguments[arguments.length - 1];
  const [moves, selector] = arguments;
  const canvas = document.querySelector("canvas[data-drawn]");
  const target = document.querySelector(selector);
  const box = target.getBoundingClientRect();
  const send = (type, n) => target.dispatchEvent(new PointerEvent(type, {
    pointerId: 1, bubbles: true, button: 0, buttons: 1,
    clientX: box.x + box.width / 2 + 60 * Math.sin(n / 5), clientY: box.y + box.height / 2 }));
  target.setPointerCapture = () => undefined;
  target.hasPointerCapture = () => true;
  send("pointerdown", 0);
  const startMs = performance.now();
  let n = 0;
  let last = canvas.dataset.drawn;
  const pixel = new Uint8Array(4);
  const watch = new MutationObserver(() => {
    if (canvas.dataset.drawn === last) return;
    last = canvas.dataset.drawn;
    const gl = canvas.getContext("webgl2");
    gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, pixel);
    if (++n < moves) return send("pointermove", n);
    watch.disconnect();
    send("pointerup", n);
    done(moves / ((performance.now() - startMs) / 1000));
  });
  watch.observe(canvas, { attributes: true });
  send("pointermove", 1);`;

async function perSecond(driver: WebDriver, selector: string): Promise<number> {
  const rate = await driver.executeAsyncScript<number>(PER_SECOND, MOVES, selector);
  return Math.round(10 * rate) / 10;
}

const press = async (driver: WebDriver, words: string): Promise<void> =>
  await driver.findElement(By.xpath(`//label[contains(., "${words}")]`)).click();

/** Needs the built app in dist and Debian's headless shell. */
export async function benchSolid(path = "/roast/demo-open-day/plan"): Promise<SolidFigures> {
  const server = await serve(true);
  const driver = await openBrowser();
  try {
    await driver.manage().setTimeouts({ script: 120_000 });
    await driver.get(server.url);
    await seeText(driver, "Open-day lunch");
    await driver.get(server.url + path);
    await seeText(driver, "give or take");
    await press(driver, "Solid, to turn");
    const canvas = await see(driver, "canvas[data-drawn]");
    await driver.executeScript(
      "const held = arguments[0].parentElement.style; held.position = 'fixed'; held.inset = '0 auto auto 0'; held.width = '600px'; held.height = '450px'; held.zIndex = 50;",
      canvas,
    );
    await driver.wait(async () => (await canvas.getRect()).width === 600, 5000);
    const skinPerS = await perSecond(driver, "canvas[data-drawn]");
    await driver.executeScript("document.querySelector('label:has(input[value=\"inside\"])').click()");
    const insidePerS = await perSecond(driver, "canvas[data-drawn]");
    await driver.executeScript("document.querySelector('label:has(input[value=\"skin\"])').click()");
    return { skinPerS, insidePerS, scrubPerS: await scrub(driver), scriptKB: scriptKB() };
  } finally {
    await driver.quit();
    server.close();
  }
}

/** The clock under a hand, straight through the browser's own input queue. */
async function scrub(driver: WebDriver): Promise<number> {
  const thumb = await driver.findElement(By.css('[role="slider"][aria-label="Moment shown"]'));
  const { x, y, width, height } = await thumb.getRect();
  const mouse = (type: string, byX: number): Promise<unknown> =>
    (driver as ChromeDriver).sendAndGetDevToolsCommand("Input.dispatchMouseEvent", {
      type,
      x: x + width / 2 + byX,
      y: y + height / 2,
      button: "left",
      buttons: type === "mouseReleased" ? 0 : 1,
      clickCount: 1,
    });
  await mouse("mousePressed", 0);
  const drawn = async (): Promise<number> =>
    Number(await driver.executeScript("return document.querySelector('canvas[data-drawn]').dataset.drawn"));
  const before = await drawn();
  const startMs = performance.now();
  for (let n = 1; n <= MOVES; n++) await mouse("mouseMoved", 80 * Math.sin(n / 8));
  const after = await drawn();
  const seconds = (performance.now() - startMs) / 1000;
  await mouse("mouseReleased", 0);
  return Math.round((10 * (after - before)) / seconds) / 10;
}

const scriptKB = (): number =>
  readdirSync("dist/assets")
    .filter((name) => /^(SolidCanvas|SolidView|Placer|ProbeBench)-.*\.js\.gz$/.test(name))
    .reduce((sum, name) => sum + Math.round(statSync(`dist/assets/${name}`).size / 100) / 10, 0);
