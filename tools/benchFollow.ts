/**
 * How fast the stove follows: milliseconds from a reading being posted to the bridge to the page showing its
 * temperature and its moved forecast, with the four probes of the demo's roast speaking all the while, and the page's
 * long tasks during it.
 */
import type { WebDriver } from "selenium-webdriver";
import { openBrowser, STOVE, seeText } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

export interface FollowFigures {
  readonly readings: number;
  readonly shownP50Ms: number;
  readonly shownWorstMs: number;
  readonly forecastP50Ms: number;
  readonly forecastWorstMs: number;
  readonly longTasks: number;
  readonly longestTaskMs: number;
}

const ROUNDS = 10;

/** Runs in the page: when the breast's figure and the forecast's own line last changed, and every long task. */
const WATCH = `
  window.__follow = { shown: "", shownAt: 0, curve: "", curveAt: 0, tasks: [] };
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) window.__follow.tasks.push(entry.duration);
  }).observe({ type: "longtask" });
  new MutationObserver(() => {
    const shown = document.querySelector('section[aria-label="Temperatures"]')?.textContent ?? "";
    const curve = document.querySelector('svg[aria-label^="Readings so far"]')?.innerHTML ?? "";
    if (shown !== window.__follow.shown) Object.assign(window.__follow, { shown, shownAt: Date.now() });
    if (curve !== window.__follow.curve) Object.assign(window.__follow, { curve, curveAt: Date.now() });
  }).observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });
`;

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;

async function round(driver: WebDriver, url: string, n: number): Promise<{ shownMs: number; forecastMs: number }> {
  const postedAt = Date.now();
  const line = { at: new Date(postedAt).toISOString(), probe: "thigh", celsius: 30 + n };
  await fetch(`${url}/api/readings`, { method: "POST", body: JSON.stringify(line) });
  // The thigh's own figure is the lower of its probes: this one, made lower than the others.
  await driver.wait(
    async () =>
      driver.executeScript(
        `return window.__follow.shown.includes("thigh, °C${30 + n}") && window.__follow.curveAt >= ${postedAt}`,
      ),
    20_000,
    "the reading was not followed",
    20,
  );
  const at = await driver.executeScript<{ shownAt: number; curveAt: number }>(
    "return { shownAt: window.__follow.shownAt, curveAt: window.__follow.curveAt }",
  );
  return { shownMs: at.shownAt - postedAt, forecastMs: at.curveAt - postedAt };
}

export async function benchFollow(): Promise<FollowFigures> {
  const server = await serve(true);
  const driver = await openBrowser(STOVE);
  try {
    await driver.get(server.url);
    await seeText(driver, "Open-day lunch");
    await driver.get(`${server.url}/roast/demo-now/cook`);
    await seeText(driver, "refitted to your readings", "eight times in ten");
    await driver.executeScript(WATCH);
    const rounds: Awaited<ReturnType<typeof round>>[] = [];
    for (let n = 0; n < ROUNDS; n++) rounds.push(await round(driver, server.url, n));
    const tasks = await driver.executeScript<number[]>("return window.__follow.tasks");
    const shown = rounds.map(({ shownMs }) => shownMs);
    const forecast = rounds.map(({ forecastMs }) => forecastMs);
    return {
      readings: rounds.length,
      shownP50Ms: median(shown),
      shownWorstMs: Math.max(...shown),
      forecastP50Ms: median(forecast),
      forecastWorstMs: Math.max(...forecast),
      longTasks: tasks.length,
      longestTaskMs: Math.round(Math.max(0, ...tasks)),
    };
  } finally {
    await driver.quit();
    server.close();
  }
}
