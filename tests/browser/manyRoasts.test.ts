/**
 * Roasts opened one after another in one tab: the workers stay as many as there are processors to spare, and no screen
 * fails. `BRUMA_ROASTS=40` opens as many on pages that see 2, 8 and 16 processors, and the memory stays flat.
 */

import { execFileSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { FILE_FORMAT, type RoastFile } from "../../core/formats/file";
import { FILE_VERSION } from "../../core/formats/migrations";
import { METHODS } from "../../core/plan/methods";
import { alone } from "../../core/plan/together";
import { usualPlan } from "../../core/plan/usualPlan";
import { newProfile, openBrowser, pageText, press, pressAt, see, seeText, TABLE } from "../helpers/browser";
import { type RunningServer, serve } from "../helpers/server";

const ROASTS = Number(process.env.BRUMA_ROASTS ?? 2);
/** From so many on, memory that grows is told from memory that is being filled. */
const MANY = 10;
const PROCESSORS = process.env.BRUMA_ROASTS ? [2, 8, 16] : [4];

const roastFile = (): RoastFile => ({
  format: FILE_FORMAT,
  version: FILE_VERSION,
  exportedAt: "2026-11-01T10:00:00.000Z",
  roasts: Array.from({ length: ROASTS }, (_, n) => {
    const { id: method } = METHODS[n % 3] as (typeof METHODS)[number];
    const bird = { species: "turkey", cut: "whole", massKg: 4 + 0.1 * n, state: "fresh" } as const;
    const serveAt = new Date(Date.UTC(2027, 8, 1 + n, 12)).toISOString();
    return {
      roast: alone({
        id: `many-${n}`,
        title: `Turkey number ${n}`,
        createdAt: "2026-11-01T10:00:00.000Z",
        plan: usualPlan({ bird, method, serveAt, zone: "UTC" }),
        happened: {},
        notes: "",
        thermometer: "typed",
      }),
      readings: [],
    };
  }),
});

/** Workers as the page makes and ends them. */
const COUNTING = `
  window.workersAlive = 0;
  window.workersMost = 0;
  const Made = window.Worker;
  window.Worker = class extends Made {
    constructor(...args) { super(...args); window.workersAlive++; window.workersMost = Math.max(window.workersMost, window.workersAlive); }
    terminate() { window.workersAlive--; super.terminate(); }
  };
`;

/** Memory that the browser's page processes hold, MB. */
function memoryMb(profile: string): number {
  const lines = execFileSync("ps", ["-eo", "rss,args"], { encoding: "utf8", maxBuffer: 1 << 26 }).split("\n");
  const own = lines.filter((line) => line.includes("--type=renderer") && line.includes(profile));
  return own.reduce((sum, line) => sum + Number.parseInt(line, 10), 0) / 1024;
}

describe.each(PROCESSORS)("roasts opened one after another on a page that sees %d processors", (processors) => {
  let server: RunningServer;
  let driver: WebDriver;
  const profile = newProfile();
  beforeAll(async () => {
    server = await serve(false);
    driver = await openBrowser(TABLE, profile);
    const devTools = driver as ChromeDriver;
    await devTools.sendDevToolsCommand("Emulation.setHardwareConcurrencyOverride", { hardwareConcurrency: processors });
    await devTools.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: COUNTING });
    const file = join(mkdtempSync(join(tmpdir(), "bruma-many-")), "many.json");
    writeFileSync(file, JSON.stringify(roastFile()));
    await driver.get(`${server.url}/kitchen`);
    await (await see(driver, 'input[type="file"]')).sendKeys(file);
    await press(driver, `Take in ${ROASTS} roasts`);
    await seeText(driver, `${ROASTS} roasts taken in`);
    expect(await driver.executeScript("return navigator.hardwareConcurrency")).toBe(processors);
  });
  afterAll(async () => {
    await driver?.quit();
    server?.close();
  });

  it(
    "keep the workers and the memory as they are, and none of them fails",
    async () => {
      const held: number[] = [];
      const lyingAbout: number[] = [];
      for (let n = 0; n < ROASTS; n++) {
        await pressAt(driver, 'nav a[href="/"]');
        await pressAt(driver, `main a[href^="/roast/many-${n}/"]`);
        await seeText(driver, "Out, expected");
        for (const [screen, text] of [
          ["compare", "Juices kept"],
          ["list", "Timetable"],
          ["cook", "Readings come from"],
        ] as const) {
          await pressAt(driver, `nav a[href$="/roast/many-${n}/${screen}"]`);
          await seeText(driver, text);
          const body = await pageText(driver);
          expect(body).not.toMatch(/stopped|could not|allocate|failed/);
        }
        const workers = await driver.executeScript<number>("return window.workersMost");
        expect(workers).toBeLessThanOrEqual(Math.max(1, processors - 1));
        lyingAbout.push(memoryMb(profile));
        // How long the browser lets the page's own garbage lie is its affair, and the machine's; what is held is ours.
        await (driver as ChromeDriver).sendDevToolsCommand("HeapProfiler.collectGarbage", {});
        held.push(memoryMb(profile));
      }
      const after5 = held[Math.min(4, held.length - 1)] as number;
      const said = (megabytes: readonly number[]): string => megabytes.map((mb) => Math.round(mb)).join(", ");
      console.log(`${processors} processors: ${said(held)} MB; before the page was tidied ${said(lyingAbout)} MB`);
      // Of a few nothing can be said: the first ones fill what is kept.
      if (ROASTS >= MANY) expect(Math.min(...held.slice(-3))).toBeLessThan(1.2 * Math.max(after5, ...held.slice(0, 5)));
    },
    30_000 * ROASTS,
  );
});
