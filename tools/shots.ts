/** Rewrites docs/screenshots from the demo data: `npm run shots`. Other folder and names: for looking while working. */
import { mkdirSync, writeFileSync } from "node:fs";
import { By, type WebDriver } from "selenium-webdriver";
import { button, openBrowser, resize, STOVE, see, seeText, TABLE } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly size: typeof TABLE;
  readonly waitFor: readonly string[];
  readonly dark?: boolean;
  prepare?(driver: WebDriver): Promise<void>;
}

const SHOTS: readonly Shot[] = [
  { name: "roasts", path: "/", size: TABLE, waitFor: ["Open-day lunch", "that came late"] },
  { name: "plan-flat", path: "/roast/demo-open-day/plan", size: TABLE, waitFor: ["give or take"] },
  { name: "plan-whole", path: "/roast/demo-now/plan", size: TABLE, waitFor: ["give or take"] },
  {
    name: "plan-salt",
    path: "/roast/demo-open-day/plan",
    size: TABLE,
    waitFor: ["give or take"],
    prepare: async (driver) => {
      await (await see(driver, 'button[aria-label^="Dry, uncovered:"]')).click();
      await (await see(driver, 'button[role="radio"][value="salt"]')).click();
      await seeText(driver, "outer centimetre");
    },
  },
  {
    name: "plan-table",
    path: "/roast/demo-open-day/plan",
    size: TABLE,
    waitFor: ["give or take"],
    prepare: async (driver) => {
      await (await see(driver, 'button[aria-label^="At the table:"]')).click();
      await seeText(driver, "Side dishes");
    },
  },
  {
    name: "plan-cut",
    path: "/roast/demo-open-day/plan",
    size: TABLE,
    waitFor: ["give or take"],
    prepare: async (driver) => {
      await (await see(driver, 'button[role="tab"][id*="bird"]')).click();
      await (await button(driver, "Spatchcock it: how")).click();
      await see(driver, 'svg[aria-label^="Flatten it"] path');
    },
  },
  { name: "compare", path: "/roast/demo-open-day/compare", size: TABLE, waitFor: ["Ways to cook", "your plan"] },
  { name: "list", path: "/roast/demo-open-day/list", size: TABLE, waitFor: ["Timetable", "Lay out"] },
  { name: "plan-parts", path: "/roast/demo-parts/plan", size: TABLE, waitFor: ["give or take"] },
  { name: "plan-duck", path: "/roast/demo-duck/plan", size: TABLE, waitFor: ["give or take"] },
  { name: "plan-dark", path: "/roast/demo-late/plan", size: TABLE, waitFor: ["give or take"], dark: true },
  { name: "cook-stove", path: "/roast/demo-now/cook", size: STOVE, waitFor: ["refitted to your readings"] },
  { name: "cook-before-stove", path: "/roast/demo-open-day/cook", size: STOVE, waitFor: ["The bird is in the oven"] },
  { name: "carve-stove", path: "/roast/demo-late/carve", size: STOVE, waitFor: ["Legs off"] },
  { name: "roasts-stove", path: "/", size: STOVE, waitFor: ["Open-day lunch"] },
  { name: "plan-stove", path: "/roast/demo-open-day/plan", size: STOVE, waitFor: ["give or take"] },
  { name: "kitchen", path: "/kitchen", size: TABLE, waitFor: ["Your data"] },
  { name: "handbook", path: "/handbook", size: TABLE, waitFor: ["Every number"] },
];

const [folder = "docs/screenshots", ...only] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });
const server = await serve(true);
const driver = await openBrowser();
try {
  await driver.get(server.url);
  await seeText(driver, "Open-day lunch");
  for (const shot of SHOTS.filter(({ name }) => only.length === 0 || only.includes(name))) {
    await resize(driver, shot.size);
    await driver.get(server.url + shot.path);
    await seeText(driver, ...shot.waitFor);
    await driver.wait(
      async () => !/refining|simulating …/.test(await driver.executeScript<string>("return document.body.innerText")),
      30_000,
    );
    await shot.prepare?.(driver);
    if (shot.dark) await (await see(driver, 'button[aria-label="Dark colours"]')).click();
    await driver.executeScript("return document.fonts.ready.then(() => true)");
    await driver.executeScript("document.activeElement?.blur()");
    writeFileSync(`${folder}/${shot.name}.png`, Buffer.from(await driver.takeScreenshot(), "base64"));
    if (shot.dark) await driver.findElement(By.css('button[aria-label="Light colours"]')).click();
    console.log(`${folder}/${shot.name}.png`);
  }
} finally {
  await driver.quit();
  server.close();
}
