/**
 * A headless browser of the size and kind the tests ask for, and how to wait for what is seen. The shell has the pages of
 * the whole browser without its windows, tabs and tools, which take longer to start and to paint than a page does.
 */
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { Builder, By, Key, until, type WebDriver, type WebElement } from "selenium-webdriver";
import { type Driver as ChromeDriver, Options, ServiceBuilder } from "selenium-webdriver/chrome.js";

const HEADLESS = fileURLToPath(new URL("headless.sh", import.meta.url));
const FLAGS = [
  "--headless",
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--force-color-profile=srgb",
  // Letters as wide as they are on a cook's screen.
  "--font-render-hinting=none",
];

export const TABLE = { width: 1280, height: 800 };
export const STOVE = { width: 390, height: 844 };
/**
 * How long anything is waited for. On a busy machine a page that simulates takes half a minute: how long one takes says
 * nothing, and where all is well nobody waits so long.
 */
export const WAIT_MS = 90_000;
const LANGUAGE = "--accept-lang=";

/** Pages of tests live for seconds: what V8's last compiler costs them they never get back. A bench measures with it. */
const SHORT_LIVED = process.env.VITEST ? ["--js-flags=--no-turbofan"] : [];

/** For a browser whose cook writes as one in the United States. */
export const US_LANGUAGE = `${LANGUAGE}en-US`;

/** For a browser whose cook wants things to stand still. */
export const STANDS_STILL = "--force-prefers-reduced-motion";

export const newProfile = (): string => mkdtempSync(join(tmpdir(), "bruma-profile-"));

export function optionsFor(size: typeof TABLE, profile: string, extra: readonly string[] = []): Options {
  const options = new Options();
  options.setChromeBinaryPath(HEADLESS);
  options.addArguments(
    ...FLAGS,
    ...SHORT_LIVED,
    `--user-data-dir=${profile}`,
    `--window-size=${size.width},${size.height}`,
  );
  // A cook with metric habits, unless a test asks for another.
  if (!extra.some((flag) => flag.startsWith(LANGUAGE))) options.addArguments(`${LANGUAGE}en-GB`);
  options.addArguments(...extra);
  return options;
}

/**
 * A browser of its own, to be killed, to have flags or to be one of two.
 * @param profile a folder that outlives the browser, to open the same storage again
 */
export async function openBrowser(
  size = TABLE,
  profile = newProfile(),
  extra: readonly string[] = [],
): Promise<WebDriver> {
  const driver = await new Builder()
    .forBrowser("chrome")
    .setChromeOptions(optionsFor(size, profile, extra))
    .setChromeService(new ServiceBuilder("/usr/bin/chromedriver"))
    .build();
  await resize(driver, size);
  return driver;
}

/** The true size of the page, which a window's size is not. */
export async function resize(driver: WebDriver, { width, height }: typeof TABLE): Promise<void> {
  await (driver as ChromeDriver).sendDevToolsCommand("Emulation.setDeviceMetricsOverride", {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });
}

/** Nothing of the page is beyond the screen's right edge. */
export async function fitsTheScreen(driver: WebDriver, when: string): Promise<void> {
  await driver.wait(
    async () =>
      driver.executeScript(
        "const { scrollWidth, clientWidth } = document.documentElement; return scrollWidth <= clientWidth",
      ),
    WAIT_MS,
    `${when}, the page is wider than the screen`,
  );
}

/** A phone that is turned and turned back: the page is no wider than it. */
export async function turnedThereAndBack(driver: WebDriver, seen: string): Promise<void> {
  await resize(driver, { width: STOVE.height, height: STOVE.width });
  await seeText(driver, seen);
  await resize(driver, STOVE);
  await fitsTheScreen(driver, "turned there and back");
}

/** A page's network, each answer so many milliseconds late. Nothing is emulated before the network is watched. */
export async function networkOf(driver: WebDriver, how: { offline: boolean; latency: number }): Promise<void> {
  const devTools = driver as ChromeDriver;
  await devTools.sendDevToolsCommand("Network.enable", {});
  const unlimited = { downloadThroughput: -1, uploadThroughput: -1 };
  await devTools.sendDevToolsCommand("Network.emulateNetworkConditions", { ...how, ...unlimited });
}

