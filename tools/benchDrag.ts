/**
 * What a cook feels while dragging the oven temperature, measured in the browser: milliseconds from each move of the
 * hand to the new curve on the screen, and the main thread's long tasks (PerformanceObserver) during it all.
 */
import { By, type WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { openBrowser, see, seeText } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

export interface DragFigures {
  readonly moves: number;
  /** From the move to the page holding the answer, and to the frame that shows it. */
  readonly answeredP50Ms: number;
  readonly answeredP95Ms: number;
  readonly paintedP50Ms: number;
  readonly paintedP95Ms: number;
  readonly longTasks: number;
  readonly longestTaskMs: number;
}

/** Runs in the page: notes the input, the first new curve after it, and every long task. */
const WATCH = `
  window.__drag = { inputAt: 0, answered: [], painted: [], tasks: [] };
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) window.__drag.tasks.push(entry.duration);
  }).observe({ type: "longtask" });
  addEventListener("pointermove", () => {
    if (window.__drag.waiting && !window.__drag.inputAt) window.__drag.inputAt = performance.now();
  }, true);
  const curve = () => document.querySelector('section[aria-label="Deepest points"] svg path[stroke-width="3"]')?.getAttribute("d");
  let last = curve();
  new MutationObserver(() => {
    const now = curve();
    if (now === last) return;
    last = now;
    if (!window.__drag.waiting || !window.__drag.inputAt) return;
    const from = window.__drag.inputAt;
    window.__drag.waiting = false;
    window.__drag.answered.push(performance.now() - from);
    requestAnimationFrame(() => setTimeout(() => { window.__drag.painted.push(performance.now() - from); window.__drag.inputAt = 0; }));
  }).observe(document.querySelector('section[aria-label="Deepest points"]'), { subtree: true, attributes: true, childList: true });`;

const percentile = (values: readonly number[], share: number): number => {
  const ordered = [...values].sort((a, b) => a - b);
  return ordered[Math.min(ordered.length - 1, Math.floor(share * ordered.length))] ?? Number.NaN;
};

async function measure(driver: WebDriver, moves: number): Promise<DragFigures> {
  const thumb = await see(driver, '[role="slider"][aria-valuetext*="°C"]');
  const { x, y, width, height } = await thumb.getRect();
  // Straight to the browser's own input queue: a driver's action chain lets go between two calls.
  const mouse = (type: string, atX: number): Promise<unknown> =>
    (driver as ChromeDriver).sendAndGetDevToolsCommand("Input.dispatchMouseEvent", {
      type,
      x: atX,
      y: y + height / 2,
      button: "left",
      buttons: type === "mouseReleased" ? 0 : 1,
      clickCount: 1,
    });
  const from = x + width / 2;
  await driver.executeScript(WATCH);
  await mouse("mousePressed", from);
  const reach = (n: number, step: number): number => from - step * Math.abs(10 - ((n + 10) % 20));
  for (let n = 1; n <= moves; n++) {
    await driver.executeScript("window.__drag.waiting = true; window.__drag.inputAt = 0;");
    await mouse("mouseMoved", reach(n, 5));
    await driver.wait(
      async () => await driver.executeScript("return !window.__drag.waiting && !window.__drag.inputAt"),
      5000,
      `move ${n} was never answered`,
    );
  }
  // And one unbroken sweep to and fro, as a hand does it.
  for (let n = 1; n <= 4 * moves; n++) await mouse("mouseMoved", reach(n, 3));
  await mouse("mouseReleased", from);
  const { answered, painted, tasks } =
    await driver.executeScript<Readonly<Record<"answered" | "painted" | "tasks", number[]>>>("return window.__drag");
  const round = (value: number): number => Math.round(value * 10) / 10;
  return {
    moves: painted.length,
    answeredP50Ms: round(percentile(answered, 0.5)),
    answeredP95Ms: round(percentile(answered, 0.95)),
    paintedP50Ms: round(percentile(painted, 0.5)),
    paintedP95Ms: round(percentile(painted, 0.95)),
    longTasks: tasks.length,
    longestTaskMs: round(Math.max(0, ...tasks)),
  };
}

/** Needs the built app in dist and Debian's headless shell. */
export async function benchDrag(path = "/roast/demo-open-day/plan", moves = 60): Promise<DragFigures> {
  const server = await serve(true);
  const driver = await openBrowser();
  try {
    await driver.get(server.url);
    await seeText(driver, "Open-day lunch");
    await driver.get(server.url + path);
    await seeText(driver, "give or take");
    await driver.wait(async () => !(await driver.findElement(By.css("main")).getText()).includes("refining"), 30_000);
    return await measure(driver, moves);
  } finally {
    await driver.quit();
    server.close();
  }
}
