import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { By, Key, type WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome";
import { beforeAll, describe, expect, it } from "vitest";
import { startApp } from "../helpers/app";
import {
  button,
  fill,
  fitsTheScreen,
  refined,
  resize,
  STOVE,
  see,
  seeText,
  TABLE,
  visit,
  WAIT_MS,
} from "../helpers/browser";
import { offOf } from "../helpers/demoPast";
import type { RunningServer } from "../helpers/server";

const AXE = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp({ demo: "unread" });
  ({ server, driver } = app);
  await driver.get(server.url);
  await seeText(driver, "Open-day lunch");
  return app.end;
});

const VIEWS = [
  { path: "/", says: "Start a roast" },
  { path: "/roast/demo-open-day/plan", says: "Out, expected" },
  { path: "/roast/demo-open-day/compare", says: "Whole at the table" },
  { path: "/roast/demo-open-day/list", says: "Timetable" },
  { path: "/roast/demo-open-day/cook", says: "The bird is in the oven" },
  { path: "/roast/demo-late/cook", says: "To the table" },
  { path: "/log/demo-late", says: "Last read" },
  { path: "/roast/demo-late/carve", says: "Carve" },
  { path: "/log", says: offOf("demo-late") },
  { path: "/roast/demo-open-day/rehearse", says: "To the next call" },
  { path: "/practice", says: "minutes of yours" },
  { path: "/practice/drills", says: "Find the thickest place" },
  { path: "/practice/drills/thickest", says: "It is there" },
  { path: "/kitchen", says: "Your data" },
  { path: "/handbook", says: "Every number" },
  { path: "/handbook/heating", says: "How long for which bird" },
  { path: "/handbook/thawing", says: "And how long it may wait" },
  { path: "/handbook/numbers", says: "What differs from species to species" },
];
/** Of a roast that is in the oven and has been read. */
const IN_PROGRESS = [
  { path: "/roast/demo-now/cook", says: "refitted to your readings" },
  { path: "/roast/demo-now/plan", says: "The bird is in." },
];

interface Violation {
  readonly id: string;
  readonly impact: string;
  readonly nodes: readonly { readonly target: readonly string[]; readonly failureSummary: string }[];
}

/** @param rules what is asked; a change of colours changes nothing but the contrast */
async function moreThanMinor(rules: "all" | "contrast"): Promise<string[]> {
  if (!(await driver.executeScript<boolean>("return 'axe' in window"))) await driver.executeScript(AXE);
  const violations = await driver.executeAsyncScript<Violation[]>(`
    const done = arguments[arguments.length - 1];
    const tags = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];
    const runOnly = ${rules === "all" ? "tags" : '{ type: "rule", values: ["color-contrast"] }'};
    axe.run(document, { runOnly, resultTypes: ["violations"] }).then((result) => done(result.violations));`);
  return violations
    .filter(({ impact }) => impact !== "minor")
    .flatMap(({ id, nodes }) => nodes.map((node) => `${id}: ${node.target.join(" ")}: ${node.failureSummary}`));
}

/** Names that more than one button goes by: who hears them one by one could not tell which is which. */
const namedAlike = (): Promise<string[]> =>
  driver.executeScript(`
    const names = [...document.querySelectorAll("button")]
      .filter((each) => each.offsetParent !== null && each.role !== "radio")
      .map((each) => each.getAttribute("aria-label") ?? each.innerText.trim());
    return [...new Set(names.filter((name, n) => names.indexOf(name) !== n))];`);

/** At the table in light and dark, a roast's own at the stove too; on a phone all of them are as wide as it is. */
async function looksThrough({ path, says }: (typeof VIEWS)[number]): Promise<void> {
  await resize(driver, TABLE);
  await visit(driver, `${server.url}${path}`);
  await seeText(driver, says);
  // What waits for a finer picture changes its colours when that comes.
  await refined(driver);
  for (const [theme, size, rules] of [
    ["light", TABLE, "all"],
    ["dark", TABLE, "contrast"],
    ...(path.startsWith("/roast/") ? ([["light", STOVE, "all"]] as const) : []),
  ] as const) {
    await resize(driver, size);
    await driver.executeScript(`document.documentElement.dataset.theme = "${theme}"`);
    // Colours that are still on their way would be measured half way.
    await driver.wait(async () =>
      driver.executeScript("return document.getAnimations().every((animation) => animation.playState === 'finished')"),
    );
    expect(await moreThanMinor(rules)).toEqual([]);
    expect(await namedAlike()).toEqual([]);
  }
  await resize(driver, STOVE);
  await fitsTheScreen(driver, path);
}

