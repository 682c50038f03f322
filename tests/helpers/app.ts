/** The app on a server of its own, and a browser to open it in: what a file of browser tests begins and ends with. */
import type { WebDriver } from "selenium-webdriver";
import { openBrowser, TABLE } from "./browser";
import { type RunningServer, serve } from "./server";

interface RunningApp {
  readonly server: RunningServer;
  readonly driver: WebDriver;
  end(): Promise<void>;
}

export async function startApp({ demo = false, size = TABLE } = {}): Promise<RunningApp> {
  const server = await serve(demo);
  try {
    const driver = await openBrowser(size);
    const end = async (): Promise<void> => {
      await driver.quit();
      server.close();
    };
    return { server, driver, end };
  } catch (error) {
    server.close();
    throw error;
  }
}
