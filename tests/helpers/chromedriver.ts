/** One driver process for all files of browser tests that need no browser of their own; it and its browsers end with the run. */
import { ServiceBuilder } from "selenium-webdriver/chrome.js";
import type { TestProject } from "vitest/node";

declare module "vitest" {
  interface ProvidedContext {
    readonly chromedriver: string;
  }
}

export default async function startChromedriver(project: TestProject): Promise<() => Promise<void>> {
  const service = new ServiceBuilder("/usr/bin/chromedriver").build();
  const url = (await service.start()).replace(/\/$/, "");
  project.provide("chromedriver", url);
  return async () => {
    const { value } = (await (await fetch(`${url}/sessions`)).json()) as { value: { id: string }[] };
    for (const { id } of value) await fetch(`${url}/session/${id}`, { method: "DELETE" });
    await service.kill();
  };
}