/** A page without a network, or with one again. */
export const networkGone = (driver: WebDriver, offline: boolean): Promise<void> =>
  networkOf(driver, { offline, latency: 0 });

/** What tests bring about themselves: no server, no offline copy, no WebGL. */
const BROUGHT_ABOUT = /net::ERR_|fetching the script|Error creating WebGL context/;

/** What the pages logged as faults since this was last asked. */
export async function faultsInLog(driver: WebDriver): Promise<readonly string[]> {
  const entries = await driver.manage().logs().get("browser");
  const faults = entries.filter(({ level, message }) => level.name === "SEVERE" && !BROUGHT_ABOUT.test(message));
  return [...new Set(faults.map(({ message }) => message))];
}

/**
 * Goes to an address as a link there would: where the app is open already nothing is loaded anew, and its workers keep
 * the birds that they have made, which is most of what a test costs. What is about loading uses `driver.get`.
 */
export async function visit(driver: WebDriver, address: string): Promise<void> {
  const isThere = await driver.executeScript<boolean>(
    `const to = new URL(arguments[0]);
     if (to.origin !== location.origin || !document.querySelector("#app > *")) return false;
     history.pushState({}, "", to);
     dispatchEvent(new PopStateEvent("popstate"));
     return true;`,
    address,
  );
  if (!isThere) await driver.get(address);
}

/** What the page reads. A number and its unit are kept together by a space of another kind. */
export const pageText = async (driver: WebDriver): Promise<string> =>
  (await driver.executeScript<string>("return document.body.innerText")).replaceAll("\u00a0", " ");

const TOLD_LETTERS = 1500;

/** What was never seen is told with what stood there instead. */
async function told<Result>(driver: WebDriver, waiting: Promise<Result>): Promise<Result> {
  try {
    return await waiting;
  } catch (error) {
    if (!(error instanceof Error) || error.name !== "TimeoutError") throw error;
    const text = await pageText(driver);
    throw new Error(`${error.message}\nthe page reads:\n${text.slice(0, TOLD_LETTERS)}`, { cause: error });
  }
}

export const see = (driver: WebDriver, css: string): Promise<WebElement> =>
  told(driver, driver.wait(until.elementLocated(By.css(css)), WAIT_MS, `never seen: ${css}`));

/** Waits until the page's text holds all of these. */
export async function seeText(driver: WebDriver, ...texts: readonly string[]): Promise<void> {
  for (const text of texts) {
    const isThere = async (): Promise<boolean> => (await pageText(driver)).includes(text);
    await told(driver, driver.wait(isThere, WAIT_MS, `never seen on the page: ${text}`));
  }
}

/** Waits until nothing that the page shows is being refined: no time moves any more. */
export async function refined(driver: WebDriver): Promise<void> {
  await driver.wait(async () => !/refin(ed|ing)/.test(await pageText(driver)), WAIT_MS, "still being refined");
}

const ABSENT = new Set(["NoSuchElementError", "StaleElementReferenceError"]);

/** Scrolled to where a hand would scroll it: to the middle, clear of what stands at the edges. */
async function inReach(driver: WebDriver, by: By, what: string): Promise<WebElement> {
  const seen = driver.wait(
    async () => {
      // Drawn anew between being found and being scrolled to, it is found again.
      try {
        const element = await driver.findElement(by);
        await driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", element);
        return element;
      } catch (error) {
        if (error instanceof Error && ABSENT.has(error.name)) return null;
        throw error;
      }
    },
    WAIT_MS,
    `never seen: ${what}`,
  );
  return (await told(driver, seen)) as WebElement;
}

/** A button, link or radio by the words on it. */
export const button = (driver: WebDriver, words: string): Promise<WebElement> =>
  inReach(
    driver,
    By.xpath(
      `//*[self::button or self::a or self::label[input[@type="radio"]]][contains(normalize-space(.), "${words}") or @aria-label="${words}"]`,
    ),
    `a button "${words}"`,
  );

/** Presses it, as a cook does: again where the page was still moving under the finger. */
export async function press(driver: WebDriver, words: string): Promise<void> {
  await pressed(driver, () => button(driver, words), `a button "${words}"`);
}

