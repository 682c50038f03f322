/** The app on a server of its own, and a page to open it in: what a file of browser tests begins and ends with. */
import { Builder, type WebDriver } from "selenium-webdriver";
import { inject } from "vitest";
import { faultsInLog, newProfile, optionsFor, resize, STANDS_STILL, TABLE } from "./browser";
import { type RunningServer, serve } from "./server";

interface RunningApp {
  readonly server: RunningServer;
  readonly driver: WebDriver;
  end(): Promise<void>;
}

let browser: WebDriver | undefined;
/** Where the app was last, once all that its cook left there is gone; any free port otherwise. */
let port = 0;

/**
 * The browser that one file after another uses. Its cook wants things to stand still, which is a tenth of the work saved;
 * the browsers of `openBrowser` move as usual.
 */
async function openedBrowser(size: typeof TABLE): Promise<WebDriver> {
  browser ??= await new Builder()
    .forBrowser("chrome")
    .setChromeOptions(optionsFor(size, newProfile(), [STANDS_STILL]))
    .usingServer(inject("chromedriver"))
    .build();
  await resize(browser, size);
  return browser;
}

/**
 * The next file begins as a new cook does, at the same address: what simulations came to stays, and what the engine has
 * compiled of the app's scripts. Together they are most of what a page costs.
 */
async function forgetCook(driver: WebDriver, url: string): Promise<void> {
  // What the page still simulates and listens to ends with it; this one opens nothing.
  await driver.get(`${url}/favicon.svg`);
  const fault = await driver.executeAsyncScript<string | null>(
    `const done = arguments[0];
     const deleted = (name) => new Promise((gone, stays) => {
       const asked = indexedDB.deleteDatabase(name);
       asked.onsuccess = gone;
       asked.onblocked = asked.onerror = () => stays(name + " stays");
     });
     const all = async () => {
       localStorage.clear();
       sessionStorage.clear();
       for (const { name } of await indexedDB.databases()) if (name !== "bruma-answered") await deleted(name);
       for (const each of await navigator.serviceWorker.getRegistrations()) await each.unregister();
       for (const name of await caches.keys()) await caches.delete(name);
     };
     all().then(() => done(null), (error) => done(String(error)));`,
  );
  if (fault !== null) throw new Error(`the browser has not forgotten its cook: ${fault}`);
}

/** Nothing that a file's pages did was refused by the browser, or failed unseen. */
async function expectQuietLog(driver: WebDriver): Promise<void> {
  const faults = await faultsInLog(driver);
  if (faults.length > 0) throw new Error(`the browser's log holds:\n${faults.join("\n")}`);
}

/**
 * @param demo "past": without its roast in progress, which costs every page seconds of simulation; "unread": with it, but
 * no thermometer speaks
 */
export async function startApp({
  demo = false,
  size = TABLE,
  offline = false,
}: {
  readonly demo?: boolean | "past" | "unread";
  readonly size?: typeof TABLE;
  readonly offline?: boolean;
} = {}): Promise<RunningApp> {
  const inProgress = demo === true || demo === "unread";
  const server = await serve(demo !== false, { offline, inProgress, isRead: demo === true, port });
  try {
    const driver = await openedBrowser(size);
    const end = async (): Promise<void> => {
      port = 0;
      try {
        await expectQuietLog(driver);
        await forgetCook(driver, server.url);
        port = Number(new URL(server.url).port);
      } finally {
        server.close();
      }
    };
    return { server, driver, end };
  } catch (error) {
    server.close();
    throw error;
  }
}