describe("with nothing in the oven", () => {
  describe("every view", () => {
    it.each(VIEWS)("$path has nothing that is more than minor", looksThrough);
  });

  it("in the system's own few colours what is chosen stays told from what is not, and all of it is read", async () => {
    const emulate = (value: string) =>
      (driver as ChromeDriver).sendDevToolsCommand("Emulation.setEmulatedMedia", {
        features: [{ name: "forced-colors", value }],
      });
    await resize(driver, TABLE);
    await emulate("active");
    try {
      await visit(driver, `${server.url}/roast/demo-open-day/plan`);
      await seeText(driver, "Out, expected");
      await refined(driver);
      const grounds = await driver.executeScript<[string, string][]>(`
        const ground = (each) => getComputedStyle(each).backgroundColor;
        const pairs = [["label:has(> :checked)", "label:has(> :not(:checked)[type=radio])"],
          ["nav [aria-current=page]", "nav a:not([aria-current])"],
          ["[role=tab][data-state=active]", "[role=tab][data-state=inactive]"]];
        return pairs.map((pair) => pair.map((css) => ground(document.querySelector(css))));`);
      expect(grounds).toHaveLength(3);
      for (const [chosen, other] of grounds) expect(chosen).not.toBe(other);
      expect(await moreThanMinor("contrast")).toEqual([]);
      await visit(driver, `${server.url}/roast/demo-open-day/cook`);
      await seeText(driver, "The bird is in the oven");
      expect(await moreThanMinor("contrast")).toEqual([]);
    } finally {
      await emulate("none");
    }
  });

  describe("without a mouse", () => {
    /** What is said of an element that has the focus. */
    const LABEL =
      "((e) => [e.getAttribute('aria-label'), e.innerText, e.getAttribute('aria-valuetext')].filter(Boolean).join(' '))";

    it("everything on the plan is reached by Tab, and shows where one is", async () => {
      await resize(driver, TABLE);
      await visit(driver, `${server.url}/roast/demo-open-day/plan`);
      await seeText(driver, "Out, expected");
      await driver.executeScript(
        `window.met = [];
         document.addEventListener("focusin", ({ target }) => {
           // A list of tabs hands the focus on at once.
           if (target.role === "tablist") return;
           const shown = target.closest("label") ?? target;
           const outlines = [target, shown].map((each) => getComputedStyle(each).outlineStyle);
           window.met.push({ label: ${LABEL}(target), isShown: outlines.includes("solid") });
         });`,
      );
      await driver
        .actions()
        .sendKeys(...Array.from({ length: 45 }, () => Key.TAB))
        .perform();
      const met = await driver.executeScript<{ label: string; isShown: boolean }[]>("return window.met");
      expect(met.length).toBeGreaterThan(40);
      for (const wanted of [
        "Roasts",
        "Thaw:",
        "Roast:",
        "Moment shown",
        "On the table",
        "Heat",
        "Hot start",
        "220 °C",
      ]) {
        expect(met.some(({ label }) => label.includes(wanted))).toBe(true);
      }
      expect(met.filter(({ isShown }) => !isShown)).toEqual([]);
    });

    it("the oven is turned by arrow keys, and the change is undone by Control and Z", async () => {
      const thumb = await see(driver, '[role="slider"][aria-valuetext="220 °C"]');
      await thumb.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT);
      await see(driver, '[role="slider"][aria-valuetext="222 °C"]');
      await driver
        .findElement(By.css('[aria-valuetext="222 °C"]'))
        .sendKeys(Key.chord(Key.CONTROL, "z"), Key.chord(Key.CONTROL, "z"));
      await see(driver, '[role="slider"][aria-valuetext="220 °C"]');
    });

    it("a step to another page calls the window by it, and puts the focus on its heading", async () => {
      const at = async (): Promise<string> =>
        (
          await driver.executeScript<string>(
            "return [document.activeElement.tagName, document.activeElement.innerText].join(' ')",
          )
        ).replaceAll("\u00a0", " ");
      await visit(driver, `${server.url}/kitchen`);
      for (const [path, title, heading] of [
        ["/roast/demo-open-day/list", "List: Open-day lunch at the harbour light – Bruma", "Open-day lunch"],
        ["/roast/demo-open-day/cook", "Cook: Open-day lunch at the harbour light – Bruma", "Open-day lunch"],
        ["/log", "Log – Bruma", "What came of them"],
        ["/", "Roasts – Bruma", "From how big a bird"],
        ["/handbook", "Handbook – Bruma", "Handbook"],
      ] as const) {
        await visit(driver, server.url + path);
        await driver.wait(async () => (await driver.getTitle()) === title, WAIT_MS, title);
        await driver.wait(async () => (await at()).startsWith(`H1 ${heading}`), WAIT_MS, heading);
      }
      // A page that waits for its bird first is headed anew once that is there.
      await visit(driver, server.url);
      await fill(driver, "Weight as bought", "2.1 kg", Key.ENTER);
      await seeText(driver, "Out, expected");
      await driver.wait(async () => (await at()).startsWith("H1 Whole turkey, 2.1 kg"), WAIT_MS);
    });

    it("a wrong address says so and leads back", async () => {
      await driver.get(`${server.url}/nowhere`);
      await seeText(driver, "There is no such page");
      await (await button(driver, "To the roasts")).sendKeys(Key.ENTER);
      await seeText(driver, "Start a roast");
    });
  });
});

describe("every view of a roast in the oven", () => {
  beforeAll(async () => {
    const at = new Date().toISOString();
    for (const [probe, celsius] of [
      ["left breast", 41],
      ["right breast", 43],
      ["left thigh", 46],
      ["right thigh", 45],
    ] as const) {
      await fetch(`${server.url}/api/readings`, { method: "POST", body: JSON.stringify({ at, probe, celsius }) });
    }
  });

  it.each(IN_PROGRESS)("$path has nothing that is more than minor", looksThrough);
});
