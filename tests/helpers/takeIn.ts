/** A file of one roast, taken in by hand under Kitchen. */
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { WebDriver } from "selenium-webdriver";
import type { RoastFile } from "../../core/formats/file";
import { press, see, seeText, visit } from "./browser";

/** @param url of the app @param name of the file, without its ending */
export async function takeIn(driver: WebDriver, url: string, name: string, file: RoastFile): Promise<void> {
  const path = join(mkdtempSync(join(tmpdir(), "bruma-taken-in-")), `${name}.json`);
  writeFileSync(path, JSON.stringify(file));
  await visit(driver, `${url}/kitchen`);
  await (await see(driver, 'input[aria-label="File of roasts"]')).sendKeys(path);
  await press(driver, "Take in 1 roast");
  await seeText(driver, "1 roast taken in", `${name}.json`);
}
