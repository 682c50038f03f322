/** `npm run icons`: draws the icons that phones want as PNG from the one drawing, app/public/favicon.svg. */
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { openBrowser, resize } from "../tests/helpers/browser";

const drawing = readFileSync("app/public/favicon.svg", "utf8");
/** Square to the edge: the device cuts its own shape, and keeps what stands in the middle four fifths. */
const maskable = drawing
  .replace('rx="9"', "")
  .replace('viewBox="0 0 32 32"', 'viewBox="-4 -4 40 40"')
  .replace('<rect width="32" height="32"', '<rect x="-4" y="-4" width="40" height="40"');

const ICONS = [
  { name: "icon-192.png", size: 192, svg: drawing },
  { name: "icon-512.png", size: 512, svg: drawing },
  { name: "icon-maskable-512.png", size: 512, svg: maskable },
  { name: "touch-icon-180.png", size: 180, svg: maskable },
];

const driver = (await openBrowser({ width: 512, height: 512 })) as ChromeDriver;
// What lies outside the drawing's round corners stays clear.
const clear = { color: { r: 0, g: 0, b: 0, a: 0 } };
const folder = mkdtempSync(join(tmpdir(), "bruma-icons-"));
for (const { name, size, svg } of ICONS) {
  await resize(driver, { width: size, height: size });
  const page = `<style>body{margin:0}svg{display:block;width:${size}px;height:${size}px}</style>${svg}`;
  const path = join(folder, `${name}.html`);
  writeFileSync(path, page);
  await driver.get(pathToFileURL(path).href);
  await driver.sendDevToolsCommand("Emulation.setDefaultBackgroundColorOverride", clear);
  writeFileSync(`app/public/${name}`, await driver.takeScreenshot(), "base64");
}
await driver.quit();
