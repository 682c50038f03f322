/** The first visit to the demo: when there is something to read, and when its roasts are listed. */
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { openBrowser, seeText, TABLE } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

export interface FirstPaint {
  /** Something to read, ms after the address was entered. */
  readonly readMs: number;
  /** The demo's past roasts are on the page. */
  readonly roastsMs: number;
}

const BITS_PER_BYTE = 8;
const LAST_LISTED = "Winter chicken in parts";

/** The page notes the moment by itself: who asks it from outside, asks late. */
const NOTING = `
  new MutationObserver(() => {
    if (window.listedMs === undefined && document.body?.textContent.includes(${JSON.stringify(LAST_LISTED)}))
      window.listedMs = performance.now();
  }).observe(document, { childList: true, subtree: true });
`;

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
    return { readMs: Math.round(readMs), roastsMs: Math.round(roastsMs) };
  } finally {
    await driver.quit();
    server.close();
  }
}

/** On this machine, and on a processor four times slower with 10 Mbit/s. */
export const benchFirstPaint = async () => ({ here: await visit(false), slow: await visit(true) });
