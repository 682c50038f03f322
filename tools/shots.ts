/** Rewrites docs/screenshots from the demo data: `npm run shots`. Other folder and names: for looking while working. */

import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, type WebDriver } from "selenium-webdriver";
import { FILE_FORMAT, type RoastFile } from "../core/formats/file";
import { FILE_VERSION } from "../core/formats/migrations";
import { alone } from "../core/plan/together";
import { usualPlan } from "../core/plan/usualPlan";
import { MINUTE_MS } from "../core/units/time";
import {
  fill,
  newProfile,
  openBrowser,
  press,
  pressAt,
  resize,
  STANDS_STILL,
  STOVE,
  see,
  seeText,
  TABLE,
} from "../tests/helpers/browser";
import { offOf } from "../tests/helpers/demoPast";
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
  { name: "roasts", path: "/", size: TABLE, waitFor: ["Open-day lunch", "that came late", "Now: "] },
  { name: "plan-flat", path: "/roast/demo-open-day/plan", size: TABLE, waitFor: ["give or take"] },
  {
    name: "plan-salt",
    path: "/roast/demo-open-day/plan",
    size: TABLE,
    waitFor: ["give or take"],
    prepare: async (driver) => {
      await pressAt(driver, 'button[aria-label^="Dry, uncovered:"]');
      await pressAt(driver, 'label:has(input[type="radio"][value="salt"])');
      await seeText(driver, "outer centimetre");
    },
  },
  {
    name: "plan-table",
    path: "/roast/demo-open-day/plan",
    size: TABLE,
    waitFor: ["give or take"],
    prepare: async (driver) => {
      await pressAt(driver, 'button[aria-label^="At the table:"]');
      await seeText(driver, "Side dishes");
    },
  },
  {
    name: "plan-solid",
    path: "/roast/demo-late/plan",
    size: TABLE,
    waitFor: ["it was to take"],
    dark: true,
    prepare: async (driver) => {
      await press(driver, "Solid, to turn");
      await drawn(driver);
      await driver.executeScript("window.scrollTo(0, 400)");
    },
  },
  {
    name: "probes",
    path: "/roast/demo-open-day/plan",
    size: TABLE,
    waitFor: ["give or take"],
    prepare: async (driver) => {
      await press(driver, "Where the probes go");
      await drawn(driver);
      await press(driver, "Cut along the stem");
      await driver.executeScript("for (const each of document.querySelectorAll('[role=dialog] *')) each.scrollTop = 0");
      await drawn(driver);
    },
  },
  { name: "compare", path: "/roast/demo-open-day/compare", size: TABLE, waitFor: ["Ways to cook", "your plan"] },
  { name: "list", path: "/roast/demo-open-day/list", size: TABLE, waitFor: ["Timetable", "Lay out"] },
  { name: "log", path: "/log", size: TABLE, waitFor: ["What came of them", offOf("demo-late")] },
  {
    name: "record",
    path: "/log/demo-late",
    size: TABLE,
    waitFor: ["What would have mattered"],
    prepare: async (driver) => void (await driver.sleep(15000)),
  },
  { name: "cook-stove", path: "/roast/demo-now/cook", size: STOVE, waitFor: ["refitted to your readings"] },
  { name: "cook-before-stove", path: "/roast/demo-open-day/cook", size: STOVE, waitFor: ["The bird is in the oven"] },
  {
    name: "rest-stove",
    path: "/kitchen",
    size: STOVE,
    waitFor: ["Your data"],
    prepare: async (driver) => {
      const picker = await see(driver, 'input[aria-label="File of roasts"]');
      await picker.sendKeys(restingChicken());
      await press(driver, "Take in 1 roast");
      await seeText(driver, "1 roast taken in");
      await driver.get(`${server.url}/roast/resting/cook`);
      await seeText(driver, "good to carve from", "the lowest is expected to peak");
      await driver.executeScript("window.scrollTo(0, 0)");
    },
  },
  {
    name: "carve-stove",
    path: "/roast/demo-now/carve",
    size: STOVE,
    waitFor: ["Legs off"],
    // Its drawings come once the bird is shaped.
    prepare: async (driver) => {
      await see(driver, 'svg[aria-label^="Thigh from drumstick"]');
    },
  },
  { name: "plan-stove", path: "/roast/demo-open-day/plan", size: STOVE, waitFor: ["give or take"] },
  { name: "kitchen", path: "/kitchen", size: TABLE, waitFor: ["Your data"] },
  { name: "handbook", path: "/handbook", size: TABLE, waitFor: ["Every number"] },
  // From here on the demo's lunch has a second roast.
  {
    name: "plan-dinner",
    path: "/?dinner=demo-open-day",
    size: TABLE,
    waitFor: ["One more roast"],
    prepare: async (driver) => {
      await fill(driver, "Weight as bought", "2 kg");
      await press(driver, "Whole legs");
      await press(driver, "Fresh");
      await pressAt(driver, 'label:has(input[type="radio"][value="hot-flat"])');
      await press(driver, "Plan it");
      await seeText(driver, "Add a roast", "give or take");
      await driver.wait(
        async () => !/refining/.test(await driver.executeScript<string>("return document.body.innerText")),
        30_000,
      );
    },
  },
  // Last: what is practised has a clock and roasts of its own.
  {
    name: "debrief",
    path: "/practice?seed=harbour",
    size: TABLE,
    waitFor: ["Practise", "harbour"],
    prepare: async (driver) => {
      await pressAt(driver, '[aria-label="Which roast?"] label:nth-of-type(4)');
      await press(driver, "240 times life");
      await seeText(driver, "minutes of yours");
      await press(driver, "Turn the oven on");
      await press(driver, "The bird is in the oven");
      await driver.sleep(14_000);
      await press(driver, "It is out of the oven");
      await driver.sleep(5000);
      await press(driver, "Carving now");
      await driver.get((await driver.getCurrentUrl()).replace("/carve", "/cook"));
      await press(driver, "What it truly was");
      await seeText(driver, "What you decided");
    },
  },
];