/** Presses what a selector finds. */
export async function pressAt(driver: WebDriver, css: string): Promise<void> {
  await pressed(driver, () => inReach(driver, By.css(css), css), css);
}

const MOVED = new Set(["ElementClickInterceptedError", "StaleElementReferenceError", "ElementNotInteractableError"]);
const pressed = (driver: WebDriver, find: () => Promise<WebElement>, what: string): Promise<void> =>
  untilDone(driver, async () => (await find()).click(), `could not be pressed: ${what}`);

async function untilDone(driver: WebDriver, act: () => Promise<void>, failing: string): Promise<void> {
  await driver.wait(
    async () => {
      try {
        await act();
        return true;
      } catch (error) {
        if (error instanceof Error && MOVED.has(error.name)) return false;
        throw error;
      }
    },
    WAIT_MS,
    failing,
  );
}

/** A field by its label. */
export const field = (driver: WebDriver, label: string): Promise<WebElement> =>
  inReach(
    driver,
    By.xpath(
      `//input[@id=//label[contains(normalize-space(.), "${label}")]/@for] | //label[contains(normalize-space(.), "${label}")]//input[not(@type="radio")]`,
    ),
    `a field "${label}"`,
  );

/** What a field holds now. */
export const heldIn = async (driver: WebDriver, label: string): Promise<string | null> =>
  (await field(driver, label)).getAttribute("value");

/** What is typed next takes the place of all that a field holds, in one act: between two, the page may draw it anew. */
export const OVER = Key.chord(Key.CONTROL, "a");

/** Types over what a field holds, by its label: again where the page was being drawn anew under the hand. */
export async function fill(driver: WebDriver, label: string, ...keys: readonly string[]): Promise<void> {
  await untilDone(
    driver,
    async () => (await field(driver, label)).sendKeys(OVER, ...keys),
    `could not be typed into: a field "${label}"`,
  );
}

const two = (value: number): string => String(value).padStart(2, "0");
const timeOf = (at: Date): string => `${two(at.getHours())}:${two(at.getMinutes())}`;

/** Picks a day and types a time, as the browser's own zone has them. */
export async function pickMoment(driver: WebDriver, label: string, ms: number): Promise<void> {
  const at = new Date(ms);
  const day = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
  await pressAt(driver, `button[aria-label^="${label}: day"]`);
  await pressAt(driver, `[data-day="${day}"] button`);
  await typeTime(driver, label, ms);
}

/** Types the time alone, whatever day it was: that of a moment within hours of what stood there. */
export async function typeTime(driver: WebDriver, label: string, ms: number): Promise<void> {
  const time = await see(driver, `input[aria-label="${label}: time"]`);
  await time.sendKeys(OVER, timeOf(new Date(ms)), Key.TAB);
}

/** Says under the corrections that the bird went in so long ago, as the field there has it; the sheet stays open. */
export async function wentInAgo(driver: WebDriver, minutes: number): Promise<void> {
  await press(driver, "Correct something");
  await typeTime(driver, "Went in at", Date.now() - minutes * 60_000);
}

/** Keeps a table from being written, as a slow phone does, while something is done. */
export async function whileStoring(
  driver: WebDriver,
  table: string,
  name: string,
  act: () => Promise<void>,
): Promise<void> {
  await driver.executeAsyncScript(
    `const [table, name, done] = arguments;
     window.storing = true;
     const open = indexedDB.open(name);
     open.onsuccess = () => {
       const store = open.result.transaction(table, "readwrite").objectStore(table);
       const hold = () => { if (window.storing) store.count().onsuccess = hold; else open.result.close(); };
       hold();
       done();
     };`,
    table,
    name,
  );
  try {
    await act();
  } finally {
    await driver.executeScript("window.storing = false");
  }
}

/** Every row of a table of the page's own database. */
export const storedRows = <Row>(driver: WebDriver, table: string, name = "bruma"): Promise<Row[]> =>
  driver.executeAsyncScript(
    `const [table, name, done] = arguments;
     const open = indexedDB.open(name);
     open.onsuccess = () => {
       const all = open.result.transaction(table).objectStore(table).getAll();
       all.onsuccess = () => { open.result.close(); done(all.result); };
     };`,
    table,
    name,
  );
