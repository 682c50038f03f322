/**
 * What a thermometer that speaks every second asks of the stove after hours: the share of its time that the page's main
 * thread is busy, with two probes speaking on, and the milliseconds until it stands again when it is loaded anew.
 */
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { HOUR_MS } from "../core/units/time";
import { fill, openBrowser, press, pressAt, STOVE, seeText, wentInAgo } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

export interface TalkativeFigures {
  readonly readings: number;
  readonly busyShare: number;
  readonly openedMs: number;
}

const HOURS = 3;
const LINES_A_POST = 2000;
const WATCHED_S = 10;

export async function benchTalkative(): Promise<TalkativeFigures> {
  const server = await serve(false);
  const driver = (await openBrowser(STOVE)) as ChromeDriver;
  try {
    await driver.get(server.url);
    await fill(driver, "Weight as bought", "7 kg");
    await press(driver, "Fresh");
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected");
    await pressAt(driver, 'nav a[href$="/cook"]');
    await press(driver, "The bird is in the oven");
    await wentInAgo(driver, HOURS * 60);
    await press(driver, "probes that post to Bruma");
    await pressAt(driver, 'button[aria-label="Close"]');

    const inMs = Date.now() - HOURS * HOUR_MS;
    /** A centre that warms as they do, with the noise of a probe. */
    const lines = (second: number) =>
      (["breast", "thigh"] as const).map((probe) => ({
        at: new Date(inMs + 1000 * second).toISOString(),
        probe,
        celsius: Math.round(10 * (4 + 62 * (second / (HOURS * 3600)) ** 1.2 + 0.2 * Math.sin(1.7 * second))) / 10,
      }));
    const post = (body: readonly unknown[]): Promise<Response> =>
      fetch(`${server.url}/api/readings`, { method: "POST", body: JSON.stringify(body) });
    const past = Array.from({ length: HOURS * 3600 - 30 }, (_, second) => lines(second)).flat();
    for (let n = 0; n < past.length; n += LINES_A_POST) await post(past.slice(n, n + LINES_A_POST));
    await seeText(driver, `Readings: ${past.length}`);
    const from = Date.now();
    await driver.navigate().refresh();
    await seeText(driver, `Readings: ${past.length}`, "refitted to your readings");
    const openedMs = Date.now() - from;

    await driver.sendDevToolsCommand("Performance.enable", {});
    const busyS = async (): Promise<number> => {
      const { metrics } = (await driver.sendAndGetDevToolsCommand("Performance.getMetrics", {})) as unknown as {
        readonly metrics: readonly { readonly name: string; readonly value: number }[];
      };
      return metrics.find(({ name }) => name === "TaskDuration")?.value ?? Number.NaN;
    };
    const before = await busyS();
    for (let second = 0; second < WATCHED_S; second++) {
      await post(lines(HOURS * 3600 + second));
      await new Promise((resolve) => setTimeout(resolve, 1000));
    }
    const busyShare = Math.round((1000 * ((await busyS()) - before)) / WATCHED_S) / 1000;
    return { readings: past.length, busyShare, openedMs };
  } finally {
    await driver.quit();
    server.close();
  }
}
