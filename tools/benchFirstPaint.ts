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

async function visit(slow: boolean): Promise<FirstPaint> {
  const server = await serve(true);
  const driver = await openBrowser(TABLE);
  try {
    if (slow) {
      const devTools = driver as ChromeDriver;
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
    await seeText(driver, "Winter chicken in parts");
    const roastsMs = await driver.executeScript<number>("return performance.now()");
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
