/** A log of many years in the browser: how soon it can be used, and how long sorting, searching, a record and a copy take. */
import type { WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { MINUTE_MS } from "../core/units/time";
import { openBrowser, press, seeText, TABLE } from "../tests/helpers/browser";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { serve } from "../tests/helpers/server";

export interface LogFigures {
  readonly roasts: number;
  readonly readings: number;
  /** From the tap on the log to rows on the page, ms. */
  readonly openMs: number;
  readonly sortMs: number;
  readonly searchMs: number;
  /** From the tap on a row to what was said and what came of it, ms. */
  readonly recordMs: number;
  readonly copyMs: number;
  /** Script heap after the copy, MB. */
  readonly heapMb: number;
}

const ROASTS = 2000;
const READINGS_EACH = 1000;
const AT_A_TIME = 20;

/** Fills the page's database, a handful of roasts at a time. */
async function fill(driver: WebDriver): Promise<void> {
  const sample = sampleRoast();
  for (let n = 0; n < ROASTS; n += AT_A_TIME) {
    const roasts = Array.from({ length: AT_A_TIME }, (_, m) => {
      const inMs = Date.UTC(2020, 0, 1) + (n + m) * 26 * 60 * MINUTE_MS;
      const at = (minute: number): string => new Date(inMs + minute * MINUTE_MS).toISOString();
      const id = `bench-${n + m}`;
      return {
        ...sample,
        id,
        dinner: id,
        fire: id,
        named: true,
        title: `Roast number ${n + m}`,
        createdAt: at(-600),
        notes: `Note ${(n + m) % 97}`,
        rating: 1 + ((n + m) % 5),
        plan: { ...sample.plan, serveAt: at(240) },
        happened: {
          inAt: at(0),
          pulledAt: at(190 + ((n + m) % 40)),
          carvedAt: at(235),
          closedAt: at(300),
          predicted: { pullP10At: at(180), pullP50At: at(205), pullP90At: at(230), pullC: { breast: 72, thigh: 74 } },
        },
        says: null,
      };
    });
    await driver.executeAsyncScript(
      `const [roasts, each, done] = arguments;
       const request = indexedDB.open("bruma");
       request.onsuccess = () => {
         const db = request.result;
         const write = db.transaction(["roasts", "readings"], "readwrite", { durability: "relaxed" });
         for (const roast of roasts) {
           write.objectStore("roasts").put(roast);
           const inMs = Date.parse(roast.happened.inAt);
           for (let m = 0; m < each; m++) {
             write.objectStore("readings").add({
               roastId: roast.id,
               at: new Date(inMs + m * 11400).toISOString(),
               part: m % 2 ? "breast" : "thigh",
               celsius: Math.round(10 * (4 + 70 * (1 - Math.exp(-m / 400)))) / 10,
               source: "bridge",
             });
           }
         }
         write.oncomplete = () => { db.close(); done(); };
       };`,
      roasts,
      READINGS_EACH,
    );
  }
}

/** Milliseconds from something done in the page until a test of it holds, looked at with every frame. */
const until = (driver: WebDriver, act: string, holds: string): Promise<number> =>
  driver.executeAsyncScript<number>(
    `const done = arguments[arguments.length - 1];
     const from = performance.now();
     ${act};
     const look = () => (${holds} ? done(performance.now() - from) : requestAnimationFrame(look));
     requestAnimationFrame(look);`,
  );

const typed = (words: string): string =>
  `const field = document.querySelector('input[type="search"]');
   Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, ${JSON.stringify(words)});
   field.dispatchEvent(new Event("input", { bubbles: true }))`;

export async function benchLog(): Promise<LogFigures> {
  const server = await serve(false);
  const driver = await openBrowser(TABLE);
  try {
    await driver.manage().setTimeouts({ script: 120_000 });
    await driver.get(server.url);
    await seeText(driver, "Start a roast");
    await fill(driver);
    await driver.get(`${server.url}/handbook`);
    await seeText(driver, "Every number");
    const first = `document.querySelector("tbody a")?.innerText`;
    const openMs = await until(driver, `document.querySelector('nav a[href="/log"]').click()`, first);
    const before = await driver.executeScript<string>(`return ${first}`);
    const sortMs = await until(
      driver,
      `document.querySelector("th:nth-of-type(2) button").click()`,
      `${first} !== ${JSON.stringify(before)}`,
    );
    const searchMs = await until(driver, typed("number 1234"), `document.querySelectorAll("tbody a").length === 1`);
    const recordMs = await until(
      driver,
      `document.querySelector("tbody a").click()`,
      `document.body.innerText.includes("Last read")`,
    );
    await driver.get(`${server.url}/kitchen`);
    await seeText(driver, "Your data");
    const from = performance.now();
    await press(driver, "Write everything to a file");
    await driver.wait(
      async () => /Written to/.test(await driver.executeScript<string>("return document.body.innerText")),
      120_000,
    );
    const copyMs = performance.now() - from;
    const devTools = driver as ChromeDriver;
    const usage = (await devTools.sendAndGetDevToolsCommand("Runtime.getHeapUsage", {})) as unknown as {
      usedSize: number;
    };
    const round = (ms: number): number => Math.round(ms);
    return {
      roasts: ROASTS,
      readings: ROASTS * READINGS_EACH,
      openMs: round(openMs),
      sortMs: round(sortMs),
      searchMs: round(searchMs),
      recordMs: round(recordMs),
      copyMs: round(copyMs),
      heapMb: round(usage.usedSize / 1e6),
    };
  } finally {
    await driver.quit();
    server.close();
  }
}
