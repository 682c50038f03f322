/** The app on a server of its own, and a page to open it in: what a file of browser tests begins and ends with. */
import { Builder, type WebDriver } from "selenium-webdriver";
import { inject } from "vitest";
import { newProfile, optionsFor, resize, TABLE } from "./browser";
import { type RunningServer, serve } from "./server";

interface RunningApp {
  readonly server: RunningServer;
  readonly driver: WebDriver;
  end(): Promise<void>;
}

let browser: WebDriver | undefined;

/**
 * The browser that one file after another uses: each has an address of its own, and with it a storage. Its cook wants
 * things to stand still, which is a tenth of the work saved; the browsers of `openBrowser` move as usual.
 */
async function openedBrowser(size: typeof TABLE): Promise<WebDriver> {
  browser ??= await new Builder()
    .forBrowser("chrome")
    .setChromeOptions(optionsFor(size, newProfile(), ["--force-prefers-reduced-motion"]))
    .usingServer(inject("chromedriver"))
    .build();
  await resize(browser, size);
  return browser;
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
  const server = await serve(demo !== false, { offline, inProgress, isRead: demo === true });
  try {
    const driver = await openedBrowser(size);
    const end = async (): Promise<void> => {
      // What the page still simulates and listens to ends with it.
      await driver.get("about:blank");
      server.close();
    };
    return { server, driver, end };
  } catch (error) {
    server.close();
    throw error;
  }
}
