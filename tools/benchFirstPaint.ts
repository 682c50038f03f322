/** The first visit to the demo: when there is something to read, when its roasts are listed, and how much script that took. */
import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { openBrowser, seeText, TABLE } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

export interface FirstPaint {
  /** Something to read, ms after the address was entered. */
  readonly readMs: number;
  /** The demo's past roasts are on the page. */
  readonly roastsMs: number;
  /** The largest thing of the first view was painted. */
  readonly largestMs: number;
  /** Script, gzip: fetched before list and form were on the page, and with all that comes behind them. */
  readonly scriptKb: { readonly firstView: number; readonly all: number };
}

const BITS_PER_BYTE = 8;
const LAST_LISTED = "Winter chicken in parts";
const FORM = "Start a roast";

/** The page notes the moment by itself: who asks it from outside, asks late. */
const NOTING = `
  const has = (words) => document.body?.textContent.includes(words);
  window.scripts = () => performance.getEntriesByType("resource").map(({ name }) => name).filter((name) => name.endsWith(".js"));
  new PerformanceObserver((list) => { window.largestMs = list.getEntries().at(-1).startTime; })
    .observe({ type: "largest-contentful-paint", buffered: true });
  new MutationObserver(() => {
    if (window.listedMs === undefined && has(${JSON.stringify(LAST_LISTED)})) window.listedMs = performance.now();
    if (window.first === undefined && window.listedMs && has(${JSON.stringify(FORM)})) window.first = window.scripts();
  }).observe(document, { childList: true, subtree: true });
`;

const kilobytes = (urls: readonly string[]): number =>
  Math.round(urls.reduce((sum, url) => sum + gzipSync(readFileSync(`dist${new URL(url).pathname}`)).length, 0) / 100) /
  10;

async function visit(slow: boolean): Promise<FirstPaint> {
  const server = await serve(true, { offline: true });
  const driver = await openBrowser(TABLE);
  try {
    const devTools = driver as ChromeDriver;
    await devTools.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: NOTING });
    if (slow) {
      await devTools.sendDevToolsCommand("Emulation.setCPUThrottlingRate", { rate: 4 });
      await devTools.sendDevToolsCommand("Network.enable", {});
      await devTools.sendDevToolsCommand("Network.emulateNetworkConditions", {
        offline: false,
        latency: 20,
        downloadThroughput: 10_000_000 / BITS_PER_BYTE,
        uploadThroughput: 10_000_000 / BITS_PER_BYTE,
      });
    }
    await driver.get(server.url);
    await seeText(driver, LAST_LISTED);
    const roastsMs = await driver.executeScript<number>("return window.listedMs");
    const readMs = await driver.executeScript<number>(
      "return performance.getEntriesByName('first-contentful-paint')[0].startTime",
    );
    // What comes behind has come once nothing is fetched any more.
    await driver.wait(() => driver.executeScript("return window.first && performance.now() > 6000"), 30_000);
    const [largestMs, first, all] = await driver.executeScript<[number, string[], string[]]>(
      "return [window.largestMs, window.first, window.scripts()]",
    );
    return {
      readMs: Math.round(readMs),
      roastsMs: Math.round(roastsMs),
      largestMs: Math.round(largestMs),
      scriptKb: { firstView: kilobytes(first), all: kilobytes(all) },
    };
  } finally {
    await driver.quit();
    server.close();
  }
}

/** On this machine, and on a processor four times slower with 10 Mbit/s. */
export const benchFirstPaint = async () => ({ here: await visit(false), slow: await visit(true) });