/** The solid as it stands still: drawn, and drawn finely. */
async function drawn(driver: WebDriver): Promise<void> {
  const times = async (): Promise<number> =>
    Number(await (await see(driver, "canvas[data-drawn]")).getAttribute("data-drawn"));
  let before = -1;
  await driver.wait(async () => {
    await driver.sleep(1200);
    const now = await times();
    const isStill = now === before && now > 1;
    before = now;
    return isStill;
  }, 30_000);
}

/** A chicken that was pulled a few minutes ago, as a file to take in. */
function restingChicken(): string {
  const inAtMs = Date.now() - 76 * MINUTE_MS;
  const at = (minute: number): string => new Date(inAtMs + MINUTE_MS * minute).toISOString();
  const read = [
    [40, 41, 44],
    [58, 60, 64],
    [69, 70, 76],
    [75, 72.6, 78.2],
  ] as const;
  const file: RoastFile = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    exportedAt: at(76),
    roasts: [
      {
        roast: alone({
          id: "resting",
          title: "Sunday chicken",
          createdAt: at(-600),
          plan: usualPlan({
            bird: { species: "chicken", cut: "whole", massKg: 1.8, state: "fresh" },
            method: "steady",
            serveAt: at(105),
            zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
          }),
          happened: { inAt: at(0), pulledAt: at(70) },
          notes: "",
          thermometer: "typed",
        }),
        readings: read.flatMap(([minute, breast, thigh]) => [
          { at: at(minute), part: "breast" as const, celsius: breast, source: "typed" as const },
          { at: at(minute), part: "thigh" as const, celsius: thigh, source: "typed" as const },
        ]),
      },
    ],
  };
  const path = join(mkdtempSync(join(tmpdir(), "bruma-shots-")), "resting.json");
  writeFileSync(path, JSON.stringify(file));
  return path;
}

const [folder = "docs/screenshots", ...only] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });
const server = await serve(true);
// Nothing is caught half way.
const driver = await openBrowser(TABLE, newProfile(), [STANDS_STILL]);
try {
  await driver.get(server.url);
  await seeText(driver, "Open-day lunch");
  for (const shot of SHOTS.filter(({ name }) => only.length === 0 || only.includes(name))) {
    await resize(driver, shot.size);
    await driver.get(server.url + shot.path);
    await seeText(driver, ...shot.waitFor);
    await driver.wait(
      async () =>
        !/refining|being refined|simulating …|your readings …|Working out what is next/.test(
          await driver.executeScript<string>("return document.body.innerText"),
        ),
      30_000,
    );
    // Before the rest: a change of colours draws the solid anew, coarsely first.
    if (shot.dark) await pressAt(driver, 'button[aria-label="Dark colours"]');
    await shot.prepare?.(driver);
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
